using System.Globalization;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using SkiaSharp;

namespace Juxtherm.Documents;

/// <summary>The pages of a ticket that list the pieces of a run, each with its name, size and colours, to tick off at the press.</summary>
internal static class TicketPieces
{
    private const float Left = 18;
    private const float Right = Page.WidthMm - 18;
    private const float Top = 24;
    private const float Bottom = Page.HeightMm - 18;
    private const float RowMm = 8;
    private const float Body = 4;
    private const float Small = 3;
    private const float ChipMm = 4.2f;

    // Where the columns begin.
    private const float NameX = Left + 18;
    private const float SizeX = Left + 74;
    private const float GarmentX = Left + 100;
    private const float ColourX = Left + 134;

    /// <summary>Draws them; nothing where all pieces are alike.</summary>
    /// <param name="document">The ticket's file.</param>
    /// <param name="job">The job.</param>
    /// <param name="words">The reader's units.</param>
    public static void Draw(SKDocument document, Job job, IWords words)
    {
        var carrier = job.NameLayer;
        var pieces = job.Pieces.SelectMany(p => Enumerable.Repeat(p, p.Count)).Index().ToList();
        foreach (var sheet in pieces.Chunk((int)((Bottom - Top - 2 * RowMm) / RowMm)))
        {
            var page = new Page(document.BeginPage(Page.WidthMm * Page.PointsPerMm, Page.HeightMm * Page.PointsPerMm), words);
            page.Text(words.Say("ticket-pieces.title", ("title", job.Title.Length > 0 ? job.Title : "Untitled")), Left, Top, 5,
                Weight.Bold);
            var y = Top + 10;
            Heading(page, words, y, carrier is not null);
            foreach (var (index, piece) in sheet)
            {
                y += RowMm;
                Row(page, words, job, carrier, index + 1, piece, y);
            }

            document.EndPage();
        }
    }

    private static void Heading(Page page, IWords words, float y, bool named)
    {
        page.Text(words.Say("ticket-pieces.name"), NameX, y, Small, colour: Page.Quiet);
        page.Text(words.Say("ticket-pieces.size"), SizeX, y, Small, colour: Page.Quiet);
        page.Text(words.Say("ticket-pieces.garment"), GarmentX, y, Small, colour: Page.Quiet);
        if (named)
            page.Text(words.Say("ticket-pieces.colour"), ColourX, y, Small, colour: Page.Quiet);
        page.Line(Left, y + 2, Right, y + 2, 0.4f, Page.Ink);
    }

    private static void Row(Page page, IWords words, Job job, JobLayer? carrier, int number, PieceEntry piece, float y)
    {
        page.Box(Left, y - 3.6f, 4.2f, 4.2f, null, Page.Ink);
        page.Text(number.ToString(CultureInfo.InvariantCulture), Left + 14, y, Body, colour: Page.Quiet, right: true);
        var name = Page.Lines(piece.IsNamed ? piece.Name : "–", SizeX - NameX - 3, Body, Weight.Bold);
        page.Text(name.Count > 1 ? name[0] + " …" : name[0], NameX, y, Body, Weight.Bold);
        if ((piece.Size ?? job.Blank.Size) is { } size)
            page.Text(words.Say("ticket-item.places-2", ("size", size)), SizeX, y, Body);
        Chip(page, piece.GarmentColour ?? job.Blank.Colour, GarmentX, y);
        if (carrier is not null && piece.IsNamed)
        {
            Chip(page, piece.Colour ?? carrier.Colour, ColourX, y);
            if (piece.WidthMm is { } wide)
                page.Text(words.Say(Thing.Mm(wide)), Right, y, Small, right: true);
        }

        page.Line(Left, y + 2.4f, Right, y + 2.4f);
    }

    private static void Chip(Page page, string? colour, float x, float y)
    {
        if (colour is null || !SKColor.TryParse(colour, out var swatch))
            return;
        page.Box(x, y - 3.6f, ChipMm, ChipMm, swatch, Page.Ink);
        page.Text(ColourWords.Nearest(colour), x + ChipMm + 2, y, Body);
    }
}
