using Microsoft.Data.Sqlite;

namespace Juxtherm.Testing;

/// <summary>Takes the last migration back, so that a start has something to do.</summary>
public static class LastMigration
{
    private const string Undo = """
        ALTER TABLE RunEvents DROP COLUMN FactJson;
        DELETE FROM __EFMigrationsHistory WHERE MigrationId = (SELECT MAX(MigrationId) FROM __EFMigrationsHistory);
        """;

    /// <summary>Does it, where that migration was applied.</summary>
    /// <param name="database">The file; nobody has it open.</param>
    public static void TakeBack(string database)
    {
        using var db = new SqliteConnection($"Data Source={database};Pooling=False");
        db.Open();
        using var command = db.CreateCommand();
        command.CommandText = "SELECT COUNT(*) FROM pragma_table_info('RunEvents') WHERE name = 'FactJson'";
        if ((long)command.ExecuteScalar()! == 0)
            return;
        command.CommandText = $"BEGIN; {Undo} COMMIT;";
        command.ExecuteNonQuery();
    }
}
