using System.Text.Json.Nodes;

namespace Juxtherm.Core.Days.Work;

/// <summary>A job file as it is pressed at another press.</summary>
public static class JobAtPress
{
    /// <summary>Makes it. At a press of its own kind the job keeps its underlay and cover; at another it takes what is usual
    /// there.</summary>
    /// <param name="json">The job file.</param>
    /// <param name="heatSource">The press: its kind, or the id of an own one.</param>
    /// <param name="plateWidthMm">Plate width, mm; null for what is usual.</param>
    /// <param name="plateHeightMm">Plate height, mm; null for what is usual.</param>
    /// <param name="own">The own press as it is kept; null for a kind that ships.</param>
    public static string Of(string json, string heatSource, double? plateWidthMm, double? plateHeightMm, JsonNode? own = null)
    {
        var job = JsonNode.Parse(json)!.AsObject();
        if (job["tools"] is not JsonObject tools)
            job["tools"] = tools = [];
        var its = tools["heatSource"] is JsonValue said && said.TryGetValue<string>(out var source) && source == heatSource;
        if (!its)
        {
            tools.Remove("underlay");
            tools.Remove("cover");
        }

        tools["heatSource"] = heatSource;
        Set(tools, "plateWidthMm", plateWidthMm, its);
        Set(tools, "plateHeightMm", plateHeightMm, its);
        if (own is null)
            return job.ToJsonString();
        if (job["own"] is not JsonObject shelf)
            job["own"] = shelf = [];
        if (shelf["presses"] is not JsonArray presses)
            shelf["presses"] = presses = [];
        if (!presses.Any(p => p?["id"]?.GetValue<string>() == heatSource))
            presses.Add(own.DeepClone());
        return job.ToJsonString();
    }

    private static void Set(JsonObject tools, string name, double? mm, bool keeps)
    {
        if (mm is not null)
            tools[name] = mm;
        else if (!keeps)
            tools.Remove(name);
    }
}
