using System.Text.Json.Nodes;

namespace Juxtherm.Core.Days.Work;

/// <summary>A job file as it is pressed at another press.</summary>
public static class JobAtPress
{
    /// <summary>Makes it. At a press of its own kind the job keeps its underlay and cover; at another it takes what is usual
    /// there.</summary>
    /// <param name="json">The job file.</param>
    /// <param name="press">The press.</param>
    public static string Of(string json, DayPress press)
    {
        ArgumentNullException.ThrowIfNull(press);
        var job = JsonNode.Parse(json)!.AsObject();
        if (job["tools"] is not JsonObject tools)
            job["tools"] = tools = [];
        if (tools["heatSource"] is not JsonValue said || !said.TryGetValue<string>(out var source) || source != press.Source.Id)
        {
            tools.Remove("underlay");
            tools.Remove("cover");
        }

        tools["heatSource"] = press.Source.Id;
        tools["plateWidthMm"] = press.PlateWidthMm;
        tools["plateHeightMm"] = press.PlateHeightMm;
        return job.ToJsonString();
    }
}
