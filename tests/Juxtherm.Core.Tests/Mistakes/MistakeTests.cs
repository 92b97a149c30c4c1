using System.Text.Json.Nodes;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Runs;
using Juxtherm.Core.Runs.Judging;
using Juxtherm.Core.Tests.Plans;
using Juxtherm.Core.Tests.Runs;
using Outcome = Juxtherm.Core.Runs.Outcome;

namespace Juxtherm.Core.Tests.Mistakes;

/// <summary>Each of the trade's common mistakes, made on purpose.</summary>
public partial class MistakeTests
{
    private static JsonObject Layer(string id, string vinyl, double x, double y, double w, double h) =>
        new() { ["id"] = id, ["vinyl"] = vinyl, ["xMm"] = 100 + x, ["yMm"] = 140 + y, ["widthMm"] = w, ["heightMm"] = h };

    private static JsonObject Layers(params JsonObject[] layers) => SampleJobs.With(j => j["layers"] = new JsonArray([.. layers]));

    private static JsonObject On(JsonObject job, string place, string member, JsonNode value)
    {
        job[place]![member] = value;
        return job;
    }

    private static Notice Says(JsonObject job, string code) => Assert.Single(SampleJobs.Plan(job).Plan.Notices, n => n.Code == code);

    private static void Stops(JsonObject job, string code)
    {
        Assert.Equal(NoticeLevel.Stop, Says(job, code).Level);
        Assert.Equal(Verdict.Stop, SampleJobs.Plan(job).Plan.Verdict);
    }

    private static Advice Judged(RunAtPress run, Outcome sign) => Assert.Single(JudgeTests.Judged(run, sign));

    [Fact]
    [Mistake(8, Caught.Bench,
        "No piece is handed out before the preheat was seen to or left out knowingly; when something then does not stick, that is " +
            "named first.")]
    public void A_preheat_is_not_forgotten_and_left_out_it_is_remembered()
    {
        var run = new RunAtPress(SampleJobs.Tee());
        foreach (var check in run.Script.Stations[0].Checks.Where(c => c.Id != Preparation.Preheat))
            run.Say(BenchAction.Check, with: e => e with { Item = check.Id });
        Assert.Null(run.FocusOrNone());
        run.Say(BenchAction.Skip, with: e => e with { Item = Preparation.Preheat }).Until(StepKind.Inspect).See(Outcome.EdgesLifted);
        Assert.Contains("not preheated", Judged(run, Outcome.EdgesLifted).Causes[0], StringComparison.Ordinal);
    }

    [Fact]
    [Mistake(9, Caught.Plan, "Steam on is a stop.")]
    [Mistake(9, Caught.Bench, "Steam off stands on the list that is ticked off before the first piece.")]
    public void Steam_is_a_stop_and_is_asked_about_at_the_bench()
    {
        Stops(On(SampleJobs.Of("smooth", "tee", "cotton", "household-iron"), "tools", "steam", true), "steam-off");
        Assert.Contains(new RunAtPress(SampleJobs.Of("smooth", "tee", "cotton", "household-iron")).Script.Stations[0].Checks,
            c => c.Id == Preparation.Steam);
    }

    [Fact]
    [Mistake(10, Caught.Plan, "Waxed paper as a cover is a stop.")]
    public void Waxed_paper_is_a_stop() => Stops(On(SampleJobs.Tee(), "tools", "cover", "waxed-paper"), "waxed-paper");

    [Fact]
    [Mistake(11, Caught.Bench, "With an iron each closing says: straight down, lean on it, do not slide.")]
    public void An_iron_is_set_down_and_not_slid() =>
        Assert.All(StationScript.Of(SampleJobs.Plan(SampleJobs.Of("smooth", "tee", "cotton", "household-iron")).Plan).Steps.Zip(
            StationScript.Of(SampleJobs.Plan(SampleJobs.Of("smooth", "tee", "cotton", "household-iron")).Plan).Steps.Skip(1))
            .Where(s => s.Second.Kind == StepKind.Hold),
            s => Assert.Contains("do not slide", s.First.Text, StringComparison.Ordinal));

    [Fact]
    [Mistake(12, Caught.Plan, "Without a cover the plan warns, and a press over bare vinyl always lies under one.")]
    public void Bare_vinyl_lies_under_a_cover()
    {
        Assert.Equal(NoticeLevel.Caution, Says(On(SampleJobs.Tee(), "tools", "cover", "none"), "cover-needed").Level);
        Assert.Contains(SampleJobs.Plan(SampleJobs.Tee()).Plan.Steps, s => s.Kind == StepKind.Do
            && s.Text.Contains("PTFE sheet on the bare vinyl", StringComparison.Ordinal));
    }

