using System.Net;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

/// <summary>Vinyl that a cut was promised: it is not taken away from under it, not counted twice, and every cut can be ended.</summary>
public sealed class PromisedVinylTests : Api
{
    private static JsonObject Job()
    {
        var job = Tee("Promised");
        job["tools"]!["cutter"] = "table";
        job["layers"] =
            JsonNode.Parse(
                """[ { "id": "ridge", "vinyl": "smooth", "colour": "#1b2a49", "xMm": 80, "yMm": 160, "widthMm": 150, "heightMm": 90 } ]""");
        return job;
    }

    private async Task<(JsonNode Roll, string Job, JsonNode Cut, double Mm)> Promised()
    {
        var roll = await Post("/api/stock",
            new JsonObject
            {
                ["commandId"] = Guid.NewGuid(),
                ["kind"] = "roll",
                ["vinyl"] = "smooth",
                ["colour"] = "#1b2a49",
                ["widthMm"] = 305,
                ["lengthMm"] = 1000
            });
        var job = await AddJob(Job());
        var plan = await Post("/api/cut-plans", Job());
        while (plan["plan"] is null)
            plan = await Get($"/api/cut-plans/{plan["id"]}");
        var cut = await Post($"/api/jobs/{job}/cuts", new JsonObject { ["commandId"] = Guid.NewGuid(), ["planId"] = (string)plan["id"]! });
        var kept = Assert.Single((await Get("/api/stock")).AsArray())!;
        Assert.True((double)kept["reservedMm"]! > 50, kept.ToJsonString());
        return (kept, job, cut, (double)kept["reservedMm"]!);
    }

    private Task<(HttpStatusCode Status, JsonNode? Json)> Count(JsonNode roll, double mm, bool? isCut = null) =>
        Send(HttpMethod.Put, $"/api/stock/{roll["id"]}", new JsonObject
        {
            ["commandId"] = Guid.NewGuid(),
            ["version"] = (int)roll["version"]!,
            ["kind"] = "roll",
            ["vinyl"] = "smooth",
            ["colour"] = "#1b2a49",
            ["widthMm"] = 305,
            ["lengthMm"] = mm,
            ["isCut"] = isCut,
        });

    private async Task<(double OnHand, double Reserved)> Left()
    {
        var roll = (await Get("/api/stock")).AsArray().First(s => (string)s!["kind"]! == "roll")!;
        return ((double)roll["onHandMm"]!, (double)roll["reservedMm"]!);
    }

    private Task<JsonNode> Act(JsonNode cut, string action) =>
        Post($"/api/cuts/{cut["id"]}/actions",
            new JsonObject { ["commandId"] = Guid.NewGuid(), ["action"] = action, ["presetChecked"] = "smooth" });

    [Fact]
    public async Task It_is_not_taken_off_the_shelf_and_the_refusal_says_what_to_do()
    {
        var (roll, _, cut, _) = await Promised();
        var (status, problem) = await Send(HttpMethod.Delete, $"/api/stock/{roll["id"]}");
        Assert.Equal(HttpStatusCode.Conflict, status);
        Assert.Contains("“Promised”", (string)problem!["detail"]!, StringComparison.Ordinal);
        await Act(cut, "give-up");
        await Ok(HttpMethod.Delete, $"/api/stock/{roll["id"]}");
    }

    [Fact]
    public async Task A_count_asks_whether_it_is_cut_and_then_takes_it_off_once()
    {
        var (roll, job, _, mm) = await Promised();
        var (status, problem) = await Count(roll, 900);
        Assert.Equal((HttpStatusCode.Conflict, "promised"), (status, (string)problem!["code"]!));
        Assert.Equal((1000, mm), await Left());
        Assert.Equal(HttpStatusCode.OK, (await Count(roll, 900, isCut: true)).Status);
        Assert.Equal((900, 0), await Left());
        await Post($"/api/jobs/{job}/runs");
        Assert.Equal((900, 0), await Left());
    }

    [Fact]
    public async Task What_is_not_cut_yet_still_comes_off_what_was_counted()
    {
        var (roll, job, _, mm) = await Promised();
        Assert.Equal(HttpStatusCode.OK, (await Count(roll, 900, isCut: false)).Status);
        Assert.Equal((900, mm), await Left());
        await Post($"/api/jobs/{job}/runs");
        Assert.Equal((Math.Round(900 - mm, 1), 0), await Left());
    }

    [Fact]
    public async Task After_all_mats_are_out_a_count_is_not_subtracted_from_again()
    {
        var (_, job, cut, _) = await Promised();
        await Act(cut, "load");
        await Act(cut, "go");
        Clock.Advance(900);
        await Act(cut, "unload");
        var roll = Assert.Single((await Get("/api/stock")).AsArray())!;
        Assert.Equal(HttpStatusCode.OK, (await Count(roll, 850)).Status);
        Assert.Equal((850, 0), await Left());
        await Post($"/api/jobs/{job}/runs");
        Assert.Equal((850, 0), await Left());
    }

    [Theory]
    [InlineData("use")]
    [InlineData("give-up")]
    public async Task A_cut_can_be_ended_though_there_is_less_than_it_was_promised(string how)
    {
        var (roll, _, cut, _) = await Promised();
        Assert.Equal(HttpStatusCode.OK, (await Count(roll, 10, isCut: false)).Status);
        var ended = await Act(cut, how);
        Assert.Equal(how == "use" ? "used" : "given-up", (string)ended["status"]!);
        Assert.Equal((how == "use" ? 0 : 10, 0), await Left());
    }
}
