using System.Globalization;
using Juxtherm.Core.Care;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using SkiaSharp;

namespace Juxtherm.Documents;

/// <summary>A card that goes with a pressed piece: symbols, what they say, and from when it may be washed. A6 each, four to a sheet of
/// A4.</summary>
public static class CareCard
{
    private const float CardWidth = Page.WidthMm / 2;
    private const float CardHeight = Page.HeightMm / 2;
    private const int OnSheet = 4;
    private const float Edge = 9;
    private const float SymbolMm = 13;

    /// <summary>Item, material and vinyl in words.</summary>
    /// <param name="job">What was made.</param>
    /// <param name="words">Says it.</param>
    public static string WhatOf(Job job, IWords words)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(words);
        return words.Say("care-card.what", ("form", job.Blank.Form.Name), ("material", job.Blank.Material.Name),
            ("vinyls", Thing.List([.. job.Layers.Select(l => l.Vinyl.Name.ToLowerInvariant()).Distinct(StringComparer.Ordinal)])));
    }

    /// <summary>Draws cards.</summary>
    /// <param name="title">What was made.</param>
    /// <param name="what">Item and material in words.</param>
    /// <param name="names">Whose they are, a card each; one empty name for a card without.</param>
    /// <param name="care">How it is looked after.</param>
    /// <param name="washFrom">From when it may be washed, local time; null where that is not known or it is not washed.</param>
    /// <param name="words">Says what stands on it.</param>
    /// <param name="now">For the file, UTC.</param>
    /// <returns>A PDF file.</returns>
    public static byte[] Pdf(string title, string what, IReadOnlyList<string> names, CareAdvice care, DateTimeOffset? washFrom,
        IWords words, DateTimeOffset now)
    {
        ArgumentNullException.ThrowIfNull(names);
        ArgumentNullException.ThrowIfNull(care);
        using var stream = new MemoryStream();
        using (var document = SKDocument.CreatePdf(stream,
            new SKDocumentPdfMetadata
            {
                Title = words.Say("care-card.pdf", ("title", title)),
                Producer = "Juxtherm",
                Creation = now.UtcDateTime,
                Modified = now.UtcDateTime
            }))
        {
            foreach (var sheet in names.Chunk(OnSheet))
            {
                var canvas = document.BeginPage(Page.WidthMm * Page.PointsPerMm, Page.HeightMm * Page.PointsPerMm);
                for (var i = 0; i < sheet.Length; i++)
                {
                    canvas.Save();
                    canvas.Translate(i % 2 * CardWidth * Page.PointsPerMm, i / 2 * CardHeight * Page.PointsPerMm);
                    Card(new Page(canvas, words), canvas, title, what, sheet[i], care, washFrom);
                    canvas.Restore();
                }

                document.EndPage();
            }

            document.Close();
        }

        return stream.ToArray();
    }

    private static void Card(Page page, SKCanvas canvas, string title, string what, string name, CareAdvice care, DateTimeOffset? washFrom)
    {
        page.Box(0, 0, CardWidth, CardHeight, null, Page.RuleColour);
        var width = CardWidth - 2 * Edge;
        var y = page.Paragraph(title, Edge, 16, width, 6, Weight.Bold);
        if (name.Length > 0)
            y = page.Paragraph(name, Edge, y + 1, width, 4.4f, Weight.Bold);
        y = page.Paragraph(what, Edge, y + 0.5f, width, 3.4f, colour: Page.Quiet) + 4;
        var step = width / care.Marks.Count;
        for (var i = 0; i < care.Marks.Count; i++)
        {
            var left = Edge + i * step;
            canvas.Save();
            canvas.Translate(left * Page.PointsPerMm, (y - 3) * Page.PointsPerMm);
            canvas.Scale(SymbolMm * Page.PointsPerMm / 100);
            CareSymbols.Draw(canvas, care.Marks[i].Symbol, Page.Ink);
            canvas.Restore();
            page.Paragraph(care.Marks[i].Says, left, y + SymbolMm + 2, step - 2, 2.9f);
        }

        y += SymbolMm + 17;
        if (washFrom is { } from)
            y = page.Paragraph(
                page.Words.Say("care-card.card", ("from", from.ToString(page.Words.Say("care-card.card-2"), CultureInfo.InvariantCulture))),
                Edge, y, width, 4, Weight.Bold) + 2;
        foreach (var line in care.Lines)
            y = page.Paragraph(line, Edge, y, width, 3.5f) + 1.2f;
    }
}
