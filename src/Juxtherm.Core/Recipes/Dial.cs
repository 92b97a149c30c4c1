using Juxtherm.Core.Catalogue;

namespace Juxtherm.Core.Recipes;

/// <summary>A place where the dial of a press can stand.</summary>
/// <param name="Celsius">Temperature of the plate there, °C; the middle of a mark's band.</param>
/// <param name="Fahrenheit">What the dial shows, °F; null where it has marks.</param>
/// <param name="Mark">The mark; null where it shows degrees.</param>
public sealed record DialPosition(double Celsius, double? Fahrenheit, string? Mark)
{
    /// <summary>All places of a press's dial, coolest first.</summary>
    /// <param name="source">The press.</param>
    public static IReadOnlyList<DialPosition> Of(HeatSource source)
    {
        ArgumentNullException.ThrowIfNull(source);
        if (source.DialStepFahrenheit is not { } step)
            return [.. source.Marks.Select(m => new DialPosition(m.Celsius.Value.Middle, null, m.Mark))];
        var first = Math.Ceiling((source.DialCelsius.Value.Low * 9 / 5 + 32) / step.Value - 1e-9);
        var last = Math.Floor((source.DialCelsius.Value.High * 9 / 5 + 32) / step.Value + 1e-9);
        return [.. Enumerable.Range(0, Math.Max(0, (int)(last - first) + 1)).Select(i => (first + i) * step.Value).Select(f => new DialPosition((f - 32) * 5 / 9, f, null))];
    }
}
