using Microsoft.EntityFrameworkCore;

namespace Juxtherm.Store;

/// <summary>What became of saving something on the shelf.</summary>
/// <param name="Row">It as it is kept now; null when there is none.</param>
/// <param name="Stale">The save was made from an older version and was refused.</param>
public sealed record ShelfSaved(ShelfRow? Row, bool Stale);

/// <summary>Keeps own vinyls, blanks and presses.</summary>
/// <param name="contexts">Reaches the database.</param>
/// <param name="clock">The time.</param>
public sealed class ShelfStore(IDbContextFactory<WorkshopContext> contexts, TimeProvider clock)
{
    /// <summary>Everything on the shelf, by kind and name.</summary>
    public async Task<IReadOnlyList<ShelfRow>> ListAsync(CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.Shelf.AsNoTracking().Where(o => o.DeletedUtc == null).OrderBy(o => o.Kind).ThenBy(o => o.Name).ToListAsync(cancel);
    }

    /// <summary>Names of everything that is or was on the shelf, by id.</summary>
    public async Task<IReadOnlyDictionary<string, string>> NamesAsync(CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.Shelf.AsNoTracking().ToDictionaryAsync(o => o.Id, o => o.Name, StringComparer.Ordinal, cancel);
    }

    /// <summary>Everything that is or was on the shelf, by id.</summary>
    public async Task<IReadOnlyDictionary<string, ShelfRow>> EverAsync(CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.Shelf.AsNoTracking().ToDictionaryAsync(o => o.Id, StringComparer.Ordinal, cancel);
    }

    /// <summary>Puts something new on the shelf; asking twice puts one there.</summary>
    /// <returns>It; or what is there under its id already.</returns>
    public Task<ShelfRow> AddAsync(string id, string kind, string name, string json, CancellationToken cancel) =>
        Once.DoAsync(contexts, async db =>
    {
        if (await db.Shelf.AsNoTracking().SingleOrDefaultAsync(o => o.Id == id, cancel) is { } before)
            return before;
        var now = clock.GetUtcNow();
        var row = new ShelfRow { Id = id, Kind = kind, Name = name, Json = json, Version = 1, CreatedUtc = now, UpdatedUtc = now };
        db.Add(row);
        return row;
    }, cancel);

    /// <summary>Something on the shelf; null when it is not there.</summary>
    public async Task<ShelfRow?> FindAsync(string id, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.Shelf.AsNoTracking().SingleOrDefaultAsync(o => o.Id == id && o.DeletedUtc == null, cancel);
    }

    /// <summary>Keeps a change, if it was made from the version that is kept now.</summary>
    public async Task<ShelfSaved> SaveAsync(string id, int fromVersion, string name, string json, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var row = await db.Shelf.SingleOrDefaultAsync(o => o.Id == id && o.DeletedUtc == null, cancel);
        if (row is null || row.Version != fromVersion)
            return new ShelfSaved(row, Stale: row is not null);
        (row.Name, row.Json, row.Version, row.UpdatedUtc) = (name, json, fromVersion + 1, clock.GetUtcNow());
        try
        {
            await db.SaveChangesAsync(cancel);
            return new ShelfSaved(row, Stale: false);
        }
        catch (DbUpdateConcurrencyException)
        {
            return new ShelfSaved(await FindAsync(id, cancel), Stale: true);
        }
    }

    /// <summary>Takes something off the shelf, or puts it back.</summary>
    public Task<ShelfRow?> SetDeletedAsync(string id, bool deleted, CancellationToken cancel) => Once.DoAsync(contexts, async db =>
    {
        var row = await db.Shelf.SingleOrDefaultAsync(o => o.Id == id, cancel);
        if (row is not null && (row.DeletedUtc is not null) != deleted)
            row.DeletedUtc = deleted ? clock.GetUtcNow() : null;
        return row;
    }, cancel);
}
