namespace Juxtherm.Core.Settings;

/// <summary>What stands against a setting, or that nothing does.</summary>
public enum FieldLimit
{
    /// <summary>Does not hold.</summary>
    Short,

    /// <summary>Holds, but is not as well stuck as the chart means.</summary>
    UnderTarget,

    /// <summary>As wanted, and nothing is harmed.</summary>
    Good,

    /// <summary>The vinyl has had too much heat.</summary>
    Vinyl,

    /// <summary>The bare blank has passed its limit.</summary>
    Blank,
}

/// <summary>
/// The window as a field over temperature and time: what stands against a setting, and how likely it comes out well. Margins are counted in
/// doublings of the time, because bond and heat dose grow with it: +1 means that half or double the time would still do, −1 that it misses
/// by a factor of two. Clipped at ±2.
/// </summary>
/// <param name="Celsius">Rows: what the plate is set to, °C, coolest first.</param>
/// <param name="Seconds">Columns: press time, s.</param>
/// <param name="Limit">By row and column, what stands against it.</param>
/// <param name="Nominal">By row and column, the margin with everything as it should be.</param>
/// <param name="Well">By row and column, the chance that it holds and nothing is harmed, 0 to 1.</param>
public sealed record WindowField(
    IReadOnlyList<double> Celsius, IReadOnlyList<double> Seconds, IReadOnlyList<IReadOnlyList<FieldLimit>> Limit,
    IReadOnlyList<IReadOnlyList<double>> Nominal, IReadOnlyList<IReadOnlyList<double>> Well)
{
    private const double MostMargin = 2;

    // Where more than this come out well all the same, nothing stands against a setting.
    private const double MostlyWell = 0.5;

    /// <summary>By row, what stands against the longest press there; null where most come out well all the same.</summary>
    public IReadOnlyList<FieldLimit?> AgainstLongest =>
        [.. Limit.Select((row, i) => Well[i][^1] > MostlyWell ? (FieldLimit?)null : row[^1])];

    /// <summary>The field of a window, evenly over the useful places of the dial and from the first second to the longest press.</summary>
    /// <param name="window">The window.</param>
    /// <param name="temperatures">Rows, 2 to 200.</param>
    /// <param name="times">Columns, 2 to 240.</param>
    /// <param name="longestSeconds">The longest press, s.</param>
    /// <exception cref="ArgumentOutOfRangeException">Fewer than two steps are asked for.</exception>
    public static WindowField Of(SettingWindow window, int temperatures, int times, double longestSeconds)
    {
        ArgumentNullException.ThrowIfNull(window);
        ArgumentOutOfRangeException.ThrowIfLessThan(temperatures, 2);
        ArgumentOutOfRangeException.ThrowIfLessThan(times, 2);
        var (low, high) = (window.Dial[0], window.Dial[^1]);
        var seconds = Enumerable.Range(0, times).Select(i => Math.Round(1 + (longestSeconds - 1) * i / (times - 1), 2)).ToList();
        var rows = Enumerable.Range(0, temperatures).Select(i =>
        {
            var share = (double)i / (temperatures - 1);
            double Between(double a, double b) => a + (b - a) * share;
            return window.At(
                new DialPosition(Between(low.Celsius, high.Celsius), Between(low.SurfaceCelsius, high.SurfaceCelsius), null, low.Unit, null,
                    Between(low.ErrorK, high.ErrorK)));
        }).ToList();
        return new WindowField(
            [.. rows.Select(r => Math.Round(r.Dial.Celsius, 1))], seconds,
            [.. rows.Select(r => (IReadOnlyList<FieldLimit>)[.. seconds.Select(t => LimitAt(r, t))])],
            [.. rows.Select(r =>
                (IReadOnlyList<double>)[
                    .. seconds.Select(t => Margin(t, r.HoldsFromSeconds, r.MostSeconds, r.EndsBecause == TimeLimit.Patience))])],
            [.. rows.Select(r =>
                (IReadOnlyList<double>)[.. seconds.Select(t => Math.Round(window.OutlookOf(r.Dial, t).Well, 3))])]);
    }

    private static FieldLimit LimitAt(TemperatureRow row, double seconds)
    {
        if (seconds > row.MostSeconds)
            return row.EndsBecause == TimeLimit.Blank ? FieldLimit.Blank : FieldLimit.Vinyl;
        if (!(row.HoldsFromSeconds <= seconds))
            return FieldLimit.Short;
        return row.TargetSeconds <= seconds ? FieldLimit.Good : FieldLimit.UnderTarget;
    }

    /// <summary>Doublings of time to the nearer edge; patience is no edge.</summary>
    private static double Margin(double seconds, double? from, double to, bool patient)
    {
        var below = from is { } f ? Math.Log2(seconds / f) : -MostMargin;
        var above = patient ? MostMargin : to > 0 ? Math.Log2(to / seconds) : -MostMargin;
        return Math.Round(Math.Clamp(Math.Min(below, above), -MostMargin, MostMargin), 2);
    }
}
