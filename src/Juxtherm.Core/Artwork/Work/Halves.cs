using Juxtherm.Core.Geometry;
using Juxtherm.Core.Notices;
using NetTopologySuite.Geometries.Utilities;

namespace Juxtherm.Core.Artwork.Work;

/// <summary>Parts a word along its middle line into an upper and a lower half, with room between them.</summary>
internal sealed class HalveAcross : ILayerWork
{
    public string Id => "halve-across";

    public (double Least, double Most, double Usual)? Length => (0, 300, 10);

    public IReadOnlyList<DeskLayer> Do(IReadOnlyList<DeskLayer> layers, WorkOrder order) => Half.Each(layers, order, (box, upper) =>
        (box with { YMm = upper ? box.YMm : box.YMm + box.HeightMm / 2, HeightMm = box.HeightMm / 2 }, 0,
            upper ? -order.Mm / 2 : order.Mm / 2));
}

/// <summary>Parts a word into a left and a right half, with room between them: for a zip or a button band.</summary>
internal sealed class HalveDown : ILayerWork
{
    public string Id => "halve-down";

    public (double Least, double Most, double Usual)? Length => (0, 300, 10);

    public IReadOnlyList<DeskLayer> Do(IReadOnlyList<DeskLayer> layers, WorkOrder order) => Half.Each(layers, order, (box, left) =>
        (box with { XMm = left ? box.XMm : box.XMm + box.WidthMm / 2, WidthMm = box.WidthMm / 2 }, left ? -order.Mm / 2 : order.Mm / 2, 0));
}

/// <summary>Exchanges two halves, with room between them: those of one layer left for right, or two layers.</summary>
internal sealed class SwapHalves : ILayerWork
{
    public string Id => "swap-halves";

    public (double Least, double Most, double Usual)? Length => (0, 300, 10);

    public IReadOnlyList<DeskLayer> Do(IReadOnlyList<DeskLayer> layers, WorkOrder order)
    {
        var chosen = Desk.OfOneFace(layers, order);
        if (chosen.Count > 2)
            throw new RefusedDrawing(new Phrase("halves.two"), "out-of-range");
        if (chosen.Count == 2)
        {
            var places = Exchanged(chosen[0].Box, chosen[1].Box, order.Mm);
            return Desk.Each(layers, l => l == chosen[0] ? l.At(places.One) : l == chosen[1] ? l.At(places.Other) : l);
        }

        return Half.Each(layers, order, (box, left) =>
        {
            var half = box.WidthMm / 2;
            return (box with { XMm = left ? box.XMm : box.XMm + half, WidthMm = half }, left ? half + order.Mm : -half, 0);
        });
    }

    private static (Box One, Box Other) Exchanged(Box one, Box other, double gap)
    {
        var across = Math.Abs(one.XMm + one.WidthMm / 2 - other.XMm - other.WidthMm / 2);
        var down = Math.Abs(one.YMm + one.HeightMm / 2 - other.YMm - other.HeightMm / 2);
        if (across >= down)
        {
            var start = Math.Min(one.XMm, other.XMm);
            return one.XMm <= other.XMm
                ? (one with { XMm = start + other.WidthMm + gap }, other with { XMm = start })
                : (one with { XMm = start }, other with { XMm = start + one.WidthMm + gap });
        }

        var top = Math.Min(one.YMm, other.YMm);
        return one.YMm <= other.YMm
            ? (one with { YMm = top + other.HeightMm + gap }, other with { YMm = top })
            : (one with { YMm = top }, other with { YMm = top + one.HeightMm + gap });
    }
}

/// <summary>Work on the halves of what is chosen, all of it halved by one line.</summary>
internal static class Half
{
    /// <summary>Moves both halves of each chosen layer.</summary>
    /// <param name="layers">All layers.</param>
    /// <param name="order">What is asked for.</param>
    /// <param name="half">Of the box around all that is chosen: the box of its first or second half, and how far that moves.</param>
    public static IReadOnlyList<DeskLayer> Each(IReadOnlyList<DeskLayer> layers, WorkOrder order,
        Func<Box, bool, (Box Half, double Dx, double Dy)> half)
    {
        var chosen = Desk.OfOneFace(layers, order);
        var around = Shapes.Around([.. chosen.Select(l => l.Box)]);
        Ground Moved(DeskLayer layer, bool first)
        {
            var (box, dx, dy) = half(around, first);
            return (Ground)AffineTransformation.TranslationInstance(dx, dy)
                .Transform(Plane.Intersection(layer.Ground, Shapes.Polygon(box)));
        }

        return Desk.Each(layers, l => chosen.Contains(l) ? l.With(Plane.Union(Moved(l, true), Moved(l, false))) : l);
    }
}
