using System.Runtime.CompilerServices;
using System.Text.Json;
using Microsoft.EntityFrameworkCore;

namespace Juxtherm.Store;

/// <summary>What became of a save.</summary>
/// <param name="Row">The job as it is kept now; null when there is none.</param>
/// <param name="Stale">The save was made from an older version and was refused; <paramref name="Row"/> is the newer one.</param>
/// <param name="OtherPatches">Its test patches are others than before.</param>
public sealed record SaveResult(JobRow? Row, bool Stale, bool OtherPatches = false);

/// <summary>A job in the list.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Title">What the crafter calls it.</param>
/// <param name="UpdatedUtc">When it was last saved.</param>
/// <param name="Version">Counts saves.</param>
/// <param name="LearnedJson">What it was agreed with; empty for nothing, null for what is learned by now.</param>
/// <param name="Card">What its card said when it was last reckoned; null before.</param>
public sealed record ListedJob(Guid Id, string Title, DateTimeOffset UpdatedUtc, int Version, string? LearnedJson, JobCardRow? Card)
{
    /// <summary>The day it is handed over; null when not said.</summary>
    public string? DueOn { get; init; }

    /// <summary>What it was agreed to be pressed at; null while nobody has.</summary>
    public string? AgreedJson { get; init; }

    /// <summary>The pieces of its last run; none where it was not pressed yet, or that was not asked for.</summary>
    public IReadOnlyList<LogRow> Last { get; init; } = [];
}

/// <summary>Keeps jobs.</summary>
/// <param name="contexts">Reaches the database.</param>
/// <param name="clock">The time.</param>
public sealed class JobStore(IDbContextFactory<WorkshopContext> contexts, TimeProvider clock)
{
    private const int MostAtOnce = 200;
    private const string NotDue = "9999";

    /// <summary>A part of the jobs that are not deleted, without their texts: last touched first, or those that are due soonest.</summary>
    /// <param name="search">Anywhere in the title; empty for all.</param>
    /// <param name="byDue">Those due soonest first, those that are not due last.</param>
    /// <param name="skip">So many are left out at the beginning.</param>
    /// <param name="take">At most so many.</param>
    /// <param name="cancel">Gives up.</param>
    /// <returns>They, and how many there are in all.</returns>
    public async Task<(IReadOnlyList<ListedJob> Jobs, int Total)> ListAsync(string search, bool byDue, int skip, int take,
        CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(search);
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var fitting = db.Jobs.AsNoTracking().Where(j => j.DeletedUtc == null);
        if (search.Length > 0)
        {
            var like = Like.Anywhere(search);
            fitting = fitting.Where(j => EF.Functions.Like(j.Title, like, Like.Escape));
        }

        // Days sort as they are written; what has none comes last.
        IOrderedQueryable<JobRow> First(IQueryable<JobRow> jobs) => byDue
            ? jobs.OrderBy(j => j.DueOn ?? NotDue).ThenByDescending(j => j.UpdatedUtc).ThenByDescending(j => j.Id)
            : jobs.OrderByDescending(j => j.UpdatedUtc).ThenByDescending(j => j.Id);
        var jobs = await First(fitting).Skip(skip).Take(take)
            .Select(j => new ListedJob(j.Id, j.Title, j.UpdatedUtc, j.Version, j.LearnedJson, null)
            {
                DueOn = j.DueOn,
                AgreedJson = j.AgreedJson,
            })
            .ToListAsync(cancel);
        var ids = jobs.ConvertAll(j => j.Id);
        var cards = await db.JobCards.AsNoTracking().Where(c => ids.Contains(c.JobId)).ToDictionaryAsync(c => c.JobId, cancel);
        var last = await LastPieces.OfAsync(db, ids, cancel);
        return ([.. jobs.Select(j => j with { Card = cards.GetValueOrDefault(j.Id), Last = [.. last[j.Id]] })],
            await fitting.CountAsync(cancel));
    }

    /// <summary>Jobs that are not deleted, by their ids: what cards are to be reckoned for, last touched first.</summary>
    public async Task<IReadOnlyList<ListedJob>> CardsAsync(CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await (from job in db.Jobs.AsNoTracking()
                      where job.DeletedUtc == null
                      join card in db.JobCards.AsNoTracking() on job.Id equals card.JobId into cards
                      from card in cards.DefaultIfEmpty()
                      orderby job.UpdatedUtc descending
                      select new ListedJob(job.Id, job.Title, job.UpdatedUtc, job.Version, job.LearnedJson, card == null
                          ? null : new JobCardRow { JobId = card.JobId, For = card.For, MetricJson = "", UsJson = "" })
                      {
                          AgreedJson = job.AgreedJson,
                      })
                          .ToListAsync(cancel);
    }

    /// <summary>Every job that is or was here, a part at a time.</summary>
    public async IAsyncEnumerable<JobRow> EachAsync([EnumeratorCancellation] CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        List<Guid> ids = await db.Jobs.OrderBy(j => j.CreatedUtc).ThenBy(j => j.Id).Select(j => j.Id).ToListAsync(cancel);
        foreach (var some in ids.Chunk(MostAtOnce))
        {
            var rows = await db.Jobs.AsNoTracking().Where(j => some.Contains(j.Id)).ToDictionaryAsync(j => j.Id, cancel);
            foreach (var row in some.Select(rows.GetValueOrDefault).OfType<JobRow>())
                yield return row;
        }
    }

