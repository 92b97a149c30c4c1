using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Runs.Judging;
using Juxtherm.Words;

namespace Juxtherm.Core.Tests.Runs;

/// <summary>A thing on which something lifted, whose vinyl nobody knows: the answer must suit whatever it commonly is.</summary>
public sealed class FoundPieceTests
{
    private static readonly Planner Planner = new(Shipped.Catalogue, Language.English);
    private static readonly FoundPieces Pieces = new(Planner, new Judge(Planner));

    private static FoundAdvice Of(string form, string material, string? vinyl, string source)
    {
        var problems = new Problems();
        var advice = Pieces.Of(new FoundPiece(form, material, vinyl, source, GlueState.Clean), UnitSystem.Metric, problems);
        Assert.True(problems.None);
        return advice!;
    }

    [Theory]
    [Trait("Run", "thorough")]
    [InlineData("tee", "cotton", "swing-platen")]
    [InlineData("tee", "cotton", "household-iron")]
    [InlineData("tee", "polyester", "household-iron")]
    [InlineData("tote", "jute", "handheld-press")]
    [InlineData("sweatshirt", "fleece", "household-iron")]
    [InlineData("mug", "ceramic", "mug-press")]
    public void What_is_advised_for_an_unknown_vinyl_asks_no_more_of_any_that_it_may_be(string form, string material, string source)
    {
        var unknown = Of(form, material, null, source);
        Assert.NotNull(unknown.Seconds);
        var (seconds, compared) = (unknown.Seconds.Value, 0);
        foreach (var vinyl in new[] { "smooth", "stretch", "glitter", "foil" })
        {
            var known = Of(form, material, vinyl, source);
            if (known.Headline.StartsWith("Do not press it", StringComparison.Ordinal))
                continue;
            compared++;
            if (known.Seconds is { } most)
                Assert.True(seconds <= most
                    && unknown.Celsius <= known.Celsius,
                    $"{vinyl}: {unknown.Celsius} °C {seconds} s, though it takes {known.Celsius} °C {most} s");
            else
                Assert.Contains(unknown.Not,
                    n => n.Contains(Shipped.Catalogue.Vinyls[vinyl].Name.ToLowerInvariant(), StringComparison.Ordinal));
        }

        Assert.True(compared > 0, "Nothing was there to compare with.");
    }

    [Fact]
    public void Some_of_it_is_pressed_again_somewhere() => Assert.NotNull(Of("tee", "cotton", null, "swing-platen").Seconds);
}
