using System.Text.Json.Nodes;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Tests.Plans;

public partial class PlannerTests
{
    [Fact]
    public void A_plain_tee_is_preheated_pressed_peeled_and_finished()
    {
        var (plan, trace, _) = SampleJobs.Plan(SampleJobs.Tee());
        Assert.Equal(Verdict.Go, plan.Verdict);
        Assert.Equal([PressPurpose.Preheat, PressPurpose.Press, PressPurpose.Finish], plan.Presses.Select(p => p.Purpose));
        Assert.Equal([1, 2, 3], plan.Presses.Select(p => p.Order));
        var press = plan.Presses[1];
        Assert.Equal((305, "F"), (press.Dial!.Value, press.Dial.Unit));
        Assert.InRange(press.Seconds, 14, 16);
        Assert.InRange(press.Predicted.Bond["sky"], 1, 1.5);
        Assert.InRange(plan.Certainty!.Short, 0.005, 0.035);
        Assert.True(plan.Presses[2].Predicted.Bond["sky"] >= press.Predicted.Bond["sky"]);
        Assert.Equal(
            [PhaseKind.Preheat, PhaseKind.Lay, PhaseKind.Press, PhaseKind.Cool, PhaseKind.Peel, PhaseKind.Cover, PhaseKind.Finish,
                PhaseKind.Rest], trace.Select(p => p.Kind));
    }

    [Fact]
    public void The_trace_is_whole()
    {
        var clock = 0.0;
        foreach (var phase in SampleJobs.Plan(SampleJobs.Of("glitter", "sweatshirt", "fleece", "handheld-press")).Trace)
        {
            Assert.Equal(clock, phase.StartSeconds, 1e-6);
            clock += phase.Seconds;
            Assert.Equal(phase.Seconds, phase.Times[^1], 0.02);
            Assert.All(new[] { phase.Plate.Count, phase.Faces.Count, phase.Glue.Count, phase.BareFace.Count, phase.WaterShare.Count,
                phase.Bond.Count }, n => Assert.Equal(phase.Times.Count, n));
            Assert.All(phase.Faces, f => Assert.Equal(phase.Sheets.Count + 1, f.Count));
            Assert.Equal(phase.Times.Order(), phase.Times);
            Assert.Equal(phase.Bond.Order(), phase.Bond);
        }
    }

    [Theory]
    [InlineData("smooth", "hot", 0, 5)]
    [InlineData("smooth", "warm", 5, 5)]
    [InlineData("smooth", "cold", 40, 200)]
    public void The_peel_waits_as_its_method_asks(string vinyl, string peel, double least, double most)
    {
        var job = SampleJobs.Of(vinyl, "tee", "cotton", "swing-platen");
        job["layers"]![0]!["label"] = new JsonObject { ["peel"] = peel };
        var wait = SampleJobs.Plan(job).Plan.Presses.Single(p => p.Purpose == PressPurpose.Press).Peel;
        Assert.Equal(peel, wait.Method.ToString().ToLowerInvariant());
        Assert.InRange(wait.FromSeconds, least, most);
        // A cold peel has no end.
        Assert.Equal(peel == "cold", wait.ToSeconds is null);
        Assert.True(wait.ToSeconds is null || wait.ToSeconds > wait.FromSeconds);
    }

    [Fact]
    public void A_cold_peel_is_carried_to_the_bench_and_a_hot_one_is_not()
    {
        string Place(string peel)
        {
            var job = SampleJobs.Tee();
            job["layers"]![0]!["label"] = new JsonObject { ["peel"] = peel };
            return SampleJobs.Plan(job).Plan.Presses[1].Peel.Place;
        }

        Assert.Equal(("cold-bench", "on-underlay"), (Place("cold"), Place("hot")));
    }

    [Fact]
    public void The_wrappers_figures_are_used()
    {
        var job = SampleJobs.Tee();
        job["layers"]![0]!["label"] = new JsonObject { ["celsius"] = 165, ["seconds"] = 18, ["pressure"] = "firm", ["peel"] = "hot" };
        var plan = SampleJobs.Plan(job).Plan;
        var press = plan.Presses[1];
        Assert.True(plan.Chart.FromWrapper);
        Assert.Equal(165, press.Celsius, 2.0);
        Assert.InRange(press.Seconds, 18, 24);
        Assert.Equal((PressureLevel.Firm, 40.0), (press.Pressure, press.PressureKPa));
        Assert.Contains(press.Why, w => w.Contains("The instructions say 165 °C for 18 s", StringComparison.Ordinal));
    }

