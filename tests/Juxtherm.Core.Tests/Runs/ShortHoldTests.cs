using System.Text.Json.Nodes;
using Juxtherm.Core.Items;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Runs;
using Juxtherm.Core.Runs.Commands;
using Juxtherm.Core.Runs.Judging;
using Juxtherm.Core.Tests.Plans;
using Juxtherm.Words;
using Outcome = Juxtherm.Core.Runs.Outcome;

namespace Juxtherm.Core.Tests.Runs;

/// <summary>A plate that is opened early, closed again, or closed once too often: the model follows what was done.</summary>
public sealed class ShortHoldTests
{
    private static readonly Judge Judge = new(new Planner(Shipped.Catalogue, Language.English));

    private static RunAtPress Holding(JsonObject? job = null) => new RunAtPress(job ?? SampleJobs.Tee()).Prepare().ToTheBondingHold();

    private static LogEntry Entry(RunAtPress run)
    {
        var last = run.Until(StepKind.Inspect).Focus().Number;
        run.Say(BenchAction.Done);
        return LogEntry.Of(run.Job, run.Plan, run.State, run.State.PieceOf(last)!);
    }

    /// <summary>Bond of a piece as it is peeled, as the bench shows it.</summary>
    private static double BondAtThePeel(RunAtPress run) =>
        Judge.Trace(run.Job, run.Plan, run.Focus(), UnitSystem.Metric).Last(p => p.Kind == PhaseKind.Peel).Bond[^1];

    /// <summary>A print wider than the plate.</summary>
    private static JsonObject Wide() => SampleJobs.With(j =>
    {
        j["blank"]!["form"] = "flat";
        j["layers"]![0] = new JsonObject
        {
            ["id"] = "sky",
            ["vinyl"] = "smooth",
            ["widthMm"] = 500,
            ["heightMm"] = 60,
            ["xMm"] = 20,
            ["yMm"] = 100
        };
        j["blank"]!["measures"] = new JsonObject { ["freeWidth"] = 600, ["freeHeight"] = 300 };
    });

    private static JsonObject BothFaces() => SampleJobs.With(j => j["layers"] = JsonNode.Parse("""
        [ { "id": "name", "vinyl": "smooth", "face": "front", "widthMm": 90, "heightMm": 40, "xMm": 170, "yMm": 140 },
          { "id": "tarn", "vinyl": "smooth", "face": "back", "widthMm": 240, "heightMm": 170, "xMm": 95, "yMm": 120 } ]
        """));

    [Fact]
    public void What_is_missing_is_named_at_once_and_closing_again_makes_up_for_it()
    {
        var run = Holding();
        var planned = run.Step().Seconds;
        run.Wait(5).Say(BenchAction.OpenedEarly);
        Assert.Equal($"{planned - 5:0} s missing: close again now.", run.Step().Text);
        run.Wait(3).Say(BenchAction.Done);
        Assert.Equal((StepKind.Hold, planned - 5), (run.Step().Kind, run.Step().Seconds));
        run.Wait(planned - 5);
        Assert.Equal((WorkStage.Peel, false), (run.Step().Stage, run.Focus().InRescue));
        var entry = Entry(run);
        Assert.Equal((planned, planned, 0), (entry.Pressed.PlannedSeconds, entry.Pressed.Seconds, entry.PressedAgainSeconds));
    }

    [Fact]
    public void Left_short_it_goes_on_and_everything_after_counts_from_what_was_done()
    {
        var run = Holding().Wait(3).Say(BenchAction.OpenedEarly);
        var (before, step) = (BondAtThePeel(run), run.Focus().Step);
        run.Say(BenchAction.Back);
        Assert.Equal((step, false), (run.Focus().Step, run.Focus().InRescue));
        Assert.False(Judge.IsByPlan(run.Plan, run.Focus(), null));
        var whole = run.Plan.BondingPress.Predicted.Bond["sky"];
        // As long as closing again is on, the picture shows what that will come to; without it the truth.
        Assert.InRange(before, 0.7 * whole, 1.3 * whole);
        Assert.InRange(BondAtThePeel(run), 0, 0.2 * whole);
        var said = run.Until(StepKind.Inspect).See(Outcome.EdgesLifted) is var looked
            ? JudgeTests.Judged(looked, Outcome.EdgesLifted)[0] : null;
        Assert.Contains("closed 3 s instead of", said!.Causes[0], StringComparison.Ordinal);
        Assert.Equal(3, Entry(run).Pressed.Seconds);
    }

    [Fact]
    public void Bond_and_heat_count_the_same_presses_where_one_was_aborted_and_repeated()
    {
        var once = Holding();
        var twice = Holding();
        var planned = once.Step().Seconds;
        once.Wait(planned);
        twice.Wait(5).OpenForGood().Say(BenchAction.Back).Wait(4).Say(BenchAction.Done).Wait(planned);
        Assert.Equal([5, planned], twice.Focus().Holds.Where(h => h.PressOrder == twice.Plan.BondingPress.Order).Select(h => h.Seconds));
        double HeatDose(RunAtPress run) => JudgeTests.Judged(run.Until(StepKind.Inspect), Outcome.Dented)[0].Rooms[0].Before;
        Assert.True(BondAtThePeel(twice) > BondAtThePeel(once), "the aborted press counts for the bond");
        Assert.True(HeatDose(twice) > HeatDose(once), "the aborted press counts for the heat");
        Assert.DoesNotContain(JudgeTests.Judged(twice, Outcome.EdgesLifted)[0].Causes,
            c => c.Contains("instead of", StringComparison.Ordinal));
        Assert.Equal(planned + 5, Entry(twice).Pressed.Seconds);
    }

