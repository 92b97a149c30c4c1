using System.IO.Compression;
using System.Net;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json.Nodes;
using Microsoft.Data.Sqlite;

namespace Juxtherm.Web.Tests;

/// <summary>Rows that cannot be read, in an archive or in the database itself: named, set aside, and fatal to nothing else.</summary>
[Trait("Run", "thorough")]
public sealed class UnreadableRowsTests : BenchApi
{
    private static readonly (string What, string Sql)[] Damages =
    [
        ("a job that is no JSON", "UPDATE Jobs SET Json = 'oops'"),
        ("a job that is a list", "UPDATE Jobs SET Json = '[1]'"),
        ("a time that is a word", "UPDATE Jobs SET UpdatedUtc = 'yesterday'"),
        ("a time beyond all times", "UPDATE Log SET AtUtc = 9223372036854775807"),
        ("an outcome that is not known", "INSERT OR REPLACE INTO LogWords SELECT Id, 'outcome', 0, 'melted' FROM Log"),
        ("a pressure that is not known", "UPDATE Log SET Pressure = 'brutal'"),
        ("vinyl of an unknown kind", "UPDATE Stock SET Kind = 'heap'"),
        ("a move that cannot have been",
            "UPDATE StockMoves SET Kind = 'consume', CutId = '00000000-0000-0000-0000-000000000001', Mm = 1e9"),
        ("a run whose plan is gone", "UPDATE Runs SET PlanJson = '{}' WHERE Status = 'running'"),
        ("a run whose job is another thing", "UPDATE Runs SET JobJson = '{}' WHERE Status = 'running'"),
        ("something said that nobody can say", "UPDATE RunEvents SET EventJson = '{\"at\":\"2026-05-01T09:00:00Z\",\"action\":\"fly\"}'"),
        ("an entry of the shelf that is no JSON", "UPDATE Shelf SET Json = 'oops'"),
        ("a reading by unknown means", "UPDATE PlateReadings SET Means = 'finger'"),
        ("what was learned is no JSON", "INSERT OR REPLACE INTO Learned VALUES (1, 'oops')"),
        ("a card that is no JSON", "UPDATE JobCards SET MetricJson = 'oops'"),
    ];

    [Fact]
    public async Task One_bad_row_stops_neither_the_start_nor_anything_else()
    {
        await Fill();
        await Get("/api/jobs");
        Stop();
        var database = Path.Combine(Folder, "workshop.db");
        var whole = await File.ReadAllBytesAsync(database, TestContext.Current.CancellationToken);
        foreach (var (what, sql) in Damages)
        {
            await File.WriteAllBytesAsync(database, whole, TestContext.Current.CancellationToken);
            Damage(database, sql);
            Start();
            foreach (var path in new[] { "/api/jobs", "/api/log", "/api/stock", "/api/shelf", "/api/runs", "/api/learned",
                "/api/log/choices", "/api/keeping" })
                Assert.True((await Send(HttpMethod.Get, path)).Status == HttpStatusCode.OK, $"{what}: {path}");
            // And it goes on.
            await AddJob(Tee("After"));
            if (!sql.Contains("Learned", StringComparison.Ordinal) && !sql.Contains("JobCards", StringComparison.Ordinal))
                Assert.True((await Get("/api/keeping"))["setAside"]!.AsArray().Count > 0, what);
            Stop();
        }

        Start();
    }

    [Fact]
    public async Task An_archive_with_a_row_that_cannot_be_read_is_refused_whole_and_the_rest_can_be_taken()
    {
        await Fill();
        var whole = await Client.GetByteArrayAsync("/api/keeping/archive", TestContext.Current.CancellationToken);
        var bad = Changed(whole, (path, text) => path == "tables/log-words.json"
            ? text.Replace("\"word\":\"stuck\"", "\"word\":\"melted\"", StringComparison.Ordinal) : text);
        await AddJob(Tee("Here alone"));
        var (status, problem) = await TakeIn(bad, setAside: false);
        Assert.Equal((HttpStatusCode.Conflict, "unreadable-rows"), (status, (string)problem["code"]!));
        Assert.Contains("“Pressed”", (string)problem["detail"]!, StringComparison.Ordinal);
        Assert.Contains((await Get("/api/jobs"))["jobs"]!.AsArray(), j => (string)j!["title"]! == "Here alone");

        Assert.Equal(HttpStatusCode.OK, (await TakeIn(bad, setAside: true)).Status);
        Assert.DoesNotContain((await Get("/api/jobs"))["jobs"]!.AsArray(), j => (string)j!["title"]! == "Here alone");
        Assert.Equal(0, (int)(await Get("/api/log"))["total"]!);
        Assert.Contains((await Get("/api/keeping"))["setAside"]!.AsArray(), s => (string)s!["name"]! == "Pressed");
        Stop();
        Start();
        Assert.Equal(HttpStatusCode.OK, (await Send(HttpMethod.Get, "/api/log")).Status);
    }

    public static TheoryData<string, Func<string, string, string>> Mischief => new()
    {
        { "two rows that name one photo", (path, text) => path == "tables/jobs.json" ? Doubled(text) : text },
        { "a row that is no object", (path, text) => path == "tables/jobs.json" ? "[12]" : text },
        { "a table that is no list", (path, text) => path == "tables/log.json" ? "{}" : text },
        { "a job that is no JSON", (path, text) => path.StartsWith("jobs/", StringComparison.Ordinal) ? "oops" : text },
        { "the same key twice", (path, text) => path == "tables/shelf.json" ? Doubled(text) : text },
    };

