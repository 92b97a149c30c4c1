using System.Net;
using System.Text;
using System.Text.Json.Nodes;

namespace Juxtherm.Web.Tests;

/// <summary>Drawings, words and names over the API.</summary>
public sealed class ArtworkApiTests : Api
{
    private const string Moon =
        "<svg xmlns='http://www.w3.org/2000/svg' width='200mm' height='200mm' viewBox='0 0 200 200'><circle cx='100' cy='100' r='80' " +
            "fill='#1b2a49'/><rect x='60' y='60' width='60' height='1.5' fill='#d9a441'/><text>sky</text></svg>";

    private async Task<(HttpStatusCode Status, JsonNode? Json)> Draw(string svg, string query = "")
    {
        using var body = new StringContent(svg, Encoding.UTF8, "image/svg+xml");
        using var answer = await Client.PostAsync(new Uri("/api/artwork" + query, UriKind.Relative), body);
        var text = await answer.Content.ReadAsStringAsync();
        return (answer.StatusCode, text.StartsWith('{') ? JsonNode.Parse(text) : null);
    }

    private async Task<JsonObject> Bring(JsonObject job, string svg = Moon, string separation = "seen") =>
        (await Post("/api/artwork/bring-in",
            new JsonObject { ["job"] = job, ["svg"] = svg, ["separation"] = separation }))["job"]!.DeepClone().AsObject();

    [Fact]
    public async Task A_drawing_comes_back_as_layers_with_their_measures()
    {
        var (status, answer) = await Draw(Moon);
        Assert.Equal(HttpStatusCode.OK, status);
        var layers = answer!["layers"]!.AsArray();
        Assert.Equal(["#1b2a49", "#d9a441"], layers.Select(l => (string)l!["colour"]!));
        Assert.Equal(Math.PI * 6400 - 90, (double)layers[0]!["areaMm2"]!, 10.0);
        Assert.Equal((90, 1, 1.5),
            (Math.Round((double)layers[1]!["areaMm2"]!, 6), (int)layers[1]!["pieces"]!,
                Math.Round((double)layers[1]!["smallestFeatureMm"]!, 1)));
        Assert.Equal((60, 60, 60, 1.5),
            ((double)layers[1]!["bounds"]!["xMm"]!, (double)layers[1]!["bounds"]!["yMm"]!, (double)layers[1]!["bounds"]!["widthMm"]!,
                (double)layers[1]!["bounds"]!["heightMm"]!));
        Assert.Equal("text-left-out", (string)answer["notices"]![0]!["code"]!);
        Assert.Equal(Math.PI * 6400, (double)(await Draw(Moon, "?separation=stacked")).Json!["layers"]![0]!["areaMm2"]!, 10.0);
        Assert.Equal(HttpStatusCode.BadRequest, (await Draw(Moon, "?separation=sideways")).Status);
    }

    public static TheoryData<string> Hostile =>
    [
        "<!DOCTYPE svg [<!ENTITY a 'aaaaaaaaaa'><!ENTITY b '&a;&a;'>]><svg xmlns='http://www.w3.org/2000/svg'><text>&b;</text></svg>",
        "<svg xmlns='http://www.w3.org/2000/svg'>" + string.Concat(Enumerable.Repeat("<g>", 10_000))
        + string.Concat(Enumerable.Repeat("</g>", 10_000)) + "</svg>",
        "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0"
        + string.Concat(Enumerable.Range(0, 500_000).Select(i => $"L{i % 90} {i % 7}")) + "'/></svg>",
        "<svg xmlns='http://www.w3.org/2000/svg'><rect width='NaN' height='1e300'/></svg>",
        "<svg xmlns='http://www.w3.org/2000/svg'><script>fetch('/api/jobs')</script></svg>",
        "<svg xmlns='http://www.w3.org/2000/svg'><use href='http://example.invalid/a.svg#x'/></svg>",
        "no drawing",
        "",
    ];

    [Theory]
    [MemberData(nameof(Hostile))]
    public async Task A_hostile_drawing_is_refused_and_the_service_goes_on(string svg)
    {
        var (status, problem) = await Draw(svg);
        Assert.Equal(HttpStatusCode.BadRequest, status);
        Assert.InRange(((string)problem!["errors"]![0]!["detail"]!).Length, 20, 400);
        Assert.Equal(HttpStatusCode.OK, (await Draw(Moon)).Status);
        var (brought, _) = await Send(HttpMethod.Post, "/api/artwork/bring-in", new JsonObject { ["job"] = Tee(), ["svg"] = svg });
        Assert.Equal(HttpStatusCode.BadRequest, brought);
    }

    [Fact]
    public async Task Rings_follow_the_vinyl()
    {
        var job = await Bring(Tee());
        var smooth = (await Post("/api/artwork/look", job.DeepClone()))["front"]!["layers"]![1]!;
        Assert.Empty(smooth["delicate"]!.AsArray());
        job["layers"]![1]!["vinyl"] = "puff";
        var puff = (await Post("/api/artwork/look", job.DeepClone()))["front"]!["layers"]![1]!;
        var ring = Assert.Single(puff["delicate"]!.AsArray())!;
        Assert.Equal("island", (string)ring["kind"]!);
        Assert.Equal(3, (double)puff["limitMm"]!);
        Assert.True((double)puff["weedSeconds"]! > (double)smooth["weedSeconds"]!);
        Assert.Contains((await Post("/api/plans/preview", job))["notices"]!.AsArray(), n => (string)n!["code"]! == "small-detail");
    }

