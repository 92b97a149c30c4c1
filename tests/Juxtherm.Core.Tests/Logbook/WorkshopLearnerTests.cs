using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Certainty;
using Juxtherm.Core.Learning;
using Juxtherm.Core.Logbook;
using MathNet.Numerics.Distributions;
using Outcome = Juxtherm.Core.Runs.Outcome;

namespace Juxtherm.Core.Tests.Logbook;

/// <summary>What the logbook makes believe: of the plate, of the vinyl, and of neither more than is said.</summary>
public sealed class WorkshopLearnerTests
{
    private const double ErrorK = 5;
    private static readonly HeatHad Usual = new(0.7, 0.045, -1.6, 0.042, 0);

    private static Evidence Piece(Showing showed, string run = "", string source = "press", string vinyl = "smooth",
        string material = "cotton", HeatHad? heat = null) =>
        new(run.Length > 0 ? run : Guid.NewGuid().ToString(), source, vinyl, material, heat ?? Usual, showed);

    private static Beliefs Learn(IEnumerable<Evidence> pieces, params PlateReading[] readings) =>
        WorkshopLearner.Learn([.. pieces], readings, _ => ErrorK);

    /// <summary>How far plate and vinyl together leave a piece from holding; which of the two is to blame may change from piece to
    /// piece.</summary>
    private static double Together(Beliefs beliefs) => Usual.BondPerK * beliefs.Plates[0].OffsetK - Math.Log(beliefs.Demands[0].Factor);

    private static IEnumerable<Evidence> Pieces(Showing showed, int count, string run = "", string source = "press",
        string vinyl = "smooth") => Enumerable.Range(0, count).Select(_ => Piece(showed, run, source, vinyl));

    [Theory]
    [InlineData(-9)]
    [InlineData(-3.7)]
    [InlineData(-1)]
    [InlineData(-0.01)]
    [InlineData(0)]
    [InlineData(0.3)]
    [InlineData(1.96)]
    [InlineData(5)]
    [InlineData(9)]
    public void The_normal_distribution_agrees_with_a_numerics_library(double x) =>
    Assert.Equal(Normal.CDF(0, 1, x), Odds.Below(x), 5e-6);

    [Fact]
    public void A_reading_alone_gives_what_Bayes_gives_for_a_normal_belief()
    {
        // With the prior's narrow part alone: precision-weighted mean and spread, in closed form.
        var plate = Assert.Single(Learn([], new PlateReading("press", -3, 1.5)).Plates);
        var (prior, reading) = (Math.Pow(ErrorK / LearningFigures.SpreadsInError, -2), Math.Pow(1.5, -2));
        Assert.Equal(-3 * reading / (prior + reading), plate.OffsetK, 0.25);
        // A tenth of presses are far stranger, which leaves a little more doubt.
        Assert.InRange(plate.SpreadK, Math.Pow(prior + reading, -0.5), Math.Pow(prior + reading, -0.5) * 1.2);
        Assert.InRange(plate.LowK, plate.OffsetK - 2 * plate.SpreadK, plate.OffsetK - plate.SpreadK);
        Assert.InRange(plate.HighK, plate.OffsetK + plate.SpreadK, plate.OffsetK + 2 * plate.SpreadK);
    }

    [Fact]
    public void One_wrong_reading_among_good_ones_hardly_moves_the_plate()
    {
        var good = new[] { new PlateReading("press", -2, 1.5), new PlateReading("press", -2.5, 1.5), new PlateReading("press", -1.5, 1.5) };
        var without = Learn([], good).Plates[0].OffsetK;
        var with = Learn([], [.. good, new PlateReading("press", 30, 1.5)]).Plates[0].OffsetK;
        Assert.InRange(with, without - 0.3, without + 0.3);
    }

