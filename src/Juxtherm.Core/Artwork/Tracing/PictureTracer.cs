using System.Globalization;
using System.Text;
using Juxtherm.Core.Notices;
using NetTopologySuite.Algorithm;
using NetTopologySuite.Geometries;

namespace Juxtherm.Core.Artwork.Tracing;

/// <summary>What became of a picture.</summary>
/// <param name="Svg">A drawing in true size, each colour filled.</param>
/// <param name="Threshold">From which darkness or opacity on something is cut, 0 to 1; null where colours were told apart.</param>
/// <param name="Colours">Its colours, as <c>#rrggbb</c>, that with the most ink first.</param>
/// <param name="Shapes">Closed lines in all.</param>
/// <param name="Specks">What was left out as too small.</param>
/// <param name="Advice">Why it may not do; empty where it does.</param>
public sealed record TracedPicture(string Svg, double? Threshold, IReadOnlyList<string> Colours, int Shapes, int Specks,
    IReadOnlyList<string> Advice);

/// <summary>Turns a picture of pixels into outlines to cut.</summary>
public static class PictureTracer
{
    private const string Ink = "#000000";

    // More of it transparent than this, and its opacity is what is drawn.
    private const double DrawnByOpacity = 0.02;

    // Advice: fewer pixels a millimetre are blurred; more specks than shapes are grain; less between dark and light is faint (ours).
    private const double FewestPixelsPerMm = 3;
    private const int ManySpecks = 150;
    private const double FaintContrast = 0.25;
    private const int MostRings = 4000;

    /// <summary>Traces a picture.</summary>
    /// <param name="picture">The picture.</param>
    /// <param name="wishes">How.</param>
    /// <param name="words">Says why it may not do.</param>
    /// <param name="patience">Gives up.</param>
    /// <returns>What became of it; null where nothing is left to cut.</returns>
    public static TracedPicture? Trace(Raster picture, TraceWishes wishes, IWords words, CancellationToken patience)
    {
        ArgumentNullException.ThrowIfNull(picture);
        ArgumentNullException.ThrowIfNull(wishes);
        ArgumentNullException.ThrowIfNull(words);
        var (fields, threshold, contrast) = wishes.Colours == 1 ? OneColour(picture, wishes) : Several(picture, wishes.Colours);
        var perMm = picture.Width / wishes.WidthMm;
        var (specks, shapes) = (0, 0);
        var drawn = new List<(string Colour, List<Coordinate[]> Rings, double Area)>();
        foreach (var (colour, field, level) in fields)
        {
            var kept = new List<Coordinate[]>();
            foreach (var ring in ContourTracer.Rings(field, picture.Width, picture.Height, level, patience))
            {
                // What lies to the left is ink: holes run the other way round.
                var area = Area.OfRingSigned([.. ring, ring[0]]);
                if (Math.Abs(area) < wishes.SpeckMm2 * perMm * perMm)
                    specks++;
                else if ((area > 0 || wishes.KeepsHoles) && RingFitter.Fit(ring, wishes.Smoothing) is { Length: > 2 } fitted)
                    kept.Add(fitted);
            }

            shapes += kept.Count;
            if (kept.Count > 0)
                drawn.Add((colour, kept, Math.Abs(kept.Sum(r => Area.OfRingSigned([.. r, r[0]])))));
        }

        if (shapes is 0 or > MostRings)
            return null;
        drawn.Sort((a, b) => b.Area.CompareTo(a.Area));
        return new TracedPicture(
            Svg(picture, drawn, wishes.WidthMm), threshold, [.. drawn.Select(d => d.Colour)], shapes, specks,
            [.. Advice(picture, wishes, shapes, specks, contrast, words)]);
    }

    private static (List<(string, float[], double)> Fields, double? Threshold, double Contrast) OneColour(Raster picture,
        TraceWishes wishes)
    {
        var byOpacity = picture.TransparentShare() > DrawnByOpacity;
        var field = byOpacity ? picture.Opacity() : picture.Darkness();
        if (wishes.Light && !byOpacity)
            field = [.. field.Select(f => 1 - f)];
        var (found, contrast) = Otsu(field);
        var threshold = Math.Clamp(wishes.Threshold ?? found, 0.02, 0.98);
        return ([(Ink, field, threshold)], Math.Round(threshold, 3), contrast);
    }