    [Fact]
    public async Task Work_gives_a_job_file_back_and_the_earlier_one_undoes_it_exactly()
    {
        var before = await Bring(Tee());
        var id = await AddJob(before.DeepClone().AsObject());
        var after = (await Post("/api/artwork/work",
            new JsonObject
            {
                ["job"] = before.DeepClone(),
                ["action"] = "outline",
                ["layers"] = new JsonArray("navy"),
                ["mm"] = 6
            }))["job"]!.DeepClone();
        Assert.Equal(["outline", "navy", "gold"], after["layers"]!.AsArray().Select(l => (string)l!["id"]!));
        await Ok(HttpMethod.Put, $"/api/jobs/{id}", new JsonObject { ["version"] = 1, ["job"] = after });
        await Ok(HttpMethod.Put, $"/api/jobs/{id}", new JsonObject { ["version"] = 2, ["job"] = before.DeepClone() });
        Assert.Equal(before.ToJsonString(), (await Get($"/api/jobs/{id}"))["job"]!.ToJsonString());

        var (status, problem) = await Send(HttpMethod.Post, "/api/artwork/work",
            new JsonObject { ["job"] = before.DeepClone(), ["action"] = "weld", ["layers"] = new JsonArray("moon") });
        Assert.Equal((HttpStatusCode.BadRequest, "#/layers"), (status, (string)problem!["errors"]![0]!["pointer"]!));
    }

    [Fact]
    public async Task An_exported_job_brings_its_artwork_along()
    {
        var job = await Bring(Tee());
        var id = await AddJob(job.DeepClone().AsObject());
        var exported = await Client.GetStringAsync(new Uri($"/api/jobs/{id}/file", UriKind.Relative));
        var again = await AddJob(JsonNode.Parse(exported)!.AsObject());
        var (here, there) = (await Get($"/api/jobs/{id}"), await Get($"/api/jobs/{again}"));
        Assert.Equal(here["job"]!["layers"]!.ToJsonString(), there["job"]!["layers"]!.ToJsonString());
        Assert.StartsWith("M", (string)there["job"]!["layers"]![0]!["shape"]!, StringComparison.Ordinal);
        using var ticket = await Client.PostAsync(new Uri("/api/plans/ticket", UriKind.Relative), Body(job.ToJsonString()));
        Assert.Equal("application/pdf", ticket.Content.Headers.ContentType!.MediaType);
        var picture = await Client.GetStringAsync(new Uri($"/api/jobs/{id}/guide.svg?what=picture", UriKind.Relative));
        Assert.Equal(2, picture.Split("fill-rule=\"evenodd\"").Length - 1);
    }

    [Fact]
    public async Task Place_shows_true_outlines()
    {
        var placement = await Post("/api/placement", await Bring(Tee()));
        Assert.All(placement["front"]!["layers"]!.AsArray(), l => Assert.StartsWith("M", (string)l!["path"]!, StringComparison.Ordinal));
        var plain = Tee();
        (plain["layers"]![0]!["widthMm"], plain["layers"]![0]!["heightMm"], plain["layers"]![0]!["xMm"],
            plain["layers"]![0]!["yMm"]) = (100, 100, 100, 100);
        Assert.Null((await Post("/api/placement", plain))["front"]!["layers"]![0]!["path"]);
    }

    [Fact]
    public async Task Names_are_read_set_and_proofed()
    {
        var names = (await Post("/api/artwork/names", new JsonObject { ["text"] = "Wren, child, gold\nOsk,,,2" }))["names"]!.AsArray();
        Assert.Equal([("Wren", 1), ("Osk", 2)], names.Select(n => ((string)n!["name"]!, (int)n["count"]!)));
        var job = (await Post("/api/artwork/words",
            new JsonObject { ["job"] = Tee(), ["word"] = new JsonObject { ["text"] = "Name", ["fromNames"] = true } }))["job"]!.DeepClone()
            .AsObject();
        Assert.Equal(HttpStatusCode.BadRequest, (await Send(HttpMethod.Post, "/api/artwork/proof", job)).Status);
        job["names"] = new JsonArray([.. names.Select(n => new JsonObject { ["name"] = (string)n!["name"]! })]);
        var sheet = await Post("/api/artwork/proof", job.DeepClone());
        Assert.Equal(2, sheet["names"]!.AsArray().Count);
        Assert.All(sheet["names"]!.AsArray(), n => Assert.True((bool)n!["fits"]! && ((string)n["path"]!).Length > 100));

        // One bad cell marks its line and refuses nothing.
        var read = await Post("/api/artwork/names", new JsonObject { ["text"] = "Wren,XXL,blurple\nOsk,6–7 years,grey" });
        Assert.Equal([("Wren", "adult-2xl", null), ("Osk", "child", "#808080")], read["names"]!.AsArray()
            .Select(n => ((string)n!["name"]!, (string?)n["size"], (string?)n["colour"])));
        Assert.Equal((1, "Wren", "blurple"), Assert.Single(read["notRead"]!.AsArray()) is var bad
            ? ((int)bad!["line"]!, (string)bad["name"]!, (string)bad["text"]!) : default);
    }

    [Theory]
    [InlineData("{\"text\":\"\"}", "#/layers/0/word/text")]
    [InlineData("{\"text\":\"Tarn\",\"heightMm\":1}", "#/layers/0/word/heightMm")]
    [InlineData("{\"text\":\"Tarn\",\"font\":\"gothic\"}", "#/layers/0/word/font")]
    [InlineData("{\"text\":\"星\"}", "#/word/text")]
    public async Task Words_that_cannot_be_set_name_the_field(string word, string pointer)
    {
        var (status, problem) = await Send(HttpMethod.Post, "/api/artwork/words",
            new JsonObject { ["job"] = Tee(), ["word"] = JsonNode.Parse(word) });
        Assert.Equal((HttpStatusCode.BadRequest, pointer), (status, (string)problem!["errors"]![0]!["pointer"]!));
    }
}
