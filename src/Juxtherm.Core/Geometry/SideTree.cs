using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Geometry;

/// <summary>A straight side of an outline, the vinyl on its left.</summary>
/// <param name="X1">Where it begins, mm.</param>
/// <param name="Y1">Where it begins, mm.</param>
/// <param name="X2">Where it ends, mm.</param>
/// <param name="Y2">Where it ends, mm.</param>
/// <param name="Ring">Which outline.</param>
/// <param name="At">Where it begins along the outline, mm.</param>
internal readonly record struct Side(double X1, double Y1, double X2, double Y2, int Ring, double At)
{
    public double Length { get; } = Math.Sqrt((X2 - X1) * (X2 - X1) + (Y2 - Y1) * (Y2 - Y1));
}

/// <summary>
/// Sides of outlines, found by where they lie: boxes within boxes, in the order of a curve that keeps neighbours together. Long sides are
/// filed in parts, since the box round a long slanted one holds everything.
/// </summary>
internal sealed class SideTree
{
    private const int Leaf = 4;
    private const int Parts = 8;

    // Wider apart than this seen from an edge, what lies opposite is the edge's own neighbour round a blunt corner.
    private const double WidestLook = 1.3;
    private const double Touching = 1e-7;

    // So many boxes are looked at for one shape; what was not looked at by then counts as wide.
    private const long MostLooks = 60_000_000;
    private const int LooksBetweenPauses = 1 << 16;
    private readonly IReadOnlyList<Side> _sides;
    private readonly (int Side, double From, double To)[] _parts;
    private readonly (double X1, double Y1, double X2, double Y2)[] _boxes;
    private readonly int _leaves;
    private long _looks;

    public SideTree(IReadOnlyList<Side> sides)
    {
        _sides = sides;
        var longest = sides.Sum(s => s.Length) / sides.Count / Parts;
        var parts = new List<(int Side, double From, double To)>(sides.Count * 2);
        for (var i = 0; i < sides.Count; i++)
        {
            var n = (int)Math.Ceiling(sides[i].Length / longest);
            for (var k = 0; k < n; k++)
                parts.Add((i, k / (double)n, (k + 1) / (double)n));
        }

        _parts = [.. parts];
        var (x, y, span) = (sides.Min(s => s.X1), sides.Min(s => s.Y1),
            Math.Max(sides.Max(s => s.X1) - sides.Min(s => s.X1), sides.Max(s => s.Y1) - sides.Min(s => s.Y1)) + Touching);
        Array.Sort(Array.ConvertAll(_parts, p => Along(p, x, y, span)), _parts);
        _leaves = 1;
        while (_leaves * Leaf < _parts.Length)
            _leaves *= 2;
        _boxes = new (double X1, double Y1, double X2, double Y2)[2 * _leaves];
        for (var node = _boxes.Length - 1; node >= 1; node--)
            _boxes[node] = node >= _leaves ? LeafBox(node - _leaves) : Around(_boxes[2 * node], _boxes[2 * node + 1]);
    }

    /// <summary>All looks are used up.</summary>
    public bool IsSpent => _looks > MostLooks;

    /// <summary>
    /// The smallest circle inside the vinyl that touches an edge here and another edge opposite: its diameter is how wide the vinyl is
    /// here.
    /// </summary>
    /// <param name="x">The place on the edge.</param>
    /// <param name="y">The place on the edge.</param>
    /// <param name="nx">Inward, a unit vector.</param>
    /// <param name="ny">Inward.</param>
    /// <param name="most">Largest radius of interest, mm.</param>
    /// <returns>Its radius, and where along which side it touches; <paramref name="most"/> and -1 when there is none smaller.</returns>
    public (double Radius, int Side, double Part) Opposite(double x, double y, double nx, double ny, double most)
    {
        var (radius, touched, at) = (most, -1, 0.0);
        Span<int> stack = stackalloc int[64];
        var depth = 0;
        stack[depth++] = 1;
        while (depth > 0)
        {
            var node = stack[--depth];
            if (++_looks % LooksBetweenPauses == 0)
                Patience.Look();
            var (cx, cy) = (x + radius * nx, y + radius * ny);
            if (Away(_boxes[node], cx, cy) > radius * radius)
                continue;
            if (node < _leaves)
            {
                // The nearer box first, so that the circle is small before the farther one is looked at.
                var (left, right) = (2 * node, 2 * node + 1);
                var leftFirst = Away(_boxes[left], x, y) <= Away(_boxes[right], x, y);
                stack[depth++] = leftFirst ? right : left;
                stack[depth++] = leftFirst ? left : right;
                continue;
            }

            var from = (node - _leaves) * Leaf;
            for (var i = from; i < Math.Min(from + Leaf, _parts.Length); i++)
            {
                var (side, begins, ends) = _parts[i];
                if (Touch(_sides[side], begins, ends, x, y, nx, ny) is { } touch && touch.Radius < radius)
                    (radius, touched, at) = (touch.Radius, side, touch.At);
            }
        }

        return (radius, touched, at);
    }

