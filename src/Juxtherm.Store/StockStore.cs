using Juxtherm.Core.Stock;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Juxtherm.Store;

/// <summary>A roll, sheet or offcut with what is left of it.</summary>
/// <param name="Row">What it is.</param>
/// <param name="Ledger">What is left.</param>
public sealed record StockOnHand(StockRow Row, StockLedger Ledger)
{
    /// <summary>As the core knows it; its length is what is free.</summary>
    public VinylStock Vinyl => new(
        Row.Id, Enum.Parse<StockKind>(Row.Kind, ignoreCase: true), Row.Vinyl, Row.Colour, Row.ColourName, Row.WidthMm, Math.Max(0, Ledger.FreeMm), Row.CornerWidthMm, Row.CornerLengthMm, Row.Lot, Row.Label, Row.PricePerMetre, Row.LowMm);
}

/// <summary>Keeps rolls, sheets and offcuts.</summary>
/// <param name="contexts">Reaches the database.</param>
/// <param name="clock">The time.</param>
public sealed class StockStore(IDbContextFactory<WorkshopContext> contexts, TimeProvider clock)
{
    private const int UniqueViolation = 19;
    private const int Tries = 5;

    /// <summary>Everything on the shelf: by vinyl, colour and label.</summary>
    public async Task<IReadOnlyList<StockOnHand>> ListAsync(CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var rows = await db.Stock.AsNoTracking().Include(s => s.Moves.OrderBy(m => m.Id)).Where(s => s.DeletedUtc == null).OrderBy(s => s.Vinyl).ThenBy(s => s.Colour).ThenBy(s => s.Label).ToListAsync(cancel);
        return [.. rows.Select(OnHand).Where(s => s.Row.Kind != "offcut" || s.Ledger.OnHandMm > 0)];
    }

    /// <summary>One of them; null when it is not there.</summary>
    public async Task<StockOnHand?> FindAsync(string id, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var row = await db.Stock.AsNoTracking().Include(s => s.Moves.OrderBy(m => m.Id)).SingleOrDefaultAsync(s => s.Id == id && s.DeletedUtc == null, cancel);
        return row is null ? null : OnHand(row);
    }

    /// <summary>Puts new vinyl on the shelf, all of it or nothing; asking twice counts once.</summary>
    /// <returns>False when it is there already.</returns>
    public Task<bool> AddAsync(IReadOnlyList<(StockRow Row, double LengthMm)> fresh, Guid commandId, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(fresh);
        return OnceAsync(contexts, async db =>
        {
            if (await db.StockMoves.AnyAsync(m => m.CommandId == commandId, cancel))
                return false;
            foreach (var (row, length) in fresh)
            {
                (row.CreatedUtc, row.Version) = (clock.GetUtcNow(), 1);
                db.Add(row);
                db.Add(new StockMoveRow { StockId = row.Id, Kind = "receive", Mm = length, CommandId = commandId, AtUtc = clock.GetUtcNow() });
            }

            return true;
        }, cancel);
    }

    /// <summary>Changes what is known of it, if it was changed from the version that is kept now; with a length, also how much was counted.</summary>
    /// <returns>It as it is now, null when there is none; and whether the change was made from an older version and refused.</returns>
    public async Task<(StockOnHand? Kept, bool Stale)> SaveAsync(StockRow changed, double? countedMm, Guid commandId, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(changed);
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var row = await db.Stock.SingleOrDefaultAsync(s => s.Id == changed.Id && s.DeletedUtc == null, cancel);
        if (row is null)
            return (null, false);
        if (await db.StockMoves.AnyAsync(m => m.StockId == row.Id && m.CommandId == commandId, cancel))
            return (await FindAsync(changed.Id, cancel), false);
        if (row.Version != changed.Version)
            return (await FindAsync(changed.Id, cancel), true);
        (row.Kind, row.Vinyl, row.Colour, row.ColourName, row.WidthMm) = (changed.Kind, changed.Vinyl, changed.Colour, changed.ColourName, changed.WidthMm);
        (row.CornerWidthMm, row.CornerLengthMm, row.Lot, row.Label, row.PricePerMetre, row.LowMm) = (changed.CornerWidthMm, changed.CornerLengthMm, changed.Lot, changed.Label, changed.PricePerMetre, changed.LowMm);
        row.Version++;
        if (countedMm is { } mm)
            db.Add(new StockMoveRow { StockId = row.Id, Kind = "count", Mm = mm, CommandId = commandId, AtUtc = clock.GetUtcNow() });
        try
        {
            await db.SaveChangesAsync(cancel);
            return (await FindAsync(changed.Id, cancel), false);
        }
        catch (DbUpdateConcurrencyException)
        {
            return (await FindAsync(changed.Id, cancel), true);
        }
    }

