using System.Globalization;
using Juxtherm.Core.Notices;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Juxtherm.Store.Keeping;

/// <summary>A folder with one workshop's data: held by one process at a time, backed up before each migration.</summary>
public sealed partial class DataFolder : IDisposable
{
    /// <summary>Name of the database file in a data folder.</summary>
    public const string DatabaseName = "workshop.db";

    private const string LockName = "in-use.lock";
    private const string SeenName = "last-seen";

    // SQLite needs some before it can be asked anything.
    private const string ReserveName = "room-to-start";
    private const int ReserveBytes = 256 * 1024;
    private readonly FileStream _lock;
    private readonly Lock _one = new();
    private readonly Lock _note = new();
    private bool _letGo;

    private DataFolder(string path, FileStream held)
    {
        Path = path;
        _lock = held;
        Options = new DbContextOptionsBuilder<WorkshopContext>()
            .UseSqlite(new SqliteConnectionStringBuilder { DataSource = DatabasePath, ForeignKeys = true, DefaultTimeout = 10 }.ToString())
            .Options;
    }

    /// <summary>The folder.</summary>
    public string Path { get; }

    /// <summary>How to reach its database.</summary>
    public DbContextOptions<WorkshopContext> Options { get; }

    /// <summary>The database file.</summary>
    public string DatabasePath => System.IO.Path.Combine(Path, DatabaseName);

    /// <summary>Takes the folder for this process and brings its database up to date.</summary>
    /// <param name="path">The folder; made when it does not exist.</param>
    /// <param name="now">Names the backup, UTC.</param>
    /// <exception cref="DataFolderException">Another process has it, it cannot be written, there is no room, or a newer program wrote
    /// it.</exception>
    /// <exception cref="DamagedDataException">The database is damaged or gone.</exception>
    public static DataFolder Open(string path, DateTimeOffset now)
    {
        var full = System.IO.Path.GetFullPath(path);
        var folder = new DataFolder(full, Hold(full));
        try
        {
            Leftovers.Sweep(full);
            folder.MakeSureItIsThere();
            folder.MigrateInWhatRoomThereIs(now);
            return folder;
        }
        catch
        {
            folder.Dispose();
            throw;
        }
    }

    /// <summary>When a program last noted that it was there, UTC; null when none did.</summary>
    public DateTimeOffset? LastSeen =>
        File.Exists(SeenPath)
        && DateTimeOffset.TryParse(File.ReadAllText(SeenPath), CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal, out var at)
        ? at : null;

    private string SeenPath => System.IO.Path.Combine(Path, SeenName);

    /// <summary>Notes that this program is there; nothing once the folder was let go.</summary>
    /// <param name="now">The time, UTC.</param>
    public void NoteSeen(DateTimeOffset now)
    {
        // Not the lock of an exchange: nobody waits here for a whole database.
        lock (_note)
        {
            if (_letGo)
                return;
            // Never half written, not even when the program is killed just now.
            File.WriteAllText(SeenPath + Leftovers.New, now.ToString("O", CultureInfo.InvariantCulture));
            File.Move(SeenPath + Leftovers.New, SeenPath, overwrite: true);
        }
    }

    /// <summary>Puts a backup in the place of a damaged database, while nobody has the folder. The damaged one is kept beside it.</summary>
    /// <param name="path">The data folder.</param>
    /// <param name="backup">Name of the backup.</param>
    /// <param name="now">Names the damaged one, UTC.</param>
    /// <exception cref="KeepingException">The backup cannot be taken; nothing was changed.</exception>
    /// <exception cref="DataFolderException">Another process has the folder.</exception>
    public static void Rescue(string path, string backup, DateTimeOffset now)
    {
        using var held = Hold(path);
        var from = Backups.PathOf(path, backup);
        Backups.Check(from);
        var database = System.IO.Path.Combine(path, DatabaseName);
        File.Copy(from, database + Leftovers.New, overwrite: true);
        using (var written = new FileStream(database + Leftovers.New, FileMode.Open, FileAccess.ReadWrite))
            written.Flush(flushToDisk: true);
        PutAside(path, now);
        File.Move(database + Leftovers.New, database);
    }

