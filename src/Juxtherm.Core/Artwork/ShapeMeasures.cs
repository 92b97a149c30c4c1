using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Artwork;

/// <summary>What there is to say of a shape.</summary>
/// <param name="AreaMm2">Vinyl that stays, mm².</param>
/// <param name="PerimeterMm">Length of all cuts, mm.</param>
/// <param name="Pieces">Pieces that do not hang together.</param>
/// <param name="Holes">Centres to pick out.</param>
/// <param name="SmallestFeatureMm">Width of its narrowest strip or island, mm, at most <see cref="DelicatePlaces.WidestMm"/>.</param>
public sealed record ShapeMeasures(double AreaMm2, double PerimeterMm, int Pieces, int Holes, double SmallestFeatureMm)
{
    /// <summary>The same shape at another size.</summary>
    /// <param name="x">Times as wide.</param>
    /// <param name="y">Times as high.</param>
    public ShapeMeasures Scaled(double x, double y) => this with
    {
        AreaMm2 = AreaMm2 * x * y,
        // Exact where proportions are kept; where they are not, outlines have no one direction to scale in.
        PerimeterMm = PerimeterMm * (x + y) / 2,
        SmallestFeatureMm = SmallestFeatureMm * Math.Min(x, y),
    };

    internal static ShapeMeasures Of(Ground ground)
    {
        var pieces = Plane.Parts(ground);
        return new ShapeMeasures(ground.Area, ground.Length, pieces.Count, pieces.Sum(p => p.NumInteriorRings),
            DelicatePlaces.Narrowest(ground));
    }
}
