using Juxtherm.Core.Days.Tasks;

namespace Juxtherm.Core.Days.Scheduling;

/// <summary>One way through a day.</summary>
internal sealed class DayClock
{
    private readonly WorkIndex _index;
    private readonly Board _board;
    private readonly long[] _ranks;
    private readonly bool _staying;
    private readonly List<WorkBlock> _recent = [];
    private readonly AtPress[] _presses;
    private readonly int[] _left;
    private readonly int[] _from;
    private readonly int?[] _press;
    private readonly SortedSet<(long Rank, int Block)> _open = [];
    private readonly SortedSet<int> _moments = [0];

    public DayClock(WorkIndex index, IReadOnlyList<ChosenBatch> order, long[] ranks, bool staying)
    {
        _staying = staying;
        (_index, _ranks, _board) = (index, ranks, new Board(index, order));
        (_left, _from, _press) = (new int[index.Blocks.Count], new int[index.Blocks.Count], new int?[index.Blocks.Count]);
        var inTurn = order.OrderBy(_board.BeganAt).ToList();
        foreach (var chosen in order)
            foreach (var block in index.Sittings[chosen.Batch][chosen.Mode].SelectMany(s => s.Blocks))
                _press[block] = chosen.Press;
        _presses = [.. index.Work.Presses.Select((p, i) => new AtPress(inTurn.Where(c => c.Press == i).SelectMany(c =>
            Enumerable.Range(0, index.Sittings[c.Batch][c.Mode].Length).Where(s => index.Sittings[c.Batch][c.Mode][s].Blocks.Length > 0)
                .Select(s => (c, s))), p.Celsius) { Free = p.HotFrom })];
        foreach (var step in index.Work.Hands)
            _moments.Add(Math.Max(0, step.From));
        foreach (var to in index.Work.Presses.SelectMany(p => p.Closed).Where(c => c.To < int.MaxValue))
            _moments.Add(Math.Max(0, to.To));
        for (var i = 0; i < _left.Length; i++)
            _left[i] = index.After[i].Count(b => _board.IsWanted(b) && _board.Placed(b) is null);
        for (var i = 0; i < _left.Length; i++)
        {
            foreach (var before in index.After[i])
                if (_board.Placed(before) is { } done)
                    _from[i] = Math.Max(_from[i], done.End);
            if (_board.Placed(i) is { } placed)
                Remember(placed);
            else if (_left[i] == 0 && _board.IsWanted(i))
                _open.Add((_ranks[i], i));
        }

        foreach (var press in _presses)
            Advance(press);
    }

    public Schedule Finished() => _board.Finished();

    public bool Run()
    {
        while (_open.Count > 0)
        {
            if (_moments.Count == 0)
                return false;
            var now = _moments.Min;
            _moments.Remove(now);
            while (Next(now) is { } i)
                Put(i, now);
        }

        return true;
    }

    private int? Next(int now)
    {
        // Everything begins with hands.
        if (_board.Hands.FreeAt(now) < 1)
            return null;
        int? first = null;
        foreach (var (_, i) in _open)
        {
            if (_from[i] > now)
            {
                _moments.Add(_from[i]);
                continue;
            }

            if (_press[i] is { } p)
            {
                var press = _presses[p];
                if (CurrentOf(press) != i)
                    continue;
                if (press.Free > now)
                {
                    _moments.Add(press.Free);
                    continue;
                }
            }

            var later = _board.NotBefore(i, _press[i], now);
            if (later == Board.Never)
                continue;
            if (later > now)
                _moments.Add(later);
            else if (!_staying || IsMoreOfTheSame(i))
                return i;
            else
                first ??= i;
        }

        return first;
    }

    private bool IsMoreOfTheSame(int i) => _recent.Exists(b => b.Job == _index.Blocks[i].Block.Job
        && DayActivities.Of(b.Parts[^1].Kind) == DayActivities.Of(_index.Blocks[i].Block.Parts[0].Kind));

    private int? CurrentOf(AtPress press) => press.Sitting >= press.Sittings.Count ? null : BlocksOf(press)[press.Block];

    private int[] BlocksOf(AtPress press)
    {
        var (chosen, number) = press.Sittings[press.Sitting];
        return _index.Sittings[chosen.Batch][chosen.Mode][number].Blocks;
    }

    private void Put(int i, int now)
    {
        _board.Put(i, _press[i], now);
        _open.Remove((_ranks[i], i));
        var placed = _board.Placed(i)!;
        Remember(placed);
        if (_staying)
        {
            _recent.Add(placed.Block);
            if (_recent.Count > 2 * Math.Max(1, _index.Work.MostHands))
                _recent.RemoveAt(0);
        }

        foreach (var next in _index.Before[i])
        {
            if (!_board.IsWanted(next) || _board.Placed(next) is not null)
                continue;
            _from[next] = Math.Max(_from[next], placed.End);
            if (--_left[next] == 0)
                _open.Add((_ranks[next], next));
        }

        if (_press[i] is { } p)
            Advance(_presses[p]);
    }

    private void Remember(PlacedBlock placed)
    {
        for (var p = 0; p < placed.Starts.Count; p++)
            if (placed.Starts[p] + placed.Seconds[p] is > 0 and var end)
                _moments.Add(end);
    }

    /// <summary>Goes on to the next block that is not placed; a sitting that is over is written down, and the press is turned to the
    /// next.</summary>
    private void Advance(AtPress press)
    {
        while (press.Sitting < press.Sittings.Count)
        {
            var blocks = BlocksOf(press);
            var (chosen, number) = press.Sittings[press.Sitting];
            var celsius = _index.Sittings[chosen.Batch][chosen.Mode][number].Celsius;
            if (press.Block == 0)
            {
                var begun = blocks.Any(b => _index.Pins[b] is not null);
                if (!begun && _board.Placed(blocks[0]) is null && press.Celsius != celsius)
                {
                    press.Heat = _index.Work.Presses[chosen.Press].HeatSeconds(press.Celsius, celsius);
                    press.Free += press.Heat;
                }

                press.Celsius = celsius;
            }

            while (press.Block < blocks.Length && _board.Placed(blocks[press.Block]) is { } placed)
            {
                press.Free = Math.Max(press.Free, placed.PressEnd);
                press.Block++;
            }

            if (press.Block < blocks.Length)
                return;
            _board.Put(new PlacedSitting(chosen.Batch, chosen.Mode, number, chosen.Press, celsius, press.Heat,
                blocks.Min(b => _board.Placed(b)!.Start), press.Free));
            (press.Sitting, press.Block, press.Heat) = (press.Sitting + 1, 0, 0);
        }
    }

    /// <summary>A press as the clock goes on.</summary>
    private sealed class AtPress(IEnumerable<(ChosenBatch Chosen, int Number)> sittings, double celsius)
    {
        public List<(ChosenBatch Chosen, int Number)> Sittings { get; } = [.. sittings];

        public int Sitting { get; set; }

        public int Block { get; set; }

        public int Free { get; set; }

        public int Heat { get; set; }

        public double Celsius { get; set; } = celsius;
    }
}
