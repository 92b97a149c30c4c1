using NetTopologySuite.Geometries;

namespace Juxtherm.Core.Geometry;

/// <summary>A place on a face: x right, y down, mm.</summary>
/// <param name="X">mm.</param>
/// <param name="Y">mm.</param>
public readonly record struct Spot(double X, double Y);

/// <summary>Closed outlines as lists of corners, curves already broken into short straight lines.</summary>
public static class Shapes
{
    private const int CurveSteps = 24;
    private static readonly GeometryFactory Factory = new();

    /// <summary>A box.</summary>
    public static IReadOnlyList<Spot> Rectangle(double x, double y, double width, double height) =>
        [new(x, y), new(x + width, y), new(x + width, y + height), new(x, y + height)];

    /// <summary>A box with rounded corners.</summary>
    public static IReadOnlyList<Spot> Rounded(double x, double y, double width, double height, double radius)
    {
        var r = Math.Min(radius, Math.Min(width, height) / 2);
        IEnumerable<Spot> Corner(double cx, double cy, double from) => Arc(cx, cy, r, r, from, from + 90);
        return [.. Corner(x + width - r, y + r, -90), .. Corner(x + width - r, y + height - r, 0), .. Corner(x + r, y + height - r, 90),
            .. Corner(x + r, y + r, 180)];
    }

    /// <summary>An ellipse in a box.</summary>
    public static IReadOnlyList<Spot> Ellipse(double x, double y, double width, double height) =>
        [.. Arc(x + width / 2, y + height / 2, width / 2, height / 2, 0, 360 - 360.0 / CurveSteps / 2)];

    /// <summary>Part of an ellipse, angles clockwise from the right, degrees.</summary>
    public static IEnumerable<Spot> Arc(double cx, double cy, double rx, double ry, double from, double to)
    {
        for (var i = 0; i <= CurveSteps; i++)
        {
            var angle = (from + (to - from) * i / CurveSteps) * Math.PI / 180;
            yield return new Spot(cx + rx * Math.Cos(angle), cy + ry * Math.Sin(angle));
        }
    }

    /// <summary>The box around an outline.</summary>
    /// <param name="outline">At least one corner.</param>
    public static Box Around(IReadOnlyList<Spot> outline)
    {
        ArgumentNullException.ThrowIfNull(outline);
        var (x, y) = (outline.Min(p => p.X), outline.Min(p => p.Y));
        return new Box(x, y, outline.Max(p => p.X) - x, outline.Max(p => p.Y) - y);
    }

    /// <summary>The smallest box around several.</summary>
    /// <param name="boxes">At least one.</param>
    public static Box Around(IReadOnlyCollection<Box> boxes)
    {
        ArgumentNullException.ThrowIfNull(boxes);
        var (x, y) = (boxes.Min(b => b.XMm), boxes.Min(b => b.YMm));
        return new Box(x, y, boxes.Max(b => b.XMm + b.WidthMm) - x, boxes.Max(b => b.YMm + b.HeightMm) - y);
    }

    /// <summary>A polygon for the geometry library.</summary>
    internal static Polygon Polygon(IReadOnlyList<Spot> outline) =>
        Factory.CreatePolygon([.. outline.Append(outline[0]).Select(p => new Coordinate(p.X, p.Y))]);

    /// <summary>A polygon for the geometry library.</summary>
    internal static Polygon Polygon(Box box) => Polygon(Rectangle(box.XMm, box.YMm, box.WidthMm, box.HeightMm));
}
