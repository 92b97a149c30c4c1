using Microsoft.EntityFrameworkCore;

namespace Juxtherm.Store;

public sealed partial class LogStore
{
    /// <summary>The latest entries that teach something of a vinyl on a blank under a press, newest first, so many of each at
    /// most.</summary>
    public async Task<IReadOnlyList<LogRow>> TeachingAsync(int mostOfEach, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var teaching = db.Log.AsNoTracking().Where(e => !e.Example && !e.Struck && e.LnRoom != null);
        var kinds = await teaching.Join(db.LogWords.Where(w => w.Kind == LogWordRow.Vinyl || w.Kind == LogWordRow.Teaches), e => e.Id,
            w => w.LogId, (e, w) => new { Vinyl = w.Word, e.Material, e.HeatSource }).Distinct().ToListAsync(cancel);
        var found = new List<LogRow>();
        foreach (var kind in kinds)
        {
            found.AddRange(
                await teaching.Where(e => e.Words.Any(w => w.Kind == LogWordRow.Teaches && w.Word == kind.Vinyl)
                    || (e.Words.Any(w => w.Kind == LogWordRow.Vinyl && w.Word == kind.Vinyl)
                        && e.Words.Count(w => w.Kind == LogWordRow.Vinyl) == 1))
                .Where(e => e.Material == kind.Material && e.HeatSource == kind.HeatSource)
                .OrderByDescending(e => e.AtUtc).Take(mostOfEach).Include(e => e.Washes).AsSplitQuery().ToListAsync(cancel));
        }

        return found;
    }

    /// <summary>Keeps the heat of pieces as it was reckoned anew.</summary>
    /// <param name="rows">The entries, with their heat.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task KeepHeatAsync(IReadOnlyList<LogRow> rows, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        await using var whole = await db.Database.BeginTransactionAsync(cancel);
        foreach (var row in rows)
        {
            await db.Log.Where(e => e.Id == row.Id).ExecuteUpdateAsync(
                set => set.SetProperty(e => e.HeatBy, row.HeatBy).SetProperty(e => e.LnRoom, row.LnRoom)
                .SetProperty(e => e.BondPerK, row.BondPerK)
                    .SetProperty(e => e.LnBurden, row.LnBurden).SetProperty(e => e.BurdenPerK, row.BurdenPerK)
                    .SetProperty(e => e.HeatOffsetK, row.HeatOffsetK),
                cancel);
        }

        await whole.CommitAsync(cancel);
    }

    /// <summary>Plates as they were measured while they closed: press, dial, measured, and the run that it was in; worked examples left
    /// out.</summary>
    public async Task<IReadOnlyList<LogRow>> MeasuredAsync(int most, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.Log.AsNoTracking().Where(e => e.PlateCelsius != null && !e.Example && !e.Struck && !e.Elsewhere)
            .OrderByDescending(e => e.AtUtc)
            .Take(most).ToListAsync(cancel);
    }

    /// <summary>Plates that were measured by hand, newest first.</summary>
    public async Task<IReadOnlyList<PlateReadingRow>> ReadingsAsync(CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.PlateReadings.AsNoTracking().OrderByDescending(r => r.AtUtc).ThenByDescending(r => r.Id).ToListAsync(cancel);
    }

    /// <summary>Keeps a measured plate; asking twice keeps one.</summary>
    public Task AddReadingAsync(PlateReadingRow reading, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(reading);
        return Once.DoAsync(contexts, async db =>
        {
            if (!await db.PlateReadings.AnyAsync(r => r.CommandId == reading.CommandId, cancel))
                db.Add(reading);
            return reading;
        }, cancel);
    }

    /// <summary>Takes a measured plate away.</summary>
    public async Task<bool> RemoveReadingAsync(long id, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.PlateReadings.Where(r => r.Id == id).ExecuteDeleteAsync(cancel) > 0;
    }

    /// <summary>Test patches, newest first.</summary>
    public async Task<IReadOnlyList<PatchRow>> PatchesAsync(CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.Patches.AsNoTracking().OrderByDescending(p => p.AtUtc).ThenByDescending(p => p.Id).ToListAsync(cancel);
    }

    /// <summary>Strikes a test patch, or takes that back.</summary>
    /// <returns>False where there is none.</returns>
    public async Task<bool> StrikePatchAsync(long id, bool struck, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.Patches.Where(p => p.Id == id).ExecuteUpdateAsync(p => p.SetProperty(x => x.Struck, struck), cancel) > 0;
    }

    /// <summary>Since when presses are as they are now, by heat source id.</summary>
    public async Task<IReadOnlyDictionary<string, DateTimeOffset>> RepairsAsync(CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.PressRepairs.AsNoTracking().ToDictionaryAsync(r => r.HeatSource, r => r.AtUtc, StringComparer.Ordinal, cancel);
    }

    /// <summary>Notes that a press was repaired, or takes that back.</summary>
    /// <param name="heatSource">Heat source id.</param>
    /// <param name="at">When, UTC; null to take it back.</param>
    /// <param name="cancel">Gives up.</param>
    public Task RepairedAsync(string heatSource, DateTimeOffset? at, CancellationToken cancel) => Once.DoAsync(contexts, async db =>
    {
        var row = await db.PressRepairs.SingleOrDefaultAsync(r => r.HeatSource == heatSource, cancel);
        if (row is not null && at is null)
            db.Remove(row);
        else if (row is not null)
            row.AtUtc = at!.Value;
        else if (at is { } then)
            db.Add(new PressRepairRow { HeatSource = heatSource, AtUtc = then });
        return heatSource;
    }, cancel);

    /// <summary>What learned things are switched off, by key.</summary>
    public async Task<IReadOnlySet<string>> OffAsync(CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return (await db.LearnedOff.Select(o => o.Key).ToListAsync(cancel)).ToHashSet(StringComparer.Ordinal);
    }

    /// <summary>Switches something learned off or on.</summary>
    public Task SwitchAsync(string key, bool on, CancellationToken cancel) => Once.DoAsync(contexts, async db =>
    {
        var off = await db.LearnedOff.SingleOrDefaultAsync(o => o.Key == key, cancel);
        if (on && off is not null)
            db.Remove(off);
        if (!on && off is null)
            db.Add(new LearnedOffRow { Key = key });
        return key;
    }, cancel);

    /// <summary>What was learned when it was last kept; null when nothing was ever.</summary>
    public async Task<string?> LearnedAsync(CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.Learned.Where(l => l.Id == LearnedRow.Only).Select(l => l.CorrectionJson).SingleOrDefaultAsync(cancel);
    }

    /// <summary>Keeps what was learned by now.</summary>
    public Task KeepLearnedAsync(string correctionJson, CancellationToken cancel) => Once.DoAsync(contexts, async db =>
    {
        if (await db.Learned.SingleOrDefaultAsync(l => l.Id == LearnedRow.Only, cancel) is { } kept)
            kept.CorrectionJson = correctionJson;
        else
            db.Add(new LearnedRow { Id = LearnedRow.Only, CorrectionJson = correctionJson });
        return correctionJson;
    }, cancel);
}
