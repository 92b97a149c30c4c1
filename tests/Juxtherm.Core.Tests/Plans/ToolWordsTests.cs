using System.Text.RegularExpressions;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Words;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>Texts fit the tool at hand and what is pressed.</summary>
public sealed partial class ToolWordsTests
{
    private static IReadOnlyList<string> Texts(Plan plan) =>
    [
        plan.Headline, .. plan.Notices.SelectMany(n => new[] { n.Text, n.Why }), .. plan.Presses.SelectMany(p => p.Why),
        .. plan.Steps.Select(s => s.Text),
        .. plan.Presses.SelectMany(p => p.Figures).SelectMany(f => f.Lines).Select(l => l.Text),
    ];

    [Theory]
    // No plate swings away from an iron, a wrap or a gun, and no paper lies under the corners of one; a mug has no cloth and leather no
    // hem.
    [InlineData("smooth", "tee", "cotton", "household-iron", "swung away|strip of paper")]
    [InlineData("smooth", "tee", "cotton", "hand-iron", "swung away|strip of paper")]
    [InlineData("smooth", "tee", "cotton", "handheld-press", "swung away|strip of paper")]
    [InlineData("smooth", "tee", "cotton", "heat-gun", "swung away|strip of paper|the plate ")]
    [InlineData("smooth", "mug", "ceramic", "mug-press", "swung away|strip of paper|cloth beside|near the hem")]
    [InlineData("smooth", "mug", "ceramic", "heat-gun", "swung away|strip of paper|cloth beside|near the hem")]
    [InlineData("low-temp", "key-fob", "leather-unknown", "swing-platen", "near the hem|the cloth")]
    [InlineData("low-temp", "key-fob", "leather-veg", "handheld-press", "near the hem|swung away")]
    [InlineData("smooth", "coaster", "slate", "swing-platen", "near the hem|the cloth beside")]
    [InlineData("smooth", "tee", "cotton", "clamshell-platen", "swung away")]
    public void Nothing_is_said_that_belongs_to_another_tool(string vinyl, string form, string material, string source, string foreign)
    {
        foreach (var choice in new[] { "straight", "patch" })
        {
            var job = SampleJobs.Of(vinyl, form, material, source);
            job["choices"] = new System.Text.Json.Nodes.JsonObject { ["firstTry"] = choice };
            Assert.All(Texts(SampleJobs.Plan(job).Plan), text => Assert.DoesNotMatch(foreign, text));
        }
    }

    [Fact]
    public void Where_a_plate_does_swing_away_that_is_said() =>
        Assert.Contains(Texts(SampleJobs.Plan(SampleJobs.Tee()).Plan), t => t.Contains("swung away", StringComparison.Ordinal));

    [Fact]
    public void Numbers_and_articles_read_as_they_are_spoken()
    {
        foreach (var (source, form, material) in new[] { ("swing-platen", "tee", "cotton"), ("auto-platen", "tee", "cotton"),
            ("household-iron", "apron", "cotton"), ("mug-press", "mug", "ceramic"), ("handheld-press", "tote", "jute"),
            ("heat-gun", "mug", "ceramic") })
        {
            foreach (var units in new[] { UnitSystem.Metric, UnitSystem.Us })
            {
                var plan = SampleJobs.Plan(SampleJobs.Of("smooth", form, material, source), units).Plan;
                Assert.All(Texts(plan), text => Assert.DoesNotMatch(Misread(), text));
            }
        }
    }

    [Theory]
    [InlineData("Automatic press", "an automatic press")]
    [InlineData("One-piece", "a one-piece")]
    [InlineData("Apron", "an apron")]
    [InlineData("Heat gun", "a heat gun")]
    public void A_thing_takes_the_article_that_is_spoken(string name, string inside) =>
        Assert.Equal(inside, Figures.A(name));

    // One pieces, a automatic, 1 times as large, 15.51 s.
    [GeneratedRegex(@"\b1 (?:pieces|times|presses|layers)\b|\b[Aa] [aeiou]|\d\.\d\d+ s\b", RegexOptions.NonBacktracking)]
    private static partial Regex Misread();
}