    /// <summary>Begins with an empty workshop in the place of a damaged or missing one, while nobody has the folder. What was there, its
    /// backups too, is kept beside it.</summary>
    /// <param name="path">The data folder.</param>
    /// <param name="now">Names what is kept, UTC.</param>
    /// <exception cref="DataFolderException">Another process has the folder.</exception>
    public static void BeginEmpty(string path, DateTimeOffset now)
    {
        using var held = Hold(path);
        PutAside(path, now);
        Directory.Move(System.IO.Path.Combine(path, Backups.FolderName), FreeName(path, $"{Backups.FolderName}-before-{Stamp(now)}", ""));
    }

    private static void PutAside(string path, DateTimeOffset now)
    {
        var database = System.IO.Path.Combine(path, DatabaseName);
        var aside = FreeName(path, $"damaged-{Stamp(now)}", ".db");
        foreach (var part in new[] { "", "-wal", "-shm" })
        {
            if (File.Exists(database + part))
                File.Move(database + part, aside + part);
        }
    }

    private static string FreeName(string path, string name, string ending)
    {
        for (var n = 1; ; n++)
        {
            var free = System.IO.Path.Combine(path, $"{name}{(n == 1 ? "" : $"-{n}")}{ending}");
            if (!File.Exists(free) && !Directory.Exists(free))
                return free;
        }
    }

    private static string Stamp(DateTimeOffset now) => now.UtcDateTime.ToString("yyyyMMdd-HHmmss", CultureInfo.InvariantCulture);

    /// <summary>Puts another database in the place of this one, after keeping a backup; brings it up to date.</summary>
    /// <param name="path">The database to take; it is checked before anything is touched.</param>
    /// <param name="why">Names the backup that is kept.</param>
    /// <param name="now">Names it too, UTC.</param>
    /// <returns>The backup that was kept.</returns>
    /// <exception cref="KeepingException">It cannot be taken; nothing was changed.</exception>
    public Backup Replace(string path, string why, DateTimeOffset now)
    {
        lock (_one)
        {
            Backups.Check(path);
            var kept = Backups.Make(Path, why, now);
            SqliteConnection.ClearAllPools();
            using (var source = new SqliteConnection($"Data Source={path};Mode=ReadOnly;Pooling=False"))
            using (var target =
                new SqliteConnection(
                    new SqliteConnectionStringBuilder { DataSource = DatabasePath, DefaultTimeout = 10, Pooling = false }.ToString()))
            {
                source.Open();
                target.Open();
                source.BackupDatabase(target);
            }

            Migrate(now);
            return kept;
        }
    }

    /// <summary>Lets go of the folder.</summary>
    public void Dispose()
    {
        lock (_note)
            _letGo = true;
        SqliteConnection.ClearAllPools();
        _lock.Dispose();
    }

    private static FileStream Hold(string path)
    {
        try
        {
            OwnerOnly.Make(path);
            return new FileStream(System.IO.Path.Combine(path, LockName), FileMode.OpenOrCreate, FileAccess.ReadWrite, FileShare.None);
        }
        catch (Exception e) when (DiskFull.IsReadOnly(e) || e is DirectoryNotFoundException)
        {
            throw new DataFolderException(
                new Phrase("data-folder.read-only", ("path", path)), e);
        }
        catch (Exception e) when (DiskFull.Is(e))
        {
            throw new DataFolderException(
                new Phrase("data-folder.full", ("path", path)), e);
        }
        catch (IOException e) when (File.Exists(System.IO.Path.Combine(path, LockName)))
        {
            throw new DataFolderException(
                new Phrase("data-folder.in-use", ("path", path)), e);
        }
        catch (IOException e)
        {
            throw new DataFolderException(new Phrase("data-folder.unusable", ("path", path), ("why", e.Message)), e);
        }
    }

    /// <summary>A database that is gone beside its own backups was not meant to be: an empty one in its place would be backed up in
    /// theirs.</summary>
    private void MakeSureItIsThere()
    {
        var (there, length) = (File.Exists(DatabasePath), File.Exists(DatabasePath) ? new FileInfo(DatabasePath).Length : 0);
        if (length == 0 && Backups.In(Path).Count > 0)
            throw new DamagedDataException(
                new Phrase("database.gone", ("path", Path), ("there", there)), Path);
    }
}
