using System.Numerics;

namespace Juxtherm.Core.Stacking;

/// <summary>
/// The order of layers that needs the fewest presses and then the least time, with no layer beyond the heat it takes; of equals
/// the one that lays larger layers first. What lies below comes before what lies on it.
/// <para>
/// The search is exact. What a layer still gets depends only on how many tacks, full presses and last presses follow, so the best
/// ways to finish are worked out from the end for every set of layers still to be laid (4096 sets for twelve layers), with one
/// entry for each count of presses to come that another does not beat. That takes milliseconds, is the same everywhere and needs
/// no solver beside it; the ranking of the next best falls out of the same table.
/// </para>
/// </summary>
public sealed class SequenceSearch
{
    /// <summary>Most layers on one face.</summary>
    public const int MostLayers = 12;

    private readonly SequenceQuestion _about;
    private readonly IReadOnlyList<SequenceLayer> _layers;
    private readonly int[] _below;
    private readonly int[] _together;
    private readonly int[] _larger;
    private readonly int[] _wantedBefore;
    private readonly int _tail;
    private readonly int _fullOnly;
    private readonly bool[] _goTogether;
    private readonly double[] _tackSeconds;
    private readonly double[] _fullSeconds;
    private readonly Dictionary<(int Left, bool Owed), List<Ending>> _endings = [];

    private SequenceSearch(SequenceQuestion about)
    {
        (_about, _layers) = (about, about.Layers);
        if (_layers.Count is 0 or > MostLayers)
            throw new ArgumentOutOfRangeException(nameof(about), _layers.Count, $"1 to {MostLayers} layers are accepted.");
        int Mask(Func<int, bool> holds) => Enumerable.Range(0, _layers.Count).Where(holds).Aggregate(0, (mask, i) => mask | (1 << i));
        _below = [.. _layers.Select(l => Mask(j => _layers[j].Id != l.Id && about.Lies(l.Id, _layers[j].Id)))];
        _together = [.. _layers.Select((l, i) => Mask(j => j != i && about.Together(l.Id, _layers[j].Id)))];
        _larger = [.. _layers.Select(l => Mask(j => _layers[j].AreaMm2 > l.AreaMm2))];
        var place = about.Wanted.Select((id, at) => (id, at)).DistinctBy(w => w.id, StringComparer.Ordinal)
            .ToDictionary(w => w.id, w => w.at, StringComparer.Ordinal);
        _wantedBefore =
            [.. _layers.Select(l => place.TryGetValue(l.Id, out var mine)
                ? Mask(j => place.TryGetValue(_layers[j].Id, out var other) && other < mine) : 0)];
        // Foam comes last, and with it whatever lies on it.
        var foam = Mask(i => _layers[i].HeatsOnce);
        _tail = foam | Mask(i => (_below[i] & foam) != 0);
        _fullOnly = _tail | Mask(i => _layers[i].FullOnly);
        double Seconds(int set, Func<SequenceLayer, double> press) =>
            set == 0 ? 0 : about.LaySeconds + In(set).Sum(i => _layers[i].ExtraSeconds) + In(set).Max(i => press(_layers[i]));
        _tackSeconds = [.. Enumerable.Range(0, 1 << _layers.Count).Select(set => Seconds(set, l => l.TackSeconds))];
        _fullSeconds = [.. Enumerable.Range(0, 1 << _layers.Count).Select(set => Seconds(set, l => l.FullSeconds))];
        _goTogether = [.. Enumerable.Range(0, 1 << _layers.Count).Select(set => In(set).All(i => (set & ~_together[i] & ~(1 << i)) == 0))];
    }

    /// <summary>The best orders, best first.</summary>
    /// <param name="about">The layers and how they are to be pressed.</param>
    /// <param name="most">How many at most.</param>
    /// <returns>None when no order obeys the crafter's own wish.</returns>
    public static IReadOnlyList<FoundSequence> Best(SequenceQuestion about, int most)
    {
        ArgumentNullException.ThrowIfNull(about);
        return new SequenceSearch(about).Ranked(most);
    }

    private static double HeatOf(SequenceLayer layer, LaidPressKind own, int tacks, int fulls, int lasts) =>
        (own == LaidPressKind.Tack ? layer.Heats.OwnTack : layer.Heats.OwnFull) + tacks * layer.Heats.LaterTack + fulls
        * layer.Heats.LaterFull + lasts * layer.Heats.LaterLast;

