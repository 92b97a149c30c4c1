using Juxtherm.Store;
using Juxtherm.Store.Keeping;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Juxtherm.Web.Hosting;

/// <summary>Keeps the workshop safe: backups, and whole workshops in and out.</summary>
/// <param name="folder">The data.</param>
/// <param name="contexts">Reaches its database.</param>
/// <param name="bench">Remembers runs.</param>
/// <param name="learning">Remembers what was learned.</param>
/// <param name="clock">The time.</param>
internal sealed class Keeper(DataFolder folder, IDbContextFactory<WorkshopContext> contexts, BenchService bench, WorkshopLearning learning, TimeProvider clock) : IDisposable
{
    private const int Tries = 5;
    private static readonly TimeSpan Pause = TimeSpan.FromMilliseconds(200);
    private readonly SemaphoreSlim _one = new(1);

    public string Folder => folder.Path;

    public IReadOnlyList<Backup> Backups => Store.Keeping.Backups.In(folder.Path);

    public void Dispose() => _one.Dispose();

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

    /// <summary>Writes the whole workshop.</summary>
    public async Task WriteAsync(Stream to, CancellationToken cancel)
    {
        await using var db = await contexts.CreateDbContextAsync(cancel);
        await WorkshopArchive.WriteAsync(db, to, clock.GetUtcNow(), cancel);
    }

    /// <summary>Takes a whole workshop in the place of this one.</summary>
    /// <returns>The backup of what was there before.</returns>
    public async Task<Backup> ReadAsync(Stream from, CancellationToken cancel)
    {
        var incoming = Path.Combine(folder.Path, $"incoming-{Guid.NewGuid():N}");
        try
        {
            // The archive is read from its end, so it has to be there whole first.
            await using (var file = File.Create(incoming + ".zip"))
                await from.CopyToAsync(file, cancel);
            await using var zip = File.OpenRead(incoming + ".zip");
            var made = await WorkshopArchive.ReadAsync(zip, incoming + ".db", cancel);
            return await ReplaceAsync(incoming + ".db", Store.Keeping.Backups.BeforeImport, made, cancel);
        }
        finally
        {
            foreach (var left in new[] { ".zip", ".db", ".db-wal", ".db-shm" })
                File.Delete(incoming + left);
        }
    }

    private async Task<Backup> ReplaceAsync(string path, string why, DateTimeOffset since, CancellationToken cancel)
    {
        await _one.WaitAsync(cancel);
        try
        {
            for (var tries = 1; ; tries++)
            {
                try
                {
                    var kept = folder.Replace(path, why, clock.GetUtcNow());
                    bench.Forget();
                    learning.Forget();
                    // What lay under a plate back then is asked about, as after any absence.
                    foreach (var run in await bench.IdsUnderWayAsync(cancel))
                        await bench.WasAwayAsync(run, since, cancel);
                    return kept;
                }
                catch (SqliteException e) when (e.SqliteErrorCode is 5 or 6 && tries < Tries)
                {
                    // Somebody reads just now.
                    await Task.Delay(Pause, cancel);
                }
                catch (SqliteException e)
                {
                    throw new KeepingException($"The database could not be exchanged: {e.Message} What was there before is kept as a backup.", e);
                }
            }
        }
        finally
        {
            _one.Release();
        }
    }
}

/// <summary>Makes a backup a day while the service runs, the first soon after it starts.</summary>
/// <param name="keeper">Makes it.</param>
/// <param name="clock">The time.</param>
/// <param name="log">For what goes wrong.</param>
internal sealed class DailyBackup(Keeper keeper, TimeProvider clock, ILogger<DailyBackup> log) : BackgroundService
{
    private static readonly TimeSpan Between = TimeSpan.FromHours(20);
    private static readonly TimeSpan Look = TimeSpan.FromMinutes(10);

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        while (!stoppingToken.IsCancellationRequested)
        {
            try
            {
                if (keeper.Backups.FirstOrDefault(b => b.Why == Backups.Daily) is not { } last || clock.GetUtcNow() - last.MadeUtc >= Between)
                    await keeper.BackUpAsync(Backups.Daily, stoppingToken);
                await Task.Delay(Look, stoppingToken);
            }
            catch (OperationCanceledException)
            {
                return;
            }
            catch (Exception e) when (e is IOException or SqliteException or UnauthorizedAccessException)
            {
                log.LogError(e, "The daily backup could not be made; it is tried again.");
                await Task.Delay(Look, stoppingToken).ContinueWith(_ => { }, CancellationToken.None, TaskContinuationOptions.None, TaskScheduler.Default);
            }
        }
    }
}
