using System.Text.Json.Nodes;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>Ways of doing it: what is advised and why, and that the plan follows what is chosen.</summary>
public class WaysTests
{
    private static PlannedOption? Way(Plan plan, string id) => plan.Options.FirstOrDefault(w => w.Id == id);

    private static JsonObject Choosing(JsonObject job, string way, string option)
    {
        (job["choices"] ??= new JsonObject())[way] = option;
        return job;
    }

    public static TheoryData<string, JsonObject, string, string?> Advice => new()
    {
        { "cotton shrinks", SampleJobs.Tee(), "prewash", "wash" },
        { "polyester does not", SampleJobs.Of("low-temp", "jersey", "polyester", "swing-platen"), "prewash", "skip" },
        { "a mug is not washed first", SampleJobs.Of("smooth", "mug", "ceramic", "mug-press"), "prewash", null },
        { "one layer has no method", SampleJobs.Tee(), "layerMethod", null },
        { "a tee lets itself be turned", SampleJobs.Tee(), "backPress", "never" },
        { "a mug does not", SampleJobs.Of("smooth", "mug", "ceramic", "mug-press"), "backPress", null },
        { "a frame does not", SampleJobs.Of("smooth", "stretched-canvas", "primed-canvas", "swing-platen"), "backPress", null },
        { "a frame wants a board", SampleJobs.Of("smooth", "stretched-canvas", "primed-canvas", "swing-platen"), "underlay", "board" },
        { "a tee wants its pad", SampleJobs.Tee(), "underlay", "pad" },
        { "foam is kept short", SampleJobs.Of("puff", "tee", "cotton", "swing-platen"), "puff", "shorter" },
        { "no foam, no question", SampleJobs.Tee(), "puff", null },
        { "plenty of room", SampleJobs.Tee(), "firstTry", "straight" },
        { "a costly blank", SampleJobs.With(j => j["blank"]!["traits"] = new JsonArray("costly")), "firstTry", "patch" },
        { "unknown leather", SampleJobs.Of("low-temp", "key-fob", "leather-unknown", "swing-platen"), "firstTry", "patch" },
        { "unknown leather is stepped up to", SampleJobs.Of("low-temp", "key-fob", "leather-unknown", "swing-platen"), "unknownBlank",
            "step-up" },
        { "known cloth is not", SampleJobs.Tee(), "unknownBlank", null },
        { "the plain vinyl is finished", SampleJobs.Tee(), "finishPress", "finish" },
        { "glitter is not", SampleJobs.Of("glitter", "tee", "cotton", "swing-platen"), "finishPress", "none" },
        { "flock never", SampleJobs.Of("flock", "tee", "cotton", "swing-platen"), "finishPress", null },
        { "foam never", SampleJobs.Of("puff", "tee", "cotton", "swing-platen"), "finishPress", null },
        { "an iron is planned", SampleJobs.Of("smooth", "tee", "cotton", "household-iron"), "householdIron", "plan" },
        { "a press is no iron", SampleJobs.Tee(), "householdIron", null },
        { "one piece is laid on the table", SampleJobs.Tee(), "layingOut", "table" },
        { "many are laid on the plate", SampleJobs.With(j => j["quantity"] = 12), "layingOut", "plate" },
        { "a mug is laid on neither", SampleJobs.Of("smooth", "mug", "ceramic", "mug-press"), "layingOut", null },
        { "cloth is creased", SampleJobs.Tee(), "centring", "crease" },
        { "leather is not", SampleJobs.Of("low-temp", "patch", "leather-veg", "swing-platen"), "centring", "measure" },
        { "a collar is measured from", SampleJobs.Tee(), "placement", "measured" },
        { "a coaster has none", SampleJobs.Of("smooth", "coaster", "slate", "swing-platen"), "placement", null },
        { "a warm peel is tried at a corner", SampleJobs.Tee(), "peelCheck", "corner" },
    };

