using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Runs;
using Juxtherm.Core.Runs.Commands;
using Juxtherm.Core.Tests.Plans;
using Outcome = Juxtherm.Core.Runs.Outcome;

namespace Juxtherm.Core.Tests.Runs;

public partial class BenchRulesTests
{
    private static RunAtPress Two() => new(SampleJobs.With(j => j["quantity"] = 2));

    private static RunAtPress Ready(int pieces = 2) => new RunAtPress(SampleJobs.With(j => j["quantity"] = pieces)).Prepare();

    private static RunAtPress Cold(int pieces) => new RunAtPress(SampleJobs.With(j =>
    {
        j["quantity"] = pieces;
        j["layers"]![0]!["vinyl"] = "foil";
    })).Prepare();

    [Fact]
    public void More_presses_than_a_run_can_have_are_refused()
    {
        Assert.Equal(BenchRules.MostStations, new RunAtPress(SampleJobs.Tee(), BenchRules.MostStations).State.Stations.Count);
        Assert.Equal("too-many",
            Assert.Throws<BenchRefusedException>(() => new RunAtPress(SampleJobs.Tee(), BenchRules.MostStations + 1)).Code);
    }

    [Fact]
    public void A_script_has_what_is_prepared_once_and_what_is_done_for_each_piece()
    {
        var script = Two().Script.Stations[0];
        Assert.Equal(["heat", "underlay", "cover", "pressure", "lint", "preheat"], script.Checks.Select(c => c.Id));
        Assert.Equal(Enumerable.Range(0, script.Steps.Count), script.Steps.Select(s => s.Index));
        Assert.DoesNotContain(script.Steps, s => s.Kind == StepKind.Know);
        Assert.Equal(StepKind.Inspect, script.Steps[^1].Kind);
        Assert.Equal([true, true], script.Steps.Where(s => s.Preheats).Select(s => !s.Lays));
        Assert.True(script.Steps.Single(s => s is { Stage: WorkStage.Peel, Kind: StepKind.Do }).WithinSeconds > 0);
    }

    [Fact]
    public void Nothing_is_handed_out_before_the_press_is_prepared()
    {
        var run = Two();
        Assert.Null(run.FocusOrNone());
        var checks = run.Script.Stations[0].Checks;
        foreach (var check in checks.SkipLast(1))
            run.Say(BenchAction.Check, with: e => e with { Item = check.Id });
        Assert.Null(run.FocusOrNone());
        Assert.Equal("no-such-item", run.Refused(BenchAction.Check, with: e => e with { Item = "coffee" }));
        run.Say(BenchAction.Check, with: e => e with { Item = checks[^1].Id });
        Assert.Equal(1, run.Focus().Number);
    }

    [Fact]
    public void What_is_left_out_knowingly_is_kept_and_the_preheat_then_stays_out()
    {
        var run = Two().Prepare(1, Preparation.Preheat);
        Assert.Contains(Preparation.Preheat, run.State.Stations[0].Skipped);
        Assert.False(run.Step().Preheats);
        Assert.DoesNotContain(run.ToItsEnd().State.Pieces, p => p.Holds.Any(h => h.PressOrder == 1));
        Assert.All(run.State.Pieces, p => Assert.NotEmpty(p.Holds));
    }

    [Fact]
    public void A_hold_ends_by_itself_exactly_on_time_however_late_anybody_looks()
    {
        var run = Ready().Until(StepKind.Hold);
        var (at, hold) = (run.Now, run.Step());
        Assert.Equal(StepKind.Hold, run.Wait(hold.Seconds - 0.01).Step().Kind);
        run.Wait(3600);
        Assert.Equal(at.AddSeconds(hold.Seconds), run.Focus().EnteredAt);
        Assert.Equal(hold.Seconds, Assert.Single(run.Focus().Holds).Seconds);
    }

