using Juxtherm.Core.Geometry;
using NetTopologySuite.Geometries;

namespace Juxtherm.Core.Artwork.Work;

/// <summary>Opens letters and numbers by upright bars through their strokes, so that every centre hangs on what lies around.</summary>
internal sealed class Stencil : ILayerWork
{
    private const double MeetMm = 1e-6;

    public string Id => "stencil";

    public (double Least, double Most, double Usual)? Length => (0.5, 20, 2);

    public IReadOnlyList<DeskLayer> Do(IReadOnlyList<DeskLayer> layers, WorkOrder order) => Desk.Each(layers, l =>
        order.Chosen.Contains(l.Id, StringComparer.Ordinal)
            ? l.With(Plane.Union(Plane.Parts(l.Ground).Select(p => Opened(p, order.Mm)))) : l);

    private static Ground Opened(Polygon piece, double barMm)
    {
        Ground opened = piece;
        // A bar may open several centres at once, or make a new one: it is looked again until none is left.
        for (var rounds = piece.NumInteriorRings; rounds > 0; rounds--)
        {
            if (Plane.Parts(opened).FirstOrDefault(p => p.NumInteriorRings > 0) is not { } closed)
                break;
            opened = Plane.Difference(opened, Bars(closed, barMm));
        }

        return opened;
    }

    /// <summary>A bar through what lies above and below a centre, no further than to the next gap.</summary>
    private static Ground Bars(Polygon piece, double barMm)
    {
        var centre = Plane.Factory.CreatePolygon(piece.Holes[0]);
        var (around, x) = (piece.EnvelopeInternal, centre.InteriorPoint.X);
        var bar = Shapes.Polygon(new Box(x - barMm / 2, around.MinY - 1, barMm, around.Height + 2));
        return Plane.Union(Plane.Parts(Plane.Intersection(piece, bar)).Where(p => p.IsWithinDistance(centre, MeetMm)));
    }
}
