using System.Reflection;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore.Migrations;

namespace Juxtherm.Store;

/// <summary>Which migrations a database has had, asked of it directly: to build the whole model only to find that nothing is to be done
/// takes a second of every start.</summary>
internal static class History
{
    /// <summary>The migrations that this program knows.</summary>
    public static IReadOnlySet<string> Known { get; } =
        typeof(History).Assembly.GetTypes().Select(t => t.GetCustomAttribute<MigrationAttribute>()?.Id).OfType<string>()
        .ToHashSet(StringComparer.Ordinal);

    /// <summary>The migrations that a database has had.</summary>
    public static IReadOnlyList<string> Applied(SqliteConnection database)
    {
        if (!Has(database, "__EFMigrationsHistory"))
            return [];
        using var read = database.CreateCommand();
        read.CommandText = "SELECT MigrationId FROM __EFMigrationsHistory;";
        using var rows = read.ExecuteReader();
        var applied = new List<string>();
        while (rows.Read())
            applied.Add(rows.GetString(0));
        return applied;
    }

    /// <summary>Whether a database has a table.</summary>
    public static bool Has(SqliteConnection database, string table)
    {
        using var read = database.CreateCommand();
        read.CommandText = "SELECT COUNT(*) FROM sqlite_master WHERE type = 'table' AND name = $name;";
        read.Parameters.AddWithValue("$name", table);
        return (long)read.ExecuteScalar()! > 0;
    }
}
