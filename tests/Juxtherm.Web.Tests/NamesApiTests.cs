using System.IO.Compression;
using System.Net;
using System.Net.Http.Headers;
using System.Text;
using System.Text.Json.Nodes;
using Juxtherm.App.Practice;
using Microsoft.Extensions.DependencyInjection;
using SkiaSharp;

namespace Juxtherm.Web.Tests;

/// <summary>What is kept of people by their names is found everywhere, given to them, and forgotten so that nothing of it is
/// left.</summary>
public sealed class NamesApiTests : BenchApi
{
    // No sentence of the program has it in it.
    private const string Child = "Quillbert";
    private const string Other = "Zoë Marsh";

    private static CancellationToken Cancel => TestContext.Current.CancellationToken;

    private static JsonObject Ask(params string[] names) => new() { ["names"] = Words(names) };

    private static List<string> Kinds(JsonNode found) => [.. found["places"]!.AsArray().Select(p => (string)p!["kind"]!).Distinct()];

    /// <summary>A workshop in which the child's name stands wherever one can be written.</summary>
    private async Task<string> FilledAsync()
    {
        var job = Named(Child, Other);
        job["title"] = $"{Child.ToUpperInvariant()} and friends";
        job["layers"]![0]!["id"] = $"{Child.ToLowerInvariant()}-front";
        var run = await Begin(job);
        var used = Tee("Crew tee");
        used["used"] = new JsonObject { ["celsius"] = 155, ["seconds"] = 15, ["from"] = $"what {Child}'s mother uses" };
        await AddJob(used);
        await Post("/api/stock", new JsonObject
        {
            ["commandId"] = Guid.NewGuid().ToString(),
            ["kind"] = "roll",
            ["vinyl"] = "smooth",
            ["colour"] = "#203040",
            ["colourName"] = $"{Child} blue",
            ["widthMm"] = 300,
            ["lengthMm"] = 2000,
            ["lot"] = $"{Child}-7",
        });
        var id = (string)run["jobId"]!;
        await Say(run, "something-off", with: c => (c["piece"], c["note"]) = (0, $"the table under {Child}'s shirt shook"));
        while ((string)run["status"]! == "running")
            run = Kind(run) == "inspect"
                ? await Say(run, "record", with: c => (c["outcomes"], c["note"]) = (Words("stuck"), $"for {Child}")) : await Go(run);
        var entries = (await Get("/api/log"))["entries"]!.AsArray();
        foreach (var entry in entries)
            await AddPhoto((string)entry!["id"]!.ToString());
        await Post($"/api/jobs/{id}/quotes", new JsonObject
        {
            ["commandId"] = Guid.NewGuid().ToString(),
            ["customer"] = $"Family of {Child}",
            ["validDays"] = 14,
            ["note"] = $"{Child} picks it up",
        });
        await Post("/api/shelf/vinyl", new JsonObject
        {
            ["id"] = "own-vinyl-present",
            ["name"] = $"Roll given by {Child}",
            ["family"] = "smooth",
            ["celsius"] = 155,
            ["seconds"] = 12,
        });
        await Service.Services.GetRequiredService<LearnerCards>().KeepAsync(Child, "first-shirt", 5, Cancel);
        await Service.Services.GetRequiredService<LearnerCards>().KeepAsync("Osk", "first-shirt", 5, Cancel);
        return id;
    }

    private async Task AddPhoto(string piece)
    {
        using var picture = new SKBitmap(60, 40);
        using var jpeg = picture.Encode(SKEncodedImageFormat.Jpeg, 80);
        using var body = new ByteArrayContent(jpeg.ToArray());
        body.Headers.ContentType = new MediaTypeHeaderValue("application/octet-stream");
        using var answer = await Client.PostAsync($"/api/log/{piece}/photos", body, Cancel);
        Assert.True(answer.IsSuccessStatusCode, $"{answer.StatusCode}");
    }

    private IEnumerable<string> Files(params string[] more) => Directory.EnumerateFiles(Folder, "workshop.db*")
        .Concat(Directory.Exists(Path.Combine(Folder, "backups")) ? Directory.EnumerateFiles(Path.Combine(Folder, "backups")) : [])
        .Concat(more.SelectMany(Directory.EnumerateFiles));

