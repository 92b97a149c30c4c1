using System.Net;
using System.Text.Json.Nodes;
using Juxtherm.Core.Cutting;
using Juxtherm.Core.Cutting.Files;
using Juxtherm.Core.Reading;

namespace Juxtherm.Web.Tests;

public sealed partial class CuttingApiTests
{
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
                ["blade"] = "plain",
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
    [Trait("Run", "thorough")]
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
        Assert.All(["Smooth, navy, sheet 1 of 1", "2 centers to weed", "As it reads from the front", "ridge, piece 1",
            "ridge, piece 2", "Glitter, silver", "0 centers to weed"], part => Assert.Contains(part, sheet, StringComparison.Ordinal));
        var scrap = Roll("smooth", Navy, 160, 120, "offcut");
        (scrap["label"], scrap["lot"], scrap["colourName"], scrap["cornerWidthMm"], scrap["cornerLengthMm"]) = ("Left of the vests", "T-13",
            "night navy", 40, 30);
        var made = await Post("/api/stock", scrap);
        var label = await Printed($"/api/stock/{made["id"]}/label.pdf");
        Assert.All(["Left of the vests", "Smooth, night navy", "120 × 160 mm", "corner 40 × 30 mm gone", "Lot T-13"],
            part => Assert.Contains(part, label, StringComparison.Ordinal));
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
