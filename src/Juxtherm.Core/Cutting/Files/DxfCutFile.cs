using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Cutting.Files;

/// <summary>Writes sheets as DXF: one layer for each vinyl, every line a polyline.</summary>
public static class DxfCutFile
{
    private const double BetweenMm = 10;

    /// <summary>Writes a file.</summary>
    /// <param name="groups">At least one; sheets stand one below the other.</param>
    public static string Write(IReadOnlyList<CutFileGroup> groups)
    {
        ArgumentNullException.ThrowIfNull(groups);
        return DxfText.Write([.. groups.Select(g => g.Id)], Lines(groups));
    }

    private static IEnumerable<DxfLine> Lines(IReadOnlyList<CutFileGroup> groups)
    {
        var top = 0.0;
        foreach (var group in groups)
        {
            foreach (var sheet in group.Sheets)
            {
                foreach (var stroke in sheet.Strokes(group.Shapes))
                    yield return Line(group.Id, stroke.Points, top);
                top -= sheet.UsedLengthMm + BetweenMm;
            }
        }
    }

    private static DxfLine Line(string layer, IReadOnlyList<Spot> points, double above)
    {
        var closed = points.Count > 2 && points[0] == points[^1];
        return new DxfLine(layer, closed, [.. points.SkipLast(closed ? 1 : 0).Select(p => new Spot(p.X, above - p.Y))]);
    }
}
