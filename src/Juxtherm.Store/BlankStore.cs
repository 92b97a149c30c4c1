using Microsoft.EntityFrameworkCore;

namespace Juxtherm.Store;

/// <summary>Items on hand, with how many are left.</summary>
/// <param name="Row">As it is kept.</param>
/// <param name="Left">How many there are.</param>
public sealed record BlankOnHand(BlankStockRow Row, int Left);

/// <summary>Keeps items on hand: what comes in, what runs take, what is counted.</summary>
/// <param name="contexts">Reaches the database.</param>
/// <param name="clock">The time.</param>
public sealed class BlankStore(IDbContextFactory<WorkshopContext> contexts, TimeProvider clock)
{
    /// <summary>They were bought.</summary>
    public const string Receive = "receive";

    /// <summary>A run took them.</summary>
    public const string Use = "use";

    /// <summary>Somebody counted them: so many more or fewer than was thought.</summary>
    public const string Count = "count";

    /// <summary>All on the shelf.</summary>
    public async Task<IReadOnlyList<BlankOnHand>> ListAsync(CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var rows = await db.BlankStock.AsNoTracking().Include(b => b.Moves).Where(b => b.DeletedUtc == null)
            .OrderBy(b => b.Form).ThenBy(b => b.Size).ThenBy(b => b.ColourName).ToListAsync(cancel);
        return rows.ConvertAll(r => new BlankOnHand(r, Left(r)));
    }

    /// <summary>What an item of that kind costs, where any on the shelf says so.</summary>
    public async Task<decimal?> PriceAsync(string form, string material, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var prices = await db.BlankStock.Where(b => b.DeletedUtc == null && b.Form == form && b.Material == material && b.Price != null)
            .Select(b => b.Price).ToListAsync(cancel);
        return prices.Count == 0 ? null : prices.Average();
    }

    /// <summary>Keeps items with so many of them, or changes them; asking twice counts once.</summary>
    /// <param name="row">As they are to be kept.</param>
    /// <param name="isNew">They may be new.</param>
    /// <param name="pieces">How many there are; null to leave that as it is.</param>
    /// <param name="commandId">Chosen by whoever asks.</param>
    /// <param name="cancel">Gives up.</param>
    /// <returns>Null where they are neither known nor new.</returns>
    public Task<BlankOnHand?> SaveAsync(BlankStockRow row, bool isNew, int? pieces, Guid commandId, CancellationToken cancel) =>
        Once.DoAsync(contexts, async db =>
    {
        var known = await db.BlankStock.Include(b => b.Moves).SingleOrDefaultAsync(b => b.Id == row.Id, cancel);
        if (known is null && !isNew)
            return null;
        if (known is null)
        {
            row.CreatedUtc = clock.GetUtcNow();
            row.Version = 1;
            db.Add(known = row);
        }
        else if (known.Moves.Exists(m => m.CommandId == commandId))
        {
            return new BlankOnHand(known, Left(known));
        }
        else
        {
            (known.Form, known.Material, known.Size, known.Colour) = (row.Form, row.Material, row.Size, row.Colour);
            (known.ColourName, known.Price, known.Low, known.DeletedUtc) = (row.ColourName, row.Price, row.Low, null);
            known.Version++;
        }

        if (pieces is { } there && there != Left(known))
            known.Moves.Add(Move(known.Id, known.Moves.Count == 0 ? Receive : Count, there - Left(known), commandId, null));
        return new BlankOnHand(known, Left(known));
    }, cancel);

    /// <summary>Takes items off the shelf, or puts them back.</summary>
    public Task<BlankOnHand?> SetDeletedAsync(string id, bool deleted, CancellationToken cancel) => Once.DoAsync(contexts, async db =>
    {
        if (await db.BlankStock.Include(b => b.Moves).SingleOrDefaultAsync(b => b.Id == id, cancel) is not { } row)
            return null;
        row.DeletedUtc = deleted ? clock.GetUtcNow() : null;
        row.Version++;
        return new BlankOnHand(row, Left(row));
    }, cancel);

    /// <summary>A run takes its items, as far as there are any.</summary>
    /// <param name="db">The transaction in which the run begins.</param>
    /// <param name="run">The run.</param>
    /// <param name="wanted">How many of which.</param>
    /// <param name="cancel">Gives up.</param>
    internal static async Task UseAsync(WorkshopContext db, RunRow run, IReadOnlyList<WantedBlank> wanted, CancellationToken cancel)
    {
        foreach (var (form, material, size, colour, count) in wanted)
        {
            var fitting = await db.BlankStock.Include(b => b.Moves)
                .Where(b => b.DeletedUtc == null && b.Form == form && b.Material == material
                    && (b.Size == "" || size == "" || b.Size == size)
                    && (b.Colour == "" || colour == "" || b.Colour == colour)).OrderBy(b => b.CreatedUtc).ToListAsync(cancel);
            var left = count;
            foreach (var row in fitting)
            {
                var taken = Math.Min(left, Left(row));
                if (taken <= 0)
                    continue;
                var before = row.Moves.Find(m => m.CommandId == run.Id && m.Kind == Use);
                if (before is null)
                    row.Moves.Add(new BlankMoveRow
                    {
                        BlankId = row.Id,
                        Kind = Use,
                        Pieces = -taken,
                        RunId = run.Id,
                        CommandId = run.Id,
                        AtUtc = run.StartedUtc
                    });
                else
                    before.Pieces -= taken;
                row.Version++;
                left -= taken;
            }
        }
    }

    private static int Left(BlankStockRow row) => row.Moves.Sum(m => m.Pieces);

    private BlankMoveRow Move(string id, string kind, int pieces, Guid commandId, Guid? run) => new()
    {
        BlankId = id,
        Kind = kind,
        Pieces = pieces,
        RunId = run,
        CommandId = commandId,
        AtUtc = clock.GetUtcNow(),
    };
}

/// <summary>Items that a run wants.</summary>
/// <param name="Form">Kind of item.</param>
/// <param name="Material">Its material.</param>
/// <param name="Size">Its size; empty for none.</param>
/// <param name="Colour">Its color as #rrggbb; empty when not said.</param>
/// <param name="Count">How many.</param>
public sealed record WantedBlank(string Form, string Material, string Size, string Colour, int Count);
