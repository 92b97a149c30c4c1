using System.Text.Json.Nodes;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Patches;
using Juxtherm.Core.Settings;
using Juxtherm.Testing;
using Juxtherm.Words;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>Test patches: no more than are needed, and what they tell moves the plan.</summary>
public class PatchTests
{
    private static readonly Planner Planner = new(Shipped.Catalogue, Language.English);

    private static JsonObject With(JsonObject job, params (double Celsius, double Seconds, string Outcome)[] results)
    {
        job["patches"] =
            new JsonArray(
                [.. results.Select(r =>
                    (JsonNode)new JsonObject { ["celsius"] = r.Celsius, ["seconds"] = r.Seconds, ["outcome"] = r.Outcome })]);
        return job;
    }

    private static PatchAdvice Ask(JsonObject job) => Planner.Patches(SampleJobs.Read(job), UnitSystem.Metric);

    private static JsonObject Iron() => SampleJobs.Of("smooth", "tee", "cotton", "household-iron");

    /// <summary>One held with less than what another lifted at: it is said, one more is asked for beyond both, and the plan stays above
    /// what lifted and is no surer than before.</summary>
    [Theory]
    [InlineData(12, 16)]
    [InlineData(10, 24)]
    [InlineData(14, 15)]
    public void Patches_that_contradict_each_other_are_settled_by_one_more(double held, double lifted)
    {
        var dial = SampleJobs.Plan(SampleJobs.Tee()).Plan.BondingPress.Celsius;
        var job = With(SampleJobs.Tee(), (dial, held, "holds"), (dial, lifted, "lifts"));
        var advice = Ask(job);
        Assert.False(advice.Sure);
        Assert.Contains("misleads", advice.Text, StringComparison.Ordinal);
        Assert.Equal(1, advice.AtMost);
        Assert.True(advice.Next!.Seconds > lifted, $"{advice.Next.Seconds}");
        var plan = SampleJobs.Plan(job).Plan;
        // At the same dial for longer, or hotter: never as little as lifted.
        Assert.True(plan.BondingPress.Celsius > dial + 1 || plan.BondingPress.Seconds > lifted, plan.Headline);
        Assert.True(plan.Certainty!.Short > 0.02, plan.Certainty.PerHundred);
        // The other way round it is no contradiction.
        var other = With(SampleJobs.Tee(), (dial, held, "lifts"), (dial, lifted, "holds"));
        Assert.DoesNotContain("misleads", Ask(other).Text, StringComparison.Ordinal);
    }

    [Fact]
    public void Where_there_is_plenty_of_room_no_patch_is_asked_for()
    {
        var advice = Ask(SampleJobs.Tee());
        Assert.True(advice.Sure);
        Assert.Null(advice.Next);
        Assert.Equal(0, advice.AtMost);
    }

    [Fact]
    public void What_is_promised_without_a_patch_is_the_plans_own_setting()
    {
        var plan = SampleJobs.Plan(SampleJobs.Tee()).Plan;
        Assert.Contains($"{plan.BondingPress.Celsius:0} °C for {plan.BondingPress.Seconds:0} s", Ask(SampleJobs.Tee()).Text,
            StringComparison.Ordinal);
    }

    [Fact]
    public void An_iron_of_unknown_heat_wants_up_to_three_and_what_comes_of_each_moves_the_setting()
    {
        var first = Ask(Iron());
        Assert.Equal((false, PatchStudy.MostPatches), (first.Sure, first.AtMost));
        var next = first.Next!;
        var plain = SampleJobs.Plan(Iron()).Plan.BondingPress;
        Assert.Equal((plain.Celsius, Math.Max(5, Math.Round(plain.Seconds * 0.72))), (next.Celsius, next.Seconds));
        var lifted = SampleJobs.Plan(With(Iron(), (next.Celsius, next.Seconds, "lifts"))).Plan.BondingPress.Seconds;
        var held = SampleJobs.Plan(With(Iron(), (next.Celsius, next.Seconds, "holds"))).Plan.BondingPress.Seconds;
        Assert.True(lifted > plain.Seconds && lifted > held, $"{plain.Seconds} {lifted} {held}");
    }

