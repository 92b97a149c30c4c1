using System.Text.Json.Nodes;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Tests.Runs;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>A figure is a figure for a press: taken as it is for the press in use, translated from a plate press, or judged by how near it
/// is.</summary>
public class FigureForTests
{
    private static JsonObject Job(string source, double? celsius, double? seconds, string? meant, string? pressure = null,
        string material = "cotton", string form = "tee")
    {
        var job = SampleJobs.Of("smooth", form, material, source);
        var label = new JsonObject();
        if (celsius is { } c)
            label["celsius"] = c;
        if (seconds is { } s)
            label["seconds"] = s;
        if (meant is not null)
            label["for"] = meant;
        if (pressure is not null)
            label["pressure"] = pressure;
        job["layers"]![0]!["label"] = label;
        return job;
    }

    [Theory]
    // As looked up for a handheld press (common practice), rounded to its dial.
    [InlineData("handheld-press", 157, 30, "light", 157.2, 30)]
    [InlineData("handheld-press", 177, 30, "light", 176.7, 30)]
    [InlineData("handheld-press", 166, 20, "firm", 165.6, 20)]
    [InlineData("swing-platen", 150, 15, "medium", 148.9, 15)]
    [InlineData("mug-press", 166, 30, "medium", 165.6, 30)]
    public void A_figure_for_this_press_is_taken_as_it_is(string source, double celsius, double seconds, string pressure, double set,
        double pressed)
    {
        var plan = SampleJobs.Plan(source == "mug-press"
            ? Job(source, celsius, seconds, "this-press", pressure, "ceramic", "mug")
            : Job(source, celsius, seconds, "this-press", pressure)).Plan;
        Assert.Equal((set, pressed, pressure),
            (plan.BondingPress.Celsius, plan.BondingPress.Seconds, plan.BondingPress.Pressure.ToString().ToLowerInvariant()));
        Assert.NotEqual(Verdict.Stop, plan.Verdict);
        Assert.Equal("this-press", plan.Chart.For);
        Assert.Contains("looked up", plan.BondingPress.Why[0], StringComparison.Ordinal);
        // With its margin: what it comes to with everything off to one side.
        Assert.True(plan.Margin.LeastBond < plan.BondingPress.Predicted.Bond.Values.Min());
    }

    [Fact]
    public void A_wrapper_for_a_plate_press_is_translated()
    {
        var plan = SampleJobs.Plan(Job("handheld-press", 155, 15, "plate-press")).Plan;
        Assert.NotEqual(15, plan.BondingPress.Seconds + plan.Presses.Where(p => p.Purpose == PressPurpose.Back).Sum(p => p.Seconds));
        Assert.Equal(("plate-press", 155.0, 15.0), (plan.Chart.For, plan.Chart.Celsius, plan.Chart.Seconds));
        Assert.DoesNotContain(plan.Notices, n => n.Code == "label-press");
    }

    [Theory]
    // Near what this press needs it is taken as it is, farther off it is translated, and that is said.
    [InlineData("swing-platen", 155, 15, true)]
    [InlineData("swing-platen", 166, 15, false)]
    [InlineData("swing-platen", 152, 30, false)]
    [InlineData("swing-platen", 152, 7, false)]
    [InlineData("handheld-press", 157, 24, true)]
    [InlineData("handheld-press", 157, 12, false)]
    public void Where_nobody_says_which_press_it_is_for_nearness_decides(string source, double celsius, double seconds, bool asItIs)
    {
        var plan = SampleJobs.Plan(Job(source, celsius, seconds, null)).Plan;
        var near = Math.Abs(plan.BondingPress.Celsius - celsius) < 2 && plan.BondingPress.Seconds == seconds;
        Assert.Equal(asItIs, near && plan.Chart.For == "this-press");
        var said = plan.Notices.SingleOrDefault(n => n.Code == "label-press");
        Assert.Equal(asItIs, said is null);
        if (said is null)
            return;
        Assert.Equal(NoticeLevel.Note, said.Level);
        var after = SampleJobs.Plan(Edits.Applied(Job(source, celsius, seconds, null), Assert.Single(said.Remedies).Edits)).Plan;
        Assert.Equal((seconds, "this-press"), (after.BondingPress.Seconds, after.Chart.For));
    }

    [Theory]
    [InlineData(157, 30, false)]
    [InlineData(180, 30, true)]
    [InlineData(152, 70, true)]
    public void A_figure_far_from_the_models_is_said_and_still_taken(double celsius, double seconds, bool far)
    {
        var plan = SampleJobs.Plan(Job("handheld-press", celsius, seconds, "this-press")).Plan;
        Assert.Equal(far, plan.Notices.Any(n => n.Code == "label-press"));
        Assert.Equal(seconds, plan.BondingPress.Seconds);
    }

