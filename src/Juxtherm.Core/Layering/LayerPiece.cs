using Juxtherm.Core.Catalogue;

namespace Juxtherm.Core.Layering;

/// <summary>A box on the blank's face: x right, y down, from the upper left corner of the free area.</summary>
/// <param name="XMm">Left edge, mm.</param>
/// <param name="YMm">Upper edge, mm.</param>
/// <param name="WidthMm">Width, mm, above zero.</param>
/// <param name="HeightMm">Height, mm, above zero.</param>
public readonly record struct LayerBox(double XMm, double YMm, double WidthMm, double HeightMm)
{
    // Edges that only touch do not overlap; drawings are rounded to tenths.
    private const double TouchingMm = 0.2;

    /// <summary>The box with a margin all round.</summary>
    /// <param name="mm">Margin, mm.</param>
    public LayerBox Grown(double mm) => new(XMm - mm, YMm - mm, WidthMm + 2 * mm, HeightMm + 2 * mm);

    /// <summary>Whether another box lies wholly inside.</summary>
    /// <param name="other">The other.</param>
    public bool Contains(LayerBox other) => other.XMm >= XMm && other.YMm >= YMm && other.XMm + other.WidthMm <= XMm + WidthMm && other.YMm + other.HeightMm <= YMm + HeightMm;

    /// <summary>Whether two boxes share ground.</summary>
    /// <param name="other">The other.</param>
    public bool Overlaps(LayerBox other) =>
        XMm + WidthMm - other.XMm > TouchingMm && other.XMm + other.WidthMm - XMm > TouchingMm &&
        YMm + HeightMm - other.YMm > TouchingMm && other.YMm + other.HeightMm - YMm > TouchingMm;
}

/// <summary>A layer of vinyl as far as laying it goes.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Vinyl">The vinyl.</param>
/// <param name="Peel">How it is peeled.</param>
/// <param name="Box">Where it lies; null when that is not known.</param>
/// <param name="AreaMm2">Its size, for the order, mm²; null when not known.</param>
/// <param name="CarrierMarginMm">How far its carrier reaches beyond it, mm.</param>
/// <param name="Over">Ids of layers that it is said to lie on.</param>
public sealed record LayerPiece(string Id, Vinyl Vinyl, PeelMethod Peel, LayerBox? Box, double? AreaMm2, double CarrierMarginMm, IReadOnlyList<string> Over)
{
    /// <summary>The carrier's outline; null when it is not known where it lies.</summary>
    public LayerBox? Carrier => Box?.Grown(CarrierMarginMm);
}
