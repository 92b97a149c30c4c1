using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Certainty;

namespace Juxtherm.Core.Settings;

/// <summary>A place where the dial of a press can stand.</summary>
/// <param name="Celsius">What it is set to, °C; what a mark stands for.</param>
/// <param name="SurfaceCelsius">Temperature of the plate's face there, °C; in the middle of the band in which a mark's wanders.</param>
/// <param name="Shown">What the dial shows, in its own degrees; null where it has marks.</param>
/// <param name="Unit">The degrees that it shows.</param>
/// <param name="Mark">The mark; null where it shows degrees.</param>
/// <param name="ErrorK">How far the face may be off from that, K either way.</param>
public sealed record DialPosition(double Celsius, double SurfaceCelsius, double? Shown, DegreeUnit Unit, string? Mark, double ErrorK)
{
    /// <summary>The face of the hottest plate in twenty, °C.</summary>
    public double Hot => SurfaceCelsius + ErrorK;

    /// <summary>Standard deviation of the face, K.</summary>
    public double SpreadK => ErrorK / Odds.SpreadsInError;

    /// <summary>All places of a press's dial, coolest first.</summary>
    /// <param name="source">The press.</param>
    public static IReadOnlyList<DialPosition> Of(HeatSource source)
    {
        ArgumentNullException.ThrowIfNull(source);
        var (offset, error) = (source.Dial.OffsetK.Value, source.Dial.ErrorK.Value);
        if (source.Dial.Step is not { } step)
            return [.. source.Dial.Marks.Select(m =>
                new DialPosition(m.Celsius.Value, m.Band.Value.Middle + offset, null, source.Dial.Unit, m.Mark,
                    Math.Min(error, (m.Band.Value.High - m.Band.Value.Low) / 2)))];
        var fahrenheit = source.Dial.Unit == DegreeUnit.F;
        double Shown(double celsius) => fahrenheit ? celsius * 9 / 5 + 32 : celsius;
        double Celsius(double shown) => fahrenheit ? (shown - 32) * 5 / 9 : shown;
        var first = Math.Ceiling(Shown(source.Dial.Celsius.Value.Low) / step.Value - 1e-9);
        var last = Math.Floor(Shown(source.Dial.Celsius.Value.High) / step.Value + 1e-9);
        return [.. Enumerable.Range(0, Math.Max(0, (int)(last - first) + 1)).Select(i => (first + i) * step.Value)
            .Select(shown => new DialPosition(Celsius(shown), Celsius(shown) + offset, shown, source.Dial.Unit, null, error))];
    }
}
