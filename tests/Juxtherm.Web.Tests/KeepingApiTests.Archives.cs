using System.Net;
using System.Text;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

public sealed partial class KeepingApiTests
{
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
        using var font = new ByteArrayContent(FontApiTests.File());
        font.Headers.ContentType = new("application/octet-stream");
        using (await Client.PostAsync(new Uri("/api/fonts", UriKind.Relative), font))
            Assert.Single((await Get("/api/fonts")).AsArray(), f => (bool)f!["isOwn"]!);
        await Post("/api/blanks", new JsonObject
        {
            ["commandId"] = Guid.NewGuid().ToString(),
            ["form"] = "tee",
            ["material"] = "cotton",
            ["pieces"] = 7,
            ["price"] = 4.35,
        });
        await Ok(HttpMethod.Put, "/api/prices", new JsonObject { ["hourly"] = "18.50", ["marginPercent"] = 30 });
        var job = (string)(await Get("/api/jobs"))["jobs"]![0]!["id"]!;
        await Post($"/api/jobs/{job}/quotes", new JsonObject { ["commandId"] = Guid.NewGuid().ToString(), ["validDays"] = 7 });
        await Ok(HttpMethod.Put, "/api/day?version=0", new JsonObject
        {
            ["from"] = "2026-05-02T09:00:00Z",
            ["presses"] = new JsonArray(new JsonObject { ["id"] = "a", ["heatSource"] = "swing-platen" }),
            ["jobs"] = new JsonArray(new JsonObject { ["id"] = job }),
        });
        var archive = await Archive();
        using var elsewhere = new KeepingElsewhere();
        await elsewhere.TakeIn(archive);
        foreach (var path in new[] { "/api/blanks", "/api/prices", "/api/quotes", "/api/fonts", "/api/jobs", "/api/shelf", "/api/log",
            "/api/learned", "/api/stock" })
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

    private sealed class KeepingElsewhere() : Api(ownFonts: true)
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
}
