using System.Text.Json.Nodes;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Runs;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>Jobs of several layers by rule of thumb.</summary>
public class LayersTests
{
    private static JsonObject Layer(string id, string vinyl, double x, double y, double w, double h, string? peel = null,
        params string[] over)
    {
        var layer = new JsonObject
        {
            ["id"] = id,
            ["vinyl"] = vinyl,
            ["xMm"] = x,
            ["yMm"] = y,
            ["widthMm"] = w,
            ["heightMm"] = h,
            ["over"] = new JsonArray([.. over.Select(o => (JsonNode)o)])
        };
        if (peel is not null)
            layer["label"] = new JsonObject { ["peel"] = peel };
        return layer;
    }

    private static JsonObject Job(params JsonObject[] layers) => SampleJobs.With(j => j["layers"] = new JsonArray([.. layers]));

    private static JsonObject Sky() =>
        Job(Layer("hill", "smooth", 95, 135, 240, 180), Layer("moon", "smooth", 150, 160, 80, 80),
            Layer("star", "smooth", 160, 170, 20, 20));

    private static string Presses(Plan plan) => string.Join(", ", plan.Presses.Select(p => $"{p.Purpose}({string.Join('+', p.Layers)})"));

    private static JsonObject Wide(JsonObject layer)
    {
        (layer["carrierMarginMm"], layer["over"]) = (40, new JsonArray("low"));
        return layer;
    }

    private static JsonObject OnFelt(JsonObject job)
    {
        job["blank"] = new JsonObject { ["form"] = "flat", ["material"] = "poly-felt" };
        return Choosing(job, "layerMethod", "full");
    }

    private static JsonObject Choosing(JsonObject job, string way, string option)
    {
        (job["choices"] ??= new JsonObject())[way] = option;
        return job;
    }

    [Fact]
    public void Three_plain_layers_are_tacked_and_bonded_once()
    {
        var plan = SampleJobs.Plan(Sky()).Plan;
        Assert.Equal("Preheat(), Tack(hill), Tack(moon), Tack(star), Press(hill+moon+star)", Presses(plan));
        Assert.Equal(Verdict.Go, plan.Verdict);
        var last = plan.Presses[^1];
        Assert.All(plan.Presses.Where(p => p.Purpose == PressPurpose.Tack), p => Assert.InRange(p.Seconds, 2, 5));
        Assert.All(last.Predicted.Bond.Values, bond => Assert.InRange(bond, 0.99, 3));
        // The lowest has seen every press.
        Assert.True(last.Predicted.HeatDose["hill"] > last.Predicted.HeatDose["star"]);
        Assert.All(last.Predicted.HeatDose.Values, dose => Assert.InRange(dose, 0.8, 3));
    }

    [Theory]
    [InlineData("layerMethod", "full", "Preheat(), Press(hill), Press(moon), Press(star), Finish(hill+moon+star)")]
    [InlineData("lastPress", "carrier", "Preheat(), Tack(hill), Tack(moon), Press(hill+moon+star), Finish(hill+moon+star)")]
    [InlineData("preheat", "no", "Tack(hill), Tack(moon), Tack(star), Press(hill+moon+star)")]
    [InlineData("finishPress", "finish", "Preheat(), Tack(hill), Tack(moon), Tack(star), Press(hill+moon+star)")]
    [InlineData("backPress", "always", "Preheat(), Tack(hill), Tack(moon), Tack(star), Press(hill+moon+star), Back(hill+moon+star)")]
    [InlineData("firstTry", "patch", "Patch(hill+moon+star), Preheat(), Tack(hill), Tack(moon), Tack(star), Press(hill+moon+star)")]
    public void The_plan_follows_a_way_of_doing_it(string way, string option, string presses) =>
    Assert.Equal(presses, Presses(SampleJobs.Plan(Choosing(Sky(), way, option)).Plan));

    [Fact]
    public void Full_presses_heat_the_lowest_layer_more_than_tacks()
    {
        double Hill(string method) => SampleJobs.Plan(Choosing(Sky(), "layerMethod", method)).Plan.Presses[^1].Predicted.HeatDose["hill"];
        Assert.True(Hill("full") > Hill("tack") * 1.5);
    }

