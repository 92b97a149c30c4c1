using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Sections;

/// <summary>
/// Covers a design with the fewest placements of the plate. A placement presses what lies inside its rim and keeps off what is
/// thick; where that cannot be, what yields may come under the plate. Straight placements in columns and rows are found first
/// (<see cref="StripSearch"/>), with as little vinyl heated twice as can be. Where fewer might do, the plate is tried on a 5 mm grid,
/// straight, a quarter turned and, where it is not held by hand, in steps of 15°.
/// <para>
/// Why that count is the least: a placement can be shifted to the right and down, square by square, without losing any vinyl
/// until its left and upper edge are tight or something thick is in the way. So only such placements are tried, and of all
/// squares of vinyl first only those on the outline of what is left to cover: the least for some of the squares is no more
/// than the least for all, and once everything is covered it is the answer.
/// </para>
/// </summary>
public static partial class SectionSearch
{
    /// <summary>Nobody sets a plate down more often: what takes more is not laid out.</summary>
    public const int MostSections = 100;

    // More squares than these are not searched through: a design that large is laid in rows.
    private const int MostSquares = 6_000;
    // A plate is not laid to the millimetre: so far off what is thick it is laid where nothing speaks against it, mm.
    private const double ClearMm = 5;
    private const int SettlingRounds = 3;
    private static readonly int[] Slants = [15, 30, 45, 60, 75, 105, 120, 135, 150, 165];

    /// <summary>Covers a design.</summary>
    /// <param name="question">Plate, vinyl and what is thick.</param>
    public static SectionPlan Cover(SectionQuestion question)
    {
        ArgumentNullException.ThrowIfNull(question);
        if (question.Apart.Count > 1)
            return Planned(question, OneEach(question) ?? [.. question.Apart.SelectMany(part => Cover(part).Sections)], true);
        if (Centred(question) is { } centred)
            return centred;
        var byArea = LeastByArea(question.Plate, question.Raster.AreaMm2);
        if (byArea > MostSections)
            return TooMany(byArea);
        var strips = Straight(question);
        if (strips?.Count > MostSections)
            return TooMany(strips.Count);
        var least = Math.Max(byArea, question.KeepOuts.Count == 0 || !question.MaySlant ? LeastApart(question) : 1);
        if (strips is { Count: 2 } && question.KeepOuts.Count == 0 && OnTheSlant(question) is { } slanted)
            return Planned(question, [slanted], true);
        if (strips?.Count <= least)
            return Planned(question, strips, true);
        if (question.Vinyl.Count > MostSquares || question.Plate.Cool.Count > 0 || !FewestSections.CanBeProven(least))
            return strips is not null ? Planned(question, strips, false) : InRows(question);
        var searched = Searched(question);
        return strips is null || (searched.NotCovered.Count == 0 && !searched.Under.Any() && searched.Sections.Count < strips.Count)
            ? searched
            : Planned(question, strips, searched.Proven && searched.Sections.Count == strips.Count);
    }

    /// <summary>
    /// Most prints lie under the plate at once, in full heat: that is told by the box around them, without drawing up their vinyl.
    /// </summary>
    /// <param name="plate">The plate.</param>
    /// <param name="around">The box around the vinyl.</param>
    /// <param name="keepOuts">What is thick on either face.</param>
    /// <param name="middleX">The blank's middle line, mm from its left.</param>
    /// <returns>Null where it takes a closer look.</returns>
    public static SectionPlan? AtOnce(PlateSize plate, Box around, IReadOnlyList<KeepOut> keepOuts, double middleX)
    {
        ArgumentNullException.ThrowIfNull(plate);
        var question = new SectionQuestion(plate, new HashSet<Cell>(), keepOuts) { Raster = VinylRaster.Of(around), MiddleX = middleX };
        return Centred(question)
            ?? (Straight(question) is [var one] && one.Covers(around, plate.EdgeMm) ? new SectionPlan([one], true, [], [], 1, 0) : null);
    }

