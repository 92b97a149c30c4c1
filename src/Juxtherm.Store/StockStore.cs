using Juxtherm.Core.Cutting.Stock;
using Juxtherm.Core.Notices;
using Microsoft.EntityFrameworkCore;

namespace Juxtherm.Store;

/// <summary>A roll, sheet or offcut with what is left of it.</summary>
/// <param name="Row">What it is.</param>
/// <param name="Ledger">What is left.</param>
public sealed record StockOnHand(StockRow Row, StockLedger Ledger)
{
    /// <summary>As the core knows it; its length is what is free.</summary>
    public VinylStock Vinyl => new(
        Row.Id, Enum.Parse<StockKind>(Row.Kind, ignoreCase: true), Row.Vinyl, Row.Colour, Row.ColourName, Row.WidthMm,
        Math.Max(0, Ledger.FreeMm), Row.CornerWidthMm, Row.CornerLengthMm, Row.Lot, Row.Label, Row.PricePerMetre, Row.LowMm);
}

/// <summary>What was counted is promised to cuts, and it matters whether they are cut already.</summary>
/// <param name="mm">Length promised, mm.</param>
/// <param name="titles">To which jobs.</param>
public sealed class PromisedException(double mm, string titles)
    : RefusedException("promised", new Phrase("stock.promised", ("mm", mm), ("titles", titles)));

/// <summary>Keeps rolls, sheets and offcuts.</summary>
/// <param name="contexts">Reaches the database.</param>
/// <param name="clock">The time.</param>
public sealed class StockStore(IDbContextFactory<WorkshopContext> contexts, TimeProvider clock)
{
    /// <summary>Everything on the shelf: by vinyl, colour and label.</summary>
    public async Task<IReadOnlyList<StockOnHand>> ListAsync(CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var rows = await db.Stock.AsNoTracking().Include(s => s.Moves.OrderBy(m => m.Id)).Where(s => s.DeletedUtc == null)
            .OrderBy(s => s.Vinyl).ThenBy(s => s.Colour).ThenBy(s => s.Label).ToListAsync(cancel);
        return [.. rows.Select(OnHand).Where(s => s.Row.Kind != "offcut" || s.Ledger.OnHandMm > 0)];
    }

    /// <summary>One of them; null when it is not there.</summary>
    public async Task<StockOnHand?> FindAsync(string id, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var row = await db.Stock.AsNoTracking().Include(s => s.Moves.OrderBy(m => m.Id))
            .SingleOrDefaultAsync(s => s.Id == id && s.DeletedUtc == null, cancel);
        return row is null ? null : OnHand(row);
    }

    /// <summary>Puts new vinyl on the shelf, all of it or nothing; asking twice counts once.</summary>
    /// <returns>False when it is there already.</returns>
    public Task<bool> AddAsync(IReadOnlyList<(StockRow Row, double LengthMm)> fresh, Guid commandId, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(fresh);
        return Once.DoAsync(contexts, async db =>
        {
            if (await db.StockMoves.AnyAsync(m => m.CommandId == commandId, cancel))
                return false;
            foreach (var (row, length) in fresh)
            {
                (row.CreatedUtc, row.Version) = (clock.GetUtcNow(), 1);
                db.Add(row);
                db.Add(new StockMoveRow
                {
                    StockId = row.Id,
                    Kind = "receive",
                    Mm = length,
                    CommandId = commandId,
                    AtUtc = clock.GetUtcNow()
                });
            }

            return true;
        }, cancel);
    }

