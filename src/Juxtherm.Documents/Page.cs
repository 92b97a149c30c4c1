using Juxtherm.Core.Notices;
using SkiaSharp;

namespace Juxtherm.Documents;

/// <summary>Weights of the type that ships with the program.</summary>
public enum Weight
{
    /// <summary>Running text.</summary>
    Regular,

    /// <summary>Headings and figures.</summary>
    Bold,
}

/// <summary>The type that ships with the program.</summary>
internal static class Typefaces
{
    private static readonly Lazy<SKTypeface> Regular = new(() => Load("Commissioner-Regular.ttf"));
    private static readonly Lazy<SKTypeface> Bold = new(() => Load("Commissioner-Bold.ttf"));

    public static SKTypeface Of(Weight weight) => weight == Weight.Bold ? Bold.Value : Regular.Value;

    private static SKTypeface Load(string name)
    {
        var assembly = typeof(Typefaces).Assembly;
        using var stream = assembly.GetManifestResourceStream(assembly.GetManifestResourceNames()
            .Single(n => n.EndsWith(name, StringComparison.Ordinal)))!;
        using var data = SKData.Create(stream);
        return SKTypeface.FromData(data);
    }
}

/// <summary>A page at true scale: all lengths in millimetres, the origin in its upper left corner.</summary>
/// <param name="canvas">Where it is drawn, in points.</param>
/// <param name="words">Says what stands on it.</param>
public sealed class Page(SKCanvas canvas, IWords words)
{
    /// <summary>Says what stands on it.</summary>
    public IWords Words => words;

    /// <summary>Width of an A4 sheet, mm (ISO 216).</summary>
    public const float WidthMm = 210;

    /// <summary>Height of an A4 sheet, mm (ISO 216).</summary>
    public const float HeightMm = 297;

    private const float HeadingMm = 4;

    /// <summary>Points in a millimetre.</summary>
    public const float PointsPerMm = 72 / 25.4f;

    /// <summary>Near-black.</summary>
    public static readonly SKColor Ink = new(0x1f, 0x1b, 0x16);

    /// <summary>Second voice.</summary>
    public static readonly SKColor Quiet = new(0x6a, 0x61, 0x56);

    /// <summary>Thin rules.</summary>
    public static readonly SKColor RuleColour = new(0xc9, 0xbf, 0xb0);

    private const float LineHeight = 1.32f;

    /// <summary>Draws a line of text.</summary>
    /// <param name="text">The text.</param>
    /// <param name="x">Its left end, or its right end where it is set to the right, mm.</param>
    /// <param name="baseline">Its baseline, mm.</param>
    /// <param name="sizeMm">Type size, mm.</param>
    /// <param name="weight">Weight.</param>
    /// <param name="colour">Colour.</param>
    /// <param name="right">Set to the right.</param>
    public void Text(string text, float x, float baseline, float sizeMm, Weight weight = Weight.Regular, SKColor? colour = null,
        bool right = false)
    {
        using var font = Font(sizeMm, weight);
        using var paint = new SKPaint { Color = colour ?? Ink, IsAntialias = true };
        canvas.DrawText(text, x * PointsPerMm, baseline * PointsPerMm, right ? SKTextAlign.Right : SKTextAlign.Left, font, paint);
    }

    /// <summary>A heading, with a quiet remark beside it.</summary>
    /// <param name="heading">The heading.</param>
    /// <param name="remark">The remark.</param>
    /// <param name="x">From the left, mm.</param>
    /// <param name="baseline">From the top, mm.</param>
    /// <param name="remarkMm">Type size of the remark, mm.</param>
    public void Heading(string heading, string remark, float x, float baseline, float remarkMm)
    {
        Text(heading, x, baseline, HeadingMm, Weight.Bold);
        Text(remark, x + WidthOf(heading, HeadingMm, Weight.Bold) + 2, baseline, remarkMm, colour: Quiet);
    }

    /// <summary>Width of a line of text, mm.</summary>
    /// <param name="text">The text.</param>
    /// <param name="sizeMm">Type size, mm.</param>
    /// <param name="weight">Weight.</param>
    public static float WidthOf(string text, float sizeMm, Weight weight = Weight.Regular)
    {
        using var font = Font(sizeMm, weight);
        return font.MeasureText(text) / PointsPerMm;
    }

    /// <summary>Breaks text into lines.</summary>
    /// <param name="text">The text.</param>
    /// <param name="widthMm">Width to fill, mm.</param>
    /// <param name="sizeMm">Type size, mm.</param>
    /// <param name="weight">Weight.</param>
    public static IReadOnlyList<string> Lines(string text, float widthMm, float sizeMm, Weight weight = Weight.Regular)
    {
        ArgumentNullException.ThrowIfNull(text);
        var lines = new List<string>();
        var line = "";
        foreach (var word in text.Split(' ', StringSplitOptions.RemoveEmptyEntries))
        {
            var longer = line.Length == 0 ? word : $"{line} {word}";
            if (line.Length > 0 && WidthOf(longer, sizeMm, weight) > widthMm)
            {
                lines.Add(line);
                longer = word;
            }

            line = longer;
        }

        if (line.Length > 0)
            lines.Add(line);
        return lines;
    }

