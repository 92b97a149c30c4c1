using Juxtherm.App.Artwork;
using Juxtherm.App.Bench;
using Juxtherm.App.Learning;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Store;
using Juxtherm.Store.Keeping;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Hosting;
using Microsoft.Extensions.Logging;

namespace Juxtherm.App.Keeping;

/// <summary>Some of what was to be taken in cannot be read. Nothing was changed.</summary>
/// <param name="rows">What.</param>
public sealed class UnreadableRowsException(IReadOnlyList<UnreadableRow> rows) : SaidException(
    new Phrase("keeper.unreadable-rows", ("rows", rows.Count), ("more", rows.Count > Named),
        ("named", string.Join("; ", rows.Take(Named).Select(r => $"“{(r.Name.Length > 0 ? r.Name : "—")}”: {r.Why}")))))
{
    private const int Named = 6;
}

/// <summary>Keeps the workshop safe: backups, and whole workshops in and out.</summary>
/// <param name="folder">The data.</param>
/// <param name="contexts">Reaches its database.</param>
/// <param name="bench">Remembers runs.</param>
/// <param name="learning">Remembers what was learned.</param>
/// <param name="fonts">Holds its fonts ready.</param>
/// <param name="gate">Holds everybody while the data is exchanged.</param>
/// <param name="check">Reads what is to be taken in.</param>
/// <param name="clock">The time.</param>
/// <param name="log">For what goes wrong once the data was exchanged.</param>
public sealed class Keeper(DataFolder folder, IDbContextFactory<WorkshopContext> contexts, BenchService bench, WorkshopLearning learning,
    OwnFonts fonts, WorkshopGate gate, WorkshopCheck check, TimeProvider clock, ILogger<Keeper> log) : IDisposable
{
    private static readonly TimeSpan UntilAllAreOut = TimeSpan.FromSeconds(60);
    private const int MostNamed = 200;
    private readonly SemaphoreSlim _one = new(1);

    // Each takes as much room as a workshop.
    private readonly SemaphoreSlim _takingIn = new(1);

    public string Folder => folder.Path;

    public IReadOnlyList<Backup> Backups => Store.Keeping.Backups.In(folder.Path);

    public void Dispose()
    {
        _one.Dispose();
        _takingIn.Dispose();
    }

    public async Task<Backup> BackUpAsync(string why, CancellationToken cancel)
    {
        await _one.WaitAsync(cancel);
        try
        {
            return Store.Keeping.Backups.Make(folder.Path, why, clock.GetUtcNow());
        }
        finally
        {
            _one.Release();
        }
    }

    /// <summary>Puts a backup back.</summary>
    /// <returns>The backup of what was there before.</returns>
    public Task<Backup> RestoreAsync(string name, CancellationToken cancel)
    {
        var path = Store.Keeping.Backups.PathOf(folder.Path, name);
        var made = Backups.First(b => b.Name == name).MadeUtc;
        return ReplaceAsync(path, Store.Keeping.Backups.BeforeRestore, made, cancel);
    }

    /// <summary>Puts a backup back beside the workshop, for a trial: all of it is read, and nothing is exchanged.</summary>
    /// <param name="name">Which.</param>
    /// <param name="cancel">Gives up.</param>
    /// <exception cref="KeepingException">It is not whole.</exception>
    /// <exception cref="UnreadableRowsException">Some of it cannot be read.</exception>
    public async Task TryAsync(string name, CancellationToken cancel)
    {
        var trial = Path.Combine(folder.Path, $"{Leftovers.Incoming}{Guid.NewGuid():N}.db");
        await _takingIn.WaitAsync(cancel);
        try
        {
            File.Copy(Store.Keeping.Backups.PathOf(folder.Path, name), trial);
            Store.Keeping.Backups.Check(trial);
            await ReadThroughAsync(trial, setAside: false, cancel);
        }
        finally
        {
            foreach (var left in new[] { "", "-wal", "-shm" })
                File.Delete(trial + left);
            _takingIn.Release();
        }
    }

    /// <summary>Writes the whole workshop.</summary>
    public async Task WriteAsync(Stream to, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        await WorkshopArchive.WriteAsync(db, to, clock.GetUtcNow(), cancel);
    }

    /// <summary>Takes a whole workshop in the place of this one.</summary>
    /// <returns>The backup of what was there before.</returns>
    /// <param name="from">The archive.</param>
    /// <param name="setAside">Take the rest where some of it cannot be read; otherwise nothing is taken then.</param>
    /// <param name="cancel">Gives up.</param>
    /// <exception cref="KeepingException">It cannot be taken; nothing was changed.</exception>
    /// <exception cref="UnreadableRowsException">Some of it cannot be read; nothing was changed.</exception>
    public async Task<Backup> ReadAsync(Stream from, bool setAside, CancellationToken cancel)
    {
        var incoming = Path.Combine(folder.Path, $"{Leftovers.Incoming}{Guid.NewGuid():N}");
        await _takingIn.WaitAsync(cancel);
        try
        {
            // The archive is read from its end, so it has to be there whole first.
            await using (var file = File.Create(incoming + ".zip"))
                await from.CopyToAsync(file, cancel);
            await using var zip = File.OpenRead(incoming + ".zip");
            var made = await WorkshopArchive.ReadAsync(zip, incoming + ".db", cancel);
            await ReadThroughAsync(incoming + ".db", setAside, cancel);
            return await ReplaceAsync(incoming + ".db", Store.Keeping.Backups.BeforeImport, made, cancel);
        }
        finally
        {
            foreach (var left in new[] { ".zip", ".db", ".db-wal", ".db-shm" })
                File.Delete(incoming + left);
            _takingIn.Release();
        }
    }

    /// <summary>Everything is read as it will be read afterwards, before anything is exchanged.</summary>
    private async Task ReadThroughAsync(string path, bool setAside, CancellationToken cancel)
    {
        // A large workshop takes longer than a request usually may; only who has left is not worked for any more.
        using var patience = Patience.Until(cancel);
        await using var db = WorkshopArchive.At(path);
        SetAside.Unreadable(db, clock.GetUtcNow());
        var found = await check.AllAsync(db, cancel);
        var named = (await db.SetAside.AsNoTracking().ToListAsync(cancel))
            .ConvertAll(r => new UnreadableRow(typeof(SetAsideRow), r.Id, r.Name, r.Why));
        if (!setAside && found.Count + named.Count > 0)
            throw new UnreadableRowsException([.. found, .. named]);
        SetAside.Take(db, found, clock.GetUtcNow());
    }

    /// <summary>Rows that could not be read and were set aside, newest first.</summary>
    public async Task<IReadOnlyList<SetAsideRow>> SetAsideAsync(CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        return await db.SetAside.AsNoTracking().Where(r => r.Why != SetAside.Belongs).OrderByDescending(r => r.Id).Take(MostNamed)
            .ToListAsync(cancel);
    }

    private Task<Backup> ReplaceAsync(string path, string why, DateTimeOffset since, CancellationToken cancel) =>
        AloneAsync(() => folder.Replace(path, why, clock.GetUtcNow()), since, cancel);

    /// <summary>Changes the data while nobody else is at it; what is remembered of it is read again afterwards.</summary>
    /// <param name="work">What is done. Once it has begun it is carried through, whoever leaves.</param>
    /// <param name="since">Since when what lies under a plate may be another; null where it is the same.</param>
    /// <param name="cancel">Gives up before.</param>
    /// <exception cref="KeepingException">Somebody is at work and does not come to an end; nothing was changed.</exception>
    internal async Task<T> AloneAsync<T>(Func<T> work, DateTimeOffset? since, CancellationToken cancel)
    {
        try
        {
            using var closed = await gate.CloseAsync(UntilAllAreOut, cancel);
            await _one.WaitAsync(CancellationToken.None);
            try
            {
                // What has begun is carried through: nobody's patience is asked any more.
                using var patient = Patience.Until(CancellationToken.None);
                var done = await Task.Run(work, CancellationToken.None);
                await ReadAgainAsync(since);
                return done;
            }
            finally
            {
                _one.Release();
            }
        }
        catch (TimeoutException e)
        {
            throw new KeepingException(new Phrase("keeper.busy"), e);
        }
        catch (SqliteException e) when (!DiskFull.Is(e))
        {
            throw new KeepingException(new Phrase("keeper.not-exchanged"), e);
        }
    }

    /// <summary>What is remembered is read again. The data has been exchanged by then: what goes wrong here does not unsay that.</summary>
    private async Task ReadAgainAsync(DateTimeOffset? since)
    {
        try
        {
            bench.Forget();
            await learning.StartAsync(CancellationToken.None);
            await fonts.StartAsync(CancellationToken.None);
            // What lay under a plate back then is asked about, as after any absence.
            if (since is { } then)
                foreach (var run in await bench.IdsUnderWayAsync(CancellationToken.None))
                    await bench.WasAwayAsync(run, then, CancellationToken.None);
        }
        catch (Exception e) when (e is not OutOfMemoryException)
        {
            log.LogError(e, "The data was exchanged; something that hangs on it could not be read again.");
        }
    }
}