    [Theory]
    [MemberData(nameof(Mischief))]
    public async Task Whatever_is_in_an_archive_it_changes_nothing_when_it_is_refused(string what, Func<string, string, string> change)
    {
        await Fill();
        var whole = await Client.GetByteArrayAsync("/api/keeping/archive", TestContext.Current.CancellationToken);
        var before = await Kept();
        var (status, problem) = await TakeIn(Changed(whole, change), setAside: false);
        Assert.True(status is HttpStatusCode.BadRequest or HttpStatusCode.Conflict, $"{what}: {status} {problem}");
        Assert.Contains("Nothing was changed", problem.ToJsonString(), StringComparison.Ordinal);
        Assert.Equal(before, await Kept());
        Assert.Empty(Directory.GetFiles(Folder, "incoming-*"));
    }

    [Fact]
    public async Task A_manifest_that_lists_a_member_sixty_times_or_more_than_there_is_takes_no_room()
    {
        await Fill();
        var whole = await Client.GetByteArrayAsync("/api/keeping/archive", TestContext.Current.CancellationToken);
        foreach (var change in new Action<JsonArray>[]
        {
            files => { for (var i = 0; i < 60; i++) files.Add(files[0]!.DeepClone()); },
            files => files[0]!["bytes"] = 3_000_000_000,
            files => files[0]!["bytes"] = 1,
            files => files.Clear(),
            files => files.Add(12),
        })
        {
            var (status, _) = await TakeIn(Changed(whole, (_, text) => text, change), setAside: false);
            Assert.Equal(HttpStatusCode.BadRequest, status);
        }

        Assert.Empty(Directory.GetFiles(Folder, "incoming-*"));
    }

    private async Task Fill()
    {
        await AddJob(Tee("Kept"));
        var run = await Begin(Tee("Pressed", 1));
        await ToItsEnd(run);
        await Begin(Tee("Under way", 2));
        await Post("/api/stock",
            new JsonObject
            {
                ["commandId"] = Guid.NewGuid(),
                ["kind"] = "roll",
                ["vinyl"] = "smooth",
                ["colour"] = "#112233",
                ["label"] = "Roll 1",
                ["widthMm"] = 305,
                ["lengthMm"] = 2000
            });
        await Post("/api/shelf/vinyl", new JsonObject { ["name"] = "Own", ["family"] = "smooth" });
        await Post("/api/learned/readings",
            new JsonObject { ["heatSource"] = "swing-platen", ["dialCelsius"] = 150, ["readCelsius"] = 147, ["means"] = "probe" });
    }

    private static void Damage(string path, string sql)
    {
        using var db = new SqliteConnection($"Data Source={path};Pooling=False");
        db.Open();
        using var command = db.CreateCommand();
        command.CommandText = "PRAGMA foreign_keys=OFF; " + sql;
        Assert.True(command.ExecuteNonQuery() > 0, sql);
    }

    private static string Doubled(string table)
    {
        var rows = JsonNode.Parse(table)!.AsArray();
        rows.Add(rows[0]!.DeepClone());
        return rows.ToJsonString();
    }

    private async Task<(HttpStatusCode Status, JsonNode Json)> TakeIn(byte[] archive, bool setAside)
    {
        using var body = new ByteArrayContent(archive) { Headers = { { "Content-Type", "application/octet-stream" } } };
        using var answer = await Client.PostAsync(new Uri($"/api/keeping/archive{(setAside ? "?setAside=true" : "")}", UriKind.Relative),
            body, TestContext.Current.CancellationToken);
        return (answer.StatusCode, JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!);
    }

    /// <summary>An archive with some of it changed, in order by its checksums again.</summary>
    private static byte[] Changed(byte[] archive, Func<string, string, string> change, Action<JsonArray>? manifest = null)
    {
        using var from = new ZipArchive(new MemoryStream(archive));
        using var made = new MemoryStream();
        using (var to = new ZipArchive(made, ZipArchiveMode.Create, leaveOpen: true))
        {
            var files = new JsonArray();
            JsonObject? head = null;
            foreach (var entry in from.Entries)
            {
                using var stream = entry.Open();
                using var copy = new MemoryStream();
                stream.CopyTo(copy);
                var bytes = copy.ToArray();
                if (entry.FullName == "manifest.json")
                {
                    head = JsonNode.Parse(bytes)!.AsObject();
                    continue;
                }

                if (entry.FullName.EndsWith(".json", StringComparison.Ordinal))
                    bytes = Encoding.UTF8.GetBytes(change(entry.FullName, Encoding.UTF8.GetString(bytes)));
                using (var written = to.CreateEntry(entry.FullName).Open())
                    written.Write(bytes);
                files.Add(new JsonObject
                {
                    ["path"] = entry.FullName,
                    ["bytes"] = bytes.Length,
                    ["sha256"] = Convert.ToHexStringLower(SHA256.HashData(bytes))
                });
            }

            manifest?.Invoke(files);
            head!["files"] = files;
            using var last = to.CreateEntry("manifest.json").Open();
            last.Write(Encoding.UTF8.GetBytes(head.ToJsonString()));
        }

        return made.ToArray();
    }
}
