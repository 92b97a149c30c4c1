using System.Data.Common;
using System.Diagnostics.CodeAnalysis;
using System.Globalization;
using System.Text.Json;
using System.Text.Json.Nodes;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Catalogue.Own;
using Juxtherm.Core.Cutting.Stock;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Learning;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Runs;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata;
using Microsoft.EntityFrameworkCore.Storage;

namespace Juxtherm.Store;

/// <summary>A row that could not be read and was set aside, so that the rest can be worked with.</summary>
public sealed class SetAsideRow
{
    public long Id { get; set; }

    /// <summary>The table that it lay in.</summary>
    public required string Table { get; set; }

    /// <summary>What it is called, as far as that can be read.</summary>
    public required string Name { get; set; }

    /// <summary>What is wrong with it.</summary>
    public required string Why { get; set; }

    /// <summary>All of it, as an object of plain values.</summary>
    public required string RowJson { get; set; }

    public DateTimeOffset AtUtc { get; set; }
}

/// <summary>A row that a reader did not bear.</summary>
/// <param name="Of">The rows' type.</param>
/// <param name="Key">Its key.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Why">What is wrong with it.</param>
public sealed record UnreadableRow(Type Of, object Key, string Name, string Why);

/// <summary>
/// Finds rows that no reader could bear, by looking at the columns alone: of another type than they should be, no identifier, no JSON,
/// a word that is not known. They are set aside whole, with what belongs to them.
/// </summary>
public static class SetAside
{
    /// <summary>Why a row was set aside that belonged to another.</summary>
    public const string Belongs = "It belongs to something that cannot be read.";

    private const string Id = "[0-9A-Fa-f]";
    private static readonly Dictionary<(string Table, string Column), string[]> Words = new()
    {
        [("Shelf", "Kind")] = Of<OwnKind>(),
        [("Stock", "Kind")] = Of<StockKind>(),
        [("StockMoves", "Kind")] = Of<StockMoveKind>(),
        [("Cuts", "Status")] = [CutStore.Open, CutStore.Cut, CutStore.Used, CutStore.GivenUp],
        [("CutPresets", "Blade")] = Of<Blade>(),
        [("Runs", "Status")] = Of<RunStatus>(),
        [("PlateReadings", "Means")] = Of<PlateMeans>(),
        [("Patches", "Outcome")] = Of<PatchOutcome>(),
        [("Patches", "Pressure")] = Of<PressureLevel>(),
        [("Log", "Pressure")] = Of<PressureLevel>(),
        [("Log", "Set")] = ["", .. Of<SettingOrigin>()],
        [("LogWords", "Kind")] = [LogWordRow.Vinyl, LogWordRow.Outcome, LogWordRow.Lot, LogWordRow.Teaches, LogWordRow.By],
        [("LogWashes", "Look")] = Of<WashLook>(),
    };

    /// <summary>The words by which a value is kept: those of the core, so that a new one is known here as well.</summary>
    private static string[] Of<T>()
        where T : struct, Enum => [.. Enum.GetNames<T>().Select(JsonNamingPolicy.KebabCaseLower.ConvertName)];

    /// <summary>Sets aside what cannot be read.</summary>
    /// <param name="context">The database, up to date.</param>
    /// <param name="now">The time, UTC.</param>
    public static void Unreadable(WorkshopContext context, DateTimeOffset now)
    {
        var tables = context.Model.GetEntityTypes().Where(t => t.ClrType != typeof(SetAsideRow)).ToList();
        if (!tables.Exists(t => Any(context, t)))
            return;
        Together(context, now, all =>
        {
            foreach (var table in all)
                Move(context, table, Faulty(table), "One of its values is not what it should be.", now);
        });
    }

