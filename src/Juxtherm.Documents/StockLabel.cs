using Juxtherm.Core.Cutting.Stock;
using Juxtherm.Core.Notices;
using QRCoder;
using SkiaSharp;

namespace Juxtherm.Documents;

/// <summary>A label for a roll, sheet or offcut: what near-identical shades cannot say themselves.</summary>
public static class StockLabel
{
    private const float WidthMm = 90;
    private const float HeightMm = 40;
    private const float CodeMm = 26;
    private const float TextMm = WidthMm - CodeMm - 9;

    /// <summary>Makes the label, one small page.</summary>
    /// <param name="stock">What it is stuck on; its length is what is on hand.</param>
    /// <param name="vinyl">Name of its vinyl.</param>
    /// <param name="address">What the code says.</param>
    /// <param name="words">Says what stands on it.</param>
    /// <param name="now">For the file, UTC.</param>
    public static byte[] Pdf(VinylStock stock, string vinyl, string address, IWords words, DateTimeOffset now)
    {
        ArgumentNullException.ThrowIfNull(stock);
        using var stream = new MemoryStream();
        using (var document = SKDocument.CreatePdf(stream,
            new SKDocumentPdfMetadata
            {
                Title = stock.Label,
                Producer = "Juxtherm",
                Creation = now.UtcDateTime,
                Modified = now.UtcDateTime
            }))
        {
            var canvas = document.BeginPage(WidthMm * Page.PointsPerMm, HeightMm * Page.PointsPerMm);
            var page = new Page(canvas, words);
            var large = Enumerable.Range(0, 9).Select(i => 5 - 0.2f * i)
                .FirstOrDefault(size => Page.WidthOf(stock.Label, size, Weight.Bold) <= TextMm, 3.4f);
            page.Text(Shortened(stock.Label, large, Weight.Bold), 4, 9, large, Weight.Bold);
            page.Text(Shortened($"{vinyl}, {(stock.ColourName.Length > 0 ? stock.ColourName : stock.Colour)}", 3.6f), 4, 15, 3.6f);
            if (SKColor.TryParse(stock.Colour, out var colour))
                page.Box(4, 17.5f, 8, 4, colour, Page.Ink);
            page.Text(stock.ColourName.Length > 0 ? stock.Colour : "", 14, 20.7f, 3, colour: Page.Quiet);
            page.Text(words.Say("stock-label.pdf", ("width", stock.WidthMm), ("length", stock.LengthMm)), 4, 27, 3.4f, Weight.Bold);
            if (stock.CornerWidthMm > 0)
                page.Text(words.Say("stock-label.pdf-2", ("cornerWidth", stock.CornerWidthMm), ("cornerLength", stock.CornerLengthMm)), 4,
                    31.5f, 3.2f);
            page.Text(Shortened(stock.Lot.Length > 0 ? words.Say("stock-label.pdf-3", ("lot", stock.Lot)) : "", 3), 4, 36, 3,
                colour: Page.Quiet);
            Code(page, address, WidthMm - CodeMm - 4, (HeightMm - CodeMm) / 2);
            document.EndPage();
            document.Close();
        }

        return stream.ToArray();
    }

    private static void Code(Page page, string address, float left, float top)
    {
        using var generator = new QRCodeGenerator();
        using var data = generator.CreateQrCode(address, QRCodeGenerator.ECCLevel.M);
        var rows = data.ModuleMatrix;
        var cell = CodeMm / rows.Count;
        for (var y = 0; y < rows.Count; y++)
        {
            for (var x = 0; x < rows[y].Count; x++)
            {
                if (rows[y][x])
                    page.Box(left + x * cell, top + y * cell, cell * 1.02f, cell * 1.02f, SKColors.Black);
            }
        }
    }

    private static string Shortened(string text, float size, Weight weight = Weight.Regular)
    {
        while (text.Length > 1 && Page.WidthOf(text, size, weight) > TextMm)
            text = text[..^2].TrimEnd() + "…";
        return text;
    }
}
