using System.Globalization;
using System.IO.Compression;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using Juxtherm.Core.Notices;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Juxtherm.Store.Keeping;

/// <summary>
/// A whole workshop as one open file: a ZIP with job files as they are, photos as JPEG, everything else as tables in JSON, and a
/// manifest with a checksum of each. It is read in whole or not at all.
/// </summary>
public static class WorkshopArchive
{
    /// <summary>The format's name in the manifest.</summary>
    public const string Format = "juxtherm.workshop";

    /// <summary>The newest version that is understood.</summary>
    public const int Version = 2;
    private const string ManifestName = "manifest.json";

    /// <summary>Most that a workshop's files may come to, unpacked too, bytes.</summary>
    public const long MostBytes = 4L * 1024 * 1024 * 1024;
    private const int MostFiles = 500_000;
    private const long LargestManifest = 128 * 1024 * 1024;
    private const long LargestFile = 64 * 1024 * 1024;
    private const int LongestRow = 32 * 1024 * 1024;
    private const int RowsAtOnce = 200;

    /// <summary>The database that an archive was read into.</summary>
    /// <param name="path">Where it is.</param>
    public static WorkshopContext At(string path) =>
        new(new DbContextOptionsBuilder<WorkshopContext>().UseSqlite($"Data Source={path};Pooling=False;Foreign Keys=True").Options);

    /// <summary>Writes a workshop, a row at a time.</summary>
    /// <param name="context">Reaches its database.</param>
    /// <param name="to">Where it is written.</param>
    /// <param name="now">When, UTC.</param>
    /// <param name="cancel">Gives up.</param>
    public static async Task WriteAsync(WorkshopContext context, Stream to, DateTimeOffset now, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(context);
        // One moment of the workshop, whatever is written meanwhile; it only reads, and holds nobody up.
        await context.Database.OpenConnectionAsync(cancel);
        await using var moment = ((SqliteConnection)context.Database.GetDbConnection()).BeginTransaction(deferred: true);
        await using var its = await context.Database.UseTransactionAsync(moment, cancel);
        using var zip = new ZipArchive(to, ZipArchiveMode.Create, leaveOpen: true);
        var files = new List<Listed>();
        async Task AddAsync(string path, Func<Stream, Task> write)
        {
            // Photos are packed already.
            await using var entry = zip.CreateEntry(path, path.EndsWith(".jpg", StringComparison.Ordinal)
                ? CompressionLevel.NoCompression : CompressionLevel.Optimal).Open();
            await using var counted = new CountedStream(entry);
            await write(counted);
            files.Add(new Listed(path, counted.Length, counted.Sha256()));
        }

        foreach (var table in ArchiveTable.Of(context))
        {
            // What is a file of its own comes before the rows that name it: a ZIP holds one after the other.
            if (table.HasFiles)
            {
                await foreach (var row in table.RowsAsync(context, cancel))
                {
                    foreach (var (_, path, content) in ArchiveTable.Files(row))
                        await AddAsync(path, file => file.WriteAsync(content, cancel).AsTask());
                }
            }

            await AddAsync($"tables/{table.Name}.json", file => WriteAsync(table, context, file, cancel));
        }

        await using var last = zip.CreateEntry(ManifestName, CompressionLevel.Optimal).Open();
        await WriteAsync(files, now, last, cancel);
    }

