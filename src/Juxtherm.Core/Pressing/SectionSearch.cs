using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Pressing;

/// <summary>What is asked: a plate over vinyl, off what is thick.</summary>
/// <param name="Plate">The plate.</param>
/// <param name="Vinyl">Squares that vinyl touches; at least one.</param>
/// <param name="KeepOuts">What is thick on either face.</param>
public sealed record SectionQuestion(PlateSize Plate, IReadOnlySet<Cell> Vinyl, IReadOnlyList<KeepOut> KeepOuts)
{
    /// <summary>The blank's middle line, mm from its left: what is nearly on it is laid by it; null where nobody cares.</summary>
    public double? MiddleX { get; init; }
}

/// <summary>
/// Covers a design with the fewest placements of the plate. A placement gives full bond only some way inside its edge; it
/// keeps off what is thick. Where that cannot be, vinyl may lie nearer to the edge; where that is not enough either, what
/// yields may come under the plate. Placements are tried on a 5 mm grid, straight, a quarter turned and in steps of 15°.
/// <para>
/// Why the count is the least: a placement can be shifted to the right and down, square by square, without losing any vinyl
/// until its left and upper edge are tight or something thick is in the way. So only such placements are tried, and of all
/// squares of vinyl first only those on the outline of what is left to cover: the least for some of the squares is no more
/// than the least for all, and once everything is covered it is the answer.
/// </para>
/// </summary>
public static class SectionSearch
{
    private const int MostSearched = 12;
    private const int MostSquares = 16_000;

    // Nobody sets a plate down more often; what is left is said not to be covered.
    private const int MostGoes = 200;
    private const int SettlingRounds = 3;
    private static readonly int[] Slants = [15, 30, 45, 60, 75, 105, 120, 135, 150, 165];

    /// <summary>Covers a design.</summary>
    /// <param name="question">Plate, vinyl and what is thick.</param>
    public static SectionPlan Cover(SectionQuestion question)
    {
        ArgumentNullException.ThrowIfNull(question);
        var middle = Middle(question.Vinyl);
        // Most prints lie under the plate as it comes down straight on their middle.
        if (question.MiddleX is { } line && Math.Abs(middle.X - line) <= VinylCells.SideMm)
            middle = middle with { X = line };
        var centred = new Section(middle.X, middle.Y, question.Plate.WidthMm, question.Plate.HeightMm, 0, false, []);
        if (question.Vinyl.All(c => centred.Covers(c, question.Plate.EdgeMm)) && Turned.KeepOutsUnder(centred, question.KeepOuts).Count == 0)
            return new SectionPlan([centred], true, [], [], 1);

        // So many goes are rows side by side, whatever is in the way.
        if (LeastByArea(question.Plate, question.Vinyl.Count) > MostSearched || question.Vinyl.Count > MostSquares)
            return Planned(question, [.. Tiled(question.Plate, question.Vinyl).Take(MostGoes).Select(s => s with { Under = Turned.KeepOutsUnder(s, question.KeepOuts) }).Where(s => s.Under.All(k => k.Yields))], false);
        var full = Searched(question, question.Plate.EdgeMm);
        if (question.KeepOuts.Count == 0 || full.Sections.Count < 2)
            return full;
        // Where only what is thick takes another go, the vinyl beside it may as well lie near the plate's edge.
        if (full.Sections.Count <= Searched(question with { KeepOuts = [] }, question.Plate.EdgeMm).Sections.Count)
            return full;
        var atEdge = Searched(question, question.Plate.RimMm);
        return atEdge.Sections.Count < full.Sections.Count ? atEdge : full;
    }

    /// <summary>Covers a design with its vinyl so far inside the plate's edge, where that can be.</summary>
    private static SectionPlan Searched(SectionQuestion question, double insideMm)
    {
        List<Turned> straight = question.Plate.IsOblong ? [new(question, 0, false), new(question, 0, true)] : [new(question, 0, false)];
        // Slanted placements are only drawn up where straight ones do not do; nobody slants an iron that is set down many times.
        var few = FewestSections.CanBeProven(LeastByArea(question.Plate, question.Vinyl.Count));
        var all = new Lazy<IReadOnlyList<Turned>>(() => !few ? straight : [.. straight, .. Slants.SelectMany(slant => question.Plate.IsOblong ? new[] { new Turned(question, slant, false), new Turned(question, slant, true) } : slant < 90 ? [new Turned(question, slant, false)] : [])]);
        var reach = new Reach(question, insideMm, straight, all);
        var wanted = question.Vinyl.Where(c => reach.InsideMm(c) is not null).ToHashSet();
        if (wanted.Count == 0)
            return Planned(question, [], true);
        var least = LeastByArea(question.Plate, wanted.Count);
        if (!FewestSections.CanBeProven(least) && question.KeepOuts.Count == 0)
            return Planned(question, Settled(question, reach, Tiled(question.Plate, wanted), wanted), false);
        var (sections, proven) = new FewestSections(reach, straight, all, least).Over(wanted);
        return Planned(question, Settled(question, reach, sections, wanted), proven);
    }

    private static SectionPlan Planned(SectionQuestion question, List<Section> sections, bool proven)
    {
        var reached = question.Vinyl.Where(c => sections.Exists(s => s.Covers(c, question.Plate.RimMm))).ToHashSet();
        return new SectionPlan(
            [.. sections.OrderBy(s => Math.Round(s.CentreX / 20)).ThenBy(s => s.CentreY)], proven,
            VinylCells.Boxes(reached.Where(c => !sections.Exists(s => s.Covers(c, question.Plate.EdgeMm)))), VinylCells.Boxes(question.Vinyl.Where(c => !reached.Contains(c))),
            SectionPlan.HeatsOver(sections, reached));
    }

