using System.Globalization;
using System.Text;
using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Cutting.Files;

/// <summary>
/// Writes sheets as DXF of release 12 (AC1009): one layer for each vinyl, every line a polyline in millimetres, y upward. The
/// structure follows the published DXF reference: pairs of group code and value, sections HEADER, TABLES and ENTITIES.
/// </summary>
public static class DxfCutFile
{
    private const double BetweenMm = 10;

    /// <summary>Writes a file.</summary>
    /// <param name="groups">At least one; sheets stand one below the other.</param>
    public static string Write(IReadOnlyList<CutFileGroup> groups)
    {
        ArgumentNullException.ThrowIfNull(groups);
        var text = new StringBuilder();
        void Pair(int code, string value) =>
            text.Append(code.ToString(CultureInfo.InvariantCulture)).Append('\n').Append(value).Append('\n');
        void Number(int code, double value) => Pair(code, value.ToString("0.0###", CultureInfo.InvariantCulture));

        Pair(0, "SECTION");
        Pair(2, "HEADER");
        Pair(9, "$ACADVER");
        Pair(1, "AC1009");
        Pair(0, "ENDSEC");
        Pair(0, "SECTION");
        Pair(2, "TABLES");
        Pair(0, "TABLE");
        Pair(2, "LAYER");
        Pair(70, groups.Count.ToString(CultureInfo.InvariantCulture));
        for (var i = 0; i < groups.Count; i++)
        {
            Pair(0, "LAYER");
            Pair(2, LayerName(groups[i].Id));
            Pair(70, "0");
            Pair(62, (i % 6 + 1).ToString(CultureInfo.InvariantCulture));
            Pair(6, "CONTINUOUS");
        }

        Pair(0, "ENDTAB");
        Pair(0, "ENDSEC");
        Pair(0, "SECTION");
        Pair(2, "ENTITIES");
        var top = 0.0;
        foreach (var group in groups)
        {
            foreach (var sheet in group.Sheets)
            {
                foreach (var stroke in sheet.Strokes(group.Shapes))
                    Polyline(LayerName(group.Id), stroke.Points, top);
                top -= sheet.UsedLengthMm + BetweenMm;
            }
        }

        Pair(0, "ENDSEC");
        Pair(0, "EOF");
        return text.ToString();

        void Polyline(string layer, IReadOnlyList<Spot> points, double above)
        {
            var closed = points.Count > 2 && points[0] == points[^1];
            Pair(0, "POLYLINE");
            Pair(8, layer);
            Pair(66, "1");
            Pair(70, closed ? "1" : "0");
            foreach (var point in closed ? points.SkipLast(1) : points)
            {
                Pair(0, "VERTEX");
                Pair(8, layer);
                Number(10, point.X);
                Number(20, above - point.Y);
            }

            Pair(0, "SEQEND");
            Pair(8, layer);
        }
    }

    /// <summary>Layer names of release 12 hold letters, digits, hyphens and underscores, 31 at most.</summary>
    internal static string LayerName(string id)
    {
        var name = string.Concat(id.ToUpperInvariant().Select(c => char.IsAsciiLetterOrDigit(c) || c is '-' or '_' ? c : '_'));
        return name.Length <= 31 ? name : name[..31];
    }
}
