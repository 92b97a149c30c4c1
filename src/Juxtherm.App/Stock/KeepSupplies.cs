using System.Text.Json;
using Juxtherm.Core.Reading;
using Juxtherm.Store;

namespace Juxtherm.App.Stock;

/// <summary>What is on hand besides vinyl and items.</summary>
/// <param name="TransferSheets">Transfer sheets that are as good as new, 0 to 10,000.</param>
/// <param name="TransferSheetPrice">What one costs; null when not known.</param>
public sealed record Supplies(int TransferSheets, decimal? TransferSheetPrice);

/// <summary>Keeps what is on hand besides vinyl and items.</summary>
/// <param name="kept">Where it is kept.</param>
public sealed class KeepSupplies(KeptStore kept)
{
    private const int Most = 10_000;
    private const double Dearest = 10_000;

    /// <summary>What there is.</summary>
    public async Task<Supplies> FindAsync(CancellationToken cancel) => await kept.FindAsync(KeptRow.Supplies, cancel) is { } row
        ? JsonSerializer.Deserialize<Supplies>(row.Json, CoreJson.Options)! : new Supplies(0, null);

    /// <summary>Keeps what there is.</summary>
    /// <param name="supplies">What there is.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<Result<Supplies>> KeepAsync(Supplies supplies, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(supplies);
        var problems = new Problems();
        problems.Outside("/transferSheets", supplies.TransferSheets, 0, Most);
        problems.Outside("/transferSheetPrice", (double)(supplies.TransferSheetPrice ?? 0), 0, Dearest);
        if (!problems.None)
            return new Invalid(problems, "supplies");
        await kept.ReplaceAsync(KeptRow.Supplies, JsonSerializer.Serialize(supplies, CoreJson.Options), cancel);
        return supplies;
    }
}
