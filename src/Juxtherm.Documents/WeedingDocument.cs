using System.Globalization;
using Juxtherm.Core.Cutting;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Notices;
using SkiaSharp;

namespace Juxtherm.Documents;

/// <summary>The weeding sheet: every sheet of vinyl as it reads from the right side, what stays shaded, what goes numbered, islands
/// ringed.</summary>
public static class WeedingDocument
{
    private const float MarginMm = 14;
    private const float TopMm = 34;
    private const float ListMm = 62;
    private const float LineMm = 6;
    private static readonly SKColor Stays = new(0xb9, 0xae, 0x9d);

    /// <summary>Makes the document, a page for each sheet of vinyl.</summary>
    /// <param name="title">The job's title.</param>
    /// <param name="way">The sheets.</param>
    /// <param name="words">Says what stands on it.</param>
    /// <param name="now">For the file, UTC.</param>
    public static byte[] Pdf(string title, CutLayout way, IWords words, DateTimeOffset now)
    {
        ArgumentNullException.ThrowIfNull(way);
        using var stream = new MemoryStream();
        using (var document = SKDocument.CreatePdf(stream,
            new SKDocumentPdfMetadata
            {
                Title = words.Say("weeding-document.pdf", ("title", title)),
                Producer = "Juxtherm",
                Creation = now.UtcDateTime,
                Modified = now.UtcDateTime
            }))
        {
            foreach (var list in way.Lists)
            {
                foreach (var sheet in list.Sheets)
                {
                    var canvas = document.BeginPage(Page.WidthMm * Page.PointsPerMm, Page.HeightMm * Page.PointsPerMm);
                    Sheet(new Page(canvas, words), canvas, title, list, sheet);
                    document.EndPage();
                }
            }

            document.Close();
        }

        return stream.ToArray();
    }

    private static void Sheet(Page page, SKCanvas canvas, string title, CutList list, CutSheet sheet)
    {
        var shapes = sheet.Units.Select(u => (Unit: u, Shape: list.Shapes[u.Shape])).ToList();
        var centres = shapes.Sum(s => s.Shape.Centres.Count);
        var rings = shapes.Sum(s => s.Shape.Delicate.Count);
        page.Text(page.Words.Say("weeding-document.sheet", ("list", list.Name), ("colourName", list.ColourName), ("number", sheet.Number),
            ("sheets", list.Sheets.Count)), MarginMm, 18, 6, Weight.Bold);
        page.Text(title, Page.WidthMm - MarginMm, 18, 4, colour: Page.Quiet, right: true);
        page.Text(page.Words.Say("weeding-document.sheet-2", ("centres", centres), ("shapes", shapes.Sum(s => s.Shape.Pieces)),
            ("rings", rings)), MarginMm, 26, 3.8f);

        var (width, height) = ((float)sheet.WidthMm, (float)sheet.UsedLengthMm);
        var scale = Math.Min(1, Math.Min((Page.WidthMm - 2 * MarginMm - ListMm - 6) / width, (Page.HeightMm - TopMm - MarginMm) / height));
        canvas.Save();
        canvas.Scale(Page.PointsPerMm);
        canvas.Translate(MarginMm, TopMm);
        canvas.Scale(scale);
        if (list.Mirrored)
            canvas.Concat(new SKMatrix(-1, 0, width, 0, 1, 0, 0, 0, 1));
        Draw(canvas, shapes, width, height, scale);
        canvas.Restore();
        Numbers(page, list, shapes, width, scale);
        CheckOff(page, shapes);
        if (scale < 1)
            page.Text(page.Words.Say("weeding-document.sheet-3", ("scale", scale * 100)), MarginMm, Page.HeightMm - 6, 3,
                colour: Page.Quiet);
    }