    [Theory]
    [MemberData(nameof(Advice))]
    public void What_is_advised(string what, JsonObject job, string way, string? option)
    {
        var found = Way(SampleJobs.Plan(job).Plan, way);
        Assert.True(option == found?.Advised, $"{what}: {found?.Advised ?? "no question"}");
        if (found is not null)
        {
            Assert.Equal(found.Advised, found.Chosen);
            Assert.True(found.Reason.Length > 20);
            Assert.Contains(found.Choices, o => o.Id == found.Chosen);
        }
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void Every_option_of_every_way_can_be_chosen_and_is_followed()
    {
        foreach (var job in new[] { SampleJobs.Tee(), SampleJobs.Of("puff", "tee", "cotton", "swing-platen"),
            SampleJobs.Of("low-temp", "key-fob", "leather-unknown", "handheld-press"),
            SampleJobs.Of("smooth", "tee", "cotton", "household-iron") })
        {
            foreach (var way in SampleJobs.Plan(job).Plan.Options)
            {
                foreach (var option in way.Choices)
                {
                    var changed = job.DeepClone().AsObject();
                    var names = way.Pointer.Split('/')[1..];
                    (changed[names[0]] ??= new JsonObject())[names[1]] = option.Id;
                    Assert.Equal(option.Id, Way(SampleJobs.Plan(changed).Plan, way.Id)!.Chosen);
                }
            }
        }
    }

    [Fact]
    public void No_preheat_takes_longer_and_the_reason_says_so()
    {
        double Seconds(string option) => SampleJobs.Plan(Choosing(SampleJobs.Tee(), "preheat", option)).Plan.BondingPress.Seconds;
        Assert.True(Seconds("no") > Seconds("yes"));
        Assert.Contains("Without it the same press reaches", Way(SampleJobs.Plan(SampleJobs.Tee()).Plan, "preheat")!.Reason,
            StringComparison.Ordinal);
    }

    [Fact]
    public void A_back_press_is_taken_where_it_is_asked_for_and_heats_the_glue_line_again()
    {
        var plain = SampleJobs.Plan(SampleJobs.Tee()).Plan;
        var (plan, trace, _) = SampleJobs.Plan(Choosing(SampleJobs.Tee(), "backPress", "always"));
        Assert.Equal([PressPurpose.Preheat, PressPurpose.Press, PressPurpose.Back, PressPurpose.Finish],
            plan.Presses.Select(p => p.Purpose));
        // Before the peel: the carrier comes off after it.
        Assert.Equal(Catalogue("none"), plan.Presses[1].Peel.Method);
        Assert.NotEqual(Catalogue("none"), plan.Presses[2].Peel.Method);
        Assert.True(plan.Presses[2].Predicted.Bond["sky"] > plain.Presses[1].Predicted.Bond["sky"]);
        Assert.Contains(trace, p => p.Kind == PhaseKind.Turn);
        var sheets = trace.Single(p => p.Kind == PhaseKind.Back).Sheets.Select(s => s.Id);
        Assert.Equal(["cover", "back-1", "face", "vinyl", "carrier", "underlay"], sheets);

        var after = SampleJobs.Plan(Choosing(Choosing(SampleJobs.Tee(), "backPress", "always"), "backPressWhen", "after")).Plan;
        Assert.NotEqual(Catalogue("none"), after.Presses[1].Peel.Method);
        Assert.True(after.Presses[2].Predicted.Bond["sky"] < plan.Presses[2].Predicted.Bond["sky"] + 1e-9);
    }

    private static Core.Catalogue.PeelMethod Catalogue(string peel) => Enum.Parse<Core.Catalogue.PeelMethod>(peel, ignoreCase: true);

    [Fact]
    public void Foam_is_pressed_shorter_than_listed_unless_it_is_asked_for()
    {
        double Heat(string option) =>
            SampleJobs.Plan(Choosing(SampleJobs.Of("puff", "tee", "cotton", "swing-platen"), "puff", option)).Plan.Budgets[0].Total;
        Assert.InRange(Heat("shorter") / Heat("full"), 0.75, 0.95);
    }

    [Fact]
    public void The_ladder_goes_up_to_the_setting_and_no_further()
    {
        var plan = SampleJobs.Plan(SampleJobs.Of("low-temp", "key-fob", "leather-unknown", "swing-platen")).Plan;
        Assert.Equal(4, plan.Ladder.Count);
        Assert.Equal(plan.Ladder.Select(r => r.Celsius).Order(), plan.Ladder.Select(r => r.Celsius));
        Assert.Equal(plan.Ladder.Select(r => r.Bond).Order(), plan.Ladder.Select(r => r.Bond));
        Assert.Equal((plan.BondingPress.Celsius, plan.BondingPress.Seconds), (plan.Ladder[^1].Celsius, plan.Ladder[^1].Seconds));
        Assert.Empty(
            SampleJobs.Plan(
                Choosing(SampleJobs.Of("low-temp", "key-fob", "leather-unknown", "swing-platen"), "unknownBlank", "chart")).Plan.Ladder);
    }

    [Fact]
    public void A_stop_that_hurts_nobody_is_accepted_with_a_word_and_one_that_does_is_not()
    {
        JsonObject Accepting(JsonObject job, string code)
        {
            job["accepted"] = new JsonArray(new JsonObject { ["code"] = code, ["word"] = "A heart reads the same." });
            return job;
        }

        var unmirrored = SampleJobs.With(j => j["layers"]![0]!["mirrored"] = false);
        Assert.Equal(Verdict.Stop, SampleJobs.Plan(unmirrored).Plan.Verdict);
        var plan = SampleJobs.Plan(Accepting(unmirrored, "mirror")).Plan;
        Assert.Equal(Verdict.Caution, plan.Verdict);
        var notice = Assert.Single(plan.Notices, n => n.Code == "mirror");
        Assert.Equal((NoticeLevel.Stop, NoticeLevel.Caution, "A heart reads the same."), (notice.Level, notice.Weight, notice.Accepted));

        var fumes = SampleJobs.Plan(Accepting(SampleJobs.Of("smooth", "flat", "pvc", "swing-platen"), "not-pressable")).Plan;
        Assert.Equal(Verdict.Stop, fumes.Verdict);
        Assert.Null(Assert.Single(fumes.Notices, n => n.Code == "not-pressable").Accepted);
    }

    [Fact]
    public void A_caution_accepted_leaves_a_go()
    {
        var job = SampleJobs.Of("smooth", "tee", "cotton", "swing-platen");
        job["tools"]!["underlay"] = "ironing-board";
        Assert.Equal(Verdict.Caution, SampleJobs.Plan(job).Plan.Verdict);
        job["accepted"] = new JsonArray(new JsonObject { ["code"] = "no-ironing-board", ["word"] = "It stands firm." });
        Assert.Equal(Verdict.Go, SampleJobs.Plan(job).Plan.Verdict);
    }

    [Theory]
    [InlineData("smooth", "tee", "cotton", "swing-platen")]
    [InlineData("foil", "sweatshirt", "fleece", "handheld-press")]
    [InlineData("smooth", "mug", "ceramic", "mug-press")]
    [InlineData("smooth", "tee", "cotton", "household-iron")]
    public void Every_figure_opens_to_where_it_comes_from(string vinyl, string form, string material, string source)
    {
        foreach (var press in SampleJobs.Plan(SampleJobs.Of(vinyl, form, material, source)).Plan.Presses)
        {
            var figures = press.Figures.Select(f => f.Figure).ToList();
            Assert.Superset(new HashSet<string> { "celsius", "seconds", "pressure", "hottest-cloth" },
                figures.ToHashSet(StringComparer.Ordinal));
            Assert.Equal(press.Layers.Count > 0, figures.Contains("bond"));
            Assert.Equal(press.Peel.Method != Core.Catalogue.PeelMethod.None, figures.Contains("peel"));
            Assert.All(press.Figures, f => Assert.NotEmpty(f.Lines));
            // Somewhere in each derivation a figure names its source.
            Assert.All(press.Figures.Where(f => f.Figure is "celsius" or "pressure" or "hottest-cloth"),
                f => Assert.Contains(f.Lines, l => l.From is { Length: > 0 }));
        }
    }
}
