namespace Juxtherm.Core.Days.Scheduling;

/// <summary>Looks for a good order by trying many: the first plan, at hand at once.</summary>
/// <param name="index">The work.</param>
internal sealed class ScheduleSearch(WorkIndex index)
{
    private static readonly Turn?[] Turns = [null, Scheduling.Turn.ToThePress, Scheduling.Turn.ToTheLongest, Scheduling.Turn.ToTheFirst,
        Scheduling.Turn.ToTheSame];

    private readonly Workload _work = index.Work;
    private readonly ListScheduler _inOrder = new(index);
    private readonly HandsScheduler _byClock = new(index);

    private IReadOnlyList<ChosenBatch> _calmOrder = [];
    private Turn? _calmTurn;

    /// <summary>The order behind the best.</summary>
    public IReadOnlyList<ChosenBatch> Order { get; private set; } = [];

    /// <summary>What free hands turn to first; null where each batch is placed before the next.</summary>
    public Turn? Turn { get; private set; }

    /// <summary>Tries some orders.</summary>
    /// <param name="tries">How many, besides plain rules.</param>
    /// <exception cref="NoRoomException">Something never finds room.</exception>
    public Schedule Find(int tries)
    {
        Schedule? best = null;
        void Try(IReadOnlyList<ChosenBatch> order, Turn? turn)
        {
            if (Place(order, turn) is not { } found)
                return;
            if (best is null || found.IsBetterThan(best))
                (best, Order, Turn) = (found, order, turn);
            if (Calmest is null || !Calmest.IsAsSoonAs(best))
                Calmest = best;
            if (found.IsCalmerThan(Calmest, best))
                (Calmest, _calmOrder, _calmTurn) = (found, order, turn);
        }

        foreach (var order in Rules().Select(Chosen))
            foreach (var turn in Turns)
                Try(order, turn);
        var chance = new Random(1);
        for (var i = 0; i < tries && Order.Count > 0; i++)
        {
            // Two ways are gone in turn: to the soonest finish, and to the calmest day that is done as soon.
            var (order, turn) = i % 3 == 2 && _calmOrder.Count > 0 ? (_calmOrder, _calmTurn) : (Order, Turn);
            Try(Changed(order, chance), chance.Next(4) == 0 ? Turns[chance.Next(Turns.Length)] : turn);
        }

        return best ?? throw new NoRoomException();
    }

    /// <summary>The calmest of those that are done as soon as the best.</summary>
    public Schedule? Calmest { get; private set; }

    /// <summary>Places the work in an order; null where something never finds room.</summary>
    public Schedule? Place(IReadOnlyList<ChosenBatch> order, Turn? turn) =>
        turn is { } first ? _byClock.Place(order, first) : _inOrder.Place(order);

    /// <summary>As it was planned before, with what is new put where it serves best.</summary>
    /// <returns>Null where it was not planned before, or cannot be done so any more.</returns>
    public Schedule? AsBefore()
    {
        if (_work.Before.Count == 0)
            return null;
        var known = new List<(ChosenBatch Chosen, int Start)>();
        var unknown = new List<int>();
        for (var b = 0; b < _work.Batches.Count; b++)
        {
            var then = _work.Batches[b].Modes.SelectMany(m => m.Blocks).Where(x => _work.Before.ContainsKey(x.Id))
                .Select(x => _work.Before[x.Id]).ToList();
            var ways = index.WaysOf(b).ToList();
            var press = then.Find(t => t.Press is not null).Press;
            if (then.Count > 0 && ways.Find(w => w.Press == press) is var way && way.Press == press)
                known.Add((new ChosenBatch(b, way.Mode, way.Press), then.Min(t => t.Start)));
            else
                unknown.Add(b);
        }

        List<ChosenBatch> order = [.. known.OrderBy(k => k.Start).Select(k => k.Chosen)];
        foreach (var batch in unknown)
            order = Inserted(order, batch) ?? order;
        return order.Count == _work.Batches.Count ? _byClock.PlaceAsBefore(order) : null;
    }