    [Fact]
    public void Half_a_figure_is_filled_up_at_its_own_temperature()
    {
        var plan = SampleJobs.Plan(Job("swing-platen", 160, null, "this-press")).Plan;
        var usual = SampleJobs.Plan(SampleJobs.Tee()).Plan;
        Assert.Equal(160, plan.BondingPress.Celsius, 1.5);
        Assert.True(plan.BondingPress.Seconds < usual.BondingPress.Seconds && plan.Verdict == Verdict.Go);
    }

    [Fact]
    public void Among_layers_it_sets_the_last_press_and_the_tacks_stay_the_plans()
    {
        JsonObject Two(JsonNode? label) => SampleJobs.With(j =>
        {
            j["tools"]!["heatSource"] = "handheld-press";
            j["layers"] = new JsonArray(
                new JsonObject { ["id"] = "low", ["vinyl"] = "smooth", ["label"] = label?.DeepClone() },
                new JsonObject { ["id"] = "up", ["vinyl"] = "smooth", ["label"] = label?.DeepClone(), ["over"] = new JsonArray("low") });
        });
        var plan = SampleJobs.Plan(Two(new JsonObject { ["celsius"] = 152, ["seconds"] = 20, ["for"] = "this-press" })).Plan;
        Assert.Equal(20, plan.BondingPress.Seconds);
        Assert.All(plan.Presses.Where(p => p.Purpose == PressPurpose.Tack), p => Assert.InRange(p.Seconds, 2, 6));
    }

    [Fact]
    public void A_vinyl_on_the_shelf_has_a_figure_for_each_kind_of_press()
    {
        JsonObject With(string source)
        {
            var job = SampleJobs.Of("own-v", "tee", "cotton", source);
            job["own"] = JsonNode.Parse("""
                { "vinyls": [ { "id": "own-v", "name": "Third reel", "family": "smooth", "celsius": 155, "seconds": 15,
                                "figures": [ { "press": "handheld-press", "celsius": 157, "seconds": 30, "pressure": "light" }, { "press": "household-iron", "seconds": 25 } ] } ] }
                """);
            return job;
        }

        var hand = SampleJobs.Plan(With("handheld-press")).Plan;
        Assert.Equal((157.2, 30.0, "light"),
            (hand.BondingPress.Celsius, hand.BondingPress.Seconds, hand.BondingPress.Pressure.ToString().ToLowerInvariant()));
        Assert.Equal(25, SampleJobs.Plan(With("household-iron")).Plan.BondingPress.Seconds);
        // Elsewhere its wrapper counts, as one that is typed in.
        Assert.Equal(15, SampleJobs.Plan(With("swing-platen")).Plan.BondingPress.Seconds);

        var twice = With("swing-platen");
        twice["own"]!["vinyls"]![0]!["figures"]!.AsArray().Add(new JsonObject { ["press"] = "household-iron" });
        var problems = new Problems();
        Assert.Null(JobReader.Read(twice.ToJsonString(), Shipped.Catalogue, problems));
        Assert.Contains(problems.Found, p => p.Pointer.EndsWith("/figures/2/celsius", StringComparison.Ordinal));
    }

    [Fact]
    public void The_logbook_knows_where_a_setting_came_from_and_repeats_it()
    {
        LogEntry Logged(JsonObject job)
        {
            var run = new RunAtPress(job).Prepare().ToItsEnd();
            return LogEntry.Of(run.Job, run.Plan, run.State, run.State.Pieces[0]);
        }

        var entry = Logged(Job("handheld-press", 157, 30, "this-press", "light"));
        Assert.Equal((SettingOrigin.LookedUp, 30.0, 15.0), (entry.Set, entry.Pressed.Seconds, entry.BackSeconds));
        Assert.Equal(SettingOrigin.Found, Logged(SampleJobs.Tee()).Set);
        // Repeated, it is pressed to the second as it was, as hard, and from the back as long.
        var again = JsonNode.Parse(
            JobFromLog.Again(entry, Job("handheld-press", 157, 30, "this-press", "light").ToJsonString(), []).Json)!.AsObject();
        var (was, now) = (SampleJobs.Plan(Job("handheld-press", 157, 30, "this-press", "light")).Plan, SampleJobs.Plan(again).Plan);
        string[] Presses(Plan plan) =>
            [.. plan.Presses.Where(p => p.Purpose != PressPurpose.Patch).Select(p => $"{p.Purpose} {p.Celsius} {p.Seconds} {p.Pressure}")];
        Assert.Equal(Presses(was), Presses(now));
        Assert.Equal(SettingOrigin.UsedBefore, Logged(again).Set);
    }
}
