using System.IO.Compression;
using System.Net;
using System.Text;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

/// <summary>Backups put back, and whole workshops out and in.</summary>
public sealed class KeepingApiTests : BenchApi
{
    private Task<byte[]> Archive() =>
        Client.GetByteArrayAsync(new Uri("/api/keeping/archive", UriKind.Relative), TestContext.Current.CancellationToken);

    private async Task<JsonNode> TakeIn(byte[] archive, HttpStatusCode expected = HttpStatusCode.OK)
    {
        using var body = new ByteArrayContent(archive);
        body.Headers.ContentType = new("application/octet-stream");
        using var answer = await Client.PostAsync(new Uri("/api/keeping/archive", UriKind.Relative), body,
            TestContext.Current.CancellationToken);
        Assert.Equal(expected, answer.StatusCode);
        return JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!;
    }

    private async Task<List<string>> Titles() =>
        [.. (await Get("/api/jobs"))["jobs"]!.AsArray().Select(j => (string)j!["title"]!).Order(StringComparer.Ordinal)];

    private string BackupPath(string name) => Path.Combine(Folder, "backups", name);

    [Fact]
    public async Task A_backup_is_put_back_and_that_can_be_undone()
    {
        await AddJob(Tee("First"));
        await ToItsEnd(await Begin(Tee("Pressed")));
        Clock.Advance(60);
        var asked = (string)(await Post("/api/keeping/backups"))["backups"]!.AsArray().First(b => (string)b!["why"]! == "asked")!["name"]!;
        await AddJob(Tee("Second"));
        Clock.Advance(60);
        var back = await Post($"/api/keeping/backups/{asked}/restore");
        Assert.Equal(["First", "Pressed"], await Titles());
        Assert.Equal(1, (int)(await Get("/api/log"))["total"]!);
        Assert.Equal("before-restore", (string)back["kept"]!["why"]!);
        Clock.Advance(60);
        await Post($"/api/keeping/backups/{back["kept"]!["name"]}/restore");
        Assert.Equal(["First", "Pressed", "Second"], await Titles());
        // And after all that it starts again as before.
        Stop();
        Start();
        Assert.Equal(3, await Kept());
    }

    [Fact]
    public async Task A_damaged_backup_is_refused_and_nothing_changes()
    {
        await AddJob(Tee("First"));
        var name = (string)(await Post("/api/keeping/backups"))["backups"]!.AsArray().First(b => (string)b!["why"]! == "asked")!["name"]!;
        await AddJob(Tee("Second"));
        var whole = await File.ReadAllBytesAsync(BackupPath(name), TestContext.Current.CancellationToken);
        foreach (var damaged in new[] { whole[..(whole.Length / 2)], Encoding.UTF8.GetBytes("not a database, whatever it is called"),
            Scratched(whole) })
        {
            await File.WriteAllBytesAsync(BackupPath(name), damaged, TestContext.Current.CancellationToken);
            var (status, problem) = await Send(HttpMethod.Post, $"/api/keeping/backups/{name}/restore");
            Assert.Equal(HttpStatusCode.BadRequest, status);
            Assert.Contains("Nothing was changed", problem!.ToJsonString(), StringComparison.Ordinal);
            Assert.Equal(["First", "Second"], await Titles());
        }

        Assert.Equal(HttpStatusCode.BadRequest,
            (await Send(HttpMethod.Post, "/api/keeping/backups/asked-20200101-000000.db/restore")).Status);
        Assert.Equal(HttpStatusCode.BadRequest, (await Send(HttpMethod.Post, "/api/keeping/backups/..%2Fworkshop.db/restore")).Status);

        static byte[] Scratched(byte[] whole)
        {
            var copy = (byte[])whole.Clone();
            for (var i = 4096; i < copy.Length; i += 7)
                copy[i] ^= 0x5A;
            return copy;
        }
    }

    [Fact]
    public async Task A_backup_is_made_each_day_by_itself_and_the_newest_fourteen_stay()
    {
        for (var day = 0; day < 16; day++)
        {
            Stop();
            Clock.Advance(24 * 3600);
            Start();
            var patience = 100;
            while (!(await Get("/api/keeping"))["backups"]!.AsArray()
                .Any(b => Clock.GetUtcNow() - (DateTimeOffset)b!["madeUtc"]! < TimeSpan.FromHours(1)) && patience-- > 0)
                await Task.Delay(20, TestContext.Current.CancellationToken);
        }

        var daily = (await Get("/api/keeping"))["backups"]!.AsArray().Where(b => (string)b!["why"]! == "daily")
            .Select(b => (DateTimeOffset)b!["madeUtc"]!).ToList();
        Assert.Equal(14, daily.Count);
        Assert.True(Clock.GetUtcNow() - daily[0] < TimeSpan.FromHours(1));
    }

