using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using Juxtherm.App.Exchange;
using Juxtherm.Core.Learning;
using Juxtherm.Store;
using Juxtherm.Testing;
using Microsoft.Extensions.DependencyInjection;

namespace Juxtherm.Web.Tests;

/// <summary>Two workshops that give each other all they have, again and again: each thing is there once, and means what it meant.</summary>
public sealed class ExchangeBothWaysTests : IDisposable
{
    private readonly Shop _tarn = new();
    private readonly Shop _heron = new();

    public void Dispose()
    {
        _tarn.Dispose();
        _heron.Dispose();
    }

    private static async Task ExchangeAsync(Shop from, Shop to) => await to.TakeAsync(await from.GiveAsync());

    [Fact]
    public async Task However_often_they_exchange_each_job_is_there_once_and_on_its_own_vinyl()
    {
        // The same id says something else in each of them.
        await _tarn.AddAsync("Tarn tee", 145);
        await _heron.AddAsync("Heron tee", 165);
        for (var round = 0; round < 3; round++)
        {
            await ExchangeAsync(_tarn, _heron);
            await ExchangeAsync(_heron, _tarn);
        }

        foreach (var shop in new[] { _tarn, _heron })
            Assert.Equal([("Heron tee", 165), ("Tarn tee", 145)], await shop.JobsAsync());
        Assert.Equal(2, await _tarn.OwnAsync());
        Assert.Equal(2, await _heron.OwnAsync());
    }

    [Fact]
    public async Task By_way_of_a_third_workshop_it_is_the_same_thing()
    {
        using var third = new Shop();
        await _tarn.AddAsync("Tarn tee", 145);
        await ExchangeAsync(_tarn, _heron);
        await ExchangeAsync(_tarn, third);
        await ExchangeAsync(_heron, third);
        await ExchangeAsync(third, _tarn);
        foreach (var shop in new[] { _tarn, _heron, third })
            Assert.Equal([("Tarn tee", 145)], await shop.JobsAsync());
    }

    [Fact]
    public async Task What_was_changed_there_comes_back_as_another_job_and_what_was_changed_here_stays()
    {
        var id = await _tarn.AddAsync("Tarn tee", 145);
        await ExchangeAsync(_tarn, _heron);
        await _tarn.RenameAsync(id, "Tarn tee, second");
        await ExchangeAsync(_heron, _tarn);
        Assert.Equal([("Tarn tee, second", 145)], await _tarn.JobsAsync());

        await _heron.RenameAsync(await _heron.OnlyJobAsync(), "Tarn tee, by the heron");
        await ExchangeAsync(_heron, _tarn);
        Assert.Equal([("Tarn tee, by the heron", 145), ("Tarn tee, second", 145)], await _tarn.JobsAsync());
    }

    [Fact]
    public async Task A_title_that_reads_like_an_id_stays_as_it_is()
    {
        await _heron.AddAsync("Heron tee", 165);
        await _tarn.AddAsync(Shop.Vinyl, 145);
        await ExchangeAsync(_tarn, _heron);
        Assert.Equal([("Heron tee", 165), (Shop.Vinyl, 145)], await _heron.JobsAsync());
    }

    [Fact]
    public async Task All_jobs_leave_and_all_come_in_however_many_they_are()
    {
        const int many = 1_050;
        var store = _tarn.Jobs;
        for (var n = 0; n < many; n++)
            await store.AddAsync(Guid.CreateVersion7(), $"Tee {n}", Shop.Job($"Tee {n}", null).ToJsonString(),
                TestContext.Current.CancellationToken);
        var file = await _tarn.GiveAsync();
        Assert.Equal(many, JsonNode.Parse(file)!["content"]!["jobs"]!.AsArray().Count);
        await _heron.TakeAsync(file);
        Assert.Equal(many, await _heron.CountAsync());
    }

