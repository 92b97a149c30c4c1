using System.Text.Json;
using System.Text.Json.Nodes;
using Juxtherm.App.Bench;
using Juxtherm.App.Cutting;
using Juxtherm.App.Logbook;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Runs;
using Juxtherm.Core.Runs.Commands;
using Juxtherm.Documents;
using Juxtherm.Store;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Hosting;
using Microsoft.Extensions.Logging;

namespace Juxtherm.App.Keeping;

/// <summary>Reads a workshop's rows with the readers that will read them when they are worked with, and names those that cannot
/// be.</summary>
/// <param name="planner">Plans jobs and opens runs.</param>
/// <param name="language">Says what is wrong with a row.</param>
public sealed class WorkshopCheck(Planner planner, ILanguage language)
{
    // Planning takes its time: of a long list the jobs touched last are planned, and all are read.
    private const int MostPlanned = 40;

    /// <summary>Everything in a workshop that is to take the place of another: jobs read and planned, runs replayed, sums summed.</summary>
    public async Task<IReadOnlyList<UnreadableRow>> AllAsync(WorkshopContext db, CancellationToken cancel)
    {
        var found = new List<UnreadableRow>();
        var left = MostPlanned;
        await EachAsync(db.Jobs.OrderByDescending(j => j.UpdatedUtc), j => (j.Id, j.Title), j => Job(j, --left >= 0), found, cancel);
        await EachAsync(db.Log.Include(e => e.Washes).OrderBy(e => e.Id), e => (e.Id, e.Title), e => LogRows.Entry(e), found, cancel);
        await EachAsync(db.LogPhotos.OrderBy(p => p.Id), p => (p.Id, "a photo"), p => Photo.Check(p.Jpeg, p.Small), found, cancel);
        await EachAsync(db.Runs.Include(r => r.Stations.OrderBy(s => s.Number)).Include(r => r.Events.OrderBy(e => e.Sequence))
            .OrderBy(r => r.Id), r => (r.Id, r.Title), Run, found, cancel);
        found.AddRange(await OftenAsync(db, cancel));
        return found;
    }

    /// <summary>What everybody meets at once, and is quick to read: vinyl on hand, cuts and runs that are not over.</summary>
    public async Task<IReadOnlyList<UnreadableRow>> OftenAsync(WorkshopContext db, CancellationToken cancel)
    {
        var found = new List<UnreadableRow>();
        await EachAsync(db.Stock.Include(s => s.Moves.OrderBy(m => m.Id)).OrderBy(s => s.Id), s => (s.Id, s.Label),
            s => StockStore.OnHand(s), found, cancel);
        await EachAsync(db.Cuts.Where(c => c.Status == CutStore.Open || c.Status == CutStore.Cut).OrderBy(c => c.Id), c => (c.Id, c.Title),
            c => OpenCut.Of(c), found, cancel);
        await EachAsync(db.Runs.Where(r => r.Status == "running").Include(r => r.Stations.OrderBy(s => s.Number))
            .Include(r => r.Events.OrderBy(e => e.Sequence)).OrderBy(r => r.Id), r => (r.Id, r.Title), Run, found, cancel);
        foreach (var word in await db.LogWords.Where(w => w.Kind == LogWordRow.Outcome).Select(w => w.Word).Distinct().ToListAsync(cancel))
        {
            if (Fault(() => LogRows.Of<Outcome>(word)) is { } why)
                found.AddRange((await db.Log.Where(e => e.Words.Any(w => w.Kind == LogWordRow.Outcome && w.Word == word))
                    .Select(e => new { e.Id, e.Title }).ToListAsync(cancel))
                    .Select(e => new UnreadableRow(typeof(LogRow), e.Id, e.Title, why)));
        }

        return found;
    }

    private async Task EachAsync<T>(IQueryable<T> rows, Func<T, (object Key, string Name)> named, Action<T> read,
        List<UnreadableRow> found, CancellationToken cancel)
        where T : class
    {
        await foreach (var row in rows.AsNoTracking().AsAsyncEnumerable().WithCancellation(cancel))
        {
            if (Fault(() => read(row)) is not { } why)
                continue;
            var (key, name) = named(row);
            found.Add(new UnreadableRow(typeof(T), key, name, why));
        }
    }

    private string? Fault<T>(Func<T> read) => Fault(() => { _ = read(); });

    private string? Fault(Action read)
    {
        try
        {
            read();
            return null;
        }
        catch (Exception e) when (e is not (OperationCanceledException or OutOfMemoryException))
        {
            return language.WordsFor(UnitSystem.Metric).Say(e is SaidException said ? said.Says : new Phrase("workshop-check.unreadable"));
        }
    }

    private void Job(JobRow row, bool plan)
    {
        if (JsonNode.Parse(row.Json) is not JsonObject)
            throw new UnreadableException(new Phrase("workshop-check.no-job"));
        // What only this catalogue does not know is no fault of the row: its card says so, and its text stays.
        if (JobReader.Read(row.Json, planner.Catalogue, new Problems()) is { } job && plan)
            _ = planner.Plan(job, UnitSystem.Metric);
    }

    private void Run(RunRow row)
    {
        if (row.Rules < BenchService.OldestRules)
            return;
        var frozen = FrozenRun.Of(row, planner);
        // Presses that joined later are in the script from the beginning; what was said decides when they come.
        if (row.Events.Exists(e => JsonSerializer.Deserialize<BenchEvent>(e.EventJson, CoreJson.Options) is null))
            throw new UnreadableException(new Phrase("workshop-check.empty"));
        var state = row.Events.Aggregate(BenchRules.Begin(frozen.Script), (state, said) => RunHistory.After(frozen.Script, state, said));
        _ = new OpenRun(row, frozen, state).Answer(row.StartedUtc, _ => null);
    }

    private sealed class UnreadableException(Phrase says) : SaidException(says);
}

/// <summary>Sets aside at the start what would stop everything else.</summary>
/// <param name="contexts">Reaches the database.</param>
/// <param name="check">Finds it.</param>
/// <param name="clock">The time.</param>
/// <param name="log">Says what was set aside.</param>
public sealed class StartCheck(IDbContextFactory<WorkshopContext> contexts, WorkshopCheck check, TimeProvider clock,
    ILogger<StartCheck> log) : IHostedService
{
    public async Task StartAsync(CancellationToken cancellationToken)
    {
        await using var db = await contexts.CreateDbContextAsync(cancellationToken);
        var found = await check.OftenAsync(db, cancellationToken);
        if (found.Count == 0)
            return;
        SetAside.Take(db, found, clock.GetUtcNow());
        foreach (var row in found)
            log.LogWarning("Set aside: {Name}. {Why}", row.Name, row.Why);
    }

    public Task StopAsync(CancellationToken cancellationToken) => Task.CompletedTask;
}
