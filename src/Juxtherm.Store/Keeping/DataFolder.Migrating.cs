using Juxtherm.Core.Notices;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Juxtherm.Store.Keeping;

public sealed partial class DataFolder
{
    /// <summary>A full disk must not keep anybody from looking: a little room is held ready, and given up for the start.</summary>
    private void MigrateInWhatRoomThereIs(DateTimeOffset now)
    {
        var reserve = System.IO.Path.Combine(Path, ReserveName);
        try
        {
            Migrate(now);
        }
        catch (NoRoomException) when (File.Exists(reserve))
        {
            SqliteConnection.ClearAllPools();
            File.Delete(reserve);
            Migrate(now);
            return;
        }

        try
        {
            if (!File.Exists(reserve))
                File.WriteAllBytes(reserve, new byte[ReserveBytes]);
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            // There is no room for it; the next start tries again.
        }
    }

    private void Migrate(DateTimeOffset now)
    {
        try
        {
            var pending = true;
            if (File.Exists(DatabasePath) && new FileInfo(DatabasePath).Length > 0)
            {
                using var database = new SqliteConnection($"Data Source={DatabasePath};Pooling=False");
                database.Open();
                MakeSureItIsWhole(database);
                var foreign = History.Applied(database).FirstOrDefault(m => !History.Known.Contains(m));
                if (foreign is not null)
                    throw new DataFolderException(
                        new Phrase("database.newer", ("path", Path), ("foreign", foreign)));
                LetGoForTheDead(database);
                pending = History.Applied(database).Count < History.Known.Count;
                if (pending)
                    Backups.Make(Path, Backups.BeforeMigration, now);
            }

            using var context = new WorkshopContext(Options);
            if (pending)
                context.Database.Migrate();
            context.Database.ExecuteSqlRaw("PRAGMA journal_mode=WAL;");
            SetAside.Unreadable(context, now);
        }
        catch (Exception e) when (e is not DataFolderException && (DiskFull.Is(e) || DiskFull.IsFull(Path)))
        {
            throw new NoRoomException(
                new Phrase("database.no-room", ("path", Path)), e);
        }
        catch (Exception e) when (DiskFull.IsReadOnly(e))
        {
            throw new DataFolderException(
                new Phrase("database.read-only", ("path", Path)), e);
        }
        catch (Exception e) when (e is not (DataFolderException or OutOfMemoryException))
        {
            throw new DamagedDataException(new Phrase("database.unreadable", ("path", Path)), Path,
                e);
        }
    }

    /// <summary>The folder is held by this process: a lock on migrations is of one that was killed, and would never be let go of.</summary>
    private static void LetGoForTheDead(SqliteConnection database)
    {
        if (!History.Has(database, "__EFMigrationsLock"))
            return;
        using var let = database.CreateCommand();
        let.CommandText = "DELETE FROM \"__EFMigrationsLock\";";
        let.ExecuteNonQuery();
    }

    private void MakeSureItIsWhole(SqliteConnection database)
    {
        using var check = database.CreateCommand();
        check.CommandText = "PRAGMA quick_check(1);";
        if (check.ExecuteScalar() as string is not "ok" and var fault)
            throw new DamagedDataException(
                new Phrase("database.damaged", ("path", Path), ("fault", fault?.Split('\n')[0])), Path);
    }
}