    /// <summary>Changes what is known of it, if it was changed from the version that is kept now; with a length, also how much was
    /// counted.</summary>
    /// <param name="changed">As it should be.</param>
    /// <param name="countedMm">Length that was measured, mm; null to leave it as it is.</param>
    /// <param name="isCut">Whether what cuts were promised of it is gone from what was counted; null where nobody said.</param>
    /// <param name="commandId">Chosen by whoever asks; asking twice counts once.</param>
    /// <param name="cancel">Gives up.</param>
    /// <returns>It as it is now, null when there is none; and whether the change was made from an older version and refused.</returns>
    /// <exception cref="PromisedException">It is promised, and it matters whether that is cut already.</exception>
    public Task<(StockOnHand? Kept, bool Stale)> SaveAsync(StockRow changed, double? countedMm, bool? isCut, Guid commandId,
        CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(changed);
        return Once.DoAsync<(StockOnHand?, bool)>(contexts, async db =>
        {
            var row = await db.Stock.Include(s => s.Moves.OrderBy(m => m.Id))
                .SingleOrDefaultAsync(s => s.Id == changed.Id && s.DeletedUtc == null, cancel);
            if (row is null)
                return (null, false);
            var asked = row.Moves.Exists(m => m.CommandId == commandId);
            if (asked || row.Version != changed.Version)
                return (OnHand(row), !asked);
            (row.Kind, row.Vinyl, row.Colour, row.ColourName, row.WidthMm) = (changed.Kind, changed.Vinyl, changed.Colour,
                changed.ColourName, changed.WidthMm);
            (row.CornerWidthMm, row.CornerLengthMm, row.Lot, row.Label, row.PricePerMetre, row.LowMm) = (changed.CornerWidthMm,
                changed.CornerLengthMm, changed.Lot, changed.Label, changed.PricePerMetre, changed.LowMm);
            row.Version++;
            if (countedMm is { } mm)
                await CountAsync(db, row, mm, isCut, commandId, cancel);
            return (OnHand(row), false);
        }, cancel);
    }

    /// <summary>Takes it off the shelf, or puts it back.</summary>
    /// <exception cref="StockRefusedException">A cut has been promised some of it.</exception>
    public Task<StockOnHand?> SetDeletedAsync(string id, bool deleted, CancellationToken cancel) => Once.DoAsync(contexts, async db =>
    {
        var row = await db.Stock.Include(s => s.Moves.OrderBy(m => m.Id)).SingleOrDefaultAsync(s => s.Id == id, cancel);
        if (row is null)
            return null;
        var onHand = OnHand(row);
        if ((row.DeletedUtc is not null) == deleted)
            return onHand;
        if (deleted && onHand.Ledger.ReservedMm > 0)
            throw new StockRefusedException(
                new Phrase("stock-store.set-deleted-async", ("reserved", onHand.Ledger.ReservedMm),
                    ("it", await CutStore.TitlesAsync(db, onHand.Ledger.PromisedTo, cancel))));
        row.DeletedUtc = deleted ? clock.GetUtcNow() : null;
        row.Version++;
        return onHand;
    }, cancel);

    /// <summary>Presets of the workshop's own for a kind of cutter, by vinyl.</summary>
    public async Task<IReadOnlyDictionary<string, CutPresetRow>> PresetsAsync(string cutter, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.CutPresets.AsNoTracking().Where(p => p.Cutter == cutter)
            .ToDictionaryAsync(p => p.Vinyl, StringComparer.Ordinal, cancel);
    }

    /// <summary>Keeps a preset, or forgets it.</summary>
    public Task SetPresetAsync(string vinyl, string cutter, CutPresetRow? preset, CancellationToken cancel) =>
        Once.DoAsync(contexts, async db =>
    {
        var kept = await db.CutPresets.SingleOrDefaultAsync(p => p.Vinyl == vinyl && p.Cutter == cutter, cancel);
        if (kept is not null && preset is null)
            db.Remove(kept);
        if (preset is null)
            return kept;
        preset.UpdatedUtc = clock.GetUtcNow();
        if (kept is null)
            db.Add(preset);
        else
            db.Entry(kept).CurrentValues.SetValues(preset);
        return preset;
    }, cancel);

    /// <summary>What was said of colours on the shelf.</summary>
    public async Task<IReadOnlyList<ColourMatch>> MatchesAsync(CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.ColourMatches.AsNoTracking().OrderBy(m => m.Vinyl).ThenBy(m => m.Wanted).ThenBy(m => m.OnShelf)
            .Select(m => new ColourMatch(m.Vinyl, m.Wanted, m.OnShelf, m.Same)).ToListAsync(cancel);
    }

