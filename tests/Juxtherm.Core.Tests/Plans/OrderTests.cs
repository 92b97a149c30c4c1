using System.Text.Json.Nodes;
using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Stacking;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>The order of laying in whole plans: checked in the full model, with its reasons, and bent to the crafter's wish.</summary>
public class OrderTests
{
    private static JsonObject Layer(string id, string vinyl, double x, double y, double w, double h) =>
        new() { ["id"] = id, ["vinyl"] = vinyl, ["xMm"] = 100 + x, ["yMm"] = 140 + y, ["widthMm"] = w, ["heightMm"] = h };

    private static JsonObject Job(params JsonObject[] layers) => SampleJobs.With(j => j["layers"] = new JsonArray([.. layers]));

    private static JsonObject Wishing(JsonObject job, params string[] order)
    {
        job["order"] = new JsonArray([.. order.Select(o => (JsonNode)o)]);
        return job;
    }

    private static string Laid(Plan plan) =>
        string.Join(" | ", plan.Presses.Where(p => p.Laid.Count > 0).Select(p => string.Join('+', p.Laid)));

    [Fact]
    public void A_single_layer_has_no_order_but_its_heat()
    {
        var plan = SampleJobs.Plan(SampleJobs.Tee()).Plan;
        Assert.Null(plan.Order);
        var bar = Assert.Single(plan.Budgets);
        Assert.Equal(bar.Total, bar.Shares.Sum(s => s.Share), 0.02);
        Assert.Equal(plan.Presses[^1].Predicted.HeatDose["sky"], bar.Total, 0.011);
    }

    [Fact]
    public void The_order_says_why_and_what_the_next_best_costs()
    {
        var plan = SampleJobs.Plan(
            Job(Layer("sky", "smooth", 0, 0, 200, 150), Layer("star", "smooth", 20, 20, 30, 30),
                Layer("moon", "smooth", 120, 20, 40, 40))).Plan;
        Assert.Equal("sky | moon+star", Laid(plan));
        Assert.Equal(3, plan.Order!.Presses);
        Assert.Contains(plan.Order.Reasons, r => r.Contains("“sky” before", StringComparison.Ordinal));
        Assert.Contains(plan.Order.Reasons, r => r.Contains("“moon” and “star”", StringComparison.Ordinal));
        Assert.Equal(4, plan.Order.RunnerUp!.Presses);
        Assert.Contains("1 press more", plan.Order.RunnerUp.Text, StringComparison.Ordinal);
    }

    [Fact]
    public void A_cold_peel_over_plain_counts_its_wait()
    {
        var cold = SampleJobs.Plan(Job(Layer("sky", "smooth", 0, 0, 200, 150), Layer("star", "foil", 20, 20, 60, 60))).Plan;
        var warm = SampleJobs.Plan(Job(Layer("sky", "smooth", 0, 0, 200, 150), Layer("star", "smooth", 20, 20, 60, 60))).Plan;
        Assert.Equal("sky | star", Laid(cold));
        Assert.Equal(2, cold.Order!.Presses);
        var wait = cold.Presses[^1].Peel.FromSeconds;
        Assert.True(wait > 20, $"{wait} s");
        Assert.True(cold.Order.Seconds > warm.Order!.Seconds - 12 && cold.Times.ElapsedSeconds - cold.Times.HandsOnSeconds >= wait);
    }