    /// <summary>One bad cloth, or one bad vinyl, is no cold plate: however many pieces lift, the plate is believed off by little and the
    /// vinyl on that cloth is believed to want more.</summary>
    [Theory]
    [InlineData(Showing.Short, 5)]
    [InlineData(Showing.Short, 40)]
    [InlineData(Showing.TooMuch, 12)]
    [InlineData(Showing.TooMuch, 60)]
    public void Without_a_reading_one_work_never_moves_a_plate_by_more_than_3_K(Showing showed, int count)
    {
        var one = Learn(Pieces(showed, count));
        Assert.InRange(one.Plates[0].OffsetK, -LearningFigures.MostUnmeasuredK, LearningFigures.MostUnmeasuredK);
        // It is known no better than before how far off it may be.
        Assert.Equal(ErrorK / LearningFigures.SpreadsInError, one.Plates[0].SpreadK, 6);
        if (showed == Showing.Short)
            Assert.True(one.Demands[0].Factor > 1.15, $"{one.Demands[0].Factor}");
        // Another vinyl on the same cloth, and the same vinyl on another, have something in common with it.
        foreach (var (vinyl, material) in new[] { ("glitter", "cotton"), ("smooth", "canvas") })
        {
            var alike = Learn(Pieces(showed, count).Concat(Enumerable.Range(0, count)
                .Select(_ => Piece(showed, vinyl: vinyl, material: material))));
            Assert.InRange(alike.Plates[0].OffsetK, -LearningFigures.MostUnmeasuredK, LearningFigures.MostUnmeasuredK);
        }
    }

    [Fact]
    public void Works_with_nothing_in_common_that_agree_are_believed_and_so_is_a_reading()
    {
        List<Evidence> two = [.. Pieces(Showing.Short, 8), .. Enumerable.Range(0, 8)
            .Select(_ => Piece(Showing.Short, vinyl: "glitter", material: "canvas"))];
        Assert.True(Learn(two).Plates[0].OffsetK < -LearningFigures.MostUnmeasuredK, $"{Learn(two).Plates[0].OffsetK}");
        // Where the other holds they do not agree.
        List<Evidence> apart = [.. Pieces(Showing.Short, 8), .. Enumerable.Range(0, 8)
            .Select(_ => Piece(Showing.Held, vinyl: "glitter", material: "canvas"))];
        Assert.InRange(Learn(apart).Plates[0].OffsetK, -LearningFigures.MostUnmeasuredK, LearningFigures.MostUnmeasuredK);
        Assert.InRange(Learn(Pieces(Showing.Short, 8), new PlateReading("press", -9, 1)).Plates[0].OffsetK, -10, -6);
    }

    /// <summary>Pieces of another workshop, learned of as on a plate of their own, say something of the vinyl and nothing of the plate
    /// here; each says less than one from here.</summary>
    [Fact]
    public void What_comes_from_elsewhere_is_a_hint_of_the_vinyl_and_none_of_the_plate()
    {
        var there = SinceRepair.PlateElsewhere("press");
        var hint = SinceRepair.Now(Learn(Enumerable.Range(0, 20)
            .Select(_ => Piece(Showing.Short, source: there) with { Weight = LearningFigures.ElsewhereWeight })));
        Assert.Empty(hint.Plates);
        var own = Learn(Pieces(Showing.Short, 20)).Demands[0].Factor;
        Assert.InRange(hint.Demands[0].Factor, 1.02, own - 0.02);
        Assert.Equal("press", SinceRepair.Press(there));
    }

    [Fact]
    public void A_thousand_readings_and_pieces_do_not_drown_each_other() =>
        Assert.InRange(
            Learn(Pieces(Showing.Held, 1000),
                [.. Enumerable.Range(0, 1000).Select(i => new PlateReading("press", -4 + i % 3, 3))]).Plates[0].OffsetK, -3.5, -2.5);

    [Fact]
    public void A_plate_far_beyond_its_kind_is_believed_once_it_is_measured_more_than_once() =>
        Assert.InRange(Learn([], new PlateReading("press", -14, 1.5), new PlateReading("press", -15, 1.5)).Plates[0].OffsetK, -15, -12);

    [Fact]
    public void What_lifts_makes_believe_in_a_cooler_plate_or_a_needier_vinyl_and_a_reading_tells_which()
    {
        var lifted = Pieces(Showing.Short, 6).ToList();
        var unmeasured = Learn(lifted);
        Assert.True(unmeasured.Plates[0].OffsetK < -1 && unmeasured.Demands[0].Factor > 1.15);
        var cold = Learn(lifted, new PlateReading("press", -8, 1));
        var hot = Learn(lifted, new PlateReading("press", 0, 1));
        Assert.InRange(cold.Plates[0].OffsetK, -9, -6);
        Assert.InRange(hot.Plates[0].OffsetK, -1.5, 0.5);
        Assert.True(hot.Demands[0].Factor > unmeasured.Demands[0].Factor && hot.Demands[0].Factor > 1.15 * cold.Demands[0].Factor);
    }

