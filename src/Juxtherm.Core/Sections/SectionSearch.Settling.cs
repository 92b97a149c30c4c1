using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Sections;

public static partial class SectionSearch
{
    /// <summary>Rows of placements side by side, for small irons on large designs; empty ones left out.</summary>
    private static List<Section> Tiled(PlateSize plate, IReadOnlySet<Cell> wanted)
    {
        List<Section> Tiles(double width, double height, bool quarter)
        {
            static int Whole(double mm) => (int)Math.Floor(mm / VinylCells.SideMm + 1e-9);
            var (across, down) = (Math.Max(1, Whole(width - 2 * plate.RimMm)), Math.Max(1, Whole(height - 2 * plate.RimMm)));
            var (left, top) = (wanted.Min(c => c.Column), wanted.Min(c => c.Row));
            return
            [
                .. wanted.Select(c => ((c.Column - left) / across, (c.Row - top) / down)).Distinct()
                    .Select(t =>
                        new Section((left + (t.Item1 + 0.5) * across) * VinylCells.SideMm,
                            (top + (t.Item2 + 0.5) * down) * VinylCells.SideMm, width, height, 0, quarter, [])),
            ];
        }

        var tiles = Tiles(plate.WidthMm, plate.HeightMm, false);
        return plate.IsOblong && Tiles(plate.HeightMm, plate.WidthMm, true) is var turned && turned.Count < tiles.Count ? turned : tiles;
    }

    /// <summary>Brings to the middle of each placement the vinyl that lies nearest to it, as far as what it alone covers and what is thick
    /// allow.</summary>
    private static List<Section> Settled(SectionQuestion question, PlateReach reach, List<Section> sections, HashSet<Cell> wanted)
    {
        for (var round = 0; round < SettlingRounds; round++)
        {
            for (var i = 0; i < sections.Count; i++)
            {
                var over = wanted.Where(c => sections[i].Covers(c, reach.InsideMm(c)!.Value)).ToList();
                var own = over.Where(c => !sections.Where((_, j) => j != i).Any(other => other.Covers(c, reach.InsideMm(c)!.Value)))
                    .ToList();
                if (own.Count == 0)
                    continue;
                var nearest =
                    over.Where(c =>
                        sections.TrueForAll(other => sections[i]
                            .FromMiddle(VinylCells.MiddleOf(c)) <= other.FromMiddle(VinylCells.MiddleOf(c)))).ToList();
                sections[i] = Nearest(question, reach, sections[i], own, nearest.Count > 0 ? nearest : own);
            }
        }

        return sections;
    }

    private static Section Nearest(SectionQuestion question, PlateReach reach, Section section, List<Cell> own, List<Cell> aim)
    {
        var frame = new Turn(section.SlantDegrees);
        var spans = own.Select(c => (Span: frame.SpanOf(c), Inside: reach.InsideMm(c)!.Value)).ToList();
        // How far the middle may go before a square is lost.
        var (lowU, highU) = (spans.Max(s => s.Span.U2 + s.Inside) - section.WidthMm / 2,
            spans.Min(s => s.Span.U1 - s.Inside) + section.WidthMm / 2);
        var (lowV, highV) = (spans.Max(s => s.Span.V2 + s.Inside) - section.HeightMm / 2,
            spans.Min(s => s.Span.V1 - s.Inside) + section.HeightMm / 2);
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
}