    /// <summary>A placement for each part that is laid by itself, off the others as far as that goes; null where one takes more.</summary>
    private static List<Section>? OneEach(SectionQuestion question)
    {
        List<Reaches> parts = [.. question.Apart.Select(p => p.Raster.Around)
            .Select(b => new Reaches(b.XMm, b.XMm + b.WidthMm, b.YMm, b.YMm + b.HeightMm))];
        return (question.Plate.IsOblong ? new[] { false, true } : [false]).Select(quarter => new PlateOver(question, quarter, lying: false))
            .FirstOrDefault(plate => parts.TrueForAll(plate.CanStand)) is { } plate
            ? [.. new SettledPlates(question.Raster, plate, parts).Places.Select(plate.SectionAt)]
            : null;
    }

    /// <summary>Straight placements; a little off what is thick where that takes no more of them.</summary>
    private static List<Section>? Straight(SectionQuestion question)
    {
        if (question.KeepOuts.Count == 0)
            return StripSearch.Find(question);
        var off = StripSearch.Find(question with { KeepOuts = [.. question.KeepOuts.Select(k => k.Grown(ClearMm))] });
        return off is { Count: 1 } || StripSearch.Find(question) is not { } near || off?.Count <= near.Count ? off : near;
    }

    /// <summary>One go across, where two would be needed straight; null where there is none.</summary>
    private static Section? OnTheSlant(SectionQuestion question) =>
        !question.MaySlant || question.Plate.Cool.Count > 0 || question.Vinyl.Count > MostSquares
        ? null
        : Slants.SelectMany(slant => question.Plate.IsOblong
            ? new[] { false, true } : [false], (slant, quarter) => Turned.OverAll(question, slant, quarter))
            .FirstOrDefault(s => s is not null);

    /// <summary>So many places are too far apart for any two of them to lie under a straight plate at once.</summary>
    private static int LeastApart(SectionQuestion question)
    {
        var reach = Math.Max(question.Plate.WidthMm, question.Plate.HeightMm) - 2 * question.Plate.RimMm + PlateOver.HairMm;
        return Math.Max(Apart(question.Raster), Apart(question.Raster.Lying()));

        int Apart(VinylRaster raster)
        {
            var count = 0;
            for (var column = 0; column < raster.Columns; column++)
            {
                if (raster.Count(column, column + 1, 0, raster.Rows) == 0)
                    continue;
                for (var row = 0; row < raster.Rows; row++)
                {
                    if (raster.Count(column, column + 1, row, row + 1) == 0)
                        continue;
                    count++;
                    row += Math.Max(0, (int)(reach / raster.StepY) - 1);
                }

                column += Math.Max(0, (int)(reach / raster.StepX) - 1);
            }

            return count;
        }
    }

    /// <summary>Most prints lie under the plate as it comes down straight on their middle, or by the crease where that is near; null where
    /// this one does not.</summary>
    private static SectionPlan? Centred(SectionQuestion question)
    {
        if (question.Plate.Cool.Count > 0)
            return null;
        var around = question.Raster.Around;
        var (x, y) = (around.XMm + around.WidthMm / 2, around.YMm + around.HeightMm / 2);
        double[] middles = question.MiddleX is { } line && Math.Abs(x - line) <= SettledPlates.NearLineMm ? [line, x] : [x];
        var centred = middles.Select(middle => new Section(middle, y, question.Plate.WidthMm, question.Plate.HeightMm, 0, false, []))
            .FirstOrDefault(s => s.Covers(around, question.Plate.EdgeMm) && Turned.KeepOutsUnder(s, question.KeepOuts).Count == 0);
        return centred is null ? null : new SectionPlan([centred], true, [], [], 1, 0);
    }

    /// <summary>So many goes are rows side by side, whatever is in the way; what never may lie under the plate is left out.</summary>
    private static SectionPlan InRows(SectionQuestion question)
    {
        var rows = StripSearch.Find(question with { KeepOuts = [] }) ?? Tiled(question.Plate, question.Vinyl);
        return rows.Count > MostSections
            ? TooMany(rows.Count)
            : Planned(question,
                [.. rows.Select(s => s with { Under = Turned.KeepOutsUnder(s, question.KeepOuts) }).Where(s => s.Under.All(k => k.Yields))],
                false);
    }