/// <summary>Makes a backup a day while the service runs, the first soon after it starts.</summary>
/// <param name="keeper">Makes it.</param>
/// <param name="watch">Puts it back for a trial, and copies it.</param>
/// <param name="clock">The time.</param>
/// <param name="log">For what goes wrong.</param>
public sealed class DailyBackup(Keeper keeper, StandingWatch watch, TimeProvider clock, ILogger<DailyBackup> log) : BackgroundService
{
    private static readonly TimeSpan Between = TimeSpan.FromHours(20);
    private static readonly TimeSpan Look = TimeSpan.FromMinutes(10);

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        while (!stoppingToken.IsCancellationRequested)
        {
            try
            {
                if (Backups.IsDue(keeper.Folder, clock.GetUtcNow(), Between))
                {
                    await keeper.BackUpAsync(Backups.Daily, stoppingToken);
                    await watch.TryAsync().WaitAsync(stoppingToken);
                }

                watch.Copy();
                await Task.Delay(Look, stoppingToken);
            }
            catch (OperationCanceledException)
            {
                return;
            }
            catch (Exception e) when (e is IOException or SqliteException or UnauthorizedAccessException)
            {
                log.LogError(e, "The daily backup could not be made; it is tried again.");
                await Task.Delay(Look, stoppingToken)
                    .ContinueWith(_ => { }, CancellationToken.None, TaskContinuationOptions.None, TaskScheduler.Default);
            }
        }
    }
}