    /// <summary>Sets rows aside that a reader did not bear.</summary>
    /// <param name="context">The database.</param>
    /// <param name="found">Which, by their keys, and why.</param>
    /// <param name="now">The time, UTC.</param>
    public static void Take(WorkshopContext context, IReadOnlyList<UnreadableRow> found, DateTimeOffset now) =>
        Together(context, now, tables =>
    {
        foreach (var row in found)
        {
            var table = tables.Single(t => t.ClrType == row.Of);
            var key = table.FindPrimaryKey()!.Properties[0];
            Move(context, table, $"\"{key.GetColumnName()}\" = $value", row.Why, now, row.Key is System.Guid id
                ? id.ToString().ToUpperInvariant() : row.Key);
        }
    });

    private static void Together(WorkshopContext context, DateTimeOffset now, Action<IReadOnlyList<IEntityType>> move)
    {
        var tables = context.Model.GetEntityTypes().Where(t => t.ClrType != typeof(SetAsideRow)).ToList();
        // What belongs to a row goes with it: nothing holds another back while it is moved.
        context.Database.OpenConnection();
        try
        {
            context.Database.ExecuteSqlRaw("PRAGMA foreign_keys=OFF;");
            using var all = context.Database.BeginTransaction();
            move(tables);
            // Whatever belonged to a row that is gone, until nothing does.
            while (tables.Sum(t => Orphans(context, t, now)) > 0)
            {
            }

            all.Commit();
        }
        finally
        {
            context.Database.ExecuteSqlRaw("PRAGMA foreign_keys=ON;");
            context.Database.CloseConnection();
        }
    }

    private static bool Any(WorkshopContext context, IEntityType table)
    {
        using var read = Sql(context, $"SELECT EXISTS (SELECT 1 FROM \"{table.GetTableName()}\" WHERE {Faulty(table)})");
        return Convert.ToInt64(read.ExecuteScalar(), CultureInfo.InvariantCulture) > 0;
    }

    /// <summary>A command put together from the names of the model alone; values are parameters.</summary>
    [SuppressMessage("Security", "CA2100", Justification = "Only names of the model are put into it.")]
    private static DbCommand Sql(WorkshopContext context, string text, object? value = null)
    {
        context.Database.OpenConnection();
        var command = context.Database.GetDbConnection().CreateCommand();
        command.Transaction = context.Database.CurrentTransaction?.GetDbTransaction();
        command.CommandText = text;
        if (value is not null)
        {
            var parameter = command.CreateParameter();
            (parameter.ParameterName, parameter.Value) = ("$value", value);
            command.Parameters.Add(parameter);
        }

        return command;
    }

    private static void Do(WorkshopContext context, string text, object? value = null)
    {
        using var command = Sql(context, text, value);
        command.ExecuteNonQuery();
    }

    private static int Orphans(WorkshopContext context, IEntityType table, DateTimeOffset now)
    {
        var moved = 0;
        foreach (var key in table.GetForeignKeys())
        {
            var (column, other, its) = (key.Properties[0].GetColumnName(), key.PrincipalEntityType.GetTableName(),
                key.PrincipalKey.Properties[0].GetColumnName());
            var alone = $"\"{column}\" IS NOT NULL AND NOT EXISTS (SELECT 1 FROM \"{other}\" o WHERE o.\"{its}\" = " +
                $"\"{table.GetTableName()}\".\"{column}\")";
            if (key.Properties[0].IsNullable)
                Do(context, $"UPDATE \"{table.GetTableName()}\" SET \"{column}\" = NULL WHERE {alone}");
            else
                moved += Move(context, table, alone, Belongs, now);
        }

        return moved;
    }

    /// <summary>A condition that holds for rows that cannot be read.</summary>
    private static string Faulty(IEntityType table) => string.Join(" OR ", table.GetProperties().Select(p => $"({Faulty(table, p)})"));

