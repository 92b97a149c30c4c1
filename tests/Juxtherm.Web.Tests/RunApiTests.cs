using System.Text.Json.Nodes;
using Juxtherm.Testing;

namespace Juxtherm.Web.Tests;

public sealed partial class RunApiTests : BenchApi
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
        // The list of jobs says how it came out.
        var last = (await Get("/api/jobs"))["jobs"]!.AsArray().Single(j => (string)j!["id"]! == (string)run["jobId"]!)!["last"]!;
        Assert.Equal((2, 1), ((int)last["pieces"]!, (int)last["well"]!));
        Assert.Equal(["wrinkled", "marked"], last["seen"]!.AsArray().Select(o => (string)o!));
    }

    [Fact]
    public async Task The_picture_at_the_bench_shows_what_lies_what_is_laid_and_what_is_to_come()
    {
        var job = Tee();
        job["layers"] = JsonNode.Parse("""
            [ { "id": "tarn", "vinyl": "smooth", "colour": "#1b2a49", "widthMm": 240, "heightMm": 170, "xMm": 95, "yMm": 135 },
              { "id": "star", "vinyl": "glow", "colour": "#c9ced6", "widthMm": 20, "heightMm": 20, "xMm": 150, "yMm": 170 } ]
            """);
        var presses = (await Post("/api/plans/preview", job))["presses"]!.AsArray().Where(p => p!["laid"]!.AsArray().Count > 0).ToList();
        Assert.Equal(2, presses.Count);
        var run = await Begin(job);
        async Task<List<string?>> Fills(int press)
        {
            using var answer = await Client.GetAsync($"/api/runs/{run["id"]}/picture.svg?press={press}");
            Assert.Equal("image/svg+xml", answer.Content.Headers.ContentType!.MediaType);
            var svg = System.Xml.Linq.XDocument.Parse(await answer.Content.ReadAsStringAsync()).Root!;
            return [.. svg.Elements().Where(e => e.Name.LocalName == "path").Select(e => (string?)e.Attribute("fill"))];
        }

        Assert.Equal(["#1b2a49", "none"], await Fills((int)presses[0]!["order"]!));
        Assert.Equal(["#1b2a49", "#c9ced6"], await Fills((int)presses[1]!["order"]!));
        Assert.Equal(System.Net.HttpStatusCode.NotFound,
            (await Send(HttpMethod.Get, $"/api/runs/{run["id"]}/picture.svg?station=9")).Status);
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
        using var stop = new CancellationTokenSource(Slowness.Of(60));
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
}
