using NetTopologySuite.Geometries;

namespace Juxtherm.Core.Artwork.Tracing;

/// <summary>
/// Finds the lines along which a field of values crosses a level: marching squares (Lorensen and Cline 1987 in the plane), with the
/// place on each side of a square found by a straight line between its corners, so that soft edges are found to a fraction of a
/// pixel.
/// </summary>
internal static class ContourTracer
{
    /// <summary>The closed lines around what lies above a level, in pixels; what is above lies to the left of each.</summary>
    /// <param name="field">Values row by row.</param>
    /// <param name="width">Columns.</param>
    /// <param name="height">Rows.</param>
    /// <param name="level">The level, above 0.</param>
    /// <param name="patience">Gives up.</param>
    public static IReadOnlyList<Coordinate[]> Rings(float[] field, int width, int height, double level, CancellationToken patience)
    {
        // Round about the picture there is nothing, so that every line closes.
        double At(int x, int y) => x < 0 || y < 0 || x >= width || y >= height ? 0 : field[y * width + x];
        // Sides are numbered: those that run across by 2·(row·stride + column), those that run down by one more.
        var stride = width + 2;
        int Across(int x, int y) => 2 * ((y + 1) * stride + x + 1);
        int Down(int x, int y) => Across(x, y) + 1;
        var next = new Dictionary<int, int>();
        for (var y = -1; y < height; y++)
        {
            patience.ThrowIfCancellationRequested();
            for (var x = -1; x < width; x++)
            {
                var (a, b, c, d) = (At(x, y) >= level, At(x + 1, y) >= level, At(x + 1, y + 1) >= level, At(x, y + 1) >= level);
                if (a == b && b == c && c == d)
                    continue;
                var (top, right, bottom, left) = (Across(x, y), Down(x + 1, y), Across(x, y + 1), Down(x, y));
                switch ((a, b, c, d))
                {
                    case (true, false, false, false): next[top] = left; break;
                    case (false, true, false, false): next[right] = top; break;
                    case (false, false, true, false): next[bottom] = right; break;
                    case (false, false, false, true): next[left] = bottom; break;
                    case (true, true, false, false): next[right] = left; break;
                    case (false, true, true, false): next[bottom] = top; break;
                    case (false, false, true, true): next[left] = right; break;
                    case (true, false, false, true): next[top] = bottom; break;
                    case (false, true, true, true): next[left] = top; break;
                    case (true, false, true, true): next[top] = right; break;
                    case (true, true, false, true): next[right] = bottom; break;
                    case (true, true, true, false): next[bottom] = left; break;
                    default:
                        // Two corners across: joined where the middle is above as well.
                        var joined = At(x, y) + At(x + 1, y) + At(x + 1, y + 1) + At(x, y + 1) >= 4 * level;
                        if (a)
                            (next[top], next[bottom]) = joined ? (right, left) : (left, right);
                        else
                            (next[right], next[left]) = joined ? (bottom, top) : (top, bottom);
                        break;
                }
            }
        }

        Coordinate Place(int side)
        {
            var (at, down) = (side / 2, side % 2 == 1);
            var (x, y) = (at % stride - 1, at / stride - 1);
            var (from, to) = (At(x, y), down ? At(x, y + 1) : At(x + 1, y));
            var share = Math.Clamp((level - from) / (to - from), 0, 1);
            // A pixel's value stands for its middle.
            return new Coordinate(x + 0.5 + (down ? 0 : share), y + 0.5 + (down ? share : 0));
        }

        var rings = new List<Coordinate[]>();
        foreach (var first in next.Keys.ToArray())
        {
            if (!next.ContainsKey(first))
                continue;
            var ring = new List<Coordinate>();
            for (var side = first; next.Remove(side, out var then); side = then)
                ring.Add(Place(side));
            rings.Add([.. ring]);
        }

        return rings;
    }
}
