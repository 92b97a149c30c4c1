using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>Whoever reads the one line does all that the plan does: every press, every turn, and the peel where it comes.</summary>
public sealed class PressLineTests
{
    public static TheoryData<string, string, string, string> Jobs => new()
    {
        { "smooth", "tee", "cotton", "swing-platen" },
        { "smooth", "tee", "cotton", "handheld-press" },
        { "smooth", "tee", "cotton", "household-iron" },
        { "smooth", "tote", "canvas", "hand-iron" },
        { "foil", "tee", "polyester", "clamshell-platen" },
        { "puff", "sweatshirt", "fleece", "swing-platen" },
        { "glitter", "cap", "cotton", "cap-press" },
        { "smooth", "mug", "ceramic", "mug-press" },
    };

    [Theory]
    [MemberData(nameof(Jobs))]
    public void Every_press_stands_in_the_line_in_its_order_with_the_peel_where_it_comes(string vinyl, string form,
        string material, string press)
    {
        var plan = SampleJobs.Plan(SampleJobs.Of(vinyl, form, material, press)).Plan;
        Assert.SkipWhen(plan.Verdict == Verdict.Stop, "Not pressed.");
        // Read off the presses by a rule of its own: their seconds, and the peel as it follows one of them.
        var wanted = plan.Whole.SelectMany(w => new[] { $"{w.Press.Seconds:0.#}" }.Concat(
            w.OnParts[^1].Peel.Method == PeelMethod.None ? [] : [w.OnParts[^1].Peel.Method.ToString().ToLowerInvariant()]));
        var said = Regex.Matches(plan.Line, @"(?<seconds>[\d.]+) s\b|peel (?<peel>\w+)")
            .Select(m => m.Groups["seconds"].Success ? m.Groups["seconds"].Value : m.Groups["peel"].Value);
        Assert.Equal(wanted, said);
        Assert.Equal(plan.Presses.Any(p => p.Purpose == PressPurpose.Back), plan.Line.Contains("turn over", StringComparison.Ordinal));
        Assert.Contains(plan.Line, plan.Headline, StringComparison.Ordinal);
    }

    [Fact]
    public void Held_by_hand_it_is_turned_over_and_then_peeled_warm()
    {
        var plan = SampleJobs.Plan(SampleJobs.Of("smooth", "tee", "cotton", "handheld-press")).Plan;
        Assert.Matches(@"^preheat \d+ s, press \d+ s, turn over, \d+ s more, then peel warm", plan.Line);
    }

    [Fact]
    public void What_cannot_be_pressed_has_no_line()
    {
        var plan = SampleJobs.Plan(SampleJobs.Of("smooth", "tote", "polypropylene", "swing-platen")).Plan;
        Assert.Equal((Verdict.Stop, ""), (plan.Verdict, plan.Line));
    }
}