    [Fact]
    public void Two_vinyls_that_lift_on_one_press_blame_the_press_more_than_one_does()
    {
        var one = Learn(Pieces(Showing.Short, 4));
        var two = Learn([.. Pieces(Showing.Short, 4), .. Pieces(Showing.Short, 4, vinyl: "foil")]);
        Assert.True(two.Plates[0].OffsetK < one.Plates[0].OffsetK - 0.5);
        var elsewhere = Learn([.. Pieces(Showing.Short, 4), .. Pieces(Showing.Held, 8, source: "other")]);
        Assert.True(elsewhere.Demands[0].Factor < one.Demands[0].Factor);
        Assert.True(elsewhere.Plates.Single(p => p.HeatSource == "press").OffsetK < elsewhere.Plates.Single(p =>
            p.HeatSource == "other").OffsetK);
    }

    [Fact]
    public void One_odd_piece_among_many_that_held_moves_little()
    {
        var held = Learn(Pieces(Showing.Held, 20)).Demands[0].Factor;
        var odd = Learn([.. Pieces(Showing.Held, 20), Piece(Showing.Short)]).Demands[0].Factor;
        Assert.InRange(odd, held, held * 1.12);
    }

    [Fact]
    public void Pieces_of_one_run_count_as_three_and_no_more()
    {
        var three = Together(Learn(Pieces(Showing.Short, 3, "a")));
        var forty = Together(Learn(Pieces(Showing.Short, 40, "a")));
        Assert.Equal(three, forty, 1e-6);
        Assert.True(Together(Learn(Pieces(Showing.Short, 40))) < forty - 0.1);
    }

    [Fact]
    public void What_wrinkles_makes_believe_in_a_hotter_plate()
    {
        var near = Usual with { LnHeatDose = -0.2 };
        Assert.True(Learn(Enumerable.Range(0, 4).Select(_ => Piece(Showing.TooMuch, heat: near))).Plates[0].OffsetK > 0.5);
        Assert.True(Learn(Enumerable.Range(0, 12).Select(_ => Piece(Showing.Held, heat: near))).Plates[0].OffsetK < 0.5);
    }

    [Fact]
    public void Nothing_said_is_nothing_learned()
    {
        var beliefs = Learn([]);
        Assert.Empty(beliefs.Plates);
        Assert.Empty(beliefs.Demands);
        Assert.True(new Lessons(id => id, new HashSet<string>(), Shipped.Words).Correction(beliefs).IsNone);
    }

    [Property(MaxTest = 12)]
    public Property The_order_in_which_pieces_came_does_not_matter_and_beliefs_stay_sound() => Prop.ForAll(
        Gen.Choose(0, 2).Select(s => (Showing)s).Zip(Gen.Choose(0, 3)).ListOf(12).ToArbitrary(), drawn =>
        {
            var pieces =
                drawn.Select(d => Piece(d.Item1, source: d.Item2 < 2 ? "press" : "other", vinyl: d.Item2 % 2 == 0 ? "smooth" : "foil"))
                .ToList();
            var (there, back) = (Learn(pieces), Learn(Enumerable.Reverse(pieces)));
            Assert.All(there.Plates.Zip(back.Plates), p => Assert.Equal(p.First.OffsetK, p.Second.OffsetK, 1e-9));
            Assert.All(there.Demands, d => Assert.True(d.Low <= d.Factor && d.Factor <= d.High && d.Learned is >= 0 and <= 1));
            Assert.All(there.Plates, p => Assert.True(p.LowK <= p.OffsetK && p.OffsetK <= p.HighK && p.Learned is >= 0 and <= 1));
            Assert.Equal(pieces.Count, there.Demands.Sum(d => d.Held + d.Short + d.TooMuch));
        });

