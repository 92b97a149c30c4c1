using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Artwork.Work;

/// <summary>Makes a layer of what lies within a region.</summary>
internal sealed class CutOut : ILayerWork
{
    public string Id => "cut-out";

    public WorkNeeds Needs => WorkNeeds.Region;

    public IReadOnlyList<DeskLayer> Do(IReadOnlyList<DeskLayer> layers, WorkOrder order) =>
        Taken.From(layers, order, Region.Of, Taken.Beside);
}

/// <summary>Takes away what lies within a region.</summary>
internal sealed class CoverUp : ILayerWork
{
    public string Id => "cover-up";

    public WorkNeeds Needs => WorkNeeds.Region;

    public IReadOnlyList<DeskLayer> Do(IReadOnlyList<DeskLayer> layers, WorkOrder order) =>
        Taken.From(layers, order, Region.Of, (layer, _, rest) => [layer.With(rest)]);
}

/// <summary>Keeps only what lies within a region.</summary>
internal sealed class KeepInside : ILayerWork
{
    public string Id => "keep-inside";

    public WorkNeeds Needs => WorkNeeds.Region;

    public IReadOnlyList<DeskLayer> Do(IReadOnlyList<DeskLayer> layers, WorkOrder order) =>
        Taken.From(layers, order, Region.Of, (layer, taken, _) => [layer.With(taken)]);
}

/// <summary>Parts layers by a region.</summary>
internal static class Region
{
    public static (Ground Taken, Ground Left) Of(DeskLayer layer, WorkOrder order) =>
        (Plane.Intersection(layer.Ground, order.Region!), Plane.Difference(layer.Ground, order.Region!));
}
