using System.Net;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

/// <summary>What needs no run: something lifted, and test patches.</summary>
public sealed class LiftedApiTests : Api
{
    private static JsonObject Found(string? vinyl = "smooth", string material = "cotton", string glue = "clean") =>
        new() { ["form"] = "tee", ["material"] = material, ["vinyl"] = vinyl, ["heatSource"] = "swing-platen", ["glue"] = glue };

    [Fact]
    public async Task Something_lifted_is_answered_in_the_readers_units_and_nothing_is_kept()
    {
        var metric = await Post("/api/lifted", Found());
        var us = await Post("/api/lifted?units=us", Found());
        Assert.Equal((double)metric["celsius"]!, (double)us["celsius"]!);
        Assert.Contains("°C", (string)metric["headline"]!, StringComparison.Ordinal);
        Assert.Contains("°F", (string)us["headline"]!, StringComparison.Ordinal);
        Assert.True((bool)(await Post("/api/lifted", Found(null)))["guessed"]!);
        Assert.Equal("lost", (string)(await Post("/api/lifted", Found(glue: "linty")))["kind"]!);
        Assert.Equal(0, await Kept());
    }

    [Theory]
    [InlineData("material", "cottn", "cotton")]
    [InlineData("vinyl", "smoth", "smooth")]
    [InlineData("heatSource", "swing-plate", "swing-platen")]
    public async Task What_is_not_known_is_refused_with_what_is(string member, string said, string known)
    {
        var ask = Found();
        ask[member] = said;
        var (status, problem) = await Send(HttpMethod.Post, "/api/lifted", ask);
        Assert.Equal(HttpStatusCode.BadRequest, status);
        Assert.Contains(known, problem!.ToJsonString(), StringComparison.Ordinal);
        ask = Found();
        ask["glue"] = "sticky";
        Assert.Equal(HttpStatusCode.BadRequest, (await Send(HttpMethod.Post, "/api/lifted", ask)).Status);
    }

    [Fact]
    public async Task Patches_are_asked_for_where_they_tell_something()
    {
        var job = Tee();
        Assert.True((bool)(await Post("/api/plans/patches", job))["sure"]!);
        job["blank"]!["material"] = "fleece";
        job["blank"]!["form"] = "sweatshirt";
        job["layers"]![0]!["vinyl"] = "reflective";
        job["tools"]!["heatSource"] = "handheld-press";
        var first = await Post("/api/plans/patches", job);
        Assert.False((bool)first["sure"]!);
        job["patches"] =
            new JsonArray(
                new JsonObject
                {
                    ["celsius"] = (double)first["next"]!["celsius"]!,
                    ["seconds"] = (double)first["next"]!["seconds"]!,
                    ["outcome"] = "lifts"
                });
        Assert.True((double)(await Post("/api/plans/patches", job))["spreadLeft"]! < 1);
        Assert.Contains("your test patches", (await Post("/api/plans/preview", job)).ToJsonString(), StringComparison.Ordinal);
        job["patches"]![0]!["outcome"] = "maybe";
        Assert.Equal(HttpStatusCode.BadRequest, (await Send(HttpMethod.Post, "/api/plans/patches", job)).Status);
    }

    [Fact]
    public async Task What_the_workshop_has_on_its_shelf_is_known_here_as_well()
    {
        var own = await Post("/api/shelf/press", new JsonObject { ["name"] = "Shed press", ["kind"] = "swing-platen" });
        var ask = Found();
        ask["heatSource"] = (string)own["id"]!;
        Assert.Equal("press-edge", (string)(await Post("/api/lifted", ask))["kind"]!);
    }

    private static JsonObject Sweatshirt(string title)
    {
        var job = Tee(title);
        job["blank"]!["material"] = "fleece";
        job["blank"]!["form"] = "sweatshirt";
        job["layers"]![0]!["vinyl"] = "reflective";
        job["tools"]!["heatSource"] = "handheld-press";
        return job;
    }

    private async Task Save(string id, int version, JsonObject job) => await Ok(HttpMethod.Put, $"/api/jobs/{id}",
        new JsonObject { ["version"] = version, ["job"] = job.DeepClone() });

    [Fact]
    public async Task What_a_patch_showed_is_kept_for_later_jobs_until_it_is_struck_or_taken_back()
    {
        var job = Sweatshirt("First");
        var advice = await Post("/api/plans/patches", job);
        var id = await AddJob(job);
        job["patches"] = new JsonArray(new JsonObject
        {
            ["celsius"] = (double)advice["next"]!["celsius"]!,
            ["seconds"] = (double)advice["next"]!["seconds"]!,
            ["outcome"] = "lifts-a-little",
            ["at"] = "2026-05-02T10:00:00Z",
            ["on"] = advice["on"]!.DeepClone(),
        });
        await Save(id, 1, job);
        var kept = Assert.Single((await Get("/api/learned"))["patches"]!.AsArray())!;
        Assert.Equal(("lifts-a-little", false), ((string)kept["outcome"]!, (bool)kept["struck"]!));
        Assert.Equal(3, kept["on"]!.AsArray().Count);
        async Task<int> Counted(JsonObject other) => (await Post("/api/plans/patches", other))["counted"]!.AsArray().Count;
        Assert.Equal(1, await Counted(Sweatshirt("Second")));
        Assert.Equal(0, await Counted(Tee("Another")));
        // A copy has the same patch, and it is kept once.
        await Post($"/api/jobs/{id}/copy");
        Assert.Single((await Get("/api/learned"))["patches"]!.AsArray());

        var struck = await Ok(HttpMethod.Put, $"/api/learned/patches/{kept["id"]}", new JsonObject { ["struck"] = true });
        Assert.True((bool)struck["patches"]![0]!["struck"]!);
        Assert.Equal(0, await Counted(Sweatshirt("Third")));
        Assert.Equal(0, await Counted(job));
        await Ok(HttpMethod.Put, $"/api/learned/patches/{kept["id"]}", new JsonObject { ["struck"] = false });
        Assert.Equal(1, await Counted(Sweatshirt("Third")));
        Assert.Equal(HttpStatusCode.NotFound,
            (await Send(HttpMethod.Put, "/api/learned/patches/77", new JsonObject { ["struck"] = true })).Status);

        job.Remove("patches");
        await Save(id, 2, job);
        Assert.Empty((await Get("/api/learned"))["patches"]!.AsArray());
        Assert.Equal(0, await Counted(Sweatshirt("Fourth")));
    }
}