    [Fact]
    public void A_full_press_more_is_more_than_is_needed()
    {
        double Hill(string heat) => SampleJobs.Plan(Choosing(Sky(), "totalHeat", heat)).Plan.Presses[^1].Predicted.HeatDose["hill"];
        Assert.True(Hill("full") > Hill("least") + 0.7);
    }

    [Fact]
    public void Foam_comes_last_and_is_heated_once()
    {
        var plan = SampleJobs.Plan(Job(Layer("cloud", "puff", 0, 0, 100, 100), Layer("star", "smooth", 150, 0, 40, 40))).Plan;
        Assert.Equal("Preheat(), Press(star), Press(cloud)", Presses(plan));
        Assert.Equal(NoticeLevel.Note, Assert.Single(plan.Notices, n => n.Code == "puff-once").Level);
    }

    [Fact]
    public void A_cold_peel_gets_its_full_press_and_its_wait()
    {
        var plan = SampleJobs.Plan(Job(Layer("sky", "foil", 0, 0, 200, 100, "cold"), Layer("word", "smooth", 0, 150, 60, 30))).Plan;
        // The word is tacked first, so that the sky's full press bonds both: one press less than the other way round.
        Assert.Equal("Preheat(), Tack(word), Press(word+sky)", Presses(plan));
        Assert.Equal(["sky"], Assert.Single(plan.Notices, n => n.Code == "cold-peel-wait").Layers);
        Assert.True(plan.Presses[2].Peel.FromSeconds > 30);
    }

