using System.Net;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

public sealed class PlanApiTests : Api
{
    [Fact]
    public async Task A_preview_answers_as_the_contract_says()
    {
        var plan = await Post("/api/plans/preview", Tee());
        Assert.Equal("go", (string)plan["verdict"]!);
        var press = plan["presses"]!.AsArray().Single(p => (string)p!["purpose"]! == "press")!;
        Assert.Equal((2, "medium", "ptfe", "F"),
            ((int)press["order"]!, (string)press["pressure"]!, (string)press["cover"]!, (string)press["dial"]!["unit"]!));
        Assert.Equal("sky", (string)press["layers"]![0]!);
        Assert.Equal(2, press["peel"]!["waitSeconds"]!.AsArray().Count);
        Assert.True((double)press["predicted"]!["bond"]!["sky"]! > 0.9);
        Assert.All(new[] { "xMm", "yMm", "widthMm", "heightMm" },
            m => Assert.True((double)press["sections"]![0]![m]! is > -3000 and < 3000, m));
        Assert.All(plan["notices"]!.AsArray(),
            n => Assert.All(new[] { "code", "level", "text", "why", "data", "layers" }, m => Assert.NotNull(n![m])));
        Assert.All(plan["steps"]!.AsArray(),
            s => Assert.Contains((string)s!["stage"]!,
                new[] { "item", "size", "place", "artwork", "cut", "weed", "prepare", "press", "peel", "inspect", "care", "record" }));
        Assert.True((double)plan["times"]!["elapsedSeconds"]! > (double)plan["times"]!["handsOnSeconds"]!);
    }

    [Fact]
    public async Task Us_readers_get_fahrenheit_and_celsius_stays_in_the_data()
    {
        var plan = await Post("/api/plans/preview?units=us", Tee());
        Assert.Contains("305 °F", (string)plan["headline"]!, StringComparison.Ordinal);
        Assert.Equal(151.7, (double)plan["presses"]![1]!["celsius"]!);
    }

    [Fact]
    public async Task The_window_is_a_field_with_its_limits_named()
    {
        var field = await Post("/api/plans/window?temperatures=12&times=20", Tee());
        Assert.Equal((12, 20), (field["celsius"]!.AsArray().Count, field["seconds"]!.AsArray().Count));
        var limits = field["limit"]!.AsArray().SelectMany(row => row!.AsArray().Select(l => (string)l!)).Distinct().Order();
        Assert.Equal(["blank", "good", "short", "under-target", "vinyl"], limits);
        Assert.Equal(40, (await Post("/api/plans/window", Tee()))["well"]!.AsArray().Count);
        Assert.Equal(HttpStatusCode.BadRequest, (await Send(HttpMethod.Post, "/api/plans/window?temperatures=1", Tee())).Status);
    }

    [Fact]
    public async Task The_ticket_is_a_page_that_says_the_setting()
    {
        var id = await AddJob();
        using var answer = await Client.GetAsync($"/api/jobs/{id}/ticket.pdf");
        Assert.Equal("application/pdf", answer.Content.Headers.ContentType!.MediaType);
        Assert.Equal("Tarn tee.pdf", answer.Content.Headers.ContentDisposition!.FileName!.Trim('"'));
        var pdf = await answer.Content.ReadAsByteArrayAsync();
        Assert.Equal("%PDF-"u8.ToArray(), pdf[..5]);
        using var direct = await Client.PostAsync("/api/plans/ticket?units=us", Body(Tee().ToJsonString()));
        Assert.Equal(HttpStatusCode.OK, direct.StatusCode);
        Assert.Equal(HttpStatusCode.NotFound, (await Send(HttpMethod.Get, $"/api/jobs/{Guid.NewGuid()}/ticket.pdf")).Status);
    }

    [Fact]
    public async Task A_way_of_doing_it_and_a_word_of_acceptance_travel_in_the_job()
    {
        var job = Tee();
        job["choices"] = new JsonObject { ["finishPress"] = "none", ["layout"] = "advise" };
        job["layers"]![0]!["mirrored"] = false;
        var stopped = await Post("/api/plans/preview", job);
        Assert.Equal("stop", (string)stopped["verdict"]!);
        Assert.DoesNotContain(stopped["presses"]!.AsArray(), p => (string)p!["purpose"]! == "finish");
        Assert.Equal("none", (string)stopped["ways"]!.AsArray().Single(w => (string)w!["id"]! == "finishPress")!["chosen"]!);
        job["accepted"] = new JsonArray(new JsonObject { ["code"] = "mirror", ["word"] = "A ring reads the same." });
        var accepted = await Post("/api/plans/preview", job);
        Assert.Equal("caution", (string)accepted["verdict"]!);
        var id = await AddJob(job);
        // What was accepted does not stand in the way of the bench either.
        Assert.Equal("running", (string)(await Post($"/api/jobs/{id}/runs"))["status"]!);
    }

    [Fact]
    public async Task A_trace_has_temperatures_over_time()
    {
        var phases = (await Post("/api/plans/trace", Tee()))["phases"]!.AsArray();
        var press = phases.Single(p => (string)p!["kind"]! == "press")!;
        Assert.Equal(["cover", "carrier", "vinyl", "face", "back-1", "underlay"], press["sheets"]!.AsArray()
            .Select(s => (string)s!["id"]!));
        Assert.True((double)press["glue"]!.AsArray().Last()! > 120);
    }

