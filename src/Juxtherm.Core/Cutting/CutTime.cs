using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Cutting;

/// <summary>How long cutting takes, from the way of the blade.</summary>
public static class CutTime
{
    // At each sharp corner the blade stops and turns (from memory).
    private const double CornerSeconds = 0.02;
    private const double SharpDegrees = 30;

    /// <summary>Estimates a sheet.</summary>
    /// <param name="strokes">Every line in order.</param>
    /// <param name="preset">How it is cut.</param>
    /// <param name="cutter">What it is cut with.</param>
    /// <returns>Length of one pass, mm, and the time of all passes, s.</returns>
    public static (double PathMm, double Seconds) Of(IReadOnlyList<CutStroke> strokes, CutPreset preset, Cutter cutter)
    {
        ArgumentNullException.ThrowIfNull(strokes);
        ArgumentNullException.ThrowIfNull(preset);
        ArgumentNullException.ThrowIfNull(cutter);
        var (length, seconds) = (0.0, 0.0);
        var at = new Spot(0, 0);
        foreach (var stroke in strokes)
        {
            var cut = 0.0;
            var corners = 0;
            for (var i = 1; i < stroke.Points.Count; i++)
            {
                cut += Distance(stroke.Points[i - 1], stroke.Points[i]);
                if (i + 1 < stroke.Points.Count && Turn(stroke.Points[i - 1], stroke.Points[i], stroke.Points[i + 1]) > SharpDegrees)
                    corners++;
            }

            length += cut;
            seconds += Distance(at, stroke.Points[0]) / cutter.TravelMmPerSecond.Value + 2 * cutter.LiftSeconds.Value + preset.Passes
                * (cut / cutter.CutMmPerSecond.Value + corners * CornerSeconds);
            at = stroke.Points[^1];
        }

        return (length, seconds);
    }

    internal static double Distance(Spot a, Spot b) => Math.Sqrt(Math.Pow(a.X - b.X, 2) + Math.Pow(a.Y - b.Y, 2));

    private static double Turn(Spot a, Spot b, Spot c)
    {
        var turn = Math.Abs(Math.Atan2(c.Y - b.Y, c.X - b.X) - Math.Atan2(b.Y - a.Y, b.X - a.X)) * 180 / Math.PI;
        return Math.Min(turn, 360 - turn);
    }
}
