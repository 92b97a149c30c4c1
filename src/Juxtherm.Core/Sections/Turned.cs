using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Sections;

/// <summary>The plate turned one way: every place of its 5 mm grid that could meet the vinyl, and what is thick under each.</summary>
internal sealed class Turned
{
    private const double TouchingMm = 0.2;

    private readonly SectionQuestion _question;
    private readonly Turn _turn;
    private readonly int _firstU;
    private readonly int _firstV;
    private readonly int _countU;
    private readonly int _countV;
    private readonly byte[] _blocked;
    private readonly double _offset;

    public Turned(SectionQuestion question, int slantDegrees, bool quarterTurn)
    {
        (_question, SlantDegrees, QuarterTurn, _turn) = (question, slantDegrees, quarterTurn, new Turn(slantDegrees));
        (WidthMm, HeightMm) = quarterTurn
            ? (question.Plate.HeightMm, question.Plate.WidthMm) : (question.Plate.WidthMm, question.Plate.HeightMm);
        // The grid stands so that what is pressed in full begins on a square's edge.
        _offset = question.Plate.EdgeMm % VinylCells.SideMm;
        var (lowU, highU, lowV, highV) = (double.MaxValue, double.MinValue, double.MaxValue, double.MinValue);
        foreach (var cell in question.Vinyl)
        {
            var s = _turn.SpanOf(cell);
            (lowU, highU, lowV, highV) = (Math.Min(lowU, s.U1), Math.Max(highU, s.U2), Math.Min(lowV, s.V1), Math.Max(highV, s.V2));
        }

        static int Floor(double mm) => (int)Math.Floor(mm / VinylCells.SideMm);
        HoldsAll = highU - lowU <= WidthMm - 2 * question.Plate.RimMm && highV - lowV <= HeightMm - 2 * question.Plate.RimMm;
        _firstU = Floor(lowU - WidthMm) - 1;
        _firstV = Floor(lowV - HeightMm) - 1;
        _countU = Floor(highU) - _firstU + 3;
        _countV = Floor(highV) - _firstV + 3;
        _blocked = new byte[_countU * _countV];
        foreach (var keepOut in question.KeepOuts)
            Block(keepOut);
    }

    /// <summary>What a place of the grid has under it.</summary>
    public enum Standing : byte
    {
        /// <summary>Nothing thick.</summary>
        Clear,

        /// <summary>What may lie there if it must.</summary>
        Yields,

        /// <summary>What never may.</summary>
        Never,
    }

    /// <summary>All vinyl could lie under it at once, if nothing thick were in the way.</summary>
    public bool HoldsAll { get; }

    public int SlantDegrees { get; }

    public bool QuarterTurn { get; }

    public double WidthMm { get; }

    public double HeightMm { get; }

    /// <summary>The places of the grid, as left and upper edge in the turned frame.</summary>
    public IEnumerable<(int U, int V)> Places =>
        Enumerable.Range(_firstU, _countU).SelectMany(u => Enumerable.Range(_firstV, _countV), (u, v) => (u, v));

    /// <summary>The placement on the slant that holds all vinyl, with the vinyl in its middle; null where it does not.</summary>
    public static Section? OverAll(SectionQuestion question, int slantDegrees, bool quarterTurn)
    {
        var turn = new Turn(slantDegrees);
        var spans = question.Vinyl.Select(turn.SpanOf).ToList();
        var (u1, u2, v1, v2) = (spans.Min(s => s.U1), spans.Max(s => s.U2), spans.Min(s => s.V1), spans.Max(s => s.V2));
        var (width, height) = quarterTurn
            ? (question.Plate.HeightMm, question.Plate.WidthMm) : (question.Plate.WidthMm, question.Plate.HeightMm);
        var centre = turn.Back((u1 + u2) / 2, (v1 + v2) / 2);
        return u2 - u1 <= width - 2 * question.Plate.RimMm && v2 - v1 <= height - 2 * question.Plate.RimMm
            ? new Section(centre.X, centre.Y, width, height, slantDegrees, quarterTurn, []) : null;
    }

    /// <summary>What is thick under a placement.</summary>
    public static IReadOnlyList<KeepOut> KeepOutsUnder(Section section, IReadOnlyList<KeepOut> keepOuts)
    {
        var turn = new Turn(section.SlantDegrees);
        var (u, v) = turn.Of(new Spot(section.CentreX, section.CentreY));
        return [.. keepOuts.Where(k =>
            Meets(Hull(k, turn), u - section.WidthMm / 2, v - section.HeightMm / 2, section.WidthMm, section.HeightMm))];
    }

    public Standing StandingAt(int u, int v) =>
        u < _firstU || v < _firstV || u >= _firstU + _countU || v >= _firstV + _countV
        ? Standing.Clear : (Standing)_blocked[(u - _firstU) * _countV + v - _firstV];

