using System.Diagnostics.CodeAnalysis;
using System.Globalization;
using System.Text.Json;
using System.Text.Json.Nodes;
using Microsoft.Data.Sqlite;

namespace Juxtherm.Store.Keeping.Names;

/// <summary>Where names of people are kept.</summary>
/// <param name="Kind">job, run, piece, quote, cut, shelf, stock, blank, kept, font or set-aside.</param>
/// <param name="Id">Which of them.</param>
/// <param name="Title">What it is called, as it stands.</param>
/// <param name="AtUtc">When it was made; null where that is not kept.</param>
/// <param name="Texts">What somebody wrote there with a name in it, each once, with what is written beside it.</param>
/// <param name="Photos">Photos that go with it.</param>
/// <param name="UnderWay">It is being worked on: it is not to be changed now.</param>
public sealed record NamePlace(string Kind, string Id, string Title, DateTimeOffset? AtUtc, IReadOnlyList<NamedText> Texts,
    IReadOnlyList<Guid> Photos, bool UnderWay);

/// <summary>Finds names of people in a workshop's database and takes them out, by the columns that the file has: a backup of an older form
/// as well.</summary>
[SuppressMessage("Security", "CA2100", Justification = "Only names of tables and columns that are written here are put into it.")]
public static class NamesInDatabase
{
    // Each table with what it belongs to, by which column, and how that is called.
    private static readonly Owner[] Owners =
    [
        new("Jobs", "job", "Id", "Jobs", "Id"), new("Runs", "run", "Id", "Runs", "Id"), new("RunEvents", "run", "RunId", "Runs", "Id"),
        new("RunStations", "run", "RunId", "Runs", "Id"), new("Log", "piece", "Id", "Log", "Id"),
        new("LogWashes", "piece", "LogId", "Log", "Id"),
        new("LogWords", "piece", "LogId", "Log", "Id", "\"Kind\" IN ('by', 'lot')"),
        new("Quotes", "quote", "Id", "Quotes", "Id"), new("Cuts", "cut", "Id", "Cuts", "Id"), new("Shelf", "shelf", "Id", "Shelf", "Id"),
        new("Stock", "stock", "Id", "Stock", "Id"), new("BlankStock", "blank", "Id", "BlankStock", "Id"),
        new("Kept", "kept", "Key", "Kept", "Key"), new("Fonts", "font", "Id", "Fonts", "Id"),
        new("SetAside", "set-aside", "Id", "SetAside", "Id"),
    ];

    private static readonly string[] Written = ["Title", "Name", "Note", "Customer", "Label", "StationName", "Word", "Why", "ColourName",
        "Lot", "Licence"];
    private static readonly string[] Documents = ["Json", "JobJson", "EventJson", "FactJson", "WayJson", "RunJson", "RowJson",
        "PlanJson", "TraceJson"];
    private static readonly string[] Titles = ["Title", "Name", "Label", "Key"];
    private static readonly string[] Times = ["CreatedUtc", "StartedUtc", "AtUtc"];

    /// <summary>Every place, jobs first.</summary>
    /// <param name="path">The database.</param>
    /// <param name="names">Whom.</param>
    public static IReadOnlyList<NamePlace> Find(string path, PersonNames names)
    {
        ArgumentNullException.ThrowIfNull(names);
        using var db = Open(path, SqliteOpenMode.ReadOnly);
        NoteLayers(db, names);
        var places = new List<NamePlace>();
        foreach (var of in Owners.Select(o => o.Kind).Distinct(StringComparer.Ordinal))
        {
            var texts = new Dictionary<string, List<NamedText>>(StringComparer.Ordinal);
            foreach (var owner in Owners.Where(o => o.Kind == of))
                foreach (var (_, id, cells) in Rows(db, owner))
                    foreach (var text in cells.SelectMany(c => Found(c, owner, id, names)))
                    {
                        if (!texts.TryGetValue(id, out var said))
                            texts[id] = said = [];
                        if (!said.Exists(s => JsonNode.DeepEquals(s.Beside, text.Beside)))
                            said.Add(text);
                    }

            places.AddRange(texts.Select(t => Place(db, Owners.First(o => o.Kind == of), t.Key, t.Value)));
        }

        return places;
    }

