using Juxtherm.Core.Geometry;
using Juxtherm.Core.Notices;
using NetTopologySuite.Geometries;
using NetTopologySuite.Geometries.Utilities;

namespace Juxtherm.Core.Artwork.Work;

/// <summary>A layer on the desk: its shape where it lies.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Vinyl">Id of its vinyl.</param>
/// <param name="Colour">As <c>#rrggbb</c>; null when not said.</param>
/// <param name="Side">Which face it lies on; layers of different faces never meet.</param>
/// <param name="BearsNothingBelow">Its vinyl wants bare cloth or is better laid on it: a base underneath is dropped.</param>
/// <param name="Shape">Its shape.</param>
/// <param name="Box">Where it lies, mm.</param>
internal sealed record DeskLayer(string Id, string Vinyl, string? Colour, int Side, bool BearsNothingBelow, CutShape Shape, Box Box)
{
    private Ground? _ground;

    /// <summary>The shape is no longer the one that the layer had.</summary>
    public bool Recut { get; private init; }

    public Ground Ground => _ground ??= Shape.In(Box);

    /// <summary>The same layer with other ground; null when nothing of it is left.</summary>
    public DeskLayer? With(Ground ground)
    {
        if (ReferenceEquals(ground, Ground))
            return this;
        return CutShape.Of(ground) is { } shape ? this with { Shape = shape, Box = shape.Bounds, Recut = true, _ground = ground } : null;
    }

    /// <summary>The same layer somewhere else, or at another size.</summary>
    public DeskLayer At(Box box) => this with { Box = box, _ground = null };
}

/// <summary>What is asked for.</summary>
/// <param name="Chosen">Ids of the layers concerned, at least one.</param>
/// <param name="Mm">A length that the work takes, mm.</param>
internal sealed record WorkOrder(IReadOnlyList<string> Chosen, double Mm)
{
    /// <summary>Pieces that are meant, by layer: places among the layer's pieces, from 0. A layer that is not named is meant as a
    /// whole.</summary>
    public IReadOnlyDictionary<string, IReadOnlyList<int>> Pieces { get; init; } =
        new Dictionary<string, IReadOnlyList<int>>(StringComparer.Ordinal);

    /// <summary>Where it is to be done; null for everywhere.</summary>
    public Ground? Region { get; init; }
}

/// <summary>What a kind of work is done on.</summary>
public enum WorkNeeds
{
    /// <summary>Whole layers.</summary>
    Layers,

    /// <summary>Layers, or some of their pieces.</summary>
    Pieces,

    /// <summary>A region of layers.</summary>
    Region,
}

/// <summary>Work on layers that is done by hand otherwise. A new kind of work is a new class in this folder; it is found by
/// itself.</summary>
internal interface ILayerWork
{
    /// <summary>Its id.</summary>
    string Id { get; }

    /// <summary>What it is done on.</summary>
    WorkNeeds Needs => WorkNeeds.Layers;

    /// <summary>What it takes as a length, mm: least, most and usual; null when it takes none.</summary>
    (double Least, double Most, double Usual)? Length => null;

    /// <summary>Does it.</summary>
    /// <param name="layers">All layers, lowest first.</param>
    /// <param name="order">What is asked for.</param>
    /// <returns>The layers afterwards, lowest first.</returns>
    /// <exception cref="RefusedDrawing">It cannot be done with these.</exception>
    IReadOnlyList<DeskLayer> Do(IReadOnlyList<DeskLayer> layers, WorkOrder order);
}

/// <summary>What several kinds of work have in common.</summary>
internal static class Desk
{
    public static IReadOnlyList<ILayerWork> All { get; } =
    [
        new CentreAcross(), new CentreDown(), new CoverUp(), new CutBelow(), new CutOut(), new DropBase(), new Duplicate(),
        new EqualWidths(), new EvenSpacing(), new FillBeneath(), new HalveAcross(), new HalveDown(), new KeepInside(), new KeepPieces(),
        new MergeShades(), new OpenLines(), new OutlineBase(), new OwnLayer(), new PiecesApart(), new RemovePieces(), new SilhouetteBase(),
        new Stencil(), new SwapHalves(), new Weld(),
    ];

