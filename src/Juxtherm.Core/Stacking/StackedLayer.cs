using Juxtherm.Core.Artwork;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Stacking;

/// <summary>How a carrier is cut round its artwork.</summary>
public enum CarrierCut
{
    /// <summary>As a box.</summary>
    Box,

    /// <summary>Trimmed along the artwork's contour.</summary>
    Contour,
}

/// <summary>A layer of vinyl as far as laying it goes.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Vinyl">The vinyl.</param>
/// <param name="Peel">How it is peeled.</param>
/// <param name="Box">Where it lies; null when that is not known.</param>
/// <param name="AreaMm2">Its size, for the order, mm²; null when not known.</param>
/// <param name="CarrierMarginMm">How far its carrier reaches beyond it, mm.</param>
/// <param name="Over">Ids of layers that it is said to lie on.</param>
/// <param name="Side">Which face it lies on; layers of different faces never meet.</param>
public sealed record StackedLayer(string Id, Vinyl Vinyl, PeelMethod Peel, Box? Box, double? AreaMm2, double CarrierMarginMm,
    IReadOnlyList<string> Over, int Side = 0)
{
    /// <summary>Its true shape, fitted into its box; null while only the box is known.</summary>
    public CutShape? Shape { get; init; }

    /// <summary>How its carrier is cut.</summary>
    public CarrierCut Cut { get; init; }

    /// <summary>The box around the carrier; null when it is not known where it lies.</summary>
    public Box? Carrier => Box?.Grown(CarrierMarginMm);

    /// <summary>Whether vinyl of two layers shares ground: by true shapes where they are known, by boxes otherwise.</summary>
    /// <param name="other">The other layer.</param>
    public bool Overlaps(StackedLayer other)
    {
        ArgumentNullException.ThrowIfNull(other);
        return Side == other.Side && Box is { } mine && other.Box is { } theirs && CutShape.Overlap(Shape, mine, other.Shape, theirs);
    }
}
