namespace Juxtherm.Core.Settings;

/// <summary>What ends the time that a press may last.</summary>
public enum TimeLimit
{
    /// <summary>Nothing but patience: the longest press that is proposed.</summary>
    Patience,

    /// <summary>The vinyl has had all the heat it takes.</summary>
    Vinyl,

    /// <summary>The bare blank beside the print reaches its limit.</summary>
    Blank,
}

/// <summary>What one temperature allows on this piece of work.</summary>
/// <param name="Dial">Where the dial stands.</param>
/// <param name="HoldsFromSeconds">From here it holds, s; null when never in time.</param>
/// <param name="TargetSeconds">Here the bond is as wanted, s; null when never in time.</param>
/// <param name="MostSeconds">Up to here nothing is harmed, s; 0 when even the preheat is too hot.</param>
/// <param name="EndsBecause">What ends it.</param>
/// <param name="BondAtMost">Share of the wanted bond at the end of that time.</param>
/// <param name="DyeMovesFromSeconds">From here the blank's dye may move with everything off to the hot side, s; null when it does
/// not.</param>
/// <param name="SafeFromSeconds">From here it holds even with everything off to the cold side, s; null when never.</param>
/// <param name="SafeToSeconds">Up to here nothing is harmed even with everything off to the hot side, s.</param>
public sealed record TemperatureRow(
    DialPosition Dial, double? HoldsFromSeconds, double? TargetSeconds, double MostSeconds, TimeLimit EndsBecause, double BondAtMost,
    double? DyeMovesFromSeconds, double? SafeFromSeconds, double SafeToSeconds)
{
    /// <summary>The wanted bond is reached before anything is harmed.</summary>
    public bool ReachesTarget => TargetSeconds <= MostSeconds;

    /// <summary>It at least holds before anything is harmed.</summary>
    public bool Holds => HoldsFromSeconds <= MostSeconds;

    /// <summary>Shortest time that reaches the wanted bond and holds in the worst case, s; null when there is none.</summary>
    public double? NeedsSeconds => TargetSeconds is { } target && SafeFromSeconds is { } safe ? Math.Max(target, safe) : null;

    /// <summary>That time, in whole seconds, is safe in the worst case.</summary>
    public bool IsSafe => NeedsSeconds is { } needs && Math.Ceiling(needs) <= SafeToSeconds;

    /// <summary>What the temperature allows when all of these must be served at once: the neediest and the most delicate decide.</summary>
    /// <param name="rows">The rows of one temperature, at least one.</param>
    public static TemperatureRow All(IReadOnlyList<TemperatureRow> rows)
    {
        ArgumentNullException.ThrowIfNull(rows);
        if (rows.Count == 1)
            return rows[0];
        double? Latest(Func<TemperatureRow, double?> of) => rows.Any(r => of(r) is null) ? null : rows.Max(of);
        var first = rows.MinBy(r => r.MostSeconds)!;
        return new TemperatureRow(
            first.Dial, Latest(r => r.HoldsFromSeconds), Latest(r => r.TargetSeconds), first.MostSeconds, first.EndsBecause,
            rows.Min(r => r.BondAtMost), rows.Min(r => r.DyeMovesFromSeconds),
            Latest(r => r.SafeFromSeconds), rows.Min(r => r.SafeToSeconds));
    }
}
