using Juxtherm.Core.Reading;
using NetTopologySuite.Geometries;

namespace Juxtherm.Core.Geometry;

/// <summary>Why a place is delicate.</summary>
public enum DelicateKind
{
    /// <summary>A piece so small that it comes off with the waste.</summary>
    Island,

    /// <summary>A strip so narrow that it stretches or tears.</summary>
    Strip,

    /// <summary>A neck between two larger parts.</summary>
    Neck,

    /// <summary>A centre too small to pick out cleanly.</summary>
    Centre,
}

/// <summary>A place that will be hard to weed.</summary>
/// <param name="Kind">Why.</param>
/// <param name="XMm">Its middle.</param>
/// <param name="YMm">Its middle.</param>
/// <param name="RadiusMm">A ring this large goes round it.</param>
public readonly record struct DelicatePlace(DelicateKind Kind, double XMm, double YMm, double RadiusMm);

/// <summary>
/// Finds strips and islands by how wide the vinyl is along its edges. Sharp corners and the tips of wedges are narrow too; only what
/// joins two wider parts, keeps its width over some length or is a whole piece counts.
/// </summary>
public static class DelicatePlaces
{
    /// <summary>Nothing wider than this is called a detail, mm.</summary>
    public const double WidestMm = 20;

    // A place exactly as wide as the limit is measured, not taken for wide.
    private const double Hair = 1e-6;
    private const double FinestMm = 0.02;
    private const double FirstMm = 0.1;
    private const double Coarser = 1.5;
    private const int MostRings = 400;
    private const double MostRing = 3;

    /// <summary>Delicate places of a shape.</summary>
    internal static IReadOnlyList<DelicatePlace> In(Ground ground, double limitMm)
    {
        var places = new List<DelicatePlace>();
        foreach (var alike in AlikePieces.Of(Plane.Parts(ground)))
        {
            Patience.Look();
            var here = In(alike[0], limitMm);
            foreach (var (x, y) in here.Count == 0 ? [] : alike.Select(piece => AlikePieces.Apart(alike[0], piece)))
                places.AddRange(here.Select(p => p with { XMm = p.XMm + x, YMm = p.YMm + y }));
            if (places.Count > MostRings)
                break;
        }

        return [.. places.Take(MostRings)];
    }

    private static List<DelicatePlace> In(Polygon piece, double limitMm)
    {
        var places = new List<DelicatePlace>();
        places.AddRange(NarrowStretch.Of(EdgeWidths.Of(piece, limitMm * (1 + Hair)), limitMm).Select(s => Ringed(s.Kind, s, limitMm)));
        foreach (var hole in piece.InteriorRings)
        {
            var inside = Plane.Factory.CreatePolygon((LinearRing)hole);
            if (NarrowStretch.Of(EdgeWidths.Of(inside, limitMm * (1 + Hair)), limitMm)
                .FirstOrDefault(s => s.Kind == DelicateKind.Island) is { } all)
                places.Add(Ringed(DelicateKind.Centre, all, limitMm));
            if (places.Count > MostRings)
                break;
        }

        return places;
    }

    /// <summary>Width of the narrowest strip or island, mm.</summary>
    internal static double Narrowest(Ground ground)
    {
        var narrowest = WidestMm;
        foreach (var piece in AlikePieces.Of(Plane.Parts(ground)).Select(alike => alike[0]).OrderBy(p => p.Area))
        {
            Patience.Look();
            var widths = EdgeWidths.Of(piece, narrowest * (1 + Hair));
            // From fine to coarse, because a short strip is no strip any more to a coarse eye.
            var low = 0.0;
            for (var high = Math.Min(FirstMm, narrowest); low < narrowest; (low, high) = (high, Math.Min(high * Coarser, narrowest)))
            {
                if (!NarrowStretch.Of(widths, high).Any())
                    continue;
                narrowest = Between(widths, low, high);
                break;
            }
        }

        return narrowest;
    }

    private static double Between(EdgeWidths widths, double low, double high)
    {
        while (high - low > Math.Max(FinestMm, high / 200))
        {
            var middle = (low + high) / 2;
            if (NarrowStretch.Of(widths, middle).Any())
                high = middle;
            else
                low = middle;
        }

        return high;
    }

    /// <summary>A ring round the place; a long strip is ringed at its middle, or the ring would hide the picture.</summary>
    private static DelicatePlace Ringed(DelicateKind kind, NarrowStretch stretch, double limit)
    {
        var most = limit * MostRing;
        var (x, y) = stretch.ReachMm / 2 > most ? stretch.Within : stretch.Middle;
        return new DelicatePlace(kind, x, y, Math.Min(stretch.ReachMm / 2, most) + limit);
    }
}
