using Juxtherm.Core.Days.Tasks;

namespace Juxtherm.Core.Days.Scheduling;

/// <summary>What free hands turn to first.</summary>
internal enum Turn
{
    /// <summary>To the presses, then to the cutter, then to what comes next on a press.</summary>
    ToThePress,

    /// <summary>To what is longest before everything is done, the presses before the table.</summary>
    ToTheLongest,

    /// <summary>To whatever belongs to the batch that comes first.</summary>
    ToTheFirst,

    /// <summary>To more of what they did, as long as there is some.</summary>
    ToTheSame,
}

/// <summary>Goes through the day with the clock: whenever hands are free, they turn to what can be done then.</summary>
/// <param name="index">The work.</param>
internal sealed class HandsScheduler(WorkIndex index)
{
    private readonly Workload _work = index.Work;
    private readonly int[] _tail = Tails(index);

    /// <summary>Places all of it.</summary>
    /// <param name="order">The batches in the order in which they come to their presses.</param>
    /// <param name="turn">What free hands turn to first.</param>
    /// <returns>Null where something never finds room.</returns>
    public Schedule? Place(IReadOnlyList<ChosenBatch> order, Turn turn)
    {
        var clock = new DayClock(index, order, Ranks(order, turn), turn == Turn.ToTheSame);
        return clock.Run() ? clock.Finished() : null;
    }

    /// <summary>Places all of it as it was to be before, as far as it goes.</summary>
    /// <param name="order">The batches in the order in which they come to their presses.</param>
    /// <returns>Null where something never finds room.</returns>
    public Schedule? PlaceAsBefore(IReadOnlyList<ChosenBatch> order)
    {
        // What nobody knew of comes in between at once: it is a rush, or something to be done again.
        long[] ranks = [.. index.Blocks.Select(b => _work.Before.TryGetValue(b.Block.Id, out var then) ? then.Start : -1L)];
        var clock = new DayClock(index, order, ranks, staying: false);
        return clock.Run() ? clock.Finished() : null;
    }

    /// <summary>What comes first, by block: the smaller, the sooner.</summary>
    private long[] Ranks(IReadOnlyList<ChosenBatch> order, Turn turn)
    {
        var at = new int[_work.Batches.Count];
        for (var i = 0; i < order.Count; i++)
            at[order[i].Batch] = i;
        var ranks = new long[index.Blocks.Count];
        for (var i = 0; i < ranks.Length; i++)
        {
            var (block, batch, _) = index.Blocks[i];
            var first = batch >= 0 ? at[batch] : index.Serves[i].Select(b => at[b]).DefaultIfEmpty(order.Count).Min();
            var row = block.Piece ?? 0;
            long kind = block.LastAtPress >= 0 ? 0 : block.Parts[0].Kind switch
            {
                DayTaskKind.Peel => 1,
                DayTaskKind.Cut => 2,
                DayTaskKind.Prepare or DayTaskKind.Weed => 3,
                DayTaskKind.Pack => 5,
                _ => 4,
            };
            ranks[i] = turn switch
            {
                Turn.ToThePress or Turn.ToTheSame => (kind * 1000 + first) * 1000 + row,
                Turn.ToTheLongest => ((kind < 3 ? kind : 3) * 10_000_000) - _tail[i] * 10L,
                _ => (first * 10 + (kind == 5 ? 0 : kind)) * 1000 + row,
            };
        }

        return ranks;
    }

    /// <summary>How long all that waits for a block takes at least.</summary>
    private static int[] Tails(WorkIndex index)
    {
        var tails = new int?[index.Blocks.Count];
        // Blocks that share a press in a row wait for each other as well.
        var next = new Dictionary<int, int>();
        foreach (var sitting in index.Sittings.SelectMany(b => b).SelectMany(m => m))
            for (var k = 1; k < sitting.Blocks.Length; k++)
                next[sitting.Blocks[k - 1]] = sitting.Blocks[k];
        int Tail(int i)
        {
            if (tails[i] is { } known)
                return known;
            tails[i] = 0;
            var most = index.Before[i].Select(Tail).DefaultIfEmpty(0).Max() + index.Blocks[i].Block.Seconds;
            if (next.TryGetValue(i, out var then))
                most = Math.Max(most, Tail(then) + index.Blocks[i].Block.PressSeconds);
            return (tails[i] = most).Value;
        }

        return [.. Enumerable.Range(0, tails.Length).Select(Tail)];
    }
}