    /// <summary>Layers of a set, lowest bit first.</summary>
    private static IEnumerable<int> In(int set)
    {
        for (var rest = set; rest != 0; rest &= rest - 1)
            yield return BitOperations.TrailingZeroCount(rest);
    }

    /// <summary>The steps that can come next: which layers are laid, how they are pressed, and whether the last press over all follows at
    /// once.</summary>
    private IEnumerable<Step> StepsFrom(int left, bool owed)
    {
        var front = left & ~_tail;
        var open = front != 0 ? front : left;
        var free = In(open).Where(i => (_below[i] & left) == 0).Aggregate(0, (set, i) => set | (1 << i));
        foreach (var group in Groups(free))
        {
            if (WantsOthersFirst(group, left & ~group))
                continue;
            var ends = (left & ~group & ~_tail) == 0;
            if (_about.Method == LayerMethod.Full || (group & _fullOnly) != 0 || (ends && (_about.CarrierLast || !owed)))
                yield return new Step(group, LaidPressKind.Full, LastFollows: false);
            else
                yield return new Step(group, LaidPressKind.Tack, LastFollows: ends);
        }
    }

    private bool WantsOthersFirst(int group, int later)
    {
        for (var rest = group; rest != 0; rest &= rest - 1)
        {
            if ((_wantedBefore[BitOperations.TrailingZeroCount(rest)] & later) != 0)
                return true;
        }

        return false;
    }

    /// <summary>All sets within a set whose members go together.</summary>
    private IEnumerable<int> Groups(int free)
    {
        for (var set = free; set != 0; set = (set - 1) & free)
        {
            if (_goTogether[set])
                yield return set;
        }
    }

    private Ending After(Step step, Ending then)
    {
        var lasts = then.Lasts + (step.LastFollows ? 1 : 0);
        var excess = ExcessIn(step, then.Tacks, then.Fulls, lasts);
        return new Ending(
            then.Tacks + (step.Kind == LaidPressKind.Tack ? 1 : 0), then.Fulls + (step.Kind == LaidPressKind.Full ? 1 : 0), lasts,
            new Cost(then.Cost.Excess + excess, then.Cost.Presses + 1 + (step.LastFollows ? 1 : 0), then.Cost.Seconds + SecondsOf(step),
                then.Cost.OutOfSize));
    }

    /// <summary>Heat beyond what the layers of a step take, with so many presses still to come.</summary>
    private double ExcessIn(Step step, int tacks, int fulls, int lasts)
    {
        var excess = 0.0;
        for (var rest = step.Group; rest != 0; rest &= rest - 1)
        {
            var layer = _layers[BitOperations.TrailingZeroCount(rest)];
            excess += Math.Max(0, HeatOf(layer, step.Kind, tacks, fulls, lasts) - layer.MostHeatDose);
        }

        return excess;
    }

    private double SecondsOf(Step step) =>
        (step.Kind == LaidPressKind.Tack ? _tackSeconds : _fullSeconds)[step.Group] + (step.LastFollows ? _about.LastSeconds : 0);

    /// <summary>Pairs that come out of size when a group is laid while others wait.</summary>
    private int OutOfSize(int group, int left)
    {
        var pairs = 0;
        for (var rest = group; rest != 0; rest &= rest - 1)
            pairs += BitOperations.PopCount((uint)(_larger[BitOperations.TrailingZeroCount(rest)] & left & ~group));
        return pairs;
    }

    /// <summary>The ways to finish that none beats, from a set still to be laid.</summary>
    private List<Ending> Endings(int left, bool owed)
    {
        if (left == 0)
            return [new Ending(0, _about.FullsAfter, 0, new Cost(0, 0, 0, 0))];
        if (_endings.TryGetValue((left, owed), out var known))
            return known;
        var kept = new List<Ending>();
        foreach (var step in StepsFrom(left, owed))
        {
            var size = OutOfSize(step.Group, left);
            foreach (var then in Endings(left & ~step.Group, OwedAfter(step)))
            {
                var ending = After(step, then);
                Keep(kept, ending with { Cost = ending.Cost with { OutOfSize = ending.Cost.OutOfSize + size } });
            }
        }

        return _endings[(left, owed)] = kept;
    }

    private static bool OwedAfter(Step step) => step is { Kind: LaidPressKind.Tack, LastFollows: false };