    /// <summary>Whether a word stands anywhere in a file, byte by byte.</summary>
    private static bool Has(string file, string word)
    {
        using var open = new FileStream(file, FileMode.Open, FileAccess.Read, FileShare.ReadWrite | FileShare.Delete);
        using var all = new MemoryStream();
        open.CopyTo(all);
        return Encoding.Latin1.GetString(all.ToArray()).Contains(word, StringComparison.OrdinalIgnoreCase);
    }

    [Fact]
    public async Task A_child_is_found_wherever_somebody_wrote_its_name_and_nothing_of_it_is_left_afterwards()
    {
        var stick = Directory.CreateTempSubdirectory("juxtherm-stick-").FullName;
        var id = await FilledAsync();
        await Post("/api/keeping/backups");
        await Ok(HttpMethod.Put, "/api/watch/copies", new JsonObject { ["folder"] = stick });
        Assert.All(Files(stick).Where(f => f.Contains("asked", StringComparison.Ordinal)), f => Assert.True(Has(f, Child), f));
        Assert.True(Files(stick).Count(f => Has(f, Child)) >= 3);

        var found = await Post("/api/keeping/names", Ask(Child.ToLowerInvariant()));
        Assert.Equal(["job", "run", "piece", "quote", "shelf", "stock", "kept"], Kinds(found));
        Assert.True((int)found["backups"]! > 0);
        var pieces = found["places"]!.AsArray().Where(p => (string)p!["kind"]! == "piece").ToList();
        Assert.All(pieces, p => Assert.Single(p!["photos"]!.AsArray()));

        var ask = Ask(Child);
        ask["backups"] = true;
        Assert.Empty((await Post("/api/keeping/names/forget", ask))["places"]!.AsArray());
        Assert.All(Files(stick), f => Assert.False(Has(f, Child), f));
        Directory.Delete(stick, recursive: true);

        // What it was about is still there, and can be worked with.
        var job = await Get($"/api/jobs/{id}");
        Assert.Equal(2, (int)job["version"]!);
        Assert.Equal(["—", Other], job["job"]!["names"]!.AsArray().Select(n => (string)n!["name"]!));
        Assert.Equal("— and friends", (string)job["job"]!["title"]!);
        Assert.StartsWith("layer-", (string)job["job"]!["layers"]![0]!["id"]!, StringComparison.Ordinal);
        Assert.Contains((string)(await Post("/api/plans/preview", job["job"]!.DeepClone()))["verdict"]!, (string[])["go", "caution"]);
        var log = (await Get("/api/log"))["entries"]!.AsArray();
        Assert.Equal(2, log.Count);
        Assert.Equal(["for —", "the table under —'s shirt shook for —"], log.Select(e => (string)e!["note"]!));
        Assert.All(log, e => Assert.Empty(e!["photos"]!.AsArray()));
        Assert.Equal(["Osk"], (await Get("/api/practice"))["learners"]!.AsArray().Select(l => (string)l!["name"]!));
        Stop();
        Start();
        Assert.Equal(2, (int)(await Get("/api/log"))["total"]!);
        foreach (var backup in (await Get("/api/keeping"))["backups"]!.AsArray().Select(b => (string)b!["name"]!)
            .Where(b => b.StartsWith("asked", StringComparison.Ordinal)).ToList())
            await Post($"/api/keeping/backups/{backup}/restore");
        Assert.Equal("— and friends", (string)(await Get($"/api/jobs/{id}"))["job"]!["title"]!);
    }

    [Fact]
    public async Task What_is_kept_of_somebody_is_given_as_one_file_with_what_stands_beside_it()
    {
        await FilledAsync();
        using var body = Body(Ask(Other).ToJsonString());
        using var answer = await Client.PostAsync("/api/keeping/names/archive", body, Cancel);
        using var zip = new ZipArchive(await answer.Content.ReadAsStreamAsync(Cancel));
        await using var kept = await zip.GetEntry("kept.json")!.OpenAsync(Cancel);
        var places = JsonNode.Parse(kept)!["places"]!.AsArray();
        Assert.Equal(["job", "run", "piece", "quote"], places.Select(p => (string)p!["kind"]!).Distinct());
        Assert.Contains(places[0]!["written"]!.AsArray(), w => (string?)w!["name"] == Other);
        var photos = places.SelectMany(p => p!["photos"]!.AsArray().Select(f => (string)f!)).ToList();
        Assert.Single(photos);
        Assert.Equal(["kept.json", .. photos], zip.Entries.Select(e => e.FullName));
    }

