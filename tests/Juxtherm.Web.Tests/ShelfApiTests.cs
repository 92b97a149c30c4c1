using System.Net;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

/// <summary>The shelf over a real database file.</summary>
public sealed class ShelfApiTests : Api
{
    private static JsonObject Reel(double celsius = 160) =>
        new() { ["name"] = "Third reel", ["family"] = "smooth", ["celsius"] = celsius, ["seconds"] = 10 };

    [Fact]
    public async Task What_is_put_on_the_shelf_is_there_after_a_restart_and_can_be_chosen()
    {
        var made = await Post("/api/shelf/vinyl", Reel());
        var id = (string)made["id"]!;
        Assert.StartsWith("own-vinyl-", id, StringComparison.Ordinal);
        Stop();
        Start();
        Assert.Equal("Third reel", (string)(await Get("/api/shelf"))[0]!["name"]!);
        var choice = (await Get("/api/catalogue"))["vinyls"]!.AsArray().Single(v => (string)v!["id"]! == id)!;
        Assert.Equal(160, (double)choice["chartCelsius"]!["low"]!);

        // What the choice carries is what a job file needs.
        var job = Tee();
        job["own"] = new JsonObject { ["vinyls"] = new JsonArray(choice["own"]!.DeepClone()) };
        job["layers"]![0]!["vinyl"] = id;
        Assert.InRange((double)(await Post("/api/plans/preview", job))["presses"]![1]!["celsius"]!, 156, 164);
    }

    [Fact]
    public async Task A_change_counts_its_version_and_an_old_one_is_refused()
    {
        var made = await Post("/api/shelf/vinyl", Reel());
        var path = $"/api/shelf/{(string)made["id"]!}";
        var entry = made["entry"]!.DeepClone().AsObject();
        entry["seconds"] = 14;
        var saved = await Ok(HttpMethod.Put, path, new JsonObject { ["version"] = 1, ["entry"] = entry.DeepClone() });
        Assert.Equal((2, 14), ((int)saved["version"]!, (int)saved["entry"]!["seconds"]!));
        var (status, problem) = await Send(HttpMethod.Put, path, new JsonObject { ["version"] = 1, ["entry"] = entry.DeepClone() });
        Assert.Equal(HttpStatusCode.Conflict, status);
        Assert.Equal("stale", (string)problem!["code"]!);
        // Undo is saving what it was.
        await Ok(HttpMethod.Put, path, new JsonObject { ["version"] = 2, ["entry"] = made["entry"]!.DeepClone() });
        Assert.Equal(10, (int)(await Get("/api/shelf"))[0]!["entry"]!["seconds"]!);
    }

    [Fact]
    public async Task What_is_taken_off_can_be_put_back_and_jobs_that_use_it_go_on()
    {
        var made = await Post("/api/shelf/press", new JsonObject { ["name"] = "Hut", ["kind"] = "swing-platen", ["dialUnit"] = "C" });
        var id = (string)made["id"]!;
        var job = Tee();
        job["own"] = new JsonObject { ["presses"] = new JsonArray(made["entry"]!.DeepClone()) };
        job["tools"]!["heatSource"] = id;
        var kept = await AddJob(job);
        await Ok(HttpMethod.Delete, $"/api/shelf/{id}");
        Assert.Empty((await Get("/api/shelf")).AsArray());
        Assert.Equal("C",
            (string)(await Post("/api/plans/preview",
                (await Get($"/api/jobs/{kept}"))["job"]!.DeepClone()))["presses"]![1]!["dial"]!["unit"]!);
        // Its id stays its own.
        var again = made["entry"]!.DeepClone();
        var (taken, problem) = await Send(HttpMethod.Post, "/api/shelf/press", again);
        Assert.Equal((HttpStatusCode.BadRequest, "#/id"), (taken, (string)problem!["errors"]![0]!["pointer"]!));
        // What a job brings along can still be shown by its name.
        var brought = await Post("/api/catalogue", job["own"]!.DeepClone());
        Assert.Contains(brought["heatSources"]!.AsArray(), h => (string)h!["name"]! == "Hut");
        await Post($"/api/shelf/{id}/restore");
        Assert.Single((await Get("/api/shelf")).AsArray());
        // Asked again after a lost answer it is as it was asked to be.
        await Post($"/api/shelf/{id}/restore");
        Assert.Single((await Get("/api/shelf")).AsArray());
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Post, "/api/shelf/own-press-none/restore")).Status);
    }

    [Theory]
    [InlineData("vinyl", """{ "name": "x", "family": "smoth" }""", "#/family")]
    [InlineData("vinyl", """{ "name": "x", "family": "smooth", "seconds": -3 }""", "#/seconds")]
    [InlineData("blank", """{ "name": "x", "fibres": [ { "material": "cotton", "percent": 70 } ] }""", "#/fibres")]
    [InlineData("press", """{ "name": "", "kind": "swing-platen" }""", "#/name")]
    [InlineData("press", "[]", "#")]
    [InlineData("spoon", "{}", "#")]
    public async Task Bad_input_names_the_field_and_nothing_is_kept(string kind, string json, string pointer)
    {
        var (status, problem) = await Send(HttpMethod.Post, $"/api/shelf/{kind}", JsonNode.Parse(json));
        Assert.Equal(HttpStatusCode.BadRequest, status);
        Assert.Contains(problem!["errors"]!.AsArray(), e => (string)e!["pointer"]! == pointer);
        Assert.Empty((await Get("/api/shelf")).AsArray());
    }

    [Fact]
    public async Task A_run_goes_on_with_the_press_it_was_begun_with()
    {
        var made = await Post("/api/shelf/press", new JsonObject { ["name"] = "Hut", ["kind"] = "swing-platen", ["dialUnit"] = "C" });
        var job = Tee();
        job["own"] = new JsonObject { ["presses"] = new JsonArray(made["entry"]!.DeepClone()) };
        job["tools"]!["heatSource"] = (string)made["id"]!;
        var run = await Post($"/api/jobs/{await AddJob(job)}/runs");
        await Ok(HttpMethod.Delete, $"/api/shelf/{(string)made["id"]!}");
        Stop();
        Start();
        Assert.Equal("running", (string)(await Get($"/api/runs/{(string)run["id"]!}"))["status"]!);
    }
}
