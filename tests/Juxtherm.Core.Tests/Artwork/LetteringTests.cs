using Juxtherm.Core.Artwork;
using Juxtherm.Core.Planning;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Tests.Artwork;

/// <summary>Words as outlines, and lists of names.</summary>
public sealed class LetteringTests
{
    private static Lettering Plain(string text, string font = "plain", double height = 40, double gap = 0, double arc = 0) => new(text, font, height, gap, arc, false);

    private static CutShape Set(Lettering words) => LetterShapes.Set(words).Shape ?? throw new InvalidOperationException(words.Text);

    public static TheoryData<string> Fonts => [.. LetterFont.All.Select(f => f.Id)];

    [Theory]
    [MemberData(nameof(Fonts))]
    public void Capitals_are_as_high_as_asked_and_letters_have_their_centres(string font)
    {
        var shape = Set(Plain("H", font));
        Assert.Equal(40, shape.Bounds.HeightMm, 0.5);
        Assert.Equal(0, shape.Bounds.YMm + shape.Bounds.HeightMm, 0.5);
        Assert.Equal((1, 1), (Set(Plain("o", font)).Measures.Pieces, Set(Plain("o", font)).Measures.Holes));
        Assert.Equal(2, Set(Plain("8", font)).Measures.Holes);
        Assert.Empty(LetterShapes.Set(Plain("ÄÖÜ äöü ß é 0123456789 &!?", font)).Missing);
    }

    [Fact]
    public void Gaps_between_letters_widen_and_tighten_the_word_by_just_that()
    {
        var plain = Set(Plain("TARN")).Bounds.WidthMm;
        Assert.Equal(plain + 3 * 5, Set(Plain("TARN", gap: 5)).Bounds.WidthMm, 0.01);
        Assert.Equal(plain - 3 * 2, Set(Plain("TARN", gap: -2)).Bounds.WidthMm, 0.01);
        Assert.Equal(plain * 2, Set(Plain("TARN", height: 80)).Bounds.WidthMm, 0.05);
    }

    [Fact]
    public void A_font_kerns()
    {
        var apart = Set(Plain("A")).Bounds.WidthMm + Set(Plain("V")).Bounds.WidthMm;
        Assert.True(Set(Plain("AV")).Bounds.WidthMm < apart);
    }

    [Fact]
    public void Bent_upward_the_middle_stands_highest_and_no_letter_changes()
    {
        var straight = Set(Plain("STARGAZERS"));
        var bent = Set(Plain("STARGAZERS", arc: 120));
        Assert.Equal(straight.AreaMm2, bent.AreaMm2, straight.AreaMm2 * 0.001);
        // A circle's arc of 120° over a baseline of length w has the radius w / (2π/3) and rises by half of it.
        var rise = straight.Bounds.WidthMm / (2 * Math.PI / 3) / 2;
        Assert.InRange(bent.Bounds.HeightMm, rise, rise + 45);
        Assert.InRange(-bent.Bounds.YMm, 38, 42);
        var down = Set(Plain("STARGAZERS", arc: -120));
        Assert.InRange(down.Bounds.YMm + down.Bounds.HeightMm, -2, 2);
    }

    [Fact]
    public void A_joined_script_is_welded_by_itself()
    {
        Assert.True(Set(Plain("tarn", "brush")).Measures.Pieces < 4);
        Assert.Equal(4, Set(Plain("tarn", "narrow")).Measures.Pieces);
    }

    [Fact]
    public void What_a_font_does_not_have_is_said()
    {
        var set = LetterShapes.Set(Plain("星 Tarn"));
        Assert.Equal(["星"], set.Missing);
        Assert.NotNull(set.Shape);
        Assert.Null(LetterShapes.Set(Plain("星")).Shape);
    }

    private static IReadOnlyList<NameEntry> Names(string text, out Problems problems) => NameList.Read(text, JobReader.Sizes, problems = new Problems());

    public static TheoryData<string, string, NameEntry[]> Lists => new()
    {
        { "names alone", "Wren\nOsk\n\n  Tamsin  ", [new("Wren", null, null, 1, false), new("Osk", null, null, 1, false), new("Tamsin", null, null, 1, false)] },
        { "with commas", "Wren, child, gold, 2\nOsk,adult-m", [new("Wren", "child", "#ffd700", 2, false), new("Osk", "adult-m", null, 1, false)] },
        { "with a heading in another order", "Size,Count,Name\nM,3,Osk\ntoddler,,Wren", [new("Osk", "adult-m", null, 3, false), new("Wren", "toddler", null, 1, false)] },
        { "pasted from a table", "Wren\tchild\t#0F6468\t1\r\nOsk\txl\t\t2\r\n", [new("Wren", "child", "#0f6468", 1, false), new("Osk", "adult-xl", null, 2, false)] },
        { "with semicolons and quotes", "\"Tarn; the\";child\nO'Sky;;;4", [new("Tarn; the", "child", null, 1, false), new("O'Sky", null, null, 4, false)] },
    };

    [Theory]
    [MemberData(nameof(Lists))]
    public void A_list_is_read_as_people_write_it(string what, string text, NameEntry[] expected)
    {
        var read = Names(text, out var problems);
        Assert.True(problems.None, $"{what}: {string.Join(' ', problems.Found.Select(p => p.Message))}");
        Assert.Equal(expected, read);
    }

    [Theory]
    [InlineData("Wren,giant", "Line 1", "giant")]
    [InlineData("Wren\nOsk,adult-m,blurple", "Line 2", "blurple")]
    [InlineData("Wren,,,0", "Line 1", "1 to 999")]
    [InlineData("Wren,,,many", "Line 1", "many")]
    [InlineData(",child", "Line 1", "empty")]
    [InlineData("\n\n", "empty", "a name on each line")]
    public void What_is_wrong_in_a_list_is_named_by_line(string text, string where, string what)
    {
        Names(text, out var problems);
        var message = Assert.Single(problems.Found).Message;
        Assert.Contains(where, message, StringComparison.Ordinal);
        Assert.Contains(what, message, StringComparison.Ordinal);
    }
}
