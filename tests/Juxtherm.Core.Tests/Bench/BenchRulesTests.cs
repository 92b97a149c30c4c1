using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Bench;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Planning;
using Juxtherm.Core.Tests.Planning;
using Outcome = Juxtherm.Core.Bench.Outcome;

namespace Juxtherm.Core.Tests.Bench;

public class BenchRulesTests
{
    private static readonly DateTimeOffset Start = new(2026, 5, 1, 9, 0, 0, TimeSpan.Zero);
    private static readonly Plan Plan = Jobs.Plan(Jobs.Tee()).Plan;
    private static readonly BenchScript Script = BenchScript.Of(Plan, 2);

    private static DateTimeOffset At(double seconds) => Start.AddSeconds(seconds);

    private static RunState Say(RunState state, double at, BenchAction action, Outcome[]? outcomes = null, string? note = null) =>
        BenchRules.Apply(Script, state, new BenchEvent(At(at), action, outcomes, note));

    /// <summary>Does everything by hand until a step of that kind, a second for each.</summary>
    private static (RunState State, double At) Until(StepKind kind, RunState? from = null, double at = 0)
    {
        var state = from ?? RunState.Begin(Start);
        while (Script.Steps[state.Index].Kind != kind)
        {
            at = BenchRules.DueAt(Script, state) is { } due ? (due - Start).TotalSeconds : at + 1;
            state = BenchRules.DueAt(Script, state) is null ? Say(state, at, BenchAction.Done) : BenchRules.Advance(Script, state, At(at));
        }

        return (state, at);
    }

    [Fact]
    public void A_script_prepares_once_and_repeats_for_each_piece()
    {
        Assert.Equal(Enumerable.Range(0, Script.Steps.Count), Script.Steps.Select(s => s.Index));
        Assert.DoesNotContain(Script.Steps, s => s.Kind == StepKind.Know);
        Assert.Equal(2, Script.Steps.Count(s => s.Kind == StepKind.Inspect));
        Assert.Equal(Script.Steps.Where(s => s.Piece == 1).Select(s => s.Text), Script.Steps.Where(s => s.Piece == 2).Select(s => s.Text));
        Assert.All(Script.Steps.TakeWhile(s => s.Piece == 0), s => Assert.Equal(WorkStage.Prepare, s.Stage));
    }

    [Fact]
    public void A_hold_ends_by_itself_exactly_on_time_however_late_anybody_looks()
    {
        var (state, at) = Until(StepKind.Hold);
        var hold = Script.Steps[state.Index];
        Assert.Equal(state, BenchRules.Advance(Script, state, At(at + hold.Seconds - 0.01)));
        var late = BenchRules.Advance(Script, state, At(at + 3600));
        Assert.Equal(At(at + hold.Seconds), late.EnteredAt);
        Assert.Equal(hold.Seconds, Assert.Single(late.Holds).Seconds);
    }

    [Fact]
    public void After_the_press_the_wait_begins_when_the_hold_ended()
    {
        var (state, _) = Until(StepKind.Wait);
        var wait = Script.Steps[state.Index];
        var after = BenchRules.Advance(Script, state, state.EnteredAt.AddHours(1));
        Assert.Equal(StepKind.Do, Script.Steps[after.Index].Kind);
        Assert.Equal(state.EnteredAt.AddSeconds(wait.Seconds), after.EnteredAt);
    }

    [Fact]
    public void Done_does_not_open_a_closed_plate()
    {
        var (state, at) = Until(StepKind.Hold);
        Assert.Equal("hold-not-over", Assert.Throws<BenchRefusedException>(() => Say(state, at + 1, BenchAction.Done)).Code);
    }

    [Fact]
    public void Opened_early_notes_how_long_it_was_closed()
    {
        var (state, at) = Until(StepKind.Hold);
        Assert.Equal(2.5, Assert.Single(Say(state, at + 2.5, BenchAction.OpenedEarly).Holds).Seconds);
    }

    [Fact]
    public void Opened_early_needs_a_closed_plate() =>
        Assert.Equal("not-holding", Assert.Throws<BenchRefusedException>(() => Say(RunState.Begin(Start), 1, BenchAction.OpenedEarly)).Code);

    [Fact]
    public void Back_goes_to_the_last_thing_done_by_hand()
    {
        var (state, at) = Until(StepKind.Hold);
        var back = Say(state, at + 1, BenchAction.Back);
        Assert.Equal((state.Index - 1, At(at + 1)), (back.Index, back.EnteredAt));
        Assert.Equal("no-way-back", Assert.Throws<BenchRefusedException>(() => Say(RunState.Begin(Start), 1, BenchAction.Back)).Code);
    }

    [Fact]
    public void Back_does_not_undo_a_piece_that_was_looked_at()
    {
        var (state, at) = Until(StepKind.Inspect);
        var second = Say(state, at + 1, BenchAction.Done);
        Assert.Equal("no-way-back", Assert.Throws<BenchRefusedException>(() => Say(second, at + 2, BenchAction.Back)).Code);
    }