    [Fact]
    public void Done_does_not_open_a_closed_plate_and_opened_early_notes_how_long()
    {
        var run = Ready().Until(StepKind.Hold).Wait(2.5);
        Assert.Equal("hold-not-over", run.Refused(BenchAction.Done));
        Assert.Equal(2.5, Assert.Single(run.OpenForGood().Focus().Holds).Seconds);
        Assert.Equal("not-holding", run.Refused(BenchAction.OpenedEarly));
    }

    [Fact]
    public void What_is_still_warm_is_only_peeled_knowingly()
    {
        var run = Cold(1).Until(StepKind.Wait).Wait(3);
        Assert.Equal("not-cool-yet", run.Refused(BenchAction.Done));
        run.Say(BenchAction.Done, with: e => e with { Knowingly = true });
        Assert.True(run.Focus().PeeledEarly);
        Assert.Equal(WorkStage.Peel, run.Step().Stage);
    }

    [Fact]
    public void Back_goes_to_the_last_thing_done_by_hand()
    {
        var run = Ready();
        Assert.Equal("no-way-back", run.Refused(BenchAction.Back));
        run.Until(StepKind.Hold).Wait(1);
        var index = run.Step().Index;
        Assert.Equal((index - 1, run.Now), (run.Say(BenchAction.Back).Step().Index, run.Focus().EnteredAt));
    }

    [Fact]
    public void While_one_cools_the_next_is_begun_and_what_has_cooled_comes_before_a_new_one()
    {
        var run = Cold(3);
        // The first is pressed to its wait; the second is then in the hands.
        while (run.State.Pieces[0] is { } first && RunFlow.StepOf(run.Script, first)!.Kind != StepKind.Wait)
            run.Go();
        Assert.Equal(2, run.Focus().Number);
        Assert.Equal(PieceStatus.Waiting, run.State.Pieces[2].Status);
        while (RunFlow.StepOf(run.Script, run.State.Pieces[1])!.Kind != StepKind.Wait)
            run.Go();
        var before = run.Focus().Number;
        // When the first is cool its peel comes before anything new.
        run.Wait(Math.Max(0, (RunFlow.DueAt(run.Script, run.State.Pieces[0]) - run.Now)?.TotalSeconds ?? 0));
        Assert.Equal((3, 1), (before, run.Focus().Number));
        Assert.Equal(WorkStage.Peel, run.Step().Stage);
        Assert.Equal(3, run.ToItsEnd().State.Pieces.Count(p => p.Status == PieceStatus.Done));
    }

    [Theory]
    [InlineData(true, null, false)]
    [InlineData(false, null, true)]
    [InlineData(false, 500.0, true)]
    [InlineData(false, 10.0, false)]
    public void The_next_is_begun_when_there_is_room_and_it_can_be_put_down_before_a_warm_peel_is_over(bool keepsPlace, double? within,
        bool begun)
    {
        var run = new RunAtPress(SampleJobs.With(j => j["quantity"] = 2));
        var steps = run.Script.Stations[0].Steps.Select(s => s.Kind == StepKind.Wait
            ? s with { KeepsPlace = keepsPlace } : s.Stage == WorkStage.Peel ? s with { WithinSeconds = within } : s);
        var script = run.Script with { Stations = [run.Script.Stations[0] with { Steps = [.. steps] }] };
        var (state, now) = (run.Prepare().State, run.Now);
        while (RunFlow.StepOf(script, state.Pieces[0])!.Kind != StepKind.Wait)
        {
            now = RunFlow.DueAt(script, state.Pieces[0]) ?? now;
            state = RunFlow.DueAt(script, state.Pieces[0]) is null
                ? BenchRules.Apply(script, state, new BenchEvent(now, BenchAction.Done, 1, 1)) : RunFlow.Advance(script, state, now);
        }

        Assert.Equal(begun ? PieceStatus.InHand : PieceStatus.Waiting, state.Pieces[1].Status);
        Assert.Equal(begun ? 2 : 1, RunFlow.Focus(script, state, 1)!.Number);
    }

