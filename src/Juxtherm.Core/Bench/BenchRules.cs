using Juxtherm.Core.Planning;

namespace Juxtherm.Core.Bench;

/// <summary>Why the bench does not take an action.</summary>
/// <param name="code">A stable word.</param>
/// <param name="message">For the reader.</param>
public sealed class BenchRefusedException(string code, string message) : Exception(message)
{
    /// <summary>A stable word: hold-not-over, not-holding, nothing-to-record, no-way-back, run-over.</summary>
    public string Code { get; } = code;
}

/// <summary>The rules of a run: what each action does to where it stands.</summary>
public static class BenchRules
{
    /// <summary>Longest remark kept, characters.</summary>
    public const int LongestNote = 500;

    /// <summary>Rebuilds a run from what was said.</summary>
    /// <param name="script">The frozen script.</param>
    /// <param name="startedAt">When the run began, UTC.</param>
    /// <param name="events">All events in order.</param>
    public static RunState Replay(BenchScript script, DateTimeOffset startedAt, IEnumerable<BenchEvent> events)
    {
        ArgumentNullException.ThrowIfNull(events);
        return events.Aggregate(RunState.Begin(startedAt), (state, said) => Apply(script, state, said));
    }

    /// <summary>Lets time pass: holds and waits whose time is over end by themselves, each exactly on time.</summary>
    /// <param name="script">The frozen script.</param>
    /// <param name="state">Where the run stood.</param>
    /// <param name="now">The time, UTC.</param>
    public static RunState Advance(BenchScript script, RunState state, DateTimeOffset now)
    {
        ArgumentNullException.ThrowIfNull(script);
        ArgumentNullException.ThrowIfNull(state);
        while (DueAt(script, state) is { } due && due <= now)
            state = Next(script, WithHold(script, state, due), due);
        return state;
    }

    /// <summary>When the current step ends by itself; null when it waits for a person.</summary>
    public static DateTimeOffset? DueAt(BenchScript script, RunState state)
    {
        ArgumentNullException.ThrowIfNull(script);
        ArgumentNullException.ThrowIfNull(state);
        if (state.Status != RunStatus.Running)
            return null;
        var step = script.Steps[state.Index];
        return step.Kind is StepKind.Hold or StepKind.Wait ? state.EnteredAt.AddSeconds(step.Seconds) : null;
    }

    /// <summary>Takes in an event.</summary>
    /// <param name="script">The frozen script.</param>
    /// <param name="state">Where the run stood.</param>
    /// <param name="said">What was said, and when.</param>
    /// <exception cref="BenchRefusedException">It does not fit where the run stands; nothing changes.</exception>
    public static RunState Apply(BenchScript script, RunState state, BenchEvent said)
    {
        ArgumentNullException.ThrowIfNull(said);
        state = Advance(script, state, said.At);
        if (state.Status != RunStatus.Running)
            throw new BenchRefusedException("run-over", "This run is over.");
        var step = script.Steps[state.Index];
        var next = said.Action switch
        {
            BenchAction.Done => Done(script, state, step, said),
            BenchAction.Back => Back(script, state, said.At),
            BenchAction.OpenedEarly => OpenedEarly(script, state, step, said.At),
            BenchAction.SomethingOff => state with { Remarks = [.. state.Remarks, new Remark(state.Index, step.Piece, said.At, Clean(said.Note))] },
            BenchAction.Record => Record(script, state, step, said),
            BenchAction.EndRun => state with { Status = RunStatus.Ended },
            _ => throw new ArgumentOutOfRangeException(nameof(said)),
        };
        return next with { Sequence = state.Sequence + 1 };
    }

    private static RunState Done(BenchScript script, RunState state, BenchStep step, BenchEvent said) => step.Kind switch
    {
        StepKind.Hold => throw new BenchRefusedException("hold-not-over", "The plate is still to stay closed. Opened early? Then say so."),
        StepKind.Inspect => Record(script, state, step, said with { Outcomes = [Outcome.Stuck] }),
        _ => Next(script, state, said.At),
    };

    private static RunState OpenedEarly(BenchScript script, RunState state, BenchStep step, DateTimeOffset at)
    {
        if (step.Kind != StepKind.Hold)
            throw new BenchRefusedException("not-holding", "The plate is not closed just now.");
        return Next(script, WithHold(script, state, at), at);
    }

    private static RunState Record(BenchScript script, RunState state, BenchStep step, BenchEvent said)
    {
        if (step.Kind != StepKind.Inspect)
            throw new BenchRefusedException("nothing-to-record", "This piece is not done yet.");
        IReadOnlyList<Outcome> seen = said.Outcomes is { Count: > 0 } outcomes ? [.. outcomes.Distinct()] : [Outcome.Stuck];
        if (seen.Count > 1 && seen.Contains(Outcome.Stuck))
            throw new BenchRefusedException("contradiction", "It is either stuck with nothing wrong, or something is wrong.");
        return Next(script, state with { Outcomes = [.. state.Outcomes, new PieceOutcome(step.Piece, said.At, seen, Clean(said.Note))] }, said.At);
    }

    /// <summary>Back to the last thing done by hand, but not behind a piece that has been looked at.</summary>
    private static RunState Back(BenchScript script, RunState state, DateTimeOffset at)
    {
        for (var i = state.Index - 1; i >= 0 && script.Steps[i].Kind != StepKind.Inspect; i--)
        {
            if (script.Steps[i].Kind == StepKind.Do)
                return state with { Index = i, EnteredAt = at };
        }

        throw new BenchRefusedException("no-way-back", "There is no step to go back to.");
    }

    private static RunState WithHold(BenchScript script, RunState state, DateTimeOffset until)
    {
        var step = script.Steps[state.Index];
        return step.Kind == StepKind.Hold && step.PressOrder is { } order
            ? state with { Holds = [.. state.Holds, new HoldDone(step.Piece, order, Math.Round((until - state.EnteredAt).TotalSeconds, 2))] }
            : state;
    }

    private static RunState Next(BenchScript script, RunState state, DateTimeOffset at)
    {
        var index = state.Index + 1;
        return state with { Index = index, EnteredAt = at, Status = index >= script.Steps.Count ? RunStatus.Finished : RunStatus.Running };
    }

    private static string Clean(string? note) => note is null ? "" : note.Length <= LongestNote ? note.Trim() : note[..LongestNote].Trim();
}
