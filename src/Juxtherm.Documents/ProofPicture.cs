using Juxtherm.Core.Artwork;
using Juxtherm.Core.Editing;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using SkiaSharp;

namespace Juxtherm.Documents;

/// <summary>What will be made, as a picture for whoever ordered it: every piece with its name, in its colours.</summary>
public static class ProofPicture
{
    /// <summary>Most pieces in one picture.</summary>
    public const int Most = 48;

    private const float PixelsPerMm = 6;
    private const float MarginMm = 8;
    private const float CaptionMm = 9;
    private const float SmallMm = 3.6f;
    private const float LargestMm = 180;
    private const float SmallestMm = 62;
    private const int MostAcross = 4;
    private const float TitleMm = 14;

    /// <summary>Draws it.</summary>
    /// <param name="job">The job.</param>
    /// <param name="face">Which side.</param>
    /// <param name="words">Says what stands on it.</param>
    /// <returns>A PNG file.</returns>
    public static byte[] Png(Job job, Face face, IWords words)
    {
        ArgumentNullException.ThrowIfNull(job);
        ArgumentNullException.ThrowIfNull(words);
        var pieces = job.Pieces.Take(Most).ToList();
        List<(Job Job, string Caption)> shown = pieces.Count == 0
            ? [(job, "")] : pieces.ConvertAll(p => (PieceOnItem.Of(job, p), Caption(p)));
        var across = Math.Min(MostAcross, shown.Count);
        var cell = shown.Count == 1 ? LargestMm : SmallestMm;
        var boxes = shown.ConvertAll(s => Shapes.Around(s.Job.Blank.Faces[face].Outline));
        var tallest = (float)boxes.Max(b => b.HeightMm / b.WidthMm) * cell;
        var rows = (shown.Count + across - 1) / across;
        var (width, height) = (MarginMm + across * (cell + MarginMm), TitleMm + rows * (tallest + CaptionMm) + MarginMm);
        using var surface = SKSurface.Create(new SKImageInfo((int)(width * PixelsPerMm), (int)(height * PixelsPerMm)));
        surface.Canvas.Clear(SKColors.White);
        surface.Canvas.Scale(PixelsPerMm / Page.PointsPerMm);
        var page = new Page(surface.Canvas, words);
        page.Text(job.Title.Length > 0 ? job.Title : "Untitled", MarginMm, 9, 5, Weight.Bold);
        if (job.Pieces.Count > Most)
            page.Text(words.Say("proof-picture.more", ("more", job.Pieces.Count - Most)), width - MarginMm, 9, SmallMm, colour: Page.Quiet,
                right: true);
        foreach (var (index, (own, caption)) in shown.Index())
        {
            var (x, y) = (MarginMm + index % across * (cell + MarginMm), TitleMm + index / across * (tallest + CaptionMm));
            Item(page, own, face, boxes[index], x, y, cell);
            page.Text(caption, x, y + tallest + SmallMm + 1, SmallMm);
        }

        using var image = surface.Snapshot();
        using var data = image.Encode(SKEncodedImageFormat.Png, 100);
        return data.ToArray();
    }

    private static string Caption(PieceEntry piece) =>
        string.Join(" · ", new[] { piece.Name, piece.Size ?? "", piece.Count > 1 ? $"× {piece.Count}" : "" }.Where(s => s.Length > 0));

    private static void Item(Page page, Job job, Face face, Box around, float x, float y, float widthMm)
    {
        var scale = widthMm / (float)around.WidthMm;
        var origin = (x - (float)around.XMm * scale, y - (float)around.YMm * scale);
        var shape = job.Blank.Faces[face];
        page.Shape(ItemSvg.Path(shape.Outline), origin, scale, ItemSvg.Colour(ItemSvg.Fill(job.Blank)));
        foreach (var layer in job.Layers.Where(l => l.Face == face && l.Box is not null))
        {
            var box = layer.Box!.Value;
            page.Shape(layer.Shape?.PathIn(box) ?? ItemSvg.Path(Shapes.Rectangle(box.XMm, box.YMm, box.WidthMm, box.HeightMm)), origin,
                scale, ItemSvg.Colour(ItemSvg.Paint(layer)), outlined: false);
        }
    }
}
