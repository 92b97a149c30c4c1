using Juxtherm.Core.Cutting.Stock;

namespace Juxtherm.App.Stock;

/// <summary>A roll, sheet or offcut as it is typed in.</summary>
/// <param name="CommandId">Chosen by whoever asks; asking twice counts once.</param>
/// <param name="Version">The version it was changed from; left out for a new one.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Vinyl">Vinyl id.</param>
/// <param name="Colour">As <c>#rrggbb</c> or an English name.</param>
/// <param name="ColourName">What its colour is called.</param>
/// <param name="WidthMm">mm.</param>
/// <param name="LengthMm">Length on the shelf, mm; left out on a change to leave it as it is.</param>
/// <param name="CornerWidthMm">Width of the corner that is gone, mm.</param>
/// <param name="CornerLengthMm">Its length, mm.</param>
/// <param name="Lot">Lot.</param>
/// <param name="Label">What is written on it; left out for one made up.</param>
/// <param name="PricePerMetre">Price of a metre.</param>
/// <param name="LowMm">Below this it is running out, mm.</param>
/// <param name="IsCut">With a length that was measured, where some of it is promised to cuts: whether that is cut already. Left out it is
/// asked.</param>
public sealed record StockAsk(
    Guid CommandId, int? Version, StockKind Kind, string Vinyl, string Colour, string? ColourName, double WidthMm, double? LengthMm,
    double? CornerWidthMm, double? CornerLengthMm,
    string? Lot, string? Label, double? PricePerMetre, double? LowMm, bool? IsCut = null);

/// <summary>A table of vinyl on hand.</summary>
/// <param name="CommandId">Chosen by whoever asks; asking twice counts once.</param>
/// <param name="Text">CSV with a heading.</param>
public sealed record StockTableAsk(Guid CommandId, string Text);
