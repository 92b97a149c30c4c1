using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Cutting;

/// <summary>A closed or open line that the blade follows, mm on the sheet.</summary>
/// <param name="Points">Its corners; of a closed one the last is the first again.</param>
/// <param name="Unit">Index of the unit on the sheet that it belongs to.</param>
public sealed record CutStroke(IReadOnlyList<Spot> Points, int Unit);

/// <summary>A unit as it lies on a sheet.</summary>
/// <param name="Index">Its place on the sheet, from 0, in the order of cutting.</param>
/// <param name="Kind">What it is for.</param>
/// <param name="Shape">Key of its shape in the cut list.</param>
/// <param name="Layers">Ids of the layers in it.</param>
/// <param name="Garment">Which garment it is for, from 1; 0 for none.</param>
/// <param name="Name">The name that it spells; null for other artwork.</param>
/// <param name="Number">Number cut beside it; null for none.</param>
/// <param name="Part">Which part of a split, from 1.</param>
/// <param name="Parts">Of how many.</param>
/// <param name="Matrix">How its shape comes onto the sheet, as in SVG: x' = ax + cy + e, y' = bx + dy + f. Of a mirrored one the
/// determinant is −1.</param>
/// <param name="Box">The box around all of it on the sheet, mm.</param>
public sealed record PlacedUnit(
    int Index, CutUnitKind Kind, string Shape, IReadOnlyList<string> Layers, int Garment, string? Name, int? Number, int Part, int Parts,
    IReadOnlyList<double> Matrix, Box Box)
{
    /// <summary>A place of its shape, on the sheet.</summary>
    /// <param name="p">mm in the shape's own drawing.</param>
    public Spot On(Spot p) => new(Matrix[0] * p.X + Matrix[2] * p.Y + Matrix[4], Matrix[1] * p.X + Matrix[3] * p.Y + Matrix[5]);
}

/// <summary>A sheet of vinyl as it lies on the mat, carrier down: x across, y along the feed, seen from above.</summary>
/// <param name="Number">From 1 within its cut list.</param>
/// <param name="StockId">What it is cut from; null where nothing is on hand.</param>
/// <param name="WidthMm">Width laid on the mat, mm.</param>
/// <param name="LengthMm">Length laid on the mat, mm.</param>
/// <param name="CornerWidthMm">Width of a corner at the origin that is gone, mm.</param>
/// <param name="CornerLengthMm">Length of that corner, mm.</param>
/// <param name="Turned">It is laid turned by a quarter from how it is kept.</param>
/// <param name="UsedLengthMm">Length that is used up, mm.</param>
/// <param name="Units">What is on it, in the order of cutting.</param>
/// <param name="VinylMm2">Vinyl that stays, mm².</param>
/// <param name="PathMm">Length of all cuts in one pass, mm.</param>
/// <param name="CutSeconds">About how long cutting takes, s.</param>
/// <param name="WeedSeconds">About how long weeding takes, s.</param>
public sealed record CutSheet(
    int Number, string? StockId, double WidthMm, double LengthMm, double CornerWidthMm, double CornerLengthMm, bool Turned,
    double UsedLengthMm, IReadOnlyList<PlacedUnit> Units,
    double VinylMm2, double PathMm, double CutSeconds, double WeedSeconds)
{
    /// <summary>Every line of the blade in order: unit by unit, each closed line begun at the corner nearest to where the blade
    /// is.</summary>
    /// <param name="shapes">Shapes by key.</param>
    public IReadOnlyList<CutStroke> Strokes(IReadOnlyDictionary<string, UnitShape> shapes)
    {
        ArgumentNullException.ThrowIfNull(shapes);
        var strokes = new List<CutStroke>();
        var at = new Spot(0, 0);
        foreach (var unit in Units)
        {
            foreach (var line in shapes[unit.Shape].Lines())
            {
                var begun = StartingNear([.. line.Select(unit.On)], at);
                strokes.Add(new CutStroke(begun, unit.Index));
                at = begun[^1];
            }
        }

        return strokes;
    }

    private static IReadOnlyList<Spot> StartingNear(IReadOnlyList<Spot> line, Spot at)
    {
        if (line[0] != line[^1])
            return line;
        var corners = line.Count - 1;
        var first = Enumerable.Range(0, corners).MinBy(i => CutTime.Distance(line[i], at));
        return first == 0 ? line : [.. Enumerable.Range(0, corners + 1).Select(i => line[(first + i) % corners])];
    }
}