    [Fact]
    public void Large_offset_letters_are_laid_piece_by_piece()
    {
        // Three strokes far apart, on a backing 4 mm larger all round.
        const string letters = "M0 0L20 0 20 80 0 80ZM100 0L120 0 120 80 100 80ZM200 0L220 0 220 80 200 80Z";
        const string backing = "M0 0L28 0 28 88 0 88ZM100 0L128 0 128 88 100 88ZM200 0L228 0 228 88 200 88Z";
        JsonObject Drawn(string id, double grow, string shape, double size)
        {
            var layer = Layer(id, "smooth", -grow, -grow, (220 + 2 * grow) * size, (80 + 2 * grow) * size);
            layer["shape"] = shape;
            return layer;
        }

        var large = SampleJobs.Plan(Job(Drawn("back", 4, backing, 1), Drawn("word", 0, letters, 1))).Plan;
        Assert.Equal("pieces", large.Options.Single(w => w.Id == "upperLayers").Chosen);
        Assert.Contains(large.Steps, s => s.Text.Contains("Piece by piece", StringComparison.Ordinal)
            && s.Text.Contains("“word”", StringComparison.Ordinal));
        var shrinks = large.Notices.Single(n => n.Code == "shrinkage");
        // Half a percent of 228 mm, shared by both ends, in tenths of a millimetre.
        Assert.Contains($"{shrinks.Data["side"].Value:0.0} mm", shrinks.Text, StringComparison.Ordinal);
        Assert.InRange(shrinks.Data["side"].Value, 0.2, 2);
        Assert.Contains("piece by piece", shrinks.Text, StringComparison.Ordinal);
        // Two pieces more to lay.
        var whole = Job(Drawn("back", 4, backing, 1), Drawn("word", 0, letters, 1));
        (whole["choices"] ??= new JsonObject())["upperLayers"] = "whole";
        Assert.Equal(12, large.Order!.Seconds - SampleJobs.Plan(whole).Plan.Order!.Seconds);

        var small = SampleJobs.Plan(Job(Drawn("back", 4, backing, 0.5), Drawn("word", 0, letters, 0.5))).Plan;
        Assert.Equal("whole", small.Options.Single(w => w.Id == "upperLayers").Chosen);
        Assert.DoesNotContain(small.Steps, s => s.Text.Contains("Piece by piece", StringComparison.Ordinal));
    }

    [Fact]
    public void A_wish_that_can_be_is_followed_and_its_price_named()
    {
        var job = Job(Layer("a", "smooth", 0, 0, 60, 60), Layer("b", "foil", 80, 0, 60, 60), Layer("c", "smooth", 160, 0, 60, 60));
        Assert.Equal("a+c | b", Laid(SampleJobs.Plan(job).Plan));
        var plan = SampleJobs.Plan(Wishing(job, "a", "b", "c")).Plan;
        Assert.Equal("a | b | c", Laid(plan));
        Assert.True(plan.Order!.Wished);
        var notice = plan.Notices.Single(n => n.Code == "laying-order");
        // The foil is heated twice, which it bears badly: that is said, and the wish followed all the same.
        Assert.Equal(NoticeLevel.Caution, notice.Level);
        Assert.Equal(1, notice.Data["presses"].Value);
        Assert.Equal("a+c | b", Laid(SampleJobs.Plan(Edits.Applied(job, Assert.Single(notice.Remedies).Edits)).Plan));
    }

    [Fact]
    public void A_wish_that_costs_nothing_is_followed_without_a_word()
    {
        var plan = SampleJobs.Plan(Wishing(Job(Layer("a", "smooth", 0, 0, 60, 60), Layer("b", "smooth", 62, 0, 50, 50)), "b", "a")).Plan;
        Assert.Equal("b | a", Laid(plan));
        Assert.DoesNotContain(plan.Notices, n => n.Code == "laying-order");
    }

    [Theory]
    [InlineData("smooth", "smooth", 20, "because it is on top of it")]
    [InlineData("smooth", "puff", 150, "puffs once")]
    public void A_wish_that_cannot_be_says_why_and_is_passed_over(string lower, string upper, double x, string why)
    {
        var job = Job(Layer("low", lower, 0, 0, 100, 100), Layer("up", upper, x, 20, 60, 60));
        var plan = SampleJobs.Plan(Wishing(job, "up", "low")).Plan;
        Assert.Equal("low | up", Laid(plan));
        var notice = plan.Notices.Single(n => n.Code == "laying-order");
        Assert.Equal(NoticeLevel.Caution, notice.Level);
        Assert.Contains(why, notice.Text, StringComparison.Ordinal);
        Assert.Equal(["up", "low"], notice.Layers);
        // What it would cost is said too: two full presses on what was to be laid first.
        Assert.InRange(notice.Data["heat"].Value, 1.5, 4.5);
    }

    [Theory]
    [InlineData("""["a", "a"]""", "duplicate")]
    [InlineData("""["a","b","c","d","e","f","g","h","i","j","k","l","m"]""", "out-of-range")]
    [InlineData("""[7]""", "wrong-type")]
    public void A_wish_that_cannot_be_read_is_refused(string order, string code)
    {
        var job = SampleJobs.Tee();
        job["order"] = JsonNode.Parse(order);
        var problems = new Problems();
        Assert.Null(JobReader.Read(job.ToJsonString(), Shipped.Catalogue, problems));
        Assert.Contains(problems.Found, p => p.Code == code && p.Pointer.Contains("/order", StringComparison.Ordinal));
    }