    [Theory]
    [InlineData("{\"format\":\"juxtherm.job\"", HttpStatusCode.BadRequest, "#")]
    [InlineData("{\"format\":\"juxtherm.job\",\"version\":9}", HttpStatusCode.BadRequest, "#/version")]
    [InlineData("{\"format\":\"juxtherm.job\",\"version\":1,\"blank\":{\"material\":\"coton\"}," +
        "\"tools\":{\"heatSource\":\"swing-platen\"},\"layers\":[{\"vinyl\":\"smooth\"}]}", HttpStatusCode.BadRequest, "#/blank/material")]
    [InlineData("{\"format\":\"juxtherm.job\",\"version\":1,\"blank\":{\"material\":\"cotton\",\"widthMm\":-5}," +
        "\"tools\":{\"heatSource\":\"swing-platen\"},\"layers\":[{\"vinyl\":\"smooth\"}]}", HttpStatusCode.BadRequest, "#/blank/widthMm")]
    [InlineData("{\"format\":\"juxtherm.job\",\"version\":1,\"blank\":{\"material\":\"cotton\"}," +
        "\"tools\":{\"heatSource\":\"swing-platen\"},\"layers\":[{\"vinyl\":\"smooth\",\"widthMm\":1e12}]}",
        HttpStatusCode.BadRequest, "#/layers/0/widthMm")]
    [InlineData("{\"format\":\"juxtherm.job\",\"version\":1,\"blank\":{\"material\":\"cotton\"}," +
        "\"tools\":{\"heatSource\":\"swing-platen\"},\"layers\":[{\"vinyl\":\"smooth\"}," +
        "{\"vinyl\":\"puff\",\"over\":[\"moon\"]}]}", HttpStatusCode.BadRequest, "#/layers/1/over/0")]
    public async Task Bad_input_names_the_field_and_nothing_is_kept(string json, HttpStatusCode status, string pointer)
    {
        foreach (var path in new[] { "/api/plans/preview", "/api/plans/trace", "/api/jobs" })
        {
            using var answer = await Client.PostAsync(path, Body(json));
            Assert.Equal(status, answer.StatusCode);
            Assert.Equal("application/problem+json", answer.Content.Headers.ContentType!.MediaType);
            var problem = JsonNode.Parse(await answer.Content.ReadAsStringAsync())!;
            Assert.Contains(problem["errors"]!.AsArray(), e => (string)e!["pointer"]! == pointer);
        }

        Assert.Equal(0, await Kept());
    }

    [Fact]
    public async Task Something_that_is_not_json_is_refused_by_its_type()
    {
        using var body = new StringContent("hello");
        using var answer = await Client.PostAsync("/api/plans/preview", body);
        Assert.Equal(HttpStatusCode.UnsupportedMediaType, answer.StatusCode);
    }

    [Fact]
    public async Task An_unknown_address_is_a_problem_and_not_a_page()
    {
        var (status, json) = await Send(HttpMethod.Get, "/api/nothing/here");
        Assert.Equal(HttpStatusCode.NotFound, status);
        Assert.NotNull(json!["detail"]);
    }

    [Fact]
    public async Task The_schema_knows_the_catalogues_ids()
    {
        var schema = await Get("/schemas/job.json");
        var layer = schema["properties"]!["layers"]!["items"]!["properties"]!;
        Assert.Equal(
            ["blockout", "flock", "foil", "glitter", "glow", "holographic", "low-temp", "nylon-bond", "patterned", "printable", "puff",
                "reflective", "smooth", "stretch"], layer["vinyl"]!["anyOf"]![0]!["enum"]!.AsArray().Select(v => (string)v!).Order());
        Assert.Equal(["format", "version", "blank", "tools", "layers"], schema["required"]!.AsArray().Select(v => (string)v!));
    }

    [Fact]
    public async Task The_schema_knows_the_traits_that_the_reader_takes()
    {
        var schema = (await Get("/schemas/job.json"))["properties"]!;
        Assert.Equal(
            ["costly", "dyed-dark", "fixed-frame", "prewashed", "sublimation-dyed", "tie-dyed", "unknown-fibre", "water-repellent"],
            schema["blank"]!["properties"]!["traits"]!["items"]!["enum"]!.AsArray().Select(t => (string)t!).Order());
        var job = Tee();
        job["blank"]!["traits"] = new JsonArray("prewashed", "wet");
        var (_, problem) = await Send(HttpMethod.Post, "/api/plans/preview", job);
        Assert.Equal("#/blank/traits/1", (string)Assert.Single(problem!["errors"]!.AsArray())!["pointer"]!);
    }

    [Fact]
    public async Task The_front_ends_client_was_made_from_this_service()
    {
        // When this fails: fetch /openapi/juxtherm.json into web/src/api/openapi.json and run npm run client.
        var served = await Get("/openapi/juxtherm.json");
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder.FullName, "Juxtherm.slnx")))
            folder = folder.Parent!;
        var committed = JsonNode.Parse(await File.ReadAllTextAsync(Path.Combine(folder.FullName, "web", "src", "api", "openapi.json")))!;
        Assert.True(JsonNode.DeepEquals(served["paths"], committed["paths"]), "The routes differ.");
        Assert.True(JsonNode.DeepEquals(served["components"], committed["components"]), "The schemas differ.");
    }
}
