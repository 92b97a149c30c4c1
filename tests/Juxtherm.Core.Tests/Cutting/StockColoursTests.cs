using Juxtherm.Core.Artwork;
using Juxtherm.Core.Cutting.Stock;

namespace Juxtherm.Core.Tests.Cutting;

/// <summary>Which vinyl on the shelf has the colour that artwork asks for.</summary>
public sealed class StockColoursTests
{
    private static VinylStock On(string colour, string name = "", string vinyl = "smooth", double length = 1000) =>
        new($"{vinyl}{colour}", StockKind.Roll, vinyl, colour, name, 305, length, 0, 0, "", "Roll", 10, 0);

    // The primaries of sRGB have L*a*b* 53.24 80.09 67.20, 87.73 −86.18 83.18 and 32.30 79.19 −107.86 under D65 (as colour handbooks print
    // them; from memory).
    [Theory]
    [InlineData("#000000", "#ffffff", 100)]
    [InlineData("#ff0000", "#00ff00", 170.57)]
    [InlineData("#ff0000", "#0000ff", 176.31)]
    [InlineData("#00ff00", "#0000ff", 258.69)]
    [InlineData("#2f7f30", "#2f7f30", 0)]
    public void Colours_lie_as_far_apart_as_their_coordinates_say(string one, string other, double apart)
    {
        Assert.Equal(apart, ColourWords.Difference(one, other), 0.1);
        Assert.Equal(ColourWords.Difference(one, other), ColourWords.Difference(other, one), 1e-9);
    }

    [Theory]
    [InlineData("#2f7f30", true, "is the same to the eye")]
    [InlineData("#2E7D32", true, "is the same in capitals")]
    [InlineData("#3fa045", false, "is a green, but not this one")]
    [InlineData("#d8202a", false, "is red")]
    public void A_near_colour_is_taken_and_one_that_only_resembles_it_is_asked_about(string onShelf, bool same, string what)
    {
        var colours = new StockColours([On(onShelf, "leaf")], []);
        Assert.True(same == colours.IsSame("smooth", "#2e7d32", onShelf), what);
        Assert.False(colours.IsSame("glitter", "#2e7d32", onShelf) && onShelf != "#2E7D32");
    }

    [Fact]
    public void It_is_asked_once_and_the_word_holds_both_ways()
    {
        const string Wanted = "#2e7d32", Shelf = "#4a8c3c";
        var asked = new StockColours([On(Shelf, "leaf")], []).Ask("smooth", Wanted);
        Assert.Equal(new ColourAsk(Shelf, "leaf", false), asked);
        var yes = new StockColours([On(Shelf, "leaf")], [new ColourMatch("smooth", Wanted, Shelf, true)]);
        Assert.True(yes.IsSame("smooth", Wanted, Shelf));
        Assert.Null(yes.Ask("smooth", Wanted));
        Assert.Equal("leaf", yes.NameOf("smooth", Wanted));
        var no = new StockColours([On("#2f7f30", "leaf")], [new ColourMatch("smooth", Wanted, "#2f7f30", false)]);
        Assert.False(no.IsSame("smooth", Wanted, "#2f7f30"));
        Assert.Null(no.Ask("smooth", Wanted));
    }

    [Fact]
    public void Another_color_far_off_or_used_up_is_not_asked_about()
    {
        Assert.Null(new StockColours([On("#d8202a")], []).Ask("smooth", "#2e7d32"));
        Assert.Null(new StockColours([On("#2f7f30", length: 0)], []).Ask("smooth", "#2e7d32"));
        Assert.Null(new StockColours([On("#2f7f30", vinyl: "glitter")], []).Ask("smooth", "#2e7d32"));
        Assert.Null(new StockColours([On("#2f7f30"), On("#2e7d32")], []).Ask("smooth", "#2e7d32"));
        Assert.Equal("white", new StockColours([], []).NameOf("smooth", "#ffffff"));
    }
}
