using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Plans.Writing;
using SkiaSharp;


namespace Juxtherm.Documents;

/// <summary>The part of a ticket that goes to the table: the item with its print, where that goes, and what vinyl it takes.</summary>
internal static class TicketItem
{
    private const float PictureMm = 34;
    private const float GapMm = 4;
    private const float Body = 3.5f;
    private const float Small = 3;
    private const float LineMm = 4.4f;
    private const int MostSizes = 6;

    /// <summary>Draws it.</summary>
    /// <returns>Where it ends, mm.</returns>
    public static float Draw(Page page, Job job, Plan plan, IReadOnlyList<VinylNeed> needs, float x, float y, float width)
    {
        if (plan.Placing.Count > 0)
            y = Places(page, job, plan, x, y, width) + 3;
        if (needs.Count == 0)
            return y;
        page.Heading(page.Words.Say("ticket-item.vinyl"), page.Words.Say("ticket-item.vinyl-remark"), x, y, 2.7f);
        foreach (var need in needs)
        {
            y += LineMm + 0.4f;
            if (need.Colour is { } colour && SKColor.TryParse(colour, out var swatch))
                page.Box(x, y - 2.6f, 3, 3, swatch, Page.Ink);
            page.Text(page.Words.Say("ticket-item.pieces", ("name", need.Name), ("pieces", need.Pieces)), x + 5, y, Small);
            page.Text(page.Words.Say("ticket-item.length", ("length", Thing.Mm(need.LengthMm)), ("sheets", need.Sheets)), x + width, y,
                Small, Weight.Bold, right: true);
        }

        return y + 5;
    }

    private static float Places(Page page, Job job, Plan plan, float x, float y, float width)
    {
        page.Text(page.Words.Say("ticket-item.places"), x, y, 4, Weight.Bold);
        y += 3;
        foreach (var face in plan.Placing.GroupBy(p => p.Face))
        {
            var end = Picture(page, job, face.Key, x, y, PictureMm);
            var (left, line) = (x + PictureMm + GapMm, y + 3);
            var several = face.Count() > 1;
            foreach (var place in face.Take(MostSizes))
            {
                if (several)
                {
                    page.Text(page.Words.Say("ticket-item.places-2", ("size", place.Size!)), left, line, Small, Weight.Bold);
                    line += LineMm;
                }

                line = page.Paragraph(place.Text, left, line, width - PictureMm - GapMm, several
                    ? Small : Body, several ? Weight.Regular : Weight.Bold) + 1;
            }

            if (face.Count() > MostSizes)
                line = page.Paragraph(page.Words.Say("ticket-item.places-3", ("face", face.Count() - MostSizes)), left, line,
                    width - PictureMm - GapMm, Small, colour: Page.Quiet);
            y = Math.Max(end, line) + 2;
        }

        if (PlaceWords.Marking(job, page.Words) is { } marking)
            y = page.Paragraph(marking, x, y + 2, width, Small, colour: Page.Quiet);
        return y;
    }

    /// <summary>The item's face with what is pressed on it, small.</summary>
    private static float Picture(Page page, Job job, Face face, float x, float y, float size)
    {
        var shape = job.Blank.Faces[face];
        var around = Shapes.Around(shape.Outline);
        var scale = Math.Min(size / around.WidthMm, size / around.HeightMm);
        (float X, float Y) At(Spot p) => ((float)(x + (p.X - around.XMm) * scale), (float)(y + (p.Y - around.YMm) * scale));
        page.Polyline(shape.Outline.Append(shape.Outline[0]).Select(At), 0.3f);
        foreach (var feature in shape.Features)
            page.Polyline(feature.Outline.Append(feature.Outline[0]).Select(At), 0.12f);
        foreach (var layer in job.Layers.Where(l => l.Face == face && l.Box is not null))
        {
            var box = layer.Box!.Value;
            var ink = layer.Colour is { } colour && SKColor.TryParse(colour, out var known) ? known : Page.Quiet;
            if (layer.Shape is { } drawn)
                page.Shape(drawn.PathIn(box), At(new Spot(0, 0)), (float)scale, ink);
            else
                page.Box(At(new Spot(box.XMm, box.YMm)).X, At(new Spot(box.XMm, box.YMm)).Y, (float)(box.WidthMm * scale),
                    (float)(box.HeightMm * scale), ink, Page.Ink, 0.1f);
        }

        return y + (float)(around.HeightMm * scale);
    }
}
