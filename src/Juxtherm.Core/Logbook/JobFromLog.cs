using System.Text.Json.Nodes;
using Juxtherm.Core.Catalogue.Own;
using Juxtherm.Core.Jobs;

namespace Juxtherm.Core.Logbook;

/// <summary>Makes job files out of what the logbook remembers.</summary>
public static class JobFromLog
{
    private const int LongestTitle = 110;

    /// <summary>The job of an entry with the setting as it was used, for one piece.</summary>
    /// <param name="entry">The entry.</param>
    /// <param name="jobJson">The job that its run froze; null when that is not known any more.</param>
    /// <param name="own">What is on the shelf, as a job file carries it.</param>
    public static (string Json, string Title) AsUsed(LogEntry entry, string? jobJson, JsonObject own)
    {
        ArgumentNullException.ThrowIfNull(entry);
        var job = Base(entry, jobJson, own);
        var title = Shortened(entry.Title, "as used");
        job["title"] = title;
        job["quantity"] = 1;
        var name = NameOf(job, entry);
        foreach (var many in new[] { "names", "sizes", "patches", "due" })
            job.Remove(many);
        if (name is not null)
            job["names"] = new JsonArray(name);
        job["used"] = Used(entry);
        return (job.ToJsonString(), title);
    }

    /// <summary>The whole order once more, with its names and sizes, pressed as this piece of it was where that came out well; otherwise
    /// its setting is found anew.</summary>
    /// <param name="entry">Any entry of it.</param>
    /// <param name="jobJson">The job that its run froze; null when that is not known any more.</param>
    /// <param name="own">What is on the shelf, as a job file carries it.</param>
    public static (string Json, string Title) Again(LogEntry entry, string? jobJson, JsonObject own)
    {
        ArgumentNullException.ThrowIfNull(entry);
        var job = Base(entry, jobJson, own);
        var title = Shortened(entry.Title, "again");
        job["title"] = title;
        job.Remove("used");
        job.Remove("due");
        if (entry.CameOutWell)
            job["used"] = Used(entry);
        return (job.ToJsonString(), title);
    }

    /// <summary>The setting as it was used: of layers that of the last press, the tacks being the plan's.</summary>
    private static JsonObject Used(LogEntry entry) => new()
    {
        ["celsius"] = entry.Pressed.Celsius,
        ["seconds"] = Math.Max(1, Math.Round(entry.Pressed.Seconds)),
        ["pressure"] = LogFile.Word(entry.Pressed.Pressure),
        ["backSeconds"] = Math.Round(entry.BackSeconds),
        ["from"] = $"{entry.At:d MMMM yyyy}",
    };

    /// <summary>A job of such a piece: kind of item, vinyl and press, and no more than the logbook knows.</summary>
    /// <param name="entry">The entry.</param>
    /// <param name="own">What is on the shelf, as a job file carries it.</param>
    public static JsonObject Plain(LogEntry entry, JsonObject own)
    {
        ArgumentNullException.ThrowIfNull(entry);
        ArgumentNullException.ThrowIfNull(own);
        var vinyls = entry.Item.Vinyl.Split(',');
        return new JsonObject
        {
            ["format"] = JobReader.Format,
            ["version"] = JobReader.Version,
            ["title"] = entry.Title,
            ["quantity"] = Math.Clamp(entry.Pieces, 1, JobReader.MostPieces),
            ["own"] = OwnEntries.Brought(own, vinyls, entry.Item.Material, entry.Under.HeatSource),
            ["blank"] = new JsonObject { ["form"] = entry.Item.Form, ["material"] = entry.Item.Material },
            ["tools"] = new JsonObject
            {
                ["heatSource"] = entry.Under.HeatSource,
                ["cover"] = entry.Under.Cover,
                ["underlay"] = entry.Under.Underlay
            },
            ["layers"] = new JsonArray([.. vinyls.Select((v, i) => (JsonNode)new JsonObject { ["id"] = $"layer-{i + 1}", ["vinyl"] = v })]),
        };
    }

    /// <summary>The name that the piece carries, as the run's list has it; null where it carries none.</summary>
    private static JsonObject? NameOf(JsonObject job, LogEntry entry)
    {
        if (entry.Name.Length == 0)
            return null;
        var listed = job["names"]?.AsArray().FirstOrDefault(n => (string?)n?["name"] == entry.Name)?.DeepClone().AsObject()
            ?? new JsonObject { ["name"] = entry.Name };
        listed.Remove("count");
        return listed;
    }

    private static JsonObject Base(LogEntry entry, string? jobJson, JsonObject own) =>
        jobJson is null ? Plain(entry, own) : JsonNode.Parse(jobJson)!.AsObject();

    private static string Shortened(string title, string what) =>
        title.Length == 0 ? $"Untitled, {what}" : $"{(title.Length > LongestTitle ? title[..LongestTitle] : title)}, {what}";
}
