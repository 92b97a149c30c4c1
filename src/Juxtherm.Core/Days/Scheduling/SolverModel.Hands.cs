using Google.OrTools.Sat;

namespace Juxtherm.Core.Days.Scheduling;

/// <summary>Who goes on with what: parts of the same task in a row, with nothing else between, are one stretch of a pair of
/// hands.</summary>
internal sealed partial class SolverModel
{
    // Above so many pairs of parts only those near each other in the known plan may follow one another (ours).
    private const int MostPairs = 3000;
    private const int Near = 4;

    private readonly List<(BoolVar Stays, (int Block, int Part) From, (int Block, int Part) To)> _stays = [];

    /// <summary>Every pair of parts that could follow one another may do so: fewest stretches are then fewest stretches of all.</summary>
    public bool KnowsAllPairs { get; private set; }

    /// <summary>Fewest changes of task among plans as good: fewest stretches in which a pair of hands stays with one task.</summary>
    /// <param name="known">The best so far.</param>
    /// <param name="latest">No later than this, s.</param>
    public void AimAtSteadyHands(Schedule known, int latest)
    {
        Model.Add(_late <= known.Late);
        Model.Add(_finish <= latest);
        Model.Add(LinearExpr.Sum(_heats) <= known.HeatChanges);
        var parts = new List<(int Block, int Part)>();
        for (var i = 0; i < _starts.Length; i++)
            for (var p = 0; p < _index.Blocks[i].Block.Parts.Count; p++)
                if (_index.Blocks[i].Block.Parts[p].Hands > 0 && !IsOver(i, p))
                    parts.Add((i, p));
        LinkThose(Pairs(parts, known), parts);
        // Of plans as steady, the one that is done soonest.
        var stretches = LinearExpr.Sum(parts.Select(p => _present[p.Block]).OfType<ILiteral>())
            - LinearExpr.Sum(_stays.Select(s => (ILiteral)s.Stays));
        Model.Minimize(stretches * (_horizon + 1) + _finish);
    }

    /// <summary>Pairs of the same task of which the one may follow the other.</summary>
    private List<((int Block, int Part) From, (int Block, int Part) To)> Pairs(List<(int Block, int Part)> parts, Schedule known)
    {
        var all = (from a in parts from b in parts where a != b && MayFollow(a, b) select (From: a, To: b)).ToList();
        KnowsAllPairs = all.Count <= MostPairs;
        if (KnowsAllPairs)
            return all;
        var at = known.Blocks.ToDictionary(b => b.Block.Id, StringComparer.Ordinal);
        int StartOfPart((int Block, int Part) part) =>
            at.TryGetValue(_index.Blocks[part.Block].Block.Id, out var placed) ? placed.Starts[part.Part] : int.MaxValue;
        return [.. all.Where(p => StartOfPart(p.From) < StartOfPart(p.To)).GroupBy(p => p.From)
            .SelectMany(g => g.OrderBy(p => StartOfPart(p.To)).ThenBy(p => p.To).Take(Near))];
    }

    private bool MayFollow((int Block, int Part) from, (int Block, int Part) to)
    {
        var ((a, batchOfA, modeOfA), (b, batchOfB, modeOfB)) = (_index.Blocks[from.Block], _index.Blocks[to.Block]);
        if (!HandsGiven.IsSame(a, from.Part, b, to.Part) || (batchOfA == batchOfB && modeOfA != modeOfB))
            return false;
        return from.Block == to.Block ? from.Part < to.Part : !_index.After[from.Block].Contains(to.Block);
    }

    private void LinkThose(IReadOnlyList<((int Block, int Part) From, (int Block, int Part) To)> pairs, List<(int Block, int Part)> parts)
    {
        var bound = Model.AddCumulative(Math.Max(1, _work.MostHands));
        foreach (var (i, p) in parts)
            bound.AddDemand(Span(i, p, $"steady {i} {p}"), 1);
        foreach (var (from, to) in pairs)
        {
            var stays = Model.NewBoolVar($"stays {from} {to}");
            var idle = Model.NewIntVar(0, 2 * _horizon, $"idle {from} {to}");
            bound.AddDemand(Model.NewOptionalIntervalVar(EndOf(from.Block, from.Part), idle, StartOf(to.Block, to.Part), stays,
                $"between {from} {to}"), 1);
            foreach (var present in new[] { _present[from.Block], _present[to.Block] }.OfType<ILiteral>())
                Model.AddImplication(stays, present);
            _stays.Add((stays, from, to));
        }

        foreach (var of in _stays.GroupBy(s => s.From))
            Model.AddAtMostOne(of.Select(s => (ILiteral)s.Stays));
        foreach (var of in _stays.GroupBy(s => s.To))
            Model.AddAtMostOne(of.Select(s => (ILiteral)s.Stays));
    }

    /// <summary>By part of a block, both in the order of the schedule: what the same pair goes on with.</summary>
    private Dictionary<(int Block, int Part), (int Block, int Part)> Staying(IReadOnlyList<PlacedBlock> blocks, Func<IntVar, long> value)
    {
        var number = blocks.Select((b, n) => (b.Block.Id, n)).ToDictionary(b => b.Id, b => b.n, StringComparer.Ordinal);
        (int, int) At((int Block, int Part) part) => (number[_index.Blocks[part.Block].Block.Id], part.Part);
        return _stays.Where(s => value(s.Stays) == 1).ToDictionary(s => At(s.From), s => At(s.To));
    }

    /// <summary>Who went on with what in a plan that is known.</summary>
    private void HintHands(Schedule known)
    {
        if (_stays.Count == 0)
            return;
        var parts = known.Blocks.SelectMany((b, n) => b.Starts.Select((s, p) =>
            (Who: known.Hands.Who[n][p], Start: s, b.Block.Id, Part: p)))
            .Where(p => p.Who >= 0).GroupBy(p => p.Who);
        var follows = parts.SelectMany(g => g.OrderBy(p => p.Start).ToList() is var own
            ? own.Zip(own.Skip(1)).Select(z => (z.First.Id, z.First.Part, z.Second.Id, z.Second.Part)) : []).ToHashSet();
        foreach (var (stays, from, to) in _stays)
            Model.AddHint(stays, follows.Contains((_index.Blocks[from.Block].Block.Id, from.Part, _index.Blocks[to.Block].Block.Id,
                to.Part)));
    }
}
