using System.Text.Json;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Cutting.Stock;
using Juxtherm.Core.Reading;
using Microsoft.EntityFrameworkCore;

namespace Juxtherm.Store;

/// <summary>Keeps cuts, and lets them take their vinyl from the shelf: each step whole and once, whatever is clicked twice or
/// crashes.</summary>
/// <param name="contexts">Reaches the database.</param>
/// <param name="clock">The time.</param>
public sealed class CutStore(IDbContextFactory<WorkshopContext> contexts, TimeProvider clock)
{
    /// <summary>Still to be cut.</summary>
    public const string Open = "open";

    /// <summary>All mats are cut.</summary>
    public const string Cut = "cut";

    /// <summary>Its vinyl is used up.</summary>
    public const string Used = "used";

    /// <summary>Given up; its vinyl is free again.</summary>
    public const string GivenUp = "given-up";

    /// <summary>Keeps a new cut and promises it its vinyl.</summary>
    /// <param name="cut">The cut; its id is the command's, so asking twice finds the first one.</param>
    /// <param name="uses">What it takes.</param>
    /// <param name="cancel">Gives up.</param>
    /// <exception cref="StockRefusedException">There is not enough any more; nothing is kept then.</exception>
    public Task<CutRow> AddAsync(CutRow cut, IReadOnlyList<StockUse> uses, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(cut);
        return Once.DoAsync(contexts, async db =>
        {
            if (await db.Cuts.AsNoTracking().SingleOrDefaultAsync(c => c.Id == cut.Id, cancel) is { } before)
                return before;
            (cut.CreatedUtc, cut.Version, cut.Status) = (clock.GetUtcNow(), 1, Open);
            db.Add(cut);
            foreach (var use in uses)
                await StockStore.MoveAsync(db, use.StockId, new StockMove(StockMoveKind.Reserve, use.LengthMm, cut.Id), cut.Id,
                    clock.GetUtcNow(), cancel);
            return cut;
        }, cancel);
    }

    /// <summary>A cut; null when there is none.</summary>
    public async Task<CutRow?> FindAsync(Guid id, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.Cuts.AsNoTracking().SingleOrDefaultAsync(c => c.Id == id, cancel);
    }

    /// <summary>Cuts of a job, newest first.</summary>
    public async Task<IReadOnlyList<CutRow>> OfJobAsync(Guid jobId, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.Cuts.AsNoTracking().Where(c => c.JobId == jobId).OrderByDescending(c => c.CreatedUtc).ToListAsync(cancel);
    }

    /// <summary>Takes a step; the same command twice counts once.</summary>
    /// <param name="id">The cut.</param>
    /// <param name="commandId">Chosen by whoever asks.</param>
    /// <param name="step">Changes the row; answers what more vinyl that takes, null for none.</param>
    /// <param name="cancel">Gives up.</param>
    /// <returns>The cut as it is now; null when there is none.</returns>
    public Task<CutRow?> StepAsync(Guid id, Guid commandId, Func<CutRow, StockUse?> step, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(step);
        return Once.DoAsync(contexts, async db =>
        {
            var row = await db.Cuts.Include(c => c.Commands).AsSplitQuery().SingleOrDefaultAsync(c => c.Id == id, cancel);
            if (row is null || row.Commands.Exists(c => c.CommandId == commandId))
                return row;
            if (step(row) is { } more)
                await PromiseMoreAsync(db, more, id, commandId, clock.GetUtcNow(), cancel);
            row.Version++;
            row.Commands.Add(new CutCommandRow { CutId = id, CommandId = commandId });
            return (CutRow?)row;
        }, cancel);
    }

    /// <summary>Uses up what a cut was promised and puts what is left on the shelf; doing it twice counts once.</summary>
    /// <returns>The cut as it is now; null when there is none.</returns>
    public Task<CutRow?> UseAsync(Guid id, CancellationToken cancel) => Once.DoAsync(contexts, async db =>
    {
        var row = await db.Cuts.SingleOrDefaultAsync(c => c.Id == id, cancel);
        if (row is not null)
            await UseAsync(db, row, clock.GetUtcNow(), cancel);
        return row;
    }, cancel);

    /// <summary>Gives a cut up: its vinyl is free again.</summary>
    /// <returns>The cut as it is now; null when there is none.</returns>
    public Task<CutRow?> GiveUpAsync(Guid id, CancellationToken cancel) => Once.DoAsync(contexts, async db =>
    {
        var row = await db.Cuts.SingleOrDefaultAsync(c => c.Id == id, cancel);
        if (row is null || row.Status is Used or GivenUp)
            return row;
        foreach (var (stock, mm) in await PromisedAsync(db, id, cancel))
            await StockStore.MoveAsync(db, stock, new StockMove(StockMoveKind.Release, mm, id), id, clock.GetUtcNow(), cancel, ends: true);
        (row.Status, row.Version) = (GivenUp, row.Version + 1);
        return row;
    }, cancel);