    /// <summary>Takes them out, and the photos of pieces that carried one; nothing of it is left in the file.</summary>
    /// <param name="path">The database.</param>
    /// <param name="names">Whom.</param>
    /// <param name="leave">Whether a place, by kind and id, is left as it is.</param>
    public static void TakeOut(string path, PersonNames names, Func<string, string, bool> leave)
    {
        ArgumentNullException.ThrowIfNull(names);
        ArgumentNullException.ThrowIfNull(leave);
        using var db = Open(path, SqliteOpenMode.ReadWrite);
        Do(db, "PRAGMA secure_delete=ON;");
        NoteLayers(db, names);
        using (var whole = db.BeginTransaction())
        {
            foreach (var owner in Owners)
            {
                // Of a large table only what is changed is held.
                List<Row> changed = [.. Rows(db, owner).Where(r => !leave(owner.Kind, r.Owner))
                    .Select(r => r with { Cells = [.. r.Cells.Where(c => Found(c, owner, r.Owner, names).Count > 0)] })
                    .Where(r => r.Cells.Count > 0)];
                var counted = Columns(db, owner.Table).Contains("Version");
                foreach (var row in changed)
                    TakeOut(db, owner, row, counted, names);
            }

            // Reckoned from the jobs, and reckoned again when wanted.
            if (Columns(db, "JobCards").Count > 0)
                Do(db, "DELETE FROM \"JobCards\";");
            whole.Commit();
        }

        // What a change leaves between the rows, and in the journal, goes as well.
        Do(db, "VACUUM;");
        Do(db, "PRAGMA wal_checkpoint(TRUNCATE);");
    }

    private static void TakeOut(SqliteConnection db, Owner owner, Row row, bool counted, PersonNames names)
    {
        using var change = db.CreateCommand();
        var sets = row.Cells.Select((c, i) => $"\"{c.Column}\" = $v{i.ToString(CultureInfo.InvariantCulture)}").ToList();
        if (counted)
            sets.Add("\"Version\" = \"Version\" + 1");
        change.CommandText = $"UPDATE \"{owner.Table}\" SET {string.Join(", ", sets)} WHERE rowid = $row;";
        change.Parameters.AddWithValue("$row", row.Number);
        foreach (var (cell, i) in row.Cells.Select((c, i) => (c, i)))
            change.Parameters.AddWithValue($"$v{i.ToString(CultureInfo.InvariantCulture)}", Without(cell, owner, row.Owner, names));
        change.ExecuteNonQuery();
        if (owner.Kind == "piece")
            Do(db, "DELETE FROM \"LogPhotos\" WHERE \"LogId\" = $id;", row.Owner);
        // The letters are drawn in its sheets. What is cut already is not cut again.
        if (owner.Kind == "cut")
            Do(db, $"DELETE FROM \"Cuts\" WHERE \"Id\" = $id AND \"Status\" NOT IN ('{CutStore.Open}', '{CutStore.Cut}');", row.Owner);
    }

    // Before anything is looked at: what a run says of a layer, its job says first.
    private static void NoteLayers(SqliteConnection db, PersonNames names)
    {
        foreach (var owner in Owners)
            foreach (var (_, _, cells) in Rows(db, owner))
                foreach (var cell in cells.Where(c => c.Column is "Json" or "JobJson"))
                    names.NoteLayers(cell.Text);
    }