    [Fact]
    public void What_is_remembered_of_other_pieces_changes_nothing()
    {
        var memory = new LearningMemory();
        Beliefs With(IReadOnlyList<Evidence> pieces) => WorkshopLearner.Learn(pieces, [], _ => ErrorK, memory);
        List<Evidence> pieces = [.. Pieces(Showing.Short, 3), .. Pieces(Showing.Held, 4, vinyl: "foil")];
        for (var more = 0; more < 3; more++)
        {
            var (remembered, anew) = (With(pieces), Learn(pieces));
            Assert.Equal(anew.Plates, remembered.Plates);
            Assert.Equal(anew.Demands, remembered.Demands);
            pieces.Insert(0, Piece(more == 0 ? Showing.Held : Showing.TooMuch, vinyl: "foil"));
        }
    }

    [Property(MaxTest = 20)]
    public void Another_piece_that_lifts_never_makes_plate_and_vinyl_together_look_better(byte held, byte lifted)
    {
        var pieces = Pieces(Showing.Held, held % 10).Concat(Pieces(Showing.Short, lifted % 6)).Append(Piece(Showing.Held)).ToList();
        Assert.True(Together(Learn([.. pieces, Piece(Showing.Short)])) <= Together(Learn(pieces)) + 0.01);
    }

    [Fact]
    public void Plans_follow_carefully_and_what_is_switched_off_not_at_all()
    {
        var beliefs = Learn(Pieces(Showing.Short, 6), new PlateReading("press", -6, 1.5));
        var on = new Lessons(id => id, new HashSet<string>(), Shipped.Words);
        var correction = on.Correction(beliefs);
        var (plate, demand) = (Assert.Single(correction.Plates), Assert.Single(correction.Demands));
        Assert.InRange(plate.OffsetK, beliefs.Plates[0].OffsetK, -1);
        Assert.InRange(demand.Factor, 1.03, beliefs.Demands[0].Factor);
        Assert.InRange(plate.ErrorK, 1, ErrorK);
        Assert.All(on.Of(beliefs), l => Assert.True(l.Counts && l.On));
        var off = new Lessons(id => id, new HashSet<string>(StringComparer.Ordinal) { "plate:press" }, Shipped.Words);
        Assert.Empty(off.Correction(beliefs).Plates);
        Assert.Single(off.Correction(beliefs).Demands);
        Assert.False(off.Of(beliefs).Single(l => l.Kind == LessonKind.Plate).On);
    }

    [Theory]
    [InlineData(Showing.Held, Outcome.Stuck)]
    [InlineData(null, Outcome.Marked)]
    [InlineData(null, Outcome.Marked, Outcome.Stuck)]
    [InlineData(null, Outcome.ColourShifted, Outcome.Stuck)]
    [InlineData(Showing.TooMuch, Outcome.Scorched, Outcome.Stuck)]
    [InlineData(Showing.Short, Outcome.Marked, Outcome.EdgesLifted)]
    [InlineData(Showing.Held, Outcome.Crooked, Outcome.Stuck)]
    [InlineData(Showing.Short, Outcome.EdgesLifted)]
    [InlineData(Showing.Short, Outcome.OnCarrier, Outcome.Stuck)]
    [InlineData(Showing.Short, Outcome.WeaveHidden)]
    [InlineData(Showing.TooMuch, Outcome.Wrinkled)]
    [InlineData(Showing.TooMuch, Outcome.Rippled, Outcome.EdgesLifted)]
    [InlineData(null, Outcome.PuffFlat)]
    [InlineData(null)]
    public void What_was_seen_says_what_the_heat_was(Showing? expected, params Outcome[] seen) =>
    Assert.Equal(expected, Showings.Of(seen, []));

    [Theory]
    [InlineData(3, WashLook.EdgesLift, Showing.Short)]
    [InlineData(15, WashLook.CameOff, Showing.Short)]
    [InlineData(16, WashLook.CameOff, Showing.Held)]
    [InlineData(3, WashLook.Faded, Showing.Held)]
    public void What_comes_off_in_its_first_washes_was_never_well_stuck(int washes, WashLook look, Showing expected) =>
        Assert.Equal(expected, Showings.Of([Outcome.Stuck], [new Wash(default, washes, look, "")]));
}