    private static SectionPlan TooMany(int goes) => new([], false, [], [], 1, 0) { TooManySections = goes };

    /// <summary>Covers a design by trying the plate on a grid.</summary>
    private static SectionPlan Searched(SectionQuestion question)
    {
        var insideMm = question.Plate.RimMm;
        List<Turned> straight = question.Plate.IsOblong ? [new(question, 0, false), new(question, 0, true)] : [new(question, 0, false)];
        var least = LeastByArea(question.Plate, question.Raster.AreaMm2);
        // Slanted placements are only drawn up where straight ones do not get past something thick.
        var slants = question.MaySlant && question.KeepOuts.Count > 0;
        var all = new Lazy<IReadOnlyList<Turned>>(() => !slants
            ? straight : [.. straight,
                .. Slants.SelectMany(slant => question.Plate.IsOblong
                    ? new[] { new Turned(question, slant, false), new Turned(question, slant, true) }
                    : slant < 90 ? [new Turned(question, slant, false)] : [])]);
        var reach = new PlateReach(question, insideMm, straight, all);
        var wanted = question.Vinyl.Where(c => reach.InsideMm(c) is not null).ToHashSet();
        if (wanted.Count == 0)
            return Planned(question, [], true);
        var (sections, proven) = new FewestSections(reach, straight, all,
            Math.Min(least, LeastByArea(question.Plate, wanted.Count * VinylCells.SideMm * VinylCells.SideMm))).Over(wanted);
        return Planned(question, Settled(question, reach, sections, wanted), proven);
    }

    private static SectionPlan Planned(SectionQuestion question, List<Section> sections, bool proven)
    {
        var raster = question.Raster;
        var (atEdge, notCovered, covered, twice) = (new List<Cell>(), new List<Cell>(), 0, 0);
        for (var column = 0; column < raster.Columns; column++)
        {
            var (left, right) = (raster.Around.XMm + column * raster.StepX, raster.Around.XMm + (column + 1) * raster.StepX);
            var near = sections.FindAll(s => s.SlantDegrees != 0
                || (s.CentreX - s.WidthMm / 2 - question.Plate.EdgeMm < right && s.CentreX + s.WidthMm / 2 + question.Plate.EdgeMm > left));
            foreach (var step in raster.In(column))
            {
                var box = raster.BoxOf(step);
                if (!near.Exists(s => s.Covers(box, question.Plate.RimMm)))
                {
                    notCovered.Add(step);
                    continue;
                }

                covered++;
                var middle = new Spot(box.XMm + box.WidthMm / 2, box.YMm + box.HeightMm / 2);
                // Where two placements meet, what one gives less of comes from both.
                if (!near.Exists(s => s.Covers(box, question.Plate.EdgeMm))
                    && near.Count(s => s.Covers(middle, -question.Plate.EdgeMm)) < 2)
                    atEdge.Add(step);
                if (near.Count(s => s.Covers(middle, 0)) > 1)
                    twice++;
            }
        }

        return new SectionPlan(
            [.. sections.OrderBy(s => Math.Round(s.CentreX / 20)).ThenBy(s => s.CentreY)], proven, VinylCells.Boxes(atEdge, raster.BoxOf),
            VinylCells.Boxes(notCovered, raster.BoxOf),
            SectionPlan.HeatsOver(sections, question.Vinyl), covered == 0 ? 0 : (double)twice / covered);
    }

    /// <summary>However they lie, fewer cannot cover so much.</summary>
    private static int LeastByArea(PlateSize plate, double mm2) =>
        Math.Max(1, (int)Math.Ceiling(mm2 / ((plate.WidthMm - 2 * plate.RimMm) * (plate.HeightMm - 2 * plate.RimMm)) - 1e-9));
}
