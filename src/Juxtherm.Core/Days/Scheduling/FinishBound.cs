namespace Juxtherm.Core.Days.Scheduling;

/// <summary>When at the soonest all can be done, by plain sums: there is so much for the hands, the presses and the cutters.</summary>
internal static class FinishBound
{
    /// <summary>The bound, s.</summary>
    public static int Of(WorkIndex index)
    {
        if (index.Blocks.Count == 0)
            return 0;
        return new[] { ByHands(index), ByPresses(index), ByChains(index), index.Pins.Max(p => p?.End ?? 0) }.Max();
    }

    /// <summary>So many seconds of hands, at the hands there are.</summary>
    private static int ByHands(WorkIndex index)
    {
        var work = index.Work;
        long Left(WorkBlock b, int i) => index.Pins[i] is null ? b.HandSeconds : 0;
        long wanted = 0;
        for (var i = 0; i < index.Blocks.Count; i++)
            if (index.Blocks[i].Batch < 0)
                wanted += Left(index.Blocks[i].Block, i);
        for (var b = 0; b < work.Batches.Count; b++)
            wanted += index.WaysOf(b).Select(w => w.Mode).Distinct().Min(m => Enumerable.Range(0, index.Blocks.Count)
                .Where(i => index.Blocks[i].Batch == b && index.Blocks[i].Mode == m).Sum(i => Left(index.Blocks[i].Block, i)));
        for (var h = 0; h < work.Hands.Count; h++)
        {
            var (from, count) = (work.Hands[h].From, work.Hands[h].Count);
            var length = h + 1 < work.Hands.Count ? work.Hands[h + 1].From - from : long.MaxValue;
            if (count > 0 && wanted <= length * (decimal)count)
                return wanted == 0 ? 0 : from + (int)((wanted + count - 1) / count);
            wanted -= count == 0 ? 0 : length * count;
        }

        return 0;
    }

    /// <summary>So many seconds of presses, at the presses there are; before the first comes what it waits for.</summary>
    private static int ByPresses(WorkIndex index)
    {
        var work = index.Work;
        if (work.Batches.Count == 0)
            return 0;
        var (sum, head) = (0L, int.MaxValue);
        for (var b = 0; b < work.Batches.Count; b++)
        {
            var ways = index.WaysOf(b).ToList();
            sum += ways.Min(w => index.Sittings[b][w.Mode].SelectMany(s => s.Blocks)
                .Sum(i => index.Pins[i] is null ? (long)index.Blocks[i].Block.PressSeconds : 0));
            head = Math.Min(head, ways.Min(w => index.Sittings[b][w.Mode].Length == 0 ? 0
                : work.Presses[w.Press].HeatSeconds(work.Presses[w.Press].Celsius, index.Sittings[b][w.Mode][0].Celsius)));
        }

        var known = head < int.MaxValue && index.Pins.All(p => p is null);
        return (int)((known ? head : 0) + sum / work.Presses.Count);
    }

    /// <summary>The longest row of things that wait for each other.</summary>
    private static int ByChains(WorkIndex index)
    {
        var end = new int?[index.Blocks.Count];
        int End(int i)
        {
            if (end[i] is { } known)
                return known;
            end[i] = 0;
            if (index.Pins[i] is { } pin)
                return (end[i] = pin.End).Value;
            var from = index.After[i].Select(b => Sure(index, b) ? End(b) : 0).DefaultIfEmpty(0).Max();
            return (end[i] = Math.Max(0, from) + index.Blocks[i].Block.Seconds).Value;
        }

        return Enumerable.Range(0, end.Length).Where(i => Sure(index, i)).Select(End).DefaultIfEmpty(0).Max();
    }

    /// <summary>It is done whichever way is chosen.</summary>
    private static bool Sure(WorkIndex index, int i) =>
        index.Blocks[i].Batch is var b && (b < 0 || index.Work.Batches[b].Modes.Count == 1);
}
