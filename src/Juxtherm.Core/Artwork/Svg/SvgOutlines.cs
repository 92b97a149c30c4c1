using System.Xml.Linq;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Notices;
using NetTopologySuite.Geometries;
using NetTopologySuite.Geometries.Utilities;
using NetTopologySuite.Operation.Buffer;
using SkiaSharp;

namespace Juxtherm.Core.Artwork.Svg;

/// <summary>Outlines of paths and basic shapes, and the ground that their fills and strokes cover.</summary>
/// <param name="budget">What the drawing may ask for.</param>
/// <param name="toleranceMm">How far a straight line may stray from a curve, mm.</param>
/// <param name="pageWidth">Width of the page in user units, for percentages.</param>
/// <param name="pageHeight">Height of the page in user units, for percentages.</param>
internal sealed class SvgOutlines(WorkLimit budget, double toleranceMm, double pageWidth, double pageHeight)
{
    private const int MostDashes = 4000;

    public double PageWidth => pageWidth;

    public double PageHeight => pageHeight;

    private double GridMm => toleranceMm / 20;

    /// <summary>The path of a shape; null for elements that are none, or that enclose nothing.</summary>
    public SKPath? Of(XElement e) => e.Name.LocalName switch
    {
        "path" => PathOf(e),
        "rect" => Rectangle(e),
        "circle" => Round(e, Length(e, "r"), Length(e, "r")),
        "ellipse" => Round(e, Length(e, "rx") ?? Length(e, "ry"), Length(e, "ry") ?? Length(e, "rx")),
        "line" => Corners([Length(e, "x1") ?? 0, Length(e, "y1") ?? 0, Length(e, "x2") ?? 0, Length(e, "y2") ?? 0], close: false),
        "polyline" => Corners(SvgNumbers.List((string?)e.Attribute("points"), "points of <polyline>"), close: false),
        "polygon" => Corners(SvgNumbers.List((string?)e.Attribute("points"), "points of <polygon>"), close: true),
        _ => null,
    };

    /// <summary>Outlines in the shape's own units, fine enough for where it goes.</summary>
    public List<Trail> Trails(SKPath path, AffineTransformation toMm) => Rings.Of(path, toleranceMm / Scale(toMm), budget);

    /// <summary>Ground covered by the fill, mm.</summary>
    public Ground Filled(List<Trail> trails, AffineTransformation toMm, bool evenOdd)
    {
        var rings = trails.Where(t => t.Points.Count > 2).Select(IReadOnlyList<Coordinate> (t) => Moved(t.Points, toMm)).ToList();
        budget.Crossings(rings);
        return FillRule.Ground(rings, evenOdd, GridMm);
    }

    /// <summary>Ground covered by the stroke, mm.</summary>
    public Ground Stroked(List<Trail> trails, AffineTransformation toMm, SvgStyle style)
    {
        var width = SvgNumbers.Length(style.StrokeWidth, Diagonal, "stroke-width") ?? 1;
        if (width <= 0 || trails.Count == 0)
            return Plane.Nothing;
        budget.Crossings(trails.Select(t => t.Points));
        // Enough corners to a round join that it strays no further than any other curve.
        var radius = width / 2;
        var strays = Math.Clamp(toleranceMm / Scale(toMm) / radius, 1e-5, 0.5);
        var corners = (int)Math.Clamp(Math.Ceiling(Math.PI / 2 / (2 * Math.Acos(1 - strays))), 2, 64);
        var how = new BufferParameters(
            corners,
            style.Cap switch { "round" => EndCapStyle.Round, "square" => EndCapStyle.Square, _ => EndCapStyle.Flat },
            style.Join switch { "round" => JoinStyle.Round, "bevel" => JoinStyle.Bevel, _ => JoinStyle.Mitre },
            style.Miter);
        var strokes = Dashed(trails, style).Select(line => BufferOp.Buffer(line, radius, how)).ToList();
        return Plane.Clean(toMm.Transform(Plane.Union(strokes)), crumbMm2: GridMm * GridMm);
    }

    private IEnumerable<LineString> Dashed(List<Trail> trails, SvgStyle style)
    {
        var pattern = style.Dashes is "none" or ""
            ? [] : style.Dashes.Split([',', ' '], StringSplitOptions.RemoveEmptyEntries)
            .Select(d => SvgNumbers.Length(d, Diagonal, "stroke-dasharray") ?? 0).ToList();
        if (pattern.Count == 0 || pattern.Exists(d => d < 0) || pattern.Sum() <= 0)
            return trails.Select(Line);
        if (pattern.Count % 2 == 1)
            pattern = [.. pattern, .. pattern];
        var offset = SvgNumbers.Length(style.DashOffset, Diagonal, "stroke-dashoffset") ?? 0;
        return trails.SelectMany(t => Dashes(Line(t), pattern, offset));
    }