    /// <summary>What was cut for a job is used up as its run begins.</summary>
    internal static async Task UseForJobAsync(WorkshopContext db, Guid jobId, DateTimeOffset now, CancellationToken cancel)
    {
        foreach (var row in await db.Cuts.Where(c => c.JobId == jobId && (c.Status == Open || c.Status == Cut)).ToListAsync(cancel))
            await UseAsync(db, row, now, cancel);
    }

    /// <summary>Lots of the vinyl that was cut for a job, in order.</summary>
    internal static Task<List<string>> LotsForJobAsync(WorkshopContext db, Guid jobId, CancellationToken cancel) =>
        (from cut in db.Cuts
         where cut.JobId == jobId
         join move in db.StockMoves on cut.Id equals move.CutId
         join stock in db.Stock on move.StockId equals stock.Id
         where stock.Lot != ""
         orderby stock.Lot
         select stock.Lot).Distinct().ToListAsync(cancel);

    /// <summary>What cuts are for, for the reader.</summary>
    internal static async Task<string> TitlesAsync(WorkshopContext db, IReadOnlyCollection<Guid> cuts, CancellationToken cancel)
    {
        var titles = await db.Cuts.Where(c => cuts.Contains(c.Id)).Select(c => c.Title).ToListAsync(cancel);
        return titles.Count == 0 ? "a cut" : string.Join(" and ", titles.Select(t => t.Length > 0 ? $"“{t}”" : "a job without a title"));
    }

    private static async Task UseAsync(WorkshopContext db, CutRow row, DateTimeOffset now, CancellationToken cancel)
    {
        if (row.Status is Used or GivenUp)
            return;
        foreach (var (stock, mm) in await PromisedAsync(db, row.Id, cancel))
            await StockStore.MoveAsync(db, stock, new StockMove(StockMoveKind.Consume, mm, row.Id), row.Id, now, cancel, ends: true);
        (row.Status, row.Version) = (Used, row.Version + 1);
        await LeftAsync(db, row, now, cancel);
    }

    private static async Task<List<(string Stock, double Mm)>> PromisedAsync(WorkshopContext db, Guid cut, CancellationToken cancel)
    {
        var ids = await db.StockMoves.Where(m => m.CutId == cut).Select(m => m.StockId).Distinct().ToListAsync(cancel);
        var rows = await db.Stock.Include(s => s.Moves.OrderBy(m => m.Id)).Where(s => ids.Contains(s.Id)).ToListAsync(cancel);
        return [.. rows.Select(r => (r.Id, StockStore.OnHand(r).Ledger.ReservedFor(cut))).Where(p => p.Item2 > 0)];
    }

    /// <summary>What is cut again takes more of the roll; where that has no more, it comes from elsewhere and the shelf is not
    /// asked.</summary>
    private static async Task PromiseMoreAsync(WorkshopContext db, StockUse more, Guid cut, Guid commandId, DateTimeOffset now,
        CancellationToken cancel)
    {
        try
        {
            await StockStore.MoveAsync(db, more.StockId, new StockMove(StockMoveKind.Reserve, more.LengthMm, cut), commandId, now, cancel);
        }
        catch (StockRefusedException)
        {
            // Whoever stands at the cutter has found some vinyl; a sum on the shelf does not stop the work.
        }
    }

    private static async Task LeftAsync(WorkshopContext db, CutRow row, DateTimeOffset now, CancellationToken cancel)
    {
        var way = JsonSerializer.Deserialize<CutLayout>(row.WayJson, CoreJson.Options)!;
        var number = await db.Stock.CountAsync(s => s.Kind == "offcut", cancel);
        var index = 0;
        foreach (var (stockId, left) in way.Lists.SelectMany(l => l.ComesBack))
        {
            if (await db.Stock.FindAsync([stockId], cancel) is not { } parent)
                continue;
            number++;
            var id = $"left-{row.Id:N}-{index++}";
            db.Add(new StockRow
            {
                Id = id,
                Kind = "offcut",
                Vinyl = parent.Vinyl,
                Colour = parent.Colour,
                ColourName = parent.ColourName,
                WidthMm = Math.Round(left.WidthMm, 1),
                CornerWidthMm = Math.Round(left.CornerWidthMm, 1),
                CornerLengthMm = Math.Round(left.CornerLengthMm, 1),
                Lot = parent.Lot,
                Label = $"Offcut {number}",
                PricePerMetre = parent.PricePerMetre * left.WidthMm / parent.WidthMm,
                FromCut = row.Id,
                Version = 1,
                CreatedUtc = now,
            });
            db.Add(new StockMoveRow { StockId = id, Kind = "receive", Mm = Math.Round(left.LengthMm, 1), CommandId = row.Id, AtUtc = now });
        }
    }
}