    [Fact]
    public async Task A_run_that_was_under_way_in_a_backup_asks_what_became_of_its_hold()
    {
        var run = await ToTheBond(await Begin());
        var name = (string)(await Post("/api/keeping/backups"))["backups"]!.AsArray().First(b => (string)b!["why"]! == "asked")!["name"]!;
        Clock.Advance(3600);
        await Post($"/api/keeping/backups/{name}/restore");
        Assert.True((bool)Focus(await Look(run))!["asking"]!);
    }

    [Fact]
    public async Task A_whole_workshop_goes_to_an_empty_one_and_is_the_same_there()
    {
        await Post("/api/shelf/vinyl",
            new JsonObject { ["name"] = "Third reel", ["family"] = "smooth", ["celsius"] = 155, ["seconds"] = 15 });
        await ToItsEnd(await Begin(Named("Juna", "Ilse")));
        var id = (long)(await Get("/api/log"))["entries"]![0]!["id"]!;
        await Post($"/api/log/{id}/washes", new JsonObject { ["washes"] = 3, ["look"] = "fine", ["note"] = "ü „“ \u2603" });
        await Post("/api/learned/readings",
            new JsonObject { ["heatSource"] = "swing-platen", ["dialCelsius"] = 155, ["readCelsius"] = 151, ["means"] = "strip" });
        var archive = await Archive();
        using var elsewhere = new KeepingElsewhere();
        await elsewhere.TakeIn(archive);
        foreach (var path in new[] { "/api/jobs", "/api/shelf", "/api/log", "/api/learned", "/api/stock" })
            Assert.Equal((await Get(path)).ToJsonString(), JsonNode.Parse(await elsewhere.Text(path))!.ToJsonString());
        Assert.Equal(Tables(archive), Tables(await elsewhere.Archived()), StringComparer.Ordinal);
    }

    [Fact]
    public async Task A_run_under_way_goes_along_and_asks_there_what_became_of_its_hold()
    {
        var run = await ToTheBond(await Begin(Tee("Under way")));
        var archive = await Archive();
        using var elsewhere = new KeepingElsewhere();
        elsewhere.Later(7200);
        await elsewhere.TakeIn(archive);
        Assert.True((bool)Focus(JsonNode.Parse(await elsewhere.Text($"/api/runs/{run["id"]}"))!)!["asking"]!);
    }

