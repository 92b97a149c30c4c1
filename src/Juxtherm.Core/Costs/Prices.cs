using System.Text.Json.Serialization;

namespace Juxtherm.Core.Costs;

/// <summary>What a licence is paid for.</summary>
public enum LicencePer
{
    /// <summary>Each piece.</summary>
    Piece,

    /// <summary>The order as a whole.</summary>
    Order,
}

/// <summary>How a price is made of a cost.</summary>
public enum PriceRounding
{
    /// <summary>To the cent.</summary>
    Cent,

    /// <summary>Up to the next half.</summary>
    Half,

    /// <summary>Up to the next whole.</summary>
    Whole,

    /// <summary>Up to the next that ends in 99 cents.</summary>
    NinetyNine,
}

/// <summary>What a workshop reckons its costs and prices by, in its own money.</summary>
public sealed record Prices
{
    /// <summary>An hour of hands.</summary>
    public decimal Hourly { get; init; }

    /// <summary>A square metre of vinyl for which nothing else is said.</summary>
    public decimal VinylPerM2 { get; init; }

    /// <summary>A square metre by vinyl id.</summary>
    public IReadOnlyDictionary<string, decimal> Vinyl { get; init; } = new Dictionary<string, decimal>(StringComparer.Ordinal);

    /// <summary>The item itself.</summary>
    public decimal Blank { get; init; }

    /// <summary>A kilowatt-hour.</summary>
    [JsonPropertyName("kWh")]
    public decimal KWh { get; init; }

    /// <summary>How money is written: a symbol, never converted.</summary>
    public string Currency { get; init; } = "$";

    /// <summary>The licence of the drawing.</summary>
    public decimal Licence { get; init; }

    /// <summary>What it is paid for.</summary>
    public LicencePer LicencePer { get; init; }

    /// <summary>Bringing the order.</summary>
    public decimal DeliveryPerOrder { get; init; }

    /// <summary>Carrier, blades, cover sheets and the like, a piece.</summary>
    public decimal ConsumablesPerPiece { get; init; }

    /// <summary>Wear of press and cutter, a piece.</summary>
    public decimal WearPerPiece { get; init; }

    /// <summary>Share of pieces that come to nothing, %; null for the logbook's own.</summary>
    public decimal? SpoilagePercent { get; init; }

    /// <summary>Share of the price before tax that is kept, %; null where a mark-up is reckoned.</summary>
    public decimal? MarginPercent { get; init; }

    /// <summary>What is put on the cost, %.</summary>
    public decimal? MarkupPercent { get; init; }

    /// <summary>Tax on the price, %, as the user says it: rules differ.</summary>
    public decimal TaxPercent { get; init; }

    /// <summary>How the price of a piece is rounded.</summary>
    public PriceRounding Rounding { get; init; }
}
