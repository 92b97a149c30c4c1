using System.Globalization;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

/// <summary>What is cut, what is priced, what is bought and what the day has time for is one and the same layout, for runs of any
/// length.</summary>
public sealed class FourNumbersTests : Api
{
    private const int Seed = 40_117;
    private const double PerM2 = 1000;

    /// <summary>Artwork so wide and high, so often, on so many tees.</summary>
    public static TheoryData<int, int, int, string> Runs
    {
        get
        {
            var chance = new Random(Seed);
            var runs = new TheoryData<int, int, int, string> { { 280, 250, 100, "table" } };
            for (var n = 0; n < 10; n++)
                runs.Add(chance.Next(40, 285), chance.Next(40, 285), chance.Next(1, 90), chance.Next(3) == 0 ? "broad" : "table");
            return runs;
        }
    }

    private static JsonObject Job(int width, int height, int quantity, string cutter)
    {
        var job = Tee("Crew hoods", quantity);
        job["tools"]!["cutter"] = cutter;
        job["choices"] = new JsonObject { ["layout"] = "in-place" };
        job["due"] = "2026-05-03";
        var art = job["layers"]![0]!;
        (art["shape"], art["widthMm"], art["heightMm"], art["xMm"], art["yMm"]) = ("M0 0H100V100H0Z", width, height, 60, 100);
        return job;
    }

    /// <summary>A mat for each piece, and more than 40 of them; several on a mat; a wide cutter.</summary>
    [Theory]
    [InlineData(280, 250, 46, "table")]
    [InlineData(60, 90, 17, "table")]
    [InlineData(210, 140, 9, "broad")]
    public Task Cut_price_buying_list_and_day_agree(int width, int height, int quantity, string cutter) =>
        AgreeAsync(width, height, quantity, cutter);

    [Theory]
    [MemberData(nameof(Runs))]
    [Trait("Run", "thorough")]
    public Task They_agree_for_runs_of_any_length(int width, int height, int quantity, string cutter) =>
        AgreeAsync(width, height, quantity, cutter);

    private async Task AgreeAsync(int width, int height, int quantity, string cutter)
    {
        var job = Job(width, height, quantity, cutter);
        await Ok(HttpMethod.Put, "/api/prices",
            new JsonObject { ["vinylPerM2"] = PerM2, ["blank"] = 0, ["hourly"] = 0, ["currency"] = "$" });
        var id = await AddJob((JsonObject)job.DeepClone());

        var answer = await Post("/api/cut-plans", job.DeepClone());
        while (answer["plan"] is null)
            answer = await Get($"/api/cut-plans/{answer["id"]}");
        var plan = answer["plan"]!;
        var way = plan["ways"]!.AsArray().Single(w => (string)w!["layout"]! == "in-place")!;
        var sheets = way["lists"]!.AsArray().SelectMany(l => l!["sheets"]!.AsArray()).Select(s => s!).ToList();
        var (length, mats) = (sheets.Sum(s => (double)s["usedLengthMm"]!), sheets.Count);
        // Every piece is on a sheet.
        Assert.Equal(quantity, sheets.Sum(s => s["units"]!.AsArray().Count(u => (string)u!["kind"]! == "artwork")));
        Assert.Empty(way["notPlaced"]!.AsArray());

        // The ticket.
        var need = Assert.Single((await Post("/api/plans/vinyl", job.DeepClone())).AsArray())!;
        Assert.Equal((quantity, mats), ((int)need["pieces"]!, (int)need["sheets"]!));
        Assert.Equal(length, (double)need["lengthMm"]!, 0.1);

        // What is to be bought.
        var buy = Assert.Single((await Get("/api/buying?days=7"))["vinyl"]!.AsArray())!;
        Assert.Equal(Math.Ceiling(Math.Round(length, 1)), (double)buy["lengthMm"]!, 1);
        if (sheets.TrueForAll(s => (double)s["usedLengthMm"]! <= (double)s["widthMm"]!))
            Assert.Equal(mats, (int)buy["sheets"]!);
        else
            Assert.Null(buy["sheets"]);

        // The price: what is used up, without a strip at the side that is worth keeping (60 mm), added up by hand.
        var area = sheets.Sum(s =>
        {
            var right = s["units"]!.AsArray().Max(u => (double)u!["box"]!["xMm"]! + (double)u["box"]!["widthMm"]!) + 3;
            var side = Math.Max(0, (double)s["widthMm"]! - right);
            return (double)s["usedLengthMm"]! * ((double)s["widthMm"]! - (side >= 60 ? side : 0));
        }) / 1e6;
        var cost = await Post($"/api/jobs/{id}/cost", new JsonObject { ["quantities"] = new JsonArray(quantity) });
        var each = double.Parse((string)cost["rows"]![0]!["perPiece"]!["vinyl"]!, CultureInfo.InvariantCulture);
        Assert.Equal(PerM2 * area / quantity, each, 0.011);

        // The day: a turn of the cutter for each mat.
        var from = new DateTimeOffset(2026, 5, 1, 9, 0, 0, TimeSpan.Zero);
        var day = await Post("/api/day/plan", new JsonObject
        {
            ["from"] = from.ToString("O", CultureInfo.InvariantCulture),
            ["people"] = 1,
            ["presses"] = new JsonArray(new JsonObject { ["id"] = "a", ["heatSource"] = "swing-platen" }),
            ["cutters"] = 1,
            ["jobs"] = new JsonArray(new JsonObject { ["id"] = id }),
        });
        var cuts = day["tasks"]!.AsArray().Where(t => (string)t!["kind"]! == "cut").Select(t => (string)t!["id"]!);
        // Loading a mat and cutting it are two parts of one block of work.
        Assert.Equal(mats, cuts.Select(id => id[..id.LastIndexOf('.')]).Distinct().Count());
    }
}
