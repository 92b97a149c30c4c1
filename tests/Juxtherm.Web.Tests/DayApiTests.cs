using System.Globalization;
using System.Net;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

/// <summary>A day over the API: planned, kept, planned anew, and taken along.</summary>
public sealed class DayApiTests : BenchApi
{
    private static JsonObject Wish(DateTimeOffset from, params JsonObject[] jobs) => new()
    {
        ["from"] = from.ToString("O", CultureInfo.InvariantCulture),
        ["people"] = 1,
        ["presses"] = new JsonArray(new JsonObject { ["id"] = "a", ["heatSource"] = "swing-platen" }),
        ["cutters"] = 1,
        ["jobs"] = new JsonArray([.. jobs]),
    };

    private static JsonObject Given(JsonObject job, DateTimeOffset? due = null) => new()
    {
        ["job"] = job,
        ["due"] = due?.ToString("O", CultureInfo.InvariantCulture),
    };

    private async Task<JsonObject> Job(string title, int quantity) => new()
    {
        ["id"] = await AddJob(Tee(title, quantity)),
    };

    private static DateTimeOffset At(JsonNode? node) => DateTimeOffset.Parse((string)node!, CultureInfo.InvariantCulture);

    private DateTimeOffset Now => DateTimeOffset.FromUnixTimeSeconds(Clock.GetUtcNow().ToUnixTimeSeconds());

    private async Task<JsonNode> Event(JsonObject said)
    {
        said["commandId"] = Guid.NewGuid().ToString();
        return await Post("/api/day/events", said);
    }

    [Fact]
    public async Task A_day_is_planned_from_job_files_as_outside_scripts_send_them()
    {
        var from = new DateTimeOffset(2026, 12, 1, 9, 0, 0, TimeSpan.Zero);
        var plan = await Post("/api/day/plan", Wish(from, Given(Tee("Tees", 3), from.AddHours(2)), Given(Tee("One"))));
        Assert.Contains((string)plan["status"]!, new[] { "optimal", "feasible" });
        Assert.Equal(0, (long)plan["lateSeconds"]!);
        var tasks = plan["tasks"]!.AsArray();
        Assert.Equal(At(plan["finish"]), tasks.Max(t => At(t!["end"])));
        Assert.True(At(plan["bound"]!["finish"]) <= At(plan["finish"]));
        Assert.True(At(plan["beginBy"]) > from);
        // Each of the four pieces has its press, and the press was heated first.
        var pressed = tasks.Where(t => (string)t!["kind"]! == "press").ToList();
        Assert.Equal(4, pressed.Count);
        Assert.All(pressed, t => Assert.Equal("a", (string)t!["press"]!));
        var heat = Assert.Single(tasks, t => (string)t!["kind"]! == "heat");
        Assert.True(At(heat!["end"]) <= pressed.Min(t => At(t!["start"])));
        Assert.Contains(tasks, t => (string)t!["kind"]! == "cut" && (bool)t["cutter"]!);
        Assert.Contains(tasks, t => (string)t!["kind"]! == "pack");
    }

    /// <summary>A tote that melts is not pressed because it stands on a list: it is left out, with the reason.</summary>
    [Fact]
    public async Task What_its_own_plan_forbids_is_left_out_of_the_day_and_said()
    {
        var from = new DateTimeOffset(2026, 12, 1, 9, 0, 0, TimeSpan.Zero);
        var melts = Tee("Harbor totes", 2);
        melts["blank"] = new JsonObject { ["form"] = "tote", ["material"] = "polypropylene" };
        var plan = await Post("/api/day/plan", Wish(from, Given(Tee("Tees", 2)), Given(melts)));
        Assert.DoesNotContain(plan["tasks"]!.AsArray(), t => (int)t!["job"]! == 1);
        Assert.Equal(2, plan["tasks"]!.AsArray().Count(t => (string)t!["kind"]! == "press"));
        var why = (string)plan["why"]![0]!;
        Assert.Contains("Harbor totes", why, StringComparison.Ordinal);
        Assert.Contains("left out", why, StringComparison.Ordinal);
        // Alone it is no day.
        var (status, problem) = await Send(HttpMethod.Post, "/api/day/plan", Wish(from, Given((JsonObject)melts.DeepClone())));
        Assert.Equal((HttpStatusCode.Conflict, "left-out"), (status, (string)problem!["code"]!));
    }

