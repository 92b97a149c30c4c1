using System.Text.Json.Nodes;
using Juxtherm.Core.Care;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>An own blank is looked after by what it is made of, not by what it is called.</summary>
public sealed class CareOfOwnBlanksTests
{
    private static IReadOnlyList<CareSymbol> Care(params (string Fibre, double Percent)[] fibres)
    {
        var job = SampleJobs.With(j =>
        {
            j["own"] = new JsonObject
            {
                ["blanks"] = new JsonArray(new JsonObject
                {
                    ["id"] = "own-blank-1",
                    ["name"] = "Harbor knit",
                    ["fibres"] = new JsonArray([.. fibres.Select(f =>
                        (JsonNode)new JsonObject { ["material"] = f.Fibre, ["percent"] = f.Percent })]),
                }),
            };
            j["blank"]!["material"] = "own-blank-1";
        });
        return [.. CareAdvice.Of(SampleJobs.Read(job), Shipped.Catalogue.Work, Shipped.Words).Marks.Select(m => m.Symbol)];
    }

    private static IReadOnlyList<CareSymbol> CareOf(string material) =>
        [.. CareAdvice.Of(SampleJobs.Read(SampleJobs.With(j => j["blank"]!["material"] = material)), Shipped.Catalogue.Work, Shipped.Words)
            .Marks.Select(m => m.Symbol)];

    [Theory]
    [InlineData("acrylic")]
    [InlineData("nylon")]
    [InlineData("elastane")]
    [InlineData("jute")]
    [InlineData("softshell")]
    public void Of_one_fibre_it_is_looked_after_as_that_fibre(string fibre)
    {
        Assert.Equal(CareOf(fibre), Care((fibre, 100)));
        Assert.Contains(CareSymbol.DoNotTumble, Care((fibre, 100)));
    }

    [Theory]
    [InlineData("elastane", 5, false)]
    [InlineData("elastane", 18, false)]
    [InlineData("elastane", 22, true)]
    [InlineData("acrylic", 60, true)]
    [InlineData("nylon", 40, true)]
    public void Of_several_the_delicate_one_tells_from_a_fifth_on(string fibre, double percent, bool notTumbled) =>
        Assert.Equal(notTumbled, Care((fibre, percent), ("cotton", 100 - percent)).Contains(CareSymbol.DoNotTumble));

    [Fact]
    public void Jute_is_washed_by_hand_by_whatever_name() => Assert.Contains(CareSymbol.WashByHand, Care(("jute", 70), ("cotton", 30)));
}
