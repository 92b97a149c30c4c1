using System.Net;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

/// <summary>A crew at the bench, through the service.</summary>
public abstract class BenchApi(bool ownFonts = false) : Api(ownFonts)
{
    protected static JsonObject Named(params string[] names)
    {
        var job = Tee("Crew names", names.Length);
        job["layers"]![0]!["word"] = new JsonObject { ["text"] = "Name", ["heightMm"] = 30, ["fromNames"] = true };
        job["names"] = new JsonArray([.. names.Select(n => (JsonNode)new JsonObject { ["name"] = n })]);
        return job;
    }

    protected static JsonNode Station(JsonNode run, int station = 1) => run["stations"]![station - 1]!;

    protected static JsonNode? Focus(JsonNode run, int station = 1) => Station(run, station)["focus"];

    protected static string Kind(JsonNode run, int station = 1) => (string)Focus(run, station)!["step"]!["kind"]!;

    protected static string Stage(JsonNode run, int station = 1) => (string)Focus(run, station)!["step"]!["stage"]!;

    protected static JsonObject Command(JsonNode run, string action, int station = 1, Action<JsonObject>? with = null)
    {
        var focus = Focus(run, station);
        var command = new JsonObject
        {
            ["commandId"] = Guid.NewGuid().ToString(),
            ["station"] = station,
            ["piece"] = (int?)focus?["piece"]
            ?? 0,
            ["move"] = (int?)focus?["move"],
            ["action"] = action
        };
        with?.Invoke(command);
        return command;
    }

    protected static string Actions(JsonNode run) => $"/api/runs/{run["id"]}/actions";

    protected Task<JsonNode> Say(JsonNode run, string action, int station = 1, Action<JsonObject>? with = null) =>
        Post(Actions(run), Command(run, action, station, with));

    protected async Task<string> Refused(JsonNode run, string action, int station = 1, Action<JsonObject>? with = null)
    {
        var (status, problem) = await Send(HttpMethod.Post, Actions(run), Command(run, action, station, with));
        Assert.Equal(HttpStatusCode.Conflict, status);
        return (string)problem!["code"]!;
    }

    protected Task<JsonNode> Look(JsonNode run) => Get($"/api/runs/{run["id"]}");

    protected async Task<JsonNode> Prepare(JsonNode run, int station = 1)
    {
        foreach (var check in Station(run, station)["checks"]!.AsArray().ToList())
            run = await Say(run, "check", station, c => c["item"] = (string)check!["id"]!);
        return run;
    }

    protected async Task<JsonNode> Begin(JsonObject? job = null) => await Prepare(await Post($"/api/jobs/{await AddJob(job)}/runs"));

    /// <summary>One step as it should be.</summary>
    protected async Task<JsonNode> Go(JsonNode run, int station = 1)
    {
        var focus = Focus(run, station) ?? throw new InvalidOperationException("Nothing is at this press.");
        if (focus["dueUtc"] is null)
            return await Say(run, "done", station);
        var left = DateTimeOffset.Parse((string)focus["dueUtc"]!, System.Globalization.CultureInfo.InvariantCulture) - Clock.GetUtcNow();
        Clock.Advance(Math.Max(0, left.TotalSeconds));
        return await Look(run);
    }

    /// <summary>Goes on until what is before a press is like that.</summary>
    protected async Task<JsonNode> Until(JsonNode run, string kind, int station = 1)
    {
        while (Kind(run, station) != kind)
            run = await Go(run, station);
        return run;
    }

    /// <summary>To the press that bonds, past the preheat.</summary>
    protected async Task<JsonNode> ToTheBond(JsonNode run, int station = 1)
    {
        while (Kind(run, station) != "hold"
            || (int?)Focus(run, station)!["step"]!["pressOrder"] != (int)Station(run, station)["press"]!["order"]!)
            run = await Go(run, station);
        return run;
    }

    protected async Task<JsonNode> ToItsEnd(JsonNode run)
    {
        while ((string)run["status"]! == "running")
            run = await Go(run);
        return run;
    }

    protected static JsonArray Words(params string[] words) => new([.. words.Select(w => (JsonNode)w)]);
}
