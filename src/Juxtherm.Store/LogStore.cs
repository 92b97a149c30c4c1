using System.Diagnostics.CodeAnalysis;
using System.Runtime.CompilerServices;
using Microsoft.EntityFrameworkCore;

namespace Juxtherm.Store;

/// <summary>Keeps the logbook.</summary>
/// <param name="contexts">Reaches the database.</param>
public sealed partial class LogStore(IDbContextFactory<WorkshopContext> contexts)
{
    private const int KeysAtOnce = 500;

    private const int MostMarks = 400;
    private const int MostAtOnce = 1_000;

    /// <summary>Entries that fit, newest first, with how many there are in all.</summary>
    public async Task<(IReadOnlyList<LogRow> Entries, int Total)> SearchAsync(LogSearch search, int skip, int take,
        CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(search);
        await using var db = await contexts.CreateDbContextAsync(cancel);
        if (search == new LogSearch())
        {
            var newest = await Page(db.Log, o => o.Skip(skip).Take(take)).ToListAsync(cancel);
            return (newest, await db.Log.CountAsync(cancel));
        }

        // All that fit in one pass: to count first and look for the page then would go through the whole book twice.
        var fitting = await Fitting(db, search).Select(e => new { e.Id, e.AtUtc }).ToListAsync(cancel);
        var ids = fitting.OrderByDescending(e => e.AtUtc).ThenByDescending(e => e.Id).Skip(skip).Take(take).Select(e => e.Id).ToList();
        var page = ids.Count == 0 ? [] : await Page(db.Log.Where(e => ids.Contains(e.Id)), o => o).ToListAsync(cancel);
        return (page, fitting.Count);
    }

    private static IQueryable<LogRow> Page(IQueryable<LogRow> entries, Func<IQueryable<LogRow>, IQueryable<LogRow>> part) =>
        part(entries.AsNoTracking().OrderByDescending(e => e.AtUtc).ThenByDescending(e => e.Id))
        .Include(e => e.Washes.OrderBy(w => w.Washes)).AsSplitQuery();

    /// <summary>Every entry that fits, oldest first, with its washes but not its photos; a part at a time, so that ever so many are never
    /// there at once.</summary>
    public async IAsyncEnumerable<LogRow> EachAsync(LogSearch search, [EnumeratorCancellation] CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(search);
        LogRow? last = null;
        while (true)
        {
            await using var db = await contexts.CreateDbContextAsync(cancel);
            var fitting = Fitting(db, search);
            if (last is { AtUtc: var at, Id: var id })
                fitting = fitting.Where(e => e.AtUtc > at || (e.AtUtc == at && e.Id > id));
            var part = await fitting.Include(e => e.Washes.OrderBy(w => w.Washes)).OrderBy(e => e.AtUtc).ThenBy(e => e.Id).Take(MostAtOnce)
                .AsSplitQuery().ToListAsync(cancel);
            foreach (var row in part)
                yield return row;
            if (part.Count < MostAtOnce)
                yield break;
            last = part[^1];
        }
    }

    /// <summary>Every entry that fits, oldest first; only for a search that finds few.</summary>
    public async Task<IReadOnlyList<LogRow>> AllAsync(LogSearch search, CancellationToken cancel) =>
        await EachAsync(search, cancel).ToListAsync(cancel);

    /// <summary>Pieces on a material of which it is known how they ended, and how many came to nothing.</summary>
    public async Task<(int Pieces, int Lost)> EndedAsync(string material, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var known = db.Log.Where(e => e.Material == material && e.EndedWell != null && !e.Struck && !e.Example && !e.Elsewhere);
        return (await known.CountAsync(cancel), await known.CountAsync(e => e.EndedWell == false, cancel));
    }

    /// <summary>An entry with its washes; null when there is none.</summary>
    public async Task<LogRow?> FindAsync(long id, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.Log.AsNoTracking().Include(e => e.Washes.OrderBy(w => w.Washes)).SingleOrDefaultAsync(e => e.Id == id, cancel);
    }

    /// <summary>Which entries of these have photos, and which.</summary>
    public async Task<ILookup<long, Guid>> PhotosAsync(IReadOnlyCollection<long> entries, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var found = await db.LogPhotos.Where(p => entries.Contains(p.LogId)).OrderBy(p => p.AtUtc).Select(p => new { p.LogId, p.Id })
            .ToListAsync(cancel);
        return found.ToLookup(p => p.LogId, p => p.Id);
    }

