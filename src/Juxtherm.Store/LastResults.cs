using Microsoft.EntityFrameworkCore;

namespace Juxtherm.Store;

/// <summary>How a job came out the last time that it was pressed.</summary>
/// <param name="AtUtc">When its last piece came off the press.</param>
/// <param name="Pieces">Pieces of that run in the logbook.</param>
/// <param name="Well">So many of them came right in the end.</param>
/// <param name="Seen">What else was seen on them, each once.</param>
public sealed record LastResult(DateTimeOffset AtUtc, int Pieces, int Well, IReadOnlyList<string> Seen);

/// <summary>Finds what the logbook says of jobs.</summary>
internal static class LastResults
{
    private const string Held = "stuck";

    /// <summary>By the job's id; jobs that were never pressed are not in it.</summary>
    public static async Task<IReadOnlyDictionary<Guid, LastResult>> OfAsync(WorkshopContext db, IReadOnlyList<Guid> jobs,
        CancellationToken cancel)
    {
        var last = (await (from run in db.Runs.AsNoTracking()
                           where jobs.Contains(run.JobId)
                           join log in db.Log.AsNoTracking() on run.Id equals log.RunId
                           select new { run.JobId, Run = run.Id, run.StartedUtc }).Distinct().ToListAsync(cancel))
            .GroupBy(r => r.JobId).Select(g => g.MaxBy(r => r.StartedUtc)!).ToDictionary(r => r.Run, r => r.JobId);
        var runs = last.Keys.ToList();
        var pieces = await db.Log.AsNoTracking().Include(l => l.Words).Where(l => l.RunId != null && runs.Contains(l.RunId.Value))
            .ToListAsync(cancel);
        return pieces.GroupBy(p => last[p.RunId!.Value]).ToDictionary(g => g.Key, g => new LastResult(
            g.Max(p => p.AtUtc), g.Count(), g.Count(p => p.EndedWell ?? p.Said(LogWordRow.Outcome).Contains(Held, StringComparer.Ordinal)),
            [.. g.SelectMany(p => p.Said(LogWordRow.Outcome)).Where(o => o != Held).Distinct(StringComparer.Ordinal)]));
    }
}
