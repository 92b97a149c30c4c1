using System.Text.Json;
using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Costs;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Days.Work;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Reading;
using Juxtherm.Testing;
using Juxtherm.Words;

namespace Juxtherm.Core.Tests.Costs;

/// <summary>Money adds up.</summary>
public class CostTests
{
    private static readonly Prices Plain = new()
    {
        Hourly = 20,
        VinylPerM2 = 18,
        Blank = 4.50m,
        KWh = 0.30m,
        Licence = 12,
        LicencePer = LicencePer.Order,
        DeliveryPerOrder = 8,
        ConsumablesPerPiece = 0.15m,
        WearPerPiece = 0.25m,
        SpoilagePercent = 4,
        MarginPercent = 30,
        TaxPercent = 8,
    };

    private static RunUse Use(int pieces, double mm2 = 500_000, double seconds = 6000, double kWh = 0.6) =>
        new(pieces, new Dictionary<string, double>(StringComparer.Ordinal) { ["smooth"] = mm2 }, seconds, kWh);

    /// <summary>Reckoned by hand, line by line, in docs/money.md.</summary>
    [Fact]
    public void The_worked_example_comes_out_as_by_hand()
    {
        var cost = PieceCost.Of(Use(10), Plain, 99);
        Assert.Equal(new CostParts(0.90m, 4.50m, 3.33m, 0.02m, 1.20m, 0.80m, 0.15m, 0.25m, 0.37m), cost.PerPiece);
        Assert.Equal((11.52m, 16.45m, 1.32m, 17.77m, 177.70m), (cost.PerPiece.Cost, cost.Net, cost.Tax, cost.Price, cost.Total));
    }

    [Theory]
    [InlineData(PriceRounding.Cent, "17.77")]
    [InlineData(PriceRounding.Half, "18.00")]
    [InlineData(PriceRounding.Whole, "18")]
    [InlineData(PriceRounding.NinetyNine, "17.99")]
    public void The_price_that_the_customer_sees_is_round(PriceRounding rounding, string price) =>
        Assert.Equal(decimal.Parse(price, System.Globalization.CultureInfo.InvariantCulture),
            PieceCost.Of(Use(10), Plain with { Rounding = rounding }, 0).Price);

    [Fact]
    public void A_markup_is_put_on_the_cost_and_a_licence_may_be_paid_for_each_piece()
    {
        var cost = PieceCost.Of(Use(10), Plain with
        {
            MarginPercent = null,
            MarkupPercent = 50,
            TaxPercent = 0,
            LicencePer = LicencePer.Piece
        },
            0);
        Assert.Equal((12m, 22.32m, 33.48m, 0m), (cost.PerPiece.Licence, cost.PerPiece.Cost, cost.Price, cost.Tax));
    }

    [Property(MaxTest = 300)]
    public Property Parts_add_up_to_the_cent_in_any_order() => Prop.ForAll(
        Gen.Choose(1, 999).Zip(Gen.Choose(0, 90_000_000)).Zip(Gen.Choose(0, 999_999)).ToArbitrary(), drawn =>
        {
            var ((pieces, mm2), seconds) = drawn;
            var cost = PieceCost.Of(Use(pieces, mm2, seconds), Plain, 0);
            var p = cost.PerPiece;
            decimal[] parts = [p.Vinyl, p.Blank, p.Hands, p.Power, p.Licence, p.Delivery, p.Consumables, p.Wear, p.Spoilage];
            var backwards = parts.Reverse().Aggregate(0m, (a, b) => a + b);
            return parts.All(x => x == Math.Round(x, 2)) && backwards == p.Cost && cost.Net + cost.Tax == cost.Price
                && cost.Price * pieces == cost.Total && cost.Price >= p.Cost;
        });

    [Property(MaxTest = 100)]
    public Property A_set_up_shared_by_more_costs_each_less() => Prop.ForAll(Gen.Choose(1, 400).ToArbitrary(), pieces =>
    {
        // So much for each, and as much for all of them together.
        RunUse Of(int n) => Use(n, 40_000 * n + 60_000, 300 * n + 900, 0.05 * n + 0.4);
        return PieceCost.Of(Of(pieces + 1), Plain, 0).PerPiece.Cost <= PieceCost.Of(Of(pieces), Plain, 0).PerPiece.Cost + 0.02m;
    });

    [Fact]
    public void Ten_of_a_real_job_cost_less_each_than_one()
    {
        var (one, ten) = (UseOf("06", 1), UseOf("06", 10));
        Assert.True(ten.HandSeconds < 10 * one.HandSeconds);
        Assert.True(ten.KWh < 10 * one.KWh);
        Assert.InRange(ten.VinylMm2.Values.Sum(), one.VinylMm2.Values.Sum(), 10 * one.VinylMm2.Values.Sum());
        Assert.True(PieceCost.Of(ten, Plain, 3).PerPiece.Cost < PieceCost.Of(one, Plain, 3).PerPiece.Cost);
    }

    /// <summary>38 × 38 cm of plate at about 155 °C hold 0.19 kWh when hot (36 kJ/m²K of aluminum), and stand-by costs some 80 W.</summary>
    [Fact]
    public void A_press_takes_a_fraction_of_a_kilowatt_hour() => Assert.InRange(UseOf("06", 1).KWh, 0.15, 0.35);

    [Theory]
    [InlineData(0, 0, 3)]
    [InlineData(20, 0, 1.5)]
    [InlineData(80, 8, 8.6)]
    public void What_comes_to_nothing_follows_the_logbook(int pieces, int lost, double percent) =>
        Assert.Equal((decimal)percent, Spoilage.PercentOf(pieces, lost));

    [Theory]
    [InlineData("""{ "hourly": "abc" }""", "/hourly")]
    [InlineData("""{ "hourly": -1 }""", "/hourly")]
    [InlineData("""{ "marginPercent": 20, "markupPercent": 20 }""", "/markupPercent")]
    [InlineData("""{ "rounding": "up" }""", "/rounding")]
    [InlineData("""{ "licencePer": "day" }""", "/licencePer")]
    [InlineData("""{ "currency": "somewhere" }""", "/currency")]
    public void A_wrong_price_is_named(string json, string pointer)
    {
        var problems = new Problems();
        using var document = JsonDocument.Parse(json);
        PricesReader.Read(new JsonCursor(document.RootElement, "", problems));
        Assert.Equal([pointer], problems.Found.Select(p => p.Pointer));
        Assert.NotEmpty(problems.Found[0].Said());
    }

    private static RunUse UseOf(string example, int quantity)
    {
        var json = System.Text.Json.Nodes.JsonNode.Parse(Shipped.Example(example))!;
        json["quantity"] = quantity;
        var job = JobReader.Read(json.ToJsonString(), Shipped.Catalogue, new Problems())!;
        var plan = new Planner(Shipped.Catalogue, Language.English).Plan(job, UnitSystem.Metric).Plan;
        return RunUse.Of(job, new PlanAtPress(0, job.Tools.Source, plan), new CutPlanner(Shipped.Catalogue).InPlace(job, []),
            Shipped.Catalogue.Work, HandPace.Typical);
    }
}
