using Juxtherm.Core.Days.Scheduling;
using Juxtherm.Core.Days.Tasks;

namespace Juxtherm.Core.Tests.Days;

/// <summary>Tries every way of doing a small piece of work, second by second: shares nothing with what it checks but the work
/// itself.</summary>
internal sealed class EveryWay(Workload work)
{
    private const int Longest = 60;

    private readonly List<WorkBlock> _blocks = [.. work.Blocks, .. work.Batches.SelectMany(b => b.Modes[0].Blocks)];
    private readonly int[] _start = new int[work.Blocks.Count + work.Batches.Sum(b => b.Modes[0].Blocks.Count)];
    private readonly int[] _hands = new int[Longest];
    private readonly int[] _batch =
        [.. work.Blocks.Select(_ => -1), .. work.Batches.SelectMany((b, n) => b.Modes[0].Blocks.Select(_ => n))];

    private readonly int[] _ready = new int[work.Due.Count];
    private int[] _press = [];
    private (long Late, int Finish, int Heats, int Changes) _best;

    /// <summary>The best there is.</summary>
    /// <param name="known">Something that can be done: nothing worse is looked at.</param>
    public (long Late, int Finish, int Heats, int Changes) Find((long Late, int Finish, int Heats, int Changes) known)
    {
        _best = known;
        for (var t = 0; t < Longest; t++)
            _hands[t] = work.Hands.Last(h => h.From <= t).Count;
        var ways = (int)Math.Pow(work.Presses.Count, work.Batches.Count);
        for (var way = 0; way < ways; way++)
        {
            _press = [.. work.Batches.Select((_, b) => way / (int)Math.Pow(work.Presses.Count, b) % work.Presses.Count)];
            Place(0);
        }

        return _best;
    }

    private void Place(int i)
    {
        if (i == _blocks.Count)
        {
            Judge();
            return;
        }

        var block = _blocks[i];
        var from = block.After.Select(id => End(_blocks.FindIndex(b => b.Id == id))).DefaultIfEmpty(0).Max();
        for (var start = from; start + block.Seconds <= (_best.Late == 0 ? _best.Finish : Longest); start++)
        {
            var ready = _ready[block.Job];
            (_start[i], _ready[block.Job]) = (start, Math.Max(ready, start + block.Seconds));
            var late = Late();
            if (late <= _best.Late && (late < _best.Late || _ready.Max() <= _best.Finish) && PressIsFree(i) && Take(i, start, -1))
            {
                Place(i + 1);
                Take(i, start, 1);
            }

            _ready[block.Job] = ready;
            if (late > _best.Late)
                break;
        }
    }

    private long Late() => Enumerable.Range(0, work.Due.Count).Sum(j => work.Due[j] is { } due ? (long)Math.Max(0, _ready[j] - due) : 0);

    private int End(int i) => _start[i] + _blocks[i].Seconds;

    /// <summary>Takes the hands that a block needs; false where there are none, and then none are taken.</summary>
    private bool Take(int i, int start, int amount)
    {
        var at = start;
        foreach (var part in _blocks[i].Parts)
        {
            for (var t = at; part.Hands > 0 && t < at + part.Seconds && amount < 0; t++)
                if (_hands[t] < 1)
                    return false;
            at += part.Seconds;
        }

        at = start;
        foreach (var part in _blocks[i].Parts)
        {
            for (var t = at; part.Hands > 0 && t < at + part.Seconds; t++)
                _hands[t] += amount;
            at += part.Seconds;
        }

        return true;
    }

    private bool PressIsFree(int last)
    {
        if (_batch[last] < 0)
            return true;
        for (var i = 0; i < last; i++)
            if (_batch[i] >= 0 && _press[_batch[i]] == _press[_batch[last]] && End(i) > _start[last] && End(last) > _start[i])
                return false;
        return true;
    }

    /// <summary>Pieces of a batch in a row and in order, and the press as hot as it has to be.</summary>
    private void Judge()
    {
        var heats = 0;
        for (var p = 0; p < work.Presses.Count; p++)
        {
            var inTurn = Enumerable.Range(0, _blocks.Count).Where(i => _batch[i] >= 0 && _press[_batch[i]] == p)
                .OrderBy(i => _start[i]).ToList();
            var (celsius, free, met) = (work.Presses[p].Celsius, 0, new List<int>());
            foreach (var i in inTurn)
            {
                var batch = _batch[i];
                var wanted = work.Batches[batch].Modes[0].Sittings[0];
                if (met.Count == 0 || met[^1] != batch)
                {
                    if (met.Contains(batch))
                        return;
                    met.Add(batch);
                    var heat = work.Presses[p].HeatSeconds(celsius, wanted.Celsius);
                    if (_start[i] < free + heat)
                        return;
                    heats += heat > 0 ? 1 : 0;
                    celsius = wanted.Celsius;
                }

                free = End(i);
            }

            foreach (var batch in met)
            {
                var order = inTurn.Where(i => _batch[i] == batch).Select(i => _blocks[i].Id);
                if (!order.SequenceEqual(work.Batches[batch].Modes[0].Sittings[0].Blocks))
                    return;
            }
        }

        var good = (Late(), _ready.Max(), heats);
        if (good.CompareTo((_best.Late, _best.Finish, _best.Heats)) > 0)
            return;
        var found = (good.Item1, good.Item2, heats, FewestChanges(good == (_best.Late, _best.Finish, _best.Heats) ? _best.Changes : 99));
        if (found.CompareTo(_best) < 0)
            _best = found;
    }

    /// <summary>The fewest changes of task by any way of sharing the parts among hands; nothing worse than what is known is looked
    /// at.</summary>
    private int FewestChanges(int known)
    {
        var parts = new List<(int Start, int End, string Task)>();
        for (var i = 0; i < _blocks.Count; i++)
        {
            var at = _start[i];
            foreach (var part in _blocks[i].Parts)
            {
                if (part.Hands > 0)
                    parts.Add((at, at + part.Seconds, $"{_blocks[i].Job} {(part.Kind == DayTaskKind.Weed ? "weeding" : "pressing")}"));
                at += part.Seconds;
            }
        }

        parts.Sort();
        var (free, last, best) = (new int[work.MostHands], new string?[work.MostHands], known);
        void Give(int n, int changes)
        {
            if (changes >= best || n == parts.Count)
            {
                best = Math.Min(best, changes);
                return;
            }

            for (var w = 0; w < free.Length; w++)
            {
                if (free[w] > parts[n].Start)
                    continue;
                var (wasFree, was) = (free[w], last[w]);
                (free[w], last[w]) = (parts[n].End, parts[n].Task);
                Give(n + 1, changes + (was is null || was == parts[n].Task ? 0 : 1));
                (free[w], last[w]) = (wasFree, was);
            }
        }

        Give(0, 0);
        return best;
    }
}