    /// <summary>Takes it off the shelf, or puts it back.</summary>
    public async Task<StockOnHand?> SetDeletedAsync(string id, bool deleted, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var row = await db.Stock.Include(s => s.Moves).SingleOrDefaultAsync(s => s.Id == id && (s.DeletedUtc == null) == deleted, cancel);
        if (row is null)
            return null;
        row.DeletedUtc = deleted ? clock.GetUtcNow() : null;
        row.Version++;
        await db.SaveChangesAsync(cancel);
        return OnHand(row);
    }

    /// <summary>Presets of the workshop's own for a kind of cutter, by vinyl.</summary>
    public async Task<IReadOnlyDictionary<string, CutPresetRow>> PresetsAsync(string cutter, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.CutPresets.AsNoTracking().Where(p => p.Cutter == cutter).ToDictionaryAsync(p => p.Vinyl, StringComparer.Ordinal, cancel);
    }

    /// <summary>Keeps a preset, or forgets it.</summary>
    public async Task SetPresetAsync(string vinyl, string cutter, CutPresetRow? preset, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var kept = await db.CutPresets.SingleOrDefaultAsync(p => p.Vinyl == vinyl && p.Cutter == cutter, cancel);
        if (preset is null)
        {
            if (kept is not null)
                db.Remove(kept);
        }
        else
        {
            preset.UpdatedUtc = clock.GetUtcNow();
            if (kept is null)
                db.Add(preset);
            else
                db.Entry(kept).CurrentValues.SetValues(preset);
        }

        await db.SaveChangesAsync(cancel);
    }

    /// <summary>What was said of colours on the shelf.</summary>
    public async Task<IReadOnlyList<ColourMatch>> MatchesAsync(CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.ColourMatches.AsNoTracking().OrderBy(m => m.Vinyl).ThenBy(m => m.Wanted).ThenBy(m => m.OnShelf).Select(m => new ColourMatch(m.Vinyl, m.Wanted, m.OnShelf, m.Same)).ToListAsync(cancel);
    }

    /// <summary>Keeps what was said of a colour on the shelf, or that nothing was.</summary>
    /// <param name="match">The colours.</param>
    /// <param name="forget">Take back what was said.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task SayMatchAsync(ColourMatch match, bool forget, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(match);
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var (wanted, shelf) = (match.Wanted.ToLowerInvariant(), match.OnShelf.ToLowerInvariant());
        var row = await db.ColourMatches.FindAsync([match.Vinyl, wanted, shelf], cancel);
        if (forget)
        {
            if (row is not null)
                db.Remove(row);
        }
        else if (row is null)
            db.Add(new ColourMatchRow { Vinyl = match.Vinyl, Wanted = wanted, OnShelf = shelf, Same = match.Same });
        else
            row.Same = match.Same;
        await db.SaveChangesAsync(cancel);
    }

    /// <summary>Lets something happen that must happen whole and once; where two happen at once the later looks again.</summary>
    internal static async Task<T> OnceAsync<T>(IDbContextFactory<WorkshopContext> contexts, Func<WorkshopContext, Task<T>> work, CancellationToken cancel)
    {
        for (var left = Tries; ; left--)
        {
            await using var db = await contexts.CreateDbContextAsync(cancel);
            try
            {
                var done = await work(db);
                await db.SaveChangesAsync(cancel);
                return done;
            }
            catch (DbUpdateException e) when (left > 1 && (e is DbUpdateConcurrencyException || e.InnerException is SqliteException { SqliteErrorCode: UniqueViolation }))
            {
                // Somebody else was first; what they did is seen on the next try.
            }
        }
    }

    /// <summary>A move, if its vinyl bears it.</summary>
    internal static async Task MoveAsync(WorkshopContext db, string stockId, StockMove move, Guid commandId, DateTimeOffset now, CancellationToken cancel)
    {
        var row = await db.Stock.Include(s => s.Moves.OrderBy(m => m.Id)).SingleOrDefaultAsync(s => s.Id == stockId && s.DeletedUtc == null, cancel) ?? throw new StockRefusedException("That vinyl is not on the shelf any more.");
        OnHand(row).Ledger.Take(move);
        row.Version++;
        row.Moves.Add(new StockMoveRow { StockId = stockId, Kind = Word(move.Kind), Mm = move.Mm, CutId = move.Cut, CommandId = commandId, AtUtc = now });
    }

    internal static StockOnHand OnHand(StockRow row) => new(row, new StockLedger(row.Moves.Select(m => new StockMove(Enum.Parse<StockMoveKind>(m.Kind, ignoreCase: true), m.Mm, m.CutId))));

    private static string Word(StockMoveKind kind) => kind.ToString().ToLowerInvariant();
}
