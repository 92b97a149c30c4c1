using System.Net;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

/// <summary>From a layout over the cutter to the shelf, over a real database file: whole, once, and through restarts.</summary>
public sealed partial class CuttingApiTests : Api
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
                ["blade"] = "plain",
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
    public async Task What_the_own_cutter_cut_is_told_in_one_word()
    {
        await Post("/api/stock", Roll("smooth", Navy, 2000));
        var (_, cut) = await Begin(TwoVinyls());
        await Act(cut, "load", "smooth");
        cut = await Act(cut, "all-cut");
        Assert.Equal(("cut", null), ((string)cut["status"]!, cut["current"]));
        Assert.True((await Shelf())["Roll 1"].Reserved > 0);
        var (status, problem) = await Send(HttpMethod.Post, $"/api/cuts/{cut["id"]}/actions", Ask("all-cut"));
        Assert.Equal((HttpStatusCode.Conflict, "out-of-step"), (status, (string)problem!["code"]!));
        // The cutter is free for the next.
        var (_, next) = await Begin(TwoVinyls());
        Assert.Equal("loaded", (string)Mat(await Act(next, "load", "smooth"))["status"]!);
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
}