    [Fact]
    public void Two_presses_are_handed_different_pieces_and_each_knows_whose_is_next()
    {
        var run = new RunAtPress(RunAtPress.Named("Ada", "Bo", "Cy"), stations: 2).Prepare(1);
        Assert.Equal("Ada", run.Focus(1).Wanted.Name);
        Assert.Null(run.FocusOrNone(2));
        run.Prepare(2);
        Assert.Equal("Bo", run.Focus(2).Wanted.Name);
        Assert.Equal("not-in-hand", run.Refused(BenchAction.Done, station: 2, piece: 1));
        // Not begun, it can be handed on.
        run.Say(BenchAction.GiveBack, station: 2);
        Assert.Equal("Cy", run.Focus(2).Wanted.Name);
        run.Go(2);
        Assert.Equal("already-begun", run.Refused(BenchAction.GiveBack, station: 2));
        Assert.Equal("already-begun", run.Refused(BenchAction.Leave, station: 2));
        run.Say(BenchAction.Leave, station: 1);
        Assert.True(run.State.Stations[0].HasLeft);
        Assert.Equal("last-press", run.Until(StepKind.Inspect, 2).Say(BenchAction.Done, 2).Refused(BenchAction.Leave, station: 2));
        Assert.Equal(["Cy", "Ada", "Bo"], run.ToItsEnd(2).State.Pieces.OrderBy(p => p.EndedAt).Select(p => p.Wanted.Name));
    }

    [Fact]
    public void A_plate_that_was_closed_while_the_service_was_away_is_asked_about()
    {
        var run = Ready(1).ToTheBondingHold();
        var (closed, seconds) = (run.Now, run.Step().Seconds);
        run.Wait(3);
        var since = run.Now;
        run.Wait(0.001);
        var back = since.AddSeconds(120);
        var state = BenchRules.Apply(run.Script, run.State, new BenchEvent(back, BenchAction.Away, 0) { Since = since });
        Assert.Equal(PieceStatus.Asking, state.Pieces[0].Status);
        BenchRefusedException Refused(BenchEvent said) =>
            Assert.Throws<BenchRefusedException>(() => BenchRules.Apply(run.Script, state, said));
        Assert.Equal("say-when-opened", Refused(new BenchEvent(back, BenchAction.Done, 1, 1)).Code);
        Assert.Equal("no-such-time", Refused(new BenchEvent(back, BenchAction.HoldWas, 1, 1) { Seconds = 500 }).Code);
        var told = BenchRules.Apply(run.Script, state, new BenchEvent(back, BenchAction.HoldWas, 1, 1) { Seconds = seconds + 20 });
        Assert.Equal(seconds + 20, told.Pieces[0].Holds[^1].Seconds);
        // It has cooled since it was opened, not since somebody said so.
        Assert.Equal(closed.AddSeconds(seconds + 20 + run.Script.Stations[0].Steps[told.Pieces[0].Step - 1].Seconds),
            told.Pieces[0].EnteredAt);
    }

    [Fact]
    public void A_plate_still_closed_when_the_service_is_back_goes_on_to_its_own_time_and_what_cooled_has_cooled()
    {
        var run = Ready(1).ToTheBondingHold();
        var due = RunFlow.DueAt(run.Script, run.Focus());
        var state = BenchRules.Apply(run.Script, run.State,
            new BenchEvent(run.Now.AddSeconds(2), BenchAction.Away, 0) { Since = run.Now.AddSeconds(1) });
        Assert.Equal((PieceStatus.InHand, due), (state.Pieces[0].Status, RunFlow.DueAt(run.Script, state.Pieces[0])));

        var cooling = Cold(1).Until(StepKind.Wait);
        var later = BenchRules.Apply(cooling.Script, cooling.State,
            new BenchEvent(cooling.Now.AddHours(1), BenchAction.Away, 0) { Since = cooling.Now });
        Assert.Equal(WorkStage.Peel, RunFlow.StepOf(cooling.Script, later.Pieces[0])!.Stage);
    }