    [Fact]
    public void Puff_is_heated_once()
    {
        var plan = SampleJobs.Plan(SampleJobs.Of("puff", "tee", "cotton", "swing-platen")).Plan;
        Assert.Single(plan.Presses, p => p.Layers.Count > 0);
        Assert.True(plan.Presses[^1].Predicted.HeatDose["sky"] <= 1.6);
    }

    [Fact]
    public void A_mug_is_not_preheated_and_is_washed_by_hand()
    {
        var plan = SampleJobs.Plan(SampleJobs.Of("smooth", "mug", "ceramic", "mug-press")).Plan;
        Assert.DoesNotContain(plan.Presses, p => p.Purpose == PressPurpose.Preheat);
        Assert.Contains(plan.Steps, s => s.Stage == WorkStage.Care && s.Text.Contains("by hand", StringComparison.Ordinal));
        Assert.Contains(plan.Notices, n => n is { Code: "hot-surface", Standing: true }
            && n.Text.Contains("stays hot", StringComparison.Ordinal));
        // Peeled as soon as the carrier can be taken hold of, not when the mug is as cool as cloth.
        var peel = plan.BondingPress.Peel;
        Assert.InRange(peel.FromSeconds, 20, 40);
        Assert.Equal(60, peel.ToSeconds);
        Assert.DoesNotContain(plan.Presses, p => p.Purpose == PressPurpose.Finish);
    }

    [Fact]
    public void An_iron_is_set_to_a_mark_and_preheats_longer()
    {
        var plan = SampleJobs.Plan(SampleJobs.Of("smooth", "tee", "cotton", "household-iron")).Plan;
        Assert.All(plan.Presses, p => Assert.Equal((null, "•••"), (p.Dial, p.DialMark)));
        Assert.Equal(15, plan.Presses.Single(p => p.Purpose == PressPurpose.Preheat).Seconds);
    }

