using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using Juxtherm.App.Exchange;
using Juxtherm.Store;
using Microsoft.Extensions.DependencyInjection;

namespace Juxtherm.Web.Tests;

/// <summary>Two workshops: what goes from one to the other is signed, shown before it counts, and can be taken back whole.</summary>
public sealed class ExchangeApiTests : BenchApi
{
    private const string OwnVinyl = """{ "id": "own-tarn-blue", "name": "Tarn blue", "family": "smooth", "celsius": 155, "seconds": 12 }""";

    /// <summary>What another workshop gives: a job with names in its own vinyl, and what came of two pieces.</summary>
    private static async Task<string> FromAnother()
    {
        using var other = new Other();
        return await other.GivesAsync();
    }

    private async Task<(HttpStatusCode Status, JsonNode? Json)> Send(string path, string file)
    {
        using var body = new StringContent(file, Encoding.UTF8, "application/octet-stream");
        var answer = await Client.PostAsync(path, body, TestContext.Current.CancellationToken);
        // A large one goes on by itself, and is asked after.
        while (answer.StatusCode == HttpStatusCode.Accepted)
        {
            var id = JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!["id"];
            answer = await Client.GetAsync($"/api/exchange/take/{id}", TestContext.Current.CancellationToken);
        }

        return (answer.StatusCode, JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)));
    }

    private async Task<JsonNode> Look(string file)
    {
        var (status, json) = await Send("/api/exchange/look", file);
        Assert.True(status == HttpStatusCode.OK, $"{json}");
        return json!;
    }

    private async Task<JsonNode> Take(string file)
    {
        var (status, json) = await Send("/api/exchange/take", file);
        Assert.True(status == HttpStatusCode.OK, $"{json}");
        return json!;
    }

    private async Task<(int Jobs, int Pieces, int Own, string Learned)> Here() => (await Kept(), (int)(await Get("/api/log"))["total"]!,
        (await Get("/api/shelf")).AsArray().Count, (await Get("/api/learned")).ToJsonString());

    [Fact]
    public async Task It_is_shown_before_it_counts_and_taken_back_whole()
    {
        var file = await FromAnother();
        var before = await Here();
        var look = await Look(file);
        Assert.Equal(("The Heron Shed", false, 2), ((string)look["from"]!, (bool)look["before"]!, (int)look["pieces"]!));
        Assert.Equal(["Tarn blue"], look["own"]!.AsArray().Select(o => (string)o!));
        Assert.Equal(["Shed tee"], look["jobs"]!.AsArray().Select(o => (string)o!));
        Assert.Equal(before, await Here());

        var taken = await Take(file);
        Assert.Equal(before.Jobs + 1, (await Here()).Jobs);
        Assert.Equal(before.Pieces + 2, (await Here()).Pieces);
        var job = await Get($"/api/jobs/{taken["jobs"]![0]}");
        Assert.Equal("own-tarn-blue", (string)job["job"]!["layers"]![0]!["vinyl"]!);
        // Taken in twice it is there once; another look finds nothing new, and knows the workshop.
        Assert.Equal((string)taken["id"]!, (string)(await Take(file))["id"]!);
        look = await Look(file);
        Assert.Equal((true, 0, 0), ((bool)look["before"]!, (int)look["pieces"]!, look["own"]!.AsArray().Count));
        Assert.Equal((0, 1), (look["jobs"]!.AsArray().Count, (int)look["here"]!));

        await Ok(HttpMethod.Delete, $"/api/exchange/{taken["id"]}");
        Assert.Equal(before, await Here());
        Assert.Empty((await Get("/api/exchange"))["taken"]!.AsArray());
        Assert.Equal(HttpStatusCode.NotFound, (await base.Send(HttpMethod.Delete, $"/api/exchange/{taken["id"]}")).Status);
    }

    [Fact]
    public async Task Taken_in_by_several_at_once_it_is_there_once()
    {
        var file = await FromAnother();
        var before = await Here();
        var taken = await Task.WhenAll(Enumerable.Range(0, 6).Select(_ => Take(file)));
        Assert.Single(taken.Select(t => (string)t["id"]!).Distinct());
        Assert.Single((await Get("/api/exchange"))["taken"]!.AsArray());
        Assert.Equal((before.Jobs + 1, before.Pieces + 2, before.Own + 1),
            ((await Here()).Jobs, (await Here()).Pieces, (await Here()).Own));
    }

    [Fact]
    public async Task Taken_back_and_taken_in_again_it_goes_by_the_same_names()
    {
        var file = await FromAnother();
        var first = await Take(file);
        await Ok(HttpMethod.Delete, $"/api/exchange/{first["id"]}");
        var second = await Take(file);
        Assert.Equal("own-tarn-blue", (string)Assert.Single(second["own"]!.AsArray())!);
        Assert.Equal("own-tarn-blue", (string)(await Get($"/api/jobs/{second["jobs"]![0]}"))["job"]!["layers"]![0]!["vinyl"]!);
        Assert.Equal(2, (int)(await Get("/api/log"))["total"]!);
    }

    /// <summary>The program is killed in the middle: what came of it is known, and taken back or taken in whole.</summary>
    [Theory]
    [InlineData(true)]
    [InlineData(false)]
    public async Task What_was_taken_in_by_half_is_known(bool again)
    {
        var file = await FromAnother();
        var before = await Here();
        var id = (string)(await Take(file))["id"]!;
        // As it stands while the last pieces come in.
        var kept = Service.Services.GetRequiredService<KeptStore>();
        var row = (await kept.FindAsync(KeptRow.Exchange, TestContext.Current.CancellationToken))!;
        await kept.ReplaceAsync(KeptRow.Exchange, row.Json.Replace("\"whole\":true", "\"whole\":false", StringComparison.Ordinal),
            TestContext.Current.CancellationToken);
        Stop();
        Start();
        Assert.False((bool)Assert.Single((await Get("/api/exchange"))["taken"]!.AsArray())!["whole"]!);
        if (again)
        {
            Assert.True((bool)(await Take(file))["whole"]!);
            Assert.Equal((before.Jobs + 1, before.Pieces + 2), ((await Here()).Jobs, (await Here()).Pieces));
            Assert.Single((await Get("/api/exchange"))["taken"]!.AsArray());
        }

        await Ok(HttpMethod.Delete, $"/api/exchange/{id}");
        Assert.Equal(before, await Here());
    }

    [Fact]
    public async Task Nobodys_name_leaves()
    {
        var file = await FromAnother();
        foreach (var name in new[] { "Wren", "Robin", "came loose at the hem", "lost in the laundry" })
            Assert.DoesNotContain(name, file, StringComparison.OrdinalIgnoreCase);
        Assert.Contains("Name 1", file, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Whose_id_means_something_else_here_goes_by_another()
    {
        await Post("/api/shelf/vinyl", JsonNode.Parse(OwnVinyl.Replace("smooth", "glitter", StringComparison.Ordinal)));
        var taken = await Take(await FromAnother());
        Assert.Equal("own-tarn-blue-2", (string)Assert.Single(taken["own"]!.AsArray())!);
        var job = await Get($"/api/jobs/{taken["jobs"]![0]}");
        Assert.Equal("own-tarn-blue-2", (string)job["job"]!["layers"]![0]!["vinyl"]!);
        Assert.Equal("own-tarn-blue-2", (string)(await Get("/api/log"))["entries"]![0]!["vinylId"]!);
    }

    [Theory]
    [InlineData("not JSON", "format")]
    [InlineData("[]", "format")]
    [InlineData("""{ "format": "juxtherm.job", "version": 1 }""", "format")]
    [InlineData("""{ "format": "juxtherm.exchange", "version": 9, "content": {} }""", "version")]
    [InlineData("""{ "format": "juxtherm.exchange", "version": 1, "content": {} }""", "signature")]
    [InlineData("""{ "format": "juxtherm.exchange", "version": 1, "content": {}, "signature": { "publicKey": "AAAA", "value": "AAAA" } }""", "signature")]
    public async Task What_is_none_is_refused(string file, string code)
    {
        foreach (var path in new[] { "/api/exchange/look", "/api/exchange/take" })
        {
            var (status, problem) = await Send(path, file);
            Assert.Equal((HttpStatusCode.BadRequest, code), (status, (string)problem!["errors"]![0]!["code"]!));
        }

        Assert.Equal(0, await Kept());
    }

    [Fact]
    public async Task What_was_changed_on_the_way_is_refused_and_laid_out_otherwise_it_is_not()
    {
        var file = JsonNode.Parse(await FromAnother())!;
        await Look(file.ToJsonString(new System.Text.Json.JsonSerializerOptions { WriteIndented = true }));
        file["content"]!["jobs"]![0]!["title"] = "Somebody's tee";
        var (status, problem) = await Send("/api/exchange/take", file.ToJsonString());
        Assert.Equal((HttpStatusCode.BadRequest, "signature"), (status, (string)problem!["errors"]![0]!["code"]!));
    }

    /// <summary>A job that cannot be read here: nothing of all that is kept.</summary>
    [Fact]
    public async Task All_of_it_is_taken_in_or_nothing()
    {
        using var other = new Other();
        var file = await other.GivesAsync(vinylGone: true);
        var before = await Here();
        var (status, _) = await Send("/api/exchange/take", file);
        Assert.Equal(HttpStatusCode.BadRequest, status);
        Assert.Equal(before, await Here());
    }

    [Fact]
    public async Task A_workshop_is_known_by_its_seal()
    {
        var own = (string)(await Get("/api/exchange"))["seal"]!;
        Stop();
        Start();
        Assert.Equal(own, (string)(await Get("/api/exchange"))["seal"]!);
        Assert.NotEqual(own, (string)(await Look(await FromAnother()))["signedBy"]!);
    }

    private sealed class Other : BenchApi
    {
        public async Task<string> GivesAsync(bool vinylGone = false)
        {
            await Post("/api/shelf/vinyl", JsonNode.Parse(OwnVinyl));
            var job = Tee("Shed tee", 2);
            job["layers"]![0]!["vinyl"] = "own-tarn-blue";
            job["own"] = new JsonObject { ["vinyls"] = new JsonArray(JsonNode.Parse(OwnVinyl)) };
            job["names"] = JsonNode.Parse("""[ { "name": "Wren", "size": "adult-m" }, { "name": "Robin", "size": "adult-m" } ]""");
            var run = await Begin(job);
            while ((string)run["status"]! == "running")
                run = await Go(run);
            var entry = (await Get("/api/log"))["entries"]![0]!;
            await Ok(HttpMethod.Patch, $"/api/log/{entry["id"]}", new JsonObject { ["note"] = "came loose at the hem" });
            await Post($"/api/log/{entry["id"]}/washes",
                new JsonObject { ["washes"] = 3, ["look"] = "fine", ["note"] = "lost in the laundry" });
            using var answer = await Client.GetAsync("/api/exchange/file?from=The%20Heron%20Shed", TestContext.Current.CancellationToken);
            var file = await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
            if (!vinylGone)
                return file;
            var changed = JsonNode.Parse(file)!;
            changed["content"]!["jobs"]![0]!["layers"]![0]!["vinyl"] = "nowhere";
            changed["signature"] = Service.Services.GetRequiredService<WorkshopSeal>().Sign(changed["content"]!);
            return changed.ToJsonString();
        }
    }
}
