namespace Juxtherm.Core.Sections;

/// <summary>Looks for the fewest placements over squares of vinyl, one number at a time, for more and more of the squares.</summary>
internal sealed class FewestSections(PlateReach reach, IReadOnlyList<Turned> straight, Lazy<IReadOnlyList<Turned>> all, int atLeast)
{
    private const int MostProvable = 4;

    // Fewer than these cannot do, however they lie.
    private int _least = atLeast;

    // What was too much work for some of the squares is not tried again for more of them.
    private int _hopeless;

    private List<Cell> _asked = [];
    private Candidates? _straight;
    private Candidates? _slanted;

    /// <summary>So many placements can still be proven to be the fewest.</summary>
    public static bool CanBeProven(int atLeast) => atLeast <= MostProvable;

    /// <summary>Covers squares. First only those on their outline are asked for, then those that were missed, until none is.</summary>
    /// <returns>The placements, and whether fewer would not do.</returns>
    public (List<Section> Sections, bool Proven) Over(IReadOnlySet<Cell> wanted)
    {
        // A placement over something thick is allowed for the squares that ask for it: these have to be in sight when it is shifted.
        var asked = Outline(wanted);
        asked.UnionWith(reach.OverThick);
        while (true)
        {
            _asked = [.. asked.OrderBy(c => c.Row).ThenBy(c => c.Column)];
            (_straight, _slanted) = (null, null);
            var found = OverAsked();
            var missed = wanted.Where(c => !found.Exists(s => s.Covers(c, reach.InsideMm(c)!.Value))).ToHashSet();
            if (missed.Count == 0)
                return (found, found.Count == _least);
            // What was asked for and is missed all the same will not come by asking again; every turn asks for something new.
            missed.ExceptWith(asked);
            if (missed.Count == 0)
                return (found, false);
            asked.UnionWith(Outline(missed));
        }
    }

    private List<Section> OverAsked()
    {
        var upright = new Candidates(reach, [straight[0]], _asked);
        var greedy = upright.Search.Greedy();
        // What lies straight is easier to lay: more turns are only tried for what they save.
        for (var count = Math.Max(_least, _hopeless + 1); count < Math.Min(greedy?.Count ?? int.MaxValue, MostProvable + 1); count++)
        {
            if ((Within(upright, count)
                ?? (straight.Count == 1 ? null : Within(_straight ??= new Candidates(reach, straight, _asked), count)) ?? InAnyTurn(count))
                is { } cover)
                return cover;
        }

        return greedy is null ? Taken(Slanted) : [.. greedy.Select(upright.SectionOf)];
    }

    private Candidates Slanted => _slanted ??= new Candidates(reach, all.Value, _asked);

    private List<Section>? InAnyTurn(int count)
    {
        // One placement is only looked for in turns that could hold everything.
        var holding = count > 1 ? [] : all.Value.Where(t => t.HoldsAll).ToList();
        var candidates = count > 1 ? Slanted : holding.Count > 0 ? new Candidates(reach, holding, _asked) : null;
        if (candidates is not null && Within(candidates, count) is { } cover)
            return cover;
        if (candidates?.Search.CutShort ?? false)
            _hopeless = count;
        else
            _least = count + 1;
        return null;
    }

    private static List<Section>? Within(Candidates candidates, int count) =>
        candidates.Search.Within(count) is { } cover ? [.. cover.Select(candidates.SectionOf)] : null;

    /// <summary>Whatever covers it, where only slanted placements reach.</summary>
    private static List<Section> Taken(Candidates candidates) => [.. candidates.Search.Greedy()!.Select(candidates.SectionOf)];

    /// <summary>The first and last square of every row and column.</summary>
    private static HashSet<Cell> Outline(IReadOnlySet<Cell> cells)
    {
        var outline = new HashSet<Cell>();
        foreach (var row in cells.GroupBy(c => c.Row))
            outline.UnionWith([row.MinBy(c => c.Column), row.MaxBy(c => c.Column)]);
        foreach (var column in cells.GroupBy(c => c.Column))
            outline.UnionWith([column.MinBy(c => c.Row), column.MaxBy(c => c.Row)]);
        return outline;
    }
}
