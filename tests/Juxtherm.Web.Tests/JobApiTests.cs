using System.Net;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

public sealed class JobApiTests : Api
{
    [Fact]
    public async Task A_job_is_given_back_as_it_was_saved_members_unknown_here_included()
    {
        var job = Tee();
        job["later"] = JsonNode.Parse("""{ "x": [1, { "y": "ä" }], "z": 1.50 }""");
        job["layers"]![0]!["rotation"] = 12;
        var id = await AddJob(job);
        Assert.True(JsonNode.DeepEquals(job, (await Get($"/api/jobs/{id}"))["job"]));
    }

    [Fact]
    public async Task A_list_shows_the_answer_at_a_glance()
    {
        await AddJob(Tee("First"));
        Clock.Advance(60);
        await AddJob(Tee("Second", 4));
        var cards = (await Get("/api/jobs"))["jobs"]!.AsArray();
        Assert.Equal(["Second", "First"], cards.Select(c => (string)c!["title"]!));
        Assert.Equal((4, "go"), ((int)cards[0]!["quantity"]!, (string)cards[0]!["verdict"]!));
        Assert.Equal(6, cards[0]!["sheets"]!.AsArray().Count);
        Assert.Equal("Tee, cotton · smooth vinyl · swing-away press", (string)cards[0]!["what"]!);
    }

    [Fact]
    public async Task Jobs_that_are_due_come_first_where_that_is_asked()
    {
        JsonObject Due(string title, string? day)
        {
            var job = Tee(title);
            if (day is not null)
                job["due"] = day;
            return job;
        }

        var late = await AddJob(Due("Late", "2026-12-24"));
        await AddJob(Due("Soon", "2026-12-05"));
        Clock.Advance(60);
        await AddJob(Due("Whenever", null));
        async Task<string[]> Titles(string question) =>
            [.. (await Get($"/api/jobs{question}"))["jobs"]!.AsArray().Select(c => $"{(string)c!["title"]!} {(string?)c["due"]}".Trim())];
        Assert.Equal(["Soon 2026-12-05", "Late 2026-12-24", "Whenever"], await Titles("?sort=due"));
        Assert.Equal("Whenever", (await Titles(""))[0]);
        await Ok(HttpMethod.Put, $"/api/jobs/{late}", new JsonObject { ["version"] = 1, ["job"] = Due("Late", "2026-12-01") });
        Assert.Equal(["Late 2026-12-01", "Soon 2026-12-05", "Whenever"], await Titles("?sort=due"));
        // A copy is due when somebody says so.
        await Ok(HttpMethod.Post, $"/api/jobs/{late}/copy");
        Assert.Contains("Late, copy", await Titles("?sort=due"));
        var (status, problem) = await Send(HttpMethod.Post, "/api/jobs", Due("Wrong", "Saturday"));
        Assert.Equal((HttpStatusCode.BadRequest, "#/due"), (status, (string)problem!["errors"]![0]!["pointer"]!));
    }

    [Fact]
    public async Task A_stale_save_is_refused_and_gets_the_newer_version()
    {
        var id = await AddJob();
        await Ok(HttpMethod.Put, $"/api/jobs/{id}", new JsonObject { ["version"] = 1, ["job"] = Tee("Mine") });
        var (status, problem) = await Send(HttpMethod.Put, $"/api/jobs/{id}", new JsonObject { ["version"] = 1, ["job"] = Tee("Theirs") });
        Assert.Equal(HttpStatusCode.Conflict, status);
        Assert.Equal(("stale", 2, "Mine"),
            ((string)problem!["code"]!, (int)problem["current"]!["version"]!, (string)problem["current"]!["job"]!["title"]!));
        var again = await Ok(HttpMethod.Put, $"/api/jobs/{id}", new JsonObject { ["version"] = 2, ["job"] = Tee("Theirs") });
        Assert.Equal(3, (int)again["version"]!);
    }

    [Fact]
    public async Task Of_many_saves_at_once_one_wins()
    {
        var id = await AddJob();
        var answers = await Task.WhenAll(Enumerable.Range(0, 8)
            .Select(i => Send(HttpMethod.Put, $"/api/jobs/{id}", new JsonObject { ["version"] = 1, ["job"] = Tee($"Hand {i}") })));
        Assert.Single(answers, a => a.Status == HttpStatusCode.OK);
        Assert.Equal(7, answers.Count(a => a.Status == HttpStatusCode.Conflict));
        Assert.Equal(2, (int)(await Get($"/api/jobs/{id}"))["version"]!);
    }