    private static IEnumerable<LineString> Dashes(LineString line, List<double> pattern, double offset)
    {
        var along = new NetTopologySuite.LinearReferencing.LengthIndexedLine(line);
        var (length, whole) = (line.Length, pattern.Sum());
        if (length / whole * pattern.Count > MostDashes)
            throw new RefusedDrawing(new Phrase("svg-outlines.too-large", ("mostDashes", MostDashes)), "too-large");
        var at = -(((offset % whole) + whole) % whole);
        for (var i = 0; at < length; i = (i + 1) % pattern.Count)
        {
            var end = at + pattern[i];
            if (i % 2 == 0 && end > 0 && along.ExtractLine(Math.Max(0, at), Math.Min(length, end)) is LineString { IsEmpty: false } dash
                && dash.Length > 0)
                yield return dash;
            at = end;
        }
    }

    private static LineString Line(Trail trail) =>
        Plane.Factory.CreateLineString([.. trail.Closed ? trail.Points.Append(trail.Points[0]) : trail.Points]);

    private double Diagonal => Math.Sqrt((pageWidth * pageWidth + pageHeight * pageHeight) / 2);

    private static double Scale(AffineTransformation t)
    {
        var m = t.MatrixEntries;
        return Math.Clamp(Math.Sqrt(Math.Max(m[0] * m[0] + m[3] * m[3], m[1] * m[1] + m[4] * m[4])), 1e-6, 1e6);
    }

    private static Coordinate[] Moved(IReadOnlyList<Coordinate> points, AffineTransformation t)
    {
        var moved = new Coordinate[points.Count];
        for (var i = 0; i < moved.Length; i++)
            moved[i] = t.Transform(points[i], new Coordinate());
        return moved;
    }

    private double? Length(XElement e, string name)
    {
        var whole = name is "x" or "cx" or "rx" or "width" or "x1" or "x2" ? pageWidth : name == "r" ? Diagonal : pageHeight;
        return SvgNumbers.Length((string?)e.Attribute(name), whole, $"{name} of <{e.Name.LocalName}>");
    }

    private static SKPath? PathOf(XElement e)
    {
        if ((string?)e.Attribute("d") is not { Length: > 0 } d)
            return null;
        SvgNumbers.CheckPath(d, "d of <path>");
        return SKPath.ParseSvgPathData(d)
            ?? throw new RefusedDrawing(new Phrase("svg-outlines.broken-path", ("path", d.Length > 40 ? d[..40] + "…" : d)), "broken");
    }

    private SKPath? Rectangle(XElement e)
    {
        var (x, y, w, h) = (Length(e, "x") ?? 0, Length(e, "y") ?? 0, Length(e, "width") ?? 0, Length(e, "height") ?? 0);
        if (w <= 0 || h <= 0)
            return null;
        var rx = Math.Min(Length(e, "rx") ?? Length(e, "ry") ?? 0, w / 2);
        var ry = Math.Min(Length(e, "ry") ?? Length(e, "rx") ?? 0, h / 2);
        using var build = new SKPathBuilder();
        var rect = SKRect.Create((float)x, (float)y, (float)w, (float)h);
        if (rx > 0 && ry > 0)
            build.AddRoundRect(new SKRoundRect(rect, (float)rx, (float)ry));
        else
            build.AddRect(rect);
        return build.Detach();
    }

    private SKPath? Round(XElement e, double? rx, double? ry)
    {
        if (rx is not > 0 || ry is not > 0)
            return null;
        var (cx, cy) = (Length(e, "cx") ?? 0, Length(e, "cy") ?? 0);
        using var build = new SKPathBuilder();
        build.AddOval(SKRect.Create((float)(cx - rx.Value), (float)(cy - ry.Value), (float)(2 * rx.Value), (float)(2 * ry.Value)));
        return build.Detach();
    }

    private static SKPath? Corners(List<double> numbers, bool close)
    {
        if (numbers.Count < 4)
            return null;
        using var build = new SKPathBuilder();
        build.MoveTo((float)numbers[0], (float)numbers[1]);
        for (var i = 2; i + 1 < numbers.Count; i += 2)
            build.LineTo((float)numbers[i], (float)numbers[i + 1]);
        if (close)
            build.Close();
        return build.Detach();
    }
}