    /// <summary>A care label that forbids pressing keeps a job out of the day until its stop is accepted; then it is the workshop's own
    /// decision.</summary>
    [Fact]
    public async Task What_is_accepted_is_in_the_day_again()
    {
        var from = new DateTimeOffset(2026, 12, 1, 9, 0, 0, TimeSpan.Zero);
        var label = Tee("Striped tees", 1);
        label["blank"]!["careDots"] = 0;
        var (status, problem) = await Send(HttpMethod.Post, "/api/day/plan", Wish(from, Given((JsonObject)label.DeepClone())));
        Assert.Equal((HttpStatusCode.Conflict, "left-out"), (status, (string)problem!["code"]!));
        label["accepted"] = new JsonArray(new JsonObject { ["code"] = "do-not-press-label", ["word"] = "Tried on a scrap." });
        var plan = await Post("/api/day/plan", Wish(from, Given(label)));
        Assert.Single(plan["tasks"]!.AsArray(), t => (string)t!["kind"]! == "press");
    }

    [Fact]
    public async Task The_same_day_gives_the_same_plan()
    {
        var from = new DateTimeOffset(2026, 12, 1, 9, 0, 0, TimeSpan.Zero);
        var (a, b) = (await Post("/api/day/plan", Wish(from, Given(Tee("Tees", 4)), Given(Tee("More", 2)))),
            await Post("/api/day/plan", Wish(from, Given(Tee("Tees", 4)), Given(Tee("More", 2)))));
        Assert.Equal(a.ToJsonString(), b.ToJsonString());
    }

    [Theory]
    [InlineData("/from", "\"soon\"", "#/from")]
    [InlineData("/people", "0", "#/people")]
    [InlineData("/presses", "[]", "#/presses")]
    [InlineData("/presses/0/heatSource", "\"toaster\"", "#/presses/0/heatSource")]
    [InlineData("/presses/0/heatSource", "\"own-gone\"", "#/presses/0/heatSource")]
    [InlineData("/breaks", """[{ "start": "2026-12-01T12:00:00Z", "end": "2026-12-01T11:00:00Z" }]""", "#/breaks/0/end")]
    [InlineData("/jobs/0/due", "\"2036-12-01T12:00:00Z\"", "#/jobs/0/due")]
    [InlineData("/jobs/0/press", "\"z\"", "#/jobs/0/press")]
    [InlineData("/jobs/0/job/layers/0/vinyl", "\"butter\"", "#/jobs/0/job/layers/0/vinyl")]
    [InlineData("/jobs/0/id", "\"3f2c5c0e-0f3b-4d53-9a2e-1f6f3a1b2c3d\"", "#/jobs/0/id")]
    public async Task What_is_wrong_is_named_by_its_place(string at, string json, string pointer)
    {
        var wish = Wish(new DateTimeOffset(2026, 12, 1, 9, 0, 0, TimeSpan.Zero), Given(Tee()));
        JsonNode place = wish;
        var path = at.Split('/')[1..];
        foreach (var step in path[..^1])
            place = int.TryParse(step, CultureInfo.InvariantCulture, out var i) ? place[i]! : place[step]!;
        place[path[^1]] = JsonNode.Parse(json);
        var (status, problem) = await Send(HttpMethod.Post, "/api/day/plan", wish);
        Assert.Equal(HttpStatusCode.BadRequest, status);
        Assert.Contains(pointer, problem!["errors"]!.AsArray().Select(e => (string)e!["pointer"]!));
    }

