using Microsoft.EntityFrameworkCore;

namespace Juxtherm.Store;

/// <summary>A font that somebody brought.</summary>
public sealed class FontRow
{
    /// <summary>Stands for exactly this font.</summary>
    public required string Id { get; set; }

    public required string Name { get; set; }

    /// <summary>What it says of its licence; empty where it says nothing.</summary>
    public required string Licence { get; set; }

    public DateTimeOffset AddedUtc { get; set; }

    /// <summary>The font itself, as OpenType.</summary>
    public required byte[] Sfnt { get; set; }
}

/// <summary>Keeps fonts.</summary>
/// <param name="contexts">Reaches the database.</param>
public sealed class FontStore(IDbContextFactory<WorkshopContext> contexts)
{
    /// <summary>All of them by name, without the fonts themselves.</summary>
    public async Task<IReadOnlyList<(string Id, string Name, string Licence)>> ListAsync(CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var rows = await db.Fonts.OrderBy(f => f.Name).ThenBy(f => f.Id).Select(f => new { f.Id, f.Name, f.Licence }).ToListAsync(cancel);
        return rows.ConvertAll(f => (f.Id, f.Name, f.Licence));
    }

    /// <summary>A font itself; null when it is not there.</summary>
    public byte[]? Sfnt(string id)
    {
        using var db = contexts.CreateDbContext();
        return db.Fonts.Where(f => f.Id == id).Select(f => f.Sfnt).SingleOrDefault();
    }

    /// <summary>Keeps one; the same one twice is kept once.</summary>
    public Task AddAsync(FontRow font, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(font);
        return Once.DoAsync(contexts, async db =>
        {
            if (!await db.Fonts.AnyAsync(f => f.Id == font.Id, cancel))
                db.Add(font);
            return font;
        }, cancel);
    }

    /// <summary>Takes one away.</summary>
    /// <returns>It was there.</returns>
    public async Task<bool> RemoveAsync(string id, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.Fonts.Where(f => f.Id == id).ExecuteDeleteAsync(cancel) > 0;
    }
}