    [Fact]
    public async Task A_faulty_save_changes_nothing()
    {
        var id = await AddJob();
        var faulty = Tee("Broken");
        faulty["blank"]!["material"] = "chainmail";
        var (status, problem) = await Send(HttpMethod.Put, $"/api/jobs/{id}", new JsonObject { ["version"] = 1, ["job"] = faulty });
        Assert.Equal((HttpStatusCode.BadRequest, "#/blank/material"), (status, (string)problem!["errors"]![0]!["pointer"]!));
        var kept = await Get($"/api/jobs/{id}");
        Assert.Equal((1, "Tarn tee"), ((int)kept["version"]!, (string)kept["job"]!["title"]!));
    }

    [Fact]
    public async Task A_save_without_a_job_is_refused()
    {
        var id = await AddJob();
        Assert.Equal(HttpStatusCode.BadRequest,
            (await Send(HttpMethod.Put, $"/api/jobs/{id}", new JsonObject { ["version"] = 1, ["job"] = null })).Status);
        Assert.Equal(HttpStatusCode.BadRequest,
            (await Send(HttpMethod.Put, $"/api/jobs/{id}", new JsonObject { ["version"] = "one", ["job"] = Tee() })).Status);
    }

    [Fact]
    public async Task A_copy_is_a_job_of_its_own()
    {
        var id = await AddJob();
        var copy = await Post($"/api/jobs/{id}/copy");
        Assert.NotEqual(id, (string)copy["id"]!);
        Assert.Equal("Tarn tee, copy", (string)copy["job"]!["title"]!);
        Assert.Equal(2, await Kept());
    }

    [Fact]
    public async Task Deleting_can_be_undone()
    {
        var id = await AddJob();
        await Ok(HttpMethod.Delete, $"/api/jobs/{id}");
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Get, $"/api/jobs/{id}")).Status);
        // Asked again after a lost answer it is as it was asked to be.
        await Ok(HttpMethod.Delete, $"/api/jobs/{id}");
        Assert.Equal(0, await Kept());
        await Post($"/api/jobs/{id}/restore");
        Assert.Equal(1, await Kept());
        await Post($"/api/jobs/{id}/restore");
        Assert.Equal(1, await Kept());
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Post, $"/api/jobs/{Guid.NewGuid()}/restore")).Status);
    }

    [Fact]
    public async Task Jobs_are_still_there_after_a_restart()
    {
        var id = await AddJob(Tee("Kept"));
        Stop();
        Start();
        Assert.Equal("Kept", (string)(await Get($"/api/jobs/{id}"))["job"]!["title"]!);
    }

    [Fact]
    public async Task A_long_list_comes_in_pages_and_is_searched_by_title_whatever_signs_are_typed()
    {
        for (var i = 0; i < 7; i++)
        {
            await AddJob(Tee(i == 3 ? "Half 50% off_now" : $"Order {i}"));
            Clock.Advance(1);
        }

        var page = await Get("/api/jobs?take=3&skip=3");
        Assert.Equal((7, 3), ((int)page["total"]!, page["jobs"]!.AsArray().Count));
        Assert.Equal(["Half 50% off_now", "Order 2", "Order 1"], page["jobs"]!.AsArray().Select(j => (string)j!["title"]!));
        foreach (var (typed, found) in new[] { ("order", 6), ("50%", 1), ("f_n", 1), ("r_", 0), ("%", 1), ("nowhere", 0) })
            Assert.Equal(found, (int)(await Get($"/api/jobs?search={Uri.EscapeDataString(typed)}"))["total"]!);
    }

    [Fact]
    public async Task A_cards_figures_follow_the_job_and_survive_a_restart()
    {
        var id = await AddJob(Tee("Card"));
        async Task<JsonNode> Card()
        {
            while (true)
            {
                var card = (await Get("/api/jobs"))["jobs"]![0]!;
                if (!(bool)card["pending"]!)
                    return card;
            }
        }

        Assert.Equal(1, (int)(await Card())["quantity"]!);
        var kept = await Get($"/api/jobs/{id}");
        await Ok(HttpMethod.Put, $"/api/jobs/{id}", new JsonObject { ["version"] = (int)kept["version"]!, ["job"] = Tee("Card", 9) });
        Assert.Equal(9, (int)(await Card())["quantity"]!);
        Stop();
        Start();
        Assert.Equal(9, (int)(await Card())["quantity"]!);
    }
}