    [Fact]
    public void A_press_that_speaks_for_itself_ends_its_hold_by_opening()
    {
        var run = Ready(1).Until(s => s is { Kind: StepKind.Do, Lays: true }).Say(BenchAction.Wire);
        run.Say(BenchAction.Done, with: e => e with { PlateCelsius = 141.5 });
        var hold = run.Step();
        Assert.Equal(StepKind.Hold, hold.Kind);
        Assert.Equal(StepKind.Hold, run.Wait(hold.Seconds + 9).Step().Kind);
        var held = run.OpenForGood().Focus().Holds[^1];
        Assert.Equal((hold.Seconds + 9, 141.5), (held.Seconds, held.PlateCelsius));
    }

    /// <summary>Whatever is said in whatever order by whichever press: replayed it gives the same run, no piece is in two hands, none is
    /// forgotten.</summary>
    [Property(MaxTest = 75)]
    public Property Replaying_what_was_said_gives_the_same_run() => Prop.ForAll(Gen.Choose(0, 9_999).ListOf(80).ToArbitrary(), draws =>
    {
        var run = new RunAtPress(RunAtPress.Named("Ada", "Bo", "Cy", "Di"), stations: 2).Prepare(1).Prepare(2);
        foreach (var draw in draws)
        {
            var station = 1 + draw % 2;
            var action = (draw / 2 % 24) switch
            {
                < 12 => BenchAction.Done,
                12 => BenchAction.Back,
                13 => BenchAction.OpenedEarly,
                14 => BenchAction.See,
                15 => BenchAction.Rescue,
                16 => BenchAction.Ruin,
                17 => BenchAction.Change,
                18 => BenchAction.CutAgain,
                19 => BenchAction.GiveBack,
                20 => BenchAction.Away,
                21 => BenchAction.HoldWas,
                22 => BenchAction.Wire,
                _ => BenchAction.Unwire,
            };
            var before = run.State;
            run.Wait(draw / 48 % 40);
            try
            {
                run.Say(action, station, action is BenchAction.CutAgain or BenchAction.Change
                    ? 1 + draw / 100 % before.Pieces.Count : null, e => e with
                    {
                        Knowingly = draw % 3 == 0,
                        Outcomes = action == BenchAction.Done ? null : [Outcome.EdgesLifted],
                        Steps = [new(0, WorkStage.Press, StepKind.Do, "Cover it.", 5, null) { Lays = true },
                        new(1, WorkStage.Press, StepKind.Hold, "Hold.", 6, 0) { Lays = true }],
                        Seconds = draw % 30,
                        Since = action == BenchAction.Away ? run.Now : null,
                        Wanted = new WantedPiece($"Name {draw}", null, null),
                    });
            }
            catch (BenchRefusedException)
            {
                // Refused, so nothing may have changed and nothing is kept.
            }

            Assert.Equal(4, run.State.Pieces.Count(p => p.Status != PieceStatus.Ruined));
            Assert.All(run.State.Stations,
                s => Assert.True(run.State.At(s.Number)
                    .Count(p => p.Status == PieceStatus.InHand && RunFlow.StepOf(run.Script, p)!.Kind == StepKind.Hold) <= 1
                    || run.State.At(s.Number).Any(p => p.Status == PieceStatus.Asking), "two pieces under one plate"));
        }

        var again = RunFlow.Advance(run.Script, BenchRules.Replay(run.Script, run.Said), run.Now);
        Assert.Equal(System.Text.Json.JsonSerializer.Serialize(run.State), System.Text.Json.JsonSerializer.Serialize(again));
        // What came of each thing said, kept and read again, leads to the same without a rule.
        var kept = BenchRules.Begin(run.Script);
        foreach (var said in run.Said)
        {
            var after = BenchRules.Apply(run.Script, kept, said);
            var fact = System.Text.Json.JsonSerializer.Deserialize<RunFact>(
                System.Text.Json.JsonSerializer.Serialize(RunFact.Between(kept, after), CoreJson.Options), CoreJson.Options)!;
            Assert.Equal(System.Text.Json.JsonSerializer.Serialize(after), System.Text.Json.JsonSerializer.Serialize(fact.On(kept)));
            kept = after;
        }
    });
}