    /// <summary>What can be chosen from.</summary>
    public async Task<LogChoices> ChoicesAsync(CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        async Task<IReadOnlyList<string>> Of(IQueryable<string> what) =>
            [.. (await what.Distinct().ToListAsync(cancel)).Where(w => w.Length > 0).Order(StringComparer.Ordinal)];
        IQueryable<string> Words(string kind) => db.LogWords.Where(w => w.Kind == kind).Select(w => w.Word);
        return new LogChoices(
            await Of(Words(LogWordRow.Vinyl)), await Of(db.Log.Select(e => e.Material)), await Of(db.Log.Select(e => e.HeatSource)),
            await Of(Words(LogWordRow.Lot)), await Of(db.Log.Select(e => e.Name)));
    }

    /// <summary>What came out with a vinyl on a blank under a press, alike pieces counted; worked examples and struck entries left
    /// out.</summary>
    public async Task<IReadOnlyList<LogMark>> MarksAsync(string vinyl, string material, string heatSource, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        var seen = await Alone(db.Log, vinyl).Where(e => e.Material == material && e.HeatSource == heatSource && !e.Example && !e.Struck
            && !e.Elsewhere)
            .Select(e => new
            {
                Celsius = Math.Round(e.Celsius),
                Seconds = Math.Round(e.PressedSeconds),
                Outcomes = e.Words.Where(w => w.Kind == LogWordRow.Outcome).OrderBy(w => w.At).Select(w => w.Word).ToList(),
            }).ToListAsync(cancel);
        return [.. seen.GroupBy(e => (e.Celsius, e.Seconds, Words: string.Join('\n', e.Outcomes)))
            .Select(g => new LogMark(g.Key.Celsius, g.Key.Seconds, g.First().Outcomes, g.Count()))
            .OrderByDescending(m => m.Count).Take(MostMarks)];
    }

    /// <summary>Takes in what lies ready in a database of its own: what is new by its key, all of it or nothing, at once.</summary>
    /// <param name="path">The database, made by <see cref="Keeping.WorkshopArchive.At"/>.</param>
    /// <param name="cancel">Gives up.</param>
    /// <returns>How many were new.</returns>
    [SuppressMessage("Security", "CA2100", Justification = "Only names of the model are put into it.")]
    public async Task<int> TakeInAsync(string path, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        await db.Database.OpenConnectionAsync(cancel);
        string Columns(Type rows, params string[] without) =>
            string.Join(", ", db.Model.FindEntityType(rows)!.GetProperties().Select(p => p.GetColumnName()).Where(c => !without.Contains(c))
                .Select(c => $"\"{c}\""));
        var (entry, wash) = (Columns(typeof(LogRow), "Id"), Columns(typeof(LogWashRow), "Id", "LogId"));
        async Task<int> DoAsync(string sql)
        {
            await using var command = db.Database.GetDbConnection().CreateCommand();
            command.CommandText = sql;
            var name = command.CreateParameter();
            (name.ParameterName, name.Value) = ("$path", path);
            command.Parameters.Add(name);
            // Once begun it is carried through: what is given up half way would stay open on a connection that is lent again.
            return await command.ExecuteNonQueryAsync(CancellationToken.None);
        }

        await DoAsync("ATTACH $path AS stage");
        try
        {
            await DoAsync("BEGIN IMMEDIATE");
            await DoAsync(
                "CREATE TEMP TABLE fresh AS SELECT s.Id AS Stage, s.Key AS Key FROM stage.Log s WHERE NOT EXISTS (SELECT 1 FROM " +
                    "main.Log l WHERE l.Key = s.Key)");
            var added = await DoAsync(
                $"INSERT INTO main.Log ({entry}) SELECT {entry} FROM stage.Log WHERE Id IN (SELECT Stage FROM fresh) ORDER BY Id");
            await DoAsync(
                $"INSERT INTO main.LogWashes (LogId, {wash}) SELECT l.Id, {string.Join(", ", wash.Split(", ").Select(c => "w." + c))} " +
                    $"FROM stage.LogWashes w JOIN fresh f ON f.Stage = w.LogId JOIN main.Log l ON l.Key = f.Key");
            await DoAsync(
                "INSERT INTO main.LogWords (LogId, Kind, At, Word) SELECT l.Id, w.Kind, w.At, w.Word FROM stage.LogWords w " +
                    "JOIN fresh f ON f.Stage = w.LogId JOIN main.Log l ON l.Key = f.Key");
            await DoAsync("DROP TABLE fresh");
            await DoAsync("COMMIT");
            return added;
        }
        catch
        {
            await DoAsync("ROLLBACK");
            throw;
        }
        finally
        {
            await DoAsync("DETACH stage");
        }
    }

