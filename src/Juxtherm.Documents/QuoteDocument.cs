using System.Globalization;
using Juxtherm.Core.Notices;
using SkiaSharp;

namespace Juxtherm.Documents;

/// <summary>What stands on a quote.</summary>
/// <param name="Number">Its number.</param>
/// <param name="Title">What is made.</param>
/// <param name="Customer">Whom it is for; may be empty.</param>
/// <param name="Given">When it was given, UTC.</param>
/// <param name="ValidUntil">The last day on which it holds, as 2026-12-31.</param>
/// <param name="Item">The item, in words.</param>
/// <param name="Quantity">How many.</param>
/// <param name="Each">Price of each.</param>
/// <param name="Net">All of them without tax.</param>
/// <param name="Tax">Tax.</param>
/// <param name="Total">All of them.</param>
/// <param name="TaxPercent">Tax, %.</param>
/// <param name="Currency">How money is written.</param>
/// <param name="Sizes">How many of which size.</param>
/// <param name="Names">Names that go on them.</param>
/// <param name="Note">What else there is to say.</param>
public sealed record QuotePage(
    int Number, string Title, string Customer, DateTimeOffset Given, string ValidUntil, string Item, int Quantity, string Each, string Net,
    string Tax, string Total, decimal TaxPercent, string Currency, IReadOnlyList<string> Sizes, IReadOnlyList<string> Names, string Note);

/// <summary>A quote on one page, with the proof.</summary>
public static class QuoteDocument
{
    private const float MarginMm = 18;
    private const float ProofHeightMm = 92;

    /// <summary>Makes it.</summary>
    /// <param name="quote">What stands on it.</param>
    /// <param name="proof">What will be made, as a PNG; null for none.</param>
    /// <param name="words">Says it.</param>
    /// <param name="now">For the file, UTC.</param>
    public static byte[] Pdf(QuotePage quote, byte[]? proof, IWords words, DateTimeOffset now)
    {
        ArgumentNullException.ThrowIfNull(quote);
        ArgumentNullException.ThrowIfNull(words);
        using var stream = new MemoryStream();
        using (var document = SKDocument.CreatePdf(stream, new SKDocumentPdfMetadata
        {
            Title = words.Say("quote.title", ("number", quote.Number)),
            Producer = "Juxtherm",
            Creation = now.UtcDateTime,
            Modified = now.UtcDateTime,
        }))
        {
            var canvas = document.BeginPage(Page.WidthMm * Page.PointsPerMm, Page.HeightMm * Page.PointsPerMm);
            Draw(new Page(canvas, words), canvas, quote, proof);
            document.EndPage();
            document.Close();
        }

        return stream.ToArray();
    }

    private static void Draw(Page page, SKCanvas canvas, QuotePage quote, byte[]? proof)
    {
        var words = page.Words;
        var right = Page.WidthMm - MarginMm;
        page.Text(words.Say("quote.title", ("number", quote.Number)), MarginMm, 26, 8, Weight.Bold);
        page.Text(quote.Given.ToString("MMMM d, yyyy", CultureInfo.InvariantCulture), right, 26, 4, colour: Page.Quiet, right: true);
        if (quote.Customer.Length > 0)
            page.Text(words.Say("quote.for", ("customer", quote.Customer)), MarginMm, 36, 5);
        var y = 44f;
        if (proof is not null)
            y = Proof(canvas, proof, y);
        page.Text(Page.Lines(quote.Title, right - MarginMm, 6, Weight.Bold)[0], MarginMm, y += 12, 6, Weight.Bold);
        page.Text(quote.Item, MarginMm, y += 7, 4.2f);
        foreach (var (heading, all) in new[] { ("quote.sizes", quote.Sizes), ("quote.names", quote.Names) })
        {
            if (all.Count == 0)
                continue;
            var text = heading == "quote.sizes" ? words.Say("quote.sizes", ("all", Thing.List(all)))
                : words.Say("quote.names", ("all", Thing.List(all)));
            foreach (var line in Page.Lines(text, right - MarginMm, 3.8f).Take(6))
                page.Text(line, MarginMm, y += 5.4f, 3.8f);
        }

        y += 8;
        Row(page, ref y, words.Say("quote.pieces", ("count", quote.Quantity), ("each", quote.Currency + quote.Each)),
            quote.Currency + quote.Total, Weight.Regular, right);
        if (quote.TaxPercent > 0)
        {
            Row(page, ref y, words.Say("quote.net"), quote.Currency + quote.Net, Weight.Regular, right);
            Row(page, ref y, words.Say("quote.tax", ("percent", (double)quote.TaxPercent)), quote.Currency + quote.Tax, Weight.Regular,
                right);
        }

        Row(page, ref y, words.Say("quote.total"), quote.Currency + quote.Total, Weight.Bold, right);
        y += 6;
        foreach (var line in Page.Lines(quote.Note, right - MarginMm, 4).Take(8))
            page.Text(line, MarginMm, y += 6, 4);
        page.Text(words.Say("quote.valid", ("until", DateTime.ParseExact(quote.ValidUntil, "yyyy-MM-dd", CultureInfo.InvariantCulture)
            .ToString("MMMM d, yyyy", CultureInfo.InvariantCulture))), MarginMm, Page.HeightMm - 20, 4, Weight.Bold);
    }

    private static float Proof(SKCanvas canvas, byte[] proof, float top)
    {
        using var picture = SKBitmap.Decode(proof);
        if (picture is null)
            return top;
        var scale = Math.Min((Page.WidthMm - 2 * MarginMm) / picture.Width, ProofHeightMm / picture.Height);
        var box = SKRect.Create(MarginMm * Page.PointsPerMm, top * Page.PointsPerMm, picture.Width * scale * Page.PointsPerMm,
            picture.Height * scale * Page.PointsPerMm);
        using var image = SKImage.FromBitmap(picture);
        canvas.DrawImage(image, box, new SKSamplingOptions(SKCubicResampler.Mitchell));
        return top + picture.Height * scale;
    }

    private static void Row(Page page, ref float y, string what, string amount, Weight weight, float right)
    {
        y += 8;
        page.Text(what, MarginMm, y, 4.6f, weight);
        page.Text(amount, right, y, 4.6f, weight, right: true);
    }
}
