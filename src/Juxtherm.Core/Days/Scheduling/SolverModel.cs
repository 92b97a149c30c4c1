using Google.OrTools.Sat;

namespace Juxtherm.Core.Days.Scheduling;

/// <summary>The work as a constraint model: every time is a variable, and so is which press takes what, and in which order.</summary>
internal sealed partial class SolverModel
{
    private readonly WorkIndex _index;
    private readonly Workload _work;
    private readonly int _horizon;
    private readonly IntVar[][] _starts;
    private readonly ILiteral?[] _present;
    private readonly Dictionary<(int Batch, int Press), BoolVar> _takes = [];
    private readonly Dictionary<(int Batch, int Mode), ILiteral> _chosen = [];
    private readonly List<ILiteral> _heats = [];
    private readonly List<(BoolVar Arc, int Press, SittingKey? From, SittingKey? To)> _arcs = [];
    private readonly IntVar _late;
    private readonly IntVar _finish;

    private readonly record struct SittingKey(int Batch, int Mode, int Number);

    /// <summary>Puts the work into constraints.</summary>
    /// <param name="index">The work.</param>
    /// <param name="known">A plan that is possible: no worse one is looked for.</param>
    public SolverModel(WorkIndex index, Schedule known)
    {
        (_index, _work, _horizon) = (index, index.Work, Math.Max(1, known.Finish + (int)Math.Min(known.Late, 100_000)));
        _starts = new IntVar[index.Blocks.Count][];
        _present = new ILiteral?[index.Blocks.Count];
        ChooseWays();
        for (var i = 0; i < _starts.Length; i++)
            AddBlock(i);
        for (var i = 0; i < _starts.Length; i++)
            foreach (var before in index.After[i])
                If(Model.Add(_starts[i][0] >= EndOf(before)), _present[i], _present[before]);
        ShareHands();
        ShareCutters();
        for (var p = 0; p < _work.Presses.Count; p++)
            OrderSittings(p);
        ClosePresses();
        _finish = Model.NewIntVar(0, _horizon, "finish");
        for (var i = 0; i < _starts.Length; i++)
            if (index.Before[i].Length == 0)
                If(Model.Add(_finish >= EndOf(i)), _present[i]);
        _late = Lateness();
    }

    public CpModel Model { get; } = new();

    /// <summary>Least late first, then soonest done.</summary>
    /// <param name="late">No later than this, s; null to make it as little as possible.</param>
    public void AimAtFinish(long? late)
    {
        if (late is { } most)
            Model.Add(_late <= most);
        Model.Minimize(late is null ? _late * (_horizon + 1) + _finish : LinearExpr.Affine(_finish, 1, 0));
    }

    /// <summary>Fewest changes of temperature among plans as good.</summary>
    /// <param name="late">No later than this, s.</param>
    /// <param name="latest">Done no later than this, s.</param>
    public void AimAtHeat(long late, int latest)
    {
        Model.Add(_late <= late);
        Model.Add(_finish <= latest);
        Model.Minimize(LinearExpr.Sum(_heats));
    }

    /// <summary>The least finish that a bound of the aim leaves room for, s.</summary>
    /// <param name="bound">The solver's bound.</param>
    /// <param name="late">As given to <see cref="AimAtFinish"/>.</param>
    public int FinishOf(double bound, long? late)
    {
        var whole = (long)Math.Ceiling(bound - 1e-6);
        return (int)Math.Clamp(late is null ? whole % (_horizon + 1) : whole, 0, _horizon);
    }

    /// <summary>The least lateness that a bound of the aim leaves room for, s.</summary>
    public long LateOf(double bound) => (long)Math.Ceiling(bound - 1e-6) / (_horizon + 1);

    private void ChooseWays()
    {
        for (var b = 0; b < _work.Batches.Count; b++)
        {
            var ways = _index.WaysOf(b).ToList();
            foreach (var (_, press) in ways)
                _takes[(b, press)] = Model.NewBoolVar($"takes {b} {press}");
            Model.AddExactlyOne(ways.Select(w => (ILiteral)_takes[(b, w.Press)]));
            foreach (var mode in ways.GroupBy(w => w.Mode))
            {
                if (mode.Count() == 1)
                {
                    _chosen[(b, mode.Key)] = _takes[(b, mode.First().Press)];
                    continue;
                }

                var chosen = Model.NewBoolVar($"way {b} {mode.Key}");
                Model.Add(LinearExpr.Sum(mode.Select(w => (ILiteral)_takes[(b, w.Press)])) == chosen);
                _chosen[(b, mode.Key)] = chosen;
            }
        }
    }

