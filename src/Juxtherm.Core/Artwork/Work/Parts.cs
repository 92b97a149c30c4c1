using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Artwork.Work;

/// <summary>Makes all as wide as the widest, proportions kept.</summary>
internal sealed class EqualWidths : ILayerWork
{
    public string Id => "equal-widths";

    public IReadOnlyList<DeskLayer> Do(IReadOnlyList<DeskLayer> layers, WorkOrder order) => Desk.Parts(layers, order, 2, boxes =>
    {
        var widest = boxes.Max(b => b.WidthMm);
        return [.. boxes.Select(b => (Box: b, Factor: widest / b.WidthMm))
            .Select(p =>
                new Box(p.Box.XMm - (widest - p.Box.WidthMm) / 2, p.Box.YMm - p.Box.HeightMm * (p.Factor - 1) / 2, widest,
                    p.Box.HeightMm * p.Factor))];
    });
}

/// <summary>Brings all onto one upright middle line.</summary>
internal sealed class CentreAcross : ILayerWork
{
    public string Id => "centre-across";

    public IReadOnlyList<DeskLayer> Do(IReadOnlyList<DeskLayer> layers, WorkOrder order) => Desk.Parts(layers, order, 2, boxes =>
    {
        var around = Shapes.Around(boxes);
        return [.. boxes.Select(b => b with { XMm = around.XMm + (around.WidthMm - b.WidthMm) / 2 })];
    });
}

/// <summary>Brings all onto one level middle line.</summary>
internal sealed class CentreDown : ILayerWork
{
    public string Id => "centre-down";

    public IReadOnlyList<DeskLayer> Do(IReadOnlyList<DeskLayer> layers, WorkOrder order) => Desk.Parts(layers, order, 2, boxes =>
    {
        var around = Shapes.Around(boxes);
        return [.. boxes.Select(b => b with { YMm = around.YMm + (around.HeightMm - b.HeightMm) / 2 })];
    });
}

/// <summary>Makes the gaps from left to right alike; the outermost stay.</summary>
internal sealed class EvenSpacing : ILayerWork
{
    public string Id => "even-spacing";

    public IReadOnlyList<DeskLayer> Do(IReadOnlyList<DeskLayer> layers, WorkOrder order) => Desk.Parts(layers, order, 3, boxes =>
    {
        var around = Shapes.Around(boxes);
        var gap = (around.WidthMm - boxes.Sum(b => b.WidthMm)) / (boxes.Count - 1);
        var moved = new Box[boxes.Count];
        var at = around.XMm;
        foreach (var i in Enumerable.Range(0, boxes.Count).OrderBy(i => boxes[i].XMm + boxes[i].WidthMm / 2))
        {
            moved[i] = boxes[i] with { XMm = at };
            at += boxes[i].WidthMm + gap;
        }

        return moved;
    });
}