    /// <summary>The smallest circle through the place, tangent to its edge there, that reaches a part of another side.</summary>
    private static (double Radius, double At)? Touch(Side side, double begins, double ends, double x, double y, double nx, double ny)
    {
        // Along the edge and away from it: (s, h) with the side running from 0 to 1.
        var (dx, dy, ex, ey) = (side.X1 - x, side.Y1 - y, side.X2 - side.X1, side.Y2 - side.Y1);
        var (h0, h1) = (dx * nx + dy * ny, ex * nx + ey * ny);
        var (s0, s1) = (dx * ny - dy * nx, ex * ny - ey * nx);
        var (low, high) = (begins, ends);
        // h > 0, and |s| ≤ look · h.
        if (!Clip(h0 - Touching, h1, ref low, ref high) || !Clip(WidestLook * h0 - s0, WidestLook * h1 - s1, ref low, ref high)
            || !Clip(WidestLook * h0 + s0, WidestLook * h1 + s1, ref low, ref high))
            return null;
        // (s² + h²) / 2h is convex along the side: its lowest place, or the end of the part nearest to that.
        var (a, b, c) = (s1 * s1 + h1 * h1, 2 * (s0 * s1 + h0 * h1), s0 * s0 + h0 * h0);
        double best;
        if (a <= 0)
            best = low;
        else if (Math.Abs(h1) < 1e-12 * Math.Sqrt(a))
            best = -b / (2 * a);
        else
            best = (-a * h0 + Math.Sqrt(Math.Max(0, a * a * h0 * h0 - a * h1 * (b * h0 - c * h1)))) / (a * h1);
        var t = Math.Clamp(best, low, high);
        var h = h0 + h1 * t;
        return h <= 0 ? null : ((a * t * t + b * t + c) / (2 * h), t);
    }

    /// <summary>Narrows an interval to where a + b·t ≥ 0.</summary>
    private static bool Clip(double a, double b, ref double low, ref double high)
    {
        if (b == 0)
            return a >= 0;
        if (b > 0)
            low = Math.Max(low, -a / b);
        else
            high = Math.Min(high, -a / b);
        return low <= high;
    }

    private static double Away((double X1, double Y1, double X2, double Y2) box, double x, double y)
    {
        var dx = Math.Max(0, Math.Max(box.X1 - x, x - box.X2));
        var dy = Math.Max(0, Math.Max(box.Y1 - y, y - box.Y2));
        return dx * dx + dy * dy;
    }

    private static (double X1, double Y1, double X2, double Y2) Around((double X1, double Y1, double X2, double Y2) a,
        (double X1, double Y1, double X2, double Y2) b) =>
        (Math.Min(a.X1, b.X1), Math.Min(a.Y1, b.Y1), Math.Max(a.X2, b.X2), Math.Max(a.Y2, b.Y2));

    private (double X1, double Y1, double X2, double Y2) LeafBox(int leaf)
    {
        var box = (X1: double.MaxValue, Y1: double.MaxValue, X2: double.MinValue, Y2: double.MinValue);
        for (var i = leaf * Leaf; i < Math.Min((leaf + 1) * Leaf, _parts.Length); i++)
        {
            var (side, from, to) = _parts[i];
            var (a, b) = (On(_sides[side], from), On(_sides[side], to));
            box = Around(box, (Math.Min(a.X, b.X), Math.Min(a.Y, b.Y), Math.Max(a.X, b.X), Math.Max(a.Y, b.Y)));
        }

        return box;
    }

    private uint Along((int Side, double From, double To) part, double x, double y, double span)
    {
        var middle = On(_sides[part.Side], (part.From + part.To) / 2);
        return Spread((middle.X - x) / span) | (Spread((middle.Y - y) / span) << 1);
    }

    public static (double X, double Y) On(Side side, double part) =>
        (side.X1 + (side.X2 - side.X1) * part, side.Y1 + (side.Y2 - side.Y1) * part);

    /// <summary>Sixteen bits of a share, a gap between each and the next.</summary>
    private static uint Spread(double share)
    {
        var bits = (uint)Math.Clamp(share * 65535, 0, 65535);
        bits = (bits | (bits << 8)) & 0x00FF00FF;
        bits = (bits | (bits << 4)) & 0x0F0F0F0F;
        bits = (bits | (bits << 2)) & 0x33333333;
        return (bits | (bits << 1)) & 0x55555555;
    }
}
