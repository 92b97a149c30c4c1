using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Pressing;

/// <summary>
/// Placements that lie straight, in columns that are each parted into rows (and the other way about, and with the plate a quarter
/// turned): first the fewest goes, then the least vinyl heated twice, then joints near where the parts would be alike. Columns and
/// rows are parted between steps of the raster; how the vinyl on either side reaches to the joint is measured, so a joint that
/// falls into a gap costs nothing.
/// </summary>
internal sealed class StripSearch
{
    // Parts that differ in width by all of it weigh as much as so many mm² heated twice: only where nothing else tells them apart.
    private const double UnevenMm2 = 1;
    private const int Impossible = 100_000;
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
        if (_plate.Standing(whole) is not null)
            return [whole];
        if (_vinyl.AreaMm2 > _plate.InnerWidth * _plate.InnerHeight * SectionSearch.MostGoes || !EveryStepIsReached())
            return null;
        // Fewest goes from the left up to each step, and from each step to the right.
        var (left, right) = (Filled(n + 1), Filled(n + 1));
        (left[0], right[n]) = (0, 0);
        for (var to = 1; to <= n; to++)
        {
            if (_vinyl.Count(to - 1, to, 0, _vinyl.Rows) == 0)
            {
                left[to] = left[to - 1];
                continue;
            }

            for (var from = to - 1; from >= 0 && Across(from, to) is { } reach && reach.To - reach.From <= _plate.InnerWidth + PlateOver.HairMm; from--)
                left[to] = Math.Min(left[to], left[from] + Goes(from, to));
        }

        if (left[n] >= Impossible)
            return null;
        for (var from = n - 1; from >= 0; from--)
        {
            right[from] = _vinyl.Count(from, from + 1, 0, _vinyl.Rows) == 0 ? right[from + 1] : Impossible;
            for (var to = from + 1; to <= n && Across(from, to) is { } reach && reach.To - reach.From <= _plate.InnerWidth + PlateOver.HairMm; to++)
                right[from] = Math.Min(right[from], right[to] + Goes(from, to));
        }

