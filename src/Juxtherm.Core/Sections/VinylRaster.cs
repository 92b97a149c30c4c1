using Juxtherm.Core.Artwork;
using Juxtherm.Core.Geometry;
using NetTopologySuite.Geometries.Utilities;

namespace Juxtherm.Core.Sections;

/// <summary>
/// Vinyl as a raster over its own box, so that its outermost edges are exact: rounding up to a grid of the blank would ask for
/// goes of the plate that a hand with a ruler does not need.
/// </summary>
public sealed class VinylRaster : IEquatable<VinylRaster>
{
    // Fine enough for the gaps between letters of a word, coarse enough for a banner.
    private const double FinestMm = 1;
    private const int UsualSteps = 240;
    private readonly bool[] _vinyl;
    private readonly int[] _sums;

    private VinylRaster(Box box, int columns, int rows, bool[] vinyl)
    {
        (Around, Columns, Rows, _vinyl) = (box, columns, rows, vinyl);
        _sums = new int[(columns + 1) * (rows + 1)];
        for (var c = 0; c < columns; c++)
        {
            for (var r = 0; r < rows; r++)
                _sums[At(c + 1, r + 1)] = (vinyl[c * rows + r] ? 1 : 0) + _sums[At(c, r + 1)] + _sums[At(c + 1, r)] - _sums[At(c, r)];
        }
    }

    /// <summary>The box around the vinyl.</summary>
    public Box Around { get; }

    /// <summary>Steps from left to right.</summary>
    public int Columns { get; }

    /// <summary>Steps from top to bottom.</summary>
    public int Rows { get; }

    /// <summary>Length of a step to the right, mm.</summary>
    public double StepX => Around.WidthMm / Columns;

    /// <summary>Length of a step down, mm.</summary>
    public double StepY => Around.HeightMm / Rows;

    /// <summary>What it takes, bytes.</summary>
    internal long Bytes => _vinyl.Length + (long)sizeof(int) * _sums.Length;

    /// <summary>All of the vinyl, mm², rounded up to the raster.</summary>
    public double AreaMm2 => Count(0, Columns, 0, Rows) * StepX * StepY;

    /// <summary>Vinyl as it is drawn.</summary>
    /// <param name="layers">Shapes and where they lie; a layer of which only the box is known is taken as that.</param>
    /// <param name="cutAway">Boxes in which there is none after all.</param>
    /// <returns>Null where there is no vinyl.</returns>
    public static VinylRaster? Of(IEnumerable<(CutShape? Shape, Box Box)> layers, IReadOnlyList<Box> cutAway) =>
        Of([.. layers.Select(l => CutShape.GroundOf(l.Shape, l.Box))], cutAway);

    /// <summary>Vinyl by its ground.</summary>
    internal static VinylRaster? Of(IReadOnlyList<NetTopologySuite.Geometries.Geometry> grounds, IReadOnlyList<Box> cutAway)
    {
        var boxes = grounds.Where(g => !g.IsEmpty).Select(g => g.EnvelopeInternal).ToList();
        if (boxes.Count == 0)
            return null;
        var (x, y) = (boxes.Min(b => b.MinX), boxes.Min(b => b.MinY));
        var all = new Box(x, y, Math.Max(0.1, boxes.Max(b => b.MaxX) - x), Math.Max(0.1, boxes.Max(b => b.MaxY) - y));
        var step = Math.Clamp(Math.Max(all.WidthMm, all.HeightMm) / UsualSteps, FinestMm, VinylCells.SideMm);
        var (columns, rows) = ((int)Math.Ceiling(all.WidthMm / step - 1e-9), (int)Math.Ceiling(all.HeightMm / step - 1e-9));
        var (stepX, stepY) = (all.WidthMm / columns, all.HeightMm / rows);
        // Drawn so large that a step is a square of the usual grid.
        var (zoomX, zoomY) = (VinylCells.SideMm / stepX, VinylCells.SideMm / stepY);
        var zoom = new AffineTransformation(zoomX, 0, -x * zoomX, 0, zoomY, -y * zoomY);
        var vinyl = new bool[columns * rows];
        foreach (var cell in VinylCells.Of(grounds.Select(zoom.Transform)))
        {
            var (c, r) = (Math.Clamp(cell.Column, 0, columns - 1), Math.Clamp(cell.Row, 0, rows - 1));
            var box = new Box(x + c * stepX, y + r * stepY, stepX, stepY);
            if (!cutAway.Any(b => b.Overlaps(box)))
                vinyl[c * rows + r] = true;
        }

        return Trimmed(all, columns, rows, vinyl);
    }

    /// <summary>A box of vinyl, as one step.</summary>
    /// <param name="box">The box.</param>
    public static VinylRaster Of(Box box) => new(box, 1, 1, [true]);

    /// <summary>Vinyl of which only the squares of the usual grid are known.</summary>
    /// <param name="cells">The squares; at least one.</param>
    public static VinylRaster Of(IReadOnlySet<Cell> cells)
    {
        ArgumentNullException.ThrowIfNull(cells);
        var (left, top) = (cells.Min(c => c.Column), cells.Min(c => c.Row));
        var (columns, rows) = (cells.Max(c => c.Column) - left + 1, cells.Max(c => c.Row) - top + 1);
        var vinyl = new bool[columns * rows];
        foreach (var cell in cells)
            vinyl[(cell.Column - left) * rows + cell.Row - top] = true;
        return new VinylRaster(
            new Box(left * VinylCells.SideMm, top * VinylCells.SideMm, columns * VinylCells.SideMm, rows * VinylCells.SideMm), columns,
            rows, vinyl);
    }

