using System.Text.Json.Nodes;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Words;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>Derivations say what really went in and what really limits, not just something.</summary>
public class DerivationTests
{
    private static Derivation Figure(Plan plan, string figure) => plan.BondingPress.Figures.Single(f => f.Figure == figure);

    private static string Text(Derivation derivation) => string.Join(' ', derivation.Lines.Select(l => l.Text));

    [Theory]
    // What binds on each stack, and the figure that the derivation has to name.
    [InlineData("smooth", "patch", "leather-veg", "swing-platen", "the bare vegetable-tanned leather reaches 125 °C")]
    [InlineData("low-temp", "patch", "leather-veg", "swing-platen", "as long as a press can be held")]
    [InlineData("smooth", "tee", "cotton", "swing-platen", "as long as a press can be held")]
    [InlineData("foil", "tee", "cotton", "swing-platen", "the vinyl has had all the heat it can take")]
    public void The_limit_that_binds_is_named(string vinyl, string form, string material, string source, string says)
    {
        var plan = SampleJobs.Plan(SampleJobs.Of(vinyl, form, material, source)).Plan;
        Assert.Contains(says, Text(Figure(plan, "celsius")), StringComparison.Ordinal);
    }

    [Fact]
    public void The_chart_and_the_wrapper_are_told_apart()
    {
        Assert.Contains("The usual settings for Smooth vinyl say 152 °C",
            Text(Figure(SampleJobs.Plan(SampleJobs.Tee()).Plan, "celsius")), StringComparison.Ordinal);
        var wrapped = SampleJobs.Plan(SampleJobs.With(j => j["layers"]![0]!["label"] = new JsonObject { ["celsius"] = 160 })).Plan;
        Assert.Contains("The instructions for Smooth vinyl say 160 °C. That is close to what this press needs",
            Text(Figure(wrapped, "celsius")), StringComparison.Ordinal);
        // The time was not on the wrapper, so it stays the chart's.
        Assert.Contains("The usual settings for Smooth vinyl say 12 s", Text(Figure(wrapped, "seconds")), StringComparison.Ordinal);
    }

    [Fact]
    public void Felt_says_how_much_more_it_wants() =>
        Assert.Contains("Polyester felt needs 5.6 times that",
            Text(Figure(SampleJobs.Plan(SampleJobs.Of("smooth", "pennant", "poly-felt", "swing-platen")).Plan, "seconds")),
            StringComparison.Ordinal);

    [Fact]
    public void A_mark_stands_for_its_band()
    {
        var figure = Figure(SampleJobs.Plan(SampleJobs.Of("smooth", "tee", "cotton", "household-iron")).Plan, "celsius");
        Assert.Equal("•••", figure.Shown);
        var band = Assert.Single(figure.Lines, l => l.Text.Contains("stands for", StringComparison.Ordinal));
        Assert.Contains("IEC 60311", band.From, StringComparison.Ordinal);
    }

    [Fact]
    public void Pressure_is_told_in_kilopascals_and_in_kilograms()
    {
        // 20 kPa over a hand's breadth square, 0.01 m²: 200 N, 20.4 kg at 9.81 m/s².
        Assert.Contains("20 kPa: like 20.4 kg on the palm", Text(Figure(SampleJobs.Plan(SampleJobs.Tee()).Plan, "pressure")),
            StringComparison.Ordinal);
    }

    [Fact]
    public void What_is_shown_is_what_the_press_says()
    {
        foreach (var job in new[] { SampleJobs.Tee(), SampleJobs.Of("foil", "sweatshirt", "fleece", "handheld-press"),
            SampleJobs.Of("smooth", "mug", "ceramic", "mug-press") })
        {
            var press = SampleJobs.Plan(job).Plan.BondingPress;
            var words = Shipped.Words;
            Assert.Equal(words.Say(Thing.Celsius(press.Celsius)), press.Figures.Single(f => f.Figure == "celsius").Shown);
            Assert.Equal(Figures.Time(press.Seconds), press.Figures.Single(f => f.Figure == "seconds").Shown);
            Assert.Equal(words.Say(Thing.Celsius(press.Predicted.HottestClothCelsius)),
                press.Figures.Single(f => f.Figure == "hottest-cloth").Shown);
            Assert.Equal(Figures.Share(press.Predicted.Bond.Values.Min()), press.Figures.Single(f => f.Figure == "bond").Shown);
        }
    }

    [Theory]
    [InlineData("household-iron")]
    [InlineData("hand-iron")]
    public void Where_the_dial_has_marks_the_ladder_climbs_in_time(string source)
    {
        var plan = SampleJobs.Plan(SampleJobs.Of("low-temp", "flat", "unknown", source)).Plan;
        Assert.True(plan.Ladder.Count > 1);
        Assert.Single(plan.Ladder.Select(r => r.DialMark).Distinct());
        Assert.Equal(plan.Ladder.Select(r => r.Seconds).Order(), plan.Ladder.Select(r => r.Seconds));
        Assert.Equal(plan.BondingPress.Seconds, plan.Ladder[^1].Seconds);
        Assert.All(plan.Ladder.Zip(plan.Ladder.Skip(1)), pair => Assert.Equal(3, pair.Second.Seconds - pair.First.Seconds));
    }
}