        // Among those, the one that heats least twice.
        var (costs, before) = (new double[n + 1], new int[n + 1]);
        Array.Fill(costs, double.PositiveInfinity);
        costs[0] = 0;
        var alike = _vinyl.Around.WidthMm / Math.Max(1, Math.Ceiling(_vinyl.Around.WidthMm / _plate.InnerWidth));
        for (var to = 1; to <= n; to++)
        {
            if (_vinyl.Count(to - 1, to, 0, _vinyl.Rows) == 0 && costs[to - 1] < costs[to])
                (costs[to], before[to]) = (costs[to - 1], -(to - 1) - 1);
            for (var from = to - 1; from >= 0 && Across(from, to) is { } reach && reach.To - reach.From <= _plate.InnerWidth + PlateOver.HairMm; from--)
            {
                if (double.IsPositiveInfinity(costs[from]) || left[from] + Goes(from, to) + right[to] != left[n] || RowsOf(from, to) is not { } rows)
                    continue;
                var cost = costs[from] + rows.Cost + Joint(from, to, reach) + UnevenMm2 * Math.Pow((reach.To - reach.From - alike) / alike, 2);
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

    private Reaches Whole() => new(_vinyl.Around.XMm, _vinyl.Around.XMm + _vinyl.Around.WidthMm, _vinyl.Around.YMm, _vinyl.Around.YMm + _vinyl.Around.HeightMm);

    /// <summary>Whether each bit of vinyl could be pressed by itself.</summary>
    private bool EveryStepIsReached()
    {
        if (_plate.KeepOuts.Count == 0)
            return _plate.InnerWidth >= _vinyl.StepX && _plate.InnerHeight >= _vinyl.StepY;
        for (var column = 0; column < _vinyl.Columns; column++)
        {
            foreach (var step in _vinyl.In(column))
            {
                var box = _vinyl.BoxOf(step);
                if (_plate.Standing(new Reaches(box.XMm, box.XMm + box.WidthMm, box.YMm, box.YMm + box.HeightMm)) is null)
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

    /// <summary>Vinyl that is heated twice because of the joint before a column, and by a plate in the middle that is wider than what it covers.</summary>
    private double Joint(int from, int to, (double From, double To) reach)
    {
        var (top, bottom) = (_vinyl.Around.YMm, _vinyl.Around.YMm + _vinyl.Around.HeightMm);
        var cost = from == 0 || Across(0, from) is not { } before ? 0 : _vinyl.AreaIn(reach.From - _plate.Left, before.To + _plate.Right, top, bottom);
        var spare = _plate.InnerWidth - (reach.To - reach.From);
        if (from > 0 && to < _vinyl.Columns && spare > 0)
            cost += Math.Min(_vinyl.AreaIn(reach.From - _plate.Left - spare, reach.From - _plate.Left, top, bottom), _vinyl.AreaIn(reach.To + _plate.Right, reach.To + _plate.Right + spare, top, bottom));
        return cost;
    }

    private int Goes(int from, int to) => _goes.TryGetValue((from, to), out var known) ? known : _goes[(from, to)] = GoesIn(from, to);

    private int GoesIn(int from, int to)
    {
        if (_plate.KeepOuts.Count == 0 && _vinyl.Around.HeightMm <= _plate.InnerHeight)
            return 1;
        var count = 0;
        for (var row = NextRow(from, to, 0); row < _vinyl.Rows; row = NextRow(from, to, row))
        {
            if (++count > SectionSearch.MostGoes)
                return Impossible;
            var end = Farthest(from, to, row);
            if (end == row)
                return Impossible;
            row = end;
        }

        return count;
    }

    private int NextRow(int from, int to, int row)
    {
        while (row < _vinyl.Rows && _vinyl.Count(from, to, row, row + 1) == 0)
            row++;
        return row;
    }

    /// <summary>How many rows from one on go under the plate at once: what fits less, fits.</summary>
    private int Farthest(int from, int to, int row)
    {
        var (low, high) = (row, Math.Min(_vinyl.Rows, row + (int)((_plate.InnerHeight + PlateOver.HairMm) / _vinyl.StepY)));
        if (_plate.KeepOuts.Count == 0)
            return high;
        while (low < high)
        {
            var middle = (low + high + 1) / 2;
            if (_plate.Standing(Reach(from, to, row, middle)) is not null)
                low = middle;
            else
                high = middle - 1;
        }

        return low;
    }

    private Reaches Reach(int from, int to, int row, int end)
    {
        var (x1, x2) = Across(from, to)!.Value;
        while (end > row + 1 && _vinyl.Count(from, to, end - 1, end) == 0)
            end--;
        return new Reaches(x1, x2, _vinyl.Around.YMm + row * _vinyl.StepY, _vinyl.Around.YMm + end * _vinyl.StepY);
    }

    /// <summary>A column parted into as few rows as can be, with the least heated twice.</summary>
    private Rows? RowsOf(int from, int to)
    {
        if (_rows.TryGetValue((from, to), out var known))
            return known;
        var n = _vinyl.Rows;
        var (x1, x2) = Across(from, to)!.Value;
        var goes = Goes(from, to);
        if (goes >= Impossible)
            return _rows[(from, to)] = null;
        // How many goes are needed at least from each row on: what comes to more is not followed.
        var rest = Filled(n + 1);
        rest[n] = 0;
        for (var row = n - 1; row >= 0; row--)
            rest[row] = _vinyl.Count(from, to, row, row + 1) == 0 ? rest[row + 1] : Farthest(from, to, row) is var end && end > row ? rest[end] + 1 : Impossible;
        var (costs, counts, before) = (new double[n + 1], Filled(n + 1), new int[n + 1]);
        (costs[0], counts[0]) = (0, 0);
        for (var row = 0; row < n; row++)
        {
            if (counts[row] + rest[row] > goes)
                continue;
            if (_vinyl.Count(from, to, row, row + 1) == 0)
            {
                Offer(row, row + 1, counts[row], costs[row], skip: true);
                continue;
            }

            for (var end = Farthest(from, to, row); end > row; end--)
            {
                if (counts[row] + 1 + rest[end] > goes)
                    break;
                // What ends in a gap ends where the vinyl does.
                if (_vinyl.Count(from, to, end - 1, end) == 0)
                    continue;
                var reach = Reach(from, to, row, end);
                var next = NextRow(from, to, end);
                var below = next == n ? 0 : _vinyl.AreaIn(x1, x2, _vinyl.Around.YMm + next * _vinyl.StepY - _plate.Top, reach.Y2 + _plate.Bottom);
                var spare = _plate.InnerHeight - (reach.Y2 - reach.Y1);
                var first = NextRow(from, to, 0) == row;
                var middle = first || next == n || spare <= 0 ? 0 : Math.Min(_vinyl.AreaIn(x1, x2, reach.Y1 - _plate.Top - spare, reach.Y1 - _plate.Top), _vinyl.AreaIn(x1, x2, reach.Y2 + _plate.Bottom, reach.Y2 + _plate.Bottom + spare));
                var alike = _vinyl.Around.HeightMm / Math.Max(1, Math.Ceiling(_vinyl.Around.HeightMm / _plate.InnerHeight));
                Offer(row, end, counts[row] + 1, costs[row] + below + middle + UnevenMm2 * Math.Pow((reach.Y2 - reach.Y1 - alike) / alike, 2), skip: false);
            }
        }

        void Offer(int at, int end, int count, double cost, bool skip)
        {
            if (count < counts[end] || (count == counts[end] && cost < costs[end]))
                (counts[end], costs[end], before[end]) = (count, cost, skip ? -at - 1 : at);
        }

        var parts = new List<Reaches>();
        for (var at = n; at > 0;)
        {
            if (before[at] >= 0)
                parts.Insert(0, Reach(from, to, before[at], at));
            at = before[at] < 0 ? -before[at] - 1 : before[at];
        }

        return _rows[(from, to)] = new Rows(parts, costs[n]);
    }
}
