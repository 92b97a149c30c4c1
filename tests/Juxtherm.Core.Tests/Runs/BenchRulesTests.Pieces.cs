using System.Text.Json.Nodes;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Runs;
using Juxtherm.Core.Tests.Plans;
using Outcome = Juxtherm.Core.Runs.Outcome;

namespace Juxtherm.Core.Tests.Runs;

public partial class BenchRulesTests
{
    [Fact]
    public void A_lost_piece_is_cut_again_while_the_run_goes_on()
    {
        var run = new RunAtPress(RunAtPress.Named("Ada", "Bo")).Prepare().Until(StepKind.Inspect);
        run.Say(BenchAction.Ruin, with: e => e with { Outcomes = [Outcome.Scorched], Note = "Hot corner." });
        Assert.Equal([Outcome.Scorched], LogEntry.Of(run.Job, run.Plan, run.State, run.State.Pieces[0]).Outcomes);
        Assert.Equal("Bo", run.Focus().Wanted.Name);
        var again = run.State.Pieces[2];
        Assert.Equal(("Ada", PieceStatus.ToCut, 1), (again.Wanted.Name, again.Status, again.InsteadOf));
        run.Until(StepKind.Inspect).Say(BenchAction.Done);
        // Nothing is left to press until it is cut.
        Assert.Null(run.FocusOrNone());
        Assert.Equal(RunStatus.Running, run.State.Status);
        run.Say(BenchAction.CutAgain, piece: 3);
        Assert.Equal(3, run.Focus().Number);
        // Lost without a word it stands there without one, and not as stuck.
        run.Say(BenchAction.Ruin);
        Assert.Empty(LogEntry.Of(run.Job, run.Plan, run.State, run.State.Pieces[2]).Outcomes);
        run.Say(BenchAction.CutAgain, piece: 4);
        Assert.Equal(RunStatus.Finished, run.ToItsEnd().State.Status);
    }

    [Fact]
    public void Another_spelling_is_cut_again_and_comes_when_it_is_ready_unless_it_is_pressed()
    {
        var run = new RunAtPress(RunAtPress.Named("Ada", "Bo", "Cy")).Prepare();
        RunAtPress Change(int piece, string name, string? size = null) =>
            run.Say(BenchAction.Change, piece: piece, with: e => e with { Wanted = new WantedPiece(name, size, null) });
        Change(2, "Bo", "child");
        Assert.Equal((PieceStatus.Waiting, "child"), (run.State.Pieces[1].Status, run.State.Pieces[1].Wanted.Size));
        // Another colour is other vinyl; none named is the same.
        run.Say(BenchAction.Change, piece: 3, with: e => e with { Wanted = new WantedPiece("Cy", null, "#0f6468") })
            .Say(BenchAction.CutAgain, piece: 3);
        Change(3, "Cy", "child");
        Assert.Equal((PieceStatus.Waiting, "#0f6468"), (run.State.Pieces[2].Status, run.State.Pieces[2].Wanted.Colour));
        Change(2, "Boë", "child");
        Assert.Equal(PieceStatus.ToCut, run.State.Pieces[1].Status);
        // In the hands, but bare: the next one takes its place.
        Change(1, "Adah");
        Assert.Equal("Cy", run.Focus().Wanted.Name);
        run.Until(StepKind.Inspect);
        Assert.Equal("already-pressed",
            run.Refused(BenchAction.Change, piece: 3, with: e => e with { Wanted = new WantedPiece("Cyd", null, null) }));
        Assert.Equal("no-name", run.Refused(BenchAction.Change, piece: 2, with: e => e with { Wanted = new WantedPiece(" ", null, null) }));
        Assert.Equal("nothing-to-cut", run.Refused(BenchAction.CutAgain, piece: 3));
        Assert.Equal(PieceStatus.ToCut,
            run.Say(BenchAction.Add, with: e => e with { Wanted = new WantedPiece("Dot", null, null) }).State.Pieces[3].Status);
    }

    [Fact]
    public void A_rescue_comes_before_anything_else_and_then_the_piece_is_looked_at_again()
    {
        var run = Ready(1);
        Assert.Equal("nothing-to-see", run.Refused(BenchAction.See, with: e => e with { Outcomes = [Outcome.EdgesLifted] }));
        run.Until(StepKind.Inspect);
        Assert.Equal("nothing-seen", run.Refused(BenchAction.See, with: e => e with { Outcomes = [Outcome.Stuck] }));
        BenchStep[] steps = [new(0, WorkStage.Press, StepKind.Do, "Cover it.", 5, null) { Lays = true },
            new(1, WorkStage.Press, StepKind.Hold, "Hold.", 6, 0) { Lays = true }];
        Assert.Equal("nothing-seen", run.Refused(BenchAction.Rescue, with: e => e with { Steps = steps }));
        run.See(Outcome.EdgesLifted);
        Assert.Equal("no-rescue", run.Refused(BenchAction.Rescue, with: e => e with { Steps = [] }));
        run.Say(BenchAction.Rescue, with: e => e with { Steps = steps });
        Assert.Equal("Cover it.", run.Step().Text);
        Assert.Equal("in-rescue", run.Refused(BenchAction.See, with: e => e with { Outcomes = [Outcome.EdgesLifted] }));
        run.Go().Go();
        Assert.Equal((StepKind.Inspect, 6.0), (run.Step().Kind, run.Focus().Holds.Single(h => h.PressOrder == 0).Seconds));
        run.Say(BenchAction.Done);
        var entry = LogEntry.Of(run.Job, run.Plan, run.State, run.State.Pieces[0]);
        Assert.Equal([Outcome.EdgesLifted], entry.Outcomes);
        Assert.Equal((6.0, true), (entry.PressedAgainSeconds, entry.EndedWell));
    }