    public static List<DeskLayer> Chosen(IReadOnlyList<DeskLayer> layers, WorkOrder order) =>
        [.. layers.Where(l => order.Chosen.Contains(l.Id, StringComparer.Ordinal))];

    /// <summary>The chosen layers, which must lie on one face.</summary>
    public static List<DeskLayer> OfOneFace(IReadOnlyList<DeskLayer> layers, WorkOrder order)
    {
        var chosen = Chosen(layers, order);
        return chosen.Exists(l => l.Side != chosen[0].Side)
            ? throw new RefusedDrawing(new Phrase("desk.does-not-fit"), "does-not-fit") : chosen;
    }

    /// <summary>What lies above a layer on its face, lowest first.</summary>
    public static IEnumerable<DeskLayer> Above(IReadOnlyList<DeskLayer> layers, DeskLayer layer) =>
        layers.SkipWhile(l => l != layer).Skip(1).Where(l => l.Side == layer.Side);

    public static IReadOnlyList<DeskLayer> Each(IReadOnlyList<DeskLayer> layers, Func<DeskLayer, DeskLayer?> change) =>
        [.. layers.Select(change).OfType<DeskLayer>()];

    /// <summary>Changes the places and sizes of parts: of the chosen layers as wholes, or of the pieces of a single one.</summary>
    /// <param name="layers">All layers.</param>
    /// <param name="order">What is asked for.</param>
    /// <param name="least">Fewest parts that it makes sense for.</param>
    /// <param name="change">Where each part goes, in the order given.</param>
    public static IReadOnlyList<DeskLayer> Parts(IReadOnlyList<DeskLayer> layers, WorkOrder order, int least,
        Func<IReadOnlyList<Box>, IReadOnlyList<Box>> change)
    {
        var chosen = Chosen(layers, order);
        if (chosen.Count > 1)
        {
            Enough(chosen.Count, least, "layers");
            var moved = change(chosen.ConvertAll(l => l.Box));
            return Each(layers, l => chosen.IndexOf(l) is >= 0 and var i ? l.At(moved[i]) : l);
        }

        var only = chosen[0];
        var pieces = Plane.Parts(only.Ground);
        Enough(pieces.Count, least, $"pieces in “{only.Id}”");
        var boxes = pieces.Select(BoxOf).ToList();
        var places = change(boxes);
        var ground = Plane.Union(pieces.Select((p, i) => Moved(p, boxes[i], places[i])));
        return Each(layers, l => l == only ? l.With(ground) : l);
    }

    public static Box BoxOf(Ground ground) =>
        new(ground.EnvelopeInternal.MinX, ground.EnvelopeInternal.MinY, ground.EnvelopeInternal.Width, ground.EnvelopeInternal.Height);

    /// <summary>An id that no layer has yet.</summary>
    public static string FreeId(IReadOnlyList<DeskLayer> layers, string wish)
    {
        var id = wish;
        for (var n = 2; layers.Any(l => l.Id == id); n++)
            id = $"{wish}-{n}";
        return id;
    }

    private static Ground Moved(Polygon piece, Box from, Box to)
    {
        var (x, y) = (to.WidthMm / from.WidthMm, to.HeightMm / from.HeightMm);
        return new AffineTransformation(x, 0, to.XMm - from.XMm * x, 0, y, to.YMm - from.YMm * y).Transform(piece);
    }

    private static void Enough(int found, int least, string what)
    {
        if (found < least)
            throw new RefusedDrawing(new Phrase("desk.out-of-range", ("least", least), ("what", what), ("found", found)), "out-of-range");
    }
}
