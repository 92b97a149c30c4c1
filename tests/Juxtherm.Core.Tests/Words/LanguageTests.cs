using System.Text.RegularExpressions;
using Juxtherm.Core.Notices;
using Juxtherm.Words;

namespace Juxtherm.Core.Tests.Words;

/// <summary>Code and language agree: each sentence that is asked for stands in the files, is about what the code gives it, and none stands
/// there for nothing.</summary>
public partial class LanguageTests
{
    private static readonly IReadOnlyList<Asked> Everything =
        [.. Directory.GetFiles(Path.Combine(Shipped.Repository, "src"), "*.cs", SearchOption.AllDirectories)
        .Where(f => !f.Contains("/obj/", StringComparison.Ordinal)).SelectMany(f => In(File.ReadAllText(f)))];

    [Fact]
    public void Every_sentence_that_is_asked_for_is_there() =>
        Assert.Empty(Everything.Select(a => a.Key).Except(Language.English.Sentences.Keys, StringComparer.Ordinal));

    [Fact]
    public void No_sentence_stands_there_for_nothing() =>
        Assert.Empty(Language.English.Sentences.Keys.Where(k => k[0] != '/').Except(Everything.Select(a => a.Key), StringComparer.Ordinal));

    [Fact]
    public void No_whole_sentence_stands_there_twice() => Assert.Empty(
        Language.English.Sentences.Where(s => s.Value[^1] is '.' or '?').GroupBy(s => s.Value, StringComparer.Ordinal)
        .Where(g => g.Count() > 1).Select(g => string.Join(", ", g.Select(s => s.Key))));

    [Fact]
    public void Each_is_about_what_it_is_given_no_more_and_no_less() => Assert.Empty(
        from asked in Everything
        where Language.English.Sentences.ContainsKey(asked.Key)
        let wants = Wants(Language.English.Sentences[asked.Key])
        where !wants.SetEquals(asked.Names)
        select $"{asked.Key}: wants {string.Join(", ", wants.Order())}, is given {string.Join(", ", asked.Names.Order())}");

    [Fact]
    public void Each_can_be_said()
    {
        var words = Language.English.WordsFor(UnitSystem.Us);
        Assert.All(Language.English.Sentences.Where(s => s.Key[0] != '/'), s =>
        {
            (string, Thing)[] about = [.. Wants(s.Value)
                .Select(n => (n, s.Value.Contains($"{n} | times", StringComparison.Ordinal) ? (Thing)3 : "it"))];
            Assert.DoesNotMatch("\\{[{%]", words.Say(s.Key, about));
        });
    }

    [Theory]
    [InlineData("one = {{ n | times }}", "one", "twice")]
    [InlineData("one = a sentence\n    that goes on", "one", "a sentence that goes on")]
    [InlineData("# a remark\n\none = {% if n == 2 %}both{% else %}one{% endif %}", "one", "both")]
    [InlineData("one = \" and so on.\"", "one", " and so on.")]
    public void A_language_is_a_folder_of_such_lines(string file, string key, string said) =>
        Assert.Equal(said, Language.Of([("a.txt", file)]).WordsFor(UnitSystem.Metric).Say(key, ("n", 2)));

    [Theory]
    [InlineData("    goes on from nothing")]
    [InlineData("no equals sign")]
    [InlineData("one = a\none = b")]
    public void A_line_that_is_no_sentence_is_refused_by_name(string file) =>
        Assert.Contains("a.txt", Assert.Throws<FormatException>(() => Language.Of([("a.txt", file)])).Message, StringComparison.Ordinal);

    [Fact]
    public void Figures_are_said_in_the_readers_units()
    {
        var language =
            Language.Of([("a.txt", "one = {{ heat }}, {{ long }}, {{ fine }}, {{ time }}, {{ share }}, {{ names | join: \" and \" }}")]);
        (string, Thing)[] about = [("heat", Thing.Celsius(155)), ("long", Thing.Mm(254)), ("fine", Thing.FineMm(5.08)),
            ("time", Thing.Seconds(150)), ("share", Thing.Share(0.5)), ("names", Thing.List(["Ada", "Bo"]))];
        Assert.Equal("155 °C, 254 mm, 5.1 mm, 2 min 30 s, 0.5, Ada and Bo", language.WordsFor(UnitSystem.Metric).Say("one", about));
        Assert.Equal("311 °F, 10 in, 0.20 in, 2 min 30 s, 0.5, Ada and Bo", language.WordsFor(UnitSystem.Us).Say("one", about));
    }

    [Fact]
    public void What_is_not_there_is_an_error_that_names_it() =>
        Assert.Contains("no-such", Assert.Throws<KeyNotFoundException>(() => Shipped.Words.Say("no-such")).Message,
            StringComparison.Ordinal);

    private static HashSet<string> Wants(string sentence) =>
        [.. Holes().Matches(sentence).SelectMany(m => Names().Matches(Unspoken().Replace(m.Value, ""))).Select(m => m.Value)
        .Where(n => !Spoken.Contains(n))];

    // What a sentence may say between its braces beside the names of things.
    private static readonly HashSet<string> Spoken = new(StringComparer.Ordinal)
    {
        "if", "else", "elsif", "endif", "unless", "endunless", "false", "true", "and", "or",
    };

    private static IEnumerable<Asked> In(string code) =>
        Calls().Matches(code).Select(call => new Asked(call.Groups["key"].Value, Given(code, call.Index + call.Length)));

    /// <summary>The names in ("name", …) that stand in the call itself, not in one inside it.</summary>
    private static HashSet<string> Given(string code, int at)
    {
        var found = new HashSet<string>(StringComparer.Ordinal);
        for (var depth = 1; depth > 0; at++)
        {
            depth += code[at] switch { '(' => 1, ')' => -1, _ => 0 };
            if (depth == 2 && code[at] == '(' && Name().Match(code, at) is { Success: true } name)
                found.Add(name.Groups["name"].Value);
        }

        return found;
    }

    private sealed record Asked(string Key, HashSet<string> Names);

    [GeneratedRegex("""(?:\.Say\(|new Phrase\(|Phrase \w+\(.*\)\s*=>\s*new\()\s*"(?<key>[^"]+)"(?=[,)])""", RegexOptions.None, 5000)]
    private static partial Regex Calls();

    [GeneratedRegex("""\G\("(?<name>\w+)", """, RegexOptions.None, 5000)]
    private static partial Regex Name();

    [GeneratedRegex(@"\{[{%].*?[%}]\}", RegexOptions.None, 5000)]
    private static partial Regex Holes();

    [GeneratedRegex("[A-Za-z_][A-Za-z0-9_]*", RegexOptions.None, 5000)]
    private static partial Regex Names();

    // Texts in quotes, and filters.
    [GeneratedRegex("""\"[^\"]*\"|\| *\w+""", RegexOptions.None, 5000)]
    private static partial Regex Unspoken();
}
