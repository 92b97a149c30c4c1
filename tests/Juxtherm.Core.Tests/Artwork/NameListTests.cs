using Juxtherm.Core.Artwork;

namespace Juxtherm.Core.Tests.Artwork;

/// <summary>Lists of a team as clubs write them: what players wear on their backs is not how many shirts are made.</summary>
public sealed class NameListTests
{
    private static readonly string[] Sizes = ["child", "adult-s", "adult-m", "adult-l"];

    private static NamesRead Read(string text) => NameList.Read(text, Sizes, Shipped.Words);

    /// <summary>Fourteen players, by their numbers 239 in sum.</summary>
    private static string Team(string heading, string parter) => heading + "\n" + string.Join('\n', Enumerable.Range(0, 14)
        .Select(n => string.Join(parter, $"Player {(char)('A' + n)}", "adult m", n == 13 ? "148" : $"{n + 1}")));

    [Theory]
    [InlineData("Name,Size,Number", ",")]
    [InlineData("Name\tSize\tNo.", "\t")]
    [InlineData("name;size;#", ";")]
    [InlineData("Name,Size,Jersey number", ",")]
    [InlineData("Name,Size,Player Number", ",")]
    public void A_column_of_numbers_makes_one_shirt_for_each_player_and_is_said_once(string heading, string parter)
    {
        var read = Read(Team(heading, parter));
        Assert.Equal((14, 14), (read.Names.Count, read.Names.Sum(n => n.Count)));
        Assert.Contains("jersey numbers", Assert.Single(read.NotRead).Says, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("Name,Size,Count")]
    [InlineData("Name,Size,Qty")]
    [InlineData("Name,Size,Pieces")]
    public void A_column_that_says_how_many_is_taken_at_its_word_and_large_ones_are_asked_about(string heading)
    {
        var read = Read($"{heading}\nWren,adult m,3\nOsk,adult s,12\nCrew,adult l,40");
        Assert.Equal([3, 12, 40], read.Names.Select(n => n.Count));
        var asked = Assert.Single(read.NotRead);
        Assert.Equal(("Crew", "40"), (asked.Name, asked.Text));
        Assert.Contains("check that it is how many", asked.Says, StringComparison.Ordinal);
    }

    [Fact]
    public void Without_a_heading_a_number_up_to_twelve_is_how_many_and_a_larger_one_is_asked_about()
    {
        var read = Read("Wren,adult m,2\nOsk,adult s,23\nTern,adult l,13");
        Assert.Equal([2, 1, 1], read.Names.Select(n => n.Count));
        Assert.Equal(["Osk", "Tern"], read.NotRead.Select(n => n.Name));
        Assert.All(read.NotRead, n => Assert.Contains("jersey number, or how many", n.Says, StringComparison.Ordinal));
    }
}
