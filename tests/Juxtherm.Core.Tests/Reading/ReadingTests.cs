using System.Text.Json;
using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Reading;
using Juxtherm.Testing;

namespace Juxtherm.Core.Tests.Reading;

public class ReadingTests
{
    private static (JsonCursor Cursor, Problems Problems) On(string json)
    {
        var problems = new Problems();
        return (new JsonCursor(JsonDocument.Parse(json).RootElement, "", problems), problems);
    }

    [Theory]
    [InlineData("""{"a":5}""", 5.0, null)]
    [InlineData("""{"a":0}""", 0.0, null)]
    [InlineData("""{"a":10}""", 10.0, null)]
    [InlineData("""{}""", null, null)]
    [InlineData("""{"a":null}""", null, null)]
    [InlineData("""{"a":10.1}""", null, "out-of-range")]
    [InlineData("""{"a":-0.1}""", null, "out-of-range")]
    [InlineData("""{"a":1e999}""", null, "out-of-range")]
    [InlineData("""{"a":"5"}""", null, "wrong-type")]
    [InlineData("""{"a":[5]}""", null, "wrong-type")]
    [InlineData("""{"a":true}""", null, "wrong-type")]
    public void A_number_is_read_within_its_limits(string json, double? expected, string? fault)
    {
        var (cursor, problems) = On(json);
        Assert.Equal(expected, cursor["a"].Number(0, 10, "mm"));
        Assert.Equal(fault, problems.Found.SingleOrDefault()?.Code);
        if (fault is not null)
            Assert.Contains("a number from 0 to 10 mm is accepted", problems.Found[0].Said(), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("""{"a":7}""", 7, null)]
    [InlineData("""{"a":7.0}""", 7, null)]
    [InlineData("""{"a":7.5}""", null, "wrong-type")]
    [InlineData("""{"a":70}""", null, "out-of-range")]
    public void A_whole_number_has_no_fraction(string json, int? expected, string? fault)
    {
        var (cursor, problems) = On(json);
        Assert.Equal(expected, cursor["a"].Whole(0, 10));
        Assert.Equal(fault, problems.Found.SingleOrDefault()?.Code);
    }

    [Fact]
    public void Pointers_escape_what_a_pointer_must()
    {
        // RFC 6901, section 3: ~ is written ~0, / is written ~1.
        var (cursor, _) = On("""{"a/b":{"m~n":[1]}}""");
        Assert.Equal("/a~1b/m~0n/0", cursor["a/b"]["m~n"][0].Pointer);
        Assert.True(cursor["a/b"]["m~n"][0].Exists);
    }

    [Fact]
    public void Reading_past_what_is_there_is_harmless()
    {
        var (cursor, problems) = On("""{"a":1}""");
        Assert.False(cursor["b"]["c"][3].Exists);
        Assert.Empty(cursor["a"].Items);
        Assert.True(problems.None);
    }

    [Fact]
    public void Long_texts_are_not_repeated_whole_in_messages()
    {
        var (cursor, problems) = On($$"""{"a":"{{new string('x', 5000)}}"}""");
        cursor["a"].Choice(["plate"], null);
        cursor["a"].Number(0, 1);
        Assert.All(problems.Found, p => Assert.True(p.Said().Length < 200));
    }

    [Theory]
    [InlineData("smoth", "smooth")]
    [InlineData("SMOOTH", "smooth")]
    [InlineData("holo", "holographic")]
    [InlineData("swing", "swing-platen")]
    [InlineData("platen-swing", "swing-platen")]
    public void The_nearest_id_is_the_one_meant(string written, string meant)
    {
        string[] known = ["smooth", "glitter", "holographic", "swing-platen", "mug-press", "puff"];
        Assert.Equal(meant, NearestIds.To(written.ToLowerInvariant(), known)[0]);
    }

    [Property]
    public Property A_known_id_is_its_own_nearest() =>
    Prop.ForAll(Gen.Elements(Shipped.Catalogue.Materials.Keys.ToArray()).ToArbitrary(), id =>
        NearestIds.To(id, Shipped.Catalogue.Materials.Keys)[0] == id);
}
