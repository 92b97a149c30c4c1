using Juxtherm.Store.Keeping.Names;

namespace Juxtherm.Web.Tests;

/// <summary>What counts as a name of somebody, and what takes its place.</summary>
public sealed class PersonNamesTests
{
    [Theory]
    [InlineData("Wren", "Wren's cup, and WREN’s", "—'s cup, and —’s")]
    [InlineData("Wren", "Wrenfield; the wrens", "Wrenfield; the wrens")]
    [InlineData("Wren Tallow|Wren", "Wren  Tallow and Wren", "— and —")]
    [InlineData("O'Shea (jr.)", "for O'Shea (jr.)", "for —")]
    [InlineData("zoë", "Zoë, ZOË, Zoëlle", "—, —, Zoëlle")]
    public void Names_are_whole_words_however_they_are_capitalized(string names, string text, string without)
    {
        var people = new PersonNames(names.Split('|'));
        Assert.Equal(without, people.Without(text));
        Assert.Equal(text != without, people.AreIn(text));
    }

    [Fact]
    public void Ids_figures_and_the_programs_own_sentences_are_no_names()
    {
        const string Job = """{"title":"Sky","layers":[{"id":"sky","vinyl":"smooth","word":{"text":"Sky"}}],"steps":[{"text":"Sky"}],"mm":1.50}""";
        Assert.Equal("""{"title":"—","layers":[{"id":"sky","vinyl":"smooth","word":{"text":"—"}}],"steps":[{"text":"Sky"}],"mm":1.50}""",
            new PersonNames(["sky"]).WithoutInDocument(Job));
        // A document within a document, and one that cannot be read.
        Assert.Equal("""{"json":"{\"title\":\"—\"}"}""", new PersonNames(["sky"]).WithoutInDocument("""{"json":"{\"title\":\"Sky\"}"}"""));
        Assert.Equal("{ — is broken", new PersonNames(["sky"]).WithoutInDocument("{ Sky is broken"));
    }
}
