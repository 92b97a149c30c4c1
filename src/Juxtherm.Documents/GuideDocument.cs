using System.Globalization;
using System.Security;
using System.Text;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using SkiaSharp;


namespace Juxtherm.Documents;

/// <summary>Placement guides and pictures at true scale.</summary>
public static class GuideDocument
{
    // Of a stamp: lines of a hundredth of the item's width; what is not placed yet lies an eighth of its height down.
    private const double LinesOfAStamp = 100;
    private const double UsualDrop = 8;

    private const float PaperMarginMm = 10;
    private const float OverlapMm = 10;
    private const float CaptionMm = 8;

    /// <summary>The guide as a PDF at true scale: one page where it fits, otherwise tiled with overlap marks.</summary>
    /// <param name="shape">The face.</param>
    /// <param name="art">Box around the artwork.</param>
    /// <param name="title">The job's title.</param>
    /// <param name="words">The reader's units.</param>
    /// <param name="now">For the file, UTC.</param>
    public static byte[] Pdf(BlankShape shape, Box art, string title, IWords words, DateTimeOffset now)
    {
        ArgumentNullException.ThrowIfNull(shape);
        var guide = GuideDrawing.Of(shape, art, words);
        var region = guide.Region;
        // Lying if that saves a sheet.
        var (upright, lying) = (Tiles(region, Page.WidthMm, Page.HeightMm), Tiles(region, Page.HeightMm, Page.WidthMm));
        var landscape = lying.Across * lying.Down < upright.Across * upright.Down;
        var tiles = landscape ? lying : upright;
        var (paperWidth, paperHeight) = landscape ? (Page.HeightMm, Page.WidthMm) : (Page.WidthMm, Page.HeightMm);
        var (usableWidth, usableHeight) = Usable(paperWidth, paperHeight);
        using var stream = new MemoryStream();
        using (var document = SKDocument.CreatePdf(stream,
            new SKDocumentPdfMetadata
            {
                Title = words.Say("guide-document.pdf", ("title", title)),
                Producer = "Juxtherm",
                Creation = now.UtcDateTime,
                Modified = now.UtcDateTime
            }))
        {
            for (var row = 0; row < tiles.Down; row++)
            {
                for (var column = 0; column < tiles.Across; column++)
                {
                    var canvas = document.BeginPage(paperWidth * Page.PointsPerMm, paperHeight * Page.PointsPerMm);
                    var caption = tiles.Across * tiles.Down == 1
                        ? words.Say("guide-document.pdf-caption", ("title", title))
                        : words.Say("guide-document.pdf-caption-2", ("title", title), ("row", row * tiles.Across + column + 1),
                            ("across", tiles.Across * tiles.Down), ("row2", row + 1), ("column", column + 1));
                    var page = new Page(canvas, words);
                    page.Text(caption, PaperMarginMm, PaperMarginMm + 3, 3, colour: Page.Quiet);
                    canvas.Save();
                    canvas.ClipRect(
                        SKRect.Create(PaperMarginMm * Page.PointsPerMm, (PaperMarginMm + CaptionMm) * Page.PointsPerMm,
                            usableWidth * Page.PointsPerMm, usableHeight * Page.PointsPerMm));
                    canvas.Translate((PaperMarginMm - (float)region.XMm - column * (usableWidth - OverlapMm)) * Page.PointsPerMm,
                        (PaperMarginMm + CaptionMm - (float)region.YMm - row * (usableHeight - OverlapMm)) * Page.PointsPerMm);
                    Draw(page, guide);
                    Crosses(page, region, tiles, usableWidth, usableHeight);
                    canvas.Restore();
                    document.EndPage();
                }
            }

            document.Close();
        }

        return stream.ToArray();
    }