    [Fact]
    public void Of_several_goes_each_counts_by_itself()
    {
        var run = new RunAtPress(Wide()).Prepare();
        Assert.Equal(2, run.Plan.BondingPress.Parts);
        run.ToTheBondingHold();
        var planned = run.Step().Seconds;
        var parts = run.Plan.Whole.Last(w => w.Press.Purpose == PressPurpose.Press).OnParts;
        var second = parts[1].Order;
        run.Wait(planned).Until(s => s.Kind == StepKind.Hold && s.PressOrder == second).Wait(4).Say(BenchAction.OpenedEarly).Wait(2)
            .Say(BenchAction.Done).Wait(planned - 4);
        var places = parts.Select(p => Assert.Single(ClosedPlate.Of(run.State.Pieces[0].Holds, p.Order))).ToList();
        Assert.Equal([planned, planned], places.Select(p => p.Seconds));
        Assert.Equal([4, planned - 4], places[1].Closings.Select(c => c.Seconds));
        Assert.Equal(2, places[1].Closings[1].OpenBefore);
        Assert.Equal(planned, Entry(run).Pressed.Seconds);
    }

    [Theory]
    // Within a second or so no hand can do better.
    [InlineData(1.2, false)]
    [InlineData(2.5, true)]
    public void A_second_too_soon_is_let_be(double early, bool named)
    {
        var run = Holding();
        Assert.Equal(named, run.Wait(run.Step().Seconds - early).Say(BenchAction.OpenedEarly).Focus().InRescue);
    }

    [Fact]
    public void A_rescue_that_is_opened_early_is_made_up_for_too()
    {
        var run = Holding().Until(StepKind.Inspect).See(Outcome.EdgesLifted);
        var steps = JudgeTests.Judged(run, Outcome.EdgesLifted)[0].Steps;
        run.Say(BenchAction.Rescue, with: e => e with { Steps = steps }).Until(StepKind.Hold);
        var seconds = run.Step().Seconds;
        run.Wait(1).Say(BenchAction.OpenedEarly);
        Assert.Equal(seconds - 1, run.Focus().MissingSeconds);
        run.Until(StepKind.Inspect);
        Assert.Equal(seconds, run.Focus().PressedAgainSeconds);
    }

    [Fact]
    public void Runs_of_earlier_rules_are_replayed_as_they_went()
    {
        var run = Holding().Wait(3);
        var early = new BenchEvent(run.Now, BenchAction.OpenedEarly, 1, 1);
        Assert.False(BenchRules.Apply(run.Script with { NamesShortHolds = false }, run.State, early).Pieces[0].InRescue);
    }

    [Fact]
    public void A_press_on_the_back_is_drawn_with_the_layer_that_it_presses()
    {
        var (plan, trace, _) = SampleJobs.Plan(BothFaces());
        var back = plan.Presses.Single(p => p.Purpose == PressPurpose.Press && p.Face == Face.Back);
        Assert.Contains(trace.First(p => p.PressOrder == back.Order).Sheets, s => s.Id == "vinyl-tarn");
        var front = plan.Presses.Single(p => p.Purpose == PressPurpose.Press && p.Face == Face.Front);
        Assert.Contains(trace.First(p => p.PressOrder == front.Order).Sheets, s => s.Id == "vinyl-name");
    }

    [Fact]
    public void With_two_sides_the_headline_says_both_in_the_order_in_which_they_are_pressed()
    {
        var plan = SampleJobs.Plan(BothFaces()).Plan;
        Assert.Equal([Face.Front, Face.Back], plan.BondingPresses.Select(p => p.Face));
        var (front, back) = (plan.BondingPresses[0].Seconds, plan.BondingPresses[1].Seconds);
        Assert.Matches($"press {front:0} s on the front, .*turn over, .*{back:0} s on the back", plan.Headline);
    }

    [Fact]
    public void What_is_seen_on_one_side_is_answered_for_that_side()
    {
        var run = new RunAtPress(BothFaces()).Prepare().Until(StepKind.Inspect);
        Advice On(Face face) =>
            Judge.Of(run.Job, run.Plan, run.Say(BenchAction.See, with: e => e with { Outcomes = [Outcome.EdgesLifted], Face = face }).State,
                run.Focus(), [Outcome.EdgesLifted], UnitSystem.Metric)[0];
        var (back, front) = (On(Face.Back), On(Face.Front));
        // The back was pressed last and lies up.
        Assert.DoesNotContain(back.Steps, s => s.TurnedOver);
        Assert.Equal("Turn the tee over: the front faces up.", front.Steps[0].Text);
        Assert.True(front.Steps.Single(s => s.Kind == StepKind.Hold).TurnedOver);
        run.Say(BenchAction.Rescue, with: e => e with { Steps = front.Steps }).Until(StepKind.Inspect);
        Assert.True(run.Focus().Holds[^1].TurnedOver);
        // What was pressed on the front helps the front and hardly the back.
        double Bond(Advice advice) =>
            double.Parse(advice.Why.Split("(bond ")[1].Split(' ')[0], System.Globalization.CultureInfo.InvariantCulture);
        var (helped, hardly) = (Bond(On(Face.Front)) - Bond(front), Bond(On(Face.Back)) - Bond(back));
        Assert.True(helped > hardly, $"{helped} {hardly}");
    }
}
