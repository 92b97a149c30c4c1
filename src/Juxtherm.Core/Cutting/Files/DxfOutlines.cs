using System.Globalization;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Cutting.Files;

/// <summary>A line of a DXF file.</summary>
/// <param name="Layer">Its layer.</param>
/// <param name="Closed">Whether it returns to its beginning.</param>
/// <param name="Points">Its corners, y upward as in the file.</param>
public sealed record DxfLine(string Layer, bool Closed, IReadOnlyList<Spot> Points);

/// <summary>Reads polylines and lines of a DXF file of release 12. Everything else in it is passed over.</summary>
public static class DxfOutlines
{
    /// <summary>Reads a file.</summary>
    /// <param name="text">Its text.</param>
    /// <param name="problems">Filled with what is wrong.</param>
    public static IReadOnlyList<DxfLine> Read(string text, Problems problems)
    {
        ArgumentNullException.ThrowIfNull(text);
        ArgumentNullException.ThrowIfNull(problems);
        var lines = text.Split('\n').Select(l => l.Trim()).ToList();
        var pairs = new List<(int Code, string Value)>();
        for (var i = 0; i + 1 < lines.Count; i += 2)
        {
            if (!int.TryParse(lines[i], NumberStyles.Integer, CultureInfo.InvariantCulture, out var code))
            {
                problems.Add("", new Phrase("dxf-outlines.broken", ("i", i + 1), ("lines", lines[i])), "broken");
                return [];
            }

            pairs.Add((code, lines[i + 1]));
        }

        if (!pairs.Contains((0, "EOF")))
            problems.Add("", new Phrase("dxf-outlines.broken-2"), "broken");
        return problems.None ? Lines(pairs) : [];
    }

    private static List<DxfLine> Lines(List<(int Code, string Value)> pairs)
    {
        var found = new List<DxfLine>();
        for (var i = 0; i < pairs.Count; i++)
        {
            if (pairs[i] == (0, "POLYLINE"))
            {
                var head = Fields(pairs, i);
                var corners = new List<Spot>();
                for (i = Next(pairs, i); i < pairs.Count && pairs[i] == (0, "VERTEX"); i = Next(pairs, i))
                {
                    var vertex = Fields(pairs, i);
                    corners.Add(new Spot(Number(vertex, 10), Number(vertex, 20)));
                }

                found.Add(new DxfLine(head.GetValueOrDefault(8, "0"), head.GetValueOrDefault(70) == "1", corners));
            }
            else if (pairs[i] == (0, "LINE"))
            {
                var line = Fields(pairs, i);
                found.Add(new DxfLine(line.GetValueOrDefault(8, "0"), false,
                    [new Spot(Number(line, 10), Number(line, 20)), new Spot(Number(line, 11), Number(line, 21))]));
            }
        }

        return found;
    }

    private static int Next(List<(int Code, string Value)> pairs, int from)
    {
        var i = from + 1;
        while (i < pairs.Count && pairs[i].Code != 0)
            i++;
        return i;
    }

    private static Dictionary<int, string> Fields(List<(int Code, string Value)> pairs, int entity)
    {
        var fields = new Dictionary<int, string>();
        for (var i = entity + 1; i < pairs.Count && pairs[i].Code != 0; i++)
            fields.TryAdd(pairs[i].Code, pairs[i].Value);
        return fields;
    }

    private static double Number(Dictionary<int, string> fields, int code) =>
        fields.TryGetValue(code, out var text) && double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var value)
        ? value : 0;
}