    public static TheoryData<string, JsonObject, string, NoticeLevel?> Stacks => new()
    {
        { "smooth on glitter", Job(Layer("low", "glitter", 0, 0, 200, 200), Layer("up", "smooth", 50, 50, 50, 50)),
            "underneath-not-allowed", NoticeLevel.Stop },
        { "smooth on flock, by word only", Job(Layer("low", "flock", 0, 0, 50, 50), Layer("up", "smooth", 100, 100, 80, 80, null, "low")),
            "underneath-not-allowed", NoticeLevel.Stop },
        { "foam on smooth", Job(Layer("low", "smooth", 0, 0, 200, 200), Layer("up", "puff", 50, 50, 50, 50)), "underneath-not-allowed",
            NoticeLevel.Stop },
        { "glitter on patterned", Job(Layer("low", "patterned", 0, 0, 200, 200), Layer("up", "glitter", 50, 50, 50, 50)),
            "underneath-not-allowed", NoticeLevel.Stop },
        { "glitter on smooth", Job(Layer("low", "smooth", 0, 0, 200, 200), Layer("up", "glitter", 50, 50, 50, 50)),
            "underneath-not-allowed", null },
        { "glitter on glitter", Job(Layer("low", "glitter", 0, 0, 200, 200), Layer("up", "glitter", 50, 50, 50, 50)), "glitter-on-glitter",
            NoticeLevel.Stop },
        { "glitter beside glitter", Job(Layer("low", "glitter", 0, 0, 100, 100), Layer("up", "glitter", 150, 50, 50, 50)),
            "glitter-on-glitter", null },
        { "smooth on foam", Job(Layer("low", "puff", 0, 0, 200, 200), Layer("up", "smooth", 50, 50, 50, 50)), "puff-covered",
            NoticeLevel.Stop },
        { "foam that must go first", Job(Layer("low", "puff", 0, 0, 200, 200), Layer("up", "smooth", 50, 50, 50, 50)), "puff-twice",
            NoticeLevel.Caution },
        { "all at once, one on the other",
            Choosing(Job(Layer("low", "smooth", 0, 0, 200, 200), Layer("up", "smooth", 50, 50, 50, 50)), "layerMethod", "at-once"),
            "carrier-overlap", NoticeLevel.Stop },
        { "all at once, apart",
            Choosing(Job(Layer("low", "smooth", 0, 0, 100, 100), Layer("up", "smooth", 150, 0, 50, 50)), "layerMethod", "at-once"),
            "carrier-overlap", null },
        { "all at once, on a carrier's rim",
            Choosing(Job(Layer("low", "smooth", 0, 0, 100, 100), Layer("up", "smooth", 104, 0, 50, 50)), "layerMethod", "at-once"),
            "carrier-overlap", NoticeLevel.Stop },
        { "a full press on finished vinyl",
            Choosing(Job(Layer("low", "smooth", 0, 0, 200, 200), Layer("up", "smooth", 50, 50, 50, 50)), "layerMethod", "full"),
            "carrier-overlap", NoticeLevel.Caution },
        { "a carrier that covers all of the finished vinyl",
            Choosing(Job(Layer("low", "smooth", 60, 60, 30, 30), Wide(Layer("up", "foil", 50, 50, 60, 60))), "layerMethod", "full"),
            "carrier-overlap", null },
        { "tacks on finished vinyl", Job(Layer("low", "smooth", 0, 0, 200, 200), Layer("up", "smooth", 50, 50, 50, 50)), "carrier-overlap",
            null },
        { "a lower layer that shrinks", Job(Layer("low", "smooth", 0, 0, 200, 200), Layer("up", "smooth", 50, 50, 50, 50)), "shrinkage",
            NoticeLevel.Note },
        { "side by side nothing shrinks away", Job(Layer("low", "smooth", 0, 0, 100, 100), Layer("up", "smooth", 150, 50, 50, 50)),
            "shrinkage", null },
        { "four full presses on felt",
            OnFelt(Job(Layer("a", "smooth", 0, 0, 300, 300), Layer("b", "smooth", 20, 20, 250, 250), Layer("c", "smooth", 40, 40, 200, 200),
                Layer("d", "smooth", 60, 60, 100, 100))), "heat-budget", NoticeLevel.Stop },
        { "two full presses on felt", OnFelt(Job(Layer("a", "foil", 0, 0, 300, 300), Layer("b", "foil", 20, 20, 250, 250))), "heat-budget",
            NoticeLevel.Stop },
        { "four full presses on a tee",
            Choosing(Job(Layer("a", "smooth", 0, 0, 300, 300), Layer("b", "smooth", 20, 20, 250, 250),
                Layer("c", "smooth", 40, 40, 200, 200), Layer("d", "smooth", 60, 60, 100, 100)), "layerMethod", "full"), "heat-budget",
                null },
        { "four tacks and one press",
            Job(Layer("a", "smooth", 0, 0, 300, 300), Layer("b", "smooth", 20, 20, 250, 250), Layer("c", "smooth", 40, 40, 200, 200),
                Layer("d", "smooth", 60, 60, 100, 100)), "heat-budget", null },
        { "fine edges", SampleJobs.With(j => j["layers"]![0]!["intricate"] = true), "edge-time", NoticeLevel.Note },
    };

    [Theory]
    [MemberData(nameof(Stacks))]
    public void What_may_lie_on_what(string what, JsonObject job, string code, NoticeLevel? level) =>
        Assert.True(level == SampleJobs.Plan(job).Plan.Notices.FirstOrDefault(n => n.Code == code)?.Level,
            what + ": " + string.Join(", ", SampleJobs.Plan(job).Plan.Notices.Select(n => $"{n.Code} {n.Level}")));

    [Fact]
    public void The_bench_walks_through_all_layers()
    {
        var plan = SampleJobs.Plan(Sky()).Plan;
        Assert.Equal(5, StationScript.Of(plan).Steps.Count(s => s.Kind == StepKind.Hold));
        Assert.Equal(3,
            plan.Steps.Count(s => s.Stage == WorkStage.Press && s.Kind == StepKind.Do
                && s.Text.Contains("carrier on top", StringComparison.Ordinal)));
        Assert.Contains(plan.Steps, s => s.Text.Contains("“moon” in its place", StringComparison.Ordinal));
    }

    [Fact]
    public void The_trace_shows_all_layers_in_true_order()
    {
        var sheets = SampleJobs.Plan(Sky()).Trace.Last(p => p.Kind == PhaseKind.Press).Sheets.Select(s => s.Id);
        Assert.Equal(["cover", "vinyl-star", "vinyl-moon", "vinyl-hill", "face", "back-1", "underlay"], sheets);
    }
}
