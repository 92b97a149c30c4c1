using System.Text.Json.Nodes;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>Every stop, and whether a word lets it pass: only where its rule says so, and never what can hurt somebody.</summary>
public class StopTests
{
    private static JsonObject Layer(string id, string vinyl, double x, double y, double w, double h) =>
        new() { ["id"] = id, ["vinyl"] = vinyl, ["xMm"] = 100 + x, ["yMm"] = 140 + y, ["widthMm"] = w, ["heightMm"] = h };

    private static JsonObject Layers(params JsonObject[] layers) => SampleJobs.With(j => j["layers"] = new JsonArray([.. layers]));

    private static JsonObject With(JsonObject job, Action<JsonObject> edit)
    {
        edit(job);
        return job;
    }

    private static JsonObject Tall(JsonObject job) => With(job, j => j["blank"]!["heightMm"] = 900);

    public static TheoryData<string, JsonObject, bool> Stops => new()
    {
        // What can hurt somebody.
        { "steam-off", With(SampleJobs.Of("smooth", "tee", "cotton", "household-iron"), j => j["tools"]!["steam"] = true), false },
        { "not-pressable", SampleJobs.Of("smooth", "flat", "pvc", "swing-platen"), false },
        { "unknown-blank", SampleJobs.Of("low-temp", "key-fob", "faux-leather", "swing-platen"), false },
        { "blank-too-hot",
            With(SampleJobs.Of("low-temp", "flat", "acrylic", "swing-platen"),
                j => j["used"] = new JsonObject { ["celsius"] = 190, ["seconds"] = 20 }), false },
        { "heat-source-unsuitable", SampleJobs.Of("smooth", "mug", "ceramic", "swing-platen"), false },
        // What spoils the work, and may be done by who has done it.
        { "blank-too-hot",
            With(SampleJobs.Of("smooth", "flat", "acrylic", "swing-platen"),
                j => j["used"] = new JsonObject { ["celsius"] = 150, ["seconds"] = 12 }), true },
        { "heat-source-unsuitable", SampleJobs.Of("smooth", "cap", "cotton", "swing-platen"), true },
        { "heat-source-unsuitable", SampleJobs.Of("puff", "tee", "cotton", "household-iron"), true },
        { "mirror", With(SampleJobs.Tee(), j => j["layers"]![0]!["mirrored"] = false), true },
        { "do-not-mirror", With(SampleJobs.Of("printable", "tee", "cotton", "swing-platen"), j => j["layers"]![0]!["mirrored"] = true),
            true },
        { "do-not-press-label", With(SampleJobs.Tee(), j => j["blank"]!["careDots"] = 0), true },
        { "waxed-paper", With(SampleJobs.Tee(), j => j["tools"]!["cover"] = "waxed-paper"), true },
        { "clamshell-frame",
            With(SampleJobs.Of("smooth", "stretched-canvas", "primed-canvas", "clamshell-platen"), j => j["tools"]!["underlay"] = "board"),
            true },
        { "no-safe-setting", SampleJobs.Of("flock", "key-fob", "leather-veg", "handheld-press"), true },
        { "underneath-not-allowed", Layers(Layer("low", "glitter", 0, 0, 200, 200), Layer("up", "smooth", 50, 50, 50, 50)), true },
        { "glitter-on-glitter", Layers(Layer("low", "glitter", 0, 0, 200, 200), Layer("up", "glitter", 50, 50, 50, 50)), true },
        { "puff-covered", Layers(Layer("low", "puff", 0, 0, 200, 200), Layer("up", "smooth", 50, 50, 50, 50)), true },
        { "carrier-overlap",
            With(Layers(Layer("low", "smooth", 0, 0, 200, 200), Layer("up", "smooth", 50, 50, 50, 50)),
                j => j["choices"] = new JsonObject { ["layerMethod"] = "at-once" }), true },
        { "off-item", Layers(Layer("a", "smooth", 320, 0, 200, 100)), true },
        { "placement-collar", Layers(Layer("a", "smooth", 60, -125, 80, 100)), true },
        { "heat-budget", With(Layers(Layer("a", "foil", 0, 0, 200, 60), Layer("b", "foil", 10, 5, 100, 40)), j =>
        {
            j["blank"] = new JsonObject { ["form"] = "flat", ["material"] = "poly-felt", ["widthMm"] = 500, ["heightMm"] = 500 };
            j["choices"] = new JsonObject { ["layerMethod"] = "full" };
        }), true },
        { "not-covered",
            With(Layers(Layer("a", "smooth", 0, 0, 150, 100)),
                j => j["blank"]!["features"] =
                new JsonArray(new JsonObject { ["kind"] = "metal", ["xMm"] = 110, ["yMm"] = 150, ["widthMm"] = 100, ["heightMm"] = 60 })),
                true },
    };

    [Theory]
    [MemberData(nameof(Stops), DisableDiscoveryEnumeration = true)]
    public void A_word_lets_a_stop_pass_only_where_nobody_is_hurt(string code, JsonObject job, bool acceptable)
    {
        var stop = SampleJobs.Plan(job).Plan.Notices.FirstOrDefault(n => n.Code == code && n.Level == NoticeLevel.Stop);
        Assert.True(stop is not null, $"{code}: {string.Join(", ", SampleJobs.Plan(job).Plan.Notices.Select(n => $"{n.Code} {n.Level}"))}");
        Assert.Equal(acceptable, stop.Acceptable);
        job["accepted"] =
            new JsonArray(
                [.. SampleJobs.Plan(job).Plan.Notices.Select(n => n.Code).Distinct(StringComparer.Ordinal)
                    .Select(c => (JsonNode)new JsonObject { ["code"] = c, ["word"] = "It has worked." })]);
        var after = SampleJobs.Plan(job).Plan;
        Assert.Equal(acceptable
            ? NoticeLevel.Caution : NoticeLevel.Stop, after.Notices.First(n => n.Code == code && n.Level == NoticeLevel.Stop).Weight);
        Assert.Equal(acceptable ? Verdict.Caution : Verdict.Stop, after.Verdict);
    }

    [Fact]
    public void Nothing_is_acceptable_unless_its_rule_says_so()
    {
        var said = PlanRules.Whole.Select(r => (r.Code, r.Acceptable)).Concat(PlanRules.PerLayer.Select(r => (r.Code, r.Acceptable)))
            .ToList();
        string[] never = ["steam-off", "not-pressable", "hot-surface", "ventilate", "carrier-side", "test-cut", "wash-24h",
            "hand-wash-only", "font-missing", "cut-preset", "carrier-trim", "cold-peel-wait", "edge-time", "label-press", "lofty-face",
            "open-weave", "puff-once", "shrinkage", "split-joins", "too-wide-for-cutter"];
        Assert.Equal(never.Order(StringComparer.Ordinal), said.Where(r => !r.Acceptable).Select(r => r.Code)
            .Distinct(StringComparer.Ordinal).Order(StringComparer.Ordinal));
        // By itself a notice is not, whatever its weight.
        Assert.All(Enum.GetValues<NoticeLevel>(), level => Assert.False(Notice.Of("a", level, "", "", [], []).Acceptable));
    }
}
