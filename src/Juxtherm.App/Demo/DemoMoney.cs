using System.Text.Json;
using Juxtherm.App.Stock;
using Juxtherm.Core.Costs;
using Juxtherm.Core.Reading;
using Juxtherm.Store;

namespace Juxtherm.App.Demo;

/// <summary>What the club pays for things, and the shirts that it has lying there.</summary>
/// <param name="kept">Where prices are kept.</param>
/// <param name="blanks">Where items are kept.</param>
public sealed class DemoMoney(KeptStore kept, KeepBlanks blanks)
{
    private static readonly Prices Prices = new()
    {
        Hourly = 20,
        VinylPerM2 = 18,
        Blank = 4.50m,
        KWh = 0.30m,
        ConsumablesPerPiece = 0.15m,
        WearPerPiece = 0.20m,
        MarginPercent = 35,
        TaxPercent = 7,
        Rounding = PriceRounding.Half,
    };

    /// <summary>Fills an empty workshop.</summary>
    public async Task FillAsync(CancellationToken cancel)
    {
        await kept.SaveAsync(KeptRow.Prices, JsonSerializer.Serialize(Prices, CoreJson.Options), 0, cancel);
        foreach (var (form, material, size, colour, pieces, price, low) in new[]
        {
            ("tee", "cotton", "adult-m", "navy", 6, 4.50m, 4), ("tee", "cotton", "adult-l", "navy", 3, 4.50m, 4),
            ("tee", "cotton", "toddler", "sage", 4, 3.80m, 2), ("tee", "polyester", "adult-m", "", 5, 6.20m, 0),
        })
            await blanks.SaveAsync(null, new BlankAsk(Guid.NewGuid(), form, material, size, null, colour, pieces, price, low), cancel);
    }
}
