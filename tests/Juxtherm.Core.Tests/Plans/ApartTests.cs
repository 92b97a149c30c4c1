using System.Text.Json.Nodes;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Plans.Options;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Runs;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>Presses of one job that are set differently, presses from behind, and peels: as crafters do them (common practice).</summary>
public class ApartTests
{
    private static JsonObject Layer(string id, string vinyl, double x, double size) =>
        new() { ["id"] = id, ["vinyl"] = vinyl, ["xMm"] = 120 + x, ["yMm"] = 150, ["widthMm"] = size, ["heightMm"] = size };

    private static JsonObject On(string source, params JsonObject[] layers) => SampleJobs.With(j =>
    {
        j["tools"]!["heatSource"] = source;
        j["layers"] = new JsonArray([.. layers]);
    });

    [Fact]
    public void Under_an_iron_foil_and_plain_vinyl_have_a_mark_each()
    {
        var plan = SampleJobs.Plan(On("household-iron", Layer("plain", "smooth", 0, 80), Layer("foil", "foil", 120, 60))).Plan;
        var bonding = plan.BondingPresses;
        Assert.Equal([("plain", "•••", 200.0), ("foil", "••", 150.0)],
            bonding.Select(p => (Assert.Single(p.Layers), p.DialMark, p.Celsius)));
        Assert.Contains("then to the mark ••:", plan.Headline, StringComparison.Ordinal);
        // Turning the dial is a step with its own time, just before what is pressed at it, and the bench has it.
        var turn = Assert.Single(plan.Steps, s => s.Text.StartsWith("Now the mark ••", StringComparison.Ordinal));
        Assert.Equal(bonding[1].Order, turn.PressOrder);
        Assert.InRange(turn.Seconds, 30, 600);
        Assert.Contains(StationScript.Of(plan).Steps, s => s.Text == turn.Text && s.Kind == StepKind.Do);
        Assert.All(plan.Budgets,
            b => Assert.True(b.Bond >= b.HoldsFrom && b.Total <= 1.2 * b.Most, $"{b.Name}: {b.Bond}, {b.Total} of {b.Most}"));
        // The same under a plate press has one setting.
        Assert.Single(
            SampleJobs.Plan(On("swing-platen", Layer("plain", "smooth", 0, 80), Layer("foil", "foil", 120, 60))).Plan.Presses.Select(p =>
                p.Celsius).Distinct());
    }

    [Fact]
    public void A_way_that_was_chosen_keeps_one_setting()
    {
        var job = On("household-iron", Layer("plain", "smooth", 0, 80), Layer("foil", "foil", 120, 60));
        job["choices"] = new JsonObject { ["layerMethod"] = "full" };
        Assert.Single(SampleJobs.Plan(job).Plan.Presses.Select(p => p.DialMark).Distinct());
    }

    [Theory]
    [InlineData("household-iron", 25)]
    [InlineData("hand-iron", 25)]
    [InlineData("handheld-press", 15)]
    public void What_presses_lightly_presses_from_the_back_as_well_and_that_counts(string source, double seconds)
    {
        var plan = SampleJobs.Plan(SampleJobs.Of("smooth", "tee", "cotton", source)).Plan;
        var (press, back) = (plan.BondingPress, Assert.Single(plan.Presses, p => p.Purpose == PressPurpose.Back));
        Assert.Equal(seconds, back.Seconds);
        // The bond comes from both, the heat is counted, the carrier comes off after it, and the front alone would take longer.
        Assert.True(back.Predicted.Bond.Values.Min() > press.Predicted.Bond.Values.Min() + 0.1);
        Assert.True(back.Predicted.Bond.Values.Min() >= 1);
        Assert.Equal(back.Order, Assert.Single(plan.Budgets).Shares.Single(s => s.Order == back.Order).Order);
        Assert.Equal((PeelMethod.None, PeelMethod.Warm), (press.Peel.Method, back.Peel.Method));
        Assert.Contains(StationScript.Of(plan).Steps, s => s.Kind == StepKind.Hold && s.PressOrder == back.Order && s.Seconds == seconds);
        var never = SampleJobs.Of("smooth", "tee", "cotton", source);
        never["choices"] = new JsonObject { [new BackPress().Id] = BackPress.Never };
        var front = SampleJobs.Plan(never).Plan;
        Assert.DoesNotContain(front.Presses, p => p.Purpose == PressPurpose.Back);
        Assert.True(front.BondingPress.Seconds > press.Seconds, $"{front.BondingPress.Seconds} and {press.Seconds}");
    }

    [Theory]
    [InlineData("smooth", "stretched-canvas", "primed-canvas", "handheld-press")]
    [InlineData("smooth", "tee", "cotton", "swing-platen")]
    [InlineData("smooth", "plaque", "wood", "handheld-press")]
    public void What_cannot_be_turned_over_or_needs_it_not_is_not(string vinyl, string form, string material, string source) =>
        Assert.DoesNotContain(SampleJobs.Plan(SampleJobs.Of(vinyl, form, material, source)).Plan.Presses,
            p => p.Purpose == PressPurpose.Back);