    /// <summary>Places from which a square lies so far inside the plate's edge.</summary>
    public (int U1, int U2, int V1, int V2) PlacesOver(Cell cell, double insideMm)
    {
        var s = _turn.SpanOf(cell);
        const double hair = 1e-6;
        static int Up(double mm) => (int)Math.Ceiling((mm - hair) / VinylCells.SideMm);
        static int Down(double mm) => (int)Math.Floor((mm + hair) / VinylCells.SideMm);
        return (Up(s.U2 + insideMm - WidthMm + _offset), Down(s.U1 - insideMm + _offset), Up(s.V2 + insideMm - HeightMm + _offset),
            Down(s.V1 - insideMm + _offset));
    }

    /// <summary>The placement at a place of the grid.</summary>
    public Section At(int u, int v)
    {
        var centre = _turn.Back(u * VinylCells.SideMm - _offset + WidthMm / 2, v * VinylCells.SideMm - _offset + HeightMm / 2);
        var section = new Section(centre.X, centre.Y, WidthMm, HeightMm, SlantDegrees, QuarterTurn, []);
        return StandingAt(u, v) == Standing.Clear ? section : section with { Under = KeepOutsUnder(section, _question.KeepOuts) };
    }

    private static List<(double U, double V)> Hull(KeepOut keepOut, Turn turn) => [.. keepOut.Hull.Select(turn.Of)];

    /// <summary>Marks the places from which the plate would lie on something: in each row one run of them, as both are convex.</summary>
    private void Block(KeepOut keepOut)
    {
        var hull = Hull(keepOut, _turn);
        var weight = keepOut.Yields ? (byte)Standing.Yields : (byte)Standing.Never;
        for (var v = 0; v < _countV; v++)
        {
            var top = (_firstV + v) * VinylCells.SideMm - _offset;
            if (Along(hull, top + TouchingMm, top + HeightMm - TouchingMm) is not { } reach)
                continue;
            var from = (int)Math.Floor((reach.Low - WidthMm + TouchingMm + _offset) / VinylCells.SideMm) + 1;
            var to = (int)Math.Ceiling((reach.High - TouchingMm + _offset) / VinylCells.SideMm) - 1;
            for (var u = Math.Max(0, from - _firstU); u <= Math.Min(_countU - 1, to - _firstU); u++)
                _blocked[u * _countV + v] = Math.Max(_blocked[u * _countV + v], weight);
        }
    }

    /// <summary>How far a convex ring reaches across a strip; null when it does not reach into it.</summary>
    private static (double Low, double High)? Along(List<(double U, double V)> hull, double from, double to)
    {
        var (low, high) = (double.MaxValue, double.MinValue);
        void Take(double u) => (low, high) = (Math.Min(low, u), Math.Max(high, u));
        for (var i = 0; i < hull.Count; i++)
        {
            var (a, b) = (hull[i], hull[(i + 1) % hull.Count]);
            if (a.V >= from && a.V <= to)
                Take(a.U);
            foreach (var line in new[] { from, to })
            {
                if (a.V < line != b.V < line)
                    Take(a.U + (b.U - a.U) * (line - a.V) / (b.V - a.V));
            }
        }

        return low <= high ? (low, high) : null;
    }

    /// <summary>Whether a convex ring and a box share ground: no line along a side of either parts them.</summary>
    internal static bool Meets(List<(double U, double V)> hull, double u, double v, double width, double height)
    {
        var (u1, u2, v1, v2) = (double.MaxValue, double.MinValue, double.MaxValue, double.MinValue);
        foreach (var p in hull)
            (u1, u2, v1, v2) = (Math.Min(u1, p.U), Math.Max(u2, p.U), Math.Min(v1, p.V), Math.Max(v2, p.V));
        if (u2 - u <= TouchingMm || u + width - u1 <= TouchingMm || v2 - v <= TouchingMm || v + height - v1 <= TouchingMm)
            return false;
        for (var i = 0; i < hull.Count; i++)
        {
            var (a, b) = (hull[i], hull[(i + 1) % hull.Count]);
            var (nu, nv) = (b.V - a.V, a.U - b.U);
            var length = Math.Sqrt(nu * nu + nv * nv);
            if (length < 1e-9)
                continue;
            (nu, nv) = (nu / length, nv / length);
            var (low, high) = (double.MaxValue, double.MinValue);
            foreach (var p in hull)
            {
                var d = p.U * nu + p.V * nv;
                (low, high) = (Math.Min(low, d), Math.Max(high, d));
            }

            var centre = (u + width / 2) * nu + (v + height / 2) * nv;
            var half = width / 2 * Math.Abs(nu) + height / 2 * Math.Abs(nv);
            if (centre - half - high > -TouchingMm || low - centre - half > -TouchingMm)
                return false;
        }

        return true;
    }
}