    /// <summary>Changes an entry.</summary>
    /// <returns>The entry; null when there is none.</returns>
    public Task<LogRow?> ChangeAsync(long id, Action<LogRow> change, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(change);
        return Once.DoAsync(contexts, async db =>
        {
            var row = await db.Log.Include(e => e.Washes.OrderBy(w => w.Washes)).SingleOrDefaultAsync(e => e.Id == id, cancel);
            if (row is not null)
                change(row);
            return row;
        }, cancel);
    }

    /// <summary>Puts a photo to an entry, which must be there; asking twice puts one.</summary>
    public Task AddPhotoAsync(LogPhotoRow photo, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(photo);
        return Once.DoAsync(contexts, async db =>
        {
            if (!await db.LogPhotos.AnyAsync(p => p.Id == photo.Id, cancel))
                db.Add(photo);
            return photo;
        }, cancel);
    }

    /// <summary>The keys of all entries.</summary>
    public async Task<IReadOnlySet<Guid>> KeysAsync(CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return (await db.Log.AsNoTracking().Select(e => e.Key).ToListAsync(cancel)).ToHashSet();
    }

    /// <summary>Takes entries out, with all that hangs on them.</summary>
    /// <param name="keys">Their keys.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task RemoveAsync(IReadOnlyCollection<Guid> keys, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        foreach (var some in keys.Chunk(KeysAtOnce))
            await db.Log.Where(e => some.Contains(e.Key)).ExecuteDeleteAsync(cancel);
    }

    /// <summary>A photo; null when there is none.</summary>
    public async Task<LogPhotoRow?> PhotoAsync(Guid id, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.LogPhotos.AsNoTracking().SingleOrDefaultAsync(p => p.Id == id, cancel);
    }

    /// <summary>Takes a photo away.</summary>
    public async Task<bool> RemovePhotoAsync(Guid id, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.LogPhotos.Where(p => p.Id == id).ExecuteDeleteAsync(cancel) > 0;
    }

    /// <summary>Entries with one word among those of its kind. The words are looked through once, not for each entry.</summary>
    private static IQueryable<LogRow> Saying(WorkshopContext db, IQueryable<LogRow> log, string kind, string word)
    {
        var said = db.LogWords.Where(w => w.Kind == kind && w.Word == word).Select(w => w.LogId);
        return log.Where(e => said.Contains(e.Id));
    }

    /// <summary>Entries with a vinyl and no other.</summary>
    private static IQueryable<LogRow> Alone(IQueryable<LogRow> log, string vinyl) =>
        log.Where(e => e.Words.Any(w => w.Kind == LogWordRow.Vinyl && w.Word == vinyl)
            && e.Words.Count(w => w.Kind == LogWordRow.Vinyl) == 1);

    private static IQueryable<LogRow> Fitting(WorkshopContext db, LogSearch search)
    {
        var log = db.Log.AsNoTracking();
        if (search.Vinyl is { Length: > 0 } vinyl)
            log = Saying(db, log, LogWordRow.Vinyl, vinyl);
        if (search.Material is { Length: > 0 } material)
            log = log.Where(e => e.Material == material);
        if (search.Form is { Length: > 0 } form)
            log = log.Where(e => e.Form == form);
        if (search.HeatSource is { Length: > 0 } source)
            log = log.Where(e => e.HeatSource == source);
        if (search.Lot is { Length: > 0 } lot)
            log = Saying(db, log, LogWordRow.Lot, lot);
        if (search.Person is { Length: > 0 } person)
            log = log.Where(e => e.Name == person);
        if (search.Outcome is { Length: > 0 } outcome)
            log = outcome == LogSearch.Lost
                ? log.Where(e => !e.Words.Any(w => w.Kind == LogWordRow.Outcome)) : Saying(db, log, LogWordRow.Outcome, outcome);
        if (search.From is { } from)
            log = log.Where(e => e.AtUtc >= from);
        if (search.Until is { } until)
            log = log.Where(e => e.AtUtc < until);
        if (search.Run is { } run)
            log = log.Where(e => e.RunId == run);
        if (search.Text is { Length: > 0 } text)
        {
            var like = Like.Anywhere(text);
            var lots = db.LogWords.Where(w => w.Kind == LogWordRow.Lot && EF.Functions.Like(w.Word, like, Like.Escape))
                .Select(w => w.LogId);
            log = log.Where(e => EF.Functions.Like(e.Title + "\n" + e.Name + "\n" + e.Note, like, Like.Escape) || lots.Contains(e.Id));
        }

        return log;
    }
}
