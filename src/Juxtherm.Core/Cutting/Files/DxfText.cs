using System.Globalization;
using System.Text;

namespace Juxtherm.Core.Cutting.Files;

/// <summary>
/// Writes lines as DXF of release 12 (AC1009), in millimetres, y upward. The structure follows the published DXF reference: pairs of
/// group code and value, sections HEADER, TABLES and ENTITIES.
/// </summary>
public static class DxfText
{
    private const int LongestName = 31;

    /// <summary>Writes a file.</summary>
    /// <param name="layers">What its layers are called.</param>
    /// <param name="lines">Its lines, each on one of them.</param>
    public static string Write(IReadOnlyList<string> layers, IEnumerable<DxfLine> lines)
    {
        ArgumentNullException.ThrowIfNull(layers);
        ArgumentNullException.ThrowIfNull(lines);
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
        Pair(70, layers.Count.ToString(CultureInfo.InvariantCulture));
        for (var i = 0; i < layers.Count; i++)
        {
            Pair(0, "LAYER");
            Pair(2, LayerName(layers[i]));
            Pair(70, "0");
            Pair(62, (i % 6 + 1).ToString(CultureInfo.InvariantCulture));
            Pair(6, "CONTINUOUS");
        }

        Pair(0, "ENDTAB");
        Pair(0, "ENDSEC");
        Pair(0, "SECTION");
        Pair(2, "ENTITIES");
        foreach (var line in lines)
        {
            var layer = LayerName(line.Layer);
            Pair(0, "POLYLINE");
            Pair(8, layer);
            Pair(66, "1");
            Pair(70, line.Closed ? "1" : "0");
            foreach (var point in line.Points)
            {
                Pair(0, "VERTEX");
                Pair(8, layer);
                Number(10, point.X);
                Number(20, point.Y);
            }

            Pair(0, "SEQEND");
            Pair(8, layer);
        }

        Pair(0, "ENDSEC");
        Pair(0, "EOF");
        return text.ToString();
    }

    /// <summary>Layer names of release 12 hold letters, digits, hyphens and underscores, 31 at most.</summary>
    internal static string LayerName(string id)
    {
        var name = string.Concat(id.ToUpperInvariant().Select(c => char.IsAsciiLetterOrDigit(c) || c is '-' or '_' ? c : '_'));
        return name.Length <= LongestName ? name : name[..LongestName];
    }
}
