using System.Text.Json.Nodes;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Runs;
using Juxtherm.Core.Runs.Commands;
using Juxtherm.Core.Tests.Plans;
using Outcome = Juxtherm.Core.Runs.Outcome;

namespace Juxtherm.Core.Tests.Runs;

/// <summary>A run in the hands of somebody who does as told, with a clock that is turned by hand.</summary>
internal sealed class RunAtPress
{
    public static readonly DateTimeOffset Start = new(2026, 5, 1, 9, 0, 0, TimeSpan.Zero);

    public RunAtPress(JsonObject job, int stations = 1)
    {
        Job = SampleJobs.Read(job);
        Plan = SampleJobs.Plan(job).Plan;
        var one = BenchScript.Of(Plan, Job, Shipped.Words);
        Script = one with { Stations = [.. Enumerable.Repeat(one.Stations[0], stations)] };
        State = BenchRules.Begin(Script);
        for (var s = 2; s <= stations; s++)
            Say(BenchAction.Join, station: 0);
    }

    public Job Job { get; }

    public Plan Plan { get; }

    public BenchScript Script { get; }

    public RunState State { get; private set; }

    public DateTimeOffset Now { get; private set; } = Start;

    public List<BenchEvent> Said { get; } = [];

    public Piece Focus(int station = 1) =>
        RunFlow.Focus(Script, State, station) ?? throw new InvalidOperationException("Nothing is at this press.");

    public Piece? FocusOrNone(int station = 1) => RunFlow.Focus(Script, State, station);

    public BenchStep Step(int station = 1) => RunFlow.StepOf(Script, Focus(station))!;

    public static JsonObject Named(params string[] names) => SampleJobs.With(j =>
    {
        j["names"] = new JsonArray([.. names.Select(n => (JsonNode)new JsonObject { ["name"] = n })]);
        j["layers"]![0]!["word"] = new JsonObject { ["text"] = "Name", ["heightMm"] = 30, ["fromNames"] = true };
    });

    public RunAtPress Wait(double seconds)
    {
        Now = Now.AddSeconds(seconds);
        State = RunFlow.Advance(Script, State, Now);
        return this;
    }

    public RunAtPress Say(BenchAction action, int station = 1, int? piece = null, Func<BenchEvent, BenchEvent>? with = null)
    {
        var said = new BenchEvent(Now, action, station, piece ?? (station > 0 ? FocusOrNone(station)?.Number ?? 0 : 0));
        said = with?.Invoke(said) ?? said;
        State = BenchRules.Apply(Script, State, said);
        Said.Add(said);
        return this;
    }

    public string Refused(BenchAction action, int station = 1, int? piece = null, Func<BenchEvent, BenchEvent>? with = null) =>
        Assert.Throws<BenchRefusedException>(() => Say(action, station, piece, with)).Code;

    public RunAtPress Prepare(int station = 1, params string[] without)
    {
        foreach (var check in Script.Stations[station - 1].Checks)
            Say(without.Contains(check.Id) ? BenchAction.Skip : BenchAction.Check, station, with: e => e with { Item = check.Id });
        return this;
    }

    /// <summary>One step as it should be: hands take a second, holds and waits their time.</summary>
    public RunAtPress Go(int station = 1)
    {
        var piece = Focus(station);
        return RunFlow.DueAt(Script, piece) is { } due ? Wait((due - Now).TotalSeconds) : Wait(1).Say(BenchAction.Done, station);
    }

    /// <summary>Goes on until the piece before a press is at a step like that.</summary>
    public RunAtPress Until(Func<BenchStep, bool> step, int station = 1)
    {
        for (var patience = 0; !step(Step(station)); patience++)
        {
            Assert.True(patience < 500, "it never comes to that");
            Go(station);
        }

        return this;
    }

    public RunAtPress Until(StepKind kind, int station = 1) => Until(s => s.Kind == kind, station);

    /// <summary>To the hold of the press that bonds.</summary>
    public RunAtPress ToTheBondingHold(int station = 1) =>
        Until(s => s.Kind == StepKind.Hold && s.PressOrder == Plan.BondingPress.Order, station);

    public RunAtPress ToItsEnd(int station = 1)
    {
        for (var patience = 0; State.Status == RunStatus.Running; patience++)
        {
            Assert.True(patience < 5000, "the run does not end");
            Go(station);
        }

        return this;
    }

    /// <summary>The plate is opened, and whatever is missing is let be.</summary>
    public RunAtPress OpenForGood() => Say(BenchAction.OpenedEarly, with: e => e with { Knowingly = true });

    public RunAtPress See(params Outcome[] seen) => Say(BenchAction.See, with: e => e with { Outcomes = seen });
}
