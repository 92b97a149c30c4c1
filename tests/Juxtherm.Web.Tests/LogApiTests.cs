using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using Juxtherm.Store.Keeping;
using Microsoft.Data.Sqlite;

namespace Juxtherm.Web.Tests;

/// <summary>The logbook: looked through, learned from, out and in.</summary>
public sealed partial class LogApiTests : BenchApi
{
    private async Task<JsonNode> Pressed(string title, int pieces, params string[][] seen)
    {
        var run = await Begin(Tee(title, pieces));
        foreach (var outcomes in seen)
        {
            run = await Until(run, "inspect");
            run = await Say(run, "record", with: c => c["outcomes"] = Words(outcomes));
        }

        return run;
    }

    private async Task<(double Celsius, double Seconds)> Setting()
    {
        // Learning goes on beside everything else; who asks what was learned waits for it.
        await Get("/api/learned");
        var press = (await Post("/api/plans/preview", Tee()))["presses"]!.AsArray().Last(p => (string)p!["purpose"]! == "press")!;
        return ((double)press["celsius"]!, (double)press["seconds"]!);
    }

    private static double Heat((double Celsius, double Seconds) set) => set.Seconds * Math.Pow(10, set.Celsius / 45);

    private async Task<JsonNode> ReadIn(string text, bool ok = true)
    {
        using var body = new StringContent(text, Encoding.UTF8, "application/octet-stream");
        var answer = await Client.PostAsync(new Uri("/api/log/read-in", UriKind.Relative), body, TestContext.Current.CancellationToken);
        // What takes longer goes on beside everything else, and is asked for again.
        while (answer.StatusCode == HttpStatusCode.Accepted)
        {
            var id = (string)JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!["id"]!;
            answer.Dispose();
            answer = await Client.GetAsync(new Uri($"/api/log/read-in/{id}", UriKind.Relative), TestContext.Current.CancellationToken);
        }

        Assert.Equal(ok ? HttpStatusCode.OK : HttpStatusCode.BadRequest, answer.StatusCode);
        return JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!;
    }

    private Task<JsonNode> Lesson(string key) =>
        Task.Run(async () => (await Get("/api/learned"))["lessons"]!.AsArray().Single(l => (string)l!["key"]! == key)!);

    [Fact]
    public async Task Three_lifted_edges_move_the_setting_and_switched_off_it_goes_back()
    {
        var before = await Setting();
        await Pressed("Lifted", 3, ["edges-lifted"], ["edges-lifted"], ["edges-lifted"]);
        var lesson = await Lesson("demand:smooth:cotton");
        Assert.True((double)lesson["applied"]! > 1.03, lesson.ToJsonString());
        Assert.Contains("3 had too little", (string)lesson["why"]!, StringComparison.Ordinal);
        var after = await Setting();
        Assert.True(Heat(after) > Heat(before) * 1.05, $"{before} became {after}");

        var bears = await Post("/api/plans/learned", Tee());
        Assert.True((bool)bears["changes"]!);
        Assert.Equal(before, ((double)bears["celsius"]!, (double)bears["seconds"]!));

        foreach (var key in bears["lessons"]!.AsArray().Select(l => (string)l!["key"]!))
            await Ok(HttpMethod.Put, "/api/learned/switch", new JsonObject { ["key"] = key, ["on"] = false });
        Assert.Equal(before, await Setting());
        await Ok(HttpMethod.Put, "/api/learned/switch", new JsonObject { ["key"] = "demand:smooth:cotton", ["on"] = true });
        Assert.NotEqual(before, await Setting());
        Assert.Equal(HttpStatusCode.NotFound,
            (await Send(HttpMethod.Put, "/api/learned/switch", new JsonObject { ["key"] = "demand:nothing", ["on"] = false })).Status);
    }

    [Fact]
    public async Task What_does_not_count_and_what_is_a_worked_example_teaches_nothing()
    {
        var before = await Setting();
        await Pressed("Lifted", 3, ["edges-lifted"], ["edges-lifted"], ["edges-lifted"]);
        foreach (var entry in (await Get("/api/log"))["entries"]!.AsArray())
            Assert.True((bool)(await Ok(HttpMethod.Patch, $"/api/log/{entry!["id"]}", new JsonObject { ["struck"] = true }))["struck"]!);
        Assert.Equal(before, await Setting());
        Assert.Empty((await Get("/api/learned"))["lessons"]!.AsArray());

        await ReadIn(
            new JsonObject
            {
                ["format"] = "juxtherm.log",
                ["version"] = 1,
                ["entries"] = new JsonArray(Example(), Example(), Example())
            }.ToJsonString());
        Assert.Equal(before, await Setting());

        static JsonNode Example()
        {
            var entry = Older("edges-lifted");
            entry["example"] = true;
            return entry;
        }
    }

