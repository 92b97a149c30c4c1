using Juxtherm.Core.Cutting.Stock;
using Juxtherm.Store;

namespace Juxtherm.App.Stock;

/// <summary>What is on hand, as it is kept.</summary>
public static class StockRows
{
    /// <summary>A roll, sheet or offcut as a row.</summary>
    public static StockRow Row(VinylStock s) => new()
    {
        Id = s.Id,
        Kind = s.Kind.ToString().ToLowerInvariant(),
        Vinyl = s.Vinyl,
        Colour = s.Colour,
        ColourName = s.ColourName,
        WidthMm = s.WidthMm,
        CornerWidthMm = s.CornerWidthMm,
        CornerLengthMm = s.CornerLengthMm,
        Lot = s.Lot,
        Label = s.Label,
        PricePerMetre = s.PricePerMetre,
        LowMm = s.LowMm,
    };
}
