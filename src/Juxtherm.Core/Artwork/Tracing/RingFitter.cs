using NetTopologySuite.Geometries;
using NetTopologySuite.Simplify;

namespace Juxtherm.Core.Artwork.Tracing;

/// <summary>Takes the steps of the pixels out of a closed line, so that a cutter runs smoothly; its corners stay corners.</summary>
internal static class RingFitter
{
    // A corner is looked for over so many points each way, and is one from so sharp a turn on.
    private const int Arm = 4;
    private const double CornerDegrees = 40;

    // Points within so many of a corner are left where they are.
    private const int AtCorner = 2;
    private const int MostRounds = 6;

    // How far the line may move when points are left out, pixels.
    private const double LeastOffPixels = 0.08;
    private const double MostOffPixels = 0.3;

    /// <summary>The line, smoothed and with fewer points.</summary>
    /// <param name="ring">Its points, about one a pixel, the first not repeated.</param>
    /// <param name="smoothing">0 for not at all, to 1.</param>
    /// <returns>Its points, the first not repeated; empty where nothing is left of it.</returns>
    public static Coordinate[] Fit(Coordinate[] ring, double smoothing)
    {
        if (ring.Length < 3)
            return [];
        var smooth = Smoothed(ring, (int)Math.Round(smoothing * MostRounds));
        var off = LeastOffPixels + smoothing * (MostOffPixels - LeastOffPixels);
        var simple = DouglasPeuckerLineSimplifier.Simplify([.. smooth, smooth[0]], off);
        return simple.Length < 4 ? [] : simple[..^1];
    }

    private static Coordinate[] Smoothed(Coordinate[] ring, int rounds)
    {
        var fixedPoints = Corners(ring);
        for (var round = 0; round < rounds; round++)
        {
            // There and back again (Taubin 1995), so that round things do not shrink.
            ring = Moved(ring, fixedPoints, 0.5);
            ring = Moved(ring, fixedPoints, -0.53);
        }

        return ring;
    }

    private static Coordinate[] Moved(Coordinate[] ring, bool[] fixedPoints, double share) => [.. ring.Select((p, i) =>
    {
        if (fixedPoints[i])
            return p;
        var (before, after) = (ring[(i + ring.Length - 1) % ring.Length], ring[(i + 1) % ring.Length]);
        return new Coordinate(p.X + share * ((before.X + after.X) / 2 - p.X), p.Y + share * ((before.Y + after.Y) / 2 - p.Y));
    })];

    private static bool[] Corners(Coordinate[] ring)
    {
        var n = ring.Length;
        var turns = new double[n];
        for (var i = 0; i < n; i++)
        {
            var (a, b, c) = (ring[(i + n - Arm % n) % n], ring[i], ring[(i + Arm) % n]);
            var turn = Math.Atan2(c.Y - b.Y, c.X - b.X) - Math.Atan2(b.Y - a.Y, b.X - a.X);
            turns[i] = Math.Abs(Math.IEEERemainder(turn, 2 * Math.PI));
        }

        var corners = new bool[n];
        for (var i = 0; i < n; i++)
        {
            var sharpest = turns[i] * 180 / Math.PI >= CornerDegrees
                && Enumerable.Range(-Arm, 2 * Arm + 1).All(k => turns[(i + k + 2 * n) % n] <= turns[i]);
            if (!sharpest)
                continue;
            for (var k = -AtCorner; k <= AtCorner; k++)
                corners[(i + k + 2 * n) % n] = true;
        }

        return corners;
    }
}