    /// <summary>A field for each colour but the paper's, its edges softened to a fraction of a pixel.</summary>
    private static (List<(string, float[], double)> Fields, double? Threshold, double Contrast) Several(Raster picture, int count)
    {
        var transparent = picture.TransparentShare() > DrawnByOpacity;
        var (colours, of) = Palette.Find(picture, transparent ? count : count + 1);
        var paper = transparent ? -1 : Paper(of, picture.Width, picture.Height);
        var fields = new List<(string, float[], double)>();
        for (var k = 0; k < colours.Length; k++)
        {
            if (k == paper)
                continue;
            var (r, g, b) = colours[k];
            fields.Add(($"#{r:x2}{g:x2}{b:x2}", Softened(of, (sbyte)k, picture.Width, picture.Height), 0.5));
        }

        return (fields, null, 1);
    }

    /// <summary>The colour of most pixels round the edge.</summary>
    private static int Paper(sbyte[] of, int width, int height)
    {
        var edge = Enumerable.Range(0, width).SelectMany(x => new[] { of[x], of[(height - 1) * width + x] })
            .Concat(Enumerable.Range(0, height).SelectMany(y => new[] { of[y * width], of[y * width + width - 1] }));
        return edge.GroupBy(k => k).OrderByDescending(g => g.Count()).ThenBy(g => g.Key).First().Key;
    }

    private static float[] Softened(sbyte[] of, sbyte colour, int width, int height)
    {
        // One, two, one across and down.
        float Is(int x, int y) => x >= 0 && y >= 0 && x < width && y < height && of[y * width + x] == colour ? 1 : 0;
        var soft = new float[of.Length];
        for (var y = 0; y < height; y++)
        {
            for (var x = 0; x < width; x++)
            {
                float Row(int r) => Is(x - 1, r) + 2 * Is(x, r) + Is(x + 1, r);
                soft[y * width + x] = (Row(y - 1) + 2 * Row(y) + Row(y + 1)) / 16;
            }
        }

        return soft;
    }

    /// <summary>The level that parts dark from light best, and how far apart these are: Otsu, IEEE Trans. SMC 9, 1979.</summary>
    private static (double Level, double Contrast) Otsu(float[] field)
    {
        const int bins = 256;
        var counts = new double[bins];
        foreach (var f in field)
            counts[Math.Clamp((int)(f * (bins - 1)), 0, bins - 1)]++;
        var (all, sum) = ((double)field.Length, 0.0);
        for (var i = 0; i < bins; i++)
            sum += i * counts[i];
        var (below, belowSum, best, level, contrast) = (0.0, 0.0, -1.0, 0.5, 0.0);
        for (var i = 0; i < bins - 1; i++)
        {
            below += counts[i];
            belowSum += i * counts[i];
            if (below == 0 || below == all)
                continue;
            var (dark, light) = (belowSum / below, (sum - belowSum) / (all - below));
            var between = below * (all - below) * (light - dark) * (light - dark);
            // Between two flat levels every threshold is as good: the middle of them is taken.
            if (between > best * (1 + 1e-9))
                (best, level, contrast) = (between, (dark + light) / 2 / (bins - 1), (light - dark) / (bins - 1));
        }

        return (level, contrast);
    }

    private static string Svg(Raster picture, List<(string Colour, List<Coordinate[]> Rings, double Area)> drawn, double widthMm)
    {
        var scale = widthMm / picture.Width;
        string Mm(double pixels) => (pixels * scale).ToString("0.###", CultureInfo.InvariantCulture);
        var (w, h) = (Mm(picture.Width), Mm(picture.Height));
        var svg = new StringBuilder($"<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{w}mm\" height=\"{h}mm\" viewBox=\"0 0 {w} {h}\">");
        foreach (var (colour, rings, _) in drawn)
        {
            svg.Append(CultureInfo.InvariantCulture, $"<path fill=\"{colour}\" fill-rule=\"evenodd\" d=\"");
            foreach (var ring in rings)
                CurvePath.Write(svg, ring, scale);

            svg.Append("\"/>");
        }

        return svg.Append("</svg>").ToString();
    }

    private static IEnumerable<string> Advice(Raster picture, TraceWishes wishes, int shapes, int specks, double contrast, IWords words)
    {
        if (picture.Width / wishes.WidthMm is var perMm && perMm < FewestPixelsPerMm)
            yield return words.Say("picture.coarse", ("pixels", picture.Width), ("width", Thing.Mm(wishes.WidthMm)),
                ("sharp", Thing.Mm(Math.Floor(picture.Width / FewestPixelsPerMm))));
        if (contrast < FaintContrast)
            yield return words.Say("picture.faint");
        if (specks > ManySpecks && specks > shapes)
            yield return words.Say("picture.grain", ("specks", specks));
    }
}
