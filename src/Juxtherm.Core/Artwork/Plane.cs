using NetTopologySuite.Geometries;
using NetTopologySuite.Operation.Buffer;
using NetTopologySuite.Operation.OverlayNG;
using NetTopologySuite.Operation.Union;

namespace Juxtherm.Core.Artwork;

/// <summary>Ground on a plane, mm: put together, cut and offset. Everything that comes out is polygons, valid and without crumbs.</summary>
internal static class Plane
{
    /// <summary>A piece of vinyl smaller than this is a leftover of arithmetic, mm².</summary>
    private const double CrumbMm2 = 1e-4;

    public static GeometryFactory Factory { get; } = new();

    public static Ground Nothing { get; } = Factory.CreateMultiPolygon();

    public static Ground Union(IEnumerable<Ground> grounds)
    {
        var all = grounds.Where(g => !g.IsEmpty).ToList();
        return all.Count switch
        {
            0 => Nothing,
            1 => all[0],
            _ => Clean(CascadedPolygonUnion.Union(all) ?? Nothing),
        };
    }

    public static Ground Union(Ground a, Ground b) => Union([a, b]);

    public static Ground Difference(Ground from, Ground cut) =>
        from.IsEmpty || cut.IsEmpty || !from.EnvelopeInternal.Intersects(cut.EnvelopeInternal) ? from : Clean(OverlayNGRobust.Overlay(from, cut, NetTopologySuite.Operation.Overlay.SpatialFunction.Difference));

    public static Ground Intersection(Ground a, Ground b) =>
        a.IsEmpty || b.IsEmpty || !a.EnvelopeInternal.Intersects(b.EnvelopeInternal) ? Nothing : Clean(OverlayNGRobust.Overlay(a, b, NetTopologySuite.Operation.Overlay.SpatialFunction.Intersection));

    /// <summary>Grown by so many mm all round, or with a negative figure shrunk.</summary>
    public static Ground Offset(Ground ground, double mm) =>
        ground.IsEmpty || mm == 0 ? ground : Clean(BufferOp.Buffer(ground, mm, new BufferParameters(16, EndCapStyle.Round, JoinStyle.Round, 5)));

    /// <summary>Without its holes.</summary>
    public static Ground Filled(Ground ground) => Union(Pieces(ground).Select(p => (Ground)Factory.CreatePolygon(p.Shell)));

    public static IReadOnlyList<Polygon> Pieces(Ground ground)
    {
        var pieces = new List<Polygon>(ground.NumGeometries);
        for (var i = 0; i < ground.NumGeometries; i++)
        {
            if (ground.GetGeometryN(i) is Polygon { IsEmpty: false } piece)
                pieces.Add(piece);
        }

        return pieces;
    }

    public static Ground Of(IReadOnlyCollection<Polygon> pieces) => pieces.Count == 1 ? pieces.First() : Factory.CreateMultiPolygon([.. pieces]);

    /// <summary>Only the polygons of what an operation left, without crumbs.</summary>
    public static Ground Clean(Ground ground, double crumbMm2 = CrumbMm2)
    {
        var parts = new List<Polygon>();
        void Gather(Ground g)
        {
            if (g is Polygon p)
            {
                if (p.Area > crumbMm2)
                    parts.Add(p);
            }
            else if (g is GeometryCollection many)
            {
                foreach (var one in many.Geometries)
                    Gather(one);
            }
        }

        Gather(ground);
        return parts.Count == ground.NumGeometries && ground is Polygon or MultiPolygon ? ground : Of(parts);
    }
}
