using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using Juxtherm.Core.Notices;


namespace Juxtherm.Documents;

/// <summary>A line through several places, mm.</summary>
/// <param name="Places">Where it goes.</param>
/// <param name="WidthMm">Its width, mm.</param>
/// <param name="Dashed">Broken.</param>
/// <param name="Id">What it is, for programs.</param>
internal sealed record GuideLine(IReadOnlyList<Spot> Places, float WidthMm, bool Dashed, string Id);

/// <summary>A word at a place, mm.</summary>
/// <param name="X">mm.</param>
/// <param name="Y">Its baseline, mm.</param>
/// <param name="SizeMm">Type size, mm.</param>
/// <param name="Words">The words.</param>
internal sealed record GuideWord(double X, double Y, float SizeMm, string Words);

/// <summary>
/// A placement guide: the collar's curve or the item's edge, the middle line and the corners of the artwork, at true scale, to be
/// printed, cut out and laid on the item.
/// </summary>
internal sealed class GuideDrawing
{
    /// <summary>Length of the bar that checks the printer, mm.</summary>
    public const double BarMm = 100;

    private const double MarginMm = 12;
    private const double CornerMm = 14;
    private const double BarRoomMm = 14;

    private GuideDrawing(Box region, IReadOnlyList<GuideLine> lines, IReadOnlyList<GuideWord> words) =>
        (Region, Lines, Words) = (region, lines, words);

    /// <summary>What is drawn, mm on the face.</summary>
    public Box Region { get; }

    public IReadOnlyList<GuideLine> Lines { get; }

    public IReadOnlyList<GuideWord> Words { get; }

    /// <summary>The guide for artwork on a face.</summary>
    public static GuideDrawing Of(BlankShape shape, Box art, IWords words)
    {
        var lines = new List<GuideLine>();
        var text = new List<GuideWord>();
        var middle = shape.MiddleX;
        var anchor = shape.NeckMm ?? 0;
        var seen = Shapes.Around(
            [art, new Box(Math.Min(art.XMm, middle - BarMm / 2 - 4), Math.Min(anchor, art.YMm), Math.Max(art.WidthMm, BarMm + 8), 1)])
            .Grown(MarginMm);
        var region = seen with { HeightMm = seen.HeightMm + BarRoomMm };
        if (shape.Collar is { } neck)
            lines.Add(new GuideLine(Within(neck.Outline, region), 0.5f, false, "collar"));
        else
            lines.Add(new GuideLine(Within([.. shape.Outline, shape.Outline[0]], region), 0.5f, false, "edge"));
        lines.Add(new GuideLine([new(middle, region.YMm + 2), new(middle, region.YMm + region.HeightMm - BarRoomMm)], 0.2f, true,
            "middle"));
        lines.AddRange(Corners(art));
        var (barX, barY) = (middle - BarMm / 2, region.YMm + region.HeightMm - 6);
        lines.Add(new GuideLine([new(barX, barY - 2), new(barX, barY), new(barX + BarMm, barY), new(barX + BarMm, barY - 2)], 0.3f, false,
            "bar"));
        text.Add(new GuideWord(barX + 2, barY - 1.5, 3, words.Say("guide-drawing.text")));
        text.Add(new GuideWord(middle + 2, art.YMm - 2, 3,
            words.Say("guide-drawing.text-2", ("y", Thing.Mm(art.YMm - anchor)), ("isCollar", shape.Collar is null))));
        text.Add(new GuideWord(art.XMm + 2, art.YMm + art.HeightMm - 2, 3,
            words.Say("guide-drawing.text-3", ("width", Thing.Mm(art.WidthMm)), ("height", Thing.Mm(art.HeightMm)))));
        return new GuideDrawing(region, lines, text);
    }

    /// <summary>Corners of the artwork as angles, so that the paper between them can be cut away.</summary>
    private static IEnumerable<GuideLine> Corners(Box art)
    {
        var (l, t, r, b) = (art.XMm, art.YMm, art.XMm + art.WidthMm, art.YMm + art.HeightMm);
        var (dx, dy) = (Math.Min(CornerMm, art.WidthMm / 2), Math.Min(CornerMm, art.HeightMm / 2));
        yield return new GuideLine([new(l + dx, t), new(l, t), new(l, t + dy)], 0.4f, false, "corner");
        yield return new GuideLine([new(r - dx, t), new(r, t), new(r, t + dy)], 0.4f, false, "corner");
        yield return new GuideLine([new(l + dx, b), new(l, b), new(l, b - dy)], 0.4f, false, "corner");
        yield return new GuideLine([new(r - dx, b), new(r, b), new(r, b - dy)], 0.4f, false, "corner");
    }

    /// <summary>The longest run of places inside the region.</summary>
    private static List<Spot> Within(IReadOnlyList<Spot> places, Box region)
    {
        var best = new List<Spot>();
        var run = new List<Spot>();
        foreach (var p in places)
        {
            if (p.X >= region.XMm && p.X <= region.XMm + region.WidthMm && p.Y >= region.YMm && p.Y <= region.YMm + region.HeightMm)
                run.Add(p);
            else
                run = [];
            if (run.Count > best.Count)
                best = [.. run];
        }

        return best;
    }
}
