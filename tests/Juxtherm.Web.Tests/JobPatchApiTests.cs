using System.Net;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

/// <summary>The job file's schema as it is served, and changes to kept jobs by JSON Patch.</summary>
public sealed class JobPatchApiTests : Api
{
    [Fact]
    public async Task The_pages_types_were_made_from_this_schema()
    {
        // When this fails: fetch /schemas/job.json into web/src/api/job.schema.json and run npm run client.
        var kept = JsonNode.Parse(
            await File.ReadAllTextAsync(Path.Combine(Above(AppContext.BaseDirectory), "web", "src", "api", "job.schema.json"),
                TestContext.Current.CancellationToken));
        Assert.True(JsonNode.DeepEquals(await Get("/schemas/job.json"), kept));
    }

    [Fact]
    public async Task A_kept_job_is_changed_by_a_JSON_Patch()
    {
        var job = Tee();
        job["layers"]![0]!["label"] = new JsonObject { ["celsius"] = 155 };
        var kept = await Post("/api/jobs", job);
        var at = $"/api/jobs/{(string)kept["id"]!}?version={(int)kept["version"]!}";
        var (status, changed) = await Patch(at,
            """[ { "op": "replace", "path": "/title", "value": "Crew" }, { "op": "remove", "path": "/layers/0/label" } ]""");
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal("Crew", (string)changed!["job"]!["title"]!);
        Assert.Null(changed["job"]!["layers"]![0]!["label"]);
        // Said again from the old version it is stale; what is no patch, or does not fit, changes nothing.
        Assert.Equal(HttpStatusCode.Conflict, (await Patch(at, "[]")).Status);
        var now = $"/api/jobs/{(string)kept["id"]!}?version={(int)changed["version"]!}";
        foreach (var wrong in new[] { "7", """[ { "op": "remove", "path": "/layers/9" } ]""",
            """[ { "op": "remove", "path": "/layers/0/label" } ]""",
            """[ { "op": "replace", "path": "/tools/cover", "value": "sand" } ]""" })
            Assert.Equal(HttpStatusCode.BadRequest, (await Patch(now, wrong)).Status);
        Assert.Equal("Crew", (string)(await Get($"/api/jobs/{(string)kept["id"]!}"))["job"]!["title"]!);
    }

    private async Task<(HttpStatusCode Status, JsonNode? Json)> Patch(string address, string patch) =>
        await Send(HttpMethod.Patch, address, JsonNode.Parse(patch));

    private static string Above(string folder) =>
        File.Exists(Path.Combine(folder, "Juxtherm.slnx")) ? folder : Above(Path.GetDirectoryName(folder.TrimEnd('/'))!);
}
