using Juxtherm.Core.Geometry;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Artwork.Work;

/// <summary>Welds: pieces of one vinyl and colour become one layer, and gaps narrower than asked are bridged.</summary>
internal sealed class Weld : ILayerWork
{
    public string Id => "weld";

    public (double Least, double Most, double Usual)? Length => (0, 20, 0);

    public IReadOnlyList<DeskLayer> Do(IReadOnlyList<DeskLayer> layers, WorkOrder order)
    {
        var chosen = Desk.OfOneFace(layers, order);
        if (chosen.Exists(l => l.Vinyl != chosen[0].Vinyl))
            throw new RefusedDrawing(new Phrase("weld.does-not-fit"), "does-not-fit");
        return Joined.Into(layers, chosen, ground => order.Mm > 0
            ? Plane.Union(ground, Plane.Offset(Plane.Offset(ground, order.Mm / 2), -order.Mm / 2)) : ground);
    }
}

/// <summary>Merges shades into one sheet: the lowest layer's vinyl and colour stay.</summary>
internal sealed class MergeShades : ILayerWork
{
    public string Id => "merge";

    public IReadOnlyList<DeskLayer> Do(IReadOnlyList<DeskLayer> layers, WorkOrder order)
    {
        var chosen = Desk.OfOneFace(layers, order);
        return chosen.Count < 2
            ? throw new RefusedDrawing(new Phrase("merge-shades.out-of-range"), "out-of-range")
            : Joined.Into(layers, chosen, ground => ground);
    }
}

/// <summary>Several layers become one, where the lowest of them was.</summary>
internal static class Joined
{
    public static IReadOnlyList<DeskLayer> Into(IReadOnlyList<DeskLayer> layers, List<DeskLayer> chosen, Func<Ground, Ground> made)
    {
        var ground = made(Plane.Union(chosen.Select(l => l.Ground)));
        return Desk.Each(layers, l => l == chosen[0] ? l.With(ground) : chosen.Contains(l) ? null : l);
    }
}
