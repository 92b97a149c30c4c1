namespace Juxtherm.Core.Days.Scheduling;

/// <summary>A batch with the way and the press that were chosen for it.</summary>
/// <param name="Batch">Which batch.</param>
/// <param name="Mode">In which of its ways.</param>
/// <param name="Press">At which press.</param>
internal sealed record ChosenBatch(int Batch, int Mode, int Press);

/// <summary>Gives every block its time, batch after batch, each block as early as it goes: what comes first is disturbed by nothing that
/// comes after.</summary>
/// <param name="index">The work.</param>
internal sealed class ListScheduler(WorkIndex index)
{
    private readonly Workload _work = index.Work;

    /// <summary>Places all of it.</summary>
    /// <param name="order">The batches in the order in which they are placed.</param>
    /// <returns>Null where something never finds room.</returns>
    public Schedule? Place(IReadOnlyList<ChosenBatch> order)
    {
        var board = new Board(index, order);
        var setting = _work.Presses.Select(p => (p.Celsius, Free: p.HotFrom)).ToArray();
        // What has begun comes first at its press, whatever the order says.
        var waiting = order.OrderBy(board.BeganAt).ToList();
        while (waiting.Count > 0)
        {
            // A batch that waits for something of another batch comes after it.
            var next = waiting.Find(c => !WaitsForAny(c, waiting)) ?? waiting[0];
            waiting.Remove(next);
            if (!PlaceBatch(board, next, setting))
                return null;
        }

        for (var i = 0; i < index.Blocks.Count; i++)
            if (board.IsWanted(i) && !PlaceWithThoseBefore(board, i, null, 0))
                return null;
        return board.Finished();
    }

    private bool WaitsForAny(ChosenBatch chosen, List<ChosenBatch> waiting) =>
        index.BatchesBefore[chosen.Batch].Any(b => waiting.Exists(w => w.Batch == b && w.Batch != chosen.Batch));

    private bool PlaceBatch(Board board, ChosenBatch chosen, (double Celsius, int Free)[] setting)
    {
        var lane = _work.Presses[chosen.Press];
        var mine = index.Sittings[chosen.Batch][chosen.Mode];
        for (var s = 0; s < mine.Length; s++)
        {
            if (mine[s].Blocks.Length == 0)
                continue;
            var begun = mine[s].Blocks.Any(b => board.Placed(b) is not null);
            var heat = begun ? 0 : lane.HeatSeconds(setting[chosen.Press].Celsius, mine[s].Celsius);
            var free = setting[chosen.Press].Free + heat;
            foreach (var block in mine[s].Blocks)
            {
                if (!PlaceWithThoseBefore(board, block, chosen.Press, free))
                    return false;
                free = Math.Max(free, board.Placed(block)!.PressEnd);
                if (!PlaceWhatFollows(board, block))
                    return false;
            }

            setting[chosen.Press] = (mine[s].Celsius, free);
            board.Put(new PlacedSitting(chosen.Batch, chosen.Mode, s, chosen.Press, mine[s].Celsius, heat,
                mine[s].Blocks.Min(b => board.Placed(b)!.Start), free));
        }

        return true;
    }

    /// <summary>What only waited for a block and needs no press.</summary>
    private bool PlaceWhatFollows(Board board, int block)
    {
        foreach (var next in index.Before[block])
        {
            if (!board.IsWanted(next) || index.Blocks[next].Batch < 0 || index.Blocks[next].Block.LastAtPress >= 0
                || board.Placed(next) is not null || index.After[next].Any(b => board.IsWanted(b) && board.Placed(b) is null))
                continue;
            if (!PlaceWithThoseBefore(board, next, null, 0) || !PlaceWhatFollows(board, next))
                return false;
        }

        return true;
    }

    private bool PlaceWithThoseBefore(Board board, int i, int? press, int from)
    {
        if (board.Placed(i) is not null)
            return true;
        foreach (var before in index.After[i])
        {
            if (!board.IsWanted(before))
                continue;
            if (!PlaceWithThoseBefore(board, before, null, 0))
                return false;
            from = Math.Max(from, board.Placed(before)!.End);
        }

        var start = Math.Max(0, from);
        for (var next = board.NotBefore(i, press, start); next != start; next = board.NotBefore(i, press, start))
        {
            if (next == Board.Never)
                return false;
            start = next;
        }

        board.Put(i, press, start);
        return true;
    }
}
