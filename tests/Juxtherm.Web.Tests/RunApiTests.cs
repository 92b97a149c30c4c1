using System.Net;
using System.Text.Json.Nodes;
using Juxtherm.App.Bench;

namespace Juxtherm.Web.Tests;

public sealed class RunApiTests : BenchApi
{
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
        while (Kind(run) != "inspect")
        {
            holds += Kind(run) == "hold" ? 1 : 0;
            run = await Go(run);
        }

        Assert.Equal(plan["presses"]!.AsArray().Count, holds);
        await Say(run, "done");
        var entry = (await Get("/api/log"))["entries"]![0]!;
        Assert.Equal("Tee, cotton · smooth, glow vinyl", (string)entry["what"]!);
        var last = plan["presses"]!.AsArray()[^1]!;
        Assert.Equal((double)last["seconds"]!, (double)entry["pressedSeconds"]!);
        Assert.Equal(last["predicted"]!["bond"]!.AsObject().Min(b => (double)b.Value!), (double)entry["predictedBond"]!);
    }

    [Theory]
    [InlineData(true)]
    [InlineData(false)]
    public async Task A_run_stands_where_it_stood_by_what_is_kept_of_it(bool facts)
    {
        var run = await Begin();
        for (var i = 0; i < 4; i++)
            run = await Go(run);
        var (kind, id) = (Kind(run), (string)run["id"]!);
        Stop();
        using (var db = new Microsoft.Data.Sqlite.SqliteConnection($"Data Source={Path.Combine(Folder, "workshop.db")};Pooling=False"))
        {
            db.Open();
            using var change = db.CreateCommand();
            // Kept by a version that knew other rules: what was said is not asked again. Kept before there were facts: it is.
            change.CommandText = facts
                ? "UPDATE RunEvents SET EventJson = json_set(EventJson, '$.action', 'end-run') WHERE Sequence > 1"
                : "UPDATE RunEvents SET FactJson = ''";
            Assert.NotEqual(0, change.ExecuteNonQuery());
        }

        Start();
        var again = await Get($"/api/runs/{id}");
        Assert.True((string)again["status"]! == "running" && again["stations"]![0]!["focus"] is not null, again.ToJsonString());
        Assert.Equal(kind, Kind(again));
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
        Assert.Single(Station(run)["checks"]!.AsArray(), c => ((string)c!["text"]!).StartsWith("Test patch", StringComparison.Ordinal));
        Assert.Equal(1, (int)Focus(run)!["piece"]!);
    }

    [Fact]
    public async Task A_run_goes_to_its_end_and_stands_in_the_logbook()
    {
        var run = await Until(await Begin(Tee(quantity: 2)), "inspect");
        run = await Say(run, "done");
        run = await Until(run, "inspect");
        run = await Say(run, "record", with: c => (c["outcomes"], c["note"]) = (Words("wrinkled", "marked"), "Held too long."));
        Assert.Equal("finished", (string)run["status"]!);

        var log = await Get("/api/log");
        Assert.Equal(2, (int)log["total"]!);
        var newest = log["entries"]![0]!;
        Assert.Equal((2, "Held too long.", 151.7, "Swing-away press"),
            ((int)newest["piece"]!, (string)newest["note"]!, (double)newest["celsius"]!, (string)newest["heatSource"]!));
        Assert.Equal(["wrinkled", "marked"], newest["outcomes"]!.AsArray().Select(o => (string)o!));
        Assert.Equal((double)newest["plannedSeconds"]!, (double)newest["pressedSeconds"]!);
        Assert.Equal(["stuck"], log["entries"]![1]!["outcomes"]!.AsArray().Select(o => (string)o!));
    }

    [Fact]
    public async Task Holds_end_by_the_servers_clock()
    {
        var run = await Until(await Begin(), "hold");
        Clock.Advance((double)Focus(run)!["step"]!["seconds"]! - 0.1);
        Assert.Equal("hold", Kind(await Look(run)));
        Clock.Advance(0.2);
        Assert.NotEqual("hold", Kind(await Look(run)));
    }

    [Fact]
    public async Task A_run_goes_on_after_a_restart_its_timers_right()
    {
        var run = await Until(await Begin(), "hold");
        Clock.Advance(2);
        Stop();
        Clock.Advance(1);
        Start();
        var again = await Look(run);
        Assert.Equal((string)Focus(run)!["dueUtc"]!, (string)Focus(again)!["dueUtc"]!);
        Assert.Equal((int)Focus(run)!["move"]!, (int)Focus(again)!["move"]!);
        Assert.Equal((string)run["id"]!, (string)Assert.Single((await Get("/api/runs")).AsArray())!["id"]!);
    }

    [Fact]
    public async Task A_plate_whose_time_was_over_while_the_service_was_away_is_asked_about()
    {
        var run = await ToTheBond(await Begin());
        Clock.Advance(2);
        Stop();
        Clock.Advance(60);
        Start();
        var again = await Look(run);
        Assert.True((bool)Focus(again)!["asking"]!);
        Assert.Equal("say-when-opened", await Refused(again, "done"));
        again = await Say(again, "hold-was", with: c => c["seconds"] = 31);
        Assert.False((bool)Focus(again)!["asking"]!);
        await Say(await Until(again, "inspect"), "done");
        Assert.Equal(31, (double)(await Get("/api/log"))["entries"]![0]!["pressedSeconds"]!);
    }

    [Fact]
    public async Task A_double_tap_counts_once()
    {
        var run = await Begin();
        var command = Command(run, "done");
        var first = await Post(Actions(run), command.DeepClone());
        var second = await Post(Actions(run), command);
        Assert.Equal((int)first["sequence"]!, (int)second["sequence"]!);
        Assert.Equal((int)Focus(first)!["move"]!, (int)Focus(second)!["move"]!);
    }

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
    public async Task A_lifted_corner_is_pressed_again_and_stands_in_the_logbook()
    {
        var run = await Until(await Begin(Named("Ada", "Bo")), "inspect");
        run = await Say(run, "see", with: c => c["outcomes"] = Words("edges-lifted"));
        var advice = (await Get($"/api/runs/{run["id"]}/pieces/1/advice"))[0]!;
        Assert.Equal("press-edge", (string)advice["kind"]!);
        run = await Say(run, "rescue");
        Assert.True((bool)Focus(run)!["inRescue"]!);
        run = await Until(run, "hold");
        Assert.Equal((double)advice["seconds"]!, (double)Focus(run)!["step"]!["seconds"]!);
        run = await Say(await Until(run, "inspect"), "done");
        var entry = (await Get("/api/log"))["entries"]![0]!;
        Assert.Equal(("Ada", (double)advice["seconds"]!, true),
            ((string)entry["name"]!, (double)entry["pressedAgainSeconds"]!, (bool)entry["endedWell"]!));
        Assert.Equal(["edges-lifted"], entry["outcomes"]!.AsArray().Select(o => (string)o!));
    }

    [Fact]
    public async Task A_lost_piece_gets_a_job_of_its_own_to_be_cut_again()
    {
        var run = await Until(await Begin(Named("Ada", "Bo")), "inspect");
        run = await Say(run, "ruin", with: c => c["outcomes"] = Words("scorched"));
        Assert.Equal(("to-cut", 1), ((string)run["pieces"]![2]!["status"]!, (int)run["pieces"]![2]!["insteadOf"]!));
        var again = (string)(await Post($"/api/runs/{run["id"]}/pieces/3/recut"))["jobId"]!;
        var job = (await Get($"/api/jobs/{again}"))["job"]!;
        Assert.Equal(("Crew names: Ada again", 1), ((string)job["title"]!, (int)job["quantity"]!));
        Assert.Equal("Ada", (string)Assert.Single(job["names"]!.AsArray())!["name"]!);
        Assert.Equal("Ada", (string)(await Get("/api/log"))["entries"]![0]!["name"]!);
        run = await Say(run, "cut-again", with: c => (c["piece"], c["move"]) = (3, null));
        Assert.Equal("waiting", (string)run["pieces"]![2]!["status"]!);
    }

    [Fact]
    public async Task Those_who_watch_hear_of_it_at_once()
    {
        var run = await Begin();
        using var stop = new CancellationTokenSource(TimeSpan.FromSeconds(60));
        await using var stream = await Client.GetStreamAsync($"/api/runs/{run["id"]}/live", stop.Token);
        await using var events = System.Net.ServerSentEvents.SseParser.Create(stream).EnumerateAsync(stop.Token)
            .GetAsyncEnumerator(stop.Token);
        Assert.True(await events.MoveNextAsync());
        await Say(run, "done");
        Assert.True(await events.MoveNextAsync());
        Assert.Equal("hold", Kind(JsonNode.Parse(events.Current.Data)!));
        Clock.Advance(5);
        Assert.True(await events.MoveNextAsync());
        Assert.Equal("do", Kind(JsonNode.Parse(events.Current.Data)!));
    }

    [Fact]
    public async Task What_was_said_while_nobody_heard_is_told_with_its_time()
    {
        var run = await Until(await Begin(), "do");
        // Closed 40 s ago by a page that could not be heard: the hold began then, and is over.
        Clock.Advance(40);
        run = await Say(run, "done", with: c => c["agoSeconds"] = 40);
        Assert.NotEqual("hold", Kind(run));
        // Never before the step that it ends had begun.
        run = await Until(run, "do");
        var began = DateTimeOffset.Parse((string)Focus(run)!["enteredUtc"]!, System.Globalization.CultureInfo.InvariantCulture);
        Clock.Advance(3);
        run = await Say(run, "done", with: c => c["agoSeconds"] = 900);
        Assert.True(DateTimeOffset.Parse((string)Focus(run)!["enteredUtc"]!, System.Globalization.CultureInfo.InvariantCulture) >= began);
        Assert.Equal("no-such-time", await Refused(run, "back", with: c => c["agoSeconds"] = -1));
        Assert.Equal("no-such-time", await Refused(run, "back", with: c => c["agoSeconds"] = 4000));
    }

    [Fact]
    public async Task Done_during_a_hold_is_refused_and_says_why()
    {
        var run = await Until(await Begin(), "hold");
        Assert.Equal("hold-not-over", await Refused(run, "done"));
        Clock.Advance(2);
        Assert.Equal(2, (double)(await Say(run, "opened-early"))["pieces"]![0]!["lastHoldSeconds"]!);
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
        Assert.Equal(("Tarn tee", (double)Station(run)["press"]!["celsius"]!),
            ((string)frozen["title"]!, (double)Station(frozen)["press"]!["celsius"]!));
        await Say(await Until(await Prepare(frozen), "inspect"), "done");
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
}