    [Fact]
    [Mistake(13, Caught.Bench, "Each go of the plate is a step with its own time, and none is passed over.")]
    [Mistake(13, Caught.Judged,
        "A go that was short, or was left out, is named as the cause, and the piece is pressed for what is missing.")]
    public void Each_go_is_a_step_and_a_short_one_is_named()
    {
        var run = new RunAtPress(SampleJobs.With(j =>
        {
            j["blank"]!["widthMm"] = 480;
            j["layers"] = new JsonArray(Layer("a", "smooth", -70, 0, 420, 340));
        })).Prepare();
        var parts = run.Plan.Whole.Last(w => w.Press.Purpose == PressPurpose.Press).OnParts;
        Assert.Equal([1, 2], parts.Select(p => p.Part));
        Assert.Equal(2, run.Script.Stations[0].Steps.Count(s => s.Kind == StepKind.Hold && parts.Any(p => p.Order == s.PressOrder)));
        run.ToTheBondingHold().Wait(3).OpenForGood().Until(StepKind.Inspect).See(Outcome.EdgesLifted);
        var advice = Judged(run, Outcome.EdgesLifted);
        Assert.Contains("3 s instead of", advice.Causes[0], StringComparison.Ordinal);
        // For what is missing of it, and no more than the vinyl takes.
        Assert.InRange(advice.Seconds!.Value, 5, run.Plan.BondingPress.Seconds);
        Assert.All(advice.Rooms, r => Assert.True(r.After <= r.Most));
        // Each go has its own time, and the second is not passed over: done while it is due, it is refused.
        Assert.All(run.Script.Stations[0].Steps.Where(s => s.Kind == StepKind.Hold && parts.Any(p => p.Order == s.PressOrder)),
            s => Assert.Equal(run.Plan.BondingPress.Seconds, s.Seconds));
        Assert.All(parts, p => Assert.Contains(run.Focus().Holds, h => h.PressOrder == p.Order));
    }

    [Fact]
    [Mistake(14, Caught.Bench, "While it cools, peeling is only taken as done by somebody who says that it is done all the same.")]
    [Mistake(14, Caught.Judged, "What then comes up with the carrier is laid back to cool, not pressed again.")]
    public void A_cold_peel_is_waited_for()
    {
        var run = new RunAtPress(SampleJobs.Of("foil", "tee", "cotton", "swing-platen")).Prepare().Until(StepKind.Wait).Wait(2);
        Assert.Equal("not-cool-yet", run.Refused(BenchAction.Done));
        run.Say(BenchAction.Done, with: e => e with { Knowingly = true }).See(Outcome.OnCarrier);
        var advice = Judged(run, Outcome.OnCarrier);
        Assert.Equal((AdviceKind.LookAgain, null), (advice.Kind, advice.Seconds));
        Assert.Contains("before it had cooled", advice.Causes[0], StringComparison.Ordinal);
    }

    [Fact]
    [Mistake(15, Caught.Plan,
        "Vinyl that would lie on a neighbour's carrier is a stop; a carrier's edge on finished vinyl is said with how far to trim it.")]
    public void Vinyl_on_a_carrier_is_a_stop()
    {
        var job = Layers(Layer("a", "smooth", 0, 0, 100, 100), Layer("b", "smooth", 40, 40, 50, 50));
        job["choices"] = new JsonObject { ["layerMethod"] = "at-once" };
        Stops(job, "carrier-overlap");
        var beside = Layers(Layer("a", "foil", 0, 0, 80, 80), Layer("b", "smooth", 84, 0, 80, 80));
        beside["choices"] = new JsonObject { ["layerMethod"] = "full" };
        Assert.Contains(SampleJobs.Plan(beside).Plan.Notices, n => n is { Code: "carrier-overlap", Level: NoticeLevel.Caution });
        Assert.Contains(SampleJobs.Plan(beside).Plan.Carriers, c => c.TrimToMm is not null);
    }

    [Fact]
    [Mistake(17, Caught.Plan, "Glitter under another vinyl, or on glitter, is a stop with the changes that mend it.")]
    public void Glitter_is_neither_under_nor_on_glitter()
    {
        Stops(Layers(Layer("low", "glitter", 0, 0, 200, 200), Layer("up", "smooth", 50, 50, 50, 50)), "underneath-not-allowed");
        var both = Layers(Layer("low", "glitter", 0, 0, 200, 200), Layer("up", "glitter", 50, 50, 50, 50));
        Stops(both, "glitter-on-glitter");
        Assert.NotEmpty(Says(both, "glitter-on-glitter").Remedies);
    }

    [Fact]
    [Mistake(18, Caught.Plan, "Heat is added up layer by layer; what would have too much is said, with shorter ways.")]
    [Mistake(18, Caught.Judged, "Wrinkles get no more heat, and a plate that stayed closed too long is named.")]
    public void A_last_press_that_is_too_long_is_seen_before_and_after()
    {
        // On felt, which keeps the heat in: where it is known to wrinkle.
        var job = Layers(Layer("low", "smooth", -60, -100, 150, 150), Layer("mid", "smooth", -40, -80, 100, 100),
            Layer("up", "smooth", -20, -60, 50, 50));
        job["blank"] = new JsonObject { ["form"] = "flat", ["material"] = "poly-felt" };
        job["choices"] = new JsonObject { ["layerMethod"] = "full" };
        Assert.Contains(SampleJobs.Plan(job).Plan.Notices, n => n.Code == "heat-budget" && n.Layers.Contains("low"));

        var run = new RunAtPress(SampleJobs.Tee()).Prepare().Until(s => s is { Kind: StepKind.Do, Lays: true }).Say(BenchAction.Wire)
            .Say(BenchAction.Done).Wait(75).OpenForGood().Say(BenchAction.Unwire).Until(StepKind.Inspect).See(Outcome.Wrinkled);
        var advice = Judged(run, Outcome.Wrinkled);
        Assert.Equal((AdviceKind.Accept, null), (advice.Kind, advice.Seconds));
        Assert.Contains("stayed closed 75 s", advice.Causes[0], StringComparison.Ordinal);
    }

