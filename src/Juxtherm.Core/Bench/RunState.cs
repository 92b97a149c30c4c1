using Juxtherm.Core.Planning;

namespace Juxtherm.Core.Bench;

/// <summary>What came out.</summary>
public enum Outcome
{
    /// <summary>It is stuck, nothing wrong.</summary>
    Stuck,

    /// <summary>Edges lift.</summary>
    EdgesLifted,

    /// <summary>Wrinkles in the vinyl.</summary>
    Wrinkled,

    /// <summary>A mark of the plate or a seam.</summary>
    Marked,

    /// <summary>The blank is scorched.</summary>
    Scorched,
}

/// <summary>What a person tells the bench.</summary>
public enum BenchAction
{
    /// <summary>Done with this; the next, please.</summary>
    Done,

    /// <summary>One step back.</summary>
    Back,

    /// <summary>The plate was opened before its time.</summary>
    OpenedEarly,

    /// <summary>Something is off: a remark, the run stays where it is.</summary>
    SomethingOff,

    /// <summary>What came out of this piece.</summary>
    Record,

    /// <summary>End the run here.</summary>
    EndRun,
}

/// <summary>Something said to the bench, as it is kept for good.</summary>
/// <param name="At">When, UTC.</param>
/// <param name="Action">What.</param>
/// <param name="Outcomes">What came out; only with <see cref="BenchAction.Record"/>.</param>
/// <param name="Note">A remark.</param>
public sealed record BenchEvent(DateTimeOffset At, BenchAction Action, IReadOnlyList<Outcome>? Outcomes = null, string? Note = null);

/// <summary>How long a plate was really closed.</summary>
/// <param name="Piece">Which piece.</param>
/// <param name="PressOrder">Which press.</param>
/// <param name="Seconds">s.</param>
public sealed record HoldDone(int Piece, int PressOrder, double Seconds);

/// <summary>What came out of a piece.</summary>
/// <param name="Piece">Which piece.</param>
/// <param name="At">When it was looked at, UTC.</param>
/// <param name="Outcomes">What was seen.</param>
/// <param name="Note">A remark.</param>
public sealed record PieceOutcome(int Piece, DateTimeOffset At, IReadOnlyList<Outcome> Outcomes, string Note);

/// <summary>A remark made during the run.</summary>
/// <param name="Step">At which step.</param>
/// <param name="At">When, UTC.</param>
/// <param name="Note">What.</param>
public sealed record Remark(int Step, DateTimeOffset At, string Note);

/// <summary>The run's condition.</summary>
public enum RunStatus
{
    /// <summary>Under way.</summary>
    Running,

    /// <summary>All pieces looked at.</summary>
    Finished,

    /// <summary>Ended before its end.</summary>
    Ended,
}

/// <summary>Where a run stands. It follows from the script, the start and the events alone, so it can be rebuilt after a crash.</summary>
/// <param name="Index">Current step; the number of steps when finished.</param>
/// <param name="EnteredAt">When the current step began, UTC.</param>
/// <param name="Status">Its condition.</param>
/// <param name="Holds">Presses done.</param>
/// <param name="Outcomes">Pieces looked at.</param>
/// <param name="Remarks">Remarks made.</param>
/// <param name="Sequence">How many events it has taken in.</param>
public sealed record RunState(
    int Index, DateTimeOffset EnteredAt, RunStatus Status, IReadOnlyList<HoldDone> Holds, IReadOnlyList<PieceOutcome> Outcomes, IReadOnlyList<Remark> Remarks, int Sequence)
{
    /// <summary>A run that begins now.</summary>
    public static RunState Begin(DateTimeOffset at) => new(0, at, RunStatus.Running, [], [], [], 0);
}

/// <summary>Why the bench does not take an action.</summary>
/// <param name="code">A stable word.</param>
/// <param name="message">For the reader.</param>
public sealed class BenchRefusal(string code, string message) : Exception(message)
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
    /// <exception cref="BenchRefusal">It does not fit where the run stands; nothing changes.</exception>
    public static RunState Apply(BenchScript script, RunState state, BenchEvent said)
    {
        ArgumentNullException.ThrowIfNull(said);
        state = Advance(script, state, said.At);
        if (state.Status != RunStatus.Running)
            throw new BenchRefusal("run-over", "This run is over.");
        var step = script.Steps[state.Index];
        var next = said.Action switch
        {
            BenchAction.Done => Done(script, state, step, said),
            BenchAction.Back => Back(script, state, said.At),
            BenchAction.OpenedEarly => OpenedEarly(script, state, step, said.At),
            BenchAction.SomethingOff => state with { Remarks = [.. state.Remarks, new Remark(state.Index, said.At, Clean(said.Note))] },
            BenchAction.Record => Record(script, state, step, said),
            BenchAction.EndRun => state with { Status = RunStatus.Ended },
            _ => throw new ArgumentOutOfRangeException(nameof(said)),
        };
        return next with { Sequence = state.Sequence + 1 };
    }

    private static RunState Done(BenchScript script, RunState state, BenchStep step, BenchEvent said) => step.Kind switch
    {
        StepKind.Hold => throw new BenchRefusal("hold-not-over", "The plate is still to stay closed. Opened early? Then say so."),
        StepKind.Inspect => Record(script, state, step, said with { Outcomes = [Outcome.Stuck] }),
        _ => Next(script, state, said.At),
    };

    private static RunState OpenedEarly(BenchScript script, RunState state, BenchStep step, DateTimeOffset at)
    {
        if (step.Kind != StepKind.Hold)
            throw new BenchRefusal("not-holding", "The plate is not closed just now.");
        return Next(script, WithHold(script, state, at), at);
    }

    private static RunState Record(BenchScript script, RunState state, BenchStep step, BenchEvent said)
    {
        if (step.Kind != StepKind.Inspect)
            throw new BenchRefusal("nothing-to-record", "This piece is not done yet.");
        IReadOnlyList<Outcome> seen = said.Outcomes is { Count: > 0 } outcomes ? [.. outcomes.Distinct()] : [Outcome.Stuck];
        if (seen.Count > 1 && seen.Contains(Outcome.Stuck))
            throw new BenchRefusal("contradiction", "It is either stuck with nothing wrong, or something is wrong.");
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

        throw new BenchRefusal("no-way-back", "There is no step to go back to.");
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