    /// <summary>A part that follows at once has no variable of its own: its start is that of the part before, and so much later.</summary>
    private void AddBlock(int i)
    {
        var (block, batch, mode) = _index.Blocks[i];
        _present[i] = batch < 0 ? null : _chosen.TryGetValue((batch, mode), out var chosen) ? chosen : Model.FalseLiteral();
        _starts[i] = new IntVar[block.Parts.Count];
        if (_index.Pins[i] is { } pin)
        {
            for (var p = 0; p < block.Parts.Count; p++)
                _starts[i][p] = Model.NewConstant(pin.Starts[p]);
            return;
        }

        _starts[i][0] = Model.NewIntVar(0, _horizon, block.Id);
        for (var p = 1; p < block.Parts.Count; p++)
        {
            if (block.Parts[p].SlackSeconds == 0)
                continue;
            _starts[i][p] = Model.NewIntVar(0, _horizon + block.Seconds, $"{block.Id} {p}");
            Model.Add(_starts[i][p] >= StartOf(i, p - 1) + block.Parts[p - 1].Seconds);
            Model.Add(_starts[i][p] <= StartOf(i, p - 1) + block.Parts[p - 1].Seconds + block.Parts[p].SlackSeconds);
        }
    }

    private LinearExpr StartOf(int i, int part)
    {
        var parts = _index.Blocks[i].Block.Parts;
        var offset = 0;
        while (_starts[i][part] is null)
            offset += parts[--part].Seconds;
        return _starts[i][part] + offset;
    }

    private LinearExpr EndOf(int i, int? part = null)
    {
        var parts = _index.Blocks[i].Block.Parts;
        var last = part ?? parts.Count - 1;
        return StartOf(i, last) + (_index.Pins[i]?.Seconds[last] ?? parts[last].Seconds);
    }

    private static void If(Constraint constraint, params ReadOnlySpan<ILiteral?> given)
    {
        ILiteral[] all = [.. given.ToArray().OfType<ILiteral>()];
        if (all.Length > 0)
            constraint.OnlyEnforceIf(all);
    }

    private IntervalVar Span(int i, int part, string name)
    {
        var (block, _, _) = _index.Blocks[i];
        var seconds = _index.Pins[i]?.Seconds[part] ?? block.Parts[part].Seconds;
        return _present[i] is { } present
            ? Model.NewOptionalFixedSizeIntervalVar(StartOf(i, part), seconds, present, name)
            : Model.NewFixedSizeIntervalVar(StartOf(i, part), seconds, name);
    }

    private void ShareHands()
    {
        var most = _work.MostHands;
        var hands = Model.AddCumulative(most);
        for (var i = 0; i < _starts.Length; i++)
        {
            var parts = _index.Blocks[i].Block.Parts;
            for (var p = 0; p < parts.Count; p++)
                if (parts[p].Hands > 0 && !IsOver(i, p))
                    hands.AddDemand(Span(i, p, $"hands {i} {p}"), parts[p].Hands);
        }

        for (var h = 0; h < _work.Hands.Count; h++)
        {
            var to = h + 1 < _work.Hands.Count ? _work.Hands[h + 1].From : 2 * _horizon;
            if (_work.Hands[h].Count < most && _work.Hands[h].From < to)
                hands.AddDemand(Model.NewFixedSizeIntervalVar(_work.Hands[h].From, to - _work.Hands[h].From, $"away {h}"),
                    most - _work.Hands[h].Count);
        }
    }

    private bool IsOver(int i, int part) => _index.Pins[i] is { } pin && pin.Starts[part] + pin.Seconds[part] <= 0;

    private void ShareCutters()
    {
        var cutters = Model.AddCumulative(Math.Max(1, _work.Cutters));
        for (var i = 0; i < _starts.Length; i++)
        {
            var parts = _index.Blocks[i].Block.Parts;
            for (var p = 0; p < parts.Count; p++)
                if (parts[p].Place == WorkPlace.Cutter && !IsOver(i, p))
                    cutters.AddDemand(Span(i, p, $"cutter {i} {p}"), 1);
        }
    }

