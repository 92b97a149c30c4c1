using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Sections;

/// <summary>
/// Placements that lie straight, in columns that are each parted into rows (and the other way about, and with the plate a quarter
/// turned): first the fewest goes, then the least vinyl heated twice, then joints near where the parts would be alike. Columns and
/// rows are parted between steps of the raster: in gaps, as far as a plate reaches from either end, past what is thick, and evenly
/// between; how the vinyl on either side reaches to the joint is measured, so a joint that falls into a gap costs nothing.
/// </summary>
internal sealed partial class StripSearch
{
    // Parts that differ in width by all of it weigh as much as so many mm² heated twice: only where nothing else tells them apart.
    private const double UnevenMm2 = 1;
    private const int Impossible = 100_000;

    // A joint through a piece of vinyl: each mm of it weighs as much as so many mm² heated twice, so a gap is worth a little more of that.
    private const double ThroughMm2 = 100;
    private readonly VinylRaster _vinyl;
    private readonly PlateOver _plate;
    private readonly Dictionary<(int From, int To), int> _goes = [];
    private readonly Dictionary<(int From, int To), Rows?> _rows = [];

    private StripSearch(VinylRaster vinyl, PlateOver plate) => (_vinyl, _plate) = (vinyl, plate);

    private sealed record Rows(IReadOnlyList<Reaches> Parts, double Cost);

    /// <summary>Covers vinyl with straight placements that keep off all that is thick.</summary>
    /// <param name="question">Plate, vinyl and what is thick.</param>
    /// <returns>Null where some vinyl cannot be reached that way.</returns>
    public static List<Section>? Find(SectionQuestion question)
    {
        var (best, cost) = ((List<Section>?)null, double.PositiveInfinity);
        foreach (var quarter in question.Plate.IsOblong || question.Plate.Cool.Count > 0 ? new[] { false, true } : [false])
        {
            foreach (var lying in new[] { false, true })
            {
                var vinyl = lying ? question.Raster.Lying() : question.Raster;
                var plate = new PlateOver(question, quarter, lying);
                if (new StripSearch(vinyl, plate).Parts() is not { } parts || parts.Count > (best?.Count ?? Impossible))
                    continue;
                var settled = new SettledPlates(vinyl, plate, parts);
                // What lies as the plate hangs is easier to lay.
                var twice = settled.Cost + (quarter ? UnevenMm2 / 2 : 0) + (lying ? UnevenMm2 / 4 : 0);
                if (parts.Count == (best?.Count ?? Impossible) && twice >= cost)
                    continue;
                (best, cost) = ([.. settled.Places.Select(plate.SectionAt)], twice);
            }
        }

        return best;
    }

    private List<Reaches>? Parts()
    {
        var n = _vinyl.Columns;
        var whole = Whole();
        if (_plate.CanStand(whole))
            return [whole];
        if (_vinyl.AreaMm2 > _plate.InnerWidth * _plate.InnerHeight * SectionSearch.MostSections || !EveryStepIsReached())
            return null;
        // Fewest goes from the left up to each joint, and from each joint to the right.
        var joints = Columns();
        var (left, right) = (Filled(n + 1), Filled(n + 1));
        (left[0], right[n]) = (0, 0);
        foreach (var (to, previous) in joints.Skip(1).Zip(joints))
        {
            Patience.Look();
            if (_vinyl.Count(previous, to, 0, _vinyl.Rows) == 0)
                left[to] = left[previous];
            foreach (var from in WithinReachBefore(joints, to))
                left[to] = Math.Min(left[to], left[from] + Goes(from, to));
        }

        if (left[n] >= Impossible)
            return null;
        foreach (var (to, previous) in joints.Skip(1).Zip(joints).Reverse())
        {
            if (_vinyl.Count(previous, to, 0, _vinyl.Rows) == 0)
                right[previous] = Math.Min(right[previous], right[to]);
            foreach (var from in WithinReachBefore(joints, to))
                right[from] = Math.Min(right[from], right[to] + Goes(from, to));
        }

        // Among those, the one that heats least twice.
        var (costs, before) = (new double[n + 1], new int[n + 1]);
        Array.Fill(costs, double.PositiveInfinity);
        costs[0] = 0;
        var alike = _vinyl.Around.WidthMm / Math.Max(1, Math.Ceiling(_vinyl.Around.WidthMm / _plate.InnerWidth));
        foreach (var (to, previous) in joints.Skip(1).Zip(joints))
        {
            Patience.Look();
            if (_vinyl.Count(previous, to, 0, _vinyl.Rows) == 0 && costs[previous] < costs[to])
                (costs[to], before[to]) = (costs[previous], -previous - 1);
            foreach (var from in WithinReachBefore(joints, to))
            {
                if (double.IsPositiveInfinity(costs[from]) || left[from] + Goes(from, to) + right[to] != left[n]
                    || RowsOf(from, to) is not { } rows)
                    continue;
                var reach = Across(from, to)!.Value;
                var cost = costs[from] + rows.Cost + Joint(from, to, reach) + UnevenMm2
                    * Math.Pow((reach.To - reach.From - alike) / alike, 2);
                if (cost < costs[to] - 1e-9)
                    (costs[to], before[to]) = (cost, from);
            }
        }

        var parts = new List<Reaches>();
        for (var at = n; at > 0;)
        {
            if (before[at] < 0)
            {
                at = -before[at] - 1;
                continue;
            }

            parts.InsertRange(0, RowsOf(before[at], at)!.Parts);
            at = before[at];
        }

        return parts;
    }