    /// <summary>Draws text over as many lines as it takes.</summary>
    /// <returns>The baseline that a next line would have, mm.</returns>
    /// <param name="text">The text.</param>
    /// <param name="x">Left edge, mm.</param>
    /// <param name="baseline">First baseline, mm.</param>
    /// <param name="widthMm">Width to fill, mm.</param>
    /// <param name="sizeMm">Type size, mm.</param>
    /// <param name="weight">Weight.</param>
    /// <param name="colour">Colour.</param>
    public float Paragraph(string text, float x, float baseline, float widthMm, float sizeMm, Weight weight = Weight.Regular,
        SKColor? colour = null)
    {
        foreach (var line in Lines(text, widthMm, sizeMm, weight))
        {
            Text(line, x, baseline, sizeMm, weight, colour);
            baseline += sizeMm * LineHeight;
        }

        return baseline;
    }

    /// <summary>Draws a straight line.</summary>
    /// <param name="x1">From, mm.</param>
    /// <param name="y1">From, mm.</param>
    /// <param name="x2">To, mm.</param>
    /// <param name="y2">To, mm.</param>
    /// <param name="widthMm">Its width, mm.</param>
    /// <param name="colour">Colour.</param>
    public void Line(float x1, float y1, float x2, float y2, float widthMm = 0.2f, SKColor? colour = null)
    {
        using var paint = new SKPaint
        {
            Color = colour
            ?? RuleColour,
            StrokeWidth = widthMm * PointsPerMm,
            Style = SKPaintStyle.Stroke,
            IsAntialias = true
        };
        canvas.DrawLine(x1 * PointsPerMm, y1 * PointsPerMm, x2 * PointsPerMm, y2 * PointsPerMm, paint);
    }

    /// <summary>Draws a line through several places.</summary>
    /// <param name="places">Where it goes, mm.</param>
    /// <param name="widthMm">Its width, mm.</param>
    /// <param name="dashed">Broken.</param>
    public void Polyline(IEnumerable<(float X, float Y)> places, float widthMm, bool dashed = false)
    {
        using var builder = new SKPathBuilder();
        builder.AddPoly([.. places.Select(p => new SKPoint(p.X * PointsPerMm, p.Y * PointsPerMm))], false);
        using var path = builder.Detach();
        using var dash = dashed ? SKPathEffect.CreateDash([3 * PointsPerMm, 2 * PointsPerMm], 0) : null;
        using var paint = new SKPaint
        {
            Color = Ink,
            StrokeWidth = widthMm * PointsPerMm,
            Style = SKPaintStyle.Stroke,
            IsAntialias = true,
            PathEffect = dash
        };
        canvas.DrawPath(path, paint);
    }

    /// <summary>Fills a shape.</summary>
    /// <param name="path">As SVG path data in its own lengths, holes by even and odd.</param>
    /// <param name="origin">Where its origin lies, mm.</param>
    /// <param name="scale">mm for one of its lengths.</param>
    /// <param name="fill">Inside.</param>
    /// <param name="outlined">With a thin line around it.</param>
    public void Shape(string path, (float X, float Y) origin, float scale, SKColor fill, bool outlined = true)
    {
        using var shape = SKPath.ParseSvgPathData(path);
        if (shape is null)
            return;
        shape.FillType = SKPathFillType.EvenOdd;
        using var inside = new SKPaint { Color = fill, Style = SKPaintStyle.Fill, IsAntialias = true };
        using var outline = new SKPaint { Color = Ink, Style = SKPaintStyle.Stroke, StrokeWidth = 0.1f / scale, IsAntialias = true };
        canvas.Save();
        canvas.Translate(origin.X * PointsPerMm, origin.Y * PointsPerMm);
        canvas.Scale(scale * PointsPerMm);
        canvas.DrawPath(shape, inside);
        if (outlined)
            canvas.DrawPath(shape, outline);
        canvas.Restore();
    }

    /// <summary>Draws a box.</summary>
    /// <param name="x">Left, mm.</param>
    /// <param name="y">Top, mm.</param>
    /// <param name="widthMm">Width, mm.</param>
    /// <param name="heightMm">Height, mm.</param>
    /// <param name="fill">Inside; null for none.</param>
    /// <param name="stroke">Outline; null for none.</param>
    /// <param name="strokeMm">Width of the outline, mm.</param>
    public void Box(float x, float y, float widthMm, float heightMm, SKColor? fill, SKColor? stroke = null, float strokeMm = 0.2f)
    {
        var rect = SKRect.Create(x * PointsPerMm, y * PointsPerMm, widthMm * PointsPerMm, heightMm * PointsPerMm);
        if (fill is { } inside)
        {
            using var paint = new SKPaint { Color = inside, Style = SKPaintStyle.Fill };
            canvas.DrawRect(rect, paint);
        }

        if (stroke is { } outline)
        {
            using var paint = new SKPaint
            {
                Color = outline,
                Style = SKPaintStyle.Stroke,
                StrokeWidth = strokeMm * PointsPerMm,
                IsAntialias = true
            };
            canvas.DrawRect(rect, paint);
        }
    }

    private static SKFont Font(float sizeMm, Weight weight) =>
        new(Typefaces.Of(weight), sizeMm * PointsPerMm) { Subpixel = true, LinearMetrics = true, Hinting = SKFontHinting.None };
}
