using System.Text.Json;
using Juxtherm.Core.Costs;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Store;

namespace Juxtherm.App.Money;

/// <summary>Keeps what the workshop reckons its prices by.</summary>
/// <param name="kept">Where they are kept.</param>
/// <param name="stock">What vinyl costs on the shelf.</param>
/// <param name="blanks">What items cost.</param>
public sealed class KeepPrices(KeptStore kept, StockStore stock, BlankStore blanks)
{
    private const double MmPerM = 1000;

    /// <summary>The workshop's prices; what the shelf knows stands in for what was not typed in.</summary>
    public async Task<Prices> ForAsync(Job job, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(job);
        var prices = await FindAsync(cancel);
        var shelf = (await stock.ListAsync(cancel)).Select(s => s.Vinyl).Where(v => v is { PricePerMetre: not null, WidthMm: > 0 })
            .GroupBy(v => v.Vinyl, StringComparer.Ordinal)
            .ToDictionary(g => g.Key, g => Math.Round(g.Average(v => (decimal)(v.PricePerMetre!.Value / (v.WidthMm / MmPerM))), 4),
                StringComparer.Ordinal);
        foreach (var (vinyl, price) in prices.Vinyl)
            shelf[vinyl] = price;
        var blank = prices.Blank > 0 ? prices.Blank : await blanks.PriceAsync(job.Blank.Form.Id, job.Blank.Material.Id, cancel) ?? 0;
        return prices with { Vinyl = shelf, Blank = blank };
    }

    /// <summary>The workshop's prices as they were typed in.</summary>
    public async Task<Prices> FindAsync(CancellationToken cancel) => await kept.FindAsync(KeptRow.Prices, cancel) is { } row
        ? JsonSerializer.Deserialize<Prices>(row.Json, CoreJson.Options)! : new Prices();

    /// <summary>Keeps the workshop's prices.</summary>
    /// <param name="json">The prices.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<Result<Prices>> KeepAsync(string json, CancellationToken cancel)
    {
        var problems = new Problems();
        if (Parsed(json, problems) is not { } document)
            return new Invalid(problems, "prices");
        using (document)
        {
            var prices = PricesReader.Read(new JsonCursor(document.RootElement, "", problems));
            if (!problems.None)
                return new Invalid(problems, "prices");
            await kept.ReplaceAsync(KeptRow.Prices, JsonSerializer.Serialize(prices, CoreJson.Options), cancel);
            return prices;
        }
    }

    internal static JsonDocument? Parsed(string json, Problems problems)
    {
        try
        {
            return JsonDocument.Parse(json, new JsonDocumentOptions { AllowDuplicateProperties = false, MaxDepth = 64 });
        }
        catch (JsonException e)
        {
            problems.Add("", new Phrase("day-reader.broken", ("line", (e.LineNumber ?? 0) + 1)), "not-json");
            return null;
        }
    }
}