    /// <summary>Joints before one from which the vinyl up to it goes under the plate.</summary>
    private IEnumerable<int> WithinReachBefore(List<int> joints, int to)
    {
        for (var i = joints.BinarySearch(to) - 1; i >= 0; i--)
        {
            if (Across(joints[i], to) is not { } reach)
                continue;
            if (reach.To - reach.From > _plate.InnerWidth + PlateOver.HairMm)
                yield break;
            yield return joints[i];
        }
    }

    /// <summary>Where columns may be parted.</summary>
    private List<int> Columns()
    {
        var most = (int)((_plate.InnerWidth + PlateOver.HairMm) / _vinyl.StepX);
        return Joints.Of(_vinyl.Columns, column => _vinyl.Count(column, column + 1, 0, _vinyl.Rows) == 0,
            column => Math.Min(_vinyl.Columns, column + most), most,
            _plate.KeepOuts.SelectMany(k => new[] { k.X1 - _plate.Right, k.X2 + _plate.Left })
            .Select(x => (x - _vinyl.Around.XMm) / _vinyl.StepX));
    }

    private Reaches Whole() =>
        new(_vinyl.Around.XMm, _vinyl.Around.XMm + _vinyl.Around.WidthMm, _vinyl.Around.YMm, _vinyl.Around.YMm + _vinyl.Around.HeightMm);

    /// <summary>Whether each bit of vinyl could be pressed by itself.</summary>
    private bool EveryStepIsReached()
    {
        if (_plate.KeepOuts.Length == 0)
            return _plate.InnerWidth >= _vinyl.StepX && _plate.InnerHeight >= _vinyl.StepY;
        for (var column = 0; column < _vinyl.Columns; column++)
        {
            foreach (var step in _vinyl.In(column))
            {
                var box = _vinyl.BoxOf(step);
                if (!_plate.CanStand(new Reaches(box.XMm, box.XMm + box.WidthMm, box.YMm, box.YMm + box.HeightMm)))
                    return false;
            }
        }

        return true;
    }

    private static int[] Filled(int count)
    {
        var all = new int[count];
        Array.Fill(all, Impossible);
        return all;
    }

    /// <summary>From where to where vinyl reaches between two steps; null where there is none.</summary>
    private (double From, double To)? Across(int from, int to)
    {
        while (from < to && _vinyl.Count(from, from + 1, 0, _vinyl.Rows) == 0)
            from++;
        while (from < to && _vinyl.Count(to - 1, to, 0, _vinyl.Rows) == 0)
            to--;
        return from == to ? null : (_vinyl.Around.XMm + from * _vinyl.StepX, _vinyl.Around.XMm + to * _vinyl.StepX);
    }

    /// <summary>Vinyl that is heated twice because of the joint before a column, and by a plate in the middle that is wider than what it
    /// covers.</summary>
    private double Joint(int from, int to, (double From, double To) reach)
    {
        var (top, bottom) = (_vinyl.Around.YMm, _vinyl.Around.YMm + _vinyl.Around.HeightMm);
        var cost = from == 0 || Across(0, from) is not { } before
            ? 0 : _vinyl.AreaIn(reach.From - _plate.Left, before.To + _plate.Right, top, bottom) + ThroughMm2 * _vinyl.ThroughColumn(from);
        var spare = _plate.InnerWidth - (reach.To - reach.From);
        if (from > 0 && to < _vinyl.Columns && spare > 0)
            cost += Math.Min(_vinyl.AreaIn(reach.From - _plate.Left - spare, reach.From - _plate.Left, top, bottom),
                _vinyl.AreaIn(reach.To + _plate.Right, reach.To + _plate.Right + spare, top, bottom));
        return cost;
    }

    private int Goes(int from, int to) => _goes.TryGetValue((from, to), out var known) ? known : _goes[(from, to)] = GoesIn(from, to);
}
