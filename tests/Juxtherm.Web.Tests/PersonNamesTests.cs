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
    // The other apostrophe, and what word processors make of it.
    [InlineData("O’Neil", "O'Neil, O’NEIL, O`Neil, O\u02BCNeil’s", "—, —, —, —’s")]
    [InlineData("O'Neil", "for O’Neil", "for —")]
    // One letter, written as two signs; and the other way round.
    [InlineData("Zoe\u0308", "Zo\u00EB and Zoe\u0308", "— and —")]
    [InlineData("Zo\u00EB", "Zoe\u0308lle and Zoe\u0308.", "Zoe\u0308lle and —.")]
    [InlineData("Zoe", "Zo\u00EB, Zoe\u0308 and Zoe", "Zo\u00EB, Zoe\u0308 and —")]
    [InlineData("L\u1EADp", "La\u0323\u0302p and La\u0302\u0323p", "— and —")]
    [InlineData("Groß", "GROSS, Groß, GRO\u1E9E, Grosso", "—, —, —, Grosso")]
    [InlineData("Anne-Marie", "Anne\u2011Marie, Anne\u2010Marie, An\u00ADne-Ma\u00ADrie", "—, —, —")]
    [InlineData("Wren", "W\u200Bren, \uFF37ren, Wr\u00ADen!", "—, —, —!")]
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
        // A layer's id goes only where it was noted that somebody's name stands in it.
        Assert.Equal("""{"title":"—","layers":[{"id":"sky","vinyl":"smooth","word":{"text":"—"}}],"steps":[{"text":"Sky"}],"mm":1.50}""",
            new PersonNames(["sky"]).WithoutInDocument(Job));
        // A document within a document, and one that cannot be read.
        Assert.Equal("""{"json":"{\"title\":\"—\"}"}""", new PersonNames(["sky"]).WithoutInDocument("""{"json":"{\"title\":\"Sky\"}"}"""));
        Assert.Equal("{ — is broken", new PersonNames(["sky"]).WithoutInDocument("{ Sky is broken"));
    }

    [Fact]
    public void A_layers_id_with_a_name_in_it_goes_everywhere_and_stays_one_id()
    {
        const string Job = """{"layers":[{"id":"wren-front","vinyl":"wren-front"},{"id":"base","over":["wren-front"]}]}""";
        const string Event = """{"layer":"wren-front","bond":{"wren-front":1.50,"base":2}}""";
        var people = new PersonNames(["Wren"]);
        people.NoteLayers(Job);
        Assert.Contains(people.InDocument(Event), t => t.Text == "wren-front");
        var now = System.Text.Json.Nodes.JsonNode.Parse(people.WithoutInDocument(Job))!;
        var id = (string)now["layers"]![0]!["id"]!;
        Assert.DoesNotContain("wren", id, StringComparison.OrdinalIgnoreCase);
        Assert.Equal(id, (string)now["layers"]![1]!["over"]![0]!);
        // A vinyl of the same id is the catalogue's.
        Assert.Equal("wren-front", (string)now["layers"]![0]!["vinyl"]!);
        Assert.Equal($$$"""{"layer":"{{{id}}}","bond":{"{{{id}}}":1.50,"base":2}}""", people.WithoutInDocument(Event));
    }
}
