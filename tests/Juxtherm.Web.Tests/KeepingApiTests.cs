using System.IO.Compression;
using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using Juxtherm.Store;
using Microsoft.Extensions.DependencyInjection;

namespace Juxtherm.Web.Tests;

/// <summary>Backups put back, and whole workshops out and in.</summary>
public sealed partial class KeepingApiTests() : BenchApi(ownFonts: true)
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
    public async Task What_there_is_one_of_outlives_a_start_whether_a_list_or_not()
    {
        (string Key, string Json)[] all =
            [(KeptRow.Prices, "{}"), (KeptRow.Supplies, "{}"), (KeptRow.Practice, "{}"), (KeptRow.Hands, "[]"), (KeptRow.Exchange, "[]")];
        foreach (var (key, json) in all)
            await Service.Services.GetRequiredService<KeptStore>().ReplaceAsync(key, json, TestContext.Current.CancellationToken);
        Stop();
        Start();
        Assert.Empty((await Get("/api/keeping"))["setAside"]!.AsArray());
        foreach (var (key, json) in all)
            Assert.Equal(json, (await Service.Services.GetRequiredService<KeptStore>()
                .FindAsync(key, TestContext.Current.CancellationToken))?.Json);
    }

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
    [Trait("Run", "thorough")]
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

    [Fact]
    [Trait("Run", "thorough")]
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
