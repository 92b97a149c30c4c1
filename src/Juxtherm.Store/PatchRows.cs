using Microsoft.EntityFrameworkCore;

namespace Juxtherm.Store;

/// <summary>Keeps test patches beside the jobs in which they were pressed.</summary>
internal static class PatchRows
{
    /// <summary>Brings what is kept of a job's patches to what the job has now; it is written with the job.</summary>
    /// <param name="db">The database.</param>
    /// <param name="job">The job.</param>
    /// <param name="now">Its patches.</param>
    /// <param name="cancel">Gives up.</param>
    /// <returns>Whether they are others than before.</returns>
    public static async Task<bool> KeepAsync(WorkshopContext db, Guid job, IReadOnlyList<PatchRow> now, CancellationToken cancel)
    {
        var kept = await db.Patches.Where(p => p.JobId == job).ToListAsync(cancel);
        static object Key(PatchRow p) => (p.AtUtc, p.HeatSource, p.Vinyl, p.Material);
        var has = now.Select(Key).ToHashSet();
        db.RemoveRange(kept.Where(p => !has.Contains(Key(p))));
        foreach (var patch in now)
        {
            // One that stands in another job already is that one's.
            if (await db.Patches.AnyAsync(p => p.AtUtc == patch.AtUtc && p.HeatSource == patch.HeatSource && p.Vinyl == patch.Vinyl
                && p.Material == patch.Material, cancel))
                continue;
            patch.JobId = job;
            db.Add(patch);
        }

        return db.ChangeTracker.Entries<PatchRow>().Any(e => e.State is EntityState.Added or EntityState.Deleted);
    }
}
