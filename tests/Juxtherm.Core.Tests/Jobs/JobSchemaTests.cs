using System.Text.Json.Nodes;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Tests.Plans;
using NJsonSchema;

namespace Juxtherm.Core.Tests.Jobs;

/// <summary>The schema that is served, by a library that knows nothing of this program, beside what the reader takes.</summary>
public sealed class JobSchemaTests
{
    private static readonly string Repository = Shipped.Repository;

    private static readonly Lazy<Task<JsonSchema>> Schema =
        new(() => JsonSchema.FromJsonAsync(JobContract.Schema(Shipped.Catalogue).ToJsonString()));

    private static Task<JsonSchema> SchemaAsync() => Schema.Value;

    private static JsonObject Tee() => SampleJobs.Tee().DeepClone().AsObject();

    private static bool Reads(JsonNode job)
    {
        var problems = new Problems();
        return JobReader.Read(job.ToJsonString(), Shipped.Catalogue, problems) is not null;
    }

    [Fact]
    public async Task Every_example_and_every_saved_job_of_the_demo_is_valid()
    {
        var schema = await SchemaAsync();
        var files = Directory.GetFiles(Repository, "*.juxtherm.json", SearchOption.AllDirectories)
            .Where(f => !f.Contains("/artifacts/", StringComparison.Ordinal)).ToList();
        Assert.True(files.Count >= 13);
        Assert.All(files, f => Assert.Empty(schema.Validate(File.ReadAllText(f))));
        var documented = File.ReadAllText(Path.Combine(Repository, "docs", "job-file.md")).Split("```json")[1].Split("```")[0];
        Assert.Empty(schema.Validate(documented));
    }

    [Fact]
    public async Task Own_entries_as_documented_are_valid()
    {
        var schema = await SchemaAsync();
        var documented = File.ReadAllText(Path.Combine(Repository, "docs", "job-file.md")).Split("```json")[2].Split("```")[0];
        var job = Tee();
        job["own"] = JsonNode.Parse("{" + documented + "}")!["own"]!.DeepClone();
        Assert.Empty(schema.Validate(job.ToJsonString()));
        Assert.True(Reads(job));
        job["own"]!["presses"]![0]!["coolSpots"]![0]!.AsObject().Remove("widthMm");
        Assert.NotEmpty(schema.Validate(job.ToJsonString()));
        Assert.False(Reads(job));
    }

    public static TheoryData<string, string> Wrong => new()
    {
        { "/format", "\"another\"" }, { "/version", "2" }, { "/title", "7" }, { "/quantity", "0" }, { "/quantity", "1.5" },
        { "/blank", "[]" }, { "/blank/form", "\"teapot\"" }, { "/blank/material", "\"kapok\"" }, { "/blank/size", "\"adult-9xl\"" },
        { "/blank/face", "\"left\"" },
        { "/blank/widthMm", "1" }, { "/blank/colour", "\"red\"" }, { "/blank/careDots", "4" }, { "/blank/traits", "[\"wet\"]" },
        { "/blank/measures", "{\"bodyWidth\":0}" },
        { "/blank/features", "[{\"kind\":\"gate\"}]" }, { "/tools/heatSource", "\"sun\"" }, { "/tools/underlay", "\"sand\"" },
        { "/tools/cover", "\"glass\"" },
        { "/tools/plateWidthMm", "9" }, { "/tools/steam", "\"no\"" }, { "/tools/cutter", "\"laser\"" }, { "/tools/matless", "1" },
        { "/layers", "[]" }, { "/layers/0/vinyl", "\"velvet\"" }, { "/layers/0/widthMm", "0" }, { "/layers/0/carrier", "\"loose\"" },
        { "/layers/0/over", "7" },
        { "/layers/0/mirrored", "\"yes\"" }, { "/layers/0/hidden", "0" }, { "/layers/0/label", "{\"celsius\":20}" },
        { "/layers/0/label", "{\"peel\":\"later\"}" },
        { "/layers/0/label", "{\"for\":\"any\"}" }, { "/layers/0/word", "{\"text\":\"\"}" }, { "/layers/0/word", "{\"font\":\"plain\"}" },
        { "/order", "{}" },
        { "/due", "\"Saturday\"" },
        { "/names", "[{\"name\":7}]" }, { "/names", "[{\"name\":\"Osk\",\"count\":0}]" }, { "/sizes", "[{\"count\":2}]" },
        { "/choices", "{\"prewash\":\"twice\"}" }, { "/choices", "{\"layout\":\"heap\"}" },
        { "/accepted", "[{\"code\":\"mirror\",\"word\":\"\"}]" },
        { "/used", "{\"celsius\":150}" }, { "/used", "{\"celsius\":150,\"seconds\":0}" },
        { "/patches", "[{\"celsius\":150,\"seconds\":12,\"outcome\":\"burnt\"}]" },
        { "/cut", "{\"marginMm\":-1}" }, { "/cut", "{\"testCut\":\"yes\"}" }, { "/cut", "{\"stock\":{\"smooth\":\"one\"}}" },
        { "/own", "{\"vinyls\":[{\"id\":\"mine\",\"name\":\"Reel\",\"family\":\"smooth\"}]}" },
        { "/own", "{\"presses\":[{\"id\":\"own-1\",\"name\":\"Hut\"}]}" },
    };

    [Theory]
    [MemberData(nameof(Wrong))]
    public async Task What_the_reader_refuses_the_schema_refuses(string pointer, string value)
    {
        var job = Tee();
        var names = pointer.Split('/')[1..];
        var place = names[..^1]
            .Aggregate((JsonNode)job, (at, name) => int.TryParse(name, out var index) ? at[index]! : at[name] ??= new JsonObject());
        place[names[^1]] = JsonNode.Parse(value);
        Assert.False(Reads(job), "the reader takes it");
        Assert.NotEmpty((await SchemaAsync()).Validate(job.ToJsonString()));
    }

    [Theory]
    [InlineData("format")]
    [InlineData("version")]
    [InlineData("blank")]
    [InlineData("tools")]
    [InlineData("layers")]
    public async Task What_is_needed_is_needed_by_both(string member)
    {
        var job = Tee();
        job.Remove(member);
        Assert.False(Reads(job));
        Assert.NotEmpty((await SchemaAsync()).Validate(job.ToJsonString()));
    }
}