    public static TheoryData<string, JsonObject, string, NoticeLevel?> Rules
    {
        get
        {
            JsonObject Tee(Action<JsonObject> edit) => SampleJobs.With(edit);
            JsonObject Layer(string member, JsonNode value) => Tee(j => j["layers"]![0]![member] = value);
            JsonObject Framed(string underlay, string source)
            {
                var job = SampleJobs.Of("smooth", "stretched-canvas", "primed-canvas", source);
                job["tools"]!["underlay"] = underlay;
                return job;
            }

            JsonObject Tool(string source, string member, JsonNode value)
            {
                var job = SampleJobs.Of("smooth", "tee", "cotton", source);
                job["tools"]![member] = value;
                return job;
            }

            return new()
            {
                { "nothing said about the cut", SampleJobs.Tee(), "mirror", NoticeLevel.Note },
                { "cut unmirrored", Layer("mirrored", false), "mirror", NoticeLevel.Stop },
                { "cut mirrored", Layer("mirrored", true), "mirror", null },
                { "an ordinary vinyl", SampleJobs.Tee(), "do-not-mirror", null },
                { "any job", SampleJobs.Tee(), "carrier-side", NoticeLevel.Note },
                { "an iron", SampleJobs.Of("smooth", "tee", "cotton", "household-iron"), "steam-off", NoticeLevel.Note },
                { "an iron with steam on", Tool("household-iron", "steam", true), "steam-off", NoticeLevel.Stop },
                { "a press without steam", SampleJobs.Tee(), "steam-off", null },
                { "a cover", SampleJobs.Tee(), "cover-needed", null },
                { "no cover", Tool("swing-platen", "cover", "none"), "cover-needed", NoticeLevel.Caution },
                { "a mug under its carrier", SampleJobs.Of("smooth", "mug", "ceramic", "mug-press"), "cover-needed", NoticeLevel.Note },
                { "a mug under a plate", SampleJobs.Of("smooth", "mug", "ceramic", "swing-platen"), "heat-source-unsuitable",
                    NoticeLevel.Stop },
                { "a tee in a mug press", SampleJobs.Of("smooth", "tee", "cotton", "mug-press"), "heat-source-unsuitable",
                    NoticeLevel.Stop },
                { "an iron has its own pressure", SampleJobs.Of("smooth", "tee", "cotton", "household-iron"), "pressure-not-adjustable",
                    NoticeLevel.Note },
                { "firm vinyl under a press of fixed pressure", SampleJobs.Of("flock", "tee", "cotton", "auto-platen"),
                    "pressure-not-adjustable", NoticeLevel.Caution },
                { "a press that can be set", SampleJobs.Tee(), "pressure-not-adjustable", null },
                { "waxed paper", Tool("swing-platen", "cover", "waxed-paper"), "waxed-paper", NoticeLevel.Stop },
                { "plain paper", Tool("swing-platen", "cover", "paper"), "waxed-paper", null },
                { "an ironing board", Tool("household-iron", "underlay", "ironing-board"), "no-ironing-board", NoticeLevel.Caution },
                { "a mat", Tool("household-iron", "underlay", "mat"), "no-ironing-board", null },
                { "a towel", Tool("household-iron", "underlay", "towel"), "damp-underlay", NoticeLevel.Note },
                { "a towel in a frame", Framed("towel", "swing-platen"), "damp-underlay", NoticeLevel.Caution },
                { "a frame without support", Framed("pad", "swing-platen"), "frame-needs-support", NoticeLevel.Caution },
                { "a frame on a board", Framed("board", "swing-platen"), "frame-needs-support", null },
                { "a frame in a clamshell", Framed("board", "clamshell-platen"), "clamshell-frame", NoticeLevel.Stop },
                { "a tee in a clamshell", SampleJobs.Of("smooth", "tee", "cotton", "clamshell-platen"), "clamshell-frame", null },
                { "felt", SampleJobs.Of("smooth", "pennant", "poly-felt", "swing-platen"), "lofty-face", NoticeLevel.Note },
                { "a plain face", SampleJobs.Tee(), "lofty-face", null },
                { "cloth not known", SampleJobs.Of("smooth", "tee", "unknown", "swing-platen"), "unknown-blank", NoticeLevel.Caution },
                { "leather of unknown tanning", SampleJobs.Of("low-temp", "key-fob", "leather-unknown", "swing-platen"), "unknown-blank",
                    NoticeLevel.Caution },
                { "faux leather", SampleJobs.Of("low-temp", "key-fob", "faux-leather", "swing-platen"), "unknown-blank", NoticeLevel.Stop },
                { "known cloth", SampleJobs.Tee(), "unknown-blank", null },
                { "a plastic that gives off fumes", SampleJobs.Of("smooth", "flat", "pvc", "swing-platen"), "not-pressable",
                    NoticeLevel.Stop },
                { "a plastic that melts", SampleJobs.Of("low-temp", "flat", "polypropylene", "swing-platen"), "not-pressable",
                    NoticeLevel.Stop },
                { "cotton may be pressed", SampleJobs.Tee(), "not-pressable", null },
                { "printable, nothing said", SampleJobs.Of("printable", "tee", "cotton", "swing-platen"), "do-not-mirror",
                    NoticeLevel.Note },
                { "printable is not mirrored", SampleJobs.Of("printable", "tee", "cotton", "swing-platen"), "mirror", null },
                { "leather is wiped", SampleJobs.Of("low-temp", "key-fob", "leather-veg", "swing-platen"), "wash-24h", null },
                { "little room", SampleJobs.Of("smooth", "tee", "cotton", "household-iron"), "test-patch", NoticeLevel.Caution },
                { "plenty of room", SampleJobs.Tee(), "test-patch", null },
                { "a wrapper that warms nothing", Layer("label", new JsonObject { ["celsius"] = 81 }), "label-implausible",
                    NoticeLevel.Caution },
                { "a wrapper of one second", Layer("label", new JsonObject { ["seconds"] = 1 }), "label-implausible", NoticeLevel.Caution },
                { "a wrapper like others", Layer("label", new JsonObject { ["celsius"] = 150 }), "label-implausible", null },
                { "puff under an iron", SampleJobs.Of("puff", "tee", "cotton", "household-iron"), "heat-source-unsuitable",
                    NoticeLevel.Stop },
                { "puff under a press", SampleJobs.Of("puff", "tee", "cotton", "swing-platen"), "heat-source-unsuitable", null },
                { "glitter's chart on polyester", SampleJobs.Of("glitter", "tee", "polyester", "swing-platen"), "blank-too-hot",
                    NoticeLevel.Note },
                { "glitter on cotton", SampleJobs.Of("glitter", "tee", "cotton", "swing-platen"), "blank-too-hot", null },
                { "dyed polyester under glitter's heat", SampleJobs.Of("glitter", "tee", "polyester", "swing-platen"), "dye-migration",
                    NoticeLevel.Caution },
                { "dyed polyester kept below", SampleJobs.Of("smooth", "tee", "polyester", "swing-platen"), "dye-migration", null },
                { "cotton does not bleed", SampleJobs.Tee(), "dye-migration", null },
                { "cloth", SampleJobs.Tee(), "wash-24h", NoticeLevel.Note },
                { "a mug is not washed by machine", SampleJobs.Of("smooth", "mug", "ceramic", "mug-press"), "wash-24h", null },
                { "a mug", SampleJobs.Of("smooth", "mug", "ceramic", "mug-press"), "hand-wash-only", NoticeLevel.Note },
                { "a tee", SampleJobs.Tee(), "hand-wash-only", null },
                { "a hot plate", SampleJobs.Tee(), "hot-surface", NoticeLevel.Note },
                { "fumes", SampleJobs.Tee(), "ventilate", NoticeLevel.Note },
                { "a crossed-out iron", Tee(j => j["blank"]!["careDots"] = 0), "do-not-press-label", NoticeLevel.Stop },
                { "two dots", Tee(j => j["blank"]!["careDots"] = 2), "do-not-press-label", null },
                { "larger than the plate", Tee(j => (j["layers"]![0]!["widthMm"], j["layers"]![0]!["heightMm"]) = (390, 200)),
                    "needs-sections", NoticeLevel.Caution },
                { "as large as what the plate presses in full",
                    Tee(j => (j["layers"]![0]!["widthMm"], j["layers"]![0]!["heightMm"]) = (350, 350)), "needs-sections", null },
                { "short of the bond", SampleJobs.Of("glitter", "tee", "polyester", "household-iron"), "test-patch", NoticeLevel.Caution },
            };
        }
    }

