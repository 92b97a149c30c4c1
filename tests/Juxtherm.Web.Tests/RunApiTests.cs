using System.Net;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

public sealed class RunApiTests : Api
{
    private static JsonObject Command(JsonNode run, string action, string[]? outcomes = null, string? note = null, string? id = null) => new()
    {
        ["commandId"] = id ?? Guid.NewGuid().ToString(),
        ["sequence"] = (int)run["sequence"]!,
        ["step"] = (int?)run["step"]?["index"] ?? 0,
        ["action"] = action,
        ["outcomes"] = outcomes is null ? null : new JsonArray([.. outcomes.Select(o => (JsonNode)o)]),
        ["note"] = note,
    };

    private Task<JsonNode> Say(JsonNode run, string action, string[]? outcomes = null, string? note = null) => Post($"/api/runs/{run["id"]}/actions", Command(run, action, outcomes, note));

    private static string Kind(JsonNode run) => (string)run["step"]!["kind"]!;

    /// <summary>Goes on until the step is of that kind.</summary>
    private async Task<JsonNode> Until(JsonNode run, string kind)
    {
        while (Kind(run) != kind)
        {
            if (run["dueUtc"] is null)
            {
                run = await Say(run, "done");
                continue;
            }

            Clock.Advance((double)run["step"]!["seconds"]!);
            run = await Get($"/api/runs/{run["id"]}");
        }

        return run;
    }

    private async Task<JsonNode> Begin(JsonObject? job = null) => await Post($"/api/jobs/{await AddJob(job)}/runs");

    [Fact]
    public async Task A_run_of_several_layers_holds_each_press_and_names_all_vinyls()
    {
        var job = Tee();
        job["layers"] = JsonNode.Parse("""
            [ { "id": "tarn", "vinyl": "smooth", "widthMm": 240, "heightMm": 170, "xMm": 95, "yMm": 135 },
              { "id": "moon", "vinyl": "smooth", "widthMm": 70, "heightMm": 70, "xMm": 130, "yMm": 155 },
              { "id": "star", "vinyl": "glow", "widthMm": 20, "heightMm": 20, "xMm": 150, "yMm": 170 } ]
            """);
        var plan = await Post("/api/plans/preview", job);
        var run = await Begin(job);
        var holds = 0;
        while ((string)run["status"]! == "running" && Kind(run) != "inspect")
        {
            if (run["dueUtc"] is null)
            {
                run = await Say(run, "done");
                continue;
            }

            holds += Kind(run) == "hold" ? 1 : 0;
            Clock.Advance((double)run["step"]!["seconds"]!);
            run = await Get($"/api/runs/{run["id"]}");
        }

        Assert.Equal(plan["presses"]!.AsArray().Count, holds);
        await Say(run, "done");
        var entry = (await Get("/api/log"))["entries"]![0]!;
        Assert.Equal("Tee, cotton · smooth, glow vinyl", (string)entry["what"]!);
        var last = plan["presses"]!.AsArray()[^1]!;
        Assert.Equal((double)last["seconds"]!, (double)entry["pressedSeconds"]!);
        Assert.Equal(last["predicted"]!["bond"]!.AsObject().Min(b => (double)b.Value!), (double)entry["predictedBond"]!);
    }

    [Fact]
    public async Task An_own_press_stands_in_the_logbook_by_its_name_also_when_it_left_the_shelf()
    {
        var made = await Post("/api/shelf/press", new JsonObject { ["name"] = "Press in the hut", ["kind"] = "swing-platen" });
        var job = Tee();
        job["own"] = new JsonObject { ["presses"] = new JsonArray(made["entry"]!.DeepClone()) };
        job["tools"]!["heatSource"] = (string)made["id"]!;
        await Say(await Until(await Begin(job), "inspect"), "done");
        await Ok(HttpMethod.Delete, $"/api/shelf/{(string)made["id"]!}");
        Assert.Equal("Press in the hut", (string)(await Get("/api/log"))["entries"]![0]!["heatSource"]!);
    }

    [Fact]
    public async Task A_test_patch_comes_once_before_the_first_piece()
    {
        var job = Tee(quantity: 3);
        job["choices"] = new JsonObject { ["firstTry"] = "patch" };
        var run = await Begin(job);
        var texts = new List<string>();
        while (Kind(run) == "do" && (int)run["step"]!["piece"]! == 0)
        {
            texts.Add((string)run["step"]!["text"]!);
            run = await Say(run, "done");
        }

        Assert.Single(texts, t => t.StartsWith("Test patch", StringComparison.Ordinal));
        Assert.Equal(1, (int)run["step"]!["piece"]!);
    }

    [Fact]
    public async Task A_run_goes_to_its_end_and_stands_in_the_logbook()
    {
        var run = await Until(await Begin(Tee(quantity: 2)), "inspect");
        run = await Say(run, "done");
        run = await Until(run, "inspect");
        run = await Say(run, "record", ["wrinkled", "marked"], "Held too long.");
        Assert.Equal("finished", (string)run["status"]!);

        var log = await Get("/api/log");
        Assert.Equal(2, (int)log["total"]!);
        var newest = log["entries"]![0]!;
        Assert.Equal((2, "Held too long.", 151.7, "Swing-away press"), ((int)newest["piece"]!, (string)newest["note"]!, (double)newest["celsius"]!, (string)newest["heatSource"]!));
        Assert.Equal(["wrinkled", "marked"], newest["outcomes"]!.AsArray().Select(o => (string)o!));
        Assert.Equal((double)newest["plannedSeconds"]!, (double)newest["pressedSeconds"]!);
        Assert.Equal(["stuck"], log["entries"]![1]!["outcomes"]!.AsArray().Select(o => (string)o!));
    }

