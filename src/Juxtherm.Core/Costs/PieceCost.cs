namespace Juxtherm.Core.Costs;

/// <summary>What a piece costs, part by part, in cents that add up.</summary>
/// <param name="Vinyl">Vinyl, waste included.</param>
/// <param name="Blank">The item.</param>
/// <param name="Hands">Hands, its share of the set-up included.</param>
/// <param name="Power">Electricity.</param>
/// <param name="Licence">The drawing.</param>
/// <param name="Delivery">Its share of bringing the order.</param>
/// <param name="Consumables">Carrier, blades, cover sheets.</param>
/// <param name="Wear">Wear of press and cutter.</param>
/// <param name="Spoilage">Its share of pieces that come to nothing.</param>
public sealed record CostParts(
    decimal Vinyl, decimal Blank, decimal Hands, decimal Power, decimal Licence, decimal Delivery, decimal Consumables, decimal Wear,
    decimal Spoilage)
{
    /// <summary>All of it: below this money is lost.</summary>
    public decimal Cost => Vinyl + Blank + Hands + Power + Licence + Delivery + Consumables + Wear + Spoilage;
}

/// <summary>What a piece of a run costs, and what it is sold for.</summary>
/// <param name="Quantity">How many are made.</param>
/// <param name="PerPiece">What each costs.</param>
/// <param name="Net">What each is sold for, without tax.</param>
/// <param name="Tax">Tax on each.</param>
/// <param name="SpoilagePercent">Share of pieces that come to nothing, %.</param>
public sealed record PieceCost(int Quantity, CostParts PerPiece, decimal Net, decimal Tax, decimal SpoilagePercent)
{
    private const double Mm2PerM2 = 1_000_000;
    private const double SecondsPerHour = 3600;

    /// <summary>What each is sold for.</summary>
    public decimal Price => Net + Tax;

    /// <summary>What all of them are sold for.</summary>
    public decimal Total => Price * Quantity;

    /// <summary>Reckons it.</summary>
    /// <param name="use">What the run takes.</param>
    /// <param name="prices">What it is reckoned by.</param>
    /// <param name="spoilagePercent">Share of pieces that come to nothing, %, where the prices do not say.</param>
    public static PieceCost Of(RunUse use, Prices prices, decimal spoilagePercent)
    {
        ArgumentNullException.ThrowIfNull(use);
        ArgumentNullException.ThrowIfNull(prices);
        var pieces = use.Pieces;
        var vinyl = use.VinylMm2.Sum(v => (decimal)(v.Value / Mm2PerM2) * prices.Vinyl.GetValueOrDefault(v.Key,
            prices.VinylPerM2)) / pieces;
        var hands = (decimal)(use.HandSeconds / SecondsPerHour) * prices.Hourly / pieces;
        var power = (decimal)use.KWh * prices.KWh / pieces;
        var (vinylCents, handCents, powerCents) = (Cents(vinyl), Cents(hands), Cents(power));
        // For so many that come out, so many more have to be begun: each takes with it what it was made of.
        var share = Math.Clamp(prices.SpoilagePercent ?? spoilagePercent, 0, 90) / 100;
        var lost = (vinylCents + prices.Blank + handCents + powerCents + prices.ConsumablesPerPiece) * share / (1 - share);
        var parts = new CostParts(vinylCents, Cents(prices.Blank), handCents, powerCents,
            Cents(prices.LicencePer == LicencePer.Piece ? prices.Licence : prices.Licence / pieces),
                Cents(prices.DeliveryPerOrder / pieces),
            Cents(prices.ConsumablesPerPiece), Cents(prices.WearPerPiece), Cents(lost));
        // Tax is what is left of what the customer sees, so that both add up to it.
        var withTax = 1 + prices.TaxPercent / 100;
        var seen = Rounded(Sold(parts.Cost, prices) * withTax, prices.Rounding);
        var net = Cents(seen / withTax);
        return new PieceCost(pieces, parts, net, seen - net, share * 100);
    }

    private static decimal Sold(decimal cost, Prices prices) => prices.MarginPercent is { } margin
        ? cost / (1 - Math.Clamp(margin, 0, 95) / 100) : cost * (1 + (prices.MarkupPercent ?? 0) / 100);

    private static decimal Rounded(decimal seen, PriceRounding rounding) => rounding switch
    {
        PriceRounding.Half => Math.Ceiling(seen * 2) / 2,
        PriceRounding.Whole => Math.Ceiling(seen),
        PriceRounding.NinetyNine => Math.Ceiling(seen + 0.01m) - 0.01m,
        _ => Cents(seen),
    };

    private static decimal Cents(decimal money) => Math.Round(money, 2, MidpointRounding.AwayFromZero);
}
