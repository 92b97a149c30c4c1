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
/// <param name="Piece">At which piece; 0 before the first.</param>
/// <param name="At">When, UTC.</param>
/// <param name="Note">What.</param>
public sealed record Remark(int Step, int Piece, DateTimeOffset At, string Note);

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
