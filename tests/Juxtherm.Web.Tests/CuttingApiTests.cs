using System.Net;
using System.Text.Json.Nodes;
using Juxtherm.Core.Cutting;
using Juxtherm.Core.Cutting.Files;
using Juxtherm.Core.Reading;

namespace Juxtherm.Web.Tests;

/// <summary>From a layout over the cutter to the shelf, over a real database file: whole, once, and through restarts.</summary>
public sealed class CuttingApiTests : Api
{
    private const string Navy = "#1b2a49";
    private const string Glow = "#c9e6b8";

    private static JsonObject TwoVinyls(int quantity = 1)
    {
        var job = Tee("Two vinyls", quantity);
        job["tools"]!["cutter"] = "table";
        job["choices"] = new JsonObject { ["layout"] = "in-place" };
        job["layers"] = JsonNode.Parse($$"""
            [ { "id": "ridge", "vinyl": "smooth", "colour": "{{Navy}}", "shape": "M0 60L30 10L45 30L60 0L100 60ZM50 40L60 20L70 40Z", "xMm": 80, "yMm": 160, "widthMm": 150, "heightMm": 90 },
              { "id": "star", "vinyl": "glitter", "colour": "{{Glow}}", "shape": "M50 0L61 35L98 35L68 57L79 91L50 70L21 91L32 57L2 35L39 35Z", "xMm": 140, "yMm": 100, "widthMm": 40, "heightMm": 40 } ]
            """);
        return job;
    }

    private static JsonObject Roll(string vinyl, string colour, double length, double width = 305, string kind = "roll") => new()
    {
        ["commandId"] = Guid.NewGuid().ToString(),
        ["kind"] = kind,
        ["vinyl"] = vinyl,
        ["colour"] = colour,
        ["widthMm"] = width,
        ["lengthMm"] = length,
        ["pricePerMetre"] = 10,
        ["lowMm"] = 300,
    };

    private async Task<JsonNode> Laid(JsonObject job)
    {
        var answer = await Post("/api/cut-plans", job);
        for (var tries = 0; answer["plan"] is null && tries < 100; tries++)
            answer = await Get($"/api/cut-plans/{answer["id"]}");
        Assert.NotNull(answer["plan"]);
        return answer;
    }

    private async Task<(string Job, JsonNode Cut)> Begin(JsonObject job, string? commandId = null)
    {
        var id = await AddJob(job);
        var plan = await Laid(job);
        return (id, await Post($"/api/jobs/{id}/cuts",
            new JsonObject { ["commandId"] = commandId ?? Guid.NewGuid().ToString(), ["planId"] = (string)plan["id"]! }));
    }

    private static JsonObject Ask(string action, string? checkedFor = null, string? commandId = null, double? lengthMm = null) => new()
    {
        ["commandId"] = commandId ?? Guid.NewGuid().ToString(),
        ["action"] = action,
        ["presetChecked"] = checkedFor,
        ["lengthMm"] = lengthMm,
    };

    private Task<JsonNode> Act(JsonNode cut, string action, string? checkedFor = null, double? lengthMm = null) =>
        Post($"/api/cuts/{cut["id"]}/actions", Ask(action, checkedFor, null, lengthMm));

    private async Task<JsonNode> Through(JsonNode cut)
    {
        var mat = Mat(cut);
        await Act(cut, "load", (string)mat["vinyl"]!);
        await Act(cut, "go");
        Clock.Advance(600);
        var done = await Get($"/api/cuts/{cut["id"]}");
        Assert.Equal("cut", (string)Mat(done)["status"]!);
        Assert.InRange((double)Mat(done)["measuredSeconds"]!, (double)mat["estimatedSeconds"]! * 0.7,
            (double)mat["estimatedSeconds"]! * 1.3 + 1);
        return await Act(cut, "unload");
    }

    private static JsonNode Mat(JsonNode cut) => cut["mats"]!.AsArray().First(m => (int)m!["number"]! == (int)cut["current"]!)!;