    /// <summary>Keeps what was said of a colour on the shelf, or that nothing was.</summary>
    /// <param name="match">The colours.</param>
    /// <param name="forget">Take back what was said.</param>
    /// <param name="cancel">Gives up.</param>
    public Task SayMatchAsync(ColourMatch match, bool forget, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(match);
        var (wanted, shelf) = (match.Wanted.ToLowerInvariant(), match.OnShelf.ToLowerInvariant());
        return Once.DoAsync(contexts, async db =>
        {
            var row = await db.ColourMatches.FindAsync([match.Vinyl, wanted, shelf], cancel);
            if (row is not null && forget)
                db.Remove(row);
            else if (row is not null)
                row.Same = match.Same;
            else if (!forget)
                db.Add(new ColourMatchRow { Vinyl = match.Vinyl, Wanted = wanted, OnShelf = shelf, Same = match.Same });
            return match;
        }, cancel);
    }

    /// <summary>A move, if its vinyl bears it.</summary>
    /// <param name="db">The database.</param>
    /// <param name="stockId">What is moved.</param>
    /// <param name="move">How.</param>
    /// <param name="commandId">Asking twice counts once.</param>
    /// <param name="now">When, UTC.</param>
    /// <param name="cancel">Gives up.</param>
    /// <param name="ends">It ends a promise, which must always be possible: also of what is off the shelf by now, and of what is there less
    /// of than was promised.</param>
    internal static async Task MoveAsync(WorkshopContext db, string stockId, StockMove move, Guid commandId, DateTimeOffset now,
        CancellationToken cancel, bool ends = false)
    {
        var row = await db.Stock.Include(s => s.Moves.OrderBy(m => m.Id))
            .SingleOrDefaultAsync(s => s.Id == stockId && (ends || s.DeletedUtc == null), cancel)
            ?? throw new StockRefusedException(new Phrase("stock-store.move-async-row"));
        var ledger = OnHand(row).Ledger;
        if (ends && move.Kind == StockMoveKind.Consume && ledger.OnHandMm < move.Mm)
        {
            Add(row, new StockMove(StockMoveKind.Release, move.Mm - ledger.OnHandMm, move.Cut), commandId, now);
            move = move with { Mm = ledger.OnHandMm };
        }

        OnHand(row).Ledger.Take(move);
        row.Version++;
        Add(row, move, commandId, now);
    }

    /// <summary>Somebody measured it. What was cut from it is gone by then, and is not taken off a second time when the pieces are
    /// pressed.</summary>
    private async Task CountAsync(WorkshopContext db, StockRow row, double mm, bool? isCut, Guid commandId, CancellationToken cancel)
    {
        var ledger = OnHand(row).Ledger;
        foreach (var cut in ledger.PromisedTo)
        {
            var gone = isCut ?? (await db.Cuts.SingleOrDefaultAsync(c => c.Id == cut, cancel))?.Status switch
            {
                CutStore.Cut => true,
                CutStore.Open => throw new PromisedException(ledger.ReservedFor(cut), await CutStore.TitlesAsync(db, [cut], cancel)),
                _ => false,
            };
            if (gone)
                await MoveAsync(db, row.Id, new StockMove(StockMoveKind.Consume, ledger.ReservedFor(cut), cut), commandId,
                    clock.GetUtcNow(), cancel, ends: true);
        }

        Add(row, new StockMove(StockMoveKind.Count, mm), commandId, clock.GetUtcNow());
    }

    private static void Add(StockRow row, StockMove move, Guid commandId, DateTimeOffset now) =>
        row.Moves.Add(
            new StockMoveRow
            {
                StockId = row.Id,
                Kind = Word(move.Kind),
                Mm = move.Mm,
                CutId = move.Cut,
                CommandId = commandId,
                AtUtc = now
            });

    /// <summary>What is left of it, summed up.</summary>
    /// <param name="row">It with its moves.</param>
    /// <exception cref="StockRefusedException">One of the moves cannot have been.</exception>
    public static StockOnHand OnHand(StockRow row) =>
        new(row, new StockLedger(row.Moves.Select(m => new StockMove(Enum.Parse<StockMoveKind>(m.Kind, ignoreCase: true), m.Mm, m.CutId))));

    private static string Word(StockMoveKind kind) => kind.ToString().ToLowerInvariant();
}