    [Theory]
    [MemberData(nameof(Rules), DisableDiscoveryEnumeration = true)]
    public void A_rule_speaks_when_it_should_and_keeps_still_otherwise(string what, JsonObject job, string code, NoticeLevel? level)
    {
        var plan = SampleJobs.Plan(job).Plan;
        var said = plan.Notices.SingleOrDefault(n => n.Code == code);
        Assert.True(said?.Level == level,
            $"{what}: {said?.Level.ToString() ?? "nothing"} said, {level?.ToString() ?? "nothing"} expected.");
        if (said is null)
            return;
        Assert.False(string.IsNullOrWhiteSpace(said.Why), "No reason given.");
        Assert.True((int)plan.Verdict >= (int)said.Level, "A verdict milder than its notice.");
    }

    [Fact]
    public void Nothing_works_where_the_blank_gives_out_first()
    {
        // A made-up wrapper that asks for more than polyester can stand anywhere on the dial.
        var job = SampleJobs.Of("puff", "tee", "polyester", "handheld-press");
        job["layers"]![0]!["label"] = new JsonObject { ["celsius"] = 200, ["seconds"] = 60, ["pressure"] = "light" };
        var plan = SampleJobs.Plan(job).Plan;
        Assert.Equal(Verdict.Stop, plan.Verdict);
        Assert.Contains(plan.Notices, n => n is { Code: "no-safe-setting", Level: NoticeLevel.Stop } && n.Data["bond"].Value < 0.6);
    }

    [Fact]
    public void The_reader_gets_their_units_and_the_data_stays_in_celsius()
    {
        var job = SampleJobs.Of("glitter", "tee", "polyester", "swing-platen");
        var metric = SampleJobs.Plan(job).Plan;
        var us = SampleJobs.Plan(job, UnitSystem.Us).Plan;
        Assert.Contains("°C", metric.Headline, StringComparison.Ordinal);
        Assert.Contains("°F", us.Headline, StringComparison.Ordinal);
        var texts = us.Notices.SelectMany(n => new[] { n.Text, n.Why }).Concat(us.Presses.SelectMany(p => p.Why))
            .Concat(us.Steps.Select(s => s.Text));
        Assert.DoesNotContain(texts, t => t.Contains("°C", StringComparison.Ordinal));
        Assert.Equal(metric.Notices.Single(n => n.Code == "blank-too-hot").Data, us.Notices.Single(n => n.Code == "blank-too-hot").Data);
    }

    [Fact]
    public void Every_rule_is_found() => Assert.True(PlanRules.Whole.Count + PlanRules.PerLayer.Count >= 35);

    [Fact]
    public void Times_grow_with_the_pieces()
    {
        PlanTimes Of(int pieces) => SampleJobs.Plan(SampleJobs.With(j => j["quantity"] = pieces)).Plan.Times;
        var one = Of(1);
        var perPiece = Of(2).ElapsedSeconds - one.ElapsedSeconds;
        Assert.True(perPiece > 60 && perPiece < one.ElapsedSeconds);
        Assert.Equal(one.ElapsedSeconds + 4 * perPiece, Of(5).ElapsedSeconds);
        Assert.True(one.HandsOnSeconds < one.ElapsedSeconds);
    }
}
