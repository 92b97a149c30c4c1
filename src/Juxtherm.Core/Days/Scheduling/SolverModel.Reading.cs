using Google.OrTools.Sat;

namespace Juxtherm.Core.Days.Scheduling;

/// <summary>Between schedules and what the solver knows of them.</summary>
internal sealed partial class SolverModel
{
    /// <summary>What the solver found.</summary>
    /// <param name="value">Its values.</param>
    public Schedule Read(Func<IntVar, long> value)
    {
        var blocks = new List<PlacedBlock>();
        for (var i = 0; i < _starts.Length; i++)
        {
            var (block, batch, mode) = _index.Blocks[i];
            if (batch >= 0 && !Chosen(batch, mode, value))
                continue;
            var pin = _index.Pins[i];
            int? press = block.LastAtPress < 0 || batch < 0 ? null : pin?.Press ?? PressOf(batch, value);
            blocks.Add(new PlacedBlock(block, pin?.Starts ?? Starts(i, value), pin?.Seconds ?? [.. block.Parts.Select(p => p.Seconds)],
                press));
        }

        var byId = blocks.ToDictionary(b => b.Block.Id, StringComparer.Ordinal);
        var sittings = new List<PlacedSitting>();
        for (var p = 0; p < _work.Presses.Count; p++)
        {
            var celsius = _work.Presses[p].Celsius;
            var here = from b in Enumerable.Range(0, _work.Batches.Count)
                       where PressOf(b, value) == p
                       from m in Enumerable.Range(0, _work.Batches[b].Modes.Count)
                       where Chosen(b, m, value)
                       from s in Enumerable.Range(0, _index.Sittings[b][m].Length)
                       let blocksHere = _index.Sittings[b][m][s].Blocks.Select(x => byId[_index.Blocks[x].Block.Id]).ToList()
                       where blocksHere.Count > 0
                       orderby blocksHere.Min(x => x.Start)
                       select (Batch: b, Mode: m, Number: s, Blocks: blocksHere);
            foreach (var (b, m, s, placed) in here)
            {
                var to = _index.Sittings[b][m][s].Celsius;
                var begun = placed.Exists(x => _work.Pinned.ContainsKey(x.Block.Id));
                sittings.Add(new PlacedSitting(b, m, s, p, to, begun ? 0 : _work.Presses[p].HeatSeconds(celsius, to),
                    placed.Min(x => x.Start), placed.Max(x => x.PressEnd)));
                celsius = to;
            }
        }

        return Schedule.Of(_work, blocks, sittings, Staying(blocks, value));
    }

    private bool Chosen(int batch, int mode, Func<IntVar, long> value) =>
        _work.Batches[batch].Modes[mode].Presses.Any(p => _takes.TryGetValue((batch, p), out var takes) && value(takes) == 1
            && _index.WaysOf(batch).Contains((mode, p)));

    private int PressOf(int batch, Func<IntVar, long> value) =>
        _index.WaysOf(batch).First(w => value(_takes[(batch, w.Press)]) == 1).Press;

    private int[] Starts(int i, Func<IntVar, long> value)
    {
        var parts = _index.Blocks[i].Block.Parts;
        var starts = new int[parts.Count];
        for (var p = 0; p < parts.Count; p++)
            starts[p] = _starts[i][p] is { } start ? (int)value(start) : starts[p - 1] + parts[p - 1].Seconds;

        return starts;
    }

    /// <summary>Shows the solver a plan to begin from.</summary>
    public void Hint(Schedule known)
    {
        Model.ClearHints();
        var placed = known.Blocks.ToDictionary(b => b.Block.Id, StringComparer.Ordinal);
        for (var i = 0; i < _starts.Length; i++)
        {
            if (_index.Pins[i] is not null)
                continue;
            var at = placed.GetValueOrDefault(_index.Blocks[i].Block.Id);
            for (var p = 0; p < _starts[i].Length; p++)
                if (_starts[i][p] is { } start)
                    Model.AddHint(start, at?.Starts[p] ?? 0);
        }

        foreach (var ((batch, press), takes) in _takes)
            Model.AddHint(takes, known.Sittings.Any(s => s.Batch == batch && s.Press == press));
        foreach (var (arc, press, from, to) in _arcs)
        {
            var here = known.Sittings.Where(s => s.Press == press).Select(s => new SittingKey(s.Batch, s.Mode, s.Number)).ToList();
            var (a, b) = (from is { } f ? here.IndexOf(f) : -1, to is { } t ? here.IndexOf(t) : here.Count);
            Model.AddHint(arc, (from is null || a >= 0) && (to is null || b >= 0) && b == a + 1 && here.Count > 0);
        }

        Model.AddHint(_finish, known.Finish);
        Model.AddHint(_late, known.Late);
        HintHands(known);
    }
}
