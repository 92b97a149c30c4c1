using System.Text.Json.Nodes;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Words;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>The work as steps: in order, whole, and in words fit for the item.</summary>
public class StepsTests
{
    public static TheoryData<string, string, string, string> Works => new()
    {
        { "smooth", "tee", "cotton", "swing-platen" },
        { "puff", "sweatshirt", "fleece", "swing-platen" },
        { "foil", "mug", "ceramic", "mug-press" },
        { "low-temp", "key-fob", "leather-veg", "swing-platen" },
        { "smooth", "coaster", "slate", "handheld-press" },
        { "glitter", "tee", "cotton", "household-iron" },
        { "smooth", "cap", "denim", "cap-press" },
        { "printable", "tote", "canvas", "clamshell-platen" },
        { "smooth", "mug", "ceramic", "heat-gun" },
    };

    [Theory]
    [MemberData(nameof(Works))]
    public void Steps_come_in_the_order_of_the_work_and_every_press_has_its_hold(string vinyl, string form, string material, string source)
    {
        var plan = SampleJobs.Plan(SampleJobs.Of(vinyl, form, material, source)).Plan;
        Assert.All(plan.Presses.Where(p => p.Purpose != PressPurpose.Patch),
            p => Assert.Equal(p.Seconds * p.Sections.Count, plan.Steps.Where(s => s.Kind == StepKind.Hold && s.PressOrder == p.Order)
                .Sum(s => s.Seconds), 0.01));
        Assert.Single(plan.Steps, s => s.Kind == StepKind.Inspect);
        // What is only worth knowing stands before and after; at the press the once-only steps come first.
        var atPress = plan.Steps.Where(s => s.Kind != StepKind.Know).ToList();
        Assert.Equal(atPress.OrderByDescending(s => s.OncePerRun), atPress);
        Assert.Equal(StepKind.Inspect, atPress[^1].Kind);
        var orders = atPress.Where(s => s.PressOrder is not null).Select(s => s.PressOrder!.Value).ToList();
        Assert.Equal(orders.Order(), orders);
        // A hold is always begun by hand.
        for (var i = 0; i < atPress.Count; i++)
        {
            if (atPress[i].Kind == StepKind.Hold)
                Assert.Equal(StepKind.Do, atPress[i - 1].Kind);
        }
    }

    [Theory]
    [MemberData(nameof(Works))]
    public void Words_are_whole_sentences_with_nothing_left_to_fill_in(string vinyl, string form, string material, string source)
    {
        foreach (var units in new[] { UnitSystem.Metric, UnitSystem.Us })
        {
            var plan = SampleJobs.Plan(SampleJobs.Of(vinyl, form, material, source), units).Plan;
            var texts = plan.Steps.Select(s => s.Text).Concat(plan.Notices.SelectMany(n => new[] { n.Text, n.Why }))
                .Concat(plan.Presses.SelectMany(p => p.Why));
            Assert.All(texts, t =>
            {
                Assert.DoesNotContain("  ", t, StringComparison.Ordinal);
                Assert.DoesNotContain("NaN", t, StringComparison.Ordinal);
                Assert.DoesNotContain("∞", t, StringComparison.Ordinal);
                Assert.DoesNotContain("Infinity", t, StringComparison.Ordinal);
                Assert.True(char.IsUpper(t[0]) || char.IsDigit(t[0]), t);
                Assert.True(t[^1] is '.' or '?' or ')', t);
            });
        }
    }

    [Fact]
    public void Cloth_that_shrinks_is_washed_first_unless_it_was()
    {
        string Item(JsonObject job) => SampleJobs.Plan(job).Plan.Steps.First(s => s.Stage == WorkStage.Item).Text;
        Assert.Contains("ash and dry it first", Item(SampleJobs.Tee()), StringComparison.Ordinal);
        Assert.DoesNotContain("ash and dry it first", Item(SampleJobs.With(j => j["blank"]!["traits"] = new JsonArray("prewashed"))),
            StringComparison.Ordinal);
        Assert.DoesNotContain("ash and dry it first", Item(SampleJobs.Of("smooth", "tee", "cotton-poly", "swing-platen")),
            StringComparison.Ordinal);
    }

    [Fact]
    public void A_mug_is_taped_and_lifted_with_gloves()
    {
        var steps = SampleJobs.Plan(SampleJobs.Of("smooth", "mug", "ceramic", "mug-press")).Plan.Steps;
        Assert.Contains(steps, s => s.Text.Contains("tape it", StringComparison.Ordinal));
        Assert.Contains(steps, s => s.Kind == StepKind.Wait && s.Text.Contains("gloves", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData(0, "0 s")]
    [InlineData(12.4, "12 s")]
    [InlineData(90, "90 s")]
    [InlineData(91, "1 min 31 s")]
    [InlineData(600, "10 min")]
    public void Times_are_said_as_people_say_them(double seconds, string said) => Assert.Equal(said, Figures.Time(seconds));

    [Theory]
    [InlineData(0, "0 °C", "32 °F")]
    [InlineData(100, "100 °C", "212 °F")]
    [InlineData(151.67, "152 °C", "305 °F")]
    public void Temperatures_are_said_in_the_readers_units(double celsius, string metric, string us)
    {
        Assert.Equal(metric, new Figures(UnitSystem.Metric).Temperature(celsius));
        Assert.Equal(us, new Figures(UnitSystem.Us).Temperature(celsius));
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void The_table_of_a_press_has_a_line_for_each_material_that_it_can_press()
    {
        var catalogue = Shipped.Catalogue;
        var table = new MatrixTable(new Planner(catalogue, Language.English), Language.English.WordsFor(Core.Notices.UnitSystem.Metric))
            .Of(catalogue.HeatSources["mug-press"]);
        var lines = table.Split('\n').Where(l => l.StartsWith("| **", StringComparison.Ordinal)).ToList();
        Assert.Equal(catalogue.Materials.Values.Count(m => m.Kind == Core.Catalogue.MaterialKind.Hard), lines.Count);
        Assert.All(lines, l => Assert.Equal(catalogue.Vinyls.Count + 2, l.Count(c => c == '|')));
        Assert.Contains("heat-source-unsuitable", lines.Single(l => l.Contains("ceramic", StringComparison.Ordinal)),
            StringComparison.Ordinal);
    }
}
