using Juxtherm.Core.Cutting.Nesting;
using Juxtherm.Core.Geometry;
using NetTopologySuite.Geometries;
using NetTopologySuite.Simplify;

namespace Juxtherm.Core.Cutting;

/// <summary>
/// Finds where to cut a piece in two, from its upper to its lower edge: through as little vinyl as may be, straight rather than
/// winding, and far from edges and fine places.
/// </summary>
internal static class SeamPath
{
    private const int MostCells = 160_000;
    private const double FinestMm = 0.5;
    private const double NearEdgeMm = 4;
    private const double EdgeCost = 3;
    private const double DelicateCost = 25;
    private const double WasteCost = 0.05;
    private const double TurnCost = 0.15;

    /// <summary>The best line between two limits.</summary>
    /// <param name="ground">What is cut, mm.</param>
    /// <param name="fromX">The line keeps right of this, mm.</param>
    /// <param name="toX">And left of this, mm.</param>
    /// <param name="delicate">Places to keep clear of.</param>
    /// <returns>Corners from above the piece to below it.</returns>
    public static IReadOnlyList<Spot> Find(Ground ground, double fromX, double toX, IReadOnlyList<DelicatePlace> delicate)
    {
        var bounds = ground.EnvelopeInternal;
        var wide = Math.Max(toX - fromX, 0);
        var cell = Math.Max(FinestMm, Math.Sqrt(Math.Max(wide, FinestMm) * bounds.Height / MostCells));
        var (columns, rows) = (Math.Max(1, (int)Math.Floor(wide / cell) + 1), Math.Max(2, (int)Math.Ceiling(bounds.Height / cell)));
        var cost = Costs(ground, fromX, bounds.MinY, cell, columns, rows, delicate);
        var (total, came) = (new double[rows, columns], new sbyte[rows, columns]);
        for (var c = 0; c < columns; c++)
            total[0, c] = cost[0, c];
        for (var r = 1; r < rows; r++)
        {
            for (var c = 0; c < columns; c++)
            {
                total[r, c] = double.PositiveInfinity;
                for (sbyte step = -1; step <= 1; step++)
                {
                    var before = c - step;
                    if (before < 0 || before >= columns)
                        continue;
                    var sum = total[r - 1, before] + cost[r, c] * (step == 0 ? 1 : Math.Sqrt(2))
                        + (step == came[r - 1, before] ? 0 : TurnCost);
                    if (sum < total[r, c])
                        (total[r, c], came[r, c]) = (sum, step);
                }
            }
        }

        return Line(total, came, fromX, bounds, cell);
    }

    private static IReadOnlyList<Spot> Line(double[,] total, sbyte[,] came, double fromX, Envelope bounds, double cell)
    {
        var (rows, columns) = (total.GetLength(0), total.GetLength(1));
        var at = Enumerable.Range(0, columns).MinBy(c => (total[rows - 1, c], Math.Abs(c - columns / 2)));
        var corners = new List<Coordinate>();
        for (var r = rows - 1; r >= 0; r--)
        {
            corners.Add(new Coordinate(fromX + at * cell, bounds.MinY + (r + 0.5) * cell));
            at -= came[r, at];
        }

        corners.Reverse();
        var simple = DouglasPeuckerSimplifier.Simplify(Plane.Factory.CreateLineString([.. corners]), cell * 0.8).Coordinates;
        // It begins above the piece and ends below it.
        return [new Spot(simple[0].X, bounds.MinY - cell), .. simple.Select(p => new Spot(p.X, p.Y)),
            new Spot(simple[^1].X, Math.Max(bounds.MaxY, simple[^1].Y) + cell)];
    }

    private static double[,
] Costs(Ground ground, double fromX, double fromY, double cell, int columns, int rows, IReadOnlyList<DelicatePlace> delicate)
    {
        var pad = (int)Math.Ceiling(NearEdgeMm / cell);
        var inside = new bool[rows + 2 * pad, columns + 2 * pad];
        var window =
            Plane.Factory.ToGeometry(
                new Envelope(fromX - (pad + 0.5) * cell, fromX + (columns + pad - 0.5) * cell, fromY - pad * cell,
                    fromY + (rows + pad) * cell));
        var seen = Plane.Intersection(ground, window);
        if (!seen.IsEmpty)
        {
            var shape = CellShape.Of(seen, cell);
            var (dx, dy) = ((int)Math.Round((shape.X - fromX) / cell + 0.5) + pad, (int)Math.Round((shape.Y - fromY) / cell) + pad);
            foreach (var run in shape.Runs)
            {
                for (var c = Math.Max(0, dx + run.From); c < Math.Min(inside.GetLength(1), dx + run.To); c++)
                {
                    if (run.Row + dy >= 0 && run.Row + dy < inside.GetLength(0))
                        inside[run.Row + dy, c] = true;
                }
            }
        }

        var near = DistanceToChange(inside);
        var cost = new double[rows, columns];
        for (var r = 0; r < rows; r++)
        {
            for (var c = 0; c < columns; c++)
            {
                var depth = near[r + pad, c + pad] * cell;
                cost[r, c] = inside[r + pad, c + pad] ? 1 + EdgeCost * Math.Max(0, 1 - depth / NearEdgeMm) : WasteCost;
                var (x, y) = (fromX + c * cell, fromY + (r + 0.5) * cell);
                if (delicate.Any(d => Math.Abs(d.XMm - x) < d.RadiusMm && Math.Abs(d.YMm - y) < d.RadiusMm))
                    cost[r, c] += DelicateCost;
            }
        }

        return cost;
    }

    /// <summary>Cells to the nearest one of the other kind, about.</summary>
    private static double[,] DistanceToChange(bool[,] inside)
    {
        var (rows, columns) = (inside.GetLength(0), inside.GetLength(1));
        var far = new double[rows, columns];
        for (var r = 0; r < rows; r++)
        {
            for (var c = 0; c < columns; c++)
                far[r, c] = IsEdge(r, c) ? 0.5 : rows + columns;
        }

        for (var r = 0; r < rows; r++)
        {
            for (var c = 0; c < columns; c++)
                far[r, c] = Math.Min(far[r, c],
                    Math.Min(At(r - 1, c) + 1, Math.Min(At(r, c - 1) + 1, Math.Min(At(r - 1, c - 1), At(r - 1, c + 1)) + 1.4)));
        }

        for (var r = rows - 1; r >= 0; r--)
        {
            for (var c = columns - 1; c >= 0; c--)
                far[r, c] = Math.Min(far[r, c],
                    Math.Min(At(r + 1, c) + 1, Math.Min(At(r, c + 1) + 1, Math.Min(At(r + 1, c + 1), At(r + 1, c - 1)) + 1.4)));
        }

        return far;

        double At(int r, int c) => r < 0 || c < 0 || r >= rows || c >= columns ? rows + columns : far[r, c];

        bool IsEdge(int r, int c) =>
            (r > 0 && inside[r - 1, c] != inside[r, c]) || (r + 1 < rows && inside[r + 1, c] != inside[r, c])
            || (c > 0 && inside[r, c - 1] != inside[r, c]) || (c + 1 < columns && inside[r, c + 1] != inside[r, c]);
    }
}
