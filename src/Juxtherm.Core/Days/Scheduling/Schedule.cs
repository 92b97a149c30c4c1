namespace Juxtherm.Core.Days.Scheduling;

/// <summary>A block at its time.</summary>
/// <param name="Block">The block.</param>
/// <param name="Starts">When each part begins, s.</param>
/// <param name="Seconds">How long each part takes, s.</param>
/// <param name="Press">Its press, from 0; null where it needs none.</param>
public sealed record PlacedBlock(WorkBlock Block, IReadOnlyList<int> Starts, IReadOnlyList<int> Seconds, int? Press)
{
    /// <summary>When it begins, s.</summary>
    public int Start => Starts[0];

    /// <summary>When it is over, s.</summary>
    public int End => Starts[^1] + Seconds[^1];

    /// <summary>When it leaves the press, s; its beginning where it needs none.</summary>
    public int PressEnd => Block.LastAtPress < 0 ? Start : Starts[Block.LastAtPress] + Seconds[Block.LastAtPress];
}

/// <summary>A sitting at its press.</summary>
/// <param name="Batch">Which batch, from 0.</param>
/// <param name="Mode">In which of its ways.</param>
/// <param name="Number">Which of its sittings, from 0.</param>
/// <param name="Press">Which press, from 0.</param>
/// <param name="Celsius">What the press is set to, °C.</param>
/// <param name="HeatSeconds">How long the press takes to get there from what was before, s.</param>
/// <param name="Start">When its first piece comes, s.</param>
/// <param name="End">When its last has left, s.</param>
public sealed record PlacedSitting(int Batch, int Mode, int Number, int Press, double Celsius, int HeatSeconds, int Start, int End);

/// <summary>When everything is done.</summary>
/// <param name="Blocks">In the order of the workload.</param>
/// <param name="Sittings">By press, in order.</param>
/// <param name="Late">By how much jobs are late, all together, s.</param>
/// <param name="Finish">When the last is done, s.</param>
/// <param name="HeatChanges">How often a press changes its temperature.</param>
/// <param name="Hands">Whose hands do what.</param>
public sealed record Schedule(
    IReadOnlyList<PlacedBlock> Blocks, IReadOnlyList<PlacedSitting> Sittings, long Late, int Finish, int HeatChanges, HandsGiven Hands)
{
    // What is done within a hundredth of the soonest is done as soon: nobody turns round three hundred times for a minute (ours).
    private const int SameFinishPart = 100;

    // Sooner by five minutes and a twentieth of what is left is worth changing everybody's mind for (ours).
    private const int WorthTellingSeconds = 300;
    private const int WorthTellingPart = 20;

    /// <summary>Which of two is better: less late first, then sooner done, then fewer changes of temperature, then steadier
    /// hands.</summary>
    /// <param name="other">Another.</param>
    public bool IsBetterThan(Schedule? other) => other is null
        || (Late, Finish, HeatChanges, Hands.Changes).CompareTo((other.Late, other.Finish, other.HeatChanges, other.Hands.Changes)) < 0;

    /// <summary>It is so much better than what everybody has in mind already that they had better be told anew.</summary>
    /// <param name="kept">As it was to be before.</param>
    public bool ServesMoreThan(Schedule kept)
    {
        ArgumentNullException.ThrowIfNull(kept);
        return Late < kept.Late || (Late == kept.Late && kept.Finish - Finish > Math.Max(WorthTellingSeconds,
            kept.Finish / WorthTellingPart));
    }

    /// <summary>It is done as soon as the one that is done soonest, near enough.</summary>
    /// <param name="best">The one that is done soonest.</param>
    public bool IsAsSoonAs(Schedule best)
    {
        ArgumentNullException.ThrowIfNull(best);
        return Late <= best.Late && Finish <= best.AsSoonAs;
    }

    /// <summary>As good as another in lateness and finish, and calmer: fewer changes of temperature, then steadier hands.</summary>
    /// <param name="other">Another.</param>
    /// <param name="best">The one that is done soonest.</param>
    public bool IsCalmerThan(Schedule other, Schedule best)
    {
        ArgumentNullException.ThrowIfNull(other);
        return IsAsSoonAs(best)
            && (HeatChanges, Hands.Changes, Finish).CompareTo((other.HeatChanges, other.Hands.Changes, other.Finish)) < 0;
    }

    /// <summary>What is done no later than this is done as soon, near enough, s.</summary>
    public int AsSoonAs => Finish + Finish / SameFinishPart;

    /// <summary>Sums up.</summary>
    /// <param name="work">The work.</param>
    /// <param name="blocks">At their times.</param>
    /// <param name="sittings">By press, in order.</param>
    /// <param name="stays">By part: the one that the same pair of hands goes on with; null to have that found.</param>
    internal static Schedule Of(Workload work, IReadOnlyList<PlacedBlock> blocks, IReadOnlyList<PlacedSitting> sittings,
        IReadOnlyDictionary<(int Block, int Part), (int Block, int Part)>? stays = null)
    {
        var late = 0L;
        foreach (var job in blocks.GroupBy(b => b.Block.Job))
            if (job.Key >= 0 && work.Due[job.Key] is { } due)
                late += Math.Max(0, job.Max(b => b.End) - due);
        return new Schedule(blocks, sittings, late, blocks.Count == 0 ? 0 : blocks.Max(b => b.End), sittings.Count(s => s.HeatSeconds > 0),
            HandsGiven.Of(work, blocks, stays));
    }
}
