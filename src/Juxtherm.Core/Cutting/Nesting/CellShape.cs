using Juxtherm.Core.Geometry;
using NetTopologySuite.Geometries;

namespace Juxtherm.Core.Cutting.Nesting;

/// <summary>A run of cells in a row.</summary>
/// <param name="Row">Row, from 0.</param>
/// <param name="From">First cell.</param>
/// <param name="To">Behind the last cell.</param>
internal readonly record struct CellRun(int Row, int From, int To);

/// <summary>
/// The cells that a shape touches, if only with its edge. Shapes whose cells differ do not overlap, whatever the size of a cell.
/// </summary>
internal sealed class CellShape
{
    private CellShape(int width, int height, CellRun[] runs, double x, double y) =>
        (Width, Height, Runs, X, Y) = (width, height, runs, x, y);

    public int Width { get; }

    public int Height { get; }

    /// <summary>Longest first, because those hit something soonest.</summary>
    public CellRun[] Runs { get; }

    /// <summary>Where the first cell begins in the shape's own mm.</summary>
    public double X { get; }

    public double Y { get; }

    public static CellShape Of(Ground ground, double cellMm)
    {
        var bounds = ground.EnvelopeInternal;
        var (x, y) = (bounds.MinX, bounds.MinY);
        var width = Math.Max(1, (int)Math.Ceiling(bounds.Width / cellMm - 1e-9));
        var height = Math.Max(1, (int)Math.Ceiling(bounds.Height / cellMm - 1e-9));
        var touched = new bool[height, width];
        var crossings = new List<double>[height];
        for (var row = 0; row < height; row++)
            crossings[row] = [];
        foreach (var piece in Plane.Parts(ground))
        {
            Trace(piece.ExteriorRing);
            foreach (var hole in piece.InteriorRings)
                Trace(hole);
        }

        var runs = new List<CellRun>();
        for (var row = 0; row < height; row++)
        {
            // What no edge touches is inside as a whole or not at all; the middle of the row tells which.
            crossings[row].Sort();
            for (var i = 0; i + 1 < crossings[row].Count; i += 2)
            {
                for (var cell = Cell(crossings[row][i], width); cell <= Cell(crossings[row][i + 1], width); cell++)
                    touched[row, cell] = true;
            }

            for (var from = 0; from < width; from++)
            {
                if (!touched[row, from])
                    continue;
                var to = from + 1;
                while (to < width && touched[row, to])
                    to++;
                runs.Add(new CellRun(row, from, to));
                from = to;
            }
        }

        return new CellShape(width, height, [.. runs.OrderByDescending(r => r.To - r.From)], x, y);

        void Trace(LineString ring)
        {
            var corners = ring.Coordinates;
            for (var i = 0; i + 1 < corners.Length; i++)
                Edge((corners[i].X - x) / cellMm, (corners[i].Y - y) / cellMm, (corners[i + 1].X - x) / cellMm,
                    (corners[i + 1].Y - y) / cellMm);
        }

        void Edge(double x0, double y0, double x1, double y1)
        {
            if (y0 > y1)
                (x0, y0, x1, y1) = (x1, y1, x0, y0);
            var slope = y1 > y0 ? (x1 - x0) / (y1 - y0) : 0;
            for (var row = Cell(y0, height); row <= Cell(y1, height); row++)
            {
                var (a, b) = y1 > y0 ? (x0 + (Math.Max(y0, row) - y0) * slope, x0 + (Math.Min(y1, row + 1) - y0) * slope) : (x0, x1);
                for (var cell = Cell(Math.Min(a, b), width); cell <= Cell(Math.Max(a, b), width); cell++)
                    touched[row, cell] = true;
                var middle = row + 0.5;
                if (y0 <= middle && middle < y1)
                    crossings[row].Add(x0 + (middle - y0) * slope);
            }
        }
    }

    private static int Cell(double at, int count) => Math.Clamp((int)Math.Floor(at), 0, count - 1);
}
