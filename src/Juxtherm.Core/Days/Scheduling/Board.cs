namespace Juxtherm.Core.Days.Scheduling;

/// <summary>A schedule in the making: what is placed, and what is left of hands, cutters and presses.</summary>
internal sealed class Board
{
    private readonly WorkIndex _index;
    private readonly Timeline _hands;
    private readonly Timeline _cutters;
    private readonly Timeline[] _presses;
    private readonly PlacedBlock?[] _placed;
    private readonly bool[] _wanted;
    private readonly List<PlacedSitting> _sittings = [];

    /// <summary>Nothing but what has begun is placed.</summary>
    /// <param name="index">The work.</param>
    /// <param name="order">The ways that were chosen.</param>
    public Board(WorkIndex index, IReadOnlyList<ChosenBatch> order)
    {
        _index = index;
        _placed = new PlacedBlock?[index.Blocks.Count];
        _hands = new Timeline(index.Work.Hands);
        _cutters = new Timeline(index.Work.Cutters);
        _presses = [.. index.Work.Presses.Select(p =>
        {
            var line = new Timeline(1);
            foreach (var (from, to) in p.Closed)
                line.Take(from, to);
            return line;
        })];
        var modes = new int[index.Work.Batches.Count];
        foreach (var chosen in order)
            modes[chosen.Batch] = chosen.Mode;
        _wanted = [.. index.Blocks.Select(b => b.Batch < 0 || modes[b.Batch] == b.Mode)];
        for (var i = 0; i < _placed.Length; i++)
            if (_wanted[i] && index.Pins[i] is { } pin)
                Put(i, new PlacedBlock(index.Blocks[i].Block, pin.Starts, pin.Seconds, pin.Press));
    }

    /// <summary>How many hands there are left, from moment to moment.</summary>
    public Timeline Hands => _hands;

    /// <summary>A block at its time; null while it has none.</summary>
    public PlacedBlock? Placed(int i) => _placed[i];

    /// <summary>It is done in the ways that were chosen.</summary>
    public bool IsWanted(int i) => _wanted[i];

    /// <summary>There is never room for something.</summary>
    public const int Never = int.MaxValue;

    /// <summary>From when on a block could begin, if not then; the moment itself where it can; <see cref="Never"/> where it never
    /// can.</summary>
    public int NotBefore(int i, int? press, int start)
    {
        var block = _index.Blocks[i].Block;
        var (at, later) = (start, start);
        foreach (var part in block.Parts)
        {
            if (part.Hands > 0 && _hands.NotBefore(at, at + part.Seconds) is { } hands)
                later = Math.Max(later, Later(start, at, hands));
            if (part.Place == WorkPlace.Cutter && _cutters.NotBefore(at, at + part.Seconds) is { } cutter)
                later = Math.Max(later, Later(start, at, cutter));
            at += part.Seconds;
        }

        return press is { } p && _presses[p].NotBefore(start, start + block.PressSeconds) is { } free ? Math.Max(later, free) : later;
    }

    /// <summary>Gives a block its time, each of its parts at once after the one before.</summary>
    public void Put(int i, int? press, int start)
    {
        var block = _index.Blocks[i].Block;
        var starts = new int[block.Parts.Count];
        for (var (p, at) = (0, start); p < starts.Length; at += block.Parts[p].Seconds, p++)
            starts[p] = at;
        Put(i, new PlacedBlock(block, starts, [.. block.Parts.Select(p => p.Seconds)], press));
    }

    /// <summary>A sitting has its times.</summary>
    public void Put(PlacedSitting sitting) => _sittings.Add(sitting);

    /// <summary>When a batch was begun before; after all times where it was not.</summary>
    public int BeganAt(ChosenBatch chosen) => _index.Sittings[chosen.Batch][chosen.Mode].SelectMany(s => s.Blocks)
        .Select(b => _index.Pins[b]?.Starts[0] ?? int.MaxValue).DefaultIfEmpty(int.MaxValue).Min();

    /// <summary>All of it.</summary>
    public Schedule Finished() => Schedule.Of(_index.Work, [.. _placed.Where(p => p is not null).Select(p => p!)],
        [.. _sittings.OrderBy(s => s.Press).ThenBy(s => s.Start)]);

    private static int Later(int start, int at, int free) => free == Never ? Never : free - (at - start);

    private void Put(int i, PlacedBlock placed)
    {
        _placed[i] = placed;
        for (var p = 0; p < placed.Starts.Count; p++)
        {
            var (part, from) = (placed.Block.Parts[p], placed.Starts[p]);
            var to = from + placed.Seconds[p];
            if (part.Hands > 0)
                _hands.Take(from, to);
            if (part.Place == WorkPlace.Cutter)
                _cutters.Take(from, to);
        }

        if (placed.Press is { } press)
            _presses[press].Take(placed.Start, placed.PressEnd);
    }
}