    [Fact]
    public async Task A_job_that_no_press_can_take_is_named()
    {
        var mug = Tee("Mug");
        (mug["blank"]!["form"], mug["blank"]!["material"]) = ("mug", "ceramic");
        var (status, problem) = await Send(HttpMethod.Post, "/api/day/plan", Wish(Now, Given(mug)));
        Assert.Equal((HttpStatusCode.Conflict, "no-press"), (status, (string)problem!["code"]!));
        Assert.Contains("Mug", (string)problem["detail"]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_day_is_kept_and_a_change_from_an_older_one_is_refused()
    {
        Assert.Equal(HttpStatusCode.NoContent, (await Send(HttpMethod.Get, "/api/day")).Status);
        var job = await Job("Tees", 2);
        var (status, day) = await Send(HttpMethod.Put, "/api/day?version=0", Wish(Now, job));
        Assert.Equal((HttpStatusCode.OK, 1), (status, (int)day!["version"]!));
        Assert.Equal("Tees", (string)(await Get("/api/day"))["jobs"]![0]!["title"]!);
        Assert.Equal("Swing-away press", (string)day["presses"]![0]!["name"]!);
        var (stale, problem) = await Send(HttpMethod.Put, "/api/day?version=0", Wish(Now, (JsonObject)job.DeepClone()));
        Assert.Equal((HttpStatusCode.Conflict, "stale"), (stale, (string)problem!["code"]!));
        Assert.Equal(HttpStatusCode.Conflict, (await Send(HttpMethod.Put, "/api/day?version=1", Wish(Now))).Status);
        Stop();
        Start();
        Assert.Equal(1, (int)(await Get("/api/day"))["version"]!);
        Assert.Equal(HttpStatusCode.NoContent, (await Send(HttpMethod.Delete, "/api/day")).Status);
        Assert.Equal(HttpStatusCode.NoContent, (await Send(HttpMethod.Get, "/api/day")).Status);
    }

    [Fact]
    public async Task What_happens_plans_the_rest_anew_and_leaves_what_is_under_way()
    {
        var wish = Wish(Now, await Job("Tees", 4), await Job("More", 3));
        wish["people"] = 2;
        wish["presses"]!.AsArray().Add(new JsonObject { ["id"] = "b", ["heatSource"] = "swing-platen" });
        var (_, before) = await Send(HttpMethod.Put, "/api/day?version=0", wish);
        Assert.Equal(["Swing-away press 1", "Swing-away press 2"], before!["presses"]!.AsArray().Select(p => (string)p!["name"]!));
        Clock.Advance(13 * 60);
        var left = await Event(new JsonObject { ["kind"] = "left", ["who"] = 1 });
        var kept = left["tasks"]!.AsArray().Where(t => (bool)t!["fixed"]!).ToDictionary(t => (string)t!["id"]!, t => (string)t!["start"]!);
        Assert.NotEmpty(kept);
        foreach (var task in before!["tasks"]!.AsArray().Where(t => At(t!["start"]) < Now))
            Assert.Equal((string)task!["start"]!, kept[(string)task["id"]!]);
        Assert.True(At(left["finish"]) >= At(before["finish"]));
        // Nobody but the first has anything to do from now on.
        Assert.DoesNotContain(left["tasks"]!.AsArray(), t => !(bool)t!["fixed"]! && (int?)t["who"] is 1);
        var broke = await Event(new JsonObject { ["kind"] = "press-broke", ["press"] = "b" });
        Assert.DoesNotContain(broke["tasks"]!.AsArray(), t => (string?)t!["press"] == "b" && At(t["start"]) > Now);
        var again = await Event(new JsonObject { ["kind"] = "again", ["job"] = 0, ["pieces"] = 1 });
        Assert.Contains(again["tasks"]!.AsArray(), t => (int)t!["job"]! == 0 && (int?)t["piece"] == 5);
        var rush = await Event(new JsonObject { ["kind"] = "rush", ["jobId"] = (string)(await Job("Rush", 1))["id"]! });
        Assert.Equal("Rush", (string)rush["jobs"]![2]!["title"]!);
        var came = await Event(new JsonObject { ["kind"] = "came", ["name"] = "Wren" });
        Assert.Equal("Wren", (string)came["hands"]![2]!["name"]!);
        var back = await Event(new JsonObject { ["kind"] = "press-back", ["press"] = "b" });
        var dropped = await Event(new JsonObject { ["kind"] = "drop", ["job"] = 1 });
        Assert.DoesNotContain(dropped["tasks"]!.AsArray(), t => (int)t!["job"]! == 1 && (string)t["kind"]! != "heat");
        Assert.Equal(8, (int)dropped["version"]!);
        Assert.NotNull(back);
    }

    [Fact]
    public async Task A_job_that_is_deleted_meanwhile_stops_nothing()
    {
        var (kept, gone) = (await Job("Tees", 2), await Job("Gone", 2));
        await Send(HttpMethod.Put, "/api/day?version=0", Wish(Now, kept, (JsonObject)gone.DeepClone()));
        Clock.Advance(120);
        await Ok(HttpMethod.Delete, $"/api/jobs/{gone["id"]}");
        var day = await Event(new JsonObject { ["kind"] = "came", ["name"] = "Wren" });
        Assert.DoesNotContain(day["tasks"]!.AsArray(), t => (int)t!["job"]! == 1 && !(bool)t["fixed"]!);
        Assert.Contains(day["tasks"]!.AsArray(), t => (int)t!["job"]! == 0 && (string)t["kind"]! == "pack");
        // Neither what is asked of the day nor changing it by hand trips over it.
        await Post("/api/day/what-if", new JsonArray(new JsonObject { ["name"] = "one more", ["addHands"] = 1 }));
        await Post("/api/day/improve", new JsonObject());
        await Post("/api/day/improve/stop", new JsonObject());
        var now = await Ok(HttpMethod.Get, "/api/day");
        var wish = (JsonObject)now["wish"]!.DeepClone();
        wish["cutters"] = 2;
        await Ok(HttpMethod.Put, $"/api/day?version={now["version"]}", wish);
    }

    [Fact]
    public async Task Saying_it_twice_counts_once_and_what_does_not_fit_is_refused()
    {
        await Send(HttpMethod.Put, "/api/day?version=0", Wish(Now, await Job("Tees", 2)));
        var said = new JsonObject { ["commandId"] = Guid.NewGuid().ToString(), ["kind"] = "again", ["job"] = 0 };
        Assert.Equal(2, (int)(await Post("/api/day/events", (JsonObject)said.DeepClone()))["version"]!);
        Assert.Equal(2, (int)(await Post("/api/day/events", (JsonObject)said.DeepClone()))["version"]!);
        foreach (var (code, wrong) in new (string, JsonObject)[]
        {
            ("nobody-left", new() { ["kind"] = "left", ["who"] = 0 }),
                ("no-such-press", new() { ["kind"] = "press-broke", ["press"] = "q" }),
            ("no-such-job", new() { ["kind"] = "drop", ["job"] = 7 }),
            ("no-such-task", new() { ["kind"] = "done", ["tasks"] = new JsonArray("x.1") }),
        })
        {
            wrong["commandId"] = Guid.NewGuid().ToString();
            var (status, problem) = await Send(HttpMethod.Post, "/api/day/events", wrong);
            Assert.Equal((HttpStatusCode.Conflict, code), (status, (string)problem!["code"]!));
        }

        Assert.Equal(2, (int)(await Get("/api/day"))["version"]!);
    }

    [Fact]
    public async Task Done_sooner_longer_and_not_yet_move_what_follows()
    {
        var (_, day) = await Send(HttpMethod.Put, "/api/day?version=0", Wish(Now, await Job("Tees", 2)));
        Clock.Advance(30);
        var under = day!["tasks"]!.AsArray().First(t => (int)t!["hands"]! > 0 && At(t["start"]) < Now && At(t["end"]) > Now)!;
        var longer = await Event(new JsonObject
        {
            ["kind"] = "longer",
            ["tasks"] = new JsonArray((string)under["id"]!),
            ["seconds"] = 600
        });
        Assert.Equal(At(under["end"]).AddSeconds(600), At(longer["tasks"]!.AsArray()
            .First(t => (string)t!["id"]! == (string)under["id"]!)!["end"]));
        Assert.True(At(longer["finish"]) > At(day["finish"]));
        var done = await Event(new JsonObject { ["kind"] = "done", ["tasks"] = new JsonArray((string)under["id"]!) });
        Assert.True(At(done["finish"]) < At(longer["finish"]));
        Clock.Advance(360);
        var weed = done["tasks"]!.AsArray().First(t => (string)t!["kind"]! == "weed")!;
        var notYet = await Event(new JsonObject { ["kind"] = "not-yet", ["tasks"] = new JsonArray((string)weed["id"]!) });
        Assert.True(At(notYet["tasks"]!.AsArray().First(t => (string)t!["id"]! == (string)weed["id"]!)!["start"]) >= Now);
    }

    [Fact]
    public async Task Slow_weeding_is_learned_and_what_was_not_done_after_all_is_not()
    {
        var (_, day) = await Send(HttpMethod.Put, "/api/day?version=0", Wish(Now, await Job("Tees", 12)));
        Assert.Empty(day!["pace"]!.AsArray());
        JsonArray Of(JsonNode plan, string kind) => [.. plan["tasks"]!.AsArray().Where(t => (string)t!["kind"]! == kind)
            .Select(t => (JsonNode)(string)t!["id"]!)];
        double Weeding(JsonNode plan) => plan["tasks"]!.AsArray().Where(t => (string)t!["kind"]! == "weed" && !(bool)t["fixed"]!)
            .Average(t => (At(t!["end"]) - At(t["start"])).TotalSeconds);
        Clock.Advance(5);
        day = await Event(new JsonObject { ["kind"] = "done", ["tasks"] = Of(day, "cut") });
        var weed = day["tasks"]!.AsArray().Where(t => (string)t!["kind"]! == "weed").OrderBy(t => At(t!["start"])).ToList();
        var typical = Weeding(day);
        // Whoever begins says so; five pieces take twice as long as is usual.
        foreach (var task in weed.Take(5))
        {
            day = await Event(new JsonObject { ["kind"] = "begun", ["tasks"] = new JsonArray((string)task!["id"]!) });
            Assert.Equal(Now, At(day["tasks"]!.AsArray().First(t => (string)t!["id"]! == (string)task["id"]!)!["start"]));
            Clock.Advance(2 * typical);
            day = await Event(new JsonObject { ["kind"] = "done", ["tasks"] = new JsonArray((string)task["id"]!) });
        }

        var pace = Assert.Single(day["pace"]!.AsArray());
        Assert.Equal("weed", (string)pace!["kind"]!);
        Assert.Equal(1.5, (double)pace["share"]!, 0.05);
        Assert.Equal(1.5 * typical, Weeding(day), 3.0);
        // Another day knows it too.
        var other = await Post("/api/day/plan", Wish(Now, Given(Tee("Others", 2))));
        Assert.True(Weeding(other) > 1.3 * typical);
        day = await Event(new JsonObject { ["kind"] = "not-yet", ["tasks"] = new JsonArray((string)weed[4]!["id"]!) });
        Assert.Empty(day["pace"]!.AsArray());
        // When a piece comes to the press is for the bench to say.
        var (status, problem) = await Send(HttpMethod.Post, "/api/day/events", new JsonObject
        {
            ["commandId"] = Guid.NewGuid().ToString(),
            ["kind"] = "begun",
            ["tasks"] = new JsonArray(Of(day, "press")[^1]!.DeepClone()),
        });
        Assert.Equal((HttpStatusCode.Conflict, "at-the-press"), (status, (string)problem!["code"]!));
    }

    [Fact]
    public async Task A_better_plan_is_looked_for_in_the_background_and_other_ways_stand_beside_it()
    {
        await Send(HttpMethod.Put, "/api/day?version=0", Wish(Now, await Job("Tees", 2), await Job("More", 2)));
        var day = await Post("/api/day/improve", new JsonObject());
        day = await Post("/api/day/improve/stop", new JsonObject());
        Assert.Null(day["improving"]);
        var ifs = new JsonArray(
            new JsonObject { ["name"] = "helper", ["beginSeconds"] = 0, ["people"] = 1, ["presses"] = 0, ["without"] = null },
            new JsonObject { ["name"] = "later", ["beginSeconds"] = 3600, ["people"] = 0, ["presses"] = 0, ["without"] = null },
            new JsonObject { ["name"] = "fewer", ["beginSeconds"] = 0, ["people"] = 0, ["presses"] = 0, ["without"] = 1 });
        var answers = (await Post("/api/day/what-if", ifs)).AsArray();
        var finish = At(day["finish"]);
        Assert.True(At(answers[0]!["finish"]) < finish);
        Assert.Equal(At(day["from"]).AddHours(1), At(answers[1]!["from"]));
        Assert.True(At(answers[2]!["finish"]) < finish);
    }

    [Fact]
    public async Task What_the_bench_says_moves_the_day()
    {
        var job = await Job("Tees", 2);
        var (_, before) = await Send(HttpMethod.Put, "/api/day?version=0", Wish(Now, (JsonObject)job.DeepClone()));
        Clock.Advance(60);
        var run = await Prepare(await Post($"/api/jobs/{job["id"]}/runs"));
        while (run["pieces"]!.AsArray().All(p => (string)p!["status"]! != "done"))
            run = await Go(run);
        JsonNode day = before!;
        for (var look = 0; look < 50 && (int)day["version"]! == 1; look++)
        {
            await Task.Delay(100);
            day = await Get("/api/day");
        }

        var piece = day["tasks"]!.AsArray().Where(t => (int?)t!["piece"] == 1).ToList();
        Assert.All(piece, t => Assert.True((bool)t!["fixed"]! && At(t["end"]) <= Now));
        Assert.True(At(day["finish"]) < At(before!["finish"]));
    }

    [Fact]
    public async Task It_goes_into_a_calendar_and_onto_the_wall()
    {
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Get, "/api/day.ics")).Status);
        await Send(HttpMethod.Put, "/api/day?version=0", Wish(Now, await Job("Tees", 2)));
        var calendar = await Client.GetStringAsync("/api/day.ics");
        Assert.Contains("BEGIN:VALARM", calendar, StringComparison.Ordinal);
        Assert.Contains("SUMMARY:Tees is ready", calendar, StringComparison.Ordinal);
        Assert.Contains("SUMMARY:Tees may be washed from now on", calendar, StringComparison.Ordinal);
        var page = await Client.GetByteArrayAsync("/api/day.pdf?zone=Europe/Helsinki");
        Assert.Equal("%PDF"u8.ToArray(), page[..4]);
    }
}
