using System.Text.Json.Nodes;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>The item's label counts: one, two and three dots stand for 110, 150 and 200 °C (ISO 3758, quoted from memory).</summary>
public class CareLabelTests
{
    private static Plan Plan(string vinyl, string form, string material, int? dots, Action<JsonObject>? edit = null)
    {
        var job = SampleJobs.Of(vinyl, form, material, "swing-platen");
        if (dots is { } n)
            job["blank"]!["careDots"] = n;
        edit?.Invoke(job);
        return SampleJobs.Plan(job).Plan;
    }

    private static JsonObject Used(double celsius, double seconds) => new() { ["celsius"] = celsius, ["seconds"] = seconds };

    [Theory]
    // Nothing anybody presses stays below one dot: the plan is the usual one, and says so.
    [InlineData("smooth", "tee", "cotton", 1, "caution", 110)]
    [InlineData("smooth", "jersey", "polyester", 1, "caution", 110)]
    // Two dots leave a tee its usual setting, which keeps below them; three everything.
    [InlineData("smooth", "tee", "cotton", 2, null, 150)]
    [InlineData("smooth", "tee", "cotton", 3, null, 200)]
    public void What_gets_hotter_than_its_label_says_so(string vinyl, string form, string material, int dots, string? level, double cap)
    {
        var plan = Plan(vinyl, form, material, dots);
        var said = plan.Notices.FirstOrDefault(n => n.Code == "blank-too-hot" && n.Level != NoticeLevel.Note);
        Assert.Equal(level, said?.Level.ToString().ToLowerInvariant());
        if (said is not null)
        {
            Assert.Equal(cap, said.Data["label"].Value);
            Assert.Contains("130 °C to 140 °C", said.Why, StringComparison.Ordinal);
        }
        else
        {
            Assert.True(plan.Presses[^1].Predicted.HottestClothCelsius <= cap);
        }
    }

    [Fact]
    public void A_plan_keeps_below_the_label_where_somebody_would_press_so()
    {
        // Glitter's chart takes cotton past two dots; kept below it is cooler and longer.
        var (free, kept) = (Plan("glitter", "tee", "cotton", null), Plan("glitter", "tee", "cotton", 2));
        Assert.True(free.Presses[^1].Predicted.HottestClothCelsius > 150);
        Assert.True(kept.Presses[^1].Predicted.HottestClothCelsius <= 150.5);
        Assert.True(kept.BondingPress.Celsius < free.BondingPress.Celsius && kept.BondingPress.Seconds > free.BondingPress.Seconds);
    }

    [Theory]
    [InlineData(2, 170, NoticeLevel.Caution)]
    [InlineData(3, 170, null)]
    [InlineData(null, 170, null)]
    [InlineData(3, 215, NoticeLevel.Stop)]
    public void A_setting_as_used_is_held_against_the_label_too(int? dots, double celsius, NoticeLevel? level) =>
        Assert.Equal(level,
            Plan("smooth", "tee", "cotton", dots,
                j => j["used"] = Used(celsius, 20)).Notices.FirstOrDefault(n => n.Code == "blank-too-hot")?.Level);

    [Fact]
    public void A_label_never_raises_a_limit() =>
        // Polyester bears 150 °C, whatever three dots say.
        Assert.Equal(NoticeLevel.Stop,
            Plan("smooth", "jersey", "polyester", 3, j => j["used"] = Used(170, 15)).Notices.First(n => n.Code == "blank-too-hot").Level);

    [Fact]
    public void Dye_is_judged_on_the_hot_side_and_for_the_hottest_piece_of_the_run()
    {
        double Hottest(int pieces) =>
            Plan("smooth", "jersey", "polyester", null,
                j => (j["quantity"], j["used"]) = (pieces, Used(143, 15))).Notices.First(n =>
                n.Code == "dye-migration").Data["hottest"].Value;
        var plan = Plan("smooth", "jersey", "polyester", null, j => j["used"] = Used(143, 15));
        Assert.True(Hottest(1) > plan.Presses[^1].Predicted.HottestClothCelsius + 2);
        // The pad warms up from piece to piece.
        Assert.InRange(Hottest(10) - Hottest(1), 0.2, 6);
        // As it should be it stays below where dye moves; off to the hot side it does not.
        var near = Plan("smooth", "jersey", "polyester", null, j => j["used"] = Used(143, 15));
        Assert.True(near.Presses[^1].Predicted.HottestClothCelsius < 138);
        Assert.Contains(near.Notices, n => n.Code == "dye-migration");
        Assert.DoesNotContain(Plan("low-temp", "jersey", "polyester", null, j => j["quantity"] = 20).Notices,
            n => n.Code == "dye-migration");
    }
}
