namespace Juxtherm.Core.Cutting.Stock;

/// <summary>What vinyl on hand is.</summary>
public enum StockKind
{
    /// <summary>A roll: cut off by length.</summary>
    Roll,

    /// <summary>A whole sheet.</summary>
    Sheet,

    /// <summary>What was left of one, a rectangle or one with a corner gone.</summary>
    Offcut,
}

/// <summary>A roll, sheet or offcut on hand.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Vinyl">Vinyl id, shipped or own.</param>
/// <param name="Colour">As <c>#rrggbb</c>.</param>
/// <param name="ColourName">What its colour is called; empty when not said.</param>
/// <param name="WidthMm">mm.</param>
/// <param name="LengthMm">Length that is free: neither used nor promised to a cut, mm.</param>
/// <param name="CornerWidthMm">Width of the corner that is gone, mm; 0 for none.</param>
/// <param name="CornerLengthMm">Its length, mm.</param>
/// <param name="Lot">Lot or batch; empty when not said.</param>
/// <param name="Label">What is written on it.</param>
/// <param name="PricePerMetre">Price of a metre at its width, in the workshop's own money; null when not known.</param>
/// <param name="LowMm">Below this it is running out, mm; 0 for never.</param>
public sealed record VinylStock(
    string Id, StockKind Kind, string Vinyl, string Colour, string ColourName, double WidthMm, double LengthMm, double CornerWidthMm,
    double CornerLengthMm, string Lot, string Label, double? PricePerMetre, double LowMm)
{
    /// <summary>Price of an area of it; null when not known.</summary>
    /// <param name="mm2">mm².</param>
    public double? PriceOf(double mm2) => PricePerMetre is { } price ? price * mm2 / WidthMm / 1000 : null;
}
