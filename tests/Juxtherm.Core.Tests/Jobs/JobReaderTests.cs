using System.Text.Json.Nodes;
using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Tests.Plans;
using Juxtherm.Testing;

namespace Juxtherm.Core.Tests.Jobs;

public class JobReaderTests
{
    private static Problems Faults(string json)
    {
        var problems = new Problems();
        Assert.Null(JobReader.Read(json, Shipped.Catalogue, problems));
        return problems;
    }

    public static TheoryData<string, Action<JsonObject>, string, string> Wrong => new()
    {
        { "no format", j => j.Remove("format"), "/format", "missing" },
        { "another format", j => j["format"] = "drawing", "/format", "unknown-id" },
        { "no version", j => j.Remove("version"), "/version", "missing" },
        { "a newer version", j => j["version"] = 2, "/version", "newer-version" },
        { "a version that is no number", j => j["version"] = "one", "/version", "wrong-type" },
        { "an unknown vinyl", j => j["layers"]![0]!["vinyl"] = "smoth", "/layers/0/vinyl", "unknown-id" },
        { "an unknown material", j => j["blank"]!["material"] = "coton", "/blank/material", "unknown-id" },
        { "an unknown form", j => j["blank"]!["form"] = "hat", "/blank/form", "unknown-id" },
        { "an unknown press", j => j["tools"]!["heatSource"] = "toaster", "/tools/heatSource", "unknown-id" },
        { "an unknown cover", j => j["tools"]!["cover"] = "foil", "/tools/cover", "unknown-id" },
        { "an unknown size", j => j["blank"]!["size"] = "giant", "/blank/size", "unknown-id" },
        { "an unknown feature", j => j["blank"]!["features"] = new JsonArray(new JsonObject { ["kind"] = "sequin" }),
            "/blank/features/0/kind", "unknown-id" },
        { "a mug of cotton", j => j["blank"]!["form"] = "mug", "/blank/material", "does-not-fit" },
        { "a negative plate", j => j["tools"]!["plateWidthMm"] = -380, "/tools/plateWidthMm", "out-of-range" },
        { "an absurd blank", j => j["blank"]!["widthMm"] = 1e9, "/blank/widthMm", "out-of-range" },
        { "a width in words", j => j["layers"]![0]!["widthMm"] = "wide", "/layers/0/widthMm", "wrong-type" },
        { "half a piece", j => j["quantity"] = 1.5, "/quantity", "wrong-type" },
        { "no pieces", j => j["quantity"] = 0, "/quantity", "out-of-range" },
        { "too many pieces", j => j["quantity"] = 1000, "/quantity", "out-of-range" },
        { "four dots", j => j["blank"]!["careDots"] = 4, "/blank/careDots", "out-of-range" },
        { "a wrapper on fire", j => j["layers"]![0]!["label"] = new JsonObject { ["celsius"] = 400 }, "/layers/0/label/celsius",
            "out-of-range" },
        { "a colour in words", j => j["layers"]![0]!["colour"] = "red", "/layers/0/colour", "wrong-type" },
        { "a title without end", j => j["title"] = new string('x', 121), "/title", "too-long" },
        { "no layers", j => j["layers"] = new JsonArray(), "/layers", "missing" },
        { "two layers of one id", j => j["layers"]!.AsArray().Add(new JsonObject { ["id"] = "sky", ["vinyl"] = "glitter" }), "/layers/1/id",
            "duplicate" },
        { "over what is not there", j => j["layers"]!.AsArray()
            .Add(new JsonObject { ["vinyl"] = "glitter", ["over"] = new JsonArray("moon") }), "/layers/1/over/0", "unknown-id" },
        { "over itself", j => j["layers"]![0]!["over"] = new JsonArray("sky"), "/layers/0/over/0", "unknown-id" },
        { "on each other",
            j => { j["layers"]![0]!["over"] = new JsonArray("star"); j["layers"]!.AsArray()
                .Add(new JsonObject { ["id"] = "star", ["vinyl"] = "glitter", ["over"] = new JsonArray("sky") }); }, "/layers", "circle" },
        { "thirteen layers",
            j => j["layers"] = new JsonArray([.. Enumerable.Range(0, 13).Select(_ => new JsonObject { ["vinyl"] = "smooth" })]), "/layers",
            "out-of-range" },
        { "a way nobody has", j => j["choices"] = new JsonObject { ["backPress"] = "sometimes" }, "/choices/backPress", "unknown-id" },
        { "accepted without a word", j => j["accepted"] = new JsonArray(new JsonObject { ["code"] = "dye-migration", ["word"] = " " }),
            "/accepted/0/word", "missing" },
        { "no blank", j => j.Remove("blank"), "/blank", "missing" },
        { "a blank that is a list", j => j["blank"] = new JsonArray(), "/blank", "wrong-type" },
    };

    [Theory]
    [MemberData(nameof(Wrong), DisableDiscoveryEnumeration = true)]
    public void A_fault_names_its_field(string what, Action<JsonObject> edit, string pointer, string code)
    {
        var found = Faults(SampleJobs.With(edit).ToJsonString()).Found;
        Assert.True(found.Any(p => p.Pointer == pointer && p.Code == code), $"{what}: {string.Join(" | ", found)}");
    }

    [Theory]
    [InlineData("", "broken")]
    [InlineData("{", "broken")]
    [InlineData("{\"format\":\"juxtherm.job\",\"format\":\"x\"}", "broken")]
    [InlineData("[]", "wrong-type")]
    [InlineData("null", "missing")]
    [InlineData("17", "wrong-type")]
    public void Text_that_is_no_job_is_refused(string json, string code) => Assert.Contains(Faults(json).Found, p => p.Code == code);

    [Fact]
    public void All_faults_are_told_at_once() => Assert.Equal(
        ["/blank/material", "/layers/0/vinyl", "/tools/heatSource"],
        Faults(SampleJobs.Of("smoth", "tee", "coton", "swing").ToJsonString()).Found.Select(p => p.Pointer).Order());

    [Theory]
    [InlineData("smoth", "smooth")]
    [InlineData("gliter", "glitter")]
    [InlineData("pufff", "puff")]
    public void An_unknown_id_names_the_nearest(string written, string meant) =>
        Assert.Contains($"Nearest: {meant}", Faults(SampleJobs.Of(written, "tee", "cotton", "swing-platen").ToJsonString()).Found[0].Said(),
            StringComparison.Ordinal);

    [Fact]
    public void Little_is_required_and_the_rest_is_sensible()
    {
        var job = SampleJobs.Read(
            JsonNode.Parse(
                """{"format":"juxtherm.job","version":1,"blank":{"material":"ceramic"},"tools":{"heatSource":"mug-press"},"layers":[{"vinyl":"smooth"}],"later":{"x":[1]}}""")!.AsObject());
        Assert.Equal(("mug", "carrier", "none", 1), (job.Blank.Form.Id, job.Tools.Cover.Id, job.Tools.Underlay.Id, job.Quantity));
    }

    [Property(MaxTest = 200)]
    public Property Nonsense_never_gets_through_as_an_exception() => Prop.ForAll(ArbMap.Default.ArbFor<NonNull<string>>(), text =>
    {
        var problems = new Problems();
        JobReader.Read(text.Get, Shipped.Catalogue, problems);
        return !problems.None;
    });
}
