using System.Diagnostics.CodeAnalysis;
using Juxtherm.Store;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Migrations;

namespace Juxtherm.Testing;

/// <summary>Takes the last migration back, so that a start has something to do.</summary>
public static class LastMigration
{
    /// <summary>Does it, where that migration was applied.</summary>
    /// <param name="database">The file; nobody has it open.</param>
    public static void TakeBack(string database)
    {
        // A lock that a killed start left behind is kept for the next one to deal with.
        var left = Locks(database, "DELETE FROM __EFMigrationsLock") > 0;
        MigrateBack(database);
        if (left)
            Locks(database, "INSERT INTO __EFMigrationsLock VALUES (1, '2026-05-01 09:29:59')");
    }

    [SuppressMessage("Security", "CA2100", Justification = "Only what stands above is run.")]
    private static int Locks(string database, string sql)
    {
        using var db = new SqliteConnection($"Data Source={database};Pooling=False");
        db.Open();
        using var command = db.CreateCommand();
        command.CommandText = "SELECT COUNT(*) FROM sqlite_master WHERE name = '__EFMigrationsLock'";
        if ((long)command.ExecuteScalar()! == 0)
            return 0;
        command.CommandText = sql;
        return command.ExecuteNonQuery();
    }

    private static void MigrateBack(string database)
    {
        using var db = new WorkshopContext(
            new DbContextOptionsBuilder<WorkshopContext>().UseSqlite($"Data Source={database};Pooling=False").Options);
        var applied = db.Database.GetAppliedMigrations().ToList();
        if (applied.Count > 1 && applied[^1] == db.Database.GetMigrations().Last())
            db.GetService<IMigrator>().Migrate(applied[^2]);
    }
}
