using Juxtherm.Core.Days.Tasks;

namespace Juxtherm.Core.Days.Scheduling;

/// <summary>Whose hands do what, so that everybody stays with one thing as long as it goes.</summary>
/// <param name="Who">By block, in the order of the schedule, and part: whose hands, from 0; −1 where none are needed.</param>
/// <param name="Changes">How often a pair goes over to something else.</param>
/// <param name="Busy">How long each pair is busy, s.</param>
public sealed record HandsGiven(IReadOnlyList<int[]> Who, int Changes, IReadOnlyList<int> Busy)
{
    /// <summary>Gives every part that needs hands its pair: who is free, is there, and was at it.</summary>
    /// <param name="work">The work.</param>
    /// <param name="blocks">At their times.</param>
    /// <param name="stays">By part: the one that the same pair goes on with, idle until then; null to have that found here.</param>
    internal static HandsGiven Of(Workload work, IReadOnlyList<PlacedBlock> blocks,
        IReadOnlyDictionary<(int Block, int Part), (int Block, int Part)>? stays = null)
    {
        stays ??= new Dictionary<(int, int), (int, int)>();
        var who = new int[blocks.Count][];
        var parts = new List<(int Block, int Part)>();
        for (var b = 0; b < blocks.Count; b++)
        {
            who[b] = new int[blocks[b].Starts.Count];
            Array.Fill(who[b], -1);
            for (var p = 0; p < who[b].Length; p++)
                if (blocks[b].Block.Parts[p].Hands > 0)
                    parts.Add((b, p));
        }

        parts.Sort((a, b) => blocks[a.Block].Starts[a.Part].CompareTo(blocks[b.Block].Starts[b.Part]) is not 0 and var by
            ? by : a.Block.CompareTo(b.Block));
        var people = Math.Max(1, Math.Max(work.People.Count, work.MostHands));
        var (free, last, busy, changes) = (new int[people], new (int Block, int Part)?[people], new int[people], 0);
        Array.Fill(free, int.MinValue);
        foreach (var (b, p) in parts)
        {
            var (from, to) = (blocks[b].Starts[p], blocks[b].Starts[p] + blocks[b].Seconds[p]);
            var (best, least) = (0, int.MaxValue);
            for (var w = 0; w < people; w++)
            {
                if (last[w] is { } was && stays.TryGetValue(was, out var then) && then == (b, p) && IsThere(work, w, from, to))
                {
                    best = w;
                    break;
                }

                var cost = (free[w] <= from ? 0 : 100) + (IsThere(work, w, from, to) ? 0 : 50) + Far(blocks, last[w], (b, p));
                if (cost < least)
                    (best, least) = (w, cost);
            }

            if (last[best] is { } before && !IsSame(blocks, before, (b, p)))
                changes++;
            var bound = stays.TryGetValue((b, p), out var next) ? blocks[next.Block].Starts[next.Part] : to;
            (free[best], last[best], who[b][p]) = (bound, (b, p), best);
            busy[best] += to - from;
        }

        return new HandsGiven(who, changes, busy);
    }

    private static bool IsThere(Workload work, int who, int from, int to) =>
        who >= work.People.Count || work.People[who].Count == 0 || work.People[who].Any(w => w.From <= from && to <= w.To);

    private static bool IsSame(IReadOnlyList<PlacedBlock> blocks, (int Block, int Part) a, (int Block, int Part) b) =>
        IsSame(blocks[a.Block].Block, a.Part, blocks[b.Block].Block, b.Part);

    /// <summary>One would say that whoever does both is at the same thing.</summary>
    internal static bool IsSame(WorkBlock a, int partOfA, WorkBlock b, int partOfB) =>
        a.Job == b.Job && DayActivities.Of(a.Parts[partOfA].Kind) == DayActivities.Of(b.Parts[partOfB].Kind);

    private static int Far(IReadOnlyList<PlacedBlock> blocks, (int Block, int Part)? last, (int Block, int Part) next)
    {
        if (last is not { } before)
            return 2;
        if (before.Block == next.Block)
            return 0;
        if (IsSame(blocks, before, next))
            return 1;
        return blocks[before.Block].Block.Job == blocks[next.Block].Block.Job ? 3 : 4;
    }
}
