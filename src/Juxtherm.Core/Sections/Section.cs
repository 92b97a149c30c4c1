using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Sections;

/// <summary>One placement of the plate.</summary>
/// <param name="CentreX">Its middle from the free area's left, mm.</param>
/// <param name="CentreY">Its middle from the free area's top, mm.</param>
/// <param name="WidthMm">Its width as it lies before any slant, mm.</param>
/// <param name="HeightMm">Its height as it lies before any slant, mm.</param>
/// <param name="SlantDegrees">Turned clockwise about its middle: 0, or 15 to 75 and 105 to 165 in steps of 15.</param>
/// <param name="QuarterTurn">Width and height have changed places.</param>
/// <param name="Under">What is thick and lies under it all the same.</param>
public sealed record Section(double CentreX, double CentreY, double WidthMm, double HeightMm, int SlantDegrees, bool QuarterTurn,
    IReadOnlyList<KeepOut> Under)
{
    /// <summary>Cooler spots of the plate as it lies before any slant, from its upper left corner.</summary>
    public IReadOnlyList<Box> Cool { get; init; } = [];

    /// <summary>The plate before it is slanted.</summary>
    public Box Box => new(CentreX - WidthMm / 2, CentreY - HeightMm / 2, WidthMm, HeightMm);

    /// <summary>How far a place lies from the plate's middle: 1 at its edge.</summary>
    /// <param name="place">The place.</param>
    public double FromMiddle(Spot place)
    {
        var (u, v) = FromCentre(place);
        return Math.Max(Math.Abs(u) / (WidthMm / 2), Math.Abs(v) / (HeightMm / 2));
    }

    /// <summary>Whether a place lies under the plate, so far inside its edge.</summary>
    /// <param name="place">The place.</param>
    /// <param name="insideMm">mm.</param>
    public bool Covers(Spot place, double insideMm)
    {
        var (u, v) = FromCentre(place);
        // Wider than the grid's own hair, so that what a place of the grid holds is held here too.
        const double hair = 1e-5;
        return Math.Abs(u) <= WidthMm / 2 - insideMm + hair && Math.Abs(v) <= HeightMm / 2 - insideMm + hair
            && !IsCool(u + WidthMm / 2, v + HeightMm / 2);
    }

    /// <summary>Whether a square lies wholly under the plate, so far inside its edge.</summary>
    /// <param name="cell">The square.</param>
    /// <param name="insideMm">mm.</param>
    public bool Covers(Cell cell, double insideMm) => Covers(VinylCells.BoxOf(cell), insideMm);

    /// <summary>Whether a box lies wholly under the plate, so far inside its edge.</summary>
    /// <param name="box">The box.</param>
    /// <param name="insideMm">mm.</param>
    public bool Covers(Box box, double insideMm)
    {
        // A spot may lie between the corners; plates with cool spots are laid straight.
        var on = box with { XMm = box.XMm - CentreX + WidthMm / 2, YMm = box.YMm - CentreY + HeightMm / 2 };
        foreach (var spot in Cool)
        {
            if (spot.Overlaps(on))
                return false;
        }

        return Covers(new Spot(box.XMm, box.YMm), insideMm) && Covers(new Spot(box.XMm + box.WidthMm, box.YMm), insideMm)
            && Covers(new Spot(box.XMm, box.YMm + box.HeightMm), insideMm)
            && Covers(new Spot(box.XMm + box.WidthMm, box.YMm + box.HeightMm), insideMm);
    }

    /// <summary>Whether part of a box lies under the plate, so far inside its edge.</summary>
    /// <param name="box">The box.</param>
    /// <param name="insideMm">mm.</param>
    public bool Meets(Box box, double insideMm)
    {
        var turn = new Turn(SlantDegrees);
        var (u, v) = turn.Of(new Spot(CentreX, CentreY));
        List<(double U, double V)> hull = [.. Shapes.Rectangle(box.XMm, box.YMm, box.WidthMm, box.HeightMm).Select(turn.Of)];
        return Turned.Meets(hull, u - WidthMm / 2 + insideMm, v - HeightMm / 2 + insideMm, WidthMm - 2 * insideMm, HeightMm - 2 * insideMm);
    }

    private bool IsCool(double u, double v)
    {
        const double hair = 1e-5;
        foreach (var spot in Cool)
        {
            if (u > spot.XMm + hair && u < spot.XMm + spot.WidthMm - hair && v > spot.YMm + hair && v < spot.YMm + spot.HeightMm - hair)
                return true;
        }

        return false;
    }

    /// <summary>A place as the plate sees it from its middle.</summary>
    private (double U, double V) FromCentre(Spot place) =>
        SlantDegrees == 0
        ? (place.X - CentreX, place.Y - CentreY) : new Turn(SlantDegrees).Of(new Spot(place.X - CentreX, place.Y - CentreY));
}