    private static string Faulty(IEntityType table, IProperty member)
    {
        var (column, type) = ($"\"{member.GetColumnName()}\"", member.GetRelationalTypeMapping());
        var wants = type.StoreType.ToUpperInvariant()
            switch
        { "INTEGER" => "'integer'", "REAL" => "'real', 'integer'", "BLOB" => "'blob'", _ => "'text'" };
        var fault = $"typeof({column}) NOT IN ({wants})";
        if (member.IsNullable)
            fault = $"{column} IS NOT NULL AND ({fault})";
        if (member.ClrType == typeof(Guid) || member.ClrType == typeof(Guid?))
            fault += $" OR ({column} IS NOT NULL AND {column} NOT GLOB '{Guid()}')";
        // Ticks of times from the year 1 to 9999.
        if (member.ClrType == typeof(DateTimeOffset) || member.ClrType == typeof(DateTimeOffset?))
            fault += $" OR {column} < 0 OR {column} > {DateTimeOffset.MaxValue.UtcTicks.ToString(CultureInfo.InvariantCulture)}";
        if (member.Name.EndsWith("Json", StringComparison.Ordinal))
            fault += $" OR ({column} IS NOT NULL AND {column} <> ''"
                + $" AND (NOT json_valid({column}) OR json_type({column}) NOT IN ({Shapes(table)})))"
                + (MayBeEmpty(member) ? "" : $" OR {column} = ''");
        if (Words.TryGetValue((table.GetTableName()!, member.GetColumnName()), out var known))
            fault += $" OR {column} NOT IN ({string.Join(", ", known.Select(w => $"'{w}'"))})";
        return fault;
    }

    // Of what there is just one, there may be a list.
    private static string Shapes(IEntityType table) => table.ClrType == typeof(KeptRow) ? "'object', 'array'" : "'object'";

    private static bool MayBeEmpty(IProperty member) =>
        member.Name is nameof(RunRow.CorrectionJson) or nameof(JobRow.LearnedJson) or nameof(RunEventRow.FactJson);

    private static string Guid()
    {
        static string Digits(int n) => string.Concat(Enumerable.Repeat(Id, n));
        return string.Join('-', Digits(8), Digits(4), Digits(4), Digits(4), Digits(12));
    }

    private static int Move(WorkshopContext context, IEntityType table, string which, string why, DateTimeOffset now, object? value = null)
    {
        var bad = new List<(long Row, JsonObject Values)>();
        using (var read = Sql(context, $"SELECT rowid, * FROM \"{table.GetTableName()}\" WHERE {which}", value))
        {
            using var rows = read.ExecuteReader();
            while (rows.Read())
            {
                var values = new JsonObject();
                for (var i = 1; i < rows.FieldCount; i++)
                    values[rows.GetName(i)] = Plain(rows.GetValue(i));
                bad.Add((rows.GetInt64(0), values));
            }
        }

        foreach (var (row, values) in bad)
        {
            // What can be reckoned again is only taken away.
            if (!table.ClrType.IsAssignableTo(typeof(IReckonedRow)))
                context.Add(new SetAsideRow
                {
                    Table = table.GetTableName()!,
                    Name = Name(values),
                    Why = why,
                    RowJson = values.ToJsonString(),
                    AtUtc = now
                });
            Do(context, $"DELETE FROM \"{table.GetTableName()}\" WHERE rowid = $value", row);
        }

        context.SaveChanges();
        context.ChangeTracker.Clear();
        return bad.Count;
    }

    private static JsonNode? Plain(object value) => value switch
    {
        DBNull => null,
        long n => n,
        double x => double.IsFinite(x) ? x : x.ToString(CultureInfo.InvariantCulture),
        byte[] bytes => Convert.ToBase64String(bytes),
        _ => Convert.ToString(value, CultureInfo.InvariantCulture),
    };

    private static string Name(JsonObject values)
    {
        foreach (var member in new[] { "Title", "Label", "Name", "Id", "Key", "Word" })
        {
            if (values[member]?.ToString() is { Length: > 0 } name)
                return name.Length > 120 ? name[..120] : name;
        }

        return "";
    }
}
