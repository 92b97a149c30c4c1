using System.Net;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

/// <summary>Practice: the same steps, and nothing of it in the logbook, in what was learned, in care or on the shelf.</summary>
public sealed class PracticeApiTests : BenchApi
{
    private async Task<JsonNode> Practice(JsonObject? job = null) =>
        await Prepare(await Post($"/api/jobs/{await AddJob(job)}/runs?practice=true"));

    [Fact]
    public async Task What_was_practiced_is_kept_nowhere_but_in_its_run()
    {
        var before = (await Post("/api/plans/preview", Tee())).ToJsonString();
        var run = await Practice(Tee("Practiced", 3));
        Assert.True((bool)run["practice"]!);
        for (var piece = 0; piece < 3; piece++)
            run = await Say(await Until(run, "inspect"), "record", with: c => c["outcomes"] = Words("edges-lifted"));
        Assert.Equal("finished", (string)run["status"]!);
        Assert.Equal(0, (int)(await Get("/api/log"))["total"]!);
        Assert.Empty((await Get("/api/learned"))["lessons"]!.AsArray());
        Assert.DoesNotContain("Practiced", (await Get("/api/care")).ToJsonString(), StringComparison.Ordinal);
        Assert.Equal(before, (await Post("/api/plans/preview", Tee())).ToJsonString());
        // The mark outlives the program.
        Stop();
        Start();
        Assert.True((bool)(await Look(run))["practice"]!);
    }

    [Fact]
    public async Task A_lost_piece_needs_no_cutting()
    {
        var run = await Practice();
        run = await Say(run, "ruin", with: c => c["outcomes"] = Words("scorched"));
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Post, $"/api/runs/{run["id"]}/pieces/2/recut")).Status);
        Assert.Equal(0, (int)(await Get("/api/log"))["total"]!);
    }

    [Fact]
    public async Task The_simulated_press_belongs_to_practice()
    {
        var run = await Begin();
        var (status, problem) = await Send(HttpMethod.Post, $"/api/runs/{run["id"]}/stations/1/press",
            new JsonObject { ["action"] = "connect" });
        Assert.Equal((HttpStatusCode.Conflict, "practice-only"), (status, (string)problem!["code"]!));
        Assert.False((bool)Station(await Look(run))["wired"]!);
    }

    [Fact]
    public async Task The_simulated_press_times_by_closing_and_holds_the_go_until_it_is_hot()
    {
        var run = await Practice();
        var press = $"/api/runs/{run["id"]}/stations/1/press";
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Post, press, new JsonObject { ["action"] = "close" })).Status);
        run = await Post(press, new JsonObject { ["action"] = "connect-cold" });
        Assert.True((bool)Station(run)["wired"]!);
        Assert.False((bool)Station(run)["device"]!["hotEnough"]!);
        Assert.Equal("not-hot-enough", await Refused(run, "done"));
        Clock.Advance(1800);
        run = await Look(run);
        Assert.True((bool)Station(run)["device"]!["hotEnough"]!);
        run = await Post(press, new JsonObject { ["action"] = "close-and-open" });
        Assert.Equal("hold", Kind(run));
        Clock.Advance(5.1);
        run = await AfterItHears(run, r => Kind(r) == "do");
        Assert.Equal("hold", Kind(run = await Post(press, new JsonObject { ["action"] = "close" })));
        // It ends by opening, not by the clock.
        Clock.Advance(40);
        Assert.Equal("hold", Kind(run = await Look(run)));
        run = await Post(press, new JsonObject { ["action"] = "open" });
        Assert.NotEqual("hold", Kind(run));
        Assert.Equal(40, (double)run["pieces"]![0]!["lastHoldSeconds"]!, 0.5);
        Assert.Equal(HttpStatusCode.Conflict, (await Send(HttpMethod.Post, press, new JsonObject { ["action"] = "open" })).Status);
        Assert.Equal(HttpStatusCode.Conflict,
            (await Send(HttpMethod.Post, press, new JsonObject { ["action"] = "set", ["celsius"] = 900 })).Status);
        run = await Post(press, new JsonObject { ["action"] = "disconnect" });
        Assert.False((bool)Station(run)["wired"]!);
    }

    private async Task<JsonNode> AfterItHears(JsonNode run, Func<JsonNode, bool> heard)
    {
        for (var patience = 0; !heard(run = await Look(run)); patience++)
        {
            Assert.True(patience < 100, "the press was not heard");
            await Task.Delay(50);
        }

        return run;
    }
}