    /// <summary>Signed well, and all the same not what it seems.</summary>
    [Theory]
    [InlineData("$.own[0].id", "own-other", "ids")]
    [InlineData("$.own[0].entry.id", "own-other", "ids")]
    [InlineData("$.own[0].id", null, "format")]
    [InlineData("$.own[0].entry", "text", "format")]
    [InlineData("$.own[0]", "text", "format")]
    [InlineData("$.jobs[0]", null, "format")]
    [InlineData("$.jobs[0].title", "gnp.\u202Eexe", "wrong-type")]
    [InlineData("$.own[0].name", "Tarn\u0007blue", "wrong-type")]
    [InlineData("$.from", "The Heron\u200FShed", "wrong-type")]
    public async Task A_file_that_says_one_thing_and_means_another_is_refused(string place, string? now, string code)
    {
        await _tarn.AddAsync("Tarn tee", 145);
        var file = JsonNode.Parse(await _tarn.GiveAsync())!;
        Shop.Put(file["content"]!, place, now);
        _tarn.Sign(file);
        var (status, problem) = await _heron.SendAsync(file.ToJsonString());
        Assert.Equal((HttpStatusCode.BadRequest, code), (status, (string?)problem?["errors"]?[0]?["code"]));
        Assert.Equal(0, await _heron.CountAsync());
    }

    [Fact]
    public async Task A_file_that_says_one_thing_twice_is_refused()
    {
        await _tarn.AddAsync("Tarn tee", 145);
        var file = await _tarn.GiveAsync();
        var (status, _) = await _heron.SendAsync(file.Replace("\"from\":", "\"from\":\"\",\"from\":", StringComparison.Ordinal));
        Assert.Equal(HttpStatusCode.BadRequest, status);
    }

    [Fact]
    public async Task Names_of_workshops_that_turn_reading_around_are_not_given_away()
    {
        var (status, _) = await _tarn.AskAsync("/api/exchange/file?from=The%E2%80%AEHeron");
        Assert.Equal(HttpStatusCode.BadRequest, status);
    }

    /// <summary>Twenty pieces that lifted there say something of that vinyl on that cloth, and nothing of this press or its
    /// spoilage.</summary>
    [Fact]
    public async Task Pieces_of_another_workshop_teach_no_press_and_no_spoilage()
    {
        var lifted = string.Join(',', Enumerable.Range(0, 20).Select(n => $$"""
            { "key": "{{Guid.NewGuid()}}", "at": "2026-04-{{n + 1:00}}T09:00:00Z", "title": "Tote {{n}}", "piece": 1, "pieces": 1, "vinyl": "smooth",
              "material": "cotton", "form": "tee", "heatSource": "swing-platen", "cover": "none", "underlay": "none", "celsius": 150,
              "plannedSeconds": 12, "pressedSeconds": 12, "pressure": "medium", "pressureKPa": 25, "outcomes": ["edges-lifted"], "endedWell": false }
            """));
        var file = JsonNode.Parse(await _tarn.GiveAsync())!;
        file["content"]!["logbook"]!["entries"] = JsonNode.Parse($"[{lifted}]");
        _tarn.Sign(file);
        await _heron.TakeAsync(file.ToJsonString());
        var log = _heron.Log;
        Assert.Equal((0, 0), await log.EndedAsync("cotton", TestContext.Current.CancellationToken));
        var learned = await _heron.LearnedAsync();
        Assert.DoesNotContain(learned, l => (string)l!["kind"]! == "plate");
        var demand = Assert.Single(learned, l => (string)l!["kind"]! == "demand")!;
        Assert.True((double)demand["value"]! > 1, demand.ToJsonString());

        // The same pieces of one's own say more.
        await _tarn.ReadInAsync($$"""{ "format": "juxtherm.log", "version": 1, "entries": [{{lifted}}] }""");
        var own = Assert.Single(await _tarn.LearnedAsync(), l => (string)l!["kind"]! == "demand")!;
        Assert.True((double)own["value"]! > (double)demand["value"]!, $"{own} {demand}");
    }

    private sealed class Shop : Api
    {
        public const string Vinyl = "own-blue";

        public JobStore Jobs => Service.Services.GetRequiredService<JobStore>();

        public LogStore Log => Service.Services.GetRequiredService<LogStore>();

        private static JsonObject Blue(double celsius) => new()
        {
            ["id"] = Vinyl,
            ["name"] = "Blue",
            ["family"] = "smooth",
            ["celsius"] = celsius,
            ["seconds"] = 12,
        };

