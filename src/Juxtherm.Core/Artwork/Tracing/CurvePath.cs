using System.Globalization;
using System.Text;
using NetTopologySuite.Geometries;

namespace Juxtherm.Core.Artwork.Tracing;

/// <summary>Writes closed lines as path data: curves from point to point, and corners where the line turns sharply.</summary>
internal static class CurvePath
{
    // From this turn on a point is a corner: what is rounder was drawn round.
    private const double CornerRadians = Math.PI / 6;
    private const double Third = 1.0 / 3;

    /// <summary>Adds a line to path data.</summary>
    /// <param name="path">The path data.</param>
    /// <param name="ring">Its points, the first not repeated.</param>
    /// <param name="scale">mm for one of its lengths.</param>
    public static void Write(StringBuilder path, Coordinate[] ring, double scale)
    {
        var n = ring.Length;
        var directions = Enumerable.Range(0, n).Select(i => Direction(ring, i)).ToList();
        void Put(double x, double y, string before) => path.Append(before).Append(Mm(x * scale)).Append(' ').Append(Mm(y * scale));
        Put(ring[0].X, ring[0].Y, "M");
        for (var i = 0; i < n; i++)
        {
            var (from, to) = (ring[i], ring[(i + 1) % n]);
            var (here, there) = (directions[i], directions[(i + 1) % n]);
            if (here is null && there is null)
            {
                Put(to.X, to.Y, "L");
                continue;
            }

            var (dx, dy) = (to.X - from.X, to.Y - from.Y);
            var handle = Math.Sqrt(dx * dx + dy * dy) * Third;
            // A corner leaves along its own side.
            var (ax, ay) = here is { } a ? (a.X * handle, a.Y * handle) : (dx * Third, dy * Third);
            var (bx, by) = there is { } b ? (b.X * handle, b.Y * handle) : (dx * Third, dy * Third);
            Put(from.X + ax, from.Y + ay, "C");
            Put(to.X - bx, to.Y - by, " ");
            Put(to.X, to.Y, " ");
        }

        path.Append('Z');
    }

    /// <summary>Which way the line runs through a point, a unit vector; null at a corner. The longer side decides more, so that what is
    /// straight stays straight where it runs into a curve.</summary>
    private static (double X, double Y)? Direction(Coordinate[] ring, int at)
    {
        var (before, here, after) = (ring[(at + ring.Length - 1) % ring.Length], ring[at], ring[(at + 1) % ring.Length]);
        var (inX, inY, outX, outY) = (here.X - before.X, here.Y - before.Y, after.X - here.X, after.Y - here.Y);
        var turn = Math.Abs(Math.Atan2(inX * outY - inY * outX, inX * outX + inY * outY));
        if (turn >= CornerRadians)
            return null;
        var (inLength, outLength) = (Math.Sqrt(inX * inX + inY * inY), Math.Sqrt(outX * outX + outY * outY));
        var (x, y) = (inX * inLength + outX * outLength, inY * inLength + outY * outLength);
        var length = Math.Sqrt(x * x + y * y);
        return length == 0 ? null : (x / length, y / length);
    }

    private static string Mm(double mm) => mm.ToString("0.###", CultureInfo.InvariantCulture);
}