    [Fact]
    public async Task A_run_goes_on_by_what_was_known_as_it_began()
    {
        var run = await Begin(Tee("Early", 2));
        var set = (double)Station(run)["press"]!["seconds"]!;
        await Pressed("Lifted", 3, ["edges-lifted"], ["edges-lifted"], ["edges-lifted"]);
        Stop();
        Start();
        Assert.Equal(set, (double)Station(await Look(run))["press"]!["seconds"]!);
        run = await ToItsEnd(await Look(run));
        Assert.Equal("finished", (string)run["status"]!);
        Assert.Equal(5, (int)(await Get("/api/log"))["total"]!);

        // One that begins now keeps what is known now, also when that is switched off.
        var late = await Begin(Tee("Late", 1));
        var longer = (double)Station(late)["press"]!["seconds"]!;
        await Ok(HttpMethod.Put, "/api/learned/switch", new JsonObject { ["key"] = "demand:smooth:cotton", ["on"] = false });
        Stop();
        Start();
        late = await Until(await Look(late), "inspect");
        Assert.Equal(longer, (double)Station(late)["press"]!["seconds"]!);
        late = await Say(late, "see", with: c => c["outcomes"] = Words("edges-lifted"));
        Assert.NotEmpty((await Get($"/api/runs/{late["id"]}/pieces/1/advice")).AsArray());
    }