    private List<ChosenBatch>? Inserted(List<ChosenBatch> order, int batch)
    {
        var partly = order.Count + 1 < _work.Batches.Count;
        (List<ChosenBatch>? Order, Schedule? Schedule) best = (null, null);
        foreach (var (mode, press) in index.WaysOf(batch))
        {
            for (var at = 0; at <= order.Count; at++)
            {
                List<ChosenBatch> tried = [.. order.Take(at), new ChosenBatch(batch, mode, press), .. order.Skip(at)];
                // While others are missing still, it goes where it is due.
                if (partly)
                {
                    if (at == order.Count || (_work.Due[_work.Batches[batch].Job] ?? int.MaxValue)
                        < (_work.Due[_work.Batches[order[at].Batch].Job] ?? int.MaxValue))
                        return tried;
                    continue;
                }

                if (_byClock.PlaceAsBefore(tried) is { } found && found.IsBetterThan(best.Schedule))
                    best = (tried, found);
            }
        }

        return best.Order;
    }

    /// <summary>Orders that anybody would think of: the soonest due, the coolest, the hottest, the longest first.</summary>
    private IEnumerable<IReadOnlyList<int>> Rules()
    {
        var all = Enumerable.Range(0, _work.Batches.Count).ToList();
        int Due(int b) => _work.Due[_work.Batches[b].Job] ?? int.MaxValue;
        double Celsius(int b) => index.Sittings[b][0].Length == 0 ? 0 : index.Sittings[b][0][0].Celsius;
        int Long(int b) => _work.Batches[b].Modes[0].Blocks.Sum(x => x.PressSeconds);
        yield return [.. all.OrderBy(Due).ThenBy(Celsius).ThenBy(b => b)];
        yield return [.. all.OrderBy(Celsius).ThenBy(Due).ThenBy(b => b)];
        yield return [.. all.OrderByDescending(Celsius).ThenBy(Due).ThenBy(b => b)];
        yield return [.. all.OrderByDescending(Long).ThenBy(b => b)];
    }

    /// <summary>Each batch at the press that is free for it soonest by a rough sum.</summary>
    private List<ChosenBatch> Chosen(IReadOnlyList<int> sorted)
    {
        var busy = new double[_work.Presses.Count];
        var celsius = _work.Presses.Select(p => p.Celsius).ToArray();
        var order = new List<ChosenBatch>();
        foreach (var batch in sorted)
        {
            var (mode, press) = index.WaysOf(batch).MinBy(w => Then(batch, w.Mode, w.Press, busy, celsius));
            busy[press] = Then(batch, mode, press, busy, celsius);
            if (index.Sittings[batch][mode] is [.., var last])
                celsius[press] = last.Celsius;
            order.Add(new ChosenBatch(batch, mode, press));
        }

        return order;
    }

    private double Then(int batch, int mode, int press, double[] busy, double[] celsius)
    {
        var (then, hot) = (busy[press], celsius[press]);
        foreach (var sitting in index.Sittings[batch][mode])
        {
            then += _work.Presses[press].HeatSeconds(hot, sitting.Celsius) + sitting.Blocks.Sum(b => index.Blocks[b].Block.PressSeconds);
            hot = sitting.Celsius;
        }

        return _work.Presses[press].Closed.Any(c => c.To == int.MaxValue) ? then + 1e9 : then;
    }

    private List<ChosenBatch> Changed(IReadOnlyList<ChosenBatch> order, Random chance)
    {
        var changed = order.ToList();
        var at = chance.Next(changed.Count);
        if (chance.Next(2) == 0)
        {
            var ways = index.WaysOf(changed[at].Batch).ToList();
            var (mode, press) = ways[chance.Next(ways.Count)];
            changed[at] = new ChosenBatch(changed[at].Batch, mode, press);
        }

        var moved = changed[at];
        changed.RemoveAt(at);
        changed.Insert(chance.Next(changed.Count + 1), moved);
        return changed;
    }
}
