using Microsoft.EntityFrameworkCore;

namespace Juxtherm.Store;

/// <summary>Keeps quotes.</summary>
/// <param name="contexts">Reaches the database.</param>
public sealed class QuoteStore(IDbContextFactory<WorkshopContext> contexts)
{
    /// <summary>Nobody has said yes or no.</summary>
    public const string Open = "open";

    /// <summary>The customer said yes.</summary>
    public const string Accepted = "accepted";

    /// <summary>The customer said no, or it was taken back.</summary>
    public const string Declined = "declined";

    private const int Most = 200;

    /// <summary>Keeps a new one under the next number; asking twice keeps one.</summary>
    public Task<QuoteRow> AddAsync(QuoteRow quote, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(quote);
        return Once.DoAsync(contexts, async db =>
        {
            if (await db.Quotes.AsNoTracking().SingleOrDefaultAsync(q => q.Id == quote.Id, cancel) is { } before)
                return before;
            quote.Number = 1 + (await db.Quotes.MaxAsync(q => (int?)q.Number, cancel) ?? 0);
            db.Add(quote);
            return quote;
        }, cancel);
    }

    /// <summary>One; null when there is none.</summary>
    public async Task<QuoteRow?> FindAsync(Guid id, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.Quotes.AsNoTracking().SingleOrDefaultAsync(q => q.Id == id, cancel);
    }

    /// <summary>Those of a job, or all, newest first.</summary>
    public async Task<IReadOnlyList<QuoteRow>> ListAsync(Guid? job, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.Quotes.AsNoTracking().Where(q => job == null || q.JobId == job).OrderByDescending(q => q.Number).Take(Most)
            .ToListAsync(cancel);
    }

    /// <summary>Yes or no; what it says stays as it was.</summary>
    public Task<QuoteRow?> DecideAsync(Guid id, string status, DateTimeOffset at, CancellationToken cancel) =>
        Once.DoAsync(contexts, async db =>
    {
        if (await db.Quotes.SingleOrDefaultAsync(q => q.Id == id, cancel) is not { } row)
            return null;
        (row.Status, row.DecidedUtc) = (status, at);
        row.Version++;
        return row;
    }, cancel);
}