/// <summary>How a plate covers a design.</summary>
/// <param name="Sections">Placements in the order of pressing: from the left, then from the top.</param>
/// <param name="Proven">Fewer would not do, on the 5 mm grid and in steps of 15°. False where the search was cut short.</param>
/// <param name="AtEdge">Vinyl that lies in the plate's cooler edge, because something thick is near.</param>
/// <param name="NotCovered">Vinyl that no placement reaches.</param>
/// <param name="MostHeats">How many placements heat the vinyl where it gets most; 1 where none overlap.</param>
/// <param name="TwiceShare">Share of the vinyl that lies under two placements or more.</param>
public sealed record SectionPlan(IReadOnlyList<Section> Sections, bool Proven, IReadOnlyList<Box> AtEdge, IReadOnlyList<Box> NotCovered,
    int MostHeats, double TwiceShare)
{
    /// <summary>How many placements lie over some vinyl where most do; at least 1.</summary>
    /// <param name="sections">The placements.</param>
    /// <param name="vinyl">The vinyl's squares.</param>
    public static int HeatsOver(IReadOnlyList<Section> sections, IEnumerable<Cell> vinyl)
    {
        ArgumentNullException.ThrowIfNull(sections);
        var cells = vinyl as IReadOnlyCollection<Cell> ?? [.. vinyl];
        if (cells.Count == 0 || sections.Count < 2)
            return 1;
        if (sections.Any(s => s.SlantDegrees != 0))
            return Math.Max(1, cells.Max(c => sections.Count(s => s.Covers(VinylCells.MiddleOf(c), 0))));
        // What lies straight is added up over the grid: one up where it begins, one down where it ends.
        var (left, top, right, bottom) = (int.MaxValue, int.MaxValue, int.MinValue, int.MinValue);
        foreach (var (column, row) in cells)
            (left, top, right, bottom) = (Math.Min(left, column), Math.Min(top, row), Math.Max(right, column), Math.Max(bottom, row));
        var (columns, rows) = (right - left + 2, bottom - top + 2);
        var counts = new int[columns * rows];
        foreach (var box in sections.Select(s => s.Box))
        {
            static int First(double from, int low) => Math.Max(0, (int)Math.Ceiling(from / VinylCells.SideMm - 0.5) - low);
            static int Beyond(double to, int low, int most) => Math.Min(most, (int)Math.Floor(to / VinylCells.SideMm - 0.5) - low + 1);
            var (c0, c1) = (First(box.XMm, left), Beyond(box.XMm + box.WidthMm, left, columns - 1));
            var (r0, r1) = (First(box.YMm, top), Beyond(box.YMm + box.HeightMm, top, rows - 1));
            if (c0 >= c1 || r0 >= r1)
                continue;
            counts[c0 * rows + r0]++;
            counts[c1 * rows + r0]--;
            counts[c0 * rows + r1]--;
            counts[c1 * rows + r1]++;
        }

        for (var c = 0; c < columns; c++)
        {
            for (var r = 0; r < rows; r++)
                counts[c * rows + r] += (c > 0 ? counts[(c - 1) * rows + r] : 0) + (r > 0 ? counts[c * rows + r - 1] : 0)
                    - (c > 0 && r > 0 ? counts[(c - 1) * rows + r - 1] : 0);
        }

        return Math.Max(1, cells.Max(c => counts[(c.Column - left) * rows + c.Row - top]));
    }

    /// <summary>It would take so many placements that none are laid out: nobody sets a plate down so often. 0 otherwise.</summary>
    public int TooManySections { get; init; }

    /// <summary>What is thick and lies under some placement all the same.</summary>
    public IEnumerable<KeepOut> Under => Sections.SelectMany(s => s.Under).Distinct();
}