    [Fact]
    public void Names_of_layers_that_are_gone_or_hidden_do_no_harm() =>
        Assert.Equal("b | a",
            Laid(SampleJobs.Plan(
                Wishing(Job(Layer("a", "smooth", 0, 0, 60, 60), Layer("b", "smooth", 62, 0, 50, 50)), "gone", "b", "a")).Plan));

    [Fact]
    public void The_finished_face_lies_on_the_cold_side()
    {
        double First(string face)
        {
            var job = Job(Layer("front", "smooth", 0, 0, 120, 120), Layer("other", "smooth", 130, 0, 100, 100));
            job["layers"]![1]!["face"] = face;
            (job["choices"] ??= new JsonObject())["layerMethod"] = "full";
            job["layers"]![1]!["carrierMarginMm"] = 40;
            return SampleJobs.Plan(job).Plan.Budgets.Single(b => b.Layer == "front").Total;
        }

        var (alone, samePlate, turned) = (SampleJobs.Plan(Job(Layer("front", "smooth", 0, 0, 120, 120))).Plan.Budgets[0].Total,
            First("front"), First("back"));
        // Under the plate again it takes a press more; lying down it feels a part of that, through two cloths.
        Assert.True(samePlate > turned && turned > alone * 0.9, $"{alone} {turned} {samePlate}");
        Assert.True(turned - alone < (samePlate - alone) * 0.6, $"{alone} {turned} {samePlate}");
    }

    /// <summary>Random jobs: each layer is laid once, the presses are those that the order names, and no layer gets more than it takes
    /// without a word.</summary>
    [Property(MaxTest = 12)]
    [Trait("Run", "thorough")]
    public Property Every_plan_keeps_to_its_order_and_its_budget()
    {
        var vinyls = Shipped.Catalogue.Vinyls.Keys.ToArray();
        var layer = from vinyl in Gen.Elements(vinyls)
                    from x in Gen.Choose(0, 180)
                    from y in Gen.Choose(0, 200)
                    from w in Gen.Choose(15,
            120)
                    from h in Gen.Choose(15, 120)
                    select (vinyl, x, y, w, h);
        var jobs = Gen.Choose(2, 6).SelectMany(n => layer.ListOf(n))
            .Select(some => Job([.. some.Select((l, i) => Layer($"l{i}", l.vinyl, l.x, l.y, l.w, l.h))]));
        return Prop.ForAll(jobs.ToArbitrary(), job =>
        {
            var plan = SampleJobs.Plan(job).Plan;
            Assert.Equal(job["layers"]!.AsArray().Select(l => (string)l!["id"]!).Order(StringComparer.Ordinal),
                plan.Presses.SelectMany(p => p.Purpose == PressPurpose.Patch ? [] : p.Laid).Order(StringComparer.Ordinal));
            Assert.Equal(plan.Order!.Groups.SelectMany(g => g.Layers), plan.Presses.Where(p => p.Purpose != PressPurpose.Patch)
                .SelectMany(p => p.Laid));
            Assert.Equal(plan.Order.Presses, plan.Order.Groups.Count);
            foreach (var bar in plan.Budgets)
            {
                Assert.Equal(bar.Total, bar.Shares.Sum(s => s.Share), 0.05);
                var said = plan.Notices.Where(n => n.Code is "heat-budget" or "puff-twice" && n.Layers.Contains(bar.Layer)).ToList();
                Assert.True(bar.Total <= bar.Most || said.Count > 0, $"{bar.Name}: {bar.Total} of {bar.Most}");
                // A last press that was cut short is said also where that keeps every layer within its heat.
                Assert.True(bar.Total > bar.Most
                    || !said.Exists(n => n.Code == "heat-budget" && !n.Data.ContainsKey("full")), $"{bar.Name}: {bar.Total} of {bar.Most}");
            }

            // What is laid together is peeled together, and what is only tacked is bonded later.
            foreach (var tack in plan.Presses.Where(p => p.Purpose == PressPurpose.Tack))
                Assert.All(tack.Laid,
                    id => Assert.Contains(plan.Presses, p => p.Order > tack.Order && p.Purpose == PressPurpose.Press
                        && p.Layers.Contains(id)));
            Assert.All(plan.Order.Groups, g => Assert.Equal(g.Kind == LaidPressKind.Last, g.Layers.Count == 0));
        });
    }
}