    /// <summary>However they lie, fewer cannot cover so many squares.</summary>
    private static int LeastByArea(PlateSize plate, int squares) =>
        (int)Math.Ceiling(squares * VinylCells.SideMm * VinylCells.SideMm / ((plate.WidthMm - 2 * plate.RimMm) * (plate.HeightMm - 2 * plate.RimMm)));

    /// <summary>Rows of placements side by side, for small irons on large designs; empty ones left out.</summary>
    private static List<Section> Tiled(PlateSize plate, IReadOnlySet<Cell> wanted)
    {
        List<Section> Tiles(double width, double height, bool quarter)
        {
            static int Whole(double mm) => (int)Math.Floor(mm / VinylCells.SideMm + 1e-9);
            var (across, down) = (Math.Max(1, Whole(width - 2 * plate.EdgeMm)), Math.Max(1, Whole(height - 2 * plate.EdgeMm)));
            var (left, top) = (wanted.Min(c => c.Column), wanted.Min(c => c.Row));
            return
            [
                .. wanted.Select(c => ((c.Column - left) / across, (c.Row - top) / down)).Distinct()
                    .Select(t => new Section((left + (t.Item1 + 0.5) * across) * VinylCells.SideMm, (top + (t.Item2 + 0.5) * down) * VinylCells.SideMm, width, height, 0, quarter, [])),
            ];
        }

        var tiles = Tiles(plate.WidthMm, plate.HeightMm, false);
        return plate.IsOblong && Tiles(plate.HeightMm, plate.WidthMm, true) is var turned && turned.Count < tiles.Count ? turned : tiles;
    }

    /// <summary>Brings to the middle of each placement the vinyl that lies nearest to it, as far as what it alone covers and what is thick allow.</summary>
    private static List<Section> Settled(SectionQuestion question, Reach reach, List<Section> sections, HashSet<Cell> wanted)
    {
        for (var round = 0; round < SettlingRounds; round++)
        {
            for (var i = 0; i < sections.Count; i++)
            {
                var over = wanted.Where(c => sections[i].Covers(c, reach.InsideMm(c)!.Value)).ToList();
                var own = over.Where(c => !sections.Where((_, j) => j != i).Any(other => other.Covers(c, reach.InsideMm(c)!.Value))).ToList();
                if (own.Count == 0)
                    continue;
                var nearest = over.Where(c => sections.TrueForAll(other => sections[i].FromMiddle(VinylCells.MiddleOf(c)) <= other.FromMiddle(VinylCells.MiddleOf(c)))).ToList();
                sections[i] = Nearest(question, reach, sections[i], own, nearest.Count > 0 ? nearest : own);
            }
        }

        return sections;
    }

    private static Section Nearest(SectionQuestion question, Reach reach, Section section, List<Cell> own, List<Cell> aim)
    {
        var frame = new Turn(section.SlantDegrees);
        var spans = own.Select(c => (Span: frame.SpanOf(c), Inside: reach.InsideMm(c)!.Value)).ToList();
        // How far the middle may go before a square is lost.
        var (lowU, highU) = (spans.Max(s => s.Span.U2 + s.Inside) - section.WidthMm / 2, spans.Min(s => s.Span.U1 - s.Inside) + section.WidthMm / 2);
        var (lowV, highV) = (spans.Max(s => s.Span.V2 + s.Inside) - section.HeightMm / 2, spans.Min(s => s.Span.V1 - s.Inside) + section.HeightMm / 2);
        var aimed = aim.ConvertAll(frame.SpanOf);
        var (u, v) = ((aimed.Min(s => s.U1) + aimed.Max(s => s.U2)) / 2, (aimed.Min(s => s.V1) + aimed.Max(s => s.V2)) / 2);
        // A hair off the blank's middle line is on it.
        if (section.SlantDegrees == 0 && question.MiddleX is { } line && Math.Abs(u - line) <= VinylCells.SideMm)
            u = line;
        (u, v) = (Math.Clamp(u, lowU, Math.Max(lowU, highU)), Math.Clamp(v, lowV, Math.Max(lowV, highV)));
        var (u0, v0) = frame.Of(new Spot(section.CentreX, section.CentreY));
        var (best, nearest) = (section, Math.Abs(u0 - u) + Math.Abs(v0 - v));
        foreach (var tu in Between(u, u0))
        {
            foreach (var tv in Between(v, v0))
            {
                var off = Math.Abs(tu - u) + Math.Abs(tv - v);
                if (off >= nearest)
                    break;
                var centre = frame.Back(tu, tv);
                var moved = section with { CentreX = centre.X, CentreY = centre.Y };
                var under = Turned.KeepOutsUnder(moved, question.KeepOuts);
                // No more under the plate than where it was found, and nothing that never may.
                if (under.Count > section.Under.Count || under.Any(k => !k.Yields))
                    continue;
                (best, nearest) = (moved with { Under = under }, off);
                break;
            }
        }

        return best;
    }

    /// <summary>From where it is wished to where it was found, half a square at a time.</summary>
    private static IEnumerable<double> Between(double wished, double found)
    {
        var steps = Math.Max(1, (int)Math.Ceiling(Math.Abs(wished - found) / (VinylCells.SideMm / 2)));
        return Enumerable.Range(0, steps + 1).Select(i => wished + (found - wished) * i / steps);
    }

    private static Spot Middle(IReadOnlySet<Cell> cells)
    {
        var box = new Box(cells.Min(c => c.Column), cells.Min(c => c.Row), 1, 1);
        return new Spot((box.XMm + cells.Max(c => c.Column) + 1) / 2 * VinylCells.SideMm, (box.YMm + cells.Max(c => c.Row) + 1) / 2 * VinylCells.SideMm);
    }
}
