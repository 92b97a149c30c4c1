using System.Globalization;
using System.IO.Compression;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
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
    public const int Version = 1;
    private const string ManifestName = "manifest.json";
    private const long MostBytes = 4L * 1024 * 1024 * 1024;
    private static readonly JsonSerializerOptions Indented = new() { WriteIndented = true };

    /// <summary>Writes a workshop.</summary>
    /// <param name="context">Reaches its database.</param>
    /// <param name="to">Where it is written.</param>
    /// <param name="now">When, UTC.</param>
    /// <param name="cancel">Gives up.</param>
    public static async Task WriteAsync(WorkshopContext context, Stream to, DateTimeOffset now, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(context);
        // One moment of the workshop, whatever is written meanwhile.
        await using var moment = await context.Database.BeginTransactionAsync(System.Data.IsolationLevel.Serializable, cancel);
        using var zip = new ZipArchive(to, ZipArchiveMode.Create, leaveOpen: true);
        var files = new JsonArray();
        async Task AddAsync(string path, byte[] content)
        {
            await using var entry = zip.CreateEntry(path, CompressionLevel.Optimal).Open();
            await entry.WriteAsync(content, cancel);
            files.Add(new JsonObject { ["path"] = path, ["bytes"] = content.LongLength, ["sha256"] = Convert.ToHexStringLower(SHA256.HashData(content)) });
        }

        foreach (var table in ArchiveTable.Of(context))
        {
            var rows = new JsonArray();
            await foreach (var row in table.RowsAsync(context, cancel))
            {
                var node = table.Node(row);
                // What is a file of its own stays one.
                foreach (var (member, path, content) in ArchiveTable.Files(row))
                {
                    await AddAsync(path, content);
                    node[member] = path;
                }

                rows.Add((JsonNode)node);
            }

            await AddAsync($"tables/{table.Name}.json", Encoding.UTF8.GetBytes(rows.ToJsonString()));
        }

        var manifest = new JsonObject { ["format"] = Format, ["version"] = Version, ["madeUtc"] = now.UtcDateTime.ToString("O", CultureInfo.InvariantCulture), ["files"] = files };
        await using var last = zip.CreateEntry(ManifestName, CompressionLevel.Optimal).Open();
        await last.WriteAsync(Encoding.UTF8.GetBytes(manifest.ToJsonString(Indented)), cancel);
    }

    /// <summary>Reads a workshop into a new database.</summary>
    /// <param name="from">The archive; it must be possible to move about in it.</param>
    /// <param name="databasePath">The database to make; there must be none.</param>
    /// <param name="cancel">Gives up.</param>
    /// <returns>When it was written, UTC.</returns>
    /// <exception cref="KeepingException">It is damaged, foreign or newer; no database is left behind.</exception>
    public static async Task<DateTimeOffset> ReadAsync(Stream from, string databasePath, CancellationToken cancel)
    {
        try
        {
            using var zip = new ZipArchive(from, ZipArchiveMode.Read, leaveOpen: true);
            var (files, made) = Manifest(zip);
            await using var context = new WorkshopContext(new DbContextOptionsBuilder<WorkshopContext>().UseSqlite($"Data Source={databasePath};Pooling=False;Foreign Keys=True").Options);
            await context.Database.MigrateAsync(cancel);
            await using var all = await context.Database.BeginTransactionAsync(cancel);
            context.ChangeTracker.AutoDetectChangesEnabled = false;
            foreach (var table in ArchiveTable.Of(context))
            {
                // What came to be later than this archive is empty in it.
                if (!files.ContainsKey($"tables/{table.Name}.json"))
                    continue;
                var rows = JsonNode.Parse(Content(zip, files, $"tables/{table.Name}.json")) as JsonArray ?? throw new KeepingException($"This archive's table {table.Name} is no list. Nothing was changed.");
                foreach (var row in rows)
                    context.Add(table.Row(row as JsonObject ?? throw new KeepingException($"This archive's table {table.Name} holds something that is no row. Nothing was changed."), path => Content(zip, files, path)));
                await context.SaveChangesAsync(cancel);
                context.ChangeTracker.Clear();
            }

            await all.CommitAsync(cancel);
            return made;
        }
        catch (Exception e) when (e is InvalidDataException or JsonException or DbUpdateException or SqliteException or FormatException or InvalidOperationException or EndOfStreamException or OverflowException or ArgumentException or NotSupportedException)
        {
            SqliteConnection.ClearAllPools();
            File.Delete(databasePath);
            throw new KeepingException($"This is no whole archive of a workshop: {e.Message} Nothing was changed.", e);
        }
        catch (KeepingException)
        {
            SqliteConnection.ClearAllPools();
            File.Delete(databasePath);
            throw;
        }
    }

    private static (Dictionary<string, (long Bytes, string Sha256)> Files, DateTimeOffset Made) Manifest(ZipArchive zip)
    {
        if (zip.GetEntry(ManifestName) is not { } entry)
            throw new KeepingException("This file is no archive of a workshop: it has no manifest. Nothing was changed.");
        using var reader = new StreamReader(entry.Open());
        var manifest = JsonNode.Parse(reader.ReadToEnd()) as JsonObject;
        if ((string?)manifest?["format"] != Format)
            throw new KeepingException($"This file is no archive of a workshop: its format is “{(string?)manifest?["format"]}”. Nothing was changed.");
        if ((int?)manifest["version"] is not (>= 1 and <= Version))
            throw new KeepingException($"This archive has version {manifest["version"]}: it was written by a newer Juxtherm. Up to {Version} is understood here. Nothing was changed.");
        if (manifest["files"] is not JsonArray list || list.Any(f => f is not JsonObject o || o["path"] is null || o["bytes"] is null || o["sha256"] is null))
            throw new KeepingException("This archive is damaged: its manifest does not list its files. Nothing was changed.");
        var files = list.DistinctBy(f => (string)f!["path"]!, StringComparer.Ordinal).ToDictionary(f => (string)f!["path"]!, f => ((long)f!["bytes"]!, (string)f["sha256"]!), StringComparer.Ordinal);
        if (files.Values.Sum(f => f.Item1) > MostBytes)
            throw new KeepingException("This archive is larger than a workshop can be. Nothing was changed.");
        // Every file is looked at before the first row is taken.
        foreach (var path in files.Keys)
            Content(zip, files, path);
        return (files, DateTimeOffset.Parse((string?)manifest["madeUtc"] ?? "", CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal));
    }

    private static byte[] Content(ZipArchive zip, Dictionary<string, (long Bytes, string Sha256)> files, string path)
    {
        if (!files.TryGetValue(path, out var listed) || zip.GetEntry(path) is not { } entry || entry.Length != listed.Bytes)
            throw new KeepingException($"This archive is damaged: {path} is missing or has another length than it should. Nothing was changed.");
        using var stream = entry.Open();
        var content = new byte[listed.Bytes];
        stream.ReadExactly(content);
        return Convert.ToHexStringLower(SHA256.HashData(content)) == listed.Sha256
            ? content
            : throw new KeepingException($"This archive is damaged: {path} is not as it was written. Nothing was changed.");
    }
}
