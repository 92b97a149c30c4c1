using Juxtherm.Core.Geometry;
using NetTopologySuite.Operation.Buffer;
using NetTopologySuite.Simplify;

namespace Juxtherm.Core.Cutting.Nesting;

/// <summary>
/// Packs true shapes on a grid of small cells: each goes to the first place with room, turned whichever way ends lowest, so small
/// pieces find their way into bays and holes of large ones. Every shape is first grown by half the margin, and takes every cell it
/// touches, so no rounding brings two pieces nearer to each other than the margin.
/// </summary>
internal sealed class ShapePacking : IPacking
{
    private const double MostCells = 1_500_000;
    private const double FinestMm = 0.5;
    private const double SimplerMm = 0.03;

    /// <summary>To begin a packing costs as much as so many looks, and its sheets as many more as they are large.</summary>
    private const long BeginEffort = 500;
    private const int WordsPerLook = 16;

    // An arc of four chords a quarter lies within 2 % of the circle; before it grows a shape the library simplifies it by a share of the
    // distance.
    private const int ArcSteps = 4;
    private const double Simplified = 0.001;
    private const double ArcLoss = 1.02 + Simplified;
    private readonly IReadOnlyList<NestSheet> _sheets;
    private readonly NestRules _rules;
    private readonly double _cell;
    private readonly double _slack;
    private readonly (CellShape Cells, double Degrees)[][] _shapes;
    private readonly int[] _kinds;
    private readonly int _rows;
    private long _effort;

    /// <summary>Prepares the cells of every shape, turned every way.</summary>
    /// <param name="pieces">What is placed.</param>
    /// <param name="sheets">On what.</param>
    /// <param name="rules">How.</param>
    /// <param name="longestMm">No sheet is used further than this, mm.</param>
    public ShapePacking(IReadOnlyList<NestPart> pieces, IReadOnlyList<NestSheet> sheets, NestRules rules, double longestMm)
    {
        (_sheets, _rules) = (sheets, rules);
        var length = Math.Min(longestMm, sheets.Max(s => s.LengthMm));
        _cell = Math.Max(FinestMm, Math.Sqrt(sheets.Max(s => s.WidthMm) * length / MostCells));
        _slack = rules.EdgeMm - rules.MarginMm / 2;
        _rows = (int)Math.Floor((length - 2 * _slack) / _cell + 1e-9);
        var kinds = new Dictionary<string, int>(StringComparer.Ordinal);
        var shapes = new List<(CellShape, double)[]>();
        _kinds = new int[pieces.Count];
        for (var i = 0; i < pieces.Count; i++)
        {
            if (!kinds.TryGetValue(pieces[i].Key, out var kind))
            {
                kinds[pieces[i].Key] = kind = shapes.Count;
                shapes.Add(Turned(pieces[i]));
            }

            _kinds[i] = kind;
        }

        _shapes = [.. shapes];
    }

    public long Effort => _effort;

    public NestLayout Pack(IReadOnlyList<int> order)
    {
        var sheets = _sheets.Select(Bare).ToArray();
        _effort += BeginEffort + sheets.Sum(s => (long)s.Words) / WordsPerLook;
        // Where a shape had no room before, it has none later in the same packing.
        var from = new (int X, int Y)[sheets.Length, _shapes.Length, _rules.Turns.Count];
        var ends = new double[sheets.Length];
        var places = new List<NestPosition>(order.Count);
        var left = new List<int>();
        foreach (var piece in order)
        {
            if (!Place(piece, sheets, from, ends, places))
                left.Add(piece);
        }

        return Layouts.Of(places, left, ends, _sheets, _rules);
    }

    private (CellShape Cells, double Degrees)[] Turned(NestPart piece)
    {
        var simple = piece.Boxed ? piece.Ground.Envelope : DouglasPeuckerSimplifier.Simplify(piece.Ground, SimplerMm);
        var lost = piece.Boxed ? 0 : SimplerMm;
        var turns = piece.Boxed ? _rules.Turns.Where(t => t % 90 == 0) : _rules.Turns;
        var half = _rules.MarginMm / 2 + lost;
        var grown = piece.Boxed
            ? BufferOp.Buffer(simple, half, new BufferParameters(ArcSteps, EndCapStyle.Flat, JoinStyle.Mitre, 5))
            : BufferOp.Buffer(simple, half * ArcLoss,
                new BufferParameters(ArcSteps, EndCapStyle.Round, JoinStyle.Round, 5) { SimplifyFactor = Simplified });
        return [.. turns.Select(t => (CellShape.Of(Plane.Clean(Layouts.Turned(grown, t)), _cell), t))];
    }

    private CellSheet Bare(NestSheet sheet)
    {
        var width = Math.Max(0, (int)Math.Floor((sheet.WidthMm - 2 * _slack) / _cell + 1e-9));
        var cells = new CellSheet(width, Math.Max(0, Math.Min(_rows, (int)Math.Floor((sheet.LengthMm - 2 * _slack) / _cell + 1e-9))));
        // Of a corner that is gone, the edge is kept free too; the grid begins inside the sheet's own.
        var (gone, long_) = ((int)Math.Ceiling(sheet.CornerWidthMm / _cell - 1e-9), (int)Math.Ceiling(sheet.CornerLengthMm / _cell - 1e-9));
        if (sheet is { CornerWidthMm: > 0, CornerLengthMm: > 0 })
        {
            for (var row = 0; row < Math.Min(long_, cells.Height); row++)
                cells.Take(row, 0, Math.Min(gone, width));
        }

        return cells;
    }

    private bool Place(int piece, CellSheet[] sheets, (int X, int Y)[,,] from, double[] ends, List<NestPosition> places)
    {
        var kind = _kinds[piece];
        var shapes = _shapes[kind];
        for (var s = 0; s < sheets.Length; s++)
        {
            var best = (End: int.MaxValue, X: 0, Y: 0, Turn: -1);
            for (var t = 0; t < shapes.Length; t++)
            {
                var shape = shapes[t].Cells;
                // Only what ends higher than the best so far is of interest.
                var last = best.Turn < 0 ? int.MaxValue : best.End - shape.Height - 1;
                if (sheets[s].Room(shape, from[s, kind, t], last, ref _effort) is not { } room)
                {
                    if (best.Turn < 0)
                        from[s, kind, t] = (0, int.MaxValue / 2);
                    continue;
                }

                from[s, kind, t] = room;
                best = (room.Y + shape.Height, room.X, room.Y, t);
            }

            if (best.Turn < 0)
                continue;
            var (cells, degrees) = shapes[best.Turn];
            sheets[s].Take(cells, best.X, best.Y);
            ends[s] = Math.Max(ends[s], _slack + best.End * _cell - _rules.MarginMm / 2);
            places.Add(new NestPosition(piece, s, degrees, _slack + best.X * _cell - cells.X, _slack + best.Y * _cell - cells.Y));
            return true;
        }

        return false;
    }
}
