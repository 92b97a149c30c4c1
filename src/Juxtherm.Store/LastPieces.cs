using Microsoft.EntityFrameworkCore;

namespace Juxtherm.Store;

/// <summary>Finds the pieces that came of jobs the last time that they were pressed.</summary>
internal static class LastPieces
{
    /// <summary>By the job's id; jobs that were never pressed are not in it.</summary>
    public static async Task<ILookup<Guid, LogRow>> OfAsync(WorkshopContext db, IReadOnlyList<Guid> jobs, CancellationToken cancel)
    {
        var last = (await (from run in db.Runs.AsNoTracking()
                           where jobs.Contains(run.JobId)
                           join log in db.Log.AsNoTracking() on run.Id equals log.RunId
                           select new { run.JobId, Run = run.Id, run.StartedUtc }).Distinct().ToListAsync(cancel))
            .GroupBy(r => r.JobId).Select(g => g.MaxBy(r => r.StartedUtc)!).ToDictionary(r => r.Run, r => r.JobId);
        var runs = last.Keys.ToList();
        return (await db.Log.AsNoTracking().Include(l => l.Words).Where(l => l.RunId != null && runs.Contains(l.RunId.Value))
            .ToListAsync(cancel)).ToLookup(p => last[p.RunId!.Value]);
    }
}
