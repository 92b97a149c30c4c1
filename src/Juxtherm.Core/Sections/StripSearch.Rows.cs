namespace Juxtherm.Core.Sections;

internal sealed partial class StripSearch
{
    private int GoesIn(int from, int to)
    {
        if (_plate.KeepOuts.Length == 0 && _vinyl.Around.HeightMm <= _plate.InnerHeight)
            return 1;
        var count = 0;
        for (var row = NextRow(from, to, 0); row < _vinyl.Rows; row = NextRow(from, to, row))
        {
            if (++count > SectionSearch.MostSections)
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
        if (_plate.KeepOuts.Length == 0)
            return high;
        while (low < high)
        {
            var middle = (low + high + 1) / 2;
            if (_plate.CanStand(Reach(from, to, row, middle)))
                low = middle;
            else
                high = middle - 1;
        }

        return low;
    }

    /// <summary>Where a column may be parted into rows.</summary>
    private List<int> RowJoints(int from, int to) => Joints.Of(
        _vinyl.Rows, row => _vinyl.Count(from, to, row, row + 1) == 0, row => Math.Max(row + 1, Farthest(from, to, row)),
        (int)((_plate.InnerHeight + PlateOver.HairMm) / _vinyl.StepY),
        _plate.KeepOuts.SelectMany(k => new[] { k.Y1 - _plate.Bottom, k.Y2 + _plate.Top })
        .Select(y => (y - _vinyl.Around.YMm) / _vinyl.StepY));

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
        // How many goes are needed at least from a row on: what comes to more is not followed.
        var rest = new Dictionary<int, int> { [n] = 0 };
        int Rest(int row)
        {
            if (rest.TryGetValue(row, out var least))
                return least;
            var next = NextRow(from, to, row);
            return rest[row] = next == n ? 0 : Farthest(from, to, next) is var end && end > next ? Rest(end) + 1 : Impossible;
        }

        var joints = RowJoints(from, to);
        var alike = _vinyl.Around.HeightMm / Math.Max(1, Math.Ceiling(_vinyl.Around.HeightMm / _plate.InnerHeight));
        var (costs, counts, before) = (new double[n + 1], Filled(n + 1), new int[n + 1]);
        (costs[0], counts[0]) = (0, 0);
        var first = NextRow(from, to, 0);
        for (var i = 0; i < joints.Count - 1; i++)
        {
            var row = joints[i];
            if (counts[row] + Rest(row) > goes)
                continue;
            if (_vinyl.Count(from, to, row, joints[i + 1]) == 0)
            {
                Offer(row, joints[i + 1], counts[row], costs[row], skip: true);
                continue;
            }

            // What begins in a gap begins where the vinyl does, and so does what ends in one.
            if (_vinyl.Count(from, to, row, row + 1) == 0)
                continue;
            var farthest = Farthest(from, to, row);
            for (var j = joints.FindLastIndex(end => end <= farthest); j > i; j--)
            {
                var end = joints[j];
                if (counts[row] + 1 + Rest(end) > goes)
                    break;
                if (_vinyl.Count(from, to, end - 1, end) == 0)
                    continue;
                var reach = Reach(from, to, row, end);
                var next = NextRow(from, to, end);
                var below = next == n
                    ? 0 : _vinyl.AreaIn(x1, x2, _vinyl.Around.YMm + next * _vinyl.StepY - _plate.Top, reach.Y2 + _plate.Bottom) + ThroughMm2
                    * _vinyl.ThroughRow(end, from, to);
                var spare = _plate.InnerHeight - (reach.Y2 - reach.Y1);
                var middle = first == row || next == n || spare <= 0
                    ? 0 : Math.Min(_vinyl.AreaIn(x1, x2, reach.Y1 - _plate.Top - spare, reach.Y1 - _plate.Top),
                        _vinyl.AreaIn(x1, x2, reach.Y2 + _plate.Bottom, reach.Y2 + _plate.Bottom + spare));
                Offer(row, end, counts[row] + 1,
                    costs[row] + below + middle + UnevenMm2 * Math.Pow((reach.Y2 - reach.Y1 - alike) / alike, 2), skip: false);
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
