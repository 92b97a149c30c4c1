using System.Text.Json.Nodes;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>“Go” never stands beside chances that speak against it, whoever chose the setting.</summary>
public sealed class MayFailTests
{
    public static TheoryData<string, string, string, string, double, double> Settings
    {
        get
        {
            var settings = new TheoryData<string, string, string, string, double, double>();
            foreach (var (vinyl, form, material, press) in new[]
            {
                ("smooth", "tee", "cotton", "swing-platen"), ("smooth", "stocking", "wool-felt", "swing-platen"),
                ("glitter", "sweatshirt", "fleece", "clamshell-platen"), ("smooth", "tote", "canvas", "handheld-press"),
                ("foil", "jersey", "polyester", "swing-platen"),
            })
                foreach (var celsius in new[] { 135.0, 149, 160, 170 })
                    foreach (var seconds in new[] { 6.0, 12, 20, 35 })
                        settings.Add(vinyl, form, material, press, celsius, seconds);
            return settings;
        }
    }

    [Theory]
    [MemberData(nameof(Settings))]
    public void A_setting_typed_in_is_go_only_where_nine_in_ten_come_right(string vinyl, string form, string material,
        string press, double celsius, double seconds)
    {
        var job = SampleJobs.Of(vinyl, form, material, press);
        job["used"] = new JsonObject { ["celsius"] = celsius, ["seconds"] = seconds };
        var plan = SampleJobs.Plan(job).Plan;
        var certainty = plan.Certainty!;
        if (certainty.Short > 0.1 || certainty.Harm > 0.1)
            Assert.True(plan.Verdict != Verdict.Go, $"{plan.Headline} {certainty.PerHundred}");
        // Once only.
        Assert.True(plan.Notices.Count(n => n.Code is "may-fail" or "test-patch") <= 1);
    }

    /// <summary>What is pressed after the peel does not hold down what has lifted with the carrier.</summary>
    [Fact]
    public void A_press_after_the_peel_makes_nobody_surer_of_the_peel()
    {
        JsonObject Job(string finish)
        {
            var job = SampleJobs.Of("smooth", "tee", "cotton", "swing-platen");
            job["used"] = new JsonObject { ["celsius"] = 150, ["seconds"] = 8 };
            job["choices"] = new JsonObject { ["finishPress"] = finish };
            return job;
        }

        var (with, without) = (SampleJobs.Plan(Job("finish")).Plan, SampleJobs.Plan(Job("none")).Plan);
        Assert.Contains(with.Presses, p => p.Purpose == PressPurpose.Finish);
        Assert.DoesNotContain(without.Presses, p => p.Purpose == PressPurpose.Finish);
        Assert.Equal(without.Certainty!.Short, with.Certainty!.Short, 3);
    }
}