    /// <summary>The guide as an SVG whose units are millimetres.</summary>
    /// <param name="shape">The face.</param>
    /// <param name="art">Box around the artwork.</param>
    /// <param name="words">The reader's units.</param>
    public static string Svg(BlankShape shape, Box art, IWords words)
    {
        ArgumentNullException.ThrowIfNull(shape);
        var guide = GuideDrawing.Of(shape, art, words);
        var text = new StringBuilder(Head(guide.Region));
        foreach (var line in guide.Lines.Where(l => l.Places.Count > 1))
            text.Append(CultureInfo.InvariantCulture,
                $"<polyline class=\"{line.Id}\" points=\"{ItemSvg.Points(line.Places)}\" fill=\"none\" stroke=\"#000\" " +
                    $"stroke-width=\"{line.WidthMm:0.##}\"{(line.Dashed ? " stroke-dasharray=\"3 2\"" : "")}/>\n");
        foreach (var word in guide.Words)
            text.Append(CultureInfo.InvariantCulture,
                $"<text x=\"{word.X:0.##}\" y=\"{word.Y:0.##}\" font-size=\"{word.SizeMm:0.##}\" " +
                    $"font-family=\"sans-serif\">{SecurityElement.Escape(word.Words)}</text>\n");
        return text.Append("</svg>\n").ToString();
    }

    /// <summary>A picture of the item with the design on it, as an SVG whose units are millimetres.</summary>
    /// <param name="job">The job.</param>
    /// <param name="face">Which side.</param>
    public static string Picture(Job job, Face face)
    {
        ArgumentNullException.ThrowIfNull(job);
        return Picture(job.Blank, face, job.Layers.Where(l => l.Face == face && l.Box is not null).Select(l => (l, l.Box!.Value)), 1);
    }

    /// <summary>The same as small as a stamp, from the side that most lies on: strong lines, and what is not placed yet where it usually
    /// goes.</summary>
    /// <param name="job">The job.</param>
    public static string Stamp(Job job)
    {
        ArgumentNullException.ThrowIfNull(job);
        var face = job.Layers.GroupBy(l => l.Face).MaxBy(g => g.Count())!.Key;
        var shape = job.Blank.Faces[face];
        var around = Shapes.Around(shape.Outline);
        Box? Lies(JobLayer layer) => layer.Box is { } box ? box
            : layer is { WidthMm: { } width, HeightMm: { } height }
            ? new Box(shape.MiddleX - width / 2, (shape.NeckMm ?? around.YMm) + around.HeightMm / UsualDrop, width, height) : null;
        var here = job.Layers.Where(l => l.Face == face).Select(l => (Layer: l, Box: Lies(l)));
        return Picture(job.Blank, face, here.Where(l => l.Box is not null)
            .Select(l => (l.Layer, l.Box!.Value)), around.WidthMm / LinesOfAStamp);
    }

    private static string Picture(Blank blank, Face face, IEnumerable<(JobLayer Layer, Box Box)> layers, double lineMm)
    {
        var (shape, ink) = (blank.Faces[face], ItemSvg.Ink(blank));
        var text = new StringBuilder(Head(Shapes.Around(shape.Outline).Grown(Math.Max(10, 2 * lineMm))));
        text.Append(CultureInfo.InvariantCulture,
            $"<polygon class=\"item\" points=\"{ItemSvg.Points(shape.Outline)}\" fill=\"{ItemSvg.Fill(blank)}\" stroke=\"{ink}\" " +
                $"stroke-width=\"{lineMm:0.##}\"/>\n");
        foreach (var feature in shape.Features)
            text.Append(CultureInfo.InvariantCulture,
                $"<polygon class=\"{feature.Kind.ToString().ToLowerInvariant()}\" points=\"{ItemSvg.Points(feature.Outline)}\" " +
                    $"fill=\"none\" stroke=\"#888\" stroke-width=\"{0.6 * lineMm:0.##}\"/>\n");
        foreach (var (layer, box) in layers)
        {
            var (paint, title) = (ItemSvg.Paint(layer), SecurityElement.Escape(layer.Id));
            if (layer.Shape is { } drawn)
                text.Append(CultureInfo.InvariantCulture,
                    $"<path class=\"layer\" d=\"{drawn.PathIn(box)}\" fill-rule=\"evenodd\" fill=\"{paint}\" stroke=\"{ink}\" " +
                        $"stroke-width=\"0.3\"><title>{title}</title></path>\n");
            else
                text.Append(CultureInfo.InvariantCulture,
                    $"<rect class=\"layer\" x=\"{box.XMm:0.##}\" y=\"{box.YMm:0.##}\" width=\"{box.WidthMm:0.##}\" " +
                        $"height=\"{box.HeightMm:0.##}\" fill=\"{paint}\" stroke=\"{ink}\" " +
                            $"stroke-width=\"0.3\"><title>{title}</title></rect>\n");
        }

        return text.Append("</svg>\n").ToString();
    }

    private static string Head(Box region) => string.Create(CultureInfo.InvariantCulture,
        $"<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{region.WidthMm:0.##}mm\" height=\"{region.HeightMm:0.##}mm\" " +
            $"viewBox=\"{region.XMm:0.##} {region.YMm:0.##} {region.WidthMm:0.##} {region.HeightMm:0.##}\">\n");

    private static (float Width, float Height) Usable(float paperWidth, float paperHeight) =>
        (paperWidth - 2 * PaperMarginMm, paperHeight - 2 * PaperMarginMm - CaptionMm);

    private static (int Across, int Down) Tiles(Box region, float paperWidth, float paperHeight)
    {
        var (width, height) = Usable(paperWidth, paperHeight);
        static int Count(double length, float usable) =>
            length <= usable ? 1 : (int)Math.Ceiling((length - OverlapMm) / (usable - OverlapMm));
        return (Count(region.WidthMm, width), Count(region.HeightMm, height));
    }

    private static void Draw(Page page, GuideDrawing guide)
    {
        foreach (var line in guide.Lines.Where(l => l.Places.Count > 1))
            page.Polyline(line.Places.Select(p => ((float)p.X, (float)p.Y)), line.WidthMm, line.Dashed);
        foreach (var word in guide.Words)
            page.Text(word.Words, (float)word.X, (float)word.Y, word.SizeMm);
    }

    /// <summary>Crosses in the middle of each overlap, drawn on both sheets.</summary>
    private static void Crosses(Page page, Box region, (int Across, int Down) tiles, float width, float height)
    {
        void Cross(double x, double y)
        {
            page.Line((float)x - 3, (float)y, (float)x + 3, (float)y, 0.2f, Page.Quiet);
            page.Line((float)x, (float)y - 3, (float)x, (float)y + 3, 0.2f, Page.Quiet);
        }

        for (var column = 1; column < tiles.Across; column++)
        {
            var x = region.XMm + column * (width - OverlapMm) + OverlapMm / 2;
            Cross(x, region.YMm + 15);
            Cross(x, region.YMm + region.HeightMm - 15);
        }

        for (var row = 1; row < tiles.Down; row++)
        {
            var y = region.YMm + row * (height - OverlapMm) + OverlapMm / 2;
            Cross(region.XMm + 15, y);
            Cross(region.XMm + region.WidthMm - 15, y);
        }
    }
}