    [Fact]
    public async Task What_is_taken_in_stands_in_the_place_of_what_was_there_and_that_can_be_undone()
    {
        await AddJob(Tee("Ours"));
        var archive = await Archive();
        using var elsewhere = new KeepingElsewhere();
        await elsewhere.AddTheirs();
        var back = await elsewhere.TakeIn(archive);
        Assert.Contains("Ours", await elsewhere.Text("/api/jobs"), StringComparison.Ordinal);
        Assert.DoesNotContain("Theirs", await elsewhere.Text("/api/jobs"), StringComparison.Ordinal);
        await elsewhere.Restore((string)back["kept"]!["name"]!);
        Assert.Contains("Theirs", await elsewhere.Text("/api/jobs"), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_truncated_foreign_newer_or_tampered_archive_is_refused_whole()
    {
        await AddJob(Tee("Ours"));
        await ToItsEnd(await Begin(Tee("Pressed")));
        var archive = await Archive();
        var before = Tables(archive);
        var refused = new Dictionary<string, byte[]>(StringComparer.Ordinal)
        {
            ["truncated"] = archive[..(archive.Length * 2 / 3)],
            ["empty"] = [],
            ["no zip"] = Encoding.UTF8.GetBytes("PK, it says"),
            ["foreign zip"] = Changed(archive, (files) => files.Remove("manifest.json")),
            ["other format"] = Changed(archive, files => Manifest(files, m => m["format"] = "somebody.else")),
            ["newer"] = Changed(archive, files => Manifest(files, m => m["version"] = 99)),
            ["a table missing"] = Changed(archive, files => files.Remove("tables/log.json")),
            ["a byte turned"] = Changed(archive, files => files["tables/log.json"][5] ^= 1),
            ["no list of files"] = Changed(archive, files => Manifest(files, m => m.Remove("files"))),
            ["a row of nonsense"] = Changed(archive, files => Put(files, "tables/log.json", "[ { \"id\": \"one\" } ]")),
            ["a row without its run"] = Changed(archive,
                files => Put(files, "tables/run-events.json", Text(files, "tables/run-events.json")
                    .Replace("\"runId\":\"", "\"runId\":\"f", StringComparison.Ordinal))),
            ["a table that is no list"] = Changed(archive, files => Put(files, "tables/jobs.json", "7")),
        };
        foreach (var (why, file) in refused)
        {
            var problem = await TakeIn(file, HttpStatusCode.BadRequest);
            Assert.True(problem.ToJsonString().Contains("Nothing was changed", StringComparison.Ordinal),
                $"{why}: {problem.ToJsonString()}");
            Assert.Equal(before, Tables(await Archive()), StringComparer.Ordinal);
        }

        Assert.DoesNotContain(Directory.GetFiles(Folder), f => Path.GetFileName(f).StartsWith("incoming", StringComparison.Ordinal));
        Assert.DoesNotContain((await Get("/api/keeping"))["backups"]!.AsArray(), b => (string)b!["why"]! == "before-import");
    }

    [Fact]
    public async Task An_archive_from_before_there_were_washes_photos_and_learning_still_opens()
    {
        await ToItsEnd(await Begin(Tee("Long ago")));
        var older = Changed(await Archive(), files =>
        {
            foreach (var later in new[] { "log-washes", "log-photos", "plate-readings", "learned-off" })
                files.Remove($"tables/{later}.json");
            var log = JsonNode.Parse(Text(files, "tables/log.json"))!.AsArray();
            foreach (var member in new[] { "key", "lots", "example", "struck", "lnRoom", "bondPerK", "lnBurden", "burdenPerK",
                "heatOffsetK" })
                log[0]!.AsObject().Remove(member);
            log[0]!["whatALaterOneMayHave"] = "and this one passes over";
            Put(files, "tables/log.json", log.ToJsonString());
            Manifest(files,
                m => m["files"] =
                new JsonArray([.. m["files"]!.AsArray().Where(f => files.ContainsKey((string)f!["path"]!)).Select(f => f!.DeepClone())]));
        });
        await TakeIn(older);
        var entry = (await Get("/api/log"))["entries"]![0]!;
        Assert.Equal(("Long ago", false), ((string)entry["title"]!, (bool)entry["teaches"]!));
    }

    /// <summary>Everything in an archive but when it was made.</summary>
    private static string Tables(byte[] archive)
    {
        var files = Files(archive);
        files.Remove("manifest.json");
        return string.Join('\n', files.OrderBy(f => f.Key, StringComparer.Ordinal)
            .Select(f => $"{f.Key}\n{Convert.ToHexString(System.Security.Cryptography.SHA256.HashData(f.Value))}"));
    }

    private static Dictionary<string, byte[]> Files(byte[] archive)
    {
        using var zip = new ZipArchive(new MemoryStream(archive));
        return zip.Entries.ToDictionary(e => e.FullName, e =>
        {
            using var content = new MemoryStream();
            using var stream = e.Open();
            stream.CopyTo(content);
            return content.ToArray();
        }, StringComparer.Ordinal);
    }

    [Fact]
    public async Task An_archive_from_before_is_read_with_its_words()
    {
        await ToItsEnd(await Begin(Tee("Pressed")));
        var before = Changed(await Archive(), files =>
        {
            var rows = JsonNode.Parse(Text(files, "tables/log.json"))!.AsArray();
            (rows[0]!["vinyl"], rows[0]!["outcomes"], rows[0]!["lots"]) = ("smooth,glitter", "marked,wrinkled", "L-7");
            Put(files, "tables/log.json", rows.ToJsonString());
            Put(files, "tables/log-words.json", "[]");
            Manifest(files, m => m["version"] = 1);
        });
        await TakeIn(before);
        var entry = (await Get("/api/log?vinyl=glitter&outcome=wrinkled&lot=L-7"))["entries"]!.AsArray().Single()!;
        Assert.Equal("smooth,glitter", (string)entry["vinylId"]!);
        Assert.Equal(["marked", "wrinkled"], entry["outcomes"]!.AsArray().Select(o => (string)o!));
        Assert.Equal(["L-7"], entry["lots"]!.AsArray().Select(l => (string)l!));
    }

    private static byte[] Changed(byte[] archive, Action<Dictionary<string, byte[]>> change)
    {
        var files = Files(archive);
        change(files);
        using var written = new MemoryStream();
        using (var zip = new ZipArchive(written, ZipArchiveMode.Create, leaveOpen: true))
        {
            foreach (var (path, content) in files)
            {
                using var stream = zip.CreateEntry(path).Open();
                stream.Write(content);
            }
        }

        return written.ToArray();
    }

    private static string Text(Dictionary<string, byte[]> files, string path) => Encoding.UTF8.GetString(files[path]);

    /// <summary>Another content, properly listed: what is refused then is refused for what it says.</summary>
    private static void Put(Dictionary<string, byte[]> files, string path, string text)
    {
        files[path] = Encoding.UTF8.GetBytes(text);
        Manifest(files, m =>
        {
            var listed = m["files"]!.AsArray().Single(f => (string)f!["path"]! == path)!;
            (listed["bytes"], listed["sha256"]) = (files[path].Length,
                Convert.ToHexStringLower(System.Security.Cryptography.SHA256.HashData(files[path])));
        });
    }

    private static void Manifest(Dictionary<string, byte[]> files, Action<JsonObject> change)
    {
        var manifest = JsonNode.Parse(Text(files, "manifest.json"))!.AsObject();
        change(manifest);
        files["manifest.json"] = Encoding.UTF8.GetBytes(manifest.ToJsonString());
    }

    private sealed class KeepingElsewhere : Api
    {
        public async Task<JsonNode> TakeIn(byte[] archive)
        {
            using var body = new ByteArrayContent(archive);
            body.Headers.ContentType = new("application/octet-stream");
            using var answer = await Client.PostAsync(new Uri("/api/keeping/archive", UriKind.Relative), body);
            var text = await answer.Content.ReadAsStringAsync();
            Assert.True(answer.IsSuccessStatusCode, text);
            return JsonNode.Parse(text)!;
        }

        public void Later(double seconds) => Clock.Advance(seconds);

        public Task<string> AddTheirs() => AddJob(Tee("Theirs"));

        public Task<JsonNode> Restore(string name) => Post($"/api/keeping/backups/{name}/restore");

        public Task<string> Text(string path) => Client.GetStringAsync(new Uri(path, UriKind.Relative));

        public Task<byte[]> Archived() => Client.GetByteArrayAsync(new Uri("/api/keeping/archive", UriKind.Relative));
    }

    [Fact]
    public async Task Nothing_that_was_acknowledged_is_lost_between_the_backup_and_the_exchange()
    {
        var first = (string)(await Post("/api/keeping/backups"))["backups"]![0]!["name"]!;
        var acknowledged = new System.Collections.Concurrent.ConcurrentBag<string>();
        using var enough = new CancellationTokenSource();
        async Task WorkAsync(int worker)
        {
            for (var i = 0; !enough.IsCancellationRequested; i++)
            {
                var label = $"Roll {worker}-{i}";
                var (status, _) = await Send(HttpMethod.Post, "/api/stock",
                    new JsonObject
                    {
                        ["commandId"] = Guid.NewGuid(),
                        ["kind"] = "roll",
                        ["vinyl"] = "smooth",
                        ["colour"] = "#112233",
                        ["label"] = label,
                        ["widthMm"] = 305,
                        ["lengthMm"] = 1000
                    });
                if (status == HttpStatusCode.Created)
                    acknowledged.Add(label);
            }
        }

        var work = Enumerable.Range(0, 3).Select(WorkAsync).ToList();
        for (var i = 0; i < 4; i++)
        {
            await Task.Delay(150, TestContext.Current.CancellationToken);
            await Post($"/api/keeping/backups/{first}/restore");
        }

        await enough.CancelAsync();
        await Task.WhenAll(work);
        Stop();
        // What was there before each exchange is in its backup, and what came after in what is there now.
        var kept = new HashSet<string>(StringComparer.Ordinal);
        foreach (var file in Directory.GetFiles(Path.Combine(Folder, "backups"), "before-restore-*.db")
            .Append(Path.Combine(Folder, "workshop.db")))
        {
            await using var db = new Microsoft.Data.Sqlite.SqliteConnection($"Data Source={file};Pooling=False");
            await db.OpenAsync(TestContext.Current.CancellationToken);
            await using var read = db.CreateCommand();
            read.CommandText = "SELECT Label FROM Stock";
            await using var rows = await read.ExecuteReaderAsync(TestContext.Current.CancellationToken);
            while (await rows.ReadAsync(TestContext.Current.CancellationToken))
                kept.Add(rows.GetString(0));
        }

        Start();
        Assert.DoesNotContain(acknowledged, a => !kept.Contains(a));
        Assert.Equal(4, Directory.GetFiles(Path.Combine(Folder, "backups"), "before-restore-*.db").Length);
        Assert.True(acknowledged.Count > 20, $"{acknowledged.Count} acknowledged");
    }
}
