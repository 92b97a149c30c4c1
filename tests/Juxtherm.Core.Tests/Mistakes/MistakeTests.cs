using System.Text.Json.Nodes;
using Juxtherm.Core.Cutting;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Runs;
using Juxtherm.Core.Runs.Judging;
using Juxtherm.Core.Tests.Plans;
using Juxtherm.Core.Tests.Runs;
using Outcome = Juxtherm.Core.Runs.Outcome;

namespace Juxtherm.Core.Tests.Mistakes;

/// <summary>Each of the trade's common mistakes, made on purpose.</summary>
public class MistakeTests
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

    private static CutRun Mats(params string[] vinyls)
    {
        var table = Shipped.Catalogue.Cutters["table"];
        return new CutRun(
            [.. vinyls.Select((v, i) =>
                new CutMat(i + 1, v, v, v, null, 1, [0, 1], CutPreset.Of(Shipped.Catalogue.Vinyls[v], table), 200, 0, 60, MatStatus.Waiting,
                    null, null, []))]);
    }

    /// <summary>Whether the blade runs along a drawing as it was drawn, or turned over: told by the order of its sides, all of other
    /// lengths.</summary>
    private static string CutAsDrawn(Job job)
    {
        var plan = new CutPlanner(Shipped.Catalogue)
            .Plan(job, [], new Dictionary<string, CutPreset>(StringComparer.Ordinal), Shipped.Words);
        var list = plan.Layouts[0].Lists.Single();
        var line = list.Sheets.SelectMany(s => s.Strokes(list.Shapes)).Select(s => s.Points).First(points => points.Count is 6 or 7);
        var corners = line.Take(6).ToList();
        double Side(int i) =>
            Math.Round(Math.Sqrt(
                Math.Pow(corners[(i + 1) % 6].X - corners[i % 6].X, 2) + Math.Pow(corners[(i + 1) % 6].Y - corners[i % 6].Y, 2)));
        var area = Enumerable.Range(0, 6).Sum(i => corners[i].X * corners[(i + 1) % 6].Y - corners[(i + 1) % 6].X * corners[i].Y);
        // In the drawing, y down, after the long side of 60 along the top comes the short end of 20.
        var after = Enumerable.Range(0, 6).Where(i => Side(i) == 12).Select(i => area > 0 ? Side(i + 1) : Side(i + 5)).First();
        return after == 60 ? "as drawn" : after == 40 ? "turned over" : $"odd: {after}";
    }

    /// <summary>Whether a spot lies under a plate, which may lie slanted, clockwise about its middle.</summary>
    private static bool Under(PlateSection plate, (double X, double Y) spot)
    {
        var (dx, dy) = (spot.X - plate.XMm - plate.WidthMm / 2, spot.Y - plate.YMm - plate.HeightMm / 2);
        var (sin, cos) = Math.SinCos(-plate.SlantDegrees * Math.PI / 180);
        return Math.Abs(dx * cos - dy * sin) < plate.WidthMm / 2 && Math.Abs(dx * sin + dy * cos) < plate.HeightMm / 2;
    }

    private static Advice Judged(RunAtPress run, Outcome sign) => Assert.Single(JudgeTests.Judged(run, sign));

    [Fact]
    [Mistake(1, Caught.Plan, "The plan stops until the artwork is mirrored; the cutter's file is mirrored once, there.")]
    public void Artwork_that_is_not_mirrored_is_a_stop()
    {
        var job = SampleJobs.Tee();
        job["layers"]![0]!["mirrored"] = false;
        Stops(job, "mirror");
        // The cutter's sheet is reversed once, and not again where the drawing is reversed already.
        string Cut(bool reversed)
        {
            var drawn = SampleJobs.With(j =>
            {
                var layer = j["layers"]![0]!.AsObject();
                (layer["shape"], layer["widthMm"], layer["heightMm"]) = ("M0 0H60V20H12V60H0Z", 60, 60);
                if (reversed)
                    layer["reversed"] = true;
            });
            return CutAsDrawn(SampleJobs.Read(drawn));
        }

        Assert.Equal("as drawn", Cut(reversed: true));
        Assert.Equal("turned over", Cut(reversed: false));
    }

    [Fact]
    [Mistake(2, Caught.Plan, "The cutting step says carrier down, and to look for the carrier, not for the shine.")]
    public void Which_side_is_the_carrier_is_said_before_cutting()
    {
        Assert.Contains("carrier", Says(SampleJobs.Tee(), "carrier-side").Text, StringComparison.OrdinalIgnoreCase);
        Assert.Contains(SampleJobs.Plan(SampleJobs.Tee()).Plan.Steps, s => s.Stage == WorkStage.Cut
            && s.Text.Contains("Carrier sheet down", StringComparison.Ordinal));
    }

    [Fact]
    [Mistake(3, Caught.Cut, "A mat of another vinyl is not taken in before its own preset was set and confirmed.")]
    public void The_next_mat_wants_its_own_preset()
    {
        var second = Mats("smooth", "glitter").Load("smooth").Go().Finished(50).Unload(_ => (0, 0, 0));
        Assert.Equal("cut-preset", Assert.Throws<CutRefusedException>(() => second.Load("smooth")).Code);
        Assert.Equal(MatStatus.Loaded, second.Load("glitter").Current!.Status);
    }

    [Fact]
    [Mistake(4, Caught.Cut,
        "The cutter says that it stopped and why; the same mat goes on from where it was, and what is whole stays whole.")]
    public void A_cut_goes_on_after_the_computer_slept()
    {
        var stopped = Mats("smooth").Load("smooth").Go().Stopped("computer-slept", [0]);
        Assert.Equal(("computer-slept", MatStatus.Stopped), (stopped.Current!.Trouble, stopped.Current.Status));
        // The same mat goes on, and what was whole is whole still; taken out instead, only the rest is cut again.
        var goes = stopped.Go();
        Assert.Equal((MatStatus.Cutting, 1, null), (goes.Current!.Status, goes.Current.Number, goes.Current.Trouble));
        Assert.Equal([0], goes.Current.UnitsDone);
        Assert.Equal([0, 1], goes.Finished(50).Current!.UnitsDone);
        var out_ = stopped.Unload(left => (left.Count * 10.0, 0, left.Count));
        Assert.Equal([1], out_.Current!.Units);
    }

    [Fact]
    [Mistake(5, Caught.Plan, "A test cut is part of the cutting step, with what to change by what it shows.")]
    public void A_test_cut_and_the_preset_are_asked_for()
    {
        Assert.Contains(SampleJobs.Plan(SampleJobs.Tee()).Plan.Steps, s => s.Stage == WorkStage.Cut
            && s.Text.Contains("test shape", StringComparison.Ordinal));
        Assert.Contains("more force", Says(SampleJobs.Tee(), "test-cut").Text, StringComparison.Ordinal);
    }

    [Fact]
    [Mistake(6, Caught.Cut, "The weeding step counts the centres that have to be picked out.")]
    public void Letter_centres_are_counted_before_weeding()
    {
        var plan = SampleJobs.Plan(RunAtPress.Named("Boo")).Plan;
        var job = SampleJobs.Read(RunAtPress.Named("Boo"));
        var shape = Core.Artwork.LetterShapes.Set(job.Layer.Words! with { Text = "Boo" }).Shape!;
        Assert.Equal(4, shape.Measures.Holes);
        var drawn = SampleJobs.With(j =>
            (j["layers"]![0]!["shape"], j["layers"]![0]!["widthMm"], j["layers"]![0]!["heightMm"]) = (shape.PathIn(shape.Bounds),
                shape.Bounds.WidthMm, shape.Bounds.HeightMm));
        Assert.Contains(SampleJobs.Plan(drawn).Plan.Steps, s => s.Stage == WorkStage.Weed
            && s.Text.Contains("4 centres to pick out", StringComparison.Ordinal));
        Assert.Contains(plan.Steps, s => s.Stage == WorkStage.Weed
            && s.Text.Contains("the centres of letters too", StringComparison.Ordinal));
    }

    [Fact]
    [Mistake(7, Caught.Cut,
        "The weeding step says how many pieces stay, and islands too small to stay down are pointed out with where they are.")]
    public void Islands_that_are_easily_pulled_off_are_pointed_out()
    {
        var job = SampleJobs.With(j =>
            (j["layers"]![0]!["shape"], j["layers"]![0]!["widthMm"], j["layers"]![0]!["heightMm"]) = ("M0 0H60V40H0ZM70 0H70.8V.8H70Z", 71,
                40));
        Assert.Equal(NoticeLevel.Caution, Says(job, "small-detail").Level);
        Assert.Contains(SampleJobs.Plan(job).Plan.Steps, s => s.Stage == WorkStage.Weed
            && s.Text.Contains("2 pieces stay", StringComparison.Ordinal));
    }

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
        Assert.InRange(advice.Seconds!.Value, run.Plan.BondingPress.Seconds - 3 - 4, run.Plan.BondingPress.Seconds);
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
    [Mistake(16, Caught.Plan, "What is thick hangs off the plate; where it cannot, the plan says so and how to bed it.")]
    public void Seams_and_collars_hang_off_the_plate()
    {
        var seam = SampleJobs.With(j =>
        {
            j["layers"] = new JsonArray(Layer("a", "smooth", 0, 0, 200, 150));
            j["blank"]!["features"] =
                new JsonArray(new JsonObject { ["kind"] = "seam", ["xMm"] = 60, ["yMm"] = 200, ["widthMm"] = 300, ["heightMm"] = 5 });
        });
        var said = Says(seam, "seam-under-plate");
        Assert.Equal(NoticeLevel.Caution, said.Level);
        Assert.Contains("seam", said.Text, StringComparison.OrdinalIgnoreCase);
        Assert.Contains("pillow", said.Text, StringComparison.Ordinal);
        // What can hang off does: no placement of the plate lies over a collar that is near the print.
        var near = Layers(Layer("a", "smooth", 40, -40, 120, 80));
        var collar = SampleJobs.Read(near).Blank.Faces[Face.Front].Collar!.Box;
        Assert.All(SampleJobs.Plan(near).Plan.BondingPress.Sections,
            s => Assert.False(new Core.Geometry.Box(s.XMm, s.YMm, s.WidthMm, s.HeightMm).Overlaps(collar)));
        Assert.DoesNotContain(SampleJobs.Plan(Layers(Layer("a", "smooth", 0, 0, 200, 150))).Plan.Notices, n => n.Code is "seam-under-plate"
            or "collar-under-plate" && n.Level != NoticeLevel.Note);
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
    [Mistake(19, Caught.Plan, "Felt gets the time that its lofty face wants, several times a tee's.")]
    public void Felt_is_not_pressed_like_a_tee()
    {
        double Seconds(string form, string material) =>
            SampleJobs.Plan(SampleJobs.Of("smooth", form, material, "swing-platen")).Plan.BondingPress.Seconds;
        Assert.True(Seconds("pennant", "poly-felt") > 2 * Seconds("tee", "cotton"));
    }

    [Fact]
    [Mistake(20, Caught.Plan, "A towel in a frame is warned of: its damp spoils the bond; wood is better.")]
    public void A_damp_towel_under_a_canvas_is_warned_of() =>
        Assert.Equal(NoticeLevel.Caution,
            Says(On(SampleJobs.Of("smooth", "stretched-canvas", "primed-canvas", "swing-platen"), "tools", "underlay", "towel"),
                "damp-underlay").Level);

    [Fact]
    [Mistake(21, Caught.Plan, "A frame in a clamshell is a stop.")]
    public void A_frame_does_not_go_into_a_clamshell() =>
    Stops(On(SampleJobs.Of("smooth", "stretched-canvas", "primed-canvas", "clamshell-platen"), "tools", "underlay", "board"),
        "clamshell-frame");

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
    [Mistake(25, Caught.Plan, "Too low for the size, or too close under the collar, is said with where it should lie.")]
    public void A_print_too_low_or_too_high_is_said()
    {
        JsonObject Small(double y) => SampleJobs.With(j =>
        {
            j["blank"]!["size"] = "toddler";
            j["layers"] =
                new JsonArray(
                    new JsonObject
                    {
                        ["id"] = "a",
                        ["vinyl"] = "smooth",
                        ["xMm"] = 60,
                        ["yMm"] = y,
                        ["widthMm"] = 120,
                        ["heightMm"] = 100
                    });
        });
        var low = Says(Small(120), "placement-low");
        var close = Says(Small(48), "placement-collar");
        Assert.Equal((NoticeLevel.Caution, NoticeLevel.Caution), (low.Level, close.Level));
        // With where it should lie, for the size: less than for an adult.
        Assert.All(new[] { low, close }, n => Assert.InRange(n.Data["usual"].Value, 15, 45));
        Assert.True(low.Data["drop"].Value > low.Data["usual"].Value && close.Data["drop"].Value < close.Data["usual"].Value);
        var usual = Small(48 + close.Data["usual"].Value - close.Data["drop"].Value);
        Assert.DoesNotContain(SampleJobs.Plan(usual).Plan.Notices, n => n.Code is "placement-low" or "placement-collar");
    }

    [Fact]
    [Mistake(26, Caught.Plan, "Metal under the plate is said, and no placement of the plate lies over it.")]
    public void Metal_does_not_come_under_the_plate()
    {
        JsonObject Metal(double x, double y) => SampleJobs.With(j =>
        {
            j["layers"] = new JsonArray(Layer("a", "smooth", 0, 0, 200, 150));
            j["blank"]!["features"] =
                new JsonArray(new JsonObject { ["kind"] = "metal", ["xMm"] = x, ["yMm"] = y, ["widthMm"] = 10, ["heightMm"] = 10 });
        });
        Assert.Equal(NoticeLevel.Caution, Says(Metal(200, 200), "metal-under-heat").Level);
        // Whether or not it can be kept clear, no placement lies over it.
        foreach (var (x, y) in new[] { (200.0, 200.0), (330, 200), (200, 320) })
            Assert.All(SampleJobs.Plan(Metal(x, y)).Plan.Presses.SelectMany(p => p.Sections),
                s => Assert.All(new[] { (x, y), (x + 10, y), (x, y + 10), (x + 10, y + 10), (x + 5, y + 5) },
                    p => Assert.False(Under(s, p), $"{p} under {s}")));
    }

    [Fact]
    [Mistake(27, Caught.Plan,
        "What is larger than the plate is pressed in goes that are drawn; what is larger than the cutter is split where it joins best.")]
    public void What_is_too_large_is_parted()
    {
        var large = SampleJobs.With(j =>
            (j["layers"]![0]!["widthMm"], j["layers"]![0]!["heightMm"], j["blank"]!["widthMm"]) = (420, 340, 480));
        Assert.Equal(NoticeLevel.Caution, Says(large, "needs-sections").Level);
        var wide = Says(large, "too-wide-for-cutter");
        Assert.True(wide.Data["parts"].Value >= 2);
        Assert.Contains("parts", wide.Text, StringComparison.Ordinal);
        // Placed, the goes are drawn, and together they cover the print.
        large["layers"] = new JsonArray(Layer("a", "smooth", -70, 0, 420, 340));
        var sections =
            SampleJobs.Plan(large).Plan.Whole.Last(w => w.Press.Purpose == PressPurpose.Press).OnParts.SelectMany(p => p.Sections).ToList();
        Assert.True(sections.Count >= 2);
        Assert.All(new[] { (40.0, 150.0), (440, 150), (240, 300), (440, 470), (40, 470) },
            p => Assert.Contains(sections, s => p.Item1 >= s.XMm && p.Item1 <= s.XMm + s.WidthMm && p.Item2 >= s.YMm
                && p.Item2 <= s.YMm + s.HeightMm));
    }

    [Fact]
    [Mistake(28, Caught.Plan, "The first wash is held back for 24 hours.")]
    public void The_first_wash_waits() => Assert.Contains("24 h", Says(SampleJobs.Tee(), "wash-24h").Text, StringComparison.Ordinal);

    [Fact]
    [Mistake(29, Caught.Plan, "A mug is washed by hand, and the care step says so.")]
    public void A_mug_is_washed_by_hand() =>
    Assert.Contains("dishwasher",
        Assert.Single(SampleJobs.Plan(SampleJobs.Of("smooth", "mug", "ceramic", "mug-press")).Plan.Steps,
            s => s.Stage == WorkStage.Care).Text, StringComparison.Ordinal);

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