    /// <summary>Reads a workshop into a new database.</summary>
    /// <param name="from">The archive; it must be possible to move about in it.</param>
    /// <param name="databasePath">The database to make; there must be none.</param>
    /// <param name="cancel">Gives up.</param>
    /// <returns>When it was written, UTC.</returns>
    /// <exception cref="KeepingException">It is damaged, foreign, newer or too large; no database is left behind.</exception>
    public static async Task<DateTimeOffset> ReadAsync(Stream from, string databasePath, CancellationToken cancel)
    {
        try
        {
            using var zip = new ZipArchive(from, ZipArchiveMode.Read, leaveOpen: true);
            var (files, made) = await ManifestAsync(zip, cancel);
            await using var context = At(databasePath);
            await context.Database.MigrateAsync(cancel);
            await using var all = await context.Database.BeginTransactionAsync(cancel);
            context.ChangeTracker.AutoDetectChangesEnabled = false;
            var taken = new HashSet<string>(StringComparer.Ordinal);
            foreach (var table in ArchiveTable.Of(context))
            {
                // What came to be later than this archive is empty in it.
                if (files.ContainsKey($"tables/{table.Name}.json"))
                    await ReadAsync(table, zip, files, taken, context, cancel);
            }

            await OldWords.RenewAsync(context, cancel);
            await all.CommitAsync(cancel);
            return made;
        }
        catch (Exception e) when (e is not (OperationCanceledException or OutOfMemoryException or KeepingException) && !DiskFull.Is(e))
        {
            Clear(databasePath);
            throw new KeepingException(new Phrase("archive.not-whole"), e);
        }
        catch
        {
            Clear(databasePath);
            throw;
        }
    }

    private static void Clear(string databasePath)
    {
        SqliteConnection.ClearAllPools();
        foreach (var part in new[] { "", "-wal", "-shm", "-journal" })
            File.Delete(databasePath + part);
    }

    private static async Task WriteAsync(ArchiveTable table, WorkshopContext context, Stream file, CancellationToken cancel)
    {
        var first = true;
        await file.WriteAsync("["u8.ToArray(), cancel);
        await foreach (var row in table.RowsAsync(context, cancel))
        {
            var node = table.Node(row);
            foreach (var (member, path, _) in ArchiveTable.Files(row))
                node[member] = path;
            await file.WriteAsync(Encoding.UTF8.GetBytes((first ? "\n" : ",\n") + node.ToJsonString()), cancel);
            first = false;
        }

        await file.WriteAsync("\n]"u8.ToArray(), cancel);
    }

    private static async Task WriteAsync(List<Listed> files, DateTimeOffset now, Stream to, CancellationToken cancel)
    {
        await using var json = new Utf8JsonWriter(to, new JsonWriterOptions { Indented = true });
        json.WriteStartObject();
        json.WriteString("format", Format);
        json.WriteNumber("version", Version);
        json.WriteString("madeUtc", now.UtcDateTime.ToString("O", CultureInfo.InvariantCulture));
        json.WriteStartArray("files");
        foreach (var file in files)
        {
            json.WriteStartObject();
            json.WriteString("path", file.Path);
            json.WriteNumber("bytes", file.Bytes);
            json.WriteString("sha256", file.Sha256);
            json.WriteEndObject();
        }

        json.WriteEndArray();
        json.WriteEndObject();
        await json.FlushAsync(cancel);
    }

    private static async Task ReadAsync(ArchiveTable table, ZipArchive zip, Dictionary<string, Listed> files, HashSet<string> taken,
        WorkshopContext context, CancellationToken cancel)
    {
        await using var rows = Open(zip, files[$"tables/{table.Name}.json"]);
        var count = 0;
        await foreach (var row in JsonSerializer.DeserializeAsyncEnumerable<JsonElement>(rows, cancellationToken: cancel))
        {
            if (row.ValueKind != JsonValueKind.Object)
                throw new KeepingException(new Phrase("archive.no-row", ("table", table.Name)));
            if (row.GetRawText().Length > LongestRow)
                throw new KeepingException(new Phrase("archive.row-too-large", ("table", table.Name)));
            var node = JsonObject.Create(row)!;
            var read = table.Row(node, path => Taken(zip, files, taken, path));
            context.Add(read);
            context.AddRange(JoinedColumns.Rows(read, node));
            if (++count % RowsAtOnce > 0)
                continue;
            await context.SaveChangesAsync(cancel);
            context.ChangeTracker.Clear();
        }

        await context.SaveChangesAsync(cancel);
        context.ChangeTracker.Clear();
    }

