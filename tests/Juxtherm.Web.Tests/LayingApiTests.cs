using System.Net;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

/// <summary>Order, heat budgets, carriers, placements of the plate and mends over the wire, on a real database.</summary>
public sealed class LayingApiTests : Api
{
    private static JsonObject Layer(string id, string vinyl, double x, double y, double w, double h) =>
        new() { ["id"] = id, ["vinyl"] = vinyl, ["xMm"] = x, ["yMm"] = y, ["widthMm"] = w, ["heightMm"] = h };

    private static JsonObject Sky(string below = "smooth") => new()
    {
        ["format"] = "juxtherm.job",
        ["version"] = 1,
        ["title"] = "Sky",
        ["blank"] = new JsonObject { ["form"] = "tee", ["material"] = "cotton" },
        ["tools"] = new JsonObject { ["heatSource"] = "swing-platen" },
        ["layers"] = new JsonArray(Layer("sky", below, 95, 140, 240, 170), Layer("moon", "smooth", 130, 160, 70, 70),
            Layer("stars", "glow", 225, 165, 90, 60)),
    };

    [Fact]
    public async Task A_preview_names_the_order_its_reasons_and_each_layers_heat()
    {
        var plan = await Post("/api/plans/preview", Sky());
        var order = plan["order"]!;
        Assert.Equal(3, (int)order["presses"]!);
        Assert.Equal(["tack", "tack", "last"], order["groups"]!.AsArray().Select(g => (string)g!["kind"]!));
        Assert.NotEmpty(order["reasons"]!.AsArray());
        Assert.True((int)order["runnerUp"]!["presses"]! >= 3);
        Assert.Equal(["sky", "moon", "stars"], plan["budgets"]!.AsArray().Select(b => (string)b!["layer"]!));
        Assert.All(plan["budgets"]!.AsArray(), b => Assert.True((double)b!["total"]! <= (double)b["most"]!));
        Assert.All(plan["carriers"]!.AsArray(), c => Assert.StartsWith("M", (string)c!["path"]!, StringComparison.Ordinal));
        var section = plan["presses"]!.AsArray()[^1]!["sections"]![0]!;
        Assert.Equal(380, (double)section["widthMm"]!);
        Assert.False(string.IsNullOrWhiteSpace((string?)section["layBy"]));
        Assert.Equal(2, section["marks"]!.AsArray().Count);
    }

    [Fact]
    public async Task Distances_are_in_the_readers_units_and_millimetres_in_the_data()
    {
        string LayBy(JsonNode plan) => (string)plan["presses"]!.AsArray()[^1]!["sections"]![0]!["layBy"]!;
        var job = Sky();
        job["layers"]![0]!["yMm"] = 300;
        var (metric, us) = (await Post("/api/plans/preview", job), await Post("/api/plans/preview?units=us", job));
        Assert.DoesNotContain(" in ", LayBy(metric), StringComparison.Ordinal);
        Assert.Contains(" in ", LayBy(us), StringComparison.Ordinal);
        Assert.Equal((double)metric["presses"]![1]!["sections"]![0]!["yMm"]!, (double)us["presses"]![1]!["sections"]![0]!["yMm"]!);
    }

    [Fact]
    public async Task A_fault_of_stacking_comes_with_edits_that_mend_it()
    {
        var plan = await Post("/api/plans/preview", Sky("glitter"));
        var notice = plan["notices"]!.AsArray().First(n => (string)n!["code"]! == "underneath-not-allowed")!;
        var swap = notice["mends"]!.AsArray().First(m => ((string)m!["text"]!).StartsWith("Use smooth", StringComparison.Ordinal))!;
        Assert.Contains(swap["edits"]!.AsArray(), e => (string)e!["path"]! == "/layers/0/vinyl" && (string)e["op"]! == "replace"
            && (string?)e["value"] == "smooth");
    }

    [Fact]
    public async Task The_wish_for_an_order_and_the_cut_of_carriers_are_kept_with_the_job()
    {
        var job = Sky();
        job["order"] = new JsonArray("sky", "stars", "moon");
        job["layers"]![1]!["carrier"] = "contour";
        var made = await Post("/api/jobs", job);
        var kept = (await Get($"/api/jobs/{(string)made["id"]!}"))["job"]!;
        Assert.Equal(["sky", "stars", "moon"], kept["order"]!.AsArray().Select(o => (string)o!));
        Assert.Equal("contour", (string)kept["layers"]![1]!["carrier"]!);
        Assert.True((bool)(await Post("/api/plans/preview", job))["order"]!["wished"]!);
    }

    [Theory]
    [InlineData("carrier", "round", "box, contour")]
    public async Task An_unknown_cut_of_a_carrier_is_refused_and_the_accepted_ones_named(string member, string value, string accepted)
    {
        var job = Sky();
        job["layers"]![0]![member] = value;
        var (status, answer) = await Send(HttpMethod.Post, "/api/plans/preview", job);
        Assert.Equal(HttpStatusCode.BadRequest, status);
        var error = answer!["errors"]![0]!;
        Assert.Equal("#/layers/0/carrier", (string)error["pointer"]!);
        Assert.Contains(accepted, (string)error["detail"]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_place_of_the_plate_is_the_same_at_both_stations()
    {
        var job = Sky();
        job["layers"] = new JsonArray(Layer("word", "smooth", 20, 150, 390, 100));
        var placed = (await Post("/api/placement", job))["front"]!["plates"]!.AsArray();
        var pressed = (await Post("/api/plans/preview", job))["presses"]!.AsArray().Where(p => (string)p!["purpose"]! == "press")
            .SelectMany(p => p!["sections"]!.AsArray()).ToList();
        Assert.Equal(2, placed.Count);
        Assert.Equal(pressed.Select(s => (double)s!["xMm"]!), placed.Select(p => Math.Round((double)p!["box"]!["xMm"]!, 1)));
    }
}