    private async Task<Dictionary<string, (double OnHand, double Reserved)>> Shelf() =>
        (await Get("/api/stock")).AsArray()
        .ToDictionary(s => (string)s!["label"]!, s => ((double)s!["onHandMm"]!, (double)s["reservedMm"]!), StringComparer.Ordinal);

    [Fact]
    public async Task A_cut_reserves_the_bench_uses_up_and_the_rest_comes_back_labelled()
    {
        await Post("/api/stock", Roll("smooth", Navy, 2000));
        await Post("/api/stock", Roll("glitter", Glow, 200, 200, "sheet"));
        var (job, cut) = await Begin(TwoVinyls());
        var ridge = (double)cut["mats"]![0]!["lengthMm"]!;
        Assert.Equal((2000, ridge), await Shelf() is var reserved ? (reserved["Roll 1"].OnHand, reserved["Roll 1"].Reserved) : default);
        Assert.Equal(200, reserved["Sheet 1"].Reserved);
        cut = await Through(cut);
        cut = await Through(cut);
        Assert.Equal(("cut", null), ((string)cut["status"]!, cut["current"]));
        Assert.Equal(2000, (await Shelf())["Roll 1"].OnHand);
        // Practice uses up nothing and keeps what is promised.
        await Post($"/api/jobs/{job}/runs?practice=true");
        Assert.Equal((2000, ridge), await Shelf() is var practiced ? (practiced["Roll 1"].OnHand, practiced["Roll 1"].Reserved) : default);

        await Post($"/api/jobs/{job}/runs");
        var after = await Shelf();
        Assert.Equal((2000 - ridge, 0), (Math.Round(after["Roll 1"].OnHand, 1), after["Roll 1"].Reserved));
        Assert.Equal((0, 0), after["Sheet 1"]);
        // A strip beside the ridge, and the sheet with the star's corner gone.
        var offcuts = (await Get("/api/stock")).AsArray().Where(s => (string)s!["kind"]! == "offcut").ToList();
        Assert.Equal(["Offcut 1", "Offcut 2"], offcuts.Select(o => (string)o!["label"]!).Order());
        Assert.Contains(offcuts, o => (double)o!["cornerWidthMm"]! > 40 && (double)o["widthMm"]! == 200);
        Assert.Equal("used", (string)(await Get($"/api/cuts/{cut["id"]}"))["status"]!);
        // Another run of the same job takes nothing more.
        await Post($"/api/jobs/{job}/runs");
        Assert.Equal(after.OrderBy(s => s.Key, StringComparer.Ordinal), (await Shelf()).OrderBy(s => s.Key, StringComparer.Ordinal));
        using var label = await Client.GetAsync($"/api/stock/{offcuts[0]!["id"]}/label.pdf");
        Assert.Equal("%PDF", System.Text.Encoding.ASCII.GetString((await label.Content.ReadAsByteArrayAsync())[..4]));
    }