    private static void Keep(List<Ending> kept, Ending ending)
    {
        static bool Beats(Ending a, Ending b) =>
            a.Tacks <= b.Tacks && a.Fulls <= b.Fulls && a.Lasts <= b.Lasts && a.Cost.Against(b.Cost) <= 0;
        if (kept.Exists(k => Beats(k, ending)))
            return;
        kept.RemoveAll(k => Beats(ending, k));
        kept.Add(ending);
    }

    /// <summary>Whole orders, best first: beginnings are carried on in the order of the best that can still become of them.</summary>
    private List<FoundSequence> Ranked(int most)
    {
        var found = new List<FoundSequence>();
        var queue = new PriorityQueue<Beginning, (Cost Cost, int Left, int Nth)>(Comparer<(Cost Cost, int Left, int Nth)>.Create((a, b) =>
            a.Cost.Against(b.Cost) is var cost && cost != 0 ? cost : (a.Left, a.Nth).CompareTo((b.Left, b.Nth))));
        var nth = 0;
        void Add(Beginning beginning)
        {
            if (BestOf(beginning) is { } cost)
                queue.Enqueue(beginning, (cost, BitOperations.PopCount((uint)beginning.Left), nth++));
        }

        Add(new Beginning(null, default, (1 << _layers.Count) - 1, false, 0));
        while (found.Count < most && queue.TryDequeue(out var next, out var rank))
        {
            if (next.Left == 0)
            {
                found.Add(new FoundSequence(PressesOf(next), Math.Round(rank.Cost.Excess, 6), Math.Round(rank.Cost.Seconds, 3),
                    rank.Cost.OutOfSize));
                continue;
            }

            foreach (var step in StepsFrom(next.Left, next.Owed))
                Add(new Beginning(next, step, next.Left & ~step.Group, OwedAfter(step), next.OutOfSize + OutOfSize(step.Group, next.Left)));
        }

        return found;
    }

    /// <summary>The least that a beginning can come to; null when it cannot be carried to an end.</summary>
    private Cost? BestOf(Beginning beginning)
    {
        var steps = StepsOf(beginning);
        Cost? best = null;
        foreach (var ending in Endings(beginning.Left, beginning.Owed))
        {
            var whole = ending;
            for (var s = steps.Count - 1; s >= 0; s--)
                whole = After(steps[s], whole);
            var cost = whole.Cost with { OutOfSize = whole.Cost.OutOfSize + beginning.OutOfSize };
            if (best is not { } sofar || cost.Against(sofar) < 0)
                best = cost;
        }

        return best;
    }

    private static List<Step> StepsOf(Beginning beginning)
    {
        var steps = new List<Step>();
        for (var b = beginning; b?.Before is not null; b = b.Before)
            steps.Add(b.Step);
        steps.Reverse();
        return steps;
    }

    private List<LaidPress> PressesOf(Beginning beginning)
    {
        var presses = new List<LaidPress>();
        foreach (var step in StepsOf(beginning))
        {
            // Within a group too the larger is laid first.
            presses.Add(new LaidPress([.. In(step.Group).OrderByDescending(i => _layers[i].AreaMm2).Select(i => _layers[i].Id)],
                step.Kind));
            if (step.LastFollows)
                presses.Add(new LaidPress([], LaidPressKind.Last));
        }

        return presses;
    }

    private readonly record struct Step(int Group, LaidPressKind Kind, bool LastFollows);

    /// <summary>What a way to finish comes to: heat too much first, then presses, time, and size.</summary>
    private readonly record struct Cost(double Excess, int Presses, double Seconds, int OutOfSize)
    {
        // Sums of the same figures in another order differ in their last bits.
        private const double Same = 1e-6;

        public int Against(Cost other)
        {
            if (Math.Abs(Excess - other.Excess) > Same)
                return Excess.CompareTo(other.Excess);
            if (Presses != other.Presses)
                return Presses.CompareTo(other.Presses);
            return Math.Abs(Seconds - other.Seconds) > Same ? Seconds.CompareTo(other.Seconds) : OutOfSize.CompareTo(other.OutOfSize);
        }
    }

    private readonly record struct Ending(int Tacks, int Fulls, int Lasts, Cost Cost);

    private sealed record Beginning(Beginning? Before, Step Step, int Left, bool Owed, int OutOfSize);
}
