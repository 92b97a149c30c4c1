using System.Globalization;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Costs;

/// <summary>Reads what costs and prices are reckoned by.</summary>
public static class PricesReader
{
    private const double Dearest = 1_000_000;
    private const int LongestCurrency = 8;
    private const int MostVinyls = 200;

    private static readonly IReadOnlyDictionary<string, PriceRounding> Roundings = new Dictionary<string,
        PriceRounding>(StringComparer.Ordinal)
    {
        ["cent"] = PriceRounding.Cent,
        ["half"] = PriceRounding.Half,
        ["whole"] = PriceRounding.Whole,
        ["ninety-nine"] = PriceRounding.NinetyNine,
    };

    /// <summary>Reads them; figures are accepted as numbers and as text.</summary>
    /// <param name="c">Where they stand.</param>
    public static Prices Read(JsonCursor c)
    {
        ArgumentNullException.ThrowIfNull(c);
        c.IsObject();
        var vinyl = c["vinyl"];
        if (vinyl.Names.Count() > MostVinyls)
            vinyl.Fault(new Phrase("prices.too-many", ("most", MostVinyls)), "out-of-range");
        if (c["marginPercent"].Exists && c["markupPercent"].Exists)
            c["markupPercent"].Fault(new Phrase("prices.both"), "conflict");
        return new Prices
        {
            Hourly = Money(c["hourly"]),
            VinylPerM2 = Money(c["vinylPerM2"]),
            Vinyl = vinyl.Names.Take(MostVinyls).ToDictionary(n => n, n => Money(vinyl[n]), StringComparer.Ordinal),
            Blank = Money(c["blank"]),
            KWh = Money(c["kWh"]),
            Currency = c["currency"].Text("$", LongestCurrency),
            Licence = Money(c["licence"]),
            LicencePer = c["licencePer"].Choice(["piece", "order"], "piece") == "order" ? LicencePer.Order : LicencePer.Piece,
            DeliveryPerOrder = Money(c["deliveryPerOrder"]),
            ConsumablesPerPiece = Money(c["consumablesPerPiece"]),
            WearPerPiece = Money(c["wearPerPiece"]),
            SpoilagePercent = Percent(c["spoilagePercent"], 90),
            MarginPercent = Percent(c["marginPercent"], 95),
            MarkupPercent = Percent(c["markupPercent"], 1000),
            TaxPercent = Percent(c["taxPercent"], 100) ?? 0,
            Rounding = c["rounding"].Choice([.. Roundings.Keys], "cent") is { } rounding ? Roundings[rounding] : PriceRounding.Cent,
        };
    }

    private static decimal Money(JsonCursor c) => Amount(c, 0, Dearest) ?? 0;

    private static decimal? Percent(JsonCursor c, double most) => Amount(c, 0, most, "%");

    private static decimal? Amount(JsonCursor c, double least, double most, string unit = "")
    {
        if (!c.Exists)
            return null;
        if (!c.IsText)
            return c.Number(least, most, unit) is { } number ? (decimal)number : null;
        var text = c.Text(longest: 20);
        if (decimal.TryParse(text, NumberStyles.AllowDecimalPoint | NumberStyles.AllowLeadingWhite | NumberStyles.AllowTrailingWhite,
            CultureInfo.InvariantCulture, out var money) && money >= (decimal)least && money <= (decimal)most)
            return money;
        c.Fault(new Phrase("prices.amount", ("place", c.Pointer), ("text", text), ("most", most)), "wrong-type");
        return null;
    }
}
