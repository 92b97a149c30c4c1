using Juxtherm.Core.Artwork;
using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Stacking;

/// <summary>Where carriers reach, and what they would lie on; by true shapes where they are known.</summary>
public static class Carriers
{
    /// <summary>Scissors follow a contour no closer than this, mm (common practice).</summary>
    public const double ClosestTrimMm = 2;

    /// <summary>Room that two trimmed carriers keep between them, mm (common practice).</summary>
    public const double BetweenMm = 0.5;

    private const double HairMm = 0.2;

    /// <summary>Whether two carriers share ground, so that they cannot be laid at once; true when it is not known where they lie.</summary>
    /// <param name="a">The one.</param>
    /// <param name="b">The other.</param>
    public static bool Meet(StackedLayer a, StackedLayer b)
    {
        ArgumentNullException.ThrowIfNull(a);
        ArgumentNullException.ThrowIfNull(b);
        return a.Carrier is not { } one || b.Carrier is not { } two || (one.Overlaps(two) && (Boxed(a, b) || Of(a, b).CarriersMeet));
    }

    /// <summary>Whether vinyl of the one lies on the carrier of the other. False when it is not known where they lie.</summary>
    /// <param name="upper">Whose vinyl.</param>
    /// <param name="lower">Whose carrier.</param>
    public static bool VinylOn(StackedLayer upper, StackedLayer lower)
    {
        ArgumentNullException.ThrowIfNull(upper);
        ArgumentNullException.ThrowIfNull(lower);
        return upper.Side == lower.Side && upper.Box is { } vinyl && lower.Carrier is { } carrier && vinyl.Overlaps(carrier)
            && (Boxed(upper, lower) || Of(upper, lower).VinylOnCarrier);
    }

    /// <summary>Whether the edge of a carrier ends on the vinyl of another. False when it is not known where they lie.</summary>
    /// <param name="upper">Whose carrier.</param>
    /// <param name="lower">Whose vinyl.</param>
    public static bool EdgeOn(StackedLayer upper, StackedLayer lower)
    {
        ArgumentNullException.ThrowIfNull(upper);
        ArgumentNullException.ThrowIfNull(lower);
        return upper.Side == lower.Side && upper.Carrier is { } carrier && lower.Box is { } vinyl && carrier.Overlaps(vinyl)
            && (Boxed(upper, lower) ? !carrier.Contains(vinyl) : Of(upper, lower).EdgeOnVinyl);
    }

    /// <summary>How far the vinyl of two layers is apart, mm; null when it is not known where they lie.</summary>
    /// <param name="a">The one.</param>
    /// <param name="b">The other.</param>
    public static double? ApartMm(StackedLayer a, StackedLayer b)
    {
        ArgumentNullException.ThrowIfNull(a);
        ArgumentNullException.ThrowIfNull(b);
        return a.Box is null || b.Box is null ? null : Of(a, b).ApartMm;
    }

    /// <summary>A carrier's outline as path data on the blank; null when it is not known where it lies.</summary>
    /// <param name="piece">The layer.</param>
    public static string? PathOf(StackedLayer piece)
    {
        ArgumentNullException.ThrowIfNull(piece);
        return piece.Box is null ? null : CutShape.Write(CarrierGround(piece));
    }

    /// <summary>The outline of a carrier trimmed along its artwork, as path data on the blank; null when it is not known where it
    /// lies.</summary>
    /// <param name="piece">The layer.</param>
    /// <param name="marginMm">How far it still reaches beyond the artwork, mm.</param>
    public static string? TrimmedPathOf(StackedLayer piece, double marginMm)
    {
        ArgumentNullException.ThrowIfNull(piece);
        return PathOf(piece with { Cut = CarrierCut.Contour, CarrierMarginMm = marginMm });
    }

    private static bool Boxed(StackedLayer a, StackedLayer b) => a.Shape is null && b.Shape is null;

    private static Ground VinylGround(StackedLayer piece) => CutShape.GroundOf(piece.Shape, piece.Box!.Value);

    private static Ground CarrierGround(StackedLayer piece) =>
        piece is { Cut: CarrierCut.Contour, Shape: { } shape }
        ? Plane.Offset(Plane.Filled(shape.In(piece.Box!.Value)), piece.CarrierMarginMm) : Shapes.Polygon(piece.Carrier!.Value);

    private static Lies Of(StackedLayer a, StackedLayer b)
    {
        // Only how the two lie to each other matters: while both are moved together the answer stays known.
        static double R(double mm) => Math.Round(mm, 2);
        var (x, y) = (a.Box!.Value, b.Box!.Value);
        var key = new Pair(
            a.Shape?.Token, b.Shape?.Token, R(y.XMm - x.XMm), R(y.YMm - x.YMm), R(x.WidthMm), R(x.HeightMm), R(y.WidthMm), R(y.HeightMm),
            a.CarrierMarginMm, b.CarrierMarginMm, a.Cut, b.Cut);
        return CutShape.Remembered(a.Shape, b.Shape, key, () =>
        {
            var (vinylA, vinylB, carrierA, carrierB) = (VinylGround(a), VinylGround(b), CarrierGround(a), CarrierGround(b));
            static bool Share(Ground one, Ground two) =>
                one.Intersects(two) && !Plane.Offset(Plane.Intersection(one, two), -HairMm / 2).IsEmpty;
            return new Lies(
                Share(carrierA, carrierB), Share(vinylA, carrierB),
                Share(carrierA, vinylB) && !Plane.Offset(carrierA, HairMm).Covers(vinylB),
                vinylA.Distance(vinylB));
        });
    }

    private readonly record struct Pair(
        object? A, object? B, double X, double Y, double WidthA, double HeightA, double WidthB, double HeightB, double MarginA,
        double MarginB, CarrierCut CutA, CarrierCut CutB);

    private sealed record Lies(bool CarriersMeet, bool VinylOnCarrier, bool EdgeOnVinyl, double ApartMm);
}
