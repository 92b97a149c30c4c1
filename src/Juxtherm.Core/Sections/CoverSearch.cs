using System.Numerics;

namespace Juxtherm.Core.Sections;

/// <summary>
/// The fewest of given sets that together hold everything, by exact search: the square that the fewest sets hold is decided
/// first, sets that hold no more of what is left than another are passed over, and the number allowed grows from a proven
/// lower bound. The work is counted; where it runs out the best found so far is what there is.
/// </summary>
internal sealed class CoverSearch
{
    // Words compared in one search: some ten milliseconds.
    private const long MostWork = 2_000_000;

    private readonly IReadOnlyList<ulong[]> _sets;
    private readonly int _words;
    private readonly int _count;
    private readonly int[] _held;
    private readonly int _fullest;
    private long _work;

    /// <summary>Prepares a search.</summary>
    /// <param name="sets">What each holds, as bits.</param>
    /// <param name="count">How many things there are to hold.</param>
    public CoverSearch(IReadOnlyList<ulong[]> sets, int count)
    {
        (_sets, _count, _words) = (sets, count, (count + 63) / 64);
        // By how many each thing is held.
        _held = new int[count];
        foreach (var set in sets)
        {
            _fullest = Math.Max(_fullest, Size(set));
            for (var w = 0; w < set.Length; w++)
            {
                for (var rest = set[w]; rest != 0; rest &= rest - 1)
                    _held[w * 64 + BitOperations.TrailingZeroCount(rest)]++;
            }
        }
    }

    /// <summary>Ran out of work before it could tell.</summary>
    public bool CutShort => _work > MostWork;

    /// <summary>Looks for so many sets that hold everything.</summary>
    /// <param name="most">How many at most.</param>
    /// <returns>Which; null when there are none, or when it was cut short.</returns>
    public IReadOnlyList<int>? Within(int most)
    {
        _work = 0;
        var chosen = new List<int>();
        return Search(All(), most, chosen) ? chosen : null;
    }

    /// <summary>A cover by taking what holds most of what is left, round the square hardest to hold.</summary>
    /// <returns>Which; null when something is held by none.</returns>
    public IReadOnlyList<int>? Greedy()
    {
        var (left, chosen) = (All(), new List<int>());
        while (Hardest(left) is var hardest and >= 0)
        {
            if (_held[hardest] == 0)
                return null;
            var best = Holding(hardest).MaxBy(s => Shared(_sets[s], left));
            chosen.Add(best);
            Remove(left, _sets[best]);
        }

        return chosen;
    }

    /// <summary>The sets that hold something.</summary>
    private List<int> Holding(int thing)
    {
        var (word, bit) = (thing >> 6, 1UL << (thing & 63));
        var found = new List<int>(_held[thing]);
        for (var s = 0; s < _sets.Count; s++)
        {
            if ((_sets[s][word] & bit) != 0)
                found.Add(s);
        }

        return found;
    }

    private static int Size(ulong[] set)
    {
        var sum = 0;
        foreach (var word in set)
            sum += BitOperations.PopCount(word);
        return sum;
    }

    private static int Shared(ulong[] a, ulong[] b)
    {
        var sum = 0;
        for (var w = 0; w < a.Length; w++)
            sum += BitOperations.PopCount(a[w] & b[w]);
        return sum;
    }

    private static void Remove(ulong[] from, ulong[] set)
    {
        for (var w = 0; w < from.Length; w++)
            from[w] &= ~set[w];
    }

    private ulong[] All()
    {
        var all = new ulong[_words];
        for (var i = 0; i < _count; i++)
            all[i >> 6] |= 1UL << (i & 63);
        return all;
    }

    private int Hardest(ulong[] left)
    {
        var (best, fewest) = (-1, int.MaxValue);
        for (var w = 0; w < left.Length; w++)
        {
            for (var rest = left[w]; rest != 0; rest &= rest - 1)
            {
                var bit = w * 64 + BitOperations.TrailingZeroCount(rest);
                if (_held[bit] < fewest)
                    (best, fewest) = (bit, _held[bit]);
            }
        }

        return best;
    }

    private bool Search(ulong[] left, int most, List<int> chosen)
    {
        var hardest = Hardest(left);
        if (hardest < 0)
            return true;
        // However they lie, so few cannot hold so much.
        if ((long)most * _fullest < Size(left) || CutShort)
            return false;
        var options = NotOutdone(Holding(hardest), left);
        if (most == 1)
        {
            var whole = Size(left);
            var one = options.FindIndex(o => o.Count == whole);
            if (one < 0)
                return false;
            chosen.Add(options[one].Set);
            return true;
        }

        foreach (var option in options)
        {
            var rest = (ulong[])left.Clone();
            Remove(rest, _sets[option.Set]);
            chosen.Add(option.Set);
            if (Search(rest, most - 1, chosen))
                return true;
            chosen.RemoveAt(chosen.Count - 1);
        }

        return false;
    }

    /// <summary>Without the sets that hold nothing of what is left beyond what another holds; the fullest first.</summary>
    private List<(int Set, int Count)> NotOutdone(List<int> candidates, ulong[] left)
    {
        var restricted = candidates.Select(s => (Set: s, Bits: _sets[s].Select((word, w) => word & left[w]).ToArray()))
            .Select(c => (c.Set, c.Bits, Count: Size(c.Bits)))
            .OrderByDescending(c => c.Count).ThenBy(c => c.Set);
        var kept = new List<(int Set, ulong[] Bits, int Count)>();
        _work += (long)candidates.Count * _words * 4;
        foreach (var c in restricted)
        {
            if (CutShort)
                break;
            _work += (long)kept.Count * _words;
            if (!kept.Exists(k => Holds(k.Bits, c.Bits)))
                kept.Add(c);
        }

        return kept.ConvertAll(k => (k.Set, k.Count));
    }

    private static bool Holds(ulong[] outer, ulong[] inner)
    {
        for (var w = 0; w < outer.Length; w++)
        {
            if ((inner[w] & ~outer[w]) != 0)
                return false;
        }

        return true;
    }
}
