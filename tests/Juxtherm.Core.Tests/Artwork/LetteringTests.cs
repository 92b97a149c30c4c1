using Juxtherm.Core.Artwork;
using Juxtherm.Core.Jobs;

namespace Juxtherm.Core.Tests.Artwork;

/// <summary>Words as outlines, and lists of names.</summary>
public sealed class LetteringTests
{
    private static Lettering Plain(string text, string font = "plain", double height = 40, double gap = 0, double arc = 0) =>
        new(text, font, height, gap, arc, false);

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

    public static TheoryData<string, string, PieceEntry[]> Lists => new()
    {
        { "names alone", "Wren\nOsk\n\n  Tamsin  ",
            [new("Wren", null, null, 1, false), new("Osk", null, null, 1, false), new("Tamsin", null, null, 1, false)] },
        { "with commas", "Wren, child, gold, 2\nOsk,adult-m",
            [new("Wren", "child", "#d9a441", 2, false), new("Osk", "adult-m", null, 1, false)] },
        { "with a heading in another order", "Size,Count,Name\nM,3,Osk\ntoddler,,Wren",
            [new("Osk", "adult-m", null, 3, false), new("Wren", "toddler", null, 1, false)] },
        { "pasted from a table", "Wren\tchild\t#0F6468\t1\r\nOsk\txl\t\t2\r\n",
            [new("Wren", "child", "#0f6468", 1, false), new("Osk", "adult-xl", null, 2, false)] },
        { "with semicolons and quotes", "\"Tarn; the\";child\nO'Sky;;;4",
            [new("Tarn; the", "child", null, 1, false), new("O'Sky", null, null, 4, false)] },
        { "the garment's colour by its word", "Wren, child, navy tee, gold\nOsk, black hoodie, M, silver, 2",
            [new("Wren", "child", "#d9a441", 1, false, "#1b2a49"), new("Osk", "adult-m", "#c0c0c0", 2, false, "#000000")] },
        { "of two colours the garment's first", "Wren, black, gold, 190 mm",
            [new("Wren", null, "#d9a441", 1, false, "#000000", 190)] },
        { "widths as people write them", "Wren, 19 cm\nOsk, 7 1/2 in",
            [new("Wren", null, null, 1, false, null, 190), new("Osk", null, null, 1, false, null, 190.5)] },
        { "with a heading of somebody's own",
            "Order,Name,Shirt size,Shirt colour,Name color,Width (in),Qty\n17,Wren,Youth M,navy,gold,7.5,2",
            [new("Wren", "child", "#d9a441", 2, false, "#1b2a49", 190.5)] },
        { "sizes alone", "Size,Qty,Garment\nM,3,black\nL,2,",
            [new("", "adult-m", null, 3, false, "#000000"), new("", "adult-l", null, 2, false)] },
        { "names that are words for columns", "Tee\nBlank",
            [new("Tee", null, null, 1, false), new("Blank", null, null, 1, false)] },
        { "a column alone", "garment color\nblack\nnavy",
            [new("", null, null, 1, false, "#000000"), new("", null, null, 1, false, "#1b2a49")] },
    };

    [Theory]
    [MemberData(nameof(Lists))]
    public void A_list_is_read_as_people_write_it(string what, string text, PieceEntry[] expected)
    {
        var read = NameList.Read(text, JobReader.Sizes, Juxtherm.Words.Language.English.WordsFor(Core.Notices.UnitSystem.Metric));
        Assert.True(read.NotRead.Count == 0, $"{what}: {string.Join(' ', read.NotRead)}");
        Assert.Equal(expected, read.Names);
    }

    [Theory]
    [InlineData("Wren,giant", 1, "giant", "adult S to 3XL", 1)]
    [InlineData("Wren\nOsk,adult-m,blurple", 2, "blurple", "#rrggbb", 2)]
    [InlineData("Wren,,,0", 1, "0", "1 to 999", 1)]
    [InlineData("Wren,,,many", 1, "many", "1 to 999", 1)]
    [InlineData(",child\nOsk", 1, "", "no name", 2)]
    [InlineData("Name,Garment\nWren,blurple", 2, "blurple", "#rrggbb", 1)]
    [InlineData("Name,Width\nWren,190", 2, "190", "190 mm", 1)]
    [InlineData("Name,Width mm\nWren,0.01", 2, "0.01", "190 mm", 1)]
    [InlineData("\n\n", 1, "", "a name on each line", 0)]
    public void What_cannot_be_read_is_marked_and_the_rest_is_taken(string text, int line, string what, string accepted, int names)
    {
        var read = NameList.Read(text, JobReader.Sizes, Juxtherm.Words.Language.English.WordsFor(Core.Notices.UnitSystem.Metric));
        var marked = Assert.Single(read.NotRead);
        Assert.Equal((line, what, names), (marked.Line, marked.Text, read.Names.Count));
        Assert.Contains(accepted, marked.Says, StringComparison.Ordinal);
    }

    [Theory]
    // As people write them on lists (common practice; which group an age belongs to is from memory).
    [InlineData("XXL", "adult-2xl")]
    [InlineData("2XL", "adult-2xl")]
    [InlineData("xxx-large", "adult-3xl")]
    [InlineData("Medium", "adult-m")]
    [InlineData("women's L", "adult-l")]
    [InlineData("adult S", "adult-s")]
    [InlineData("youth M", "child")]
    [InlineData("Kids XL", "child")]
    [InlineData("6–7 years", "child")]
    [InlineData("8 yrs", "child")]
    [InlineData("3T", "toddler")]
    [InlineData("2-3 y", "toddler")]
    [InlineData("18 months", "infant")]
    [InlineData("newborn", "infant")]
    [InlineData("child", "child")]
    [InlineData("XS", null)]
    [InlineData("one size", null)]
    [InlineData("12345", null)]
    public void Sizes_are_read_as_people_write_them(string said, string? size) => Assert.Equal(size, SizeWords.Read(said, JobReader.Sizes));

    [Theory]
    // Words for cloth and vinyl; then names of CSS Color, level 4, in either spelling; a shade by what it is a shade of.
    [InlineData("grey", "#808080")]
    [InlineData("Dark Grey", "#a9a9a9")]
    [InlineData("forest", "#1c4a2a")]
    [InlineData("Hot Pink", "#ff69b4")]
    [InlineData("matte black", "#000000")]
    [InlineData("#2e7d32", "#2e7d32")]
    [InlineData("blurple", null)]
    public void Colours_are_read_as_people_write_them(string said, string? hex) => Assert.Equal(hex, ColourWords.Hex(said));

    [Fact]
    public void Sizes_of_words_are_those_of_their_outlines()
    {
        foreach (var words in new[] { Plain("Tamsin"), Plain("Two\nlines", "brush"), Plain("STARGAZERS", arc: 120),
            Plain("Ay") with { GapMm = 4, HeightMm = 26 } })
        {
            var (size, shape) = (LetterShapes.SizeOf(words, new Core.Reading.WorkMemory())!.Value, Set(words).Bounds);
            Assert.Equal((shape.WidthMm, shape.HeightMm), (size.WidthMm, size.HeightMm), (a, b) => Math.Abs(a.WidthMm - b.WidthMm) < 0.3
                && Math.Abs(a.HeightMm - b.HeightMm) < 0.3);
        }

        Assert.Null(LetterShapes.SizeOf(Plain("星"), new Core.Reading.WorkMemory()));
    }
}