    [Fact]
    public void Back_leaves_a_rescue_that_was_not_begun()
    {
        var run = Ready(1).Until(StepKind.Inspect).See(Outcome.EdgesLifted);
        run.Say(BenchAction.Rescue,
            with: e => e with { Steps = [new(0, WorkStage.Press, StepKind.Do, "Cover it.", 5, null) { Lays = true }] });
        Assert.Equal(StepKind.Inspect, run.Say(BenchAction.Back).Step().Kind);
        Assert.False(run.Focus().InRescue);
    }

    [Fact]
    public void What_came_out_is_kept_with_its_note_and_may_not_contradict_itself()
    {
        var run = Ready();
        Assert.Equal("nothing-to-record", run.Refused(BenchAction.Record, with: e => e with { Outcomes = [Outcome.Stuck] }));
        run.Until(StepKind.Inspect);
        Assert.Equal("contradiction", run.Refused(BenchAction.Record, with: e => e with { Outcomes = [Outcome.Stuck, Outcome.Marked] }));
        run.Say(BenchAction.Record,
            with: e => e with { Outcomes = [Outcome.Wrinkled, Outcome.Marked, Outcome.Marked], Note = "  left sleeve " });
        Assert.Equal([Outcome.Wrinkled, Outcome.Marked], run.State.Pieces[0].Outcomes);
        Assert.Equal("left sleeve", run.State.Pieces[0].Note);
    }

    [Fact]
    public void A_remark_moves_nothing_and_a_run_that_is_over_takes_nothing_more()
    {
        var run = Ready();
        run.Say(BenchAction.SomethingOff, with: e => e with { Note = new string('x', 900) });
        Assert.Equal((0, Notes.Longest), (run.Focus().Moves, Assert.Single(run.State.Remarks).Note.Length));
        run.Say(BenchAction.EndRun);
        Assert.Equal((RunStatus.Ended, PieceStatus.Left), (run.State.Status, run.State.Pieces[0].Status));
        Assert.Equal("run-over", run.Refused(BenchAction.SomethingOff, piece: 1));
    }

    [Fact]
    public void The_logbook_entry_has_what_was_set_and_what_was_done()
    {
        var run = new RunAtPress(RunAtPress.Named("Ada", "Bo")).Prepare().ToTheBondingHold().Wait(1);
        run.Say(BenchAction.SomethingOff, with: e => e with { Note = "Slipped a little." });
        run.Wait(6.5).OpenForGood().Until(StepKind.Inspect);
        run.Say(BenchAction.Record, with: e => e with { Outcomes = [Outcome.EdgesLifted], Note = "Left corner." });
        var entry = LogEntry.Of(run.Job, run.Plan, run.State, run.State.Pieces[0]);
        Assert.Equal((run.Plan.BondingPress.Seconds, 7.5, 1, 2),
            (entry.Pressed.PlannedSeconds, entry.Pressed.Seconds, entry.Piece, entry.Pieces));
        Assert.Equal(("Ada", "smooth", "cotton", "tee", "swing-platen", 20.0),
            (entry.Name, entry.Item.Vinyl, entry.Item.Material, entry.Item.Form, entry.Under.HeatSource, entry.Pressed.PressureKPa));
        Assert.Equal([Outcome.EdgesLifted], entry.Outcomes);
        Assert.False(entry.EndedWell);
        Assert.Equal("Slipped a little. Left corner.", entry.Note);
    }

    [Fact]
    public void A_piece_cut_again_is_cut_alone()
    {
        var run = SampleJobs.With(j =>
            j["sizes"] = new JsonArray(new JsonObject { ["size"] = "adult-s", ["count"] = 3 },
                new JsonObject { ["size"] = "adult-l", ["count"] = 2 }));
        Assert.Equal(5, BenchScript.Wanted(SampleJobs.Read(run)).Pieces.Count);
        var (json, title) = OnePieceJob.Of(run.ToJsonString(), "Club shirts",
            new Piece(4, new WantedPiece("", "adult-l", null), PieceStatus.ToCut), Shipped.Words);
        Assert.Equal("Club shirts: piece 4 again", title);
        Assert.Equal(new WantedPiece("", "adult-l", null),
            Assert.Single(BenchScript.Wanted(SampleJobs.Read(JsonNode.Parse(json)!.AsObject())).Pieces));
    }

    [Fact]
    public void Good_is_what_nothing_said_means()
    {
        var run = Ready().Until(StepKind.Inspect);
        Assert.Equal([Outcome.Stuck], run.Say(BenchAction.Done).State.Pieces[0].Outcomes);
        Assert.Equal(2, run.Focus().Number);
    }
}