    [Fact]
    public async Task A_measured_plate_moves_the_plate_and_not_the_vinyl()
    {
        var before = await Setting();
        var learned = await Post("/api/learned/readings",
            new JsonObject { ["heatSource"] = "swing-platen", ["dialCelsius"] = 155, ["readCelsius"] = 147, ["means"] = "probe" });
        var plate = Assert.Single(learned["lessons"]!.AsArray())!;
        Assert.Equal(("plate:swing-platen", 1), ((string)plate["key"]!, (int)plate["readings"]!));
        Assert.InRange((double)plate["value"]!, -8.5, -5);
        Assert.True(Heat(await Setting()) > Heat(before));
        // After a repair it says nothing of the plate as it is now; that can be taken back.
        Clock.Advance(60);
        var repaired = await Ok(HttpMethod.Put, "/api/learned/repairs/swing-platen", new JsonObject { ["repaired"] = true });
        Assert.Empty(repaired["lessons"]!.AsArray());
        Assert.NotNull(repaired["repairs"]!["swing-platen"]);
        var back = await Ok(HttpMethod.Put, "/api/learned/repairs/swing-platen", new JsonObject { ["repaired"] = false });
        Assert.Single(back["lessons"]!.AsArray());
        Assert.Equal(HttpStatusCode.NotFound,
            (await Send(HttpMethod.Put, "/api/learned/repairs/toaster", new JsonObject { ["repaired"] = true })).Status);
        var taken = await Ok(HttpMethod.Delete, $"/api/learned/readings/{learned["readings"]![0]!["id"]}");
        Assert.Empty(taken["lessons"]!.AsArray());
        Assert.Equal(before, await Setting());
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Delete, "/api/learned/readings/99")).Status);
    }

    [Theory]
    [InlineData("swing-plate", 155, 150, "probe", "/heatSource")]
    [InlineData("swing-platen", 20, 150, "probe", "/dialCelsius")]
    [InlineData("swing-platen", 155, 400, "probe", "/readCelsius")]
    [InlineData("swing-platen", 155, 150, "thumb", "/means")]
    public async Task A_reading_that_cannot_be_is_refused_with_the_field_and_what_would_be_accepted(string source, double dial, double read,
        string means, string field)
    {
        var (status, problem) = await Send(HttpMethod.Post, "/api/learned/readings",
            new JsonObject { ["heatSource"] = source, ["dialCelsius"] = dial, ["readCelsius"] = read, ["means"] = means });
        Assert.Equal(HttpStatusCode.BadRequest, status);
        Assert.Equal($"#{field}", (string)Assert.Single(problem!["errors"]!.AsArray())!["pointer"]!);
        Assert.Empty((await Get("/api/learned"))["readings"]!.AsArray());
    }

    [Fact]
    public async Task Entries_are_found_by_everything_that_is_known_of_them()
    {
        JsonNode Entry(string title, string vinyl, string material, string source, string outcome, string name, string lot, string at)
        {
            var entry = Older(outcome);
            (entry["title"], entry["vinyl"], entry["material"], entry["heatSource"], entry["name"], entry["lots"], entry["at"]) = (title,
                vinyl, material, source, name, Words(lot), at);
            return entry;
        }

        await ReadIn(new JsonObject
        {
            ["format"] = "juxtherm.log",
            ["version"] = 1,
            ["entries"] = new JsonArray(
                Entry("Crew tee", "smooth", "cotton", "swing-platen", "stuck", "Juna", "L-1", "2026-01-10T10:00:00Z"),
                Entry("Crew vest", "smooth,glow", "polyester", "clamshell-platen", "edges-lifted", "Ilse", "L-10", "2026-02-10T23:30:00Z"),
                Entry("Mug 100%", "foil", "ceramic", "mug-press", "wrinkled", "", "L-1", "2026-03-10T10:00:00Z")),
        }.ToJsonString());
        async Task Finds(string query, params string[] titles)
        {
            var page = await Get($"/api/log?{query}");
            Assert.Equal(titles, page["entries"]!.AsArray().Select(e => (string)e!["title"]!));
            Assert.Equal(titles.Length, (int)page["total"]!);
        }

        await Finds("", "Mug 100%", "Crew vest", "Crew tee");
        await Finds("vinyl=smooth", "Crew vest", "Crew tee");
        await Finds("vinyl=glow", "Crew vest");
        await Finds("material=ceramic", "Mug 100%");
        await Finds("heatSource=swing-platen", "Crew tee");
        await Finds("outcome=edges-lifted", "Crew vest");
        await Finds("lot=L-1", "Mug 100%", "Crew tee");
        await Finds("person=Juna", "Crew tee");
        await Finds("from=2026-02-10&until=2026-02-11", "Crew vest");
        await Finds("text=crew", "Crew vest", "Crew tee");
        await Finds("text=100%25", "Mug 100%");
        await Finds("text=100_", []);
        await Finds("text=crew&vinyl=glow&outcome=stuck", []);
        var (status, problem) = await Send(HttpMethod.Get, "/api/log?from=spring");
        Assert.Equal((HttpStatusCode.BadRequest, "#/from"), (status, (string)problem!["errors"]![0]!["pointer"]!));
        var choices = await Get("/api/log/choices");
        Assert.Equal(["Foil", "Glow", "Smooth"], choices["vinyls"]!.AsArray().Select(v => (string)v!["name"]!));
        Assert.Equal(["L-1", "L-10"], choices["lots"]!.AsArray().Select(l => (string)l!));
        Assert.Equal(["Ilse", "Juna"], choices["people"]!.AsArray().Select(l => (string)l!));
    }

    [Fact]
    public async Task Marks_count_what_came_out_at_each_setting_and_say_what_it_showed()
    {
        var entries = new[] { "stuck", "stuck", "edges-lifted", "wrinkled", "marked" }.Select(o => (JsonNode)Older(o));
        await ReadIn(
            new JsonObject { ["format"] = "juxtherm.log", ["version"] = 1, ["entries"] = new JsonArray([.. entries]) }.ToJsonString());
        var marks = (await Get("/api/log/marks?vinyl=smooth&material=cotton&heatSource=swing-platen")).AsArray();
        Assert.Equal(
            [("edges-lifted", "short", 1), ("marked", null, 1), ("stuck", "held", 2), ("wrinkled", "too-much", 1)],
            marks.Select(m => ((string)m!["outcomes"]![0]!, (string?)m["showed"], (int)m["count"]!)).Order());
        Assert.Empty((await Get("/api/log/marks?vinyl=foil&material=cotton&heatSource=swing-platen")).AsArray());
    }

    [Fact]
    public async Task Heat_that_another_model_reckoned_is_reckoned_anew()
    {
        await Pressed("Old heat", 3, ["edges-lifted"], ["edges-lifted"], ["edges-lifted"]);
        await Get("/api/learned");
        Stop();
        (double Room, string By) Kept(string first = "")
        {
            using var db = new SqliteConnection($"Data Source={Path.Combine(Folder, DataFolder.DatabaseName)};Pooling=False");
            db.Open();
            using var command = db.CreateCommand();
            command.CommandText = $"{first} SELECT LnRoom, HeatBy FROM Log ORDER BY Id LIMIT 1";
            using var row = command.ExecuteReader();
            Assert.True(row.Read());
            return (row.GetDouble(0), row.GetString(1));
        }

        var was = Kept();
        Assert.Equal(7, Kept("UPDATE Log SET LnRoom = 7, HeatBy = 'another model';").Room);
        Start();
        await Get("/api/learned");
        var now = Kept();
        Assert.Equal(was.By, now.By);
        Assert.Equal(was.Room, now.Room, 0.1);
    }

    [Fact]
    public async Task What_came_off_in_the_wash_counts_as_never_well_stuck_and_can_be_taken_back()
    {
        await Pressed("Washed", 1, ["stuck"]);
        var id = (long)(await Get("/api/log"))["entries"]![0]!["id"]!;
        var held = (double)(await Lesson("demand:smooth:cotton"))["value"]!;
        var washed = await Post($"/api/log/{id}/washes", new JsonObject { ["washes"] = 2, ["look"] = "edges-lift" });
        Assert.True((double)(await Lesson("demand:smooth:cotton"))["value"]! > held);
        await Ok(HttpMethod.Delete, $"/api/log/{id}/washes/{washed["washes"]![0]!["id"]}");
        Assert.Equal(held, (double)(await Lesson("demand:smooth:cotton"))["value"]!);
        await Post($"/api/log/{id}/washes", new JsonObject { ["washes"] = 60, ["look"] = "edges-lift" });
        Assert.Equal(held, (double)(await Lesson("demand:smooth:cotton"))["value"]!);
        Assert.Equal(HttpStatusCode.BadRequest,
            (await Send(HttpMethod.Post, $"/api/log/{id}/washes", new JsonObject { ["washes"] = 0, ["look"] = "fine" })).Status);
        Assert.Equal(HttpStatusCode.NotFound,
            (await Send(HttpMethod.Post, "/api/log/999/washes", new JsonObject { ["washes"] = 1, ["look"] = "fine" })).Status);
    }
}