    [Theory]
    [InlineData("smooth", "mug", "ceramic", "mug-press")]
    [InlineData("smooth", "coaster", "slate", "swing-platen")]
    [InlineData("smooth", "plaque", "wood", "swing-platen")]
    [InlineData("smooth", "mug", "ceramic", "heat-gun")]
    public void Hard_goods_are_peeled_within_the_minute_and_not_finished(string vinyl, string form, string material, string source)
    {
        var plan = SampleJobs.Plan(SampleJobs.Of(vinyl, form, material, source)).Plan;
        Assert.InRange(plan.BondingPress.Peel.FromSeconds, 20, 40);
        Assert.Equal(60, plan.BondingPress.Peel.ToSeconds);
        Assert.DoesNotContain(plan.Presses, p => p.Purpose == PressPurpose.Finish);
    }

    [Fact]
    public void A_wait_is_how_long_it_cools_and_not_where_the_search_ended()
    {
        double Cold(string form, string material, string source) =>
            SampleJobs.Plan(SampleJobs.Of("foil", form, material, source)).Plan.BondingPress.Peel.FromSeconds;
        var mug = SampleJobs.Plan(SampleJobs.Of("foil", "mug", "ceramic", "mug-press")).Plan.BondingPress.Peel;
        Assert.Null(mug.ToSeconds);
        Assert.InRange(mug.FromSeconds, 601, 3000);
        // What holds more heat takes longer; none stands at the end of a search.
        double[] waits = [Cold("tee", "cotton", "swing-platen"), Cold("coaster", "ceramic", "swing-platen"),
            Cold("coaster", "slate", "swing-platen")];
        Assert.Equal(waits.Order(), waits);
        Assert.All(waits, w => Assert.NotEqual(900, w));
    }

    [Theory]
    [InlineData("cotton", "tee", null, "hot")]
    [InlineData("cotton", "tee", "cold", "cold")]
    [InlineData("slate", "coaster", null, "warm")]
    public void After_a_tack_on_cloth_the_carrier_comes_off_at_once_unless_it_peels_cold(string material, string form, string? peel,
        string method)
    {
        var job = On("swing-platen", Layer("low", "smooth", 0, 60), Layer("up", "smooth", 20, 20));
        job["blank"] = new JsonObject { ["form"] = form, ["material"] = material, ["widthMm"] = 400, ["heightMm"] = 500 };
        if (peel is not null)
            job["layers"]![0]!["label"] = new JsonObject { ["peel"] = peel };
        var first = SampleJobs.Plan(job).Plan.Presses.First(p => p.Laid.Contains("low") && p.Purpose != PressPurpose.Patch);
        Assert.Equal(method, first.Peel.Method.ToString().ToLowerInvariant());
    }

    [Fact]
    public void Warm_begins_five_seconds_after_opening_and_is_over_at_forty_degrees()
    {
        var job = SampleJobs.Tee();
        job["choices"] = new JsonObject { ["finishPress"] = "none" };
        var (plan, trace, _) = SampleJobs.Plan(job);
        var peel = plan.BondingPress.Peel;
        Assert.Equal(5, peel.FromSeconds);
        // Where it lies the vinyl is at forty degrees when the time for it is over.
        var opened = trace.Where(p => p.Kind is PhaseKind.Cool or PhaseKind.Peel).ToList();
        Assert.Equal(5, opened[0].Seconds);
        var session = new PressSession(SampleJobs.Read(job) is var read
            ? new Workpiece(read.Layer.Vinyl, read.Blank.Material, read.Blank.Form, read.Tools.Source, read.Tools.Cover,
                read.Tools.Underlay) : null!, Shipped.Catalogue);
        var set = PressSetting.Single(plan.BondingPress.Celsius, plan.BondingPress.PressureKPa, 5);
        session.PreheatAndLay(set, Shipped.Catalogue.Work);
        session.Press(set with { Seconds = plan.BondingPress.Seconds });
        session.Open(CoolingPlace.OnUnderlay, peel.ToSeconds!.Value, set.PlateCelsius);
        Assert.InRange(session.VinylCelsius[0], 39.5, 41);
    }

    [Fact]
    public void Jute_asks_for_firm_pressure_and_says_why_unless_somebody_knows_better()
    {
        var job = SampleJobs.Of("smooth", "tote", "jute", "handheld-press");
        var plan = SampleJobs.Plan(job).Plan;
        Assert.All(plan.Presses, p => Assert.Equal(PressureLevel.Firm, p.Pressure));
        Assert.Contains("between the threads", Assert.Single(plan.Notices, n => n.Code == "open-weave").Text, StringComparison.Ordinal);
        job["layers"]![0]!["label"] = new JsonObject { ["pressure"] = "medium", ["for"] = "this-press" };
        Assert.All(SampleJobs.Plan(job).Plan.Presses, p => Assert.Equal(PressureLevel.Medium, p.Pressure));
        Assert.DoesNotContain(SampleJobs.Plan(job).Plan.Notices, n => n.Code == "open-weave");
    }
}