    [Fact]
    public async Task Double_clicks_and_restarts_count_once()
    {
        await Post("/api/stock", Roll("smooth", Navy, 1000));
        await Post("/api/stock", Roll("glitter", Glow, 1000));
        var job = TwoVinyls();
        var id = await AddJob(job);
        var plan = (string)(await Laid(job))["id"]!;
        var command = Guid.NewGuid().ToString();
        JsonObject Asked() => new() { ["commandId"] = command, ["planId"] = plan };
        var many = await Task.WhenAll(Enumerable.Range(0, 6).Select(_ => Post($"/api/jobs/{id}/cuts", Asked())));
        Assert.Single(many.Select(c => (string)c["id"]!).Distinct());
        var once = await Shelf();
        Stop();
        Start();
        // The layout is forgotten by a program started anew, the cut is not.
        Assert.Equal((string)many[0]["id"]!, (string)(await Post($"/api/jobs/{id}/cuts", Asked()))["id"]!);
        Assert.Equal(once, await Shelf());
        var use = Ask("use");
        await Task.WhenAll(Enumerable.Range(0, 6).Select(_ => Send(HttpMethod.Post, $"/api/cuts/{command}/actions", use.DeepClone())));
        var used = await Shelf();
        Assert.Equal(1000 - once["Roll 1"].Reserved, used["Roll 1"].OnHand, 1);
        Assert.Equal(0, used["Roll 1"].Reserved);
        Assert.Single(used.Keys, k => k.StartsWith("Offcut", StringComparison.Ordinal));
        await Post($"/api/cuts/{command}/actions", Ask("give-up"));
        Assert.Equal(used, await Shelf());
        // Nor does a test cut that comes late bring it back to life.
        await Post("/api/cut-presets/test",
            new JsonObject
            {
                ["vinyl"] = "smooth",
                ["cutter"] = "table",
                ["blade"] = "everyday",
                ["forceGrams"] = 90,
                ["passes"] = 1,
                ["finding"] = "clean",
                ["cutId"] = command
            });
        Assert.Equal("used", (string)(await Get($"/api/cuts/{command}"))["status"]!);
    }