        public static JsonObject Job(string title, double? celsius)
        {
            var job = Tee(title);
            if (celsius is not { } own)
                return job;
            job["layers"]![0]!["vinyl"] = Vinyl;
            job["own"] = new JsonObject { ["vinyls"] = new JsonArray(Blue(own)) };
            return job;
        }

        public static void Put(JsonNode content, string place, string? now)
        {
            var steps = place.Split('.', '[').Skip(1).Select(s => s.TrimEnd(']')).ToList();
            var node = content;
            foreach (var step in steps.SkipLast(1))
                node = int.TryParse(step, out var at) ? node[at]! : node[step]!;
            if (int.TryParse(steps[^1], out var last))
                node[last] = now;
            else
                node[steps[^1]] = now;
        }

        public async Task<string> AddAsync(string title, double celsius)
        {
            await Post("/api/shelf/vinyl", Blue(celsius));
            return await AddJob(Job(title, celsius));
        }

        public async Task RenameAsync(string id, string title)
        {
            var kept = await Get($"/api/jobs/{id}");
            var job = kept["job"]!.DeepClone();
            job["title"] = title;
            await Ok(HttpMethod.Put, $"/api/jobs/{id}", new JsonObject { ["version"] = (int)kept["version"]!, ["job"] = job });
        }

        public async Task<string> OnlyJobAsync() => (string)Assert.Single((await Get("/api/jobs"))["jobs"]!.AsArray())!["id"]!;

        public Task<int> CountAsync() => Kept();

        public async Task<int> OwnAsync() => (await Get("/api/shelf")).AsArray().Count;

        /// <summary>Titles with what the shelf and the job itself say that their vinyl is pressed at.</summary>
        public async Task<List<(string Title, int Celsius)>> JobsAsync()
        {
            var shelf = (await Get("/api/shelf")).AsArray()
                .ToDictionary(o => (string)o!["entry"]!["id"]!, o => (int)o!["entry"]!["celsius"]!);
            var found = new List<(string, int)>();
            foreach (var listed in (await Get("/api/jobs"))["jobs"]!.AsArray())
            {
                var job = (await Get($"/api/jobs/{listed!["id"]}"))["job"]!;
                var vinyl = (string)job["layers"]![0]!["vinyl"]!;
                Assert.Equal(shelf[vinyl], (int)job["own"]!["vinyls"]!.AsArray().Single(v => (string)v!["id"]! == vinyl)!["celsius"]!);
                found.Add(((string)job["title"]!, shelf[vinyl]));
            }

            return [.. found.Order()];
        }

        public async Task<string> GiveAsync()
        {
            using var answer = await Client.GetAsync("/api/exchange/file?from=A%20shop", TestContext.Current.CancellationToken);
            return await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
        }

        public async Task<(HttpStatusCode Status, JsonNode? Problem)> AskAsync(string path) => await Send(HttpMethod.Get, path);

        public void Sign(JsonNode file) =>
            file["signature"] = Service.Services.GetRequiredService<WorkshopSeal>().Sign(file["content"]!);

        public async Task<(HttpStatusCode Status, JsonNode? Json)> SendAsync(string file)
        {
            using var body = new StringContent(file, Encoding.UTF8, "application/octet-stream");
            var answer = await Client.PostAsync("/api/exchange/take", body, TestContext.Current.CancellationToken);
            while (answer.StatusCode == HttpStatusCode.Accepted)
            {
                var id = JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!["id"];
                answer = await Client.GetAsync($"/api/exchange/take/{id}", TestContext.Current.CancellationToken);
            }

            var text = await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
            return (answer.StatusCode, text.Length > 0 ? JsonNode.Parse(text) : null);
        }

        public async Task TakeAsync(string file)
        {
            var (status, json) = await SendAsync(file);
            Assert.True(status == HttpStatusCode.OK, $"{json}");
        }

        public async Task ReadInAsync(string logbook)
        {
            using var body = new StringContent(logbook, Encoding.UTF8, "application/json");
            using var answer = await Client.PostAsync("/api/log/read-in", body, TestContext.Current.CancellationToken);
            Assert.True(answer.IsSuccessStatusCode, await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken));
        }

        public async Task<IReadOnlyList<JsonNode?>> LearnedAsync() => [.. (await Get("/api/learned"))["lessons"]!.AsArray()];
    }
}