    [Fact]
    public void One_that_lifted_where_it_should_have_held_makes_the_plan_longer_than_that()
    {
        // On a tee under a platen, 5 s beyond the plan.
        var plain = SampleJobs.Plan(SampleJobs.Tee()).Plan.BondingPress;
        var told = With(SampleJobs.Tee(), (plain.Celsius, plain.Seconds + 5, "lifts"));
        Assert.True(SampleJobs.Plan(told).Plan.BondingPress is var now
            && now.Seconds * Math.Pow(10, now.Celsius / 45) > (plain.Seconds + 5) * Math.Pow(10, plain.Celsius / 45),
            "the plan keeps a time that has lifted");
        Assert.DoesNotContain("do not fit together", Ask(told).Text, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("smooth", "tee", "cotton", "household-iron")]
    [InlineData("glitter", "tee", "unknown", "handheld-press")]
    [InlineData("low-temp", "key-fob", "leather-unknown", "handheld-press")]
    public void A_patch_that_lifted_is_not_asked_for_again_nor_anything_shorter(string vinyl, string form, string material, string source)
    {
        JsonObject Job() => SampleJobs.Of(vinyl, form, material, source);
        var celsius = SampleJobs.Plan(Job()).Plan.BondingPress.Celsius;
        var asked = 0;
        foreach (var seconds in new[] { 8.0, 12, 17, 25, 40 })
        {
            if (Ask(With(Job(), (celsius, seconds, "lifts"))).Next is not { } next)
                continue;
            asked++;
            Assert.True(next.Celsius >= celsius && next.Seconds > seconds, $"{seconds} s lifted, and {next.Seconds} s is asked for");
        }

        Assert.True(asked > 0, "nothing was asked for");
    }

    [Fact]
    public void Results_that_contradict_each_other_are_both_listened_to()
    {
        var (celsius, seconds) = (SampleJobs.Plan(SampleJobs.Tee()).Plan.BondingPress.Celsius,
            SampleJobs.Plan(SampleJobs.Tee()).Plan.BondingPress.Seconds);
        double Wants(params (double, double, string)[] r) =>
            Planner.Told(SampleJobs.Read(With(SampleJobs.Tee(), r))).Layers[0].Wants!.Value;
        var (held, lifted) = (Wants((celsius, seconds * 0.6, "holds")), Wants((celsius, seconds * 1.4, "lifts")));
        Assert.True(held < lifted);
        Assert.InRange(Wants((celsius, seconds * 0.6, "holds"), (celsius, seconds * 1.4, "lifts")), held, lifted);
    }

    [Theory]
    [InlineData("smooth", "tee", "cotton", "household-iron")]
    [InlineData("glitter", "tee", "unknown", "handheld-press")]
    [InlineData("smooth", "coaster", "slate", "swing-platen")]
    public void Three_patches_leave_less_doubt_whatever_the_face_wants(string vinyl, string form, string material, string source)
    {
        var study = Planner.StudyOf(SampleJobs.Read(SampleJobs.Of(vinyl, form, material, source)));
        foreach (var truth in new[] { 0.75, 1, 1.4 })
        {
            var results = new List<PatchResult>();
            var holdsFrom = study.SecondsUntil(truth);
            while (results.Count < PatchStudy.MostPatches)
            {
                var (dial, seconds) = study.Next(results);
                results.Add(new PatchResult(dial.Celsius, seconds, seconds >= holdsFrom ? PatchOutcome.Holds
                    : seconds >= study.SecondsUntil(truth * 0.7) ? PatchOutcome.LiftsALittle : PatchOutcome.Lifts));
            }

            // Where all three hold or all three lift, only one side is known better.
            Assert.InRange(study.SpreadLeft(results), 0.2, results.Select(r => r.Outcome).Distinct().Count() == 1 ? 0.9 : 0.7);
            var needs = study.Seconds(study.After(results));
            Assert.InRange(holdsFrom, needs.Low * 0.8, needs.High * 1.25);
        }
    }

    [Fact]
    public void A_marked_patch_makes_the_next_one_gentler_and_is_never_planned_again()
    {
        var plain = SampleJobs.Plan(Iron()).Plan.BondingPress;
        var marked = With(Iron(), (plain.Celsius, plain.Seconds, "marked"));
        var next = Ask(marked).Next!;
        Assert.True(next.Seconds < plain.Seconds || next.Celsius < plain.Celsius);
        var now = SampleJobs.Plan(marked).Plan.BondingPress;
        Assert.True(now.Seconds < plain.Seconds
            || now.Celsius < plain.Celsius, $"{now.Celsius} {now.Seconds} after {plain.Celsius} {plain.Seconds} was marked");
    }

    [Fact]
    public void A_mark_beyond_a_limit_raises_none_and_tells_what_the_vinyl_takes_from_above()
    {
        // Far hotter than polyester bears.
        var hot = SampleJobs.Read(With(SampleJobs.Of("smooth", "jersey", "polyester", "swing-platen"), (200, 30, "marked")));
        Assert.True(Planner.Told(hot).Blank.Material.Limit.Celsius.Value <= hot.Blank.Material.Limit.Celsius.Value);
        // So long that the vinyl is the nearer to its end.
        var job = SampleJobs.Read(With(SampleJobs.Of("foil", "tee", "cotton", "swing-platen"), (150, 28, "marked")));
        var told = Planner.Told(job).Layers[0].Vinyl;
        Assert.True(told.Bond.MostHeatDose.Value < job.Layers[0].Vinyl.Bond.MostHeatDose.Value);
        LayerAim Aim(Vinyl vinyl) => new(new Workpiece(vinyl, job.Blank.Material, job.Blank.Form, job.Tools.Source, job.Tools.Cover,
            job.Tools.Underlay), Chart.Of(vinyl, null), new ReferenceDose(1, 1), vinyl.Bond.MostHeatDose.Value);
        Assert.Equal(0, Aim(told).LnTakesMore);
        Assert.True(Aim(job.Layers[0].Vinyl).LnTakesMore > 0);
    }

    [Fact]
    public void A_job_told_by_its_patches_plans_as_with_them()
    {
        var job = SampleJobs.Read(With(Iron(), (175, 10, "lifts")));
        var told = Planner.Told(job);
        Assert.Empty(told.Patches);
        Assert.True(told.Layers[0].Wants!.Value > 1);
        var (with, without) = (Planner.Plan(job, UnitSystem.Metric).Plan.BondingPress,
            Planner.Plan(told, UnitSystem.Metric).Plan.BondingPress);
        Assert.Equal((with.Celsius, with.Seconds), (without.Celsius, without.Seconds));
        var plain = SampleJobs.Read(Iron());
        Assert.Same(plain, Planner.Told(plain));
    }

    [Fact]
    public void A_result_that_cannot_be_read_is_refused()
    {
        var problems = new Core.Reading.Problems();
        Assert.Null(JobReader.Read(With(SampleJobs.Tee(), (9000, 10, "perhaps")).ToJsonString(), Shipped.Catalogue, problems));
        Assert.Contains(problems.Found, p => p.Pointer == "/patches/0/celsius");
        Assert.Contains(problems.Found, p => p.Pointer == "/patches/0/outcome" && p.Said().Contains("lifts", StringComparison.Ordinal));
    }
}
