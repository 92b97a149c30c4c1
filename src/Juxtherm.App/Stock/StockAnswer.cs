using Juxtherm.Core.Artwork;
using Juxtherm.Core.Cutting.Stock;
using Juxtherm.Store;

namespace Juxtherm.App.Stock;

/// <summary>A roll, sheet or offcut on hand.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Version">Give it back when changing it.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Vinyl">Vinyl id.</param>
/// <param name="Colour">As <c>#rrggbb</c>.</param>
/// <param name="ColourName">What its colour is called.</param>
/// <param name="WidthMm">mm.</param>
/// <param name="OnHandMm">Length on the shelf, mm.</param>
/// <param name="ReservedMm">Of that promised to cuts, mm.</param>
/// <param name="CornerWidthMm">Width of the corner that is gone, mm.</param>
/// <param name="CornerLengthMm">Its length, mm.</param>
/// <param name="Lot">Lot.</param>
/// <param name="Label">What is written on it.</param>
/// <param name="PricePerMetre">Price of a metre; null when not known.</param>
/// <param name="LowMm">Below this it is running out, mm.</param>
/// <param name="Low">It is running out.</param>
/// <param name="ColourWord">What its colour is called; the nearest common word where nobody gave it a name.</param>
public sealed record StockAnswer(
    string Id, int Version, StockKind Kind, string Vinyl, string Colour, string ColourName, double WidthMm, double OnHandMm,
    double ReservedMm, double CornerWidthMm, double CornerLengthMm,
    string Lot, string Label, double? PricePerMetre, double LowMm, bool Low, string ColourWord)
{
    /// <summary>What is on hand, as it is answered.</summary>
    /// <param name="s">As it is kept.</param>
    internal static StockAnswer Of(StockOnHand s)
    {
        var v = s.Vinyl;
        return new StockAnswer(
            v.Id, s.Row.Version, v.Kind, v.Vinyl, v.Colour, v.ColourName, v.WidthMm, Math.Round(s.Ledger.OnHandMm, 1),
            Math.Round(s.Ledger.ReservedMm, 1), v.CornerWidthMm, v.CornerLengthMm,
            v.Lot, v.Label, v.PricePerMetre, v.LowMm, v.LowMm > 0 && s.Ledger.FreeMm < v.LowMm,
            v.ColourName.Length > 0 ? v.ColourName : ColourWords.Nearest(v.Colour));
    }
}
