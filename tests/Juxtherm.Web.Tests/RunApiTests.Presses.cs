using System.Net;
using System.Text.Json.Nodes;
using Juxtherm.App.Bench;

namespace Juxtherm.Web.Tests;

public sealed partial class RunApiTests
{
    [Fact]
    public async Task Two_hands_at_once_move_it_one_step()
    {
        var run = await Begin();
        var answers = await Task.WhenAll(Enumerable.Range(0, 6).Select(_ => Send(HttpMethod.Post, Actions(run), Command(run, "done"))));
        Assert.Single(answers, a => a.Status == HttpStatusCode.OK);
        Assert.All(answers.Where(a => a.Status != HttpStatusCode.OK), a => Assert.Equal("out-of-step", (string)a.Json!["code"]!));
        Assert.Equal((int)Focus(run)!["move"]! + 1, (int)Focus(await Look(run))!["move"]!);
    }

    [Fact]
    public async Task Two_presses_at_once_do_not_get_in_each_others_way()
    {
        var run = await Begin(Named("Ada", "Bo", "Cy"));
        run = await Post($"/api/runs/{run["id"]}/stations",
            new JsonObject { ["commandId"] = Guid.NewGuid().ToString(), ["name"] = "By the window", ["heatSource"] = "handheld-press" });
        Assert.Equal(("By the window", "Handheld press"), ((string)Station(run, 2)["name"]!, (string)Station(run, 2)["heatSource"]!));
        // Another kind of press, another plan.
        Assert.NotEqual((double)Station(run)["press"]!["seconds"]!, (double)Station(run, 2)["press"]!["seconds"]!);
        Assert.Null(Focus(run, 2));
        run = await Prepare(run, 2);
        Assert.Equal((1, 2), ((int)Focus(run, 1)!["piece"]!, (int)Focus(run, 2)!["piece"]!));
        var answers = await Task.WhenAll(Send(HttpMethod.Post, Actions(run), Command(run, "done", 1)),
            Send(HttpMethod.Post, Actions(run), Command(run, "done", 2)));
        Assert.All(answers, a => Assert.Equal(HttpStatusCode.OK, a.Status));
        Assert.NotEmpty((await Get($"/api/runs/{run["id"]}/trace?station=2"))["phases"]!.AsArray());
        run = await Look(run);
        while ((string)run["status"]! == "running")
            run = await Go(run, Focus(run, 1) is null ? 2 : Focus(run, 2) is null ? 1 : 1 + (int)run["sequence"]! % 2);
        var entries = (await Get("/api/log"))["entries"]!.AsArray();
        Assert.Equal(["Ada", "Bo", "Cy"], entries.Select(e => (string)e!["name"]!).Order(StringComparer.Ordinal));
        Assert.Contains(entries, e => (string)e!["heatSource"]! == "Handheld press");
    }

    [Fact]
    public async Task A_press_that_cannot_do_the_job_does_not_join()
    {
        var run = await Begin();
        var (status, problem) = await Send(HttpMethod.Post, $"/api/runs/{run["id"]}/stations",
            new JsonObject { ["commandId"] = Guid.NewGuid().ToString(), ["heatSource"] = "mug-press" });
        Assert.Equal((HttpStatusCode.Conflict, "stop"), (status, (string)problem!["code"]!));
        Assert.Single((await Look(run))["stations"]!.AsArray());
        Assert.Equal("not-here", await Refused(run, "join"));
    }

    [Fact]
    public async Task A_clock_that_is_set_back_leaves_no_time_below_zero_on_record()
    {
        var run = await Until(await Begin(Tee("Set back", 2)), "hold");
        Clock.Advance(-3600);
        run = await Say(run, "opened-early");
        Assert.All(run["pieces"]!.AsArray(), p => Assert.True((double?)p!["lastHoldSeconds"] is null or >= 0, p!.ToJsonString()));
    }

    [Fact]
    public void A_steady_clock_is_moved_by_nobody_until_nothing_is_timed()
    {
        var wall = new Juxtherm.Testing.TestClock();
        var clock = new SteadyClock(wall);
        var begin = clock.GetUtcNow();
        wall.Advance(-3600);
        Assert.InRange((clock.GetUtcNow() - begin).TotalSeconds, 0, 60);
        wall.Advance(7200);
        Assert.InRange((clock.GetUtcNow() - begin).TotalSeconds, 0, 60);
        clock.FollowTheWall();
        Assert.InRange((clock.GetUtcNow() - begin).TotalSeconds, 3599, 3660);
        clock.GoOnFrom(begin.AddDays(1));
        Assert.InRange((clock.GetUtcNow() - begin).TotalDays, 0.999, 1.001);
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
    public async Task What_does_not_exist_is_not_found()
    {
        var nowhere = Guid.NewGuid();
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Get, $"/api/runs/{nowhere}")).Status);
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Get, $"/api/runs/{nowhere}/trace")).Status);
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Post, $"/api/jobs/{nowhere}/runs")).Status);
        var (status, _) = await Send(HttpMethod.Post, $"/api/runs/{nowhere}/actions",
            new JsonObject { ["commandId"] = Guid.NewGuid().ToString(), ["station"] = 1, ["piece"] = 0, ["action"] = "done" });
        Assert.Equal(HttpStatusCode.NotFound, status);
    }

    [Fact]
    public async Task An_unknown_action_is_refused()
    {
        var run = await Begin();
        var (status, problem) = await Send(HttpMethod.Post, Actions(run), Command(run, "dance"));
        Assert.Equal(HttpStatusCode.BadRequest, status);
        Assert.Contains("action", (string)problem!["detail"]!, StringComparison.Ordinal);
        Assert.Equal((int)run["sequence"]!, (int)(await Look(run))["sequence"]!);
    }
}
