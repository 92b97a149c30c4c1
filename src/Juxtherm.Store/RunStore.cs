using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Juxtherm.Store;

/// <summary>Keeps runs and what was said in them.</summary>
/// <param name="contexts">Reaches the database.</param>
public sealed class RunStore(IDbContextFactory<WorkshopContext> contexts)
{
    private const int UniqueViolation = 19;

    /// <summary>
    /// Keeps a new run; the vinyl that was cut for its job is used up with it, both or neither. Practice uses up nothing. Its id is the
    /// command's: asking twice begins one.
    /// </summary>
    /// <param name="run">The run.</param>
    /// <param name="blanks">The items that it takes.</param>
    /// <param name="cancel">Gives up.</param>
    public Task AddAsync(RunRow run, IReadOnlyList<WantedBlank> blanks, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(run);
        return Once.DoAsync(contexts, async db =>
        {
            if (await db.Runs.AnyAsync(r => r.Id == run.Id, cancel))
                return run;
            db.Add(run);
            if (!run.Practice)
            {
                await CutStore.UseForJobAsync(db, run.JobId, run.StartedUtc, cancel);
                await BlankStore.UseAsync(db, run, blanks, cancel);
            }

            return run;
        }, cancel);
    }

    /// <summary>A run with its presses, but without what was said in it; null when there is none.</summary>
    public async Task<RunRow?> FindAsync(Guid id, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.Runs.AsNoTracking().Include(r => r.Stations.OrderBy(s => s.Number)).SingleOrDefaultAsync(r => r.Id == id, cancel);
    }

    /// <summary>What was said in a run after so many events, in order.</summary>
    public async Task<IReadOnlyList<RunEventRow>> EventsAsync(Guid id, int after, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.RunEvents.AsNoTracking().Where(e => e.RunId == id && e.Sequence > after).OrderBy(e => e.Sequence)
            .ToListAsync(cancel);
    }

    /// <summary>Whether a command was taken in before.</summary>
    public async Task<bool> KnowsAsync(Guid id, Guid commandId, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.RunEvents.AnyAsync(e => e.RunId == id && e.CommandId == commandId, cancel);
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
        return await db.Runs.AsNoTracking().Include(r => r.Stations.OrderBy(s => s.Number)).Where(r => r.Status == "running")
            .OrderByDescending(r => r.StartedUtc).Take(20).ToListAsync(cancel);
    }

    /// <summary>The last runs that were no practice and no example, with how many events each has.</summary>
    public async Task<IReadOnlyList<(Guid Id, int Sequence)>> LatestAsync(int most, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var rows = await db.Runs.Where(r => !r.Practice && !r.Example).OrderByDescending(r => r.StartedUtc).Take(most)
            .Select(r => new { r.Id, r.Sequence }).ToListAsync(cancel);
        return rows.ConvertAll(r => (r.Id, r.Sequence));
    }

    /// <summary>Runs of some jobs since a time, with their presses, oldest first; practice is none.</summary>
    public async Task<IReadOnlyList<(Guid Id, Guid JobId)>> OfJobsAsync(IReadOnlyCollection<Guid> jobs, DateTimeOffset since,
        CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var rows = await db.Runs.Where(r => jobs.Contains(r.JobId) && r.StartedUtc >= since && !r.Practice).OrderBy(r => r.StartedUtc)
            .Select(r => new { r.Id, r.JobId }).ToListAsync(cancel);
        return rows.ConvertAll(r => (r.Id, r.JobId));
    }

    /// <summary>The jobs that runs began from.</summary>
    public async Task<IReadOnlyDictionary<Guid, Guid>> JobsOfAsync(IReadOnlyCollection<Guid> ids, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.Runs.Where(r => ids.Contains(r.Id)).ToDictionaryAsync(r => r.Id, r => r.JobId, cancel);
    }

    /// <summary>All runs still under way, by their ids.</summary>
    public async Task<IReadOnlyList<Guid>> IdsUnderWayAsync(CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.Runs.Where(r => r.Status == "running").OrderByDescending(r => r.StartedUtc).Select(r => r.Id).ToListAsync(cancel);
    }

    /// <summary>
    /// Keeps an event, the run's new status, a press that joins with it, and where pieces came to their end their logbook entries: all of
    /// it or nothing.
    /// </summary>
    /// <returns>False when somebody else's event came first, or this one was kept already.</returns>
    public async Task<bool> AppendAsync(RunEventRow said, string status, IReadOnlyList<LogRow> entries, RunStationRow? joins,
        CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(said);
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var run = await db.Runs.SingleAsync(r => r.Id == said.RunId, cancel);
        if (run.Sequence != said.Sequence - 1)
            return false;
        (run.Sequence, run.Status) = (said.Sequence, status);
        db.Add(said);
        if (entries.Count > 0)
        {
            var lots = await CutStore.LotsForJobAsync(db, run.JobId, cancel);
            foreach (var entry in entries)
            {
                entry.Say(LogWordRow.Lot, lots);
                entry.Example = run.Example;
            }

            db.AddRange(entries);
        }

        if (joins is not null)
            db.Add(joins);
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
