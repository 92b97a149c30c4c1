namespace Juxtherm.Core.Cutting.Nesting;

/// <summary>
/// Packs boxes. The outline of what lies on a sheet so far is kept as steps; each box goes where it ends lowest, and among those
/// where it leaves least room below itself.
/// </summary>
internal sealed class BoxPacking : IPacking
{
    private const double Hair = 1e-7;

    /// <summary>A look at a step costs as much as so many looks at cells.</summary>
    private const int StepEffort = 10;

    /// <summary>To begin a packing costs as much as so many looks.</summary>
    private const int BeginEffort = 300;
    private readonly IReadOnlyList<NestSheet> _sheets;
    private readonly NestRules _rules;
    private readonly (double W, double H, double Degrees, double X, double Y)[][] _boxes;

    public BoxPacking(IReadOnlyList<NestPart> pieces, IReadOnlyList<NestSheet> sheets, NestRules rules)
    {
        (_sheets, _rules) = (sheets, rules);
        var known = new Dictionary<string, (double, double, double, double, double)[]>(StringComparer.Ordinal);
        _boxes = [.. pieces.Select(p => known.TryGetValue(p.Key, out var same) ? same : known[p.Key] = Turned(p.Ground))];
    }

    public long Effort { get; private set; }

    public NestLayout Pack(IReadOnlyList<int> order)
    {
        Effort += BeginEffort;
        var steps = _sheets.Select(Bare).ToArray();
        var lengths = new double[_sheets.Count];
        var places = new List<NestPosition>(order.Count);
        var left = new List<int>();
        foreach (var piece in order)
        {
            if (!Place(piece, steps, lengths, places))
                left.Add(piece);
        }

        return Layouts.Of(places, left, lengths, _sheets, _rules);
    }

    /// <summary>Each box turned every way that leaves it a box; margins are part of it.</summary>
    private (double W, double H, double Degrees, double X, double Y)[] Turned(Ground ground)
    {
        var all = _rules.Turns.Where(t => t % 90 == 0).Select(t =>
        {
            var b = Layouts.Turned(ground, t).EnvelopeInternal;
            return (W: b.Width + _rules.MarginMm, H: b.Height + _rules.MarginMm, Degrees: t, X: b.MinX, Y: b.MinY);
        });
        return [.. all.GroupBy(b => (Math.Round(b.W, 6), Math.Round(b.H, 6))).Select(g => g.First())];
    }

    private bool Place(int piece, List<Step>[] steps, double[] lengths, List<NestPosition> places)
    {
        for (var s = 0; s < steps.Length; s++)
        {
            var best = (End: double.PositiveInfinity, Waste: double.PositiveInfinity, X: 0.0, Y: 0.0, Turn: -1);
            var boxes = _boxes[piece];
            for (var t = 0; t < boxes.Length; t++)
            {
                if (Lowest(steps[s], s, boxes[t].W, boxes[t].H) is not { } spot)
                    continue;
                var end = spot.Y + boxes[t].H;
                if (end < best.End - Hair || (end < best.End + Hair && spot.Waste < best.Waste))
                    best = (end, spot.Waste, spot.X, spot.Y, t);
            }

            if (best.Turn < 0)
                continue;
            var box = boxes[best.Turn];
            Raise(steps[s], best.X, box.W, best.End);
            lengths[s] = Math.Max(lengths[s], best.End - _rules.MarginMm / 2);
            // A box with its margin begins half a margin before the piece does.
            places.Add(new NestPosition(piece, s, box.Degrees, best.X + _rules.MarginMm / 2 - box.X, best.Y + _rules.MarginMm / 2 - box.Y));
            return true;
        }

        return false;
    }

    private readonly record struct Step(double X, double W, double Y);

    private List<Step> Bare(NestSheet sheet)
    {
        // Half a margin may reach into the edge that stays free.
        var slack = _rules.EdgeMm - _rules.MarginMm / 2;
        var width = sheet.WidthMm - 2 * slack;
        if (sheet.CornerWidthMm <= 0 || sheet.CornerLengthMm <= 0)
            return [new Step(slack, width, slack)];
        var corner = Math.Min(width, sheet.CornerWidthMm);
        return corner >= width
            ? [new Step(slack, width, sheet.CornerLengthMm + slack)]
            : [new Step(slack, corner, sheet.CornerLengthMm + slack), new Step(slack + corner, width - corner, slack)];
    }

    private (double X, double Y, double Waste)? Lowest(List<Step> steps, int sheet, double w, double h)
    {
        var right = steps[^1].X + steps[^1].W;
        var bottom = _sheets[sheet].LengthMm - (_rules.EdgeMm - _rules.MarginMm / 2);
        (double X, double Y, double Waste)? best = null;
        for (var i = 0; i < steps.Count; i++)
        {
            var x = steps[i].X;
            if (x + w > right + Hair)
                break;
            var (y, waste, reach) = (_rules.EdgeMm - _rules.MarginMm / 2, 0.0, 0.0);
            for (var j = i; j < steps.Count && reach < w - Hair; j++)
            {
                Effort += StepEffort;
                var covered = Math.Min(steps[j].W, w - reach);
                var higher = Math.Max(y, steps[j].Y);
                waste += (higher - y) * reach + (higher - steps[j].Y) * covered;
                (y, reach) = (higher, reach + covered);
            }

            if (y + h <= bottom + Hair && (best is not { } b || y < b.Y - Hair || (y < b.Y + Hair && waste < b.Waste)))
                best = (x, y, waste);
        }

        return best;
    }

    private static void Raise(List<Step> steps, double x, double w, double y)
    {
        var right = x + w;
        var before = steps.Where(s => s.X < x - Hair).Select(s => s with { W = Math.Min(s.X + s.W, x) - s.X });
        var after = steps.Where(s => s.X + s.W > right + Hair)
            .Select(s => s with { X = Math.Max(s.X, right), W = s.X + s.W - Math.Max(s.X, right) });
        List<Step> raised = [.. before, new Step(x, w, y), .. after];
        steps.Clear();
        foreach (var step in raised)
        {
            if (steps.Count > 0 && Math.Abs(steps[^1].Y - step.Y) < Hair)
                steps[^1] = steps[^1] with { W = step.X + step.W - steps[^1].X };
            else
                steps.Add(step);
        }
    }
}
