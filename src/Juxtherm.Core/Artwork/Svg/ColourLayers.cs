using Juxtherm.Core.Geometry;
using Juxtherm.Core.Reading;
using NetTopologySuite.Index.HPRtree;

namespace Juxtherm.Core.Artwork.Svg;

/// <summary>How a drawing is split into layers.</summary>
public enum Separation
{
    /// <summary>As it is seen: each colour is cut out of what lies below it, and no vinyl lies on vinyl.</summary>
    Seen,

    /// <summary>Lower colours run on underneath the upper ones, as far as the picture stays the same.</summary>
    Stacked,
}

/// <summary>What is cut in one colour.</summary>
/// <param name="Colour">As <c>#rrggbb</c>.</param>
/// <param name="Shape">Its shape, at its place on the page.</param>
public sealed record ColourLayer(string Colour, CutShape Shape)
{
    /// <summary>Vinyl that stays, mm².</summary>
    public double AreaMm2 => Shape.AreaMm2;

    /// <summary>The box around it, mm on the page.</summary>
    public Box Bounds => Shape.Bounds;
}

/// <summary>Splits a drawing by colour.</summary>
public static class ColourLayers
{
    private const double HairParts = 2000;

    /// <summary>The layers of a drawing, lowest first.</summary>
    /// <param name="drawing">The drawing.</param>
    /// <param name="separation">How it is split.</param>
    /// <param name="cancel">Gives up.</param>
    public static IReadOnlyList<ColourLayer> Of(Drawing drawing, Separation separation, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(drawing);
        var runs = Runs(drawing.Shapes);
        // Sorted by where a colour is painted last: what is painted last lies on top.
        var rank = runs.Select((s, i) => (s.Colour, i)).GroupBy(p => p.Colour, StringComparer.Ordinal)
            .ToDictionary(g => g.Key, g => g.Max(p => p.i), StringComparer.Ordinal);
        // Piece by piece: what lies far apart in one colour would otherwise meet everything in between.
        var pieces = runs.SelectMany((run, order) => Plane.Parts(run.Ground)
            .Select(ground => (run.Colour, Order: order, Ground: (Ground)ground))).ToList();
        var tree = new HPRtree<int>();
        for (var i = 0; i < pieces.Count; i++)
            tree.Insert(pieces[i].Ground.EnvelopeInternal, i);
        var left = new List<PaintedShape>();
        foreach (var (done, mine) in pieces.Index())
        {
            cancel.ThrowIfCancellationRequested();
            Patience.Tell(done, pieces.Count);
            // Stacked, a later colour cuts only what would otherwise lie on top of it.
            var later = tree.Query(mine.Ground.EnvelopeInternal).Order().Select(j => pieces[j])
                .Where(p => p.Order > mine.Order && p.Colour != mine.Colour
                    && (separation == Separation.Seen || rank[p.Colour] < rank[mine.Colour]));
            left.Add(new PaintedShape(mine.Colour, Plane.Difference(mine.Ground, Plane.Union(later.Select(p => p.Ground)))));
        }

        var hair = Math.Max(drawing.WidthMm, drawing.HeightMm) / HairParts;
        return
        [
            .. left.GroupBy(s => s.Colour, StringComparer.Ordinal).OrderBy(g => rank[g.Key])
                .Select(g => (g.Key, Shape: CutShape.Of(WithoutHairs(Plane.Union(g.Select(s => s.Ground)), hair))))
                .Where(l => l.Shape is not null).Select(l => new ColourLayer(l.Key, l.Shape!)),
        ];
    }

    /// <summary>Where two outlines nearly meet, cutting one out of the other leaves hairs that no eye sees and no blade cuts.</summary>
    private static Ground WithoutHairs(Ground ground, double hairMm)
    {
        var pieces = Plane.Parts(ground);
        var kept = pieces.Where(p => p.Area > 100 * hairMm * hairMm || !Plane.Offset(p, -hairMm / 2).IsEmpty).ToList();
        return kept.Count == pieces.Count ? ground : Plane.Of(kept);
    }

    /// <summary>Shapes of one colour painted one after the other are one.</summary>
    private static List<PaintedShape> Runs(IReadOnlyList<PaintedShape> shapes)
    {
        var runs = new List<PaintedShape>();
        var same = new List<Ground>();
        for (var i = 0; i < shapes.Count; i++)
        {
            same.Add(shapes[i].Ground);
            if (i + 1 < shapes.Count && shapes[i + 1].Colour == shapes[i].Colour)
                continue;
            runs.Add(new PaintedShape(shapes[i].Colour, Plane.Union(same)));
            same.Clear();
        }

        return runs;
    }
}