    private static NamePlace Place(SqliteConnection db, Owner owner, string id, List<NamedText> texts)
    {
        var columns = Columns(db, owner.Of);
        var (title, at) = (Array.Find(Titles, columns.Contains), Array.Find(Times, columns.Contains));
        using var ask = db.CreateCommand();
        ask.CommandText = $"SELECT {(title is null ? "''" : $"\"{title}\"")}, {(at is null ? "NULL" : $"\"{at}\"")}, " +
            $"{(columns.Contains("Status") ? "\"Status\"" : "''")} FROM \"{owner.Of}\" WHERE CAST(\"{owner.Key}\" AS TEXT) = $id;";
        ask.Parameters.AddWithValue("$id", id);
        using var row = ask.ExecuteReader();
        if (!row.Read())
            return new NamePlace(owner.Kind, id, "", null, texts, [], false);
        return new NamePlace(owner.Kind, id, row.GetString(0),
            row.IsDBNull(1) ? null : new DateTimeOffset(row.GetInt64(1), TimeSpan.Zero), texts,
            owner.Kind == "piece" ? Photos(db, id) : [],
            (owner.Kind, row.GetString(2)) is ("run", "running") or ("cut", CutStore.Open or CutStore.Cut));
    }

    private static List<Guid> Photos(SqliteConnection db, string piece)
    {
        using var ask = db.CreateCommand();
        ask.CommandText = "SELECT \"Id\" FROM \"LogPhotos\" WHERE \"LogId\" = $id;";
        ask.Parameters.AddWithValue("$id", piece);
        using var rows = ask.ExecuteReader();
        var photos = new List<Guid>();
        while (rows.Read())
            photos.Add(Guid.Parse(rows.GetString(0)));
        return photos;
    }

    private static IEnumerable<Row> Rows(SqliteConnection db, Owner owner)
    {
        var columns = Columns(db, owner.Table).Where(c => Written.Contains(c) || Documents.Contains(c)).ToList();
        if (columns.Count == 0)
            yield break;
        using var ask = db.CreateCommand();
        ask.CommandText = $"SELECT rowid, CAST(\"{owner.By}\" AS TEXT), {string.Join(", ", columns.Select(c => $"\"{c}\""))} " +
            $"FROM \"{owner.Table}\" WHERE {owner.Which};";
        using var rows = ask.ExecuteReader();
        while (rows.Read())
            yield return new Row(rows.GetInt64(0), rows.GetString(1),
                [.. columns.Select((c, i) => new Cell(c, rows.IsDBNull(i + 2) ? "" : rows.GetString(i + 2)))
                    .Where(c => c.Text.Length > 0)]);
    }

    private static IReadOnlyList<NamedText> Found(Cell cell, Owner owner, string id, PersonNames names) =>
        IsOfPeople(owner, id) ? [.. names.Members(cell.Text).Select(n => new NamedText(n, new JsonObject { ["name"] = n }))]
        : Documents.Contains(cell.Column) ? names.InDocument(cell.Text)
        : !names.AreIn(cell.Text) ? []
        : [new NamedText(cell.Text, new JsonObject { [JsonNamingPolicy.CamelCase.ConvertName(cell.Column)] = cell.Text })];

    private static string Without(Cell cell, Owner owner, string id, PersonNames names) =>
        IsOfPeople(owner, id) ? names.WithoutMembers(cell.Text)
        : Documents.Contains(cell.Column) ? names.WithoutInDocument(cell.Text)
        : names.Without(cell.Text);

    private static bool IsOfPeople(Owner owner, string id) => owner.Table == "Kept" && id == KeptRow.Practice;

    private static HashSet<string> Columns(SqliteConnection db, string table)
    {
        using var ask = db.CreateCommand();
        ask.CommandText = $"SELECT name FROM pragma_table_info('{table}');";
        using var rows = ask.ExecuteReader();
        var columns = new HashSet<string>(StringComparer.Ordinal);
        while (rows.Read())
            columns.Add(rows.GetString(0));
        return columns;
    }

    private static SqliteConnection Open(string path, SqliteOpenMode mode)
    {
        var db = new SqliteConnection(
            new SqliteConnectionStringBuilder { DataSource = path, Mode = mode, Pooling = false, DefaultTimeout = 30 }.ToString());
        db.Open();
        return db;
    }

    private static void Do(SqliteConnection db, string what, string? id = null)
    {
        using var command = db.CreateCommand();
        command.CommandText = what;
        if (id is not null)
            command.Parameters.AddWithValue("$id", id);
        command.ExecuteNonQuery();
    }

    private sealed record Owner(string Table, string Kind, string By, string Of, string Key, string Which = "1");

    private sealed record Row(long Number, string Owner, IReadOnlyList<Cell> Cells);

    private readonly record struct Cell(string Column, string Text);
}