    /// <summary>Which sitting comes after which: a way round all that a press takes, and the time to heat or cool between.</summary>
    private void OrderSittings(int press)
    {
        var lane = _work.Presses[press];
        var nodes = new List<(SittingKey Key, IndexedSitting Sitting, ILiteral Here)>();
        for (var b = 0; b < _work.Batches.Count; b++)
            foreach (var (mode, _) in _index.WaysOf(b).Where(w => w.Press == press))
                for (var s = 0; s < _index.Sittings[b][mode].Length; s++)
                    if (_index.Sittings[b][mode][s].Blocks.Length > 0)
                        nodes.Add((new SittingKey(b, mode, s), _index.Sittings[b][mode][s], _takes[(b, press)]));
        if (nodes.Count == 0)
            return;
        foreach (var (_, sitting, here) in nodes)
            for (var k = 1; k < sitting.Blocks.Length; k++)
                If(Model.Add(_starts[sitting.Blocks[k]][0] >= PressEnd(sitting.Blocks[k - 1])), here);
        var round = Model.AddCircuit();
        void Arc(int tail, int head, SittingKey? from, SittingKey? to, out BoolVar arc)
        {
            arc = Model.NewBoolVar($"{press}: {tail} {head}");
            round.AddArc(tail, head, arc);
            _arcs.Add((arc, press, from, to));
        }

        var unused = Model.NewBoolVar($"press {press} unused");
        round.AddArc(0, 0, unused);
        foreach (var (_, _, here) in nodes)
            Model.AddImplication(unused, here.Not());
        for (var j = 0; j < nodes.Count; j++)
        {
            var (key, sitting, here) = nodes[j];
            round.AddArc(j + 1, j + 1, here.Not());
            Arc(0, j + 1, null, key, out var first);
            Heats(first, lane, lane.Celsius, sitting, LinearExpr.Constant(lane.HotFrom));
            Arc(j + 1, 0, key, null, out _);
            for (var i = 0; i < nodes.Count; i++)
            {
                if (i == j || (nodes[i].Key.Batch == key.Batch && (nodes[i].Key.Mode != key.Mode || nodes[i].Key.Number > key.Number))
                    || BegunAt(nodes[i].Sitting) > BegunAt(sitting))
                    continue;
                Arc(i + 1, j + 1, nodes[i].Key, key, out var then);
                Heats(then, lane, nodes[i].Sitting.Celsius, sitting, PressEnd(nodes[i].Sitting.Blocks[^1]));
            }
        }
    }

    /// <summary>When its first piece came, s; after all times where none has.</summary>
    private int BegunAt(IndexedSitting sitting) => sitting.Blocks.Min(b => _index.Pins[b]?.Starts[0] ?? int.MaxValue);

    private void Heats(BoolVar arc, PressLane lane, double from, IndexedSitting to, LinearExpr free)
    {
        if (to.Blocks.Any(b => _index.Pins[b] is not null))
            return;
        var seconds = lane.HeatSeconds(from, to.Celsius);
        Model.Add(_starts[to.Blocks[0]][0] >= free + seconds).OnlyEnforceIf(arc);
        if (seconds > 0)
            _heats.Add(arc);
    }

    private LinearExpr PressEnd(int i) => EndOf(i, _index.Blocks[i].Block.LastAtPress);

    private void ClosePresses()
    {
        for (var p = 0; p < _work.Presses.Count; p++)
        {
            foreach (var (from, to) in _work.Presses[p].Closed)
            {
                for (var i = 0; i < _starts.Length; i++)
                {
                    var (block, batch, mode) = _index.Blocks[i];
                    if (batch < 0 || block.LastAtPress < 0 || _index.Pins[i] is not null || !_index.WaysOf(batch).Contains((mode, p)))
                        continue;
                    var before = Model.NewBoolVar($"before {p} {from} {i}");
                    If(Model.Add(PressEnd(i) <= from), before, _takes[(batch, p)]);
                    If(Model.Add(_starts[i][0] >= Math.Min(to, 2 * _horizon)), before.Not(), _takes[(batch, p)]);
                }
            }
        }
    }

    private IntVar Lateness()
    {
        var each = new List<IntVar>();
        for (var j = 0; j < _work.Due.Count; j++)
        {
            if (_work.Due[j] is not { } due)
                continue;
            var late = Model.NewIntVar(0, _horizon + Math.Max(0, -due), $"late {j}");
            for (var i = 0; i < _starts.Length; i++)
                if (_index.Blocks[i].Block.Job == j && _index.Before[i].Length == 0)
                    If(Model.Add(late >= EndOf(i) - due), _present[i]);
            each.Add(late);
        }

        var sum = Model.NewIntVar(0, each.Count == 0 ? 0 : 1_000_000_000, "late");
        Model.Add(sum == LinearExpr.Sum(each));
        return sum;
    }
}
