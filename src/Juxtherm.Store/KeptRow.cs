using Microsoft.EntityFrameworkCore;

namespace Juxtherm.Store;

/// <summary>Something of which the workshop has just one: the day it is at, what it reckons its prices by.</summary>
public sealed class KeptRow
{
    /// <summary>The day that is planned.</summary>
    public const string Day = "day";

    /// <summary>What prices are reckoned by.</summary>
    public const string Prices = "prices";

    /// <summary>How long cutting, weeding and packing took.</summary>
    public const string Hands = "hands";

    /// <summary>What is on hand besides vinyl and items.</summary>
    public const string Supplies = "supplies";

    /// <summary>How far those are who practice.</summary>
    public const string Practice = "practice";

    /// <summary>What was taken in from other workshops.</summary>
    public const string Exchange = "exchange";

    public required string Key { get; set; }

    public required string Json { get; set; }

    /// <summary>Counts saves, from 1; a save that was made from an older one is refused.</summary>
    public int Version { get; set; }

    public DateTimeOffset UpdatedUtc { get; set; }
}

/// <summary>Keeps things of which there is just one.</summary>
/// <param name="contexts">Reaches the database.</param>
/// <param name="clock">The time.</param>
public sealed class KeptStore(IDbContextFactory<WorkshopContext> contexts, TimeProvider clock)
{
    /// <summary>It; null while there is none.</summary>
    public async Task<KeptRow?> FindAsync(string key, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.Kept.AsNoTracking().SingleOrDefaultAsync(k => k.Key == key, cancel);
    }

    /// <summary>Keeps it, if it was made from the version that is kept now; 0 for none.</summary>
    /// <returns>False when another is kept by now.</returns>
    public async Task<bool> SaveAsync(string key, string json, int fromVersion, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var row = await db.Kept.SingleOrDefaultAsync(k => k.Key == key, cancel);
        if ((row?.Version ?? 0) != fromVersion)
            return false;
        if (row is null)
            db.Add(row = new KeptRow { Key = key, Json = "" });
        (row.Json, row.Version, row.UpdatedUtc) = (json, fromVersion + 1, clock.GetUtcNow());
        try
        {
            await db.SaveChangesAsync(cancel);
            return true;
        }
        catch (DbUpdateException)
        {
            return false;
        }
    }

    /// <summary>Keeps it whatever is kept now: whoever types last has it.</summary>
    public async Task ReplaceAsync(string key, string json, CancellationToken cancel)
    {
        while (!await SaveAsync(key, json, (await FindAsync(key, cancel))?.Version ?? 0, cancel))
            cancel.ThrowIfCancellationRequested();
    }

    /// <summary>Forgets it.</summary>
    public async Task RemoveAsync(string key, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        await db.Kept.Where(k => k.Key == key).ExecuteDeleteAsync(cancel);
    }
}