    /// <summary>Keeps what a job's card says.</summary>
    public Task KeepCardAsync(JobCardRow card, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(card);
        return Once.DoAsync(contexts, async db =>
        {
            if (await db.JobCards.SingleOrDefaultAsync(c => c.JobId == card.JobId, cancel) is { } kept)
                db.Entry(kept).CurrentValues.SetValues(card);
            else if (await db.Jobs.AnyAsync(j => j.Id == card.JobId, cancel))
                db.Add(card);
            return card;
        }, cancel);
    }

    /// <summary>A job; null when it is not there or deleted.</summary>
    public async Task<JobRow?> FindAsync(Guid id, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.Jobs.AsNoTracking().SingleOrDefaultAsync(j => j.Id == id && j.DeletedUtc == null, cancel);
    }

    /// <summary>Keeps a new job; asking twice keeps one.</summary>
    /// <param name="id">Its id, which is the command's.</param>
    /// <param name="title">What the crafter calls it.</param>
    /// <param name="json">The job file's text.</param>
    /// <param name="cancel">Gives up.</param>
    /// <param name="example">It is a worked example.</param>
    /// <param name="learned">What the workshop has learned as its plan is agreed to; null to leave that open.</param>
    /// <param name="patches">Its test patches, kept for others as well; null for none.</param>
    /// <param name="agreed">What it is agreed to be pressed at; null for nothing.</param>
    public Task<JobRow> AddAsync(Guid id, string title, string json, CancellationToken cancel, bool example = false,
        string? learned = null, IReadOnlyList<PatchRow>? patches = null, string? agreed = null) => Once.DoAsync(contexts, async db =>
    {
        if (await db.Jobs.AsNoTracking().SingleOrDefaultAsync(j => j.Id == id, cancel) is { } before)
            return before;
        await PatchRows.KeepAsync(db, id, patches ?? [], cancel);
        var now = clock.GetUtcNow();
        var row = new JobRow
        {
            Id = id,
            Title = title,
            Json = json,
            DueOn = DueIn(json),
            Version = 1,
            CreatedUtc = now,
            UpdatedUtc = now,
            Example = example,
            LearnedJson = learned,
            AgreedJson = agreed,
        };
        db.Add(row);
        return row;
    }, cancel);

    /// <summary>Keeps a changed job, if it was changed from the version that is kept now.</summary>
    /// <param name="id">Its id.</param>
    /// <param name="fromVersion">The version it was changed from.</param>
    /// <param name="title">What the crafter calls it.</param>
    /// <param name="json">The job file's text.</param>
    /// <param name="patches">Its test patches, kept for others as well: those that it has no more are forgotten.</param>
    /// <param name="agreed">What it is agreed to be pressed at; null for nothing.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<SaveResult> SaveAsync(Guid id, int fromVersion, string title, string json, IReadOnlyList<PatchRow> patches,
        string? agreed, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var row = await db.Jobs.SingleOrDefaultAsync(j => j.Id == id && j.DeletedUtc == null, cancel);
        if (row is null || row.Version != fromVersion)
            return new SaveResult(row, Stale: row is not null);
        (row.Title, row.Json, row.DueOn, row.AgreedJson) = (title, json, DueIn(json), agreed);
        (row.Version, row.UpdatedUtc) = (fromVersion + 1, clock.GetUtcNow());
        var other = await PatchRows.KeepAsync(db, id, patches, cancel);
        try
        {
            await db.SaveChangesAsync(cancel);
            return new SaveResult(row, Stale: false, other);
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
        return await db.Jobs.Where(j => j.Id == id && j.DeletedUtc == null)
            .ExecuteUpdateAsync(j => j.SetProperty(x => x.LearnedJson, learned), cancel) > 0;
    }

    /// <summary>Notes what a job is agreed to be pressed at. That is no change of the job.</summary>
    public async Task KeepAgreedAsync(Guid id, string? agreed, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        await db.Jobs.Where(j => j.Id == id && j.DeletedUtc == null)
            .ExecuteUpdateAsync(j => j.SetProperty(x => x.AgreedJson, agreed), cancel);
    }

    /// <summary>Deletes a job, or undoes that.</summary>
    /// <returns>The job; null when there is none to delete or bring back.</returns>
    public Task<JobRow?> SetDeletedAsync(Guid id, bool deleted, CancellationToken cancel) => Once.DoAsync(contexts, async db =>
    {
        var row = await db.Jobs.SingleOrDefaultAsync(j => j.Id == id, cancel);
        // Asked again after a lost answer it is as it was asked to be.
        if (row is not null && (row.DeletedUtc is not null) != deleted)
            row.DeletedUtc = deleted ? clock.GetUtcNow() : null;
        return row;
    }, cancel);

    private static string? DueIn(string json)
    {
        using var file = JsonDocument.Parse(json);
        return file.RootElement.TryGetProperty("due", out var due) && due.ValueKind == JsonValueKind.String ? due.GetString() : null;
    }
}
