using Microsoft.Data.Sqlite;

namespace Juxtherm.Testing;

/// <summary>Takes the last migration back, so that a start has something to do.</summary>
public static class LastMigration
{
    private const string Undo = """
        DROP TABLE JobCards; DROP TABLE Learned; DROP TABLE SetAside; DROP INDEX IX_LogWashes_LogId_CommandId; CREATE INDEX IX_LogWashes_LogId ON LogWashes (LogId);
        ALTER TABLE LogWashes DROP COLUMN CommandId; ALTER TABLE PlateReadings DROP COLUMN CommandId;
        DELETE FROM __EFMigrationsHistory WHERE MigrationId = (SELECT MAX(MigrationId) FROM __EFMigrationsHistory);
        """;

    /// <summary>Does it, where that migration was applied.</summary>
    /// <param name="database">The file; nobody has it open.</param>
    public static void TakeBack(string database)
    {
        using var db = new SqliteConnection($"Data Source={database};Pooling=False");
        db.Open();
        using var command = db.CreateCommand();
        command.CommandText = "SELECT COUNT(*) FROM sqlite_master WHERE name = 'JobCards'";
        if ((long)command.ExecuteScalar()! == 0)
            return;
        command.CommandText = $"BEGIN; {Undo} COMMIT;";
        command.ExecuteNonQuery();
    }
}