    [Fact]
    public async Task What_is_given_up_is_free_again_and_what_is_gone_is_refused()
    {
        await Post("/api/stock", Roll("smooth", Navy, 150));
        var job = TwoVinyls();
        var (id, cut) = await Begin(job);
        // Laid out again now that the first cut took it: the rest of the roll is too short.
        var (other, late) = (await AddJob(job), await Laid(job));
        var first = (await Shelf())["Roll 1"];
        Assert.True(first.Reserved > 90);
        Assert.True((double)late["plan"]!["ways"]![0]!["lists"]![0]!["shortMm"]! > 0);
        await Act(cut, "give-up");
        Assert.Equal((150, 0), (await Shelf())["Roll 1"]);
        var plan = await Laid(job);
        Assert.Equal(0, (double)plan["plan"]!["ways"]![0]!["lists"]![0]!["shortMm"]!);
        await Post($"/api/jobs/{other}/cuts",
            new JsonObject { ["commandId"] = Guid.NewGuid().ToString(), ["planId"] = (string)plan["id"]! });
        var (status, problem) = await Send(HttpMethod.Post, $"/api/jobs/{id}/cuts",
            new JsonObject { ["commandId"] = Guid.NewGuid().ToString(), ["planId"] = (string)plan["id"]! });
        Assert.Equal((HttpStatusCode.Conflict, "stock"), (status, (string)problem!["code"]!));
        Assert.Contains("are free", (string)problem["detail"]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_second_preset_is_asked_for_and_nothing_moves_before()
    {
        var (_, cut) = await Begin(TwoVinyls());
        Assert.True((bool)cut["asksForPreset"]!);
        var (status, problem) = await Send(HttpMethod.Post, $"/api/cuts/{cut["id"]}/actions", Ask("load"));
        Assert.Equal((HttpStatusCode.Conflict, "cut-preset"), (status, (string)problem!["code"]!));
        cut = await Through(cut);
        Assert.True((bool)cut["asksForPreset"]!);
        (status, problem) = await Send(HttpMethod.Post, $"/api/cuts/{cut["id"]}/actions", Ask("load", "smooth"));
        Assert.Equal((HttpStatusCode.Conflict, "cut-preset"), (status, (string)problem!["code"]!));
        Assert.Contains("Glitter", (string)problem["detail"]!, StringComparison.Ordinal);
        Assert.Contains("deep blade", (string)problem["detail"]!, StringComparison.Ordinal);
        Assert.Equal("waiting", (string)Mat(await Get($"/api/cuts/{cut["id"]}"))["status"]!);
        cut = await Through(cut);
        Assert.Null(cut["current"]);
    }

    [Fact]
    public async Task Vinyl_that_runs_out_leaves_whole_pieces_and_a_mat_for_the_rest()
    {
        await Post("/api/stock", Roll("smooth", Navy, 3000));
        var (_, cut) = await Begin(TwoVinyls(3));
        var before = (await Shelf())["Roll 1"].Reserved;
        var mat = Mat(cut);
        var units = mat["units"]!.AsArray().Count;
        // Only a little more than the first ridge lies on the mat.
        await Act(cut, "load", "smooth", 110);
        await Act(cut, "go");
        Clock.Advance(600);
        cut = await Get($"/api/cuts/{cut["id"]}");
        Assert.Equal(("stopped", "out-of-vinyl"), ((string)Mat(cut)["status"]!, (string)Mat(cut)["trouble"]!));
        var whole = Mat(cut)["unitsDone"]!.AsArray().Count;
        Assert.InRange(whole, 1, units - 1);
        var (status, problem) = await Send(HttpMethod.Post, $"/api/cuts/{cut["id"]}/actions", Ask("go"));
        Assert.Equal(HttpStatusCode.Conflict, status);
        Assert.Contains("run out", (string)problem!["detail"]!, StringComparison.Ordinal);
        cut = await Act(cut, "unload");
        Assert.Equal((units - whole, "smooth", false),
            (Mat(cut)["units"]!.AsArray().Count, (string)Mat(cut)["vinyl"]!, (bool)cut["asksForPreset"]!));
        Assert.Equal(before + (double)Mat(cut)["lengthMm"]!, (await Shelf())["Roll 1"].Reserved, 1);
        while (cut["current"] is not null)
            cut = await Through(cut);
        Assert.Equal("cut", (string)cut["status"]!);
    }

    [Fact]
    public async Task A_computer_that_slept_goes_on_a_lost_mat_does_not_and_a_restart_is_honest()
    {
        var (_, cut) = await Begin(TwoVinyls(3));
        await Act(cut, "load", "smooth");
        await Act(cut, "go");
        Clock.Advance(2);
        await Post($"/api/cuts/{cut["id"]}/trouble", new JsonObject { ["trouble"] = "computer-slept" });
        Clock.Advance(30);
        cut = await Get($"/api/cuts/{cut["id"]}");
        Assert.Equal("computer-slept", (string)Mat(cut)["trouble"]!);
        var at = (double)cut["device"]!["seconds"]!;
        Assert.Equal(6, at, 1);
        cut = await Act(cut, "go");
        Clock.Advance(1);
        cut = await Get($"/api/cuts/{cut["id"]}");
        Assert.Equal(at + 1, (double)cut["device"]!["seconds"]!, 1);
        await Post($"/api/cuts/{cut["id"]}/trouble", new JsonObject { ["trouble"] = "lost-mat" });
        cut = await Get($"/api/cuts/{cut["id"]}");
        Assert.Equal("lost-mat", (string)Mat(cut)["trouble"]!);
        cut = await Act(cut, "unload");
        await Act(cut, "load", "smooth");
        await Act(cut, "go");
        Clock.Advance(1);
        Stop();
        Start();
        cut = await Get($"/api/cuts/{cut["id"]}");
        Assert.Equal(("stopped", "cutter-lost", 0),
            ((string)Mat(cut)["status"]!, (string)Mat(cut)["trouble"]!, Mat(cut)["unitsDone"]!.AsArray().Count));
        cut = await Act(cut, "unload");
        while (cut["current"] is not null)
            cut = await Through(cut);
        Assert.Equal("cut", (string)cut["status"]!);
    }

    [Fact]
    public async Task Files_are_what_the_cutter_is_sent_and_a_stop_gives_none()
    {
        var job = TwoVinyls();
        var plan = await Laid(job);
        var hpgl = await Client.GetStringAsync($"/api/cut-plans/{plan["id"]}/file.hpgl?list=glitter-c9e6b8&sheet=1");
        var plot = HpglPlot.Read(hpgl, new Problems())!;
        Assert.Equal((180, 1), (plot.ForceGrams, plot.Strokes.Count));
        Assert.Equal(3, DxfOutlines.Read(await Client.GetStringAsync($"/api/cut-plans/{plan["id"]}/file.dxf"), new Problems()).Count);
        Assert.Contains("id=\"smooth-1b2a49\"", await Client.GetStringAsync($"/api/cut-plans/{plan["id"]}/file.svg"),
            StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.BadRequest, (await Send(HttpMethod.Get, $"/api/cut-plans/{plan["id"]}/file.hpgl")).Status);
        Assert.Equal(HttpStatusCode.BadRequest, (await Send(HttpMethod.Get, $"/api/cut-plans/{plan["id"]}/file.gcode")).Status);
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Get, $"/api/cut-plans/{plan["id"]}/file.svg?list=none")).Status);
        job["layers"]![0]!["mirrored"] = false;
        var stopped = await Laid(job);
        Assert.Equal(HttpStatusCode.Conflict, (await Send(HttpMethod.Get, $"/api/cut-plans/{stopped["id"]}/file.svg")).Status);
        var id = await AddJob(job);
        Assert.Equal(HttpStatusCode.Conflict,
            (await Send(HttpMethod.Post, $"/api/jobs/{id}/cuts",
                new JsonObject { ["commandId"] = Guid.NewGuid().ToString(), ["planId"] = (string)stopped["id"]! })).Status);
    }

    [Fact]
    public async Task A_test_cut_changes_the_preset_of_this_workshop()
    {
        JsonObject Look(double force, string finding) =>
            new()
            {
                ["vinyl"] = "smooth",
                ["cutter"] = "table",
                ["blade"] = "everyday",
                ["forceGrams"] = force,
                ["passes"] = 1,
                ["finding"] = finding
            };
        var advice = await Post("/api/cut-presets/test", Look(90, "too-shallow"));
        Assert.Equal((100, false), ((double)advice["preset"]!["forceGrams"]!, (bool)advice["ready"]!));
        Assert.True((bool)(await Post("/api/cut-presets/test", Look(100, "clean")))["ready"]!);
        async Task<JsonNode> Preset() => (await Laid(TwoVinyls()))["plan"]!["ways"]![0]!["lists"]![0]!["preset"]!;
        Assert.Equal((100, "owner"), ((double)(await Preset())["forceGrams"]!, (string)(await Preset())["from"]!["kind"]!));
        // A cut under way follows for the mats that still wait, and for no other vinyl.
        var (_, cut) = await Begin(TwoVinyls());
        var look = Look(100, "too-deep");
        look["cutId"] = (string)cut["id"]!;
        await Post("/api/cut-presets/test", look);
        Assert.Equal([90.0, 180], (await Get($"/api/cuts/{cut["id"]}"))["mats"]!.AsArray()
            .Select(m => (double)m!["preset"]!["forceGrams"]!));
        await Send(HttpMethod.Delete, "/api/cut-presets/smooth/table");
        Assert.Equal(90, (double)(await Preset())["forceGrams"]!);
        var (status, problem) = await Send(HttpMethod.Post, "/api/cut-presets/test", Look(900, "clean"));
        Assert.Equal(HttpStatusCode.BadRequest, status);
        Assert.Contains("/forceGrams", problem!["errors"]!.ToJsonString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_shelf_is_typed_in_changed_taken_off_and_travels_as_a_table()
    {
        var ask = Roll("smooth", "navy", 1200);
        await Task.WhenAll(Enumerable.Range(0, 5).Select(_ => Post("/api/stock", ask.DeepClone())));
        var made = Assert.Single((await Get("/api/stock")).AsArray())!;
        Assert.Equal(("#000080", "Roll 1", false), ((string)made["colour"]!, (string)made["label"]!, (bool)made["low"]!));
        var path = $"/api/stock/{made["id"]}";
        var change = Roll("smooth", "navy", 250);
        (change["version"], change["label"]) = (1, "The old one");
        var changed = await Ok(HttpMethod.Put, path, change.DeepClone());
        Assert.Equal((250, true, 2), ((double)changed["onHandMm"]!, (bool)changed["low"]!, (int)changed["version"]!));
        // The same click again is the same change; another from the old version is not taken.
        Assert.Equal(2, (int)(await Ok(HttpMethod.Put, path, change.DeepClone()))["version"]!);
        change["commandId"] = Guid.NewGuid().ToString();
        Assert.Equal(HttpStatusCode.Conflict, (await Send(HttpMethod.Put, path, change)).Status);
        var csv = await Client.GetStringAsync("/api/stock.csv");
        await Ok(HttpMethod.Delete, path);
        Assert.Empty((await Get("/api/stock")).AsArray());
        await Post($"{path}/restore");
        var table = new JsonObject { ["commandId"] = Guid.NewGuid().ToString(), ["text"] = csv };
        await Post("/api/stock/table", table.DeepClone());
        Assert.Equal(2, (await Post("/api/stock/table", table)).AsArray().Count);
        var (status, problem) = await Send(HttpMethod.Post, "/api/stock", Roll("smoth", "bluish", -5, 3));
        Assert.Equal(HttpStatusCode.BadRequest, status);
        var faults = problem!["errors"]!.ToJsonString();
        Assert.All(["/vinyl", "/colour", "/lengthMm", "/widthMm"], field => Assert.Contains("#" + field, faults, StringComparison.Ordinal));
        var weight = await Post("/api/stock/weight",
            new JsonObject { ["vinyl"] = "smooth", ["widthMm"] = 305, ["grams"] = 348, ["coreGrams"] = 200 });
        Assert.Equal(2001, (double)weight["lengthMm"]!);
    }

    [Fact]
    public async Task Weeding_is_ticked_off_kept_and_printed()
    {
        var (_, cut) = await Begin(TwoVinyls());
        var ticked = await Ok(HttpMethod.Put, $"/api/cuts/{cut["id"]}/weeded",
            new JsonObject { ["keys"] = new JsonArray("smooth-1b2a49/1/0") });
        Assert.Equal("smooth-1b2a49/1/0", (string)ticked["weeded"]![0]!);
        Stop();
        Start();
        Assert.Single((await Get($"/api/cuts/{cut["id"]}"))["weeded"]!.AsArray());
        using var pdf = await Client.GetAsync($"/api/cuts/{cut["id"]}/weeding.pdf");
        Assert.Equal(HttpStatusCode.OK, pdf.StatusCode);
        Assert.Equal(HttpStatusCode.BadRequest,
            (await Send(HttpMethod.Put, $"/api/cuts/{cut["id"]}/weeded",
                new JsonObject { ["keys"] = new JsonArray(new string('a', 81)) })).Status);
    }

    private async Task<string> Printed(string path)
    {
        var file = Path.Combine(Folder, $"{Guid.NewGuid():N}.pdf");
        await File.WriteAllBytesAsync(file, await Client.GetByteArrayAsync(path));
        return await TicketTests.Said("pdftotext", "-layout", file, "-");
    }

    [Fact]
    public async Task The_printed_sheet_counts_the_centres_and_the_label_says_what_it_is_stuck_on()
    {
        var (_, cut) = await Begin(TwoVinyls(2));
        var sheet = await Printed($"/api/cuts/{cut["id"]}/weeding.pdf");
        Assert.All(["Smooth, navy, sheet 1 of 1", "2 centres to pick out", "As it reads from the right side", "ridge, piece 1",
            "ridge, piece 2", "Glitter, silver", "0 centres to pick out"], part => Assert.Contains(part, sheet, StringComparison.Ordinal));
        var scrap = Roll("smooth", Navy, 160, 120, "offcut");
        (scrap["label"], scrap["lot"], scrap["colourName"], scrap["cornerWidthMm"], scrap["cornerLengthMm"]) = ("Left of the vests", "T-13",
            "night navy", 40, 30);
        var made = await Post("/api/stock", scrap);
        var label = await Printed($"/api/stock/{made["id"]}/label.pdf");
        Assert.All(["Left of the vests", "Smooth, night navy", "120 × 160 mm", "corner 40 × 30 mm gone", "Lot T-13"],
            part => Assert.Contains(part, label, StringComparison.Ordinal));
    }

    [Fact]
    public async Task Many_who_want_the_same_roll_at_once_are_never_promised_more_than_there_is()
    {
        await Post("/api/stock", Roll("smooth", Navy, 320));
        await Post("/api/stock", Roll("glitter", Glow, 5000));
        var job = TwoVinyls();
        var id = await AddJob(job);
        var plan = (string)(await Laid(job))["id"]!;
        var answers = await Task.WhenAll(Enumerable.Range(0, 8)
            .Select(_ =>
                Send(HttpMethod.Post, $"/api/jobs/{id}/cuts",
                    new JsonObject { ["commandId"] = Guid.NewGuid().ToString(), ["planId"] = plan })));
        var taken = answers.Where(a => a.Status == HttpStatusCode.Created).ToList();
        var each = (double)taken[0].Json!["mats"]![0]!["lengthMm"]!;
        Assert.Equal((int)(320 / each), taken.Count);
        Assert.All(answers.Except(taken), a => Assert.Equal((HttpStatusCode.Conflict, "stock"), (a.Status, (string)a.Json!["code"]!)));
        Assert.Equal(taken.Count * each, (await Shelf())["Roll 1"].Reserved, 1);
        // Whoever was refused was refused whole: nothing of the other roll was promised to them.
        Assert.Equal(taken.Sum(t => (double)t.Json!["mats"]![1]!["lengthMm"]!), (await Shelf())["Roll 2"].Reserved, 1);
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    public async Task Whatever_is_clicked_however_often_the_shelf_adds_up(int seed)
    {
        var chance = new Random(seed);
        await Post("/api/stock", Roll("smooth", Navy, 900, 400));
        await Post("/api/stock", Roll("glitter", Glow, 900));
        var job = TwoVinyls();
        var id = await AddJob(job);
        var begun = new List<string>();
        for (var i = 0; i < 14; i++)
        {
            var again = chance.Next(3) == 0 ? 3 : 1;
            if (begun.Count == 0 || chance.Next(2) == 0)
            {
                var (command, plan) = (Guid.NewGuid().ToString(), (string)(await Laid(job))["id"]!);
                for (var k = 0; k < again; k++)
                    await Send(HttpMethod.Post, $"/api/jobs/{id}/cuts", new JsonObject { ["commandId"] = command, ["planId"] = plan });
                if ((await Send(HttpMethod.Get, $"/api/cuts/{command}")).Status == HttpStatusCode.OK)
                    begun.Add(command);
            }
            else
            {
                var ask = Ask(chance.Next(2) == 0 ? "use" : "give-up");
                for (var k = 0; k < again; k++)
                    await Send(HttpMethod.Post, $"/api/cuts/{begun[chance.Next(begun.Count)]}/actions", ask.DeepClone());
            }

            if (i == 7)
            {
                Stop();
                Start();
            }
        }

        var cuts = await Task.WhenAll(begun.Select(b => Get($"/api/cuts/{b}")));
        double Taken(string status, int list) => cuts.Where(c => (string)c["status"]! == status)
            .Sum(c => c["way"]!["lists"]![list]!["uses"]!.AsArray().Where(u => (string)u!["kind"]! == "roll")
                .Sum(u => (double)u!["lengthMm"]!));
        var shelf = await Shelf();
        foreach (var (label, list) in new[] { ("Roll 1", 0), ("Roll 2", 1) })
        {
            Assert.Equal(900 - Taken("used", list), shelf[label].OnHand, 1);
            Assert.Equal(Taken("open", list), shelf[label].Reserved, 1);
        }
    }

    [Fact]
    public async Task A_long_layout_says_how_far_it_is_and_can_be_stopped()
    {
        var job = TwoVinyls(90);
        job["choices"]!["layout"] = "nested";
        var begun = await Post("/api/cut-plans", job);
        var stopped = await Post($"/api/cut-plans/{begun["id"]}/stop");
        Assert.NotNull(stopped["plan"]);
        Assert.Equal(180, stopped["plan"]!["ways"]![1]!["lists"]!.AsArray()
            .Sum(l => l!["sheets"]!.AsArray().Sum(s => s!["units"]!.AsArray().Count)));
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Get, "/api/cut-plans/none")).Status);
    }

    [Fact]
    public async Task A_color_like_one_on_the_shelf_is_asked_about_once_and_remembered()
    {
        await Post("/api/stock", Roll("smooth", "#4a8c3c", 2000));
        var job = Tee();
        job["tools"]!["cutter"] = "table";
        job["layers"]![0]!["colour"] = "#2e7d32";
        job["layers"]![0]!["shape"] = "M0 0H100V100H0Z";
        async Task<JsonNode> List() => (await Laid(job))["plan"]!["ways"]![0]!["lists"]![0]!;
        var ask = (await List())["ask"]!;
        Assert.Equal(("#4a8c3c", false), ((string)ask["onShelf"]!, (bool)ask["taken"]!));
        await Ok(HttpMethod.Put, "/api/stock/colours",
            new JsonObject { ["vinyl"] = "smooth", ["wanted"] = "#2e7d32", ["onShelf"] = "#4a8c3c", ["same"] = true });
        Stop();
        Start();
        var list = await List();
        Assert.Null(list["ask"]);
        Assert.NotNull(list["sheets"]![0]!["stockId"]);
        Assert.Equal(HttpStatusCode.BadRequest,
            (await Send(HttpMethod.Put, "/api/stock/colours",
                new JsonObject { ["vinyl"] = "smooth", ["wanted"] = "green", ["onShelf"] = "#4a8c3c", ["same"] = true })).Status);
        Assert.Single((await Get("/api/stock/colours")).AsArray());
    }

    [Fact]
    public async Task The_joints_are_known_to_Place()
    {
        var job = TwoVinyls();
        (job["layers"]![0]!["widthMm"], job["layers"]![0]!["xMm"]) = (380, 20);
        var layers = (await Post("/api/placement", job))["front"]!["layers"]!.AsArray();
        Assert.NotEmpty(layers[0]!["joints"]!.AsArray());
        Assert.Empty(layers[1]!["joints"]!.AsArray());
        Assert.Equal(MatStatus.Waiting.ToString().ToLowerInvariant(), (string)(await Begin(job)).Cut["mats"]![0]!["status"]!);
    }

    [Fact]
    [Trait("Run", "thorough")]
    public async Task Many_layouts_at_once_wait_their_turn_and_are_all_made()
    {
        var jobs = Enumerable.Range(0, 24).Select(i =>
        {
            var job = TwoVinyls(3);
            job["layers"]![0]!["widthMm"] = 120 + i;
            return job;
        }).ToList();
        var begun = await Task.WhenAll(jobs.Select(j => Post("/api/cut-plans", j)));
        Assert.Equal(24, begun.Select(b => (string)b["id"]!).Distinct(StringComparer.Ordinal).Count());
        Assert.Contains(begun, b => (int)b["before"]! > 0);
        foreach (var one in begun)
        {
            var now = one;
            while (now["plan"] is null)
                now = await Get($"/api/cut-plans/{one["id"]}");
            Assert.Equal(0, (int)now["before"]!);
        }
    }
}