    [Fact]
    [Mistake(22, Caught.Plan, "Puff is laid last and heated once, or it is said what is heated twice; anything over it is a stop.")]
    [Mistake(22, Caught.Judged, "A second heat is refused for all but letters that stayed flat, and a third always.")]
    public void Puff_is_heated_once()
    {
        Stops(Layers(Layer("low", "puff", 0, 0, 100, 100), Layer("up", "smooth", 30, 30, 40, 40)), "puff-covered");
        var beside = SampleJobs.Plan(Layers(Layer("foam", "puff", 0, 0, 80, 80), Layer("flat", "smooth", 110, 0, 80, 80))).Plan;
        Assert.Equal("foam", beside.Presses.Last(p => p.Laid.Count > 0).Laid.Single());
        Assert.Equal(NoticeLevel.Caution, Says(Layers(Layer("wide", "puff", -75, 10, 380, 120)), "puff-twice").Level);
        var run = new RunAtPress(SampleJobs.Of("puff", "tee", "cotton", "swing-platen")).Prepare().Until(StepKind.Inspect)
            .See(Outcome.EdgesLifted);
        var refused = Judged(run, Outcome.EdgesLifted);
        Assert.Empty(refused.Steps);
        Assert.StartsWith("Do not press it again", refused.Text, StringComparison.Ordinal);
        var rescue = Judged(run, Outcome.PuffFlat);
        Assert.InRange(rescue.Seconds!.Value, 2, 5);
        run.See(Outcome.PuffFlat).Say(BenchAction.Rescue, with: e => e with { Steps = rescue.Steps }).Until(StepKind.Inspect)
            .See(Outcome.PuffFlat);
        Assert.Empty(Judged(run, Outcome.PuffFlat).Steps);
    }

    [Fact]
    [Mistake(23, Caught.Plan, "A press whose pressure cannot be set does not press puff.")]
    [Mistake(23, Caught.Bench, "Even pressure is tried with paper strips before the first piece.")]
    public void Pressure_under_puff_is_even()
    {
        Assert.Equal(Verdict.Stop, SampleJobs.Plan(SampleJobs.Of("puff", "tee", "cotton", "auto-platen")).Plan.Verdict);
        Assert.Contains(new RunAtPress(SampleJobs.Of("puff", "tee", "cotton", "swing-platen")).Script.Stations[0].Checks,
            c => c.Id == Preparation.Pressure && c.Text.Contains("strip of paper", StringComparison.Ordinal));
    }

    [Fact]
    [Mistake(24, Caught.Plan, "How much the lower layer shrinks is said, and whether the upper one is placed piece by piece.")]
    public void Shrinkage_is_said_and_laid_for()
    {
        // 0.4 % of 240 mm, half of it on each side.
        var large = Says(Layers(Layer("low", "smooth", 0, 0, 240, 200), Layer("up", "smooth", 10, 10, 200, 160)), "shrinkage");
        Assert.Equal(0.48, large.Data["side"].Value, 0.005);
        Assert.Contains("piece by piece", large.Text, StringComparison.Ordinal);
        var whole = Layers(Layer("low", "smooth", 0, 0, 240, 200), Layer("up", "smooth", 10, 10, 200, 160));
        whole["choices"] = new JsonObject { ["upperLayers"] = "whole" };
        Assert.Contains("Lay the next layer whole", Says(whole, "shrinkage").Text, StringComparison.Ordinal);
    }

    [Fact]
    [Mistake(28, Caught.Plan, "The first wash is held back for 24 hours.")]
    public void The_first_wash_waits() => Assert.Contains("24 h", Says(SampleJobs.Tee(), "wash-24h").Text, StringComparison.Ordinal);

    [Fact]
    [Mistake(30, Caught.Plan, "Fine edges get a few seconds more of their own.")]
    [Mistake(30, Caught.Judged, "An edge that lifts is pressed once more by itself, for as long as it needs and the vinyl takes.")]
    public void Edges_get_their_time()
    {
        Assert.Equal(NoticeLevel.Note, Says(SampleJobs.With(j => j["layers"]![0]!["intricate"] = true), "edge-time").Level);
        var run = new RunAtPress(SampleJobs.Tee()).Prepare().Until(StepKind.Inspect).See(Outcome.EdgesLifted);
        var advice = Judged(run, Outcome.EdgesLifted);
        Assert.Equal(AdviceKind.PressEdge, advice.Kind);
        Assert.All(advice.Rooms, r => Assert.True(r.After <= r.Most));
    }
}
