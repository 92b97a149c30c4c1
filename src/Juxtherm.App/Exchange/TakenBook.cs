using System.Text.Json;
using Juxtherm.Core.Reading;
using Juxtherm.Store;

namespace Juxtherm.App.Exchange;

/// <summary>Remembers what was taken in from other workshops.</summary>
/// <param name="kept">Where it is kept.</param>
public sealed class TakenBook(KeptStore kept)
{
    /// <summary>All that was taken in and not taken back.</summary>
    /// <param name="cancel">Gives up.</param>
    public async Task<IReadOnlyList<TakenIn>> AllAsync(CancellationToken cancel) => (await ReadAsync(cancel)).Taken;

    /// <summary>Writes one down, in the place of what was known of it.</summary>
    /// <param name="taken">It.</param>
    /// <param name="cancel">Gives up.</param>
    public Task KeepAsync(TakenIn taken, CancellationToken cancel) =>
        ChangeAsync(all => [.. all.Where(t => t.Id != taken.Id), taken], cancel);

    /// <summary>Forgets one.</summary>
    /// <param name="id">Which.</param>
    /// <param name="cancel">Gives up.</param>
    public Task ForgetAsync(Guid id, CancellationToken cancel) => ChangeAsync(all => [.. all.Where(t => t.Id != id)], cancel);

    private async Task<(IReadOnlyList<TakenIn> Taken, int Version)> ReadAsync(CancellationToken cancel) =>
        await kept.FindAsync(KeptRow.Exchange, cancel) is { } row
        ? (JsonSerializer.Deserialize<IReadOnlyList<TakenIn>>(row.Json, CoreJson.Options)!, row.Version) : ([], 0);

    private async Task ChangeAsync(Func<IReadOnlyList<TakenIn>, IReadOnlyList<TakenIn>> change, CancellationToken cancel)
    {
        while (true)
        {
            var (taken, version) = await ReadAsync(cancel);
            if (await kept.SaveAsync(KeptRow.Exchange, JsonSerializer.Serialize(change(taken), CoreJson.Options), version,
                cancel))
                return;
        }
    }
}
