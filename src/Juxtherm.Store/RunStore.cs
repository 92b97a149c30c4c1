using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Juxtherm.Store;

/// <summary>Keeps runs and what was said in them.</summary>
/// <param name="contexts">Reaches the database.</param>
public sealed class RunStore(IDbContextFactory<WorkshopContext> contexts)
{
    private const int UniqueViolation = 19;

    /// <summary>Keeps a new run; the vinyl that was cut for its job is used up with it, both or neither.</summary>
    public Task AddAsync(RunRow run, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(run);
        return StockStore.OnceAsync(contexts, async db =>
        {
            db.Add(run);
            await CutStore.UseForJobAsync(db, run.JobId, run.StartedUtc, cancel);
            return run;
        }, cancel);
    }

    /// <summary>A run with its events in order; null when there is none.</summary>
    public async Task<RunRow?> FindAsync(Guid id, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.Runs.AsNoTracking().Include(r => r.Events.OrderBy(e => e.Sequence)).SingleOrDefaultAsync(r => r.Id == id, cancel);
    }

    /// <summary>The temperatures behind a run's plan; null when there is no such run.</summary>
    public async Task<string?> TraceAsync(Guid id, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.RunTraces.AsNoTracking().Where(t => t.RunId == id).Select(t => t.Json).SingleOrDefaultAsync(cancel);
    }

    /// <summary>Runs still under way, newest first.</summary>
    public async Task<IReadOnlyList<RunRow>> UnderWayAsync(CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.Runs.AsNoTracking().Include(r => r.Events.OrderBy(e => e.Sequence)).Where(r => r.Status == "running").OrderByDescending(r => r.StartedUtc).Take(20).ToListAsync(cancel);
    }

    /// <summary>
    /// Keeps an event, the run's new status and, where a piece was looked at, its logbook entry: all of it or nothing.
    /// </summary>
    /// <returns>False when somebody else's event came first, or this one was kept already.</returns>
    public async Task<bool> AppendAsync(RunEventRow said, string status, LogRow? entry, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(said);
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var run = await db.Runs.SingleAsync(r => r.Id == said.RunId, cancel);
        if (run.Sequence != said.Sequence - 1)
            return false;
        (run.Sequence, run.Status) = (said.Sequence, status);
        db.Add(said);
        if (entry is not null)
            db.Add(entry);
        try
        {
            await db.SaveChangesAsync(cancel);
            return true;
        }
        catch (DbUpdateConcurrencyException)
        {
            return false;
        }
        catch (DbUpdateException e) when (e.InnerException is SqliteException { SqliteErrorCode: UniqueViolation })
        {
            return false;
        }
    }
}

/// <summary>Reads the logbook.</summary>
/// <param name="contexts">Reaches the database.</param>
public sealed class LogStore(IDbContextFactory<WorkshopContext> contexts)
{
    /// <summary>Entries, newest first.</summary>
    /// <param name="skip">How many to pass over.</param>
    /// <param name="take">How many at most.</param>
    /// <param name="cancel">Stops it.</param>
    public async Task<(IReadOnlyList<LogRow> Entries, int Total)> ListAsync(int skip, int take, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var entries = await db.Log.AsNoTracking().OrderByDescending(e => e.AtUtc).ThenByDescending(e => e.Id).Skip(skip).Take(take).ToListAsync(cancel);
        return (entries, await db.Log.CountAsync(cancel));
    }
}
