using Microsoft.EntityFrameworkCore;

namespace Juxtherm.Store;

/// <summary>What became of a save.</summary>
/// <param name="Row">The job as it is kept now; null when there is none.</param>
/// <param name="Stale">The save was made from an older version and was refused; <paramref name="Row"/> is the newer one.</param>
public sealed record SaveResult(JobRow? Row, bool Stale);

/// <summary>Keeps jobs.</summary>
/// <param name="contexts">Reaches the database.</param>
/// <param name="clock">The time.</param>
public sealed class JobStore(IDbContextFactory<WorkshopContext> contexts, TimeProvider clock)
{
    /// <summary>All jobs that are not deleted, last touched first.</summary>
    public async Task<IReadOnlyList<JobRow>> ListAsync(CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.Jobs.AsNoTracking().Where(j => j.DeletedUtc == null).OrderByDescending(j => j.UpdatedUtc).ToListAsync(cancel);
    }

    /// <summary>A job; null when it is not there or deleted.</summary>
    public async Task<JobRow?> FindAsync(Guid id, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.Jobs.AsNoTracking().SingleOrDefaultAsync(j => j.Id == id && j.DeletedUtc == null, cancel);
    }

    /// <summary>Keeps a new job.</summary>
    /// <param name="title">What the crafter calls it.</param>
    /// <param name="json">The job file's text.</param>
    /// <param name="cancel">Gives up.</param>
    /// <param name="example">It is a worked example.</param>
    /// <param name="learned">What the workshop has learned as its plan is agreed to; null to leave that open.</param>
    public async Task<JobRow> AddAsync(string title, string json, CancellationToken cancel, bool example = false, string? learned = null)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var now = clock.GetUtcNow();
        var row = new JobRow { Id = Guid.CreateVersion7(now), Title = title, Json = json, Version = 1, CreatedUtc = now, UpdatedUtc = now, Example = example, LearnedJson = learned };
        db.Add(row);
        await db.SaveChangesAsync(cancel);
        return row;
    }

    /// <summary>Keeps a changed job, if it was changed from the version that is kept now.</summary>
    public async Task<SaveResult> SaveAsync(Guid id, int fromVersion, string title, string json, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var row = await db.Jobs.SingleOrDefaultAsync(j => j.Id == id && j.DeletedUtc == null, cancel);
        if (row is null || row.Version != fromVersion)
            return new SaveResult(row, Stale: row is not null);
        (row.Title, row.Json, row.Version, row.UpdatedUtc) = (title, json, fromVersion + 1, clock.GetUtcNow());
        try
        {
            await db.SaveChangesAsync(cancel);
            return new SaveResult(row, Stale: false);
        }
        catch (DbUpdateConcurrencyException)
        {
            return new SaveResult(await FindAsync(id, cancel), Stale: true);
        }
    }

    /// <summary>Notes what the workshop has learned as a job's plan is agreed to. That is no change of the job.</summary>
    /// <returns>False when there is no such job.</returns>
    public async Task<bool> AgreeAsync(Guid id, string learned, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.Jobs.Where(j => j.Id == id && j.DeletedUtc == null).ExecuteUpdateAsync(j => j.SetProperty(x => x.LearnedJson, learned), cancel) > 0;
    }

    /// <summary>Deletes a job, or undoes that.</summary>
    /// <returns>The job; null when there is none to delete or bring back.</returns>
    public async Task<JobRow?> SetDeletedAsync(Guid id, bool deleted, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var row = await db.Jobs.SingleOrDefaultAsync(j => j.Id == id && (j.DeletedUtc == null) == deleted, cancel);
        if (row is null)
            return null;
        row.DeletedUtc = deleted ? clock.GetUtcNow() : null;
        await db.SaveChangesAsync(cancel);
        return row;
    }
}
