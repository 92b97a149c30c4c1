using System.Text.Json;
using Juxtherm.Core.Days.Asking;
using Juxtherm.Core.Reading;
using Juxtherm.Store;

namespace Juxtherm.App.Days;

/// <summary>Reads the day that is kept.</summary>
/// <param name="store">Where it is kept.</param>
public sealed class DayKept(KeptStore store)
{
    /// <summary>What was wished of it; null where there is none.</summary>
    public async Task<DayWish?> WishAsync(CancellationToken cancel) => await FindAsync(cancel) is { } kept ? WishOf(kept.Day) : null;

    internal async Task<(KeptDay Day, int Version)?> FindAsync(CancellationToken cancel) =>
        await store.FindAsync(KeptRow.Day, cancel) is { } row
            ? (JsonSerializer.Deserialize<KeptDay>(row.Json, CoreJson.Options)!, row.Version) : null;

    internal static DayWish WishOf(KeptDay day) => DayReader.Read(day.Wish.ToJsonString(), new Problems())
        ?? throw new InvalidOperationException("The day that is kept cannot be read.");
}