    [Fact]
    public async Task Holds_end_by_the_servers_clock()
    {
        var run = await Until(await Begin(), "hold");
        Clock.Advance((double)run["step"]!["seconds"]! - 0.1);
        Assert.Equal("hold", Kind(await Get($"/api/runs/{run["id"]}")));
        Clock.Advance(0.2);
        Assert.NotEqual("hold", Kind(await Get($"/api/runs/{run["id"]}")));
    }

    [Fact]
    public async Task A_run_goes_on_after_a_restart_its_timers_right()
    {
        var run = await Until(await Begin(), "hold");
        Clock.Advance(2);
        Stop();
        Clock.Advance(1);
        Start();
        var again = await Get($"/api/runs/{run["id"]}");
        Assert.Equal((string)run["dueUtc"]!, (string)again["dueUtc"]!);
        Assert.Equal((int)run["sequence"]!, (int)again["sequence"]!);
        Assert.Equal((string)run["id"]!, (string)Assert.Single((await Get("/api/runs")).AsArray())!["id"]!);
    }

    [Fact]
    public async Task A_double_tap_counts_once()
    {
        var run = await Begin();
        var command = Command(run, "done");
        var first = await Post($"/api/runs/{run["id"]}/actions", command.DeepClone());
        var second = await Post($"/api/runs/{run["id"]}/actions", command);
        Assert.Equal((int)first["step"]!["index"]!, (int)second["step"]!["index"]!);
        Assert.Equal(1, (int)second["sequence"]!);
    }

    [Fact]
    public async Task Two_hands_at_once_move_it_one_step()
    {
        var run = await Begin();
        var answers = await Task.WhenAll(Enumerable.Range(0, 6).Select(_ => Send(HttpMethod.Post, $"/api/runs/{run["id"]}/actions", Command(run, "done"))));
        Assert.Single(answers, a => a.Status == HttpStatusCode.OK);
        Assert.All(answers.Where(a => a.Status != HttpStatusCode.OK), a => Assert.Equal("out-of-step", (string)a.Json!["code"]!));
        Assert.Equal(1, (int)(await Get($"/api/runs/{run["id"]}"))["step"]!["index"]!);
    }

    [Fact]
    public async Task Done_during_a_hold_is_refused_and_says_why()
    {
        var run = await Until(await Begin(), "hold");
        var (status, problem) = await Send(HttpMethod.Post, $"/api/runs/{run["id"]}/actions", Command(run, "done"));
        Assert.Equal((HttpStatusCode.Conflict, "hold-not-over"), (status, (string)problem!["code"]!));
        Clock.Advance(2);
        Assert.Equal(2, (double)(await Say(run, "opened-early"))["holds"]![0]!["seconds"]!);
    }

    [Fact]
    public async Task A_plan_with_a_stop_does_not_get_to_the_bench()
    {
        var job = Tee();
        job["layers"]![0]!["mirrored"] = false;
        var (status, problem) = await Send(HttpMethod.Post, $"/api/jobs/{await AddJob(job)}/runs");
        Assert.Equal((HttpStatusCode.Conflict, "stop"), (status, (string)problem!["code"]!));
        Assert.Empty((await Get("/api/runs")).AsArray());
    }

    [Fact]
    public async Task A_run_keeps_its_plan_when_the_job_changes_and_its_log_when_the_job_goes()
    {
        var id = await AddJob();
        var run = await Post($"/api/jobs/{id}/runs");
        var glitter = Tee("Glitter now");
        glitter["layers"]![0]!["vinyl"] = "glitter";
        await Ok(HttpMethod.Put, $"/api/jobs/{id}", new JsonObject { ["version"] = 1, ["job"] = glitter });
        await Ok(HttpMethod.Delete, $"/api/jobs/{id}");

        var frozen = await Get($"/api/runs/{run["id"]}");
        Assert.Equal(("Tarn tee", (double)run["press"]!["celsius"]!), ((string)frozen["title"]!, (double)frozen["press"]!["celsius"]!));
        await Say(await Until(frozen, "inspect"), "done");
        Assert.Equal(1, (int)(await Get("/api/log"))["total"]!);
        Assert.NotEmpty((await Get($"/api/runs/{run["id"]}/trace"))["phases"]!.AsArray());
    }

    [Fact]
    public async Task What_does_not_exist_is_not_found()
    {
        var nowhere = Guid.NewGuid();
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Get, $"/api/runs/{nowhere}")).Status);
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Get, $"/api/runs/{nowhere}/trace")).Status);
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Post, $"/api/jobs/{nowhere}/runs")).Status);
        var (status, _) = await Send(HttpMethod.Post, $"/api/runs/{nowhere}/actions", new JsonObject { ["commandId"] = Guid.NewGuid().ToString(), ["sequence"] = 0, ["step"] = 0, ["action"] = "done", ["outcomes"] = null, ["note"] = null });
        Assert.Equal(HttpStatusCode.NotFound, status);
    }

    [Fact]
    public async Task An_unknown_action_is_refused()
    {
        var run = await Begin();
        var (status, problem) = await Send(HttpMethod.Post, $"/api/runs/{run["id"]}/actions", Command(run, "dance"));
        Assert.Equal(HttpStatusCode.BadRequest, status);
        Assert.Contains("action", (string)problem!["detail"]!, StringComparison.Ordinal);
        Assert.Equal(0, (int)(await Get($"/api/runs/{run["id"]}"))["sequence"]!);
    }
}
