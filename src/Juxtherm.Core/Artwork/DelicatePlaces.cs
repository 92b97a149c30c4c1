using NetTopologySuite.Algorithm;
using NetTopologySuite.Algorithm.Construct;
using NetTopologySuite.Geometries;
using NetTopologySuite.Simplify;

namespace Juxtherm.Core.Artwork;

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
/// Finds strips and islands: what is lost when the shape is shrunk by half the limit and grown again is narrower than the limit.
/// Sharp corners and the tips of wedges are lost too; only what is no tip and reaches far, separates parts or is a whole piece counts.
/// </summary>
public static class DelicatePlaces
{
    /// <summary>Nothing wider than this is called a detail, mm.</summary>
    public const double WidestMm = 20;

    // A corner of 90° loses 1.4 half-limits along its diagonal, one of 35° about 3.3: longer than that is a strip.
    private const double StripReach = 3.5;
    private const double TipShrink = 0.6;
    private const double TipKeeps = 0.65;
    private const double FinestMm = 0.02;
    private const double FirstMm = 0.1;
    private const double Coarser = 1.5;
    private const int MostRings = 400;
    private const double MostRing = 3;

    /// <summary>Delicate places of a shape.</summary>
    internal static IReadOnlyList<DelicatePlace> In(Ground ground, double limitMm)
    {
        var places = new List<DelicatePlace>();
        foreach (var piece in Plane.Pieces(ground))
        {
            places.AddRange(OfPiece(piece, limitMm));
            foreach (var hole in piece.InteriorRings)
            {
                var inside = Plane.Factory.CreatePolygon((LinearRing)hole);
                if (Plane.Offset(inside, -limitMm / 2).IsEmpty)
                    places.Add(Ringed(DelicateKind.Centre, inside, limitMm));
            }

            if (places.Count > MostRings)
                break;
        }

        return [.. places.Take(MostRings)];
    }

    /// <summary>Width of the narrowest strip or island, mm.</summary>
    internal static double Narrowest(Ground ground)
    {
        var narrowest = WidestMm;
        foreach (var piece in Plane.Pieces(ground).OrderBy(p => p.Area))
        {
            // From fine to coarse, because a short strip is no strip any more to a coarse eye.
            var low = 0.0;
            for (var high = Math.Min(FirstMm, narrowest); low < narrowest; (low, high) = (high, Math.Min(high * Coarser, narrowest)))
            {
                if (!OfPiece(piece, high).Any())
                    continue;
                narrowest = Between(piece, low, high);
                break;
            }
        }

        return narrowest;
    }

    private static double Between(Polygon piece, double low, double high)
    {
        while (high - low > Math.Max(FinestMm, high / 200))
        {
            var middle = (low + high) / 2;
            if (OfPiece(piece, middle).Any())
                high = middle;
            else
                low = middle;
        }

        return high;
    }

    private static IEnumerable<DelicatePlace> OfPiece(Polygon piece, double limit)
    {
        var half = limit / 2;
        var body = DouglasPeuckerSimplifier.Simplify(piece, Math.Min(0.02, limit / 40));
        var shrunk = Plane.Offset(body, -half);
        if (shrunk.IsEmpty)
        {
            yield return Ringed(DelicateKind.Island, piece, limit);
            yield break;
        }

        var opened = Opened(shrunk, half);
        var parts = Plane.Pieces(opened);
        foreach (var lost in Plane.Pieces(Plane.Difference(body, opened)))
        {
            var reach = lost.EnvelopeInternal.Diameter;
            if (reach < half * 0.2)
                continue;
            if (parts.Count > 1 && parts.Count(p => p.EnvelopeInternal.Intersects(lost.EnvelopeInternal) && p.Distance(lost) < half * 0.1) > 1)
            {
                yield return Ringed(DelicateKind.Neck, lost, limit);
            }
            else if (reach > half * StripReach && !IsTip(lost, limit))
            {
                yield return Ringed(DelicateKind.Strip, lost, limit);
            }
        }
    }

    /// <summary>The tip of a wedge draws together as soon as it is shrunk; a strip keeps its length.</summary>
    private static bool IsTip(Polygon lost, double limit)
    {
        var inner = MaximumInscribedCircle.GetRadiusLine(lost, limit / 50).Length;
        return Plane.Offset(lost, -TipShrink * inner).EnvelopeInternal.Diameter < TipKeeps * lost.EnvelopeInternal.Diameter;
    }

    /// <summary>Grown back by a hair more than it was shrunk, so that straight edges leave nothing behind.</summary>
    private static Ground Opened(Ground shrunk, double half) => Plane.Offset(shrunk, half * 1.03);

    /// <summary>A ring round the place; a long strip is ringed at its middle, or the ring would hide the picture.</summary>
    private static DelicatePlace Ringed(DelicateKind kind, Ground place, double limit)
    {
        var circle = new MinimumBoundingCircle(place);
        var most = limit * MostRing;
        var middle = circle.GetRadius() > most || circle.GetCentre() is null ? place.InteriorPoint.Coordinate : circle.GetCentre();
        return new DelicatePlace(kind, middle.X, middle.Y, Math.Min(circle.GetRadius(), most) + limit);
    }
}
