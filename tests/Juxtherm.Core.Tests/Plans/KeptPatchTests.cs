using System.Text.Json.Nodes;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Certainty;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Patches;
using Juxtherm.Core.Plans.Setting;
using Juxtherm.Core.Settings;
using Juxtherm.Words;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>Test patches that later jobs are planned by, patches at another pressure, and what else would help.</summary>
public class KeptPatchTests
{
    private static readonly Planner Planner = new(Shipped.Catalogue, Language.English);
    private static readonly DateTimeOffset May = new(2026, 5, 2, 10, 0, 0, TimeSpan.Zero);

    private static KeptPatch Patch(double seconds, string outcome, bool struck = false, string material = "cotton",
        string source = "handheld-press", int minute = 0) =>
        new(source, "smooth", material, 154, seconds, null, outcome, May.AddMinutes(minute), struck);

    private static WorkshopCorrection Kept(params KeptPatch[] patches) => WorkshopCorrection.None with { Patches = patches };

    private static Job Handheld() => SampleJobs.Read(SampleJobs.Of("smooth", "tee", "cotton", "handheld-press"));

    private static double Seconds(Job job) => Planner.Plan(job, UnitSystem.Metric).Plan.BondingPress.Seconds;

    [Fact]
    public void A_patch_counts_in_a_later_job_on_the_same_press_vinyl_and_blank()
    {
        var plain = Seconds(Handheld());
        var told = Handheld().In(Kept(Patch(plain + 2, "lifts"), Patch(plain + 8, "holds", minute: 5)));
        Assert.True(Seconds(told) > plain + 2);
        var plan = Planner.Plan(told, UnitSystem.Metric).Plan;
        Assert.Equal(Knowledge.Patches, plan.Certainty!.From);
    }

    [Fact]
    public void It_counts_nowhere_else_nor_once_it_is_struck()
    {
        var plain = Seconds(Handheld());
        foreach (var kept in new[]
        {
            Patch(plain + 2, "lifts", material: "fleece"), Patch(plain + 2, "lifts", source: "swing-platen"),
            Patch(plain + 2, "lifts", struck: true),
        })
            Assert.Equal(plain, Seconds(Handheld().In(Kept(kept))));
    }

    [Fact]
    public void The_jobs_own_patch_is_not_counted_twice_and_goes_when_it_is_struck()
    {
        var kept = Patch(20, "lifts-a-little");
        var own = Handheld() with { Patches = [PatchesKept.Result(kept)] };
        Assert.Single(own.In(Kept(kept)).Patches);
        Assert.Empty(own.In(Kept(kept with { Struck = true })).Patches);
        Assert.Equal(kept, PatchesKept.Of(own).Single());
        Assert.Empty(PatchesKept.Of(own with { Patches = [new PatchResult(150, 12, PatchOutcome.Holds)] }));
    }

    [Fact]
    public void Of_two_vinyls_only_the_one_is_told_that_was_patched()
    {
        var json = SampleJobs.Of("smooth", "tee", "cotton", "handheld-press");
        json["layers"]!.AsArray().Add(new JsonObject { ["id"] = "star", ["vinyl"] = "glow" });
        var job = SampleJobs.Read(json);
        var told = Planner.Told(job.In(Kept(Patch(20, "lifts"), Patch(30, "holds", minute: 1))));
        var (smooth, glow) = (told.Layers.Single(l => l.Vinyl.Id == "smooth"), told.Layers.Single(l => l.Vinyl.Id == "glow"));
        Assert.Equal(Knowledge.Patches, smooth.Belief.From);
        Assert.True(smooth.Wants!.Value != 1);
        Assert.Equal((Knowledge.Typical, null), (glow.Belief.From, glow.Wants));
    }

    [Fact]
    public void Under_a_press_that_is_held_a_patch_leant_on_harder_shows_how_much_less_is_enough()
    {
        // Only where the plan does not press as hard as it can.
        var job = Handheld();
        var study = Planner.StudyOf(job);
        var first = new PatchResult(study.Next([]).Dial.Celsius, study.Next([]).Seconds, PatchOutcome.LiftsALittle);
        var level = study.PressureToTry([first]);
        Assert.Equal(PressureLevel.Firm, level);
        Assert.Null(study.PressureToTry([]));
        var before = study.SecondsAt(study.After([first]), level!.Value);
        var leant = new PatchResult(first.Celsius, study.Shorter(before), PatchOutcome.Holds) { Pressure = level };
        var after = study.SecondsAt(study.After([first, leant]), level.Value);
        Assert.True(after <= before, $"{after} s after a patch held, {before} s before");
        Assert.Equal(PressureLevel.Firm, study.PressureTried([first, leant]));
        Assert.Null(study.PressureToTry([first, leant]));
        var advice = Planner.Patches(job with { Patches = [first, leant] }, UnitSystem.Metric);
        Assert.Equal((level.Value, after), (advice.Other!.Pressure, advice.Other.Seconds));
        Assert.Null(advice.Other.Try);
        // What lifted under more weight is no reason to press longer than it under less, and the other way round.
        Assert.Null(Planner.Patches(SampleJobs.Read(SampleJobs.Tee()) with { Patches = [first] }, UnitSystem.Metric).Other);
    }

    [Theory]
    [InlineData("handheld-press", new[] { PatchMeans.Patch, PatchMeans.Scale })]
    [InlineData("household-iron", new[] { PatchMeans.Patch })]
    [InlineData("swing-platen", new[] { PatchMeans.Patch })]
    public void What_is_at_hand_and_tells_something_is_named_the_best_first(string source, PatchMeans[] first)
    {
        var advice = Planner.Patches(SampleJobs.Read(SampleJobs.Of("smooth", "tee", "cotton", source)), UnitSystem.Metric);
        Assert.Equal(first, advice.Helps.Select(h => h.Means).Take(first.Length));
        Assert.All(advice.Helps, h => Assert.InRange(h.TakesAway, 0, 1));
        // A probe tells more than a strip, and an iron is not measured.
        Assert.Equal(source == "household-iron" ? [] : [PatchMeans.Probe, PatchMeans.Strip],
            advice.Helps.Select(h => h.Means).Where(m => m is PatchMeans.Probe or PatchMeans.Strip));
        Assert.Empty(Planner.Patches(SampleJobs.Read(SampleJobs.Of("smooth", "tee", "cotton", source)) with
        { Patches = [new PatchResult(150, 15, PatchOutcome.Holds)] }, UnitSystem.Metric).Helps);
    }

    [Fact]
    public void A_moment_that_is_none_is_refused_by_name()
    {
        var json = SampleJobs.Tee();
        json["patches"] = new JsonArray(new JsonObject
        { ["celsius"] = 150, ["seconds"] = 10, ["outcome"] = "lifts-a-little", ["pressure"] = "firm", ["at"] = "yesterday" });
        var problems = new Core.Reading.Problems();
        Assert.Null(JobReader.Read(json.ToJsonString(), Shipped.Catalogue, problems));
        Assert.Equal("/patches/0/at", Assert.Single(problems.Found).Pointer);
        json["patches"]![0]!["at"] = "2026-05-02T10:00:00Z";
        var read = SampleJobs.Read(json).Patches.Single();
        Assert.Equal((PatchOutcome.LiftsALittle, PressureLevel.Firm, May), (read.Outcome, read.Pressure, read.At));
    }
}
