using Juxtherm.Core.Learning;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Runs;
using Juxtherm.Core.Runs.Judging;
using Juxtherm.Core.Tests.Plans;
using Juxtherm.Words;

namespace Juxtherm.Core.Tests.Runs;

/// <summary>The piece in hand is told its own seconds: what lies underneath is warm of those before it.</summary>
public class WarmPadTests
{
    private static RunAtPress Ready(int pieces) => new RunAtPress(SampleJobs.With(j => j["quantity"] = pieces)).Prepare();

    [Fact]
    public void Later_pieces_in_a_row_are_pressed_shorter_and_all_of_it_is_by_the_plan()
    {
        var run = Ready(6);
        var batch = run.Plan.Batch!;
        Assert.True(batch.Steady.Seconds < batch.First.Seconds && batch.FromPiece <= 5, $"{batch}");
        run.ToItsEnd();
        foreach (var piece in run.State.Pieces)
        {
            var planned = piece.Number >= batch.FromPiece ? batch.Steady.Seconds : batch.First.Seconds;
            Assert.Equal(planned, piece.Holds.Single(h => h.PressOrder == run.Plan.BondingPress.Order).Seconds);
            Assert.Equal(piece.Number - 1, piece.InRow);
            Assert.Equal(planned, run.Plan.SecondsOf(run.Plan.BondingPress, piece.InRow));
            Assert.True(Judge.IsByPlan(run.Plan, piece, null));
        }
    }

    [Fact]
    public void What_is_said_to_do_names_its_own_seconds()
    {
        var run = Ready(6);
        var (first, steady) = (run.Script.Stations[0].Steps, run.Script.Stations[0].SteadySteps);
        Assert.Equal(first.Count, steady.Count);
        var changed = first.Zip(steady).Where(s => s.First != s.Second).ToList();
        Assert.Contains(changed, s => s.Second.Kind == StepKind.Hold && s.Second.Seconds == run.Plan.Batch!.Steady.Seconds);
        Assert.All(changed, s => Assert.Equal(s.First with { Seconds = s.Second.Seconds, Text = s.Second.Text }, s.Second));
    }

    [Fact]
    public void After_a_pause_the_pad_is_cold_again_also_when_the_piece_was_already_in_hand()
    {
        var run = Ready(6);
        while (run.State.Pieces[3].Status == PieceStatus.Waiting)
            run.Go();
        run.Until(s => s.Kind == StepKind.Do && !s.Lays).Wait(600);
        run.Go();
        run.ToTheBondingHold();
        Assert.Equal((4, 0), (run.Focus().Number, run.Focus().InRow));
        Assert.Equal(run.Plan.Batch!.First.Seconds, run.Step().Seconds);
    }

    [Fact]
    public void What_a_piece_teaches_counts_the_warm_pad_that_it_lay_on()
    {
        var planner = new Planner(Shipped.Catalogue, Language.English);
        var job = SampleJobs.Read(SampleJobs.With(j => j["quantity"] = 6));
        var plan = planner.Plan(job, UnitSystem.Metric).Plan;
        var reckoner = new HeatReckoner(planner);
        List<HoldDone> Holds(int inRow) => [.. plan.Presses.SelectMany(HoldDone.AsPlanned)
            .Select(h => h with { InRow = inRow, Seconds = plan.SecondsOf(plan.Presses.Single(p => p.Order == h.PressOrder), inRow) })];
        var (first, fifth) = (reckoner.Of(job, plan, Holds(0))!, reckoner.Of(job, plan, Holds(4))!);
        // Pressed shorter by as much as the pad gives, it has had as much: the whole second up to which it is rounded is all between them.
        Assert.InRange(fifth.LnRoom - first.LnRoom, -0.02, 0.1);
        var cold = reckoner.Of(job, plan, [.. Holds(4).Select(h => h with { InRow = 0 })])!;
        Assert.True(cold.LnRoom < fifth.LnRoom - 0.02);
    }
}