    [Fact]
    public void Good_is_what_nothing_said_means()
    {
        var (state, at) = Until(StepKind.Inspect);
        var seen = Assert.Single(Say(state, at + 1, BenchAction.Done).Outcomes);
        Assert.Equal((1, Outcome.Stuck), (seen.Piece, Assert.Single(seen.Outcomes)));
    }

    [Fact]
    public void What_came_out_is_kept_with_its_note_and_may_not_contradict_itself()
    {
        var (state, at) = Until(StepKind.Inspect);
        var seen = Assert.Single(Say(state, at + 1, BenchAction.Record, [Outcome.Wrinkled, Outcome.Marked, Outcome.Marked], "  left sleeve ").Outcomes);
        Assert.Equal([Outcome.Wrinkled, Outcome.Marked], seen.Outcomes);
        Assert.Equal("left sleeve", seen.Note);
        Assert.Equal("contradiction", Assert.Throws<BenchRefusedException>(() => Say(state, at + 1, BenchAction.Record, [Outcome.Stuck, Outcome.Marked])).Code);
        Assert.Equal("nothing-to-record", Assert.Throws<BenchRefusedException>(() => Say(RunState.Begin(Start), 1, BenchAction.Record, [Outcome.Stuck])).Code);
    }

    [Fact]
    public void A_remark_stays_with_its_step_and_moves_nothing()
    {
        var state = Say(RunState.Begin(Start), 3, BenchAction.SomethingOff, note: new string('x', 900));
        Assert.Equal(0, state.Index);
        Assert.Equal(BenchRules.LongestNote, Assert.Single(state.Remarks).Note.Length);
    }

    [Fact]
    public void A_run_that_is_over_takes_nothing_more()
    {
        var ended = Say(RunState.Begin(Start), 1, BenchAction.EndRun);
        Assert.Equal(RunStatus.Ended, ended.Status);
        Assert.Equal("run-over", Assert.Throws<BenchRefusedException>(() => Say(ended, 2, BenchAction.Done)).Code);
    }

    [Fact]
    public void The_logbook_entry_has_what_was_set_and_what_was_done()
    {
        var (hold, at) = Until(StepKind.Hold);
        // Past the preheat, to the press itself.
        var (press, pressAt) = Until(StepKind.Hold, BenchRules.Advance(Script, hold, At(at + 60)), at + 60);
        press = Say(press, pressAt + 1, BenchAction.SomethingOff, note: "Slipped a little.");
        var early = Say(press, pressAt + 7.5, BenchAction.OpenedEarly);
        var (inspect, inspectAt) = Until(StepKind.Inspect, early, pressAt + 8);
        var done = Say(inspect, inspectAt + 1, BenchAction.Record, [Outcome.EdgesLifted], "Left corner.");
        var entry = LogEntry.Of(Jobs.Read(Jobs.With(j => j["quantity"] = 2)), Plan, done, done.Outcomes[0]);
        Assert.Equal((Plan.Presses[1].Seconds, 7.5, 1, 2), (entry.PlannedSeconds, entry.PressedSeconds, entry.Piece, entry.Pieces));
        Assert.Equal(("smooth", "cotton", "tee", "swing-platen", 20.0), (entry.Vinyl, entry.Material, entry.Form, entry.HeatSource, entry.PressureKPa));
        Assert.Equal([Outcome.EdgesLifted], entry.Outcomes);
        Assert.Equal("Slipped a little. Left corner.", entry.Note);
    }

    [Property(MaxTest = 300)]
    public Property Replaying_what_was_said_gives_the_same_run() => Prop.ForAll(Gen.Choose(0, 5).SelectMany(_ => Gen.Choose(0, 599)).ListOf(60).ToArbitrary(), draws =>
    {
        var state = RunState.Begin(Start);
        var kept = new List<BenchEvent>();
        var at = 0.0;
        foreach (var draw in draws)
        {
            at += draw % 100 / 2.0;
            var said = new BenchEvent(At(at), (BenchAction)(draw / 100 % 5), null, "n");
            try
            {
                var next = BenchRules.Apply(Script, state, said);
                if (next.EnteredAt < state.EnteredAt || next.Sequence != state.Sequence + 1)
                    return false;
                state = next;
                kept.Add(said);
            }
            catch (BenchRefusedException)
            {
                // Refused, so nothing may have changed and nothing is kept.
            }
        }

        var again = BenchRules.Replay(Script, Start, kept);
        return (again.Index, again.EnteredAt, again.Status, again.Sequence) == (state.Index, state.EnteredAt, state.Status, state.Sequence)
            && again.Holds.SequenceEqual(state.Holds) && again.Remarks.SequenceEqual(state.Remarks)
            && again.Outcomes.Select(o => (o.Piece, o.At)).SequenceEqual(state.Outcomes.Select(o => (o.Piece, o.At)));
    });
}
