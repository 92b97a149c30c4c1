using Juxtherm.Core.Days.Tasks;

namespace Juxtherm.Core.Days.Scheduling;

/// <summary>Where a part of the work is done.</summary>
public enum WorkPlace
{
    /// <summary>At a table, of which there are enough.</summary>
    Bench,

    /// <summary>At a press, which can do nothing else meanwhile.</summary>
    Press,

    /// <summary>At a cutter.</summary>
    Cutter,
}

/// <summary>A part of a block of work.</summary>
/// <param name="Kind">What is done.</param>
/// <param name="Seconds">How long, whole s, at least 1.</param>
/// <param name="Hands">Pairs of hands that it takes, 0 or 1.</param>
/// <param name="Place">Where.</param>
/// <param name="Celsius">What the press is set to, °C; null where nothing is hot.</param>
/// <param name="SlackSeconds">How long after the part before it may begin, s; 0 where it follows at once.</param>
public sealed record WorkPart(DayTaskKind Kind, int Seconds, int Hands, WorkPlace Place, double? Celsius = null, int SlackSeconds = 0);

/// <summary>Parts that follow each other at once, or nearly: whoever begins one goes through with it.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Job">Which job, from 0.</param>
/// <param name="Piece">Which of its pieces, from 1; null for all of them.</param>
/// <param name="Parts">In order, at least one.</param>
/// <param name="After">Ids of blocks that have to be over before; those that are not done in the chosen way do not count.</param>
public sealed record WorkBlock(string Id, int Job, int? Piece, IReadOnlyList<WorkPart> Parts, IReadOnlyList<string> After)
{
    /// <summary>How long it takes when every part follows at once, s.</summary>
    public int Seconds { get; } = Parts.Sum(p => p.Seconds);

    /// <summary>Pairs of hands times seconds.</summary>
    public int HandSeconds { get; } = Parts.Sum(p => p.Hands * p.Seconds);

    /// <summary>When it leaves the press after its beginning, at once, s; 0 where it needs none.</summary>
    public int PressSeconds { get; } = Parts.Take(1 + Parts.ToList().FindLastIndex(p => p.Place == WorkPlace.Press)).Sum(p => p.Seconds);

    /// <summary>The last of its parts that is at the press, from 0; −1 where none is.</summary>
    public int LastAtPress { get; } = Parts.ToList().FindLastIndex(p => p.Place == WorkPlace.Press);
}

/// <summary>What is pressed in a row at one setting.</summary>
/// <param name="Celsius">What the press is set to, °C.</param>
/// <param name="Blocks">Ids of the blocks that take the press, in order.</param>
public sealed record Sitting(double Celsius, IReadOnlyList<string> Blocks);

/// <summary>A batch as it is done on some of the presses, which are alike.</summary>
/// <param name="Presses">Which, from 0.</param>
/// <param name="Sittings">What is pressed in a row, in order.</param>
/// <param name="Blocks">All that is done, at the press and elsewhere.</param>
public sealed record WorkMode(IReadOnlyList<int> Presses, IReadOnlyList<Sitting> Sittings, IReadOnlyList<WorkBlock> Blocks);

/// <summary>Pieces of a job that go to one press together.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Job">Which job, from 0.</param>
/// <param name="Modes">How it can be done, at least one way.</param>
public sealed record WorkBatch(string Id, int Job, IReadOnlyList<WorkMode> Modes);

/// <summary>A press of the day.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Celsius">How hot it is at the beginning, °C.</param>
/// <param name="HeatSeconds">How long it takes from one temperature to another, whole s.</param>
/// <param name="Closed">When it cannot be used: from and to, s.</param>
public sealed record PressLane(string Id, double Celsius, Func<double, double, int> HeatSeconds, IReadOnlyList<(int From, int To)> Closed)
{
    /// <summary>When it has the temperature that it has at the beginning, s: it may be heating still.</summary>
    public int HotFrom { get; init; }
}

/// <summary>How many pairs of hands there are from a moment on.</summary>
/// <param name="From">s.</param>
/// <param name="Count">How many.</param>
public sealed record HandsFrom(int From, int Count);

/// <summary>When something began that cannot be moved any more.</summary>
/// <param name="Starts">When each of its parts began, or will, s; may lie before 0.</param>
/// <param name="Seconds">How long each takes, s.</param>
/// <param name="Press">At which press, from 0; null where it needs none.</param>
public sealed record Pin(IReadOnlyList<int> Starts, IReadOnlyList<int> Seconds, int? Press)
{
    /// <summary>When it is over, s.</summary>
    public int End => Starts.Count == 0 ? 0 : Starts[^1] + Seconds[^1];
}

/// <summary>All that is to be done, in whole seconds from the beginning, before anybody knows when.</summary>
/// <param name="Blocks">What does not depend on the press: cutting, weeding, packing.</param>
/// <param name="Batches">What goes to the presses.</param>
/// <param name="Presses">The presses.</param>
/// <param name="Cutters">How many cutters there are.</param>
/// <param name="Hands">How many pairs of hands there are, from moment to moment; the first from 0 on.</param>
/// <param name="Due">By job: when it has to be done, s; null where that is not said.</param>
public sealed record Workload(
    IReadOnlyList<WorkBlock> Blocks, IReadOnlyList<WorkBatch> Batches, IReadOnlyList<PressLane> Presses, int Cutters,
    IReadOnlyList<HandsFrom> Hands, IReadOnlyList<int?> Due)
{
    /// <summary>What began already, by block id.</summary>
    public IReadOnlyDictionary<string, Pin> Pinned { get; init; } = new Dictionary<string, Pin>(StringComparer.Ordinal);

    /// <summary>How it was planned before, by block id: when it was to begin, s, and at which press. A new plan leaves it so where that
    /// serves as well.</summary>
    public IReadOnlyDictionary<string, (int Start, int? Press)> Before { get; init; } =
        new Dictionary<string, (int Start, int? Press)>(StringComparer.Ordinal);

    /// <summary>When each pair of hands is there: from and to, s; empty for always. None where they have no names.</summary>
    public IReadOnlyList<IReadOnlyList<(int From, int To)>> People { get; init; } = [];

    /// <summary>The most hands there ever are.</summary>
    public int MostHands => Hands.Count == 0 ? 0 : Hands.Max(h => h.Count);
}