    /// <summary>What is in a file of its own. Each belongs to one row: one that was named sixty times would take sixty times its
    /// room.</summary>
    private static byte[] Taken(ZipArchive zip, Dictionary<string, Listed> files, HashSet<string> taken, string path)
    {
        if (!files.TryGetValue(path, out var listed))
            throw Missing(path);
        if (!taken.Add(path))
            throw new KeepingException(new Phrase("archive.named-twice", ("path", path)));
        if (listed.Bytes > LargestFile)
            throw new KeepingException(
                new Phrase("archive.file-too-large", ("path", path), ("kib", listed.Bytes / 1024), ("most", LargestFile / 1024)));
        using var stream = Open(zip, listed);
        var content = new byte[listed.Bytes];
        stream.ReadExactly(content);
        return content;
    }

    private static async Task<(Dictionary<string, Listed> Files, DateTimeOffset Made)> ManifestAsync(ZipArchive zip,
        CancellationToken cancel)
    {
        if (zip.GetEntry(ManifestName) is not { } entry)
            throw new KeepingException(new Phrase("archive.no-manifest"));
        if (entry.Length > LargestManifest || zip.Entries.Count > MostFiles)
            throw new KeepingException(
                new Phrase("archive.too-many-files", ("mostFiles", MostFiles)));
        JsonElement manifest;
        await using (var text = new CountedStream(entry.Open(), entry.Length))
            manifest = (await JsonDocument.ParseAsync(text, cancellationToken: cancel)).RootElement;
        string? Text(JsonElement of, string name) =>
            of.TryGetProperty(name, out var value) && value.ValueKind == JsonValueKind.String ? value.GetString() : null;
        if (manifest.ValueKind != JsonValueKind.Object || Text(manifest, "format") != Format)
            throw new KeepingException(
                new Phrase("archive.other-format",
                    ("format", manifest.ValueKind == JsonValueKind.Object ? Text(manifest, "format") : null)));
        if (!manifest.TryGetProperty("version", out var number) || !number.TryGetInt32(out var version) || version is < 1 or > Version)
            throw new KeepingException(
                new Phrase("archive.newer", ("version", Version)));
        if (!manifest.TryGetProperty("files", out var list) || list.ValueKind != JsonValueKind.Array)
            throw new KeepingException(new Phrase("archive.no-list"));
        var files = new Dictionary<string, Listed>(StringComparer.Ordinal);
        long bytes = 0;
        foreach (var f in list.EnumerateArray())
        {
            if (Text(f, "path") is not { } path || Text(f, "sha256") is not { } sha || !f.TryGetProperty("bytes", out var size)
                || !size.TryGetInt64(out var length) || length < 0)
                throw new KeepingException(new Phrase("archive.no-list"));
            if (!files.TryAdd(path, new Listed(path, length, sha)))
                throw new KeepingException(new Phrase("archive.listed-twice", ("path", path)));
            if ((bytes += length) > MostBytes || files.Count > MostFiles)
                throw new KeepingException(
                    new Phrase("archive.too-large", ("mostBytes", MostBytes / 1024 / 1024 / 1024), ("mostFiles", MostFiles)));
        }

        if (!files.ContainsKey("tables/jobs.json"))
            throw new KeepingException(new Phrase("archive.no-jobs"));
        // Every file is looked at before the first row is taken, and none is unpacked beyond the length that it is listed with.
        var buffer = new byte[81920];
        foreach (var file in files.Values)
        {
            await using var stream = Open(zip, file);
            while (await stream.ReadAsync(buffer, cancel) > 0)
            {
            }

            if (stream.Length != file.Bytes || stream.Sha256() != file.Sha256)
                throw new KeepingException(new Phrase("archive.file-changed", ("path", file.Path)));
        }

        return (files, DateTimeOffset.Parse(Text(manifest, "madeUtc") ?? "", CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal));
    }

    private static CountedStream Open(ZipArchive zip, Listed file) =>
        zip.GetEntry(file.Path) is { } entry && entry.Length == file.Bytes
        ? new CountedStream(entry.Open(), file.Bytes) : throw Missing(file.Path);

    private static KeepingException Missing(string path) =>
        new(new Phrase("archive.file-missing", ("path", path)));

    private sealed record Listed(string Path, long Bytes, string Sha256);
}
