using System.Globalization;
using System.Xml;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Cutting.Files;

/// <summary>The sheets of one vinyl and colour, for a cut file.</summary>
/// <param name="Id">Id of its cut list.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Colour">As <c>#rrggbb</c>; null when not said.</param>
/// <param name="Shapes">Shapes of its units by key.</param>
/// <param name="Sheets">At least one.</param>
public sealed record CutFileGroup(string Id, string Name, string? Colour, IReadOnlyDictionary<string, UnitShape> Shapes,
    IReadOnlyList<CutSheet> Sheets);

/// <summary>Writes sheets as SVG: millimetres, a group for each vinyl, hairlines and no fill. Sheets stand one below the other.</summary>
public static class SvgCutFile
{
    private const double BetweenMm = 10;
    private const double HairlineMm = 0.1;
    private const string Svg = "http://www.w3.org/2000/svg";

    /// <summary>Writes a file.</summary>
    /// <param name="title">What it is.</param>
    /// <param name="groups">At least one.</param>
    public static string Write(string title, IReadOnlyList<CutFileGroup> groups)
    {
        ArgumentNullException.ThrowIfNull(groups);
        var width = groups.Max(g => g.Sheets.Max(s => s.WidthMm));
        var height = groups.Sum(g => g.Sheets.Sum(s => s.UsedLengthMm + BetweenMm)) - BetweenMm;
        var text = new StringWriter(CultureInfo.InvariantCulture);
        using (var xml = XmlWriter.Create(text, new XmlWriterSettings { Indent = true, OmitXmlDeclaration = true }))
        {
            xml.WriteStartElement("svg", Svg);
            xml.WriteAttributeString("width", Mm(width));
            xml.WriteAttributeString("height", Mm(height));
            xml.WriteAttributeString("viewBox", string.Create(CultureInfo.InvariantCulture, $"0 0 {width:0.###} {height:0.###}"));
            xml.WriteElementString("title", Svg, PlainText.Printable(title));
            var y = 0.0;
            foreach (var group in groups)
            {
                xml.WriteStartElement("g", Svg);
                xml.WriteAttributeString("id", group.Id);
                xml.WriteAttributeString("fill", "none");
                xml.WriteAttributeString("stroke", group.Colour ?? "#000000");
                xml.WriteAttributeString("stroke-width", HairlineMm.ToString(CultureInfo.InvariantCulture));
                xml.WriteElementString("title", Svg, PlainText.Printable(group.Name));
                foreach (var sheet in group.Sheets)
                {
                    Sheet(xml, group, sheet, y);
                    y += sheet.UsedLengthMm + BetweenMm;
                }

                xml.WriteEndElement();
            }

            xml.WriteEndElement();
        }

        return text.ToString();
    }

    private static void Sheet(XmlWriter xml, CutFileGroup group, CutSheet sheet, double y)
    {
        xml.WriteStartElement("g", Svg);
        xml.WriteAttributeString("id", string.Create(CultureInfo.InvariantCulture, $"{group.Id}-{sheet.Number}"));
        if (y != 0)
            xml.WriteAttributeString("transform", string.Create(CultureInfo.InvariantCulture, $"translate(0 {y:0.###})"));
        foreach (var unit in sheet.Strokes(group.Shapes).GroupBy(stroke => stroke.Unit))
        {
            var shape = group.Shapes[sheet.Units[unit.Key].Shape];
            var artwork = shape.Path.Count(c => c == 'M');
            Lines(xml, unit.Take(artwork), null);
            Lines(xml, unit.Skip(artwork), "marks");
        }

        xml.WriteEndElement();
    }

    private static void Lines(XmlWriter xml, IEnumerable<CutStroke> strokes, string? kind)
    {
        var data = string.Concat(strokes.Select(Line));
        if (data.Length == 0)
            return;
        xml.WriteStartElement("path", Svg);
        if (kind is not null)
            xml.WriteAttributeString("class", kind);
        xml.WriteAttributeString("fill-rule", "evenodd");
        xml.WriteAttributeString("d", data);
        xml.WriteEndElement();
    }

    private static string Line(CutStroke stroke)
    {
        var closed = stroke.Points[0] == stroke.Points[^1];
        var corners = closed ? stroke.Points.SkipLast(1) : stroke.Points;
        return "M" + string.Join(' ', corners.Select(p => string.Create(CultureInfo.InvariantCulture, $"{p.X:0.###} {p.Y:0.###}")))
            + (closed ? "Z" : "");
    }

    private static string Mm(double mm) => string.Create(CultureInfo.InvariantCulture, $"{mm:0.###}mm");
}
