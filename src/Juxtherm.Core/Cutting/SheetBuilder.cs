using Juxtherm.Core.Cutting.Nesting;
using Juxtherm.Core.Geometry;
using NetTopologySuite.Geometries.Utilities;

namespace Juxtherm.Core.Cutting;

/// <summary>Puts units on their sheets: mirrored once where the vinyl asks, turned, moved, and put into an order for the blade.</summary>
internal static class SheetBuilder
{
    /// <summary>Shapes of units by key, for a cut list.</summary>
    public static IReadOnlyDictionary<string, UnitShape> Shapes(IEnumerable<CutUnit> units) =>
        units.GroupBy(u => u.Key, StringComparer.Ordinal).ToDictionary(g => g.Key, g => UnitShape.Of(g.First()), StringComparer.Ordinal);

    /// <summary>A unit as it goes onto a sheet, before it is turned and moved.</summary>
    public static Ground Over(Ground ground, bool mirrored) => mirrored ? Mirror().Transform(ground) : ground;

    /// <summary>Units on a sheet in the order of cutting: the test cut first, then along the feed, so that the sheet moves back and forth
    /// little.</summary>
    /// <param name="units">Units as seen from the right side.</param>
    /// <param name="places">Where they lie, already turned over.</param>
    /// <param name="mirrored">The vinyl is cut reversed.</param>
    public static IReadOnlyList<PlacedUnit> Laid(IReadOnlyList<CutUnit> units, IEnumerable<NestPosition> places, bool mirrored) =>
    [
        .. places.Select(place => Laid(units[place.Piece], place, mirrored))
            .OrderBy(u => u.Kind != CutUnitKind.TestCut).ThenBy(u => u.Box.YMm).ThenBy(u => u.Box.XMm)
            .Select((u, i) => u with { Index = i }),
    ];

    private static AffineTransformation Mirror() => new(-1, 0, 0, 0, 1, 0);

    private static PlacedUnit Laid(CutUnit unit, NestPosition place, bool mirrored)
    {
        var move = mirrored ? Mirror() : new AffineTransformation();
        move.Rotate(place.Degrees * Math.PI / 180);
        move.Translate(place.Dx, place.Dy);
        var all = move.Transform(unit.Kept).EnvelopeInternal;
        // The library's rows are x' = m0 x + m1 y + m2 and y' = m3 x + m4 y + m5.
        var m = move.MatrixEntries.Select(v => Math.Round(v, 9)).ToArray();
        return new PlacedUnit(
            0, unit.Kind, unit.Key, unit.Layers, unit.Garment, unit.Name, unit.Number, unit.Part, unit.Parts,
            [m[0], m[3], m[1], m[4], m[2], m[5]],
            new Box(Math.Round(all.MinX, 3), Math.Round(all.MinY, 3), Math.Round(all.Width, 3), Math.Round(all.Height, 3)));
    }
}