    /// <summary>The letters of a name are drawn in what is cut of it.</summary>
    [Fact]
    public async Task What_was_cut_of_a_name_goes_once_it_is_used_up_or_given_up()
    {
        var job = Named(Child, "Osk");
        foreach (var (member, value) in new[] { ("xMm", 100), ("yMm", 100), ("widthMm", 120), ("heightMm", 30) })
            job["layers"]![0]![member] = value;
        job["layers"]![0]!["shape"] = "M0 0L120 0L120 30L0 30Z";
        var id = await AddJob(job);
        var plan = await Post("/api/cut-plans", job);
        for (var tries = 0; plan["plan"] is null && tries < 200; tries++)
            plan = await Get($"/api/cut-plans/{plan["id"]}");
        var cut = await Post($"/api/jobs/{id}/cuts",
            new JsonObject { ["commandId"] = Guid.NewGuid().ToString(), ["planId"] = (string)plan["id"]! });
        Assert.Equal(["job", "cut"], Kinds(await Post("/api/keeping/names", Ask(Child))));
        Assert.Equal(HttpStatusCode.Conflict, (await Send(HttpMethod.Post, "/api/keeping/names/forget", Ask(Child))).Status);
        await Post($"/api/cuts/{cut["id"]}/actions",
            new JsonObject { ["commandId"] = Guid.NewGuid().ToString(), ["action"] = "give-up" });
        Assert.Empty((await Post("/api/keeping/names/forget", Ask(Child)))["places"]!.AsArray());
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Get, $"/api/cuts/{cut["id"]}")).Status);
        Assert.Equal(["—", "Osk"], (await Get($"/api/jobs/{id}"))["job"]!["names"]!.AsArray().Select(n => (string)n!["name"]!));
    }

    [Fact]
    public async Task What_is_left_alone_stays_and_a_run_under_way_is_not_changed()
    {
        var run = await Begin(Named(Child, Other));
        var before = await Post("/api/keeping/names", Ask(Child));
        var (status, problem) = await Send(HttpMethod.Post, "/api/keeping/names/forget", Ask(Child));
        Assert.Equal((HttpStatusCode.Conflict, "under-way"), (status, (string)problem!["code"]!));
        Assert.True(JsonNode.DeepEquals(before, await Post("/api/keeping/names", Ask(Child))));

        var ask = Ask(Child);
        ask["leave"] = Words((string)before["places"]!.AsArray().Single(p => (string)p!["kind"]! == "run")!["place"]!);
        Assert.Equal(["run"], Kinds(await Post("/api/keeping/names/forget", ask)));
        // Who is at the press goes on where they were.
        run = await Go(await Look(run));
        Assert.Equal("running", (string)run["status"]!);
    }

    [Fact]
    public async Task Who_is_at_the_press_with_something_else_notices_nothing()
    {
        await AddJob(Named(Child));
        var run = await Prepare(await Post($"/api/jobs/{await AddJob()}/runs?practice=true"));
        run = await Post($"/api/runs/{run["id"]}/stations/1/press", new JsonObject { ["action"] = "connect" });
        Assert.True((bool)Station(run)["wired"]!);
        Assert.Empty((await Post("/api/keeping/names/forget", Ask(Child)))["places"]!.AsArray());
        Assert.True((bool)Station(await Look(run))["wired"]!);
    }

    [Fact]
    public async Task What_is_no_name_is_refused_by_its_place()
    {
        foreach (var (ask, field) in new[]
        {
            ("""{ "names": [] }""", "names"), ("{ }", "names"), ("""{ "names": ["x"] }""", "names/0"),
            ("""{ "names": ["Wren", " "] }""", "names/1"), ("""{ "names": ["12"] }""", "names/0"),
        })
            foreach (var path in new[] { "", "/archive", "/forget" })
            {
                var (status, problem) = await Send(HttpMethod.Post, $"/api/keeping/names{path}", JsonNode.Parse(ask));
                Assert.Equal(HttpStatusCode.BadRequest, status);
                Assert.Contains(field, problem!.ToJsonString(), StringComparison.Ordinal);
            }
    }
}