    /// <summary>Steps with vinyl in a part of the raster.</summary>
    public int Count(int fromColumn, int toColumn, int fromRow, int toRow) =>
        fromColumn >= toColumn || fromRow >= toRow
        ? 0 : _sums[At(toColumn, toRow)] - _sums[At(fromColumn, toRow)] - _sums[At(toColumn, fromRow)] + _sums[At(fromColumn, fromRow)];

    /// <summary>Vinyl in a box, mm², steps at its edges counted in part.</summary>
    public double AreaIn(double left, double right, double top, double bottom)
    {
        var (a, b) = (Column(left), Column(right));
        var (c, d) = (Row(top), Row(bottom));
        return b <= a || d <= c ? 0 : (Sum(b, d) - Sum(a, d) - Sum(b, c) + Sum(a, c)) * StepX * StepY;
    }

    /// <summary>How much vinyl a line before a column goes through, mm.</summary>
    /// <param name="column">The column; none before the first or after the last.</param>
    public double ThroughColumn(int column)
    {
        if (column <= 0 || column >= Columns)
            return 0;
        var count = 0;
        for (var r = 0; r < Rows; r++)
            count += _vinyl[(column - 1) * Rows + r] && _vinyl[column * Rows + r] ? 1 : 0;
        return count * StepY;
    }

    /// <summary>How much vinyl a line above a row goes through between two columns, mm.</summary>
    /// <param name="row">The row; none above the first or below the last.</param>
    /// <param name="from">First column.</param>
    /// <param name="to">The column after the last.</param>
    public double ThroughRow(int row, int from, int to)
    {
        if (row <= 0 || row >= Rows)
            return 0;
        var count = 0;
        for (var c = from; c < to; c++)
            count += _vinyl[c * Rows + row - 1] && _vinyl[c * Rows + row] ? 1 : 0;
        return count * StepX;
    }

    /// <summary>The steps of a column that hold vinyl, by row.</summary>
    /// <param name="column">The column.</param>
    public IEnumerable<Cell> In(int column) =>
        Enumerable.Range(0, Rows).Where(r => _vinyl[column * Rows + r]).Select(r => new Cell(column, r));

    /// <summary>Where a step lies on the blank.</summary>
    /// <param name="step">Its column and row.</param>
    public Box BoxOf(Cell step) => new(Around.XMm + step.Column * StepX, Around.YMm + step.Row * StepY, StepX, StepY);

    /// <summary>The same with left and top changed over.</summary>
    public VinylRaster Lying()
    {
        var vinyl = new bool[_vinyl.Length];
        for (var c = 0; c < Columns; c++)
        {
            for (var r = 0; r < Rows; r++)
                vinyl[r * Columns + c] = _vinyl[c * Rows + r];
        }

        return new VinylRaster(new Box(Around.YMm, Around.XMm, Around.HeightMm, Around.WidthMm), Rows, Columns, vinyl);
    }

    /// <inheritdoc/>
    public bool Equals(VinylRaster? other) =>
        other is not null && Around == other.Around && Columns == other.Columns && Rows == other.Rows
        && _vinyl.AsSpan().SequenceEqual(other._vinyl);

    /// <inheritdoc/>
    public override bool Equals(object? obj) => Equals(obj as VinylRaster);

    /// <inheritdoc/>
    public override int GetHashCode() => HashCode.Combine(Around, Columns, Rows, _sums[^1]);

    /// <summary>Without the empty columns and rows that were cut away along its edges.</summary>
    private static VinylRaster? Trimmed(Box all, int columns, int rows, bool[] vinyl)
    {
        var whole = new VinylRaster(all, columns, rows, vinyl);
        if (whole.Count(0, columns, 0, rows) == 0)
            return null;
        var (a, b, c, d) = (0, columns, 0, rows);
        while (whole.Count(a, a + 1, 0, rows) == 0)
            a++;
        while (whole.Count(b - 1, b, 0, rows) == 0)
            b--;
        while (whole.Count(0, columns, c, c + 1) == 0)
            c++;
        while (whole.Count(0, columns, d - 1, d) == 0)
            d--;
        if ((a, b, c, d) == (0, columns, 0, rows))
            return whole;
        var kept = new bool[(b - a) * (d - c)];
        for (var x = a; x < b; x++)
            Array.Copy(vinyl, x * rows + c, kept, (x - a) * (d - c), d - c);
        return new VinylRaster(new Box(all.XMm + a * whole.StepX, all.YMm + c * whole.StepY, (b - a) * whole.StepX, (d - c) * whole.StepY),
            b - a, d - c, kept);
    }

    private int At(int column, int row) => column * (Rows + 1) + row;

    private double Column(double mm) => Math.Clamp((mm - Around.XMm) / StepX, 0, Columns);

    private double Row(double mm) => Math.Clamp((mm - Around.YMm) / StepY, 0, Rows);

    /// <summary>The sum up to a place between steps.</summary>
    private double Sum(double column, double row)
    {
        var (c, r) = ((int)column, (int)row);
        var (p, q) = (column - c, row - r);
        double S(int x, int y) => _sums[At(Math.Min(x, Columns), Math.Min(y, Rows))];
        return (1 - p) * ((1 - q) * S(c, r) + q * S(c, r + 1)) + p * ((1 - q) * S(c + 1, r) + q * S(c + 1, r + 1));
    }
}
