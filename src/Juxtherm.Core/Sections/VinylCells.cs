using Juxtherm.Core.Artwork;
using Juxtherm.Core.Geometry;
using NetTopologySuite.Geometries;

namespace Juxtherm.Core.Sections;

/// <summary>A square of the blank, counted in steps of 5 mm from the free area's corner.</summary>
/// <param name="Column">To the right.</param>
/// <param name="Row">Downward.</param>
public readonly record struct Cell(int Column, int Row);

/// <summary>The squares of a 5 mm grid that vinyl touches. Whoever covers them covers every point of the vinyl.</summary>
public static class VinylCells
{
    /// <summary>Side of a square, mm.</summary>
    public const double SideMm = 5;

    // What only touches a square's edge is not in it; drawings are rounded to tenths.
    private const double HairMm = 0.05;

    /// <summary>The squares under ground.</summary>
    internal static HashSet<Cell> Of(IEnumerable<NetTopologySuite.Geometries.Geometry> grounds)
    {
        var cells = new HashSet<Cell>();
        foreach (var polygon in grounds.SelectMany(Polygons))
        {
            Outline(polygon.ExteriorRing, cells);
            foreach (var hole in polygon.InteriorRings)
                Outline(hole, cells);
            Inside(polygon, cells);
        }

        return cells;
    }

    /// <summary>The squares under a shape.</summary>
    /// <param name="shape">The shape.</param>
    /// <param name="box">Where it lies.</param>
    public static IReadOnlySet<Cell> Of(CutShape shape, Box box)
    {
        ArgumentNullException.ThrowIfNull(shape);
        return Of([shape.In(box)]);
    }

    /// <summary>The squares under a box.</summary>
    /// <param name="box">Vinyl of which only the box is known.</param>
    public static IReadOnlySet<Cell> Of(Box box) => Of([Shapes.Polygon(box)]);

    /// <summary>A square as a box on the blank.</summary>
    /// <param name="cell">Which.</param>
    public static Box BoxOf(Cell cell) => new(cell.Column * SideMm, cell.Row * SideMm, SideMm, SideMm);

    /// <summary>The middle of a square.</summary>
    /// <param name="cell">Which.</param>
    public static Spot MiddleOf(Cell cell) => new((cell.Column + 0.5) * SideMm, (cell.Row + 0.5) * SideMm);

    /// <summary>The boxes around squares that hang together.</summary>
    /// <param name="cells">The squares.</param>
    public static IReadOnlyList<Box> Boxes(IEnumerable<Cell> cells) => Boxes(cells, BoxOf);

    /// <summary>The boxes around squares of any grid that hang together.</summary>
    /// <param name="cells">The squares.</param>
    /// <param name="boxOf">Where one lies.</param>
    public static IReadOnlyList<Box> Boxes(IEnumerable<Cell> cells, Func<Cell, Box> boxOf)
    {
        ArgumentNullException.ThrowIfNull(boxOf);
        var left = cells.ToHashSet();
        var boxes = new List<Box>();
        while (left.Count > 0)
        {
            var island = new List<Cell>();
            var open = new Stack<Cell>([left.First()]);
            while (open.TryPop(out var cell))
            {
                if (!left.Remove(cell))
                    continue;
                island.Add(cell);
                for (var dx = -1; dx <= 1; dx++)
                {
                    for (var dy = -1; dy <= 1; dy++)
                        open.Push(new Cell(cell.Column + dx, cell.Row + dy));
                }
            }

            boxes.Add(Shapes.Around([.. island.Select(boxOf)]));
        }

        return boxes;
    }

    private static IEnumerable<Polygon> Polygons(NetTopologySuite.Geometries.Geometry ground) =>
        Enumerable.Range(0, ground.NumGeometries).Select(ground.GetGeometryN).OfType<Polygon>().Where(p => !p.IsEmpty);

    private static int Floor(double mm) => (int)Math.Floor(mm / SideMm);

    /// <summary>Squares that an outline passes through: band by band, from the leftmost to the rightmost it is in there.</summary>
    private static void Outline(LineString ring, HashSet<Cell> cells)
    {
        var corners = ring.Coordinates;
        for (var i = 0; i + 1 < corners.Length; i++)
        {
            var (a, b) = corners[i].Y <= corners[i + 1].Y ? (corners[i], corners[i + 1]) : (corners[i + 1], corners[i]);
            for (var row = Floor(a.Y + HairMm); row <= Floor(b.Y - HairMm); row++)
            {
                double At(double y) => b.Y - a.Y < 1e-9 ? a.X : a.X + (b.X - a.X) * (Math.Clamp(y, a.Y, b.Y) - a.Y) / (b.Y - a.Y);
                var (x1, x2) = b.Y - a.Y < 1e-9 ? (a.X, b.X) : (At(row * SideMm), At((row + 1) * SideMm));
                if (x1 > x2)
                    (x1, x2) = (x2, x1);
                for (var column = Floor(x1 + HairMm); column <= Floor(x2 - HairMm); column++)
                    cells.Add(new Cell(column, row));
            }
        }
    }

    /// <summary>Squares whose middle lies inside.</summary>
    private static void Inside(Polygon polygon, HashSet<Cell> cells)
    {
        var rings = polygon.InteriorRings.Prepend(polygon.ExteriorRing).Select(r => r.Coordinates).ToList();
        var bounds = polygon.EnvelopeInternal;
        var crossings = new List<double>();
        for (var row = Floor(bounds.MinY); row <= Floor(bounds.MaxY); row++)
        {
            var y = (row + 0.5) * SideMm;
            crossings.Clear();
            foreach (var corners in rings)
            {
                for (var i = 0; i + 1 < corners.Length; i++)
                {
                    var (a, b) = (corners[i], corners[i + 1]);
                    if (a.Y <= y != b.Y <= y)
                        crossings.Add(a.X + (b.X - a.X) * (y - a.Y) / (b.Y - a.Y));
                }
            }

            crossings.Sort();
            for (var i = 0; i + 1 < crossings.Count; i += 2)
            {
                for (var column = (int)Math.Ceiling(crossings[i] / SideMm - 0.5); (column + 0.5) * SideMm <= crossings[i + 1]; column++)
                    cells.Add(new Cell(column, row));
            }
        }
    }
}
