using Juxtherm.Core.Geometry;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Artwork.Work;

/// <summary>Lays an outline of its own, grown all round, underneath.</summary>
internal sealed class OutlineBase : ILayerWork
{
    public string Id => "outline";

    public (double Least, double Most, double Usual)? Length => (0.2, 50, 6);

    public IReadOnlyList<DeskLayer> Do(IReadOnlyList<DeskLayer> layers, WorkOrder order) =>
        Base.Below(layers, order, "outline", ground => Plane.Offset(ground, order.Mm));
}

/// <summary>Lays a solid silhouette underneath: grown all round, gaps and centres filled.</summary>
internal sealed class SilhouetteBase : ILayerWork
{
    public string Id => "silhouette";

    public (double Least, double Most, double Usual)? Length => (0, 50, 0);

    public IReadOnlyList<DeskLayer> Do(IReadOnlyList<DeskLayer> layers, WorkOrder order) =>
        Base.Below(layers, order, "silhouette", ground => Plane.Filled(Plane.Offset(ground, order.Mm)));
}

/// <summary>A new layer below the chosen ones.</summary>
internal static class Base
{
    private const string Ink = "#222222";

    public static IReadOnlyList<DeskLayer> Below(IReadOnlyList<DeskLayer> layers, WorkOrder order, string name, Func<Ground, Ground> made)
    {
        var chosen = Desk.OfOneFace(layers, order);
        var ground = made(Plane.Union(chosen.Select(l => l.Ground)));
        var like = chosen[0] with { Id = Desk.FreeId(layers, name), Colour = Ink };
        var laid = like.With(ground) ?? throw new RefusedDrawing(new Phrase("base.out-of-range"), "out-of-range");
        return [.. layers.TakeWhile(l => l != chosen[0]), laid, .. layers.SkipWhile(l => l != chosen[0])];
    }
}
