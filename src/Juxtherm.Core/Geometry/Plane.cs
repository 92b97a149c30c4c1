using Juxtherm.Core.Reading;
using NetTopologySuite.Geometries;
using NetTopologySuite.Operation.Buffer;
using NetTopologySuite.Operation.OverlayNG;
using NetTopologySuite.Operation.Union;

namespace Juxtherm.Core.Geometry;

/// <summary>Ground on a plane, mm: put together, cut and offset. Everything that comes out is polygons, valid and without crumbs.</summary>
internal static class Plane
{
    /// <summary>A piece of vinyl smaller than this is a leftover of arithmetic, mm².</summary>
    private const double CrumbMm2 = 1e-4;
    private const int FewCorners = 500;
    private const double Crowded = 1.5;
    private const int SidesAtOnce = 16;
    private const int BitQuadrant = 8;

    public static GeometryFactory Factory { get; } = new();

    public static Ground Nothing { get; } = Factory.CreateMultiPolygon();

    public static Ground Union(IEnumerable<Ground> grounds)
    {
        var all = grounds.Where(g => !g.IsEmpty).ToList();
        return all.Count switch
        {
            0 => Nothing,
            1 => all[0],
            _ => Of([.. Neighbourhoods.Of(all.ConvertAll(g => g.EnvelopeInternal)).SelectMany(near => Parts(near.Count == 1
                ? all[near[0]] : Clean(CascadedPolygonUnion.Union([.. near.Select(i => all[i])]) ?? Nothing)))]),
        };
    }

    public static Ground Union(Ground a, Ground b) => Union([a, b]);

    public static Ground Difference(Ground from, Ground cut) =>
        from.IsEmpty || cut.IsEmpty || !from.EnvelopeInternal.Intersects(cut.EnvelopeInternal)
        ? from : Clean(OverlayNGRobust.Overlay(from, cut, NetTopologySuite.Operation.Overlay.SpatialFunction.Difference));

    public static Ground Intersection(Ground a, Ground b) =>
        a.IsEmpty || b.IsEmpty || !a.EnvelopeInternal.Intersects(b.EnvelopeInternal)
        ? Nothing : Clean(OverlayNGRobust.Overlay(a, b, NetTopologySuite.Operation.Overlay.SpatialFunction.Intersection));

    /// <summary>Grown by so many mm all round, or with a negative figure shrunk.</summary>
    public static Ground Offset(Ground ground, double mm)
    {
        if (ground.IsEmpty || mm == 0)
            return ground;
        Patience.Look();
        return IsCrowded(ground, Math.Abs(mm))
            ? OffsetBitByBit(ground, mm)
            : Clean(BufferOp.Buffer(ground, mm, new BufferParameters(16, EndCapStyle.Round, JoinStyle.Round, 5)));
    }

    /// <summary>An outline that turns back on itself within the distance crosses itself at nearly every side once it is offset as a
    /// whole.</summary>
    private static bool IsCrowded(Ground ground, double mm)
    {
        var around = ground.EnvelopeInternal;
        return ground.NumPoints > FewCorners && ground.Length * mm > Crowded * (around.Width + 2 * mm) * (around.Height + 2 * mm);
    }

    /// <summary>The same, by growing a few sides at a time and putting them together, neighbours first: what is covered is forgotten on the
    /// way.</summary>
    private static Ground OffsetBitByBit(Ground ground, double mm)
    {
        var grown = new List<Ground>();
        foreach (var ring in Parts(ground).SelectMany(p => p.Holes.Append(p.Shell)))
        {
            var corners = ring.Coordinates;
            for (var i = 0; i + 1 < corners.Length; i += SidesAtOnce)
            {
                Patience.Look();
                var some = Factory.CreateLineString(corners[i..Math.Min(i + SidesAtOnce + 1, corners.Length)]);
                grown.Add(BufferOp.Buffer(some, Math.Abs(mm), new BufferParameters(BitQuadrant, EndCapStyle.Round, JoinStyle.Round, 5)));
            }
        }

        // In pairs, so that it can be given up in between.
        while (grown.Count > 1)
        {
            var pairs = new List<Ground>((grown.Count + 1) / 2);
            for (var i = 0; i < grown.Count; i += 2)
            {
                Patience.Look();
                pairs.Add(i + 1 < grown.Count ? Union(grown[i], grown[i + 1]) : grown[i]);
            }

            grown = pairs;
        }

        return mm > 0 ? Union(ground, grown[0]) : Difference(ground, grown[0]);
    }

    /// <summary>Without its holes.</summary>
    public static Ground Filled(Ground ground) => Union(Parts(ground).Select(p => (Ground)Factory.CreatePolygon(p.Shell)));

    public static IReadOnlyList<Polygon> Parts(Ground ground)
    {
        var pieces = new List<Polygon>(ground.NumGeometries);
        for (var i = 0; i < ground.NumGeometries; i++)
        {
            if (ground.GetGeometryN(i) is Polygon { IsEmpty: false } piece)
                pieces.Add(piece);
        }

        return pieces;
    }

    public static Ground Of(IReadOnlyCollection<Polygon> pieces) =>
        pieces.Count == 1 ? pieces.First() : Factory.CreateMultiPolygon([.. pieces]);

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
