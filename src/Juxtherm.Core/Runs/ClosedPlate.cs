using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Runs;

/// <summary>One placement of the plate in one press, with everything that was done there: what was aborted and what was repeated count
/// alike.</summary>
/// <param name="Go">Which placement, from 1.</param>
/// <param name="Closings">Its closings in order.</param>
/// <param name="PlateCelsius">Coolest that the plate was measured as it closed, °C; null when nobody measured.</param>
public sealed record ClosedPlate(int Go, IReadOnlyList<Closing> Closings, double? PlateCelsius)
{
    /// <summary>Opened and closed again, where nobody noted when, s (from memory).</summary>
    internal const double UsualOpenSeconds = 5;

    // What lay open for longer is as cold as it gets, s.
    private const double LongestOpenSeconds = 900;

    /// <summary>How long the plate was closed there in all, s.</summary>
    public double Seconds => Closings.Sum(c => c.Seconds);

    /// <summary>What was done of a press, placement by placement.</summary>
    /// <param name="holds">Everything done with a piece.</param>
    /// <param name="pressOrder">The press.</param>
    public static IReadOnlyList<ClosedPlate> Of(IEnumerable<HoldDone> holds, int pressOrder)
    {
        ArgumentNullException.ThrowIfNull(holds);
        return [.. holds.Where(h => h.PressOrder == pressOrder).GroupBy(h => h.Go).OrderBy(g => g.Key)
            .Select(g => new ClosedPlate(g.Key, [.. Closed([.. g])], g.Min(h => h.PlateCelsius)))];
    }

    private static IEnumerable<Closing> Closed(List<HoldDone> holds)
    {
        for (var i = 0; i < holds.Count; i++)
        {
            var open = i == 0
                ? 0 : holds[i].ClosedAt is { } closed && holds[i - 1] is { ClosedAt: { } before } last
                ? (closed - before).TotalSeconds - last.Seconds : UsualOpenSeconds;
            yield return new Closing(holds[i].Seconds, Math.Clamp(open, 0, LongestOpenSeconds));
        }
    }
}
