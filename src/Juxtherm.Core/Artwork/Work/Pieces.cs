using Juxtherm.Core.Geometry;
using Juxtherm.Core.Notices;
using NetTopologySuite.Geometries.Utilities;

namespace Juxtherm.Core.Artwork.Work;

/// <summary>Keeps the chosen pieces; what else there is in their layers goes.</summary>
internal sealed class KeepPieces : ILayerWork
{
    public string Id => "keep-pieces";

    public WorkNeeds Needs => WorkNeeds.Pieces;

    public IReadOnlyList<DeskLayer> Do(IReadOnlyList<DeskLayer> layers, WorkOrder order) =>
        Taken.From(layers, order, Taken.Pieces, (layer, taken, _) => [layer.With(taken)]);
}

/// <summary>Takes the chosen pieces away.</summary>
internal sealed class RemovePieces : ILayerWork
{
    public string Id => "remove-pieces";

    public WorkNeeds Needs => WorkNeeds.Pieces;

    public IReadOnlyList<DeskLayer> Do(IReadOnlyList<DeskLayer> layers, WorkOrder order) =>
        Taken.From(layers, order, Taken.Pieces, (layer, _, rest) => [layer.With(rest)]);
}

/// <summary>Makes a layer of the chosen pieces, so that they can be moved, coloured and worked on by themselves.</summary>
internal sealed class OwnLayer : ILayerWork
{
    public string Id => "own-layer";

    public WorkNeeds Needs => WorkNeeds.Pieces;

    public IReadOnlyList<DeskLayer> Do(IReadOnlyList<DeskLayer> layers, WorkOrder order) =>
        Taken.From(layers, order, Taken.Pieces, Taken.Beside);
}

/// <summary>Makes a layer of every piece.</summary>
internal sealed class PiecesApart : ILayerWork
{
    public string Id => "pieces-apart";

    public IReadOnlyList<DeskLayer> Do(IReadOnlyList<DeskLayer> layers, WorkOrder order) => Taken.From(layers, order,
        layer => (layer.Ground, Plane.Nothing),
        (layer, _, _) => [.. Plane.Parts(layer.Ground).Select((piece, i) => (i == 0 ? layer : layer with { Id = "" }).With(piece))]);
}

/// <summary>The chosen once more, to the right of where they lie.</summary>
internal sealed class Duplicate : ILayerWork
{
    public string Id => "duplicate";

    public WorkNeeds Needs => WorkNeeds.Pieces;

    public (double Least, double Most, double Usual)? Length => (0, 500, 5);

    public IReadOnlyList<DeskLayer> Do(IReadOnlyList<DeskLayer> layers, WorkOrder order)
    {
        var reach = Shapes.Around([.. Desk.Chosen(layers, order).Select(l => Desk.BoxOf(Taken.Pieces(l, order).Taken))]);
        var aside = AffineTransformation.TranslationInstance(reach.WidthMm + order.Mm, 0);
        return Taken.From(layers, order, Taken.Pieces,
            (layer, taken, _) => [layer, (layer with { Id = "" }).With((Ground)aside.Transform(taken))]);
    }
}

/// <summary>What is taken of layers, and what becomes of it.</summary>
internal static class Taken
{
    /// <summary>Does something with what is taken of each chosen layer.</summary>
    /// <param name="layers">All layers.</param>
    /// <param name="order">What is asked for.</param>
    /// <param name="split">What is taken of a layer, and what stays.</param>
    /// <param name="made">What becomes of a layer, lowest first; what has no id is new and is called after it.</param>
    public static IReadOnlyList<DeskLayer> From(IReadOnlyList<DeskLayer> layers, WorkOrder order,
        Func<DeskLayer, WorkOrder, (Ground Taken, Ground Left)> split, Func<DeskLayer, Ground, Ground, IReadOnlyList<DeskLayer?>> made)
    {
        var after = new List<DeskLayer>();
        foreach (var layer in layers)
        {
            if (!order.Chosen.Contains(layer.Id, StringComparer.Ordinal))
            {
                after.Add(layer);
                continue;
            }

            var (taken, rest) = split(layer, order);
            foreach (var one in made(layer, taken, rest).OfType<DeskLayer>())
                after.Add(one.Id.Length > 0 ? one : one with { Id = Desk.FreeId([.. layers, .. after], layer.Id) });
        }

        return after;
    }

    public static IReadOnlyList<DeskLayer> From(IReadOnlyList<DeskLayer> layers, WorkOrder order,
        Func<DeskLayer, (Ground Taken, Ground Left)> split, Func<DeskLayer, Ground, Ground, IReadOnlyList<DeskLayer?>> made) =>
        From(layers, order, (layer, _) => split(layer), made);

    /// <summary>The pieces of a layer that are asked for; all of them where none is named.</summary>
    public static (Ground Taken, Ground Left) Pieces(DeskLayer layer, WorkOrder order)
    {
        if (!order.Pieces.TryGetValue(layer.Id, out var asked))
            return (layer.Ground, Plane.Nothing);
        var pieces = Plane.Parts(layer.Ground);
        foreach (var wrong in asked.Where(i => i < 0 || i >= pieces.Count))
            throw new RefusedDrawing(
                new Phrase("pieces.no-such", ("piece", wrong), ("layer", layer.Id), ("pieces", pieces.Count)), "out-of-range");
        return (Plane.Of([.. pieces.Where((_, i) => asked.Contains(i))]), Plane.Of([.. pieces.Where((_, i) => !asked.Contains(i))]));
    }

    /// <summary>What is taken lies above what stays, in a layer of its own; where nothing stays there is nothing to part.</summary>
    public static IReadOnlyList<DeskLayer?> Beside(DeskLayer layer, Ground taken, Ground rest) =>
        taken.IsEmpty || rest.IsEmpty ? [layer] : [layer.With(rest), (layer with { Id = "" }).With(taken)];
}
