using Juxtherm.Core.Items;

namespace Juxtherm.Core.Runs;

/// <summary>What is told to the bench.</summary>
public enum BenchAction
{
    /// <summary>Done with this; the next, please.</summary>
    Done,

    /// <summary>One step back.</summary>
    Back,

    /// <summary>The plate is open before its time.</summary>
    OpenedEarly,

    /// <summary>A remark: the run stays where it is.</summary>
    SomethingOff,

    /// <summary>The piece is finished, and what came out of it.</summary>
    Record,

    /// <summary>End the run here.</summary>
    EndRun,

    /// <summary>A thing of the preparation is seen to.</summary>
    Check,

    /// <summary>Everything of the preparation that is still open is seen to.</summary>
    CheckAll,

    /// <summary>A thing of the preparation is left out, knowingly.</summary>
    Skip,

    /// <summary>What is seen on the piece in hand.</summary>
    See,

    /// <summary>What is done about it: steps that come before anything else.</summary>
    Rescue,

    /// <summary>How long the plate was really closed.</summary>
    HoldWas,

    /// <summary>The piece is lost; another takes its place.</summary>
    Ruin,

    /// <summary>Another name, size or colour for a piece.</summary>
    Change,

    /// <summary>One piece more.</summary>
    Add,

    /// <summary>The vinyl of a piece is cut.</summary>
    CutAgain,

    /// <summary>A piece that was not begun goes back to the others.</summary>
    GiveBack,

    /// <summary>A further press joins.</summary>
    Join,

    /// <summary>A press leaves.</summary>
    Leave,

    /// <summary>The press itself says when it closes and opens.</summary>
    Wire,

    /// <summary>The press is run by hand.</summary>
    Unwire,

    /// <summary>The service was away.</summary>
    Away,
}

/// <summary>Something told to the bench, as it is kept for good.</summary>
/// <param name="At">When, UTC.</param>
/// <param name="Action">What.</param>
/// <param name="Station">Which press, from 1; 0 for none in particular.</param>
/// <param name="Piece">Which piece, from 1; 0 for none.</param>
public sealed record BenchEvent(DateTimeOffset At, BenchAction Action, int Station = 1, int Piece = 0)
{
    /// <summary>What was seen; with record, see and ruin.</summary>
    public IReadOnlyList<Outcome>? Outcomes { get; init; }

    /// <summary>On which side it was seen; with see and rescue. Null for the one pressed last.</summary>
    public Face? Face { get; init; }

    /// <summary>On which layer it was seen; with see. Null where there is but one vinyl, or nobody could tell.</summary>
    public string? Layer { get; init; }

    /// <summary>A remark.</summary>
    public string? Note { get; init; }

    /// <summary>The helper's device that says it; null for the machine itself.</summary>
    public string? By { get; init; }

    /// <summary>The thing of the preparation.</summary>
    public string? Item { get; init; }

    /// <summary>A time, s; with hold-was.</summary>
    public double? Seconds { get; init; }

    /// <summary>Since when the service was away, UTC; with away.</summary>
    public DateTimeOffset? Since { get; init; }

    /// <summary>It is done although the bench advised against it; with opened-early, that what is missing is not made up for.</summary>
    public bool Knowingly { get; init; }

    /// <summary>Temperature of the plate as the press itself says, °C; null when run by hand.</summary>
    public double? PlateCelsius { get; init; }

    /// <summary>What comes before anything else; with rescue.</summary>
    public IReadOnlyList<BenchStep>? Steps { get; init; }

    /// <summary>The garment; with change and add.</summary>
    public WantedPiece? Wanted { get; init; }
}
