using System.Net;
using System.Text.Json.Nodes;
using SkiaSharp;

namespace Juxtherm.Web.Tests;

/// <summary>An answer lost on the way: whoever asks again with the same id finds what was made, and makes nothing twice.</summary>
public sealed class RepeatApiTests : BenchApi
{
    private async Task<(HttpStatusCode Status, JsonNode? Json)> Ask(string path, Guid command, HttpContent? body = null)
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, path) { Content = body };
        request.Headers.Add("Juxtherm-Command", command.ToString());
        using var answer = await Client.SendAsync(request, TestContext.Current.CancellationToken);
        var text = await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
        return (answer.StatusCode, text.StartsWith('{') ? JsonNode.Parse(text) : null);
    }

    private async Task<JsonNode> Twice(string path, Func<HttpContent?> body)
    {
        var command = Guid.NewGuid();
        var (first, made) = await Ask(path, command, body());
        var (second, again) = await Ask(path, command, body());
        Assert.True((int)first is >= 200 and < 300, $"{path}: {first} {made}");
        Assert.Equal(first, second);
        Assert.Equal((string?)made!["id"]?.ToString(), (string?)again!["id"]?.ToString());
        return made;
    }

    [Fact]
    public async Task Asking_twice_makes_one_job_copy_and_run()
    {
        var job = (string)(await Twice("/api/jobs", () => Body(Tee("Once").ToJsonString())))["id"]!;
        Assert.Equal(1, await Kept());
        await Twice($"/api/jobs/{job}/copy", () => null);
        Assert.Equal(2, await Kept());
        var run = await Twice($"/api/jobs/{job}/runs", () => null);
        Assert.Equal((string)run["id"]!, (string)Assert.Single((await Get("/api/runs")).AsArray())!["id"]!);
        var recut = await Ask($"/api/runs/{run["id"]}/pieces/1/recut", Guid.Parse("0196b0a0-0000-7000-8000-000000000001"));
        var again = await Ask($"/api/runs/{run["id"]}/pieces/1/recut", Guid.Parse("0196b0a0-0000-7000-8000-000000000001"));
        Assert.Equal((string)recut.Json!["jobId"]!, (string)again.Json!["jobId"]!);
        Assert.Equal(3, await Kept());
    }

    [Fact]
    public async Task Asking_twice_makes_one_wash_photo_reading_and_job_from_the_logbook()
    {
        await ToItsEnd(await Begin(Tee("Washed", 1)));
        var entry = (await Get("/api/log"))["entries"]![0]!["id"]!;
        var washed = await Twice($"/api/log/{entry}/washes", () => Body("""{ "washes": 5, "look": "fine" }"""));
        Assert.Single(washed["washes"]!.AsArray());
        using var bitmap = new SKBitmap(64, 48);
        using var png = bitmap.Encode(SKEncodedImageFormat.Png, 90);
        await Twice($"/api/log/{entry}/photos",
            () => new ByteArrayContent(png.ToArray()) { Headers = { { "Content-Type", "application/octet-stream" } } });
        var seen = await Get($"/api/log/{entry}");
        Assert.Single(seen["washes"]!.AsArray());
        Assert.Single(seen["photos"]!.AsArray());
        await Twice("/api/learned/readings",
            () => Body("""{ "heatSource": "swing-platen", "dialCelsius": 150, "readCelsius": 147, "means": "probe" }"""));
        Assert.Single((await Get("/api/learned"))["readings"]!.AsArray());
        var before = await Kept();
        await Twice($"/api/log/{entry}/as-used", () => null);
        await Twice($"/api/log/{entry}/again", () => null);
        Assert.Equal(before + 2, await Kept());
    }

    [Fact]
    public async Task Asking_twice_puts_one_thing_on_the_shelf()
    {
        await Twice("/api/shelf/vinyl", () => Body("""{ "name": "Own", "family": "smooth" }"""));
        Assert.Single((await Get("/api/shelf")).AsArray());
    }

    [Fact]
    public async Task An_id_that_is_none_is_refused_and_nothing_is_made()
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/jobs") { Content = Body(Tee().ToJsonString()) };
        request.Headers.Add("Juxtherm-Command", "first");
        using var answer = await Client.SendAsync(request, TestContext.Current.CancellationToken);
        Assert.Equal(HttpStatusCode.BadRequest, answer.StatusCode);
        Assert.Equal(0, await Kept());
    }

    [Fact]
    public async Task Many_at_once_are_all_kept_or_told_to_try_again()
    {
        await ToItsEnd(await Begin(Tee("Busy", 1)));
        var entry = (await Get("/api/log"))["entries"]![0]!["id"]!;
        var washes = await Task.WhenAll(Enumerable.Range(1, 24)
            .Select(i => Send(HttpMethod.Post, $"/api/log/{entry}/washes", new JsonObject { ["washes"] = i, ["look"] = "fine" })));
        var colours = await Task.WhenAll(Enumerable.Range(0, 24)
            .Select(i =>
                Send(HttpMethod.Put, "/api/stock/colours",
                    new JsonObject { ["vinyl"] = "smooth", ["wanted"] = "#112233", ["onShelf"] = "#223344", ["same"] = i % 2 == 0 })));
        Assert.All(washes.Concat(colours),
            a => Assert.True(a.Status is HttpStatusCode.OK or HttpStatusCode.Conflict, $"{a.Status} {a.Json}"));
        Assert.Equal(washes.Count(w => w.Status == HttpStatusCode.OK), (await Get($"/api/log/{entry}"))["washes"]!.AsArray().Count);
        Assert.Single((await Get("/api/stock/colours")).AsArray());
    }
}
