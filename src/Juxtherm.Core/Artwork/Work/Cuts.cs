using Juxtherm.Core.Geometry;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Artwork.Work;

/// <summary>Cuts the chosen layers' shapes out of everything below, leaving a set overlap to lie on.</summary>
internal sealed class CutBelow : ILayerWork
{
    public string Id => "cut-below";

    public (double Least, double Most, double Usual)? Length => (0, 20, 1);

    public IReadOnlyList<DeskLayer> Do(IReadOnlyList<DeskLayer> layers, WorkOrder order) =>
        Cut.FromBelow(layers, l => order.Chosen.Contains(l.Id, StringComparer.Ordinal), upper => Plane.Offset(upper, -order.Mm));
}

/// <summary>Takes the base away under every layer whose vinyl is better laid on the cloth itself: glitter, and what foams.</summary>
internal sealed class DropBase : ILayerWork
{
    public string Id => "drop-base";

    public IReadOnlyList<DeskLayer> Do(IReadOnlyList<DeskLayer> layers, WorkOrder order)
    {
        bool Drops(DeskLayer l) => l.BearsNothingBelow && order.Chosen.Contains(l.Id, StringComparer.Ordinal);
        return layers.Any(Drops)
            ? Cut.FromBelow(layers, Drops, upper => upper) : throw new RefusedDrawing(new Phrase("drop-base.does-not-fit"), "does-not-fit");
    }
}

/// <summary>Lets the chosen layers run on underneath what lies on them, so that a small shift does not show.</summary>
internal sealed class FillBeneath : ILayerWork
{
    private const double GapClosed = 0.6;

    public string Id => "fill-beneath";

    // Kept back from the upper layer's edge, so that the base does not peep out.
    public (double Least, double Most, double Usual)? Length => (0, 10, 0.5);

    public IReadOnlyList<DeskLayer> Do(IReadOnlyList<DeskLayer> layers, WorkOrder order)
    {
        return Desk.Each(layers, l =>
        {
            if (!order.Chosen.Contains(l.Id, StringComparer.Ordinal))
                return l;
            // Never beyond what the layer spans itself, and held back from the upper layer's free edges; where the two met, no gap is left.
            var reach = l.Ground.ConvexHull();
            var above = Plane.Union(Desk.Above(layers, l).SelectMany(u => Plane.Parts(u.Ground)).Where(p => p.Intersects(reach)));
            var grown = Plane.Union(l.Ground, Plane.Offset(above, -order.Mm));
            var closed = Plane.Offset(Plane.Offset(grown, order.Mm * GapClosed), -order.Mm * GapClosed);
            return l.With(Plane.Union(l.Ground, Plane.Intersection(Plane.Intersection(closed, above), reach)));
        });
    }
}

/// <summary>Cutting from what lies below.</summary>
internal static class Cut
{
    public static IReadOnlyList<DeskLayer> FromBelow(IReadOnlyList<DeskLayer> layers, Func<DeskLayer, bool> cuts, Func<Ground, Ground> by)
    {
        return Desk.Each(layers, l =>
        {
            if (cuts(l))
                return l;
            var above = Desk.Above(layers, l).Where(cuts).Select(u => by(u.Ground));
            return l.With(Plane.Difference(l.Ground, Plane.Union(above)));
        });
    }
}
