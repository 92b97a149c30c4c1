using System.Text.Json.Nodes;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Words;

namespace Juxtherm.Core.Tests.Plans;

public partial class PlannerTests
{
    public static TheoryData<string, JsonObject, string> Stopped => new()
    {
        { "steam on", Changed("household-iron", j => j["tools"]!["steam"] = true), "/tools/steam" },
        { "cut unmirrored", Changed("swing-platen", j => j["layers"]![0]!["mirrored"] = false), "/layers/0/mirrored" },
        { "waxed paper", Changed("swing-platen", j => j["tools"]!["cover"] = "waxed-paper"), "/tools/cover" },
        { "puff under an iron", Changed("household-iron", j => j["layers"]![0]!["vinyl"] = "puff"), "/tools/heatSource" },
        { "a tee in a mug press", Changed("mug-press", _ => { }), "/tools/heatSource" },
    };

    private static JsonObject Changed(string source, Action<JsonObject> edit)
    {
        var job = SampleJobs.Of("smooth", "tee", "cotton", source);
        edit(job);
        return job;
    }

    [Theory]
    [MemberData(nameof(Stopped), DisableDiscoveryEnumeration = true)]
    public void What_is_offered_instead_of_a_stop_does_what_it_says(string what, JsonObject job, string pointer)
    {
        var changes = new NearestChanges(new Planner(Shipped.Catalogue, Language.English)).For(SampleJobs.Read(job), UnitSystem.Metric);
        Assert.True(changes.Any(c => c.Edits.Any(e => e.Path == pointer)), $"{what}: {string.Join(" | ", changes.Select(c => c.Text))}");
        foreach (var change in changes)
        {
            var mended = Edits.Applied(job, change.Edits);
            var plan = SampleJobs.Plan(mended).Plan;
            Assert.Equal((change.Verdict, change.Headline), (plan.Verdict, plan.Headline));
            Assert.NotEqual(Verdict.Stop, plan.Verdict);
        }
    }

    [Theory]
    [Trait("Run", "thorough")]
    [MemberData(nameof(Stopped), DisableDiscoveryEnumeration = true)]
    public void What_is_offered_leaves_hidden_layers_as_they_are(string what, JsonObject job, string pointer)
    {
        // Hidden, one before and one after: places in the file are not those among the layers that are pressed.
        var hidden = new JsonObject { ["id"] = "older", ["vinyl"] = "glitter", ["hidden"] = true };
        var layers = job["layers"]!.AsArray();
        layers.Insert(0, hidden.DeepClone());
        layers.Add(new JsonObject { ["id"] = "oldest", ["vinyl"] = "flock", ["hidden"] = true });
        var changes = new NearestChanges(new Planner(Shipped.Catalogue, Language.English)).For(SampleJobs.Read(job), UnitSystem.Metric);
        Assert.Contains(changes, c => c.Edits.Any(e => e.Path == pointer.Replace("/layers/0", "/layers/1", StringComparison.Ordinal)));
        foreach (var change in changes)
        {
            var mended = Edits.Applied(job, change.Edits);
            Assert.True(JsonNode.DeepEquals(layers[0], mended["layers"]![0]) && JsonNode.DeepEquals(layers[2], mended["layers"]![2])
                && mended["layers"]!.AsArray().Count == 3, what);
            Assert.Equal(change.Headline, SampleJobs.Plan(mended).Plan.Headline);
        }
    }

    [Fact]
    public void Nothing_is_offered_where_nothing_is_stopped() =>
        Assert.Empty(new NearestChanges(new Planner(Shipped.Catalogue, Language.English))
            .For(SampleJobs.Read(SampleJobs.Tee()), UnitSystem.Metric));

    [Fact]
    public void Nothing_is_offered_for_what_must_not_be_pressed() =>
        Assert.Empty(new NearestChanges(new Planner(Shipped.Catalogue, Language.English))
            .For(SampleJobs.Read(SampleJobs.Of("smooth", "flat", "pvc", "swing-platen")), UnitSystem.Metric));
}
