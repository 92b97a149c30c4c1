namespace Juxtherm.Core.Days.Scheduling;

/// <summary>A workload by numbers, so that it is looked up fast.</summary>
internal sealed class WorkIndex
{
    public WorkIndex(Workload work)
    {
        Work = work;
        List<(WorkBlock Block, int Batch, int Mode)> all = [.. work.Blocks.Select(b => (b, -1, -1))];
        for (var b = 0; b < work.Batches.Count; b++)
            for (var m = 0; m < work.Batches[b].Modes.Count; m++)
                all.AddRange(work.Batches[b].Modes[m].Blocks.Select(block => (block, b, m)));
        Blocks = all;
        var known = all.Select((a, i) => (a.Block.Id, i)).ToDictionary(a => a.Id, a => a.i, StringComparer.Ordinal);
        After = [.. all.Select(a => a.Block.After.Where(known.ContainsKey).Select(id => known[id]).ToArray())];
        var before = all.Select(_ => new List<int>()).ToArray();
        for (var i = 0; i < After.Count; i++)
            foreach (var first in After[i])
                before[first].Add(i);
        Before = [.. before.Select(b => b.ToArray())];
        Sittings = [.. work.Batches.Select(b => b.Modes.Select(m => m.Sittings.Select(s =>
            new IndexedSitting(s.Celsius, [.. s.Blocks.Select(id => known[id])])).ToArray()).ToArray())];
        BatchesBefore = [.. work.Batches.Select((_, b) => all.Select((a, i) => (a.Batch, i)).Where(a => a.Batch == b)
            .SelectMany(a => After[a.i]).Select(i => all[i].Batch).Where(other => other >= 0 && other != b).ToHashSet())];
        Serves = [.. all.Select((a, i) => a.Batch >= 0 ? [] : Served(i).Distinct().ToArray())];
        Pins = [.. all.Select(a => work.Pinned.GetValueOrDefault(a.Block.Id))];
    }

    public Workload Work { get; }

    /// <summary>All blocks, whichever way is chosen, with the batch and the way that they belong to; −1 for none.</summary>
    public IReadOnlyList<(WorkBlock Block, int Batch, int Mode)> Blocks { get; }

    /// <summary>What has to be over before each.</summary>
    public IReadOnlyList<int[]> After { get; }

    /// <summary>What waits for each.</summary>
    public IReadOnlyList<int[]> Before { get; }

    /// <summary>By batch and way.</summary>
    public IReadOnlyList<IndexedSitting[][]> Sittings { get; }

    /// <summary>By batch: other batches that something of it waits for.</summary>
    public IReadOnlyList<IReadOnlySet<int>> BatchesBefore { get; }

    /// <summary>By block that belongs to no batch: the batches that wait for it, directly or not.</summary>
    public IReadOnlyList<int[]> Serves { get; }

    /// <summary>What began already.</summary>
    public IReadOnlyList<Pin?> Pins { get; }

    private IEnumerable<int> Served(int i)
    {
        foreach (var next in Before[i])
        {
            if (Blocks[next].Batch >= 0)
                yield return Blocks[next].Batch;
            else
                foreach (var batch in Served(next))
                    yield return batch;
        }
    }

    /// <summary>The modes and presses that a batch may have: where it has begun, those alone.</summary>
    /// <param name="batch">Which batch.</param>
    public IEnumerable<(int Mode, int Press)> WaysOf(int batch)
    {
        var modes = Work.Batches[batch].Modes;
        var begun = Enumerable.Range(0, modes.Count)
            .SelectMany(m => Sittings[batch][m].SelectMany(s => s.Blocks).Where(b => Pins[b]?.Press is not null)
                .Select(b => (Mode: m, Press: Pins[b]!.Press!.Value)))
            .Take(1).ToList();
        return begun.Count > 0 ? begun : modes.SelectMany((m, i) => m.Presses.Select(p => (i, p)));
    }
}

/// <summary>A sitting by numbers.</summary>
/// <param name="Celsius">What the press is set to, °C.</param>
/// <param name="Blocks">Its blocks in order.</param>
internal sealed record IndexedSitting(double Celsius, int[] Blocks);
