using System.Text.Json;
using System.Text.Json.Nodes;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Days.Asking;

/// <summary>Reads what is asked of a day.</summary>
public static class DayReader
{
    /// <summary>Most pairs of hands.</summary>
    public const int MostPeople = 12;

    /// <summary>Most presses.</summary>
    public const int MostPresses = 8;

    /// <summary>Most cutters.</summary>
    public const int MostCutters = 4;

    /// <summary>Most jobs.</summary>
    public const int MostJobs = 30;

    private const int MostStretches = 60;
    private const int LongestName = 60;
    private const int LongestId = 60;
    private const int MostDays = 100;

    /// <summary>Reads it.</summary>
    /// <param name="json">The text.</param>
    /// <param name="problems">Filled with everything that is wrong.</param>
    /// <returns>Null when anything is wrong.</returns>
    public static DayWish? Read(string json, Problems problems)
    {
        ArgumentNullException.ThrowIfNull(problems);
        try
        {
            using var document = JsonDocument.Parse(json, new JsonDocumentOptions { AllowDuplicateProperties = false, MaxDepth = 64 });
            var root = new JsonCursor(document.RootElement, "", problems);
            if (!root.IsObject())
                return null;
            var node = JsonNode.Parse(json)!.AsObject();
            var from = Time(root["from"], required: true) ?? PlainTime.Earliest;
            var presses = Presses(root["presses"]);
            var wish = new DayWish(from, People(root["people"]), Stretches(root["breaks"]), presses,
                root["cutters"].Whole(0, MostCutters) ?? 1, Jobs(root["jobs"], node, from, [.. presses.Select(p => p.Id)]));
            return problems.None ? wish : null;
        }
        catch (JsonException e)
        {
            problems.Add("", new Phrase("day-reader.broken", ("line", (e.LineNumber ?? 0) + 1)), "not-json");
            return null;
        }
    }

    /// <summary>A time, UTC.</summary>
    private static DateTimeOffset? Time(JsonCursor c, bool required = false)
    {
        if (!c.Exists && !required)
            return null;
        var text = c.Text(longest: 40);
        if (text.Length == 0)
            return null;
        if (PlainTime.TryRead(text, out var at))
            return at;
        c.Fault(new Phrase("day-reader.time", ("place", c.Pointer), ("text", text)), "wrong-type");
        return null;
    }

    /// <summary>How many, or who.</summary>
    private static List<Helper> People(JsonCursor c)
    {
        if (!c.Exists || c.Count == 0)
            return [.. Enumerable.Range(0, c.Exists ? c.Whole(1, MostPeople) ?? 1 : 1).Select(_ => new Helper("", []))];
        if (c.Count > MostPeople)
            c.Fault(new Phrase("day-reader.too-many", ("place", c.Pointer), ("count", c.Count), ("most", MostPeople)), "out-of-range");
        return [.. c.Items.Take(MostPeople).Where(p => p.IsObject())
            .Select(p => new Helper(p["name"].Text("", LongestName), Stretches(p["there"])))];
    }

    private static List<Stretch> Stretches(JsonCursor c)
    {
        if (!c.IsArray(required: false))
            return [];
        if (c.Count > MostStretches)
            c.Fault(new Phrase("day-reader.too-many", ("place", c.Pointer), ("count", c.Count), ("most", MostStretches)), "out-of-range");
        var found = new List<Stretch>();
        foreach (var item in c.Items.Take(MostStretches).Where(i => i.IsObject()))
        {
            if (Time(item["start"], required: true) is not { } start || Time(item["end"], required: true) is not { } end)
                continue;
            if (end > start)
                found.Add(new Stretch(start, end));
            else
                item["end"].Fault(new Phrase("day-reader.end", ("place", item["end"].Pointer)), "out-of-range");
        }

        return found;
    }

    private static List<WishedPress> Presses(JsonCursor c)
    {
        if (!c.IsArray())
            return [];
        if (c.Count is 0 or > MostPresses)
            c.Fault(new Phrase("day-reader.presses", ("place", c.Pointer), ("count", c.Count), ("most", MostPresses)), "out-of-range");
        var found = new List<WishedPress>();
        foreach (var p in c.Items.Take(MostPresses).Where(p => p.IsObject()))
        {
            var id = p["id"].Text(longest: LongestId);
            if (found.Exists(f => f.Id == id))
                p["id"].Fault(new Phrase("day-reader.twice", ("place", p["id"].Pointer), ("id", id)), "duplicate-id");
            found.Add(new WishedPress(id, p["heatSource"].Text(longest: LongestId), p["plateWidthMm"].Number(10, 2000, "mm"),
                p["plateHeightMm"].Number(10, 2000, "mm"), p["celsius"].Number(0, 300, "°C"))
            {
                Name = p["name"].Text("", LongestName),
                BrokenSince = Time(p["brokenSince"]),
                ColdAt = Time(p["coldAt"]),
            });
        }

        return found;
    }

    private static List<WishedJob> Jobs(JsonCursor c, JsonObject node, DateTimeOffset from, IReadOnlyCollection<string> presses)
    {
        if (!c.IsArray())
            return [];
        if (c.Count > MostJobs)
            c.Fault(new Phrase("day-reader.too-many", ("place", c.Pointer), ("count", c.Count), ("most", MostJobs)), "out-of-range");
        var found = new List<WishedJob>();
        for (var i = 0; i < Math.Min(c.Count, MostJobs); i++)
        {
            var item = c[i];
            if (!item.IsObject())
                continue;
            var id = item["id"].Exists ? item["id"].Text("", LongestId) : null;
            Guid? kept = id is not null && Guid.TryParse(id, out var guid) ? guid : null;
            if (id is not null && kept is null)
                item["id"].Fault(new Phrase("day-reader.job-id", ("place", item["id"].Pointer)), "wrong-type");
            if (id is null)
                item["job"].IsObject();
            var due = Time(item["due"]);
            if (due is { } at && at > from.AddDays(MostDays))
                item["due"].Fault(new Phrase("day-reader.due", ("place", item["due"].Pointer), ("days", MostDays)), "out-of-range");
            found.Add(new WishedJob(kept is null ? node["jobs"]?[i]?["job"]?.DeepClone() : null, kept, due,
                item["press"].Exists ? item["press"].Choice(presses, null) : null)
            {
                Again = item["again"].Whole(0, DayWish.MostAgain) ?? 0,
                Dropped = item["dropped"].Flag(false),
            });
        }

        return found;
    }
}
