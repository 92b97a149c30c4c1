using Juxtherm.Core.Jobs;
using Juxtherm.Core.Learning;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Setting;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Runs;
using Juxtherm.Core.Settings;
using Juxtherm.Core.Tests.Plans;
using Juxtherm.Words;

namespace Juxtherm.Core.Tests.Logbook;

/// <summary>Plans made for a workshop that knows its own plate and vinyls.</summary>
public sealed class WorkshopCorrectionTests
{
    private static readonly Planner Planner = new(Shipped.Catalogue, Language.English);

    private static Job Tee => SampleJobs.Read(SampleJobs.With(_ => { }));

    private static PlannedPress Pressed(Job job) => Planner.Plan(job, UnitSystem.Metric).Plan.BondingPress;

    private static WorkshopCorrection Plate(double offset, double error = 5) =>
        new([new PlateCorrection(Tee.Tools.Source.Id, offset, error, "your logbook: 7 pieces")], []);

    private static WorkshopCorrection Demand(double factor) =>
        new([], [new DemandCorrection(Tee.Layer.Vinyl.Id, Tee.Blank.Material.Id, factor, "your logbook: 7 pieces")]);

    [Fact]
    public void Nothing_learned_changes_nothing() => Assert.Same(Tee.Blank.Material, Tee.In(WorkshopCorrection.None).Blank.Material);

    [Fact]
    public void A_plate_known_to_be_cooler_is_set_higher_or_pressed_longer_and_its_face_comes_out_alike()
    {
        var (usual, own) = (Pressed(Tee), Pressed(Tee.In(Plate(-6))));
        double Face(PlannedPress press, double offset) => press.Celsius + offset + Math.Log10(press.Seconds) * 45;
        Assert.True(own.Celsius > usual.Celsius || own.Seconds > usual.Seconds);
        Assert.InRange(Face(own, -6) - Face(usual, 0), -4, 4);
    }

    [Fact]
    public void It_is_as_if_the_press_itself_were_described_so()
    {
        var source = Tee.Tools.Source;
        var described = Tee
            with
        {
            Tools = Tee.Tools
                with
            {
                Source = source
                    with
                {
                    Dial = source.Dial
                    with
                    {
                        OffsetK = source.Dial.OffsetK with { Value = source.Dial.OffsetK.Value - 6 },
                        ErrorK = source.Dial.ErrorK with { Value = 3 }
                    }
                }
            }
        };
        var (own, other) = (Pressed(Tee.In(Plate(-6, 3))), Pressed(described));
        Assert.Equal((other.Celsius, other.Seconds), (own.Celsius, own.Seconds));
    }

    [Fact]
    public void A_vinyl_that_wants_more_gets_more_and_the_plan_says_why()
    {
        var (usual, own) = (Pressed(Tee), Pressed(Tee.In(Demand(1.5))));
        var layer = Tee.Layer.Id;
        Assert.True(own.Seconds * Math.Pow(10, own.Celsius / 45) > 1.2 * usual.Seconds * Math.Pow(10, usual.Celsius / 45));
        Assert.InRange(own.Predicted.Bond[layer], 0.9, 1.6);
        Assert.Contains(own.Why, w => w.Contains("your logbook: 7 pieces", StringComparison.Ordinal));
        Assert.DoesNotContain(own.Why, w => w.Contains("not smooth", StringComparison.Ordinal));
    }

    [Fact]
    public void What_was_learned_of_another_vinyl_blank_or_press_stays_there()
    {
        var elsewhere = new WorkshopCorrection([new PlateCorrection("mug-press", -9, 2, "")],
            [new DemandCorrection("foil", Tee.Blank.Material.Id, 2, ""), new DemandCorrection(Tee.Layer.Vinyl.Id, "canvas", 2, "")]);
        Assert.Equal((Pressed(Tee).Celsius, Pressed(Tee).Seconds),
            (Pressed(Tee.In(elsewhere)).Celsius, Pressed(Tee.In(elsewhere)).Seconds));
    }

    [Fact]
    public void A_setting_as_used_is_taken_at_its_word_and_reckoned()
    {
        var usual = Pressed(Tee);
        var used = Tee with { Used = new UsedSetting(usual.Celsius, usual.Seconds + 4, "12 May") };
        var own = Pressed(used);
        Assert.Equal((usual.Celsius, usual.Seconds + 4), (own.Celsius, own.Seconds));
        Assert.True(own.Predicted.Bond[Tee.Layer.Id] > usual.Predicted.Bond[Tee.Layer.Id]);
        Assert.Contains("12 May", own.Why[0], StringComparison.Ordinal);
        var little = Planner.Plan(Tee with { Used = new UsedSetting(usual.Celsius - 30, 3, "") }, UnitSystem.Metric).Plan;
        // By the model it does not hold; who has done it may know better.
        Assert.Equal(Verdict.Caution, little.Verdict);
        Assert.Contains(little.Notices, n => n.Code == "no-safe-setting");
    }

    [Fact]
    public void The_heat_of_a_piece_is_reckoned_as_the_plan_predicts_it_and_moves_with_the_plate_as_a_run_shows()
    {
        var reckoner = new HeatReckoner(Planner);
        var plan = Planner.Plan(Tee, UnitSystem.Metric).Plan;
        var holds = plan.Presses.Where(p => p.Purpose is PressPurpose.Preheat or PressPurpose.Press)
            .Select(p => new HoldDone(p.Order, p.Seconds, null)).ToList();
        var heat = reckoner.Of(Tee, plan, holds)!;
        var vinyl = Tee.Layer.Vinyl;
        Assert.Equal(plan.BondingPress.Predicted.Bond[Tee.Layer.Id] / vinyl.Bond.HoldsFrom.Value, Math.Exp(heat.LnRoom), 0.02);
        // The slope against a run of its own with a plate measured five kelvin hotter.
        var face = plan.BondingPress.SurfaceCelsius(Tee.Tools.Source);
        var source = Tee.Tools.Source;
        var hotter = Tee
            with
        {
            Tools = Tee.Tools
                with
            {
                Source = source
                with
                { Dial = source.Dial with { OffsetK = source.Dial.OffsetK with { Value = source.Dial.OffsetK.Value + 5 } } }
            }
        };
        Assert.Equal(heat.LnRoom + 5 * heat.BondPerK, reckoner.Of(hotter, plan, holds)!.LnRoom, 0.03);
        Assert.Equal(heat.At(5).LnRoom, reckoner.Of(hotter, plan, holds)!.LnRoom, 0.03);
        Assert.True(face > 100 && heat.BondPerK is > 0.02 and < 0.08);
        // Whatever was measured while it closed is evidence of its own, and does not change this.
        Assert.Equal(heat, reckoner.Of(Tee, plan, [.. holds.Select(h => h with { PlateCelsius = 130 })]));
        // Pressed again after the first look does not count; nothing pressed says nothing.
        Assert.Equal(heat, reckoner.Of(Tee, plan, [.. holds, new HoldDone(HoldDone.Again, 20, null)]));
        Assert.Null(reckoner.Of(Tee, plan, []));
    }
}
