using System.Net;
using System.Net.Http.Headers;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

/// <summary>Fonts from one's own disk: kept, used, missing, and taken along.</summary>
public sealed class FontApiTests() : Api(ownFonts: true)
{
    internal static byte[] File()
    {
        using var stream = typeof(FontApiTests).Assembly.GetManifestResourceStream("Pacifico.woff2")!;
        using var copy = new MemoryStream();
        stream.CopyTo(copy);
        return copy.ToArray();
    }

    private async Task<(HttpStatusCode Status, JsonNode Answer)> Bring(byte[] file)
    {
        using var content = new ByteArrayContent(file);
        content.Headers.ContentType = new MediaTypeHeaderValue("application/octet-stream");
        using var answer = await Client.PostAsync("/api/fonts", content);
        return (answer.StatusCode, JsonNode.Parse(await answer.Content.ReadAsStringAsync())!);
    }

    private async Task<JsonObject> Worded(string font) => (JsonObject)(await Post("/api/artwork/words", new JsonObject
    {
        ["job"] = Tee(),
        ["word"] = new JsonObject { ["text"] = "Wren", ["font"] = font, ["fromNames"] = true }
    }))["job"]!.DeepClone();

    [Fact]
    public async Task A_font_is_kept_once_and_named_in_the_job_that_uses_it()
    {
        var (status, font) = await Bring(File());
        Assert.Equal(HttpStatusCode.OK, status);
        var id = (string)font["id"]!;
        Assert.Equal(id, (string)(await Bring(File())).Answer["id"]!);
        Assert.Equal(("Pacifico Regular", true), ((string)font["name"]!, (bool)font["isOwn"]!));
        Assert.Single((await Get("/api/fonts")).AsArray(), f => (string)f!["id"]! == id);
        var job = await Worded(id);
        Assert.Equal("Pacifico Regular", (string)job["layers"]![0]!["word"]!["fontName"]!);
        job["names"] = new JsonArray(new JsonObject { ["name"] = "Ada" }, new JsonObject { ["name"] = "Bo" });
        var proof = await Post("/api/artwork/proof", job);
        Assert.All(proof["names"]!.AsArray(), n => Assert.NotEmpty((string)n!["path"]!));
        var plain = await Post("/api/artwork/proof", With(job, "plain"));
        Assert.NotEqual((string)proof["names"]![0]!["path"]!, (string)plain["names"]![0]!["path"]!);
    }

    [Fact]
    public async Task Taken_away_the_job_says_so_and_brought_again_it_sets_as_before()
    {
        var id = (string)(await Bring(File())).Answer["id"]!;
        var job = await Worded(id);
        job["names"] = new JsonArray(new JsonObject { ["name"] = "Ada" });
        var shape = (string)job["layers"]![0]!["shape"]!;
        async Task<bool> SaysSo() =>
            (await Post("/api/plans/preview", job))["notices"]!.AsArray().Any(n => (string)n!["code"]! == "font-missing");
        Assert.False(await SaysSo());
        using (var gone = await Client.DeleteAsync($"/api/fonts/{id}"))
            Assert.Equal(HttpStatusCode.NoContent, gone.StatusCode);
        Assert.True(await SaysSo());
        var look = await Post("/api/artwork/look", job);
        Assert.NotEmpty((string)look["front"]!["layers"]![0]!["path"]!);
        Assert.Equal(shape, (string)job["layers"]![0]!["shape"]!);
        var (status, problem) = await Send(HttpMethod.Post, "/api/artwork/words", new JsonObject
        {
            ["job"] = job.DeepClone(),
            ["layer"] = (string?)job["layers"]![0]!["id"],
            ["word"] = new JsonObject { ["text"] = "Other", ["font"] = id }
        });
        Assert.Equal((HttpStatusCode.BadRequest, "#/word/font"), (status, (string)problem!["errors"]![0]!["pointer"]!));
        await Bring(File());
        Assert.False(await SaysSo());
        using var twice = await Client.DeleteAsync("/api/fonts/own-0000000000000000");
        Assert.Equal(HttpStatusCode.NotFound, twice.StatusCode);
    }

    [Theory]
    [InlineData("")]
    [InlineData("no font at all")]
    public async Task What_is_no_font_is_refused_and_nothing_is_kept(string text)
    {
        var (status, problem) = await Bring(System.Text.Encoding.UTF8.GetBytes(text));
        Assert.Equal(HttpStatusCode.BadRequest, status);
        Assert.Contains("OTF", (string)problem["errors"]![0]!["detail"]!, StringComparison.Ordinal);
        Assert.DoesNotContain((await Get("/api/fonts")).AsArray(), f => (bool)f!["isOwn"]!);
    }

    private static JsonObject With(JsonObject job, string font)
    {
        var other = (JsonObject)job.DeepClone();
        other["layers"]![0]!["word"]!["font"] = font;
        return other;
    }
}