    private static void Draw(SKCanvas canvas, List<(PlacedUnit Unit, UnitShape Shape)> shapes, float width, float height, float scale)
    {
        using var stays = new SKPaint { Color = Stays, Style = SKPaintStyle.Fill, IsAntialias = true };
        using var line = new SKPaint { Color = Page.Ink, Style = SKPaintStyle.Stroke, StrokeWidth = 0.2f / scale, IsAntialias = true };
        using var ring = new SKPaint { Color = Page.Ink, Style = SKPaintStyle.Stroke, StrokeWidth = 0.5f / scale, IsAntialias = true };
        canvas.DrawRect(0, 0, width, height, line);
        foreach (var (unit, shape) in shapes)
        {
            var m = unit.Matrix;
            canvas.Save();
            canvas.Concat(new SKMatrix((float)m[0], (float)m[2], (float)m[4], (float)m[1], (float)m[3], (float)m[5], 0, 0, 1));
            using (var path = SKPath.ParseSvgPathData(shape.Path))
            {
                path.FillType = SKPathFillType.EvenOdd;
                canvas.DrawPath(path, stays);
                canvas.DrawPath(path, line);
            }

            foreach (var text in new[] { shape.Marks, shape.Number }.Where(t => t.Length > 0))
            {
                using var marks = SKPath.ParseSvgPathData(text);
                canvas.DrawPath(marks, line);
            }

            foreach (var place in shape.Delicate)
                canvas.DrawCircle((float)place.XMm, (float)place.YMm, (float)place.RadiusMm, ring);
            canvas.Restore();
        }
    }

    /// <summary>Numbers stand upright whichever way a piece was turned.</summary>
    private static void Numbers(Page page, CutList list, List<(PlacedUnit Unit, UnitShape Shape)> shapes, float width, float scale)
    {
        var number = 0;
        foreach (var (unit, shape) in shapes)
        {
            foreach (var centre in shape.Centres)
            {
                var at = unit.On(centre);
                var x = list.Mirrored ? width - at.X : at.X;
                page.Text((++number).ToString(CultureInfo.InvariantCulture), MarginMm + (float)x * scale - 0.8f,
                    TopMm + (float)at.Y * scale + 0.9f, 2.4f, Weight.Bold);
            }
        }
    }

    private static void CheckOff(Page page, List<(PlacedUnit Unit, UnitShape Shape)> shapes)
    {
        var x = Page.WidthMm - MarginMm - ListMm;
        page.Text(page.Words.Say("weeding-document.check-off"), x, TopMm + 3, 3.8f, Weight.Bold);
        var y = TopMm + 3 + LineMm;
        var most = (int)((Page.HeightMm - y - MarginMm) / LineMm);
        foreach (var (unit, shape) in shapes.Take(most))
        {
            page.Box(x, y - 3, 3.4f, 3.4f, null, Page.Ink);
            page.Text(Names.Of(page, unit), x + 5.5f, y, 3.4f);
            page.Text(page.Words.Say("weeding-document.check-off-centres", ("centres", shape.Centres.Count)), Page.WidthMm - MarginMm, y,
                3.2f, colour: Page.Quiet, right: true);
            y += LineMm;
        }

        if (shapes.Count > most)
            page.Text(page.Words.Say("weeding-document.check-off-more", ("shapes", shapes.Count - most)), x, y, 3.4f, colour: Page.Quiet);
    }

    private static class Names
    {
        public static string Of(Page page, PlacedUnit unit)
        {
            var what = unit.Kind
                switch
            {
                CutUnitKind.TestCut => page.Words.Say("names.what.test-cut"),
                CutUnitKind.Patch =>
                    page.Words.Say("names.what.patch"),
                _ => unit.Name ?? string.Join(" + ", unit.Layers)
            };
            var part = unit.Parts > 1 ? page.Words.Say("names.part", ("part", unit.Part), ("parts", unit.Parts)) : "";
            return unit.Garment > 0
                ? page.Words.Say("names.text", ("number", unit.Number is { } n ? $"{n} " : ""), ("what", what), ("part", part),
                    ("garment", unit.Garment)) : what + part;
        }
    }
}
