using System.Buffers.Binary;
using System.IO.Compression;
using System.Text;
using System.Text.Json.Nodes;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Artwork.FontFiles;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Tests.Plans;
using Juxtherm.Words;

namespace Juxtherm.Core.Tests.Artwork;

/// <summary>Fonts that somebody brings: read, set, and refused where they are hostile.</summary>
public sealed class FontFileTests
{
    private static byte[] File(string name)
    {
        using var stream = typeof(FontFileTests).Assembly.GetManifestResourceStream(name)!;
        using var copy = new MemoryStream();
        stream.CopyTo(copy);
        return copy.ToArray();
    }

    private static byte[] Shipped(string name)
    {
        using var stream = typeof(LetterFont).Assembly.GetManifestResourceStream($"Juxtherm.Core.Artwork.Fonts.{name}")!;
        using var copy = new MemoryStream();
        stream.CopyTo(copy);
        return copy.ToArray();
    }

    private static LetterFont Font(byte[] file)
    {
        var read = FontFile.Read(file);
        return LetterFont.Own(read.Id, read.Name, read.Licence, () => read.Sfnt);
    }

    private static SetWords Set(LetterFont font, string text, double gap = 0) =>
        LetterShapes.Set(new Lettering(text, font.Id, 40, gap, 0, false) { Typeface = font });

    private static CutShape Shape(LetterFont font, string text, double gap = 0) => Set(font, text, gap).Shape!;

    // The same font, packed the one way and the other by those who publish it: table by table, and with outlines told anew.
    [Theory]
    [InlineData("Pacifico", "Ada & Quentin 0123456789")]
    [InlineData("NotoSansHebrew", "שלום עולם")]
    public void Both_packings_come_to_the_same_outlines(string name, string text)
    {
        var (one, two) = (Shape(Font(File(name + ".woff")), text), Shape(Font(File(name + ".woff2")), text));
        Assert.Equal(one.Bounds.WidthMm, two.Bounds.WidthMm, 0.05);
        Assert.Equal(one.AreaMm2, two.AreaMm2, one.AreaMm2 * 0.001);
        Assert.Equal((one.Measures.Pieces, one.Measures.Holes), (two.Measures.Pieces, two.Measures.Holes));
    }

    [Fact]
    public void Its_name_and_licence_are_read_and_its_id_is_that_of_its_content()
    {
        var (one, again) = (FontFile.Read(File("Pacifico.woff2")), FontFile.Read(File("Pacifico.woff2")));
        Assert.Equal("Pacifico Regular", one.Name);
        Assert.Contains("OFL", one.Licence, StringComparison.Ordinal);
        Assert.Equal(one.Id, again.Id);
        Assert.True(FontFile.IsOwnId(one.Id));
        Assert.NotEqual(one.Id, FontFile.Read(Shipped("Lobster.otf")).Id);
        Assert.All(LetterFont.All, f => Assert.False(FontFile.IsOwnId(f.Id)));
    }

    [Fact]
    public void Written_from_right_to_left_the_first_letter_lies_on_the_right()
    {
        var font = Font(File("NotoSansHebrew.woff2"));
        var (word, first, last) = (Shape(font, "שלו"), Shape(font, "ש"), Shape(font, "ו"));
        var boxes = NetBoxes(word);
        Assert.Equal(first.Bounds.WidthMm, boxes[^1], 0.2);
        Assert.Equal(last.Bounds.WidthMm, boxes[0], 0.2);
    }

    [Fact]
    public void Letters_that_join_are_set_joined()
    {
        var font = Font(File("Amiri.woff2"));
        // Seen, lam, alef, meem: the first three hang together, and the lam-alef is one form.
        var word = Shape(font, "سلام");
        Assert.Equal(2, word.Measures.Pieces);
        var apart = "سلام".Sum(c => Shape(font, c.ToString()).Bounds.WidthMm);
        Assert.True(word.Bounds.WidthMm < 0.9 * apart, $"{word.Bounds.WidthMm} {apart}");
        Assert.Empty(Set(font, "سلام").Missing);
    }

    [Fact]
    public void Accents_are_the_same_however_they_are_typed_and_take_no_gap()
    {
        var font = Font(File("Pacifico.woff2"));
        var (composed, parts) = (Shape(font, "né", 5), Shape(font, "ne\u0301", 5));
        Assert.Equal(composed.AreaMm2, parts.AreaMm2, composed.AreaMm2 * 0.02);
        Assert.Equal(composed.Bounds.WidthMm, parts.Bounds.WidthMm, 0.5);
    }

    [Fact]
    public void A_script_is_welded_and_nothing_is_cut_within_it()
    {
        var font = Font(File("Pacifico.woff2"));
        var (word, letters) = (Shape(font, "wren"), "wren".Sum(c => Shape(font, c.ToString()).Measures.PerimeterMm));
        Assert.Equal(1, word.Measures.Pieces);
        // Where two letters meet neither is cut.
        Assert.True(word.Measures.PerimeterMm < letters - 10, $"{word.Measures.PerimeterMm} {letters}");
    }

    [Fact]
    public void What_a_font_does_not_have_is_named()
    {
        Assert.Equal(["ש"], Set(Font(File("Pacifico.woff2")), "aש a").Missing);
        Assert.Contains("A", Set(Font(File("NotoSansHebrew.woff2")), "A").Missing);
    }

    [Fact]
    public void Where_the_font_is_missing_the_job_says_so_and_keeps_its_outlines()
    {
        var id = FontFile.Read(File("Pacifico.woff2")).Id;
        var job = SampleJobs.With(j =>
        {
            var layer = j["layers"]![0]!.AsObject();
            (layer["shape"], layer["widthMm"], layer["heightMm"], layer["xMm"], layer["yMm"]) = ("M0 0H90V30H0Z", 90, 30, 100, 120);
            layer["word"] = new JsonObject { ["text"] = "Wren", ["font"] = id, ["fontName"] = "Pacifico Regular" };
        });
        var bare = Core.Tests.Shipped.Catalogue with { Fonts = new FontCase() };
        Notice? Says(JsonObject file)
        {
            var read = JobReader.Read(file.ToJsonString(), bare, new Problems())!;
            Assert.Equal(90 * 30, read.Layer.AreaMm2!.Value, 0.1);
            return new Planner(bare, Language.English).Plan(read, UnitSystem.Metric).Plan.Notices
                .FirstOrDefault(n => n.Code == "font-missing");
        }

        var note = Says(job);
        Assert.Equal(NoticeLevel.Note, note!.Level);
        Assert.Contains("Pacifico Regular", note.Text, StringComparison.Ordinal);
        job["layers"]![0]!["word"]!["fromNames"] = true;
        job["names"] = new JsonArray(new JsonObject { ["name"] = "Ada" });
        Assert.Equal(NoticeLevel.Stop, Says(job)!.Level);
        bare.Fonts.Hold([Font(File("Pacifico.woff2"))]);
        Assert.Null(Says(job));
    }

    [Theory]
    [InlineData("comic")]
    [InlineData("own-12")]
    [InlineData("own-ABCDEFABCDEFABCD")]
    [InlineData("../../etc/passwd")]
    public void A_font_that_no_job_can_name_is_refused(string id)
    {
        var problems = new Problems();
        JobReader.Read(SampleJobs.With(j => j["layers"]![0]!["word"] = new JsonObject { ["text"] = "A", ["font"] = id }).ToJsonString(),
            Core.Tests.Shipped.Catalogue, problems);
        Assert.Contains(problems.Found, p => p.Pointer == "/layers/0/word/font");
    }

    [Theory]
    [InlineData("Pacifico.woff")]
    [InlineData("Pacifico.woff2")]
    public void Cut_short_anywhere_it_is_refused_or_still_sets(string name)
    {
        var whole = File(name);
        for (var length = 0; length < whole.Length; length += Math.Max(1, whole.Length / 97))
            Survives(whole[..length]);
    }

    [Theory]
    [InlineData("Pacifico.woff2", 1)]
    [InlineData("NotoSansHebrew.woff", 2)]
    [InlineData("Comfortaa-Bold.ttf", 3)]
    [InlineData("Lobster.otf", 4)]
    public void Spoilt_anywhere_it_is_refused_or_still_sets(string name, int seed)
    {
        var chance = new Random(seed);
        var whole = name.Contains("woff", StringComparison.Ordinal) ? File(name) : Shipped(name);
        for (var i = 0; i < 60; i++)
        {
            var spoilt = (byte[])whole.Clone();
            // Mostly near the beginning, where the directory is.
            for (var k = 0; k < 4; k++)
                spoilt[chance.Next(k % 2 == 0 ? 400 : spoilt.Length)] = (byte)chance.Next(256);
            Survives(spoilt);
        }
    }

    [Fact]
    public void A_letter_made_of_itself_comes_to_an_end()
    {
        var font = Shipped("Comfortaa-Bold.ttf");
        var (glyf, length) = Table(font, "glyf");
        // Every place in the table says: a letter put together from letter 36 at this very place.
        byte[] loop = [0xFF, 0xFF, 0, 0, 0, 0, 0, 9, 0, 9, 0, 0x21, 0, 36, 0, 0, 0, 0, 0, 0x01, 0, 36, 0, 0, 0, 0];
        var (loca, _) = Table(font, "loca");
        for (var g = 0; g < 300; g++)
        {
            var at = 2 * BinaryPrimitives.ReadUInt16BigEndian(font.AsSpan(loca + 2 * g));
            if (at + loop.Length < length)
                loop.CopyTo(font, glyf + at);
        }

        Survives(font);
    }

    [Fact]
    public void What_unpacks_to_more_than_it_says_or_than_is_bearable_is_refused()
    {
        var bomb = Packed(length: 1000, really: 50_000_000);
        Assert.Equal("font.broken", Assert.Throws<FontException>(() => FontFile.Read(bomb)).Says.Key);
        Assert.Equal("font.too-large", Assert.Throws<FontException>(() => FontFile.Read(Packed(60_000_000, 60_000_000))).Says.Key);
        Assert.Equal("font.too-large", Assert.Throws<FontException>(() => FontFile.Read(new byte[FontFile.MostBytes + 1])).Says.Key);
        Assert.True(bomb.Length < 10_000);
    }

    [Theory]
    [InlineData("")]
    [InlineData("wOF2")]
    [InlineData("<svg xmlns='http://www.w3.org/2000/svg'/>")]
    [InlineData("%PDF-1.7 and so on")]
    public void What_is_no_font_is_refused(string text) =>
        Assert.Equal("font.broken", Assert.Throws<FontException>(() => FontFile.Read(Encoding.ASCII.GetBytes(text))).Says.Key);

    private static void Survives(byte[] file)
    {
        try
        {
            var set = Set(Font(file), "Ag");
            Assert.True(set.Shape is null || set.Shape.AreaMm2 > 0);
        }
        catch (FontException e)
        {
            Assert.StartsWith("font.", e.Says.Key, StringComparison.Ordinal);
        }
    }

    private static (int At, int Length) Table(byte[] font, string tag)
    {
        for (var entry = 12; ; entry += 16)
        {
            if (Encoding.ASCII.GetString(font, entry, 4) == tag)
                return ((int)BinaryPrimitives.ReadUInt32BigEndian(font.AsSpan(entry + 8)),
                    (int)BinaryPrimitives.ReadUInt32BigEndian(font.AsSpan(entry + 12)));
        }
    }

    /// <summary>A WOFF2 file with one table of zeros.</summary>
    private static byte[] Packed(int length, int really)
    {
        using var packed = new MemoryStream();
        using (var stream = new BrotliStream(packed, CompressionLevel.Fastest, leaveOpen: true))
            stream.Write(new byte[really]);
        using var file = new MemoryStream();
        void Put(uint value)
        {
            var four = new byte[4];
            BinaryPrimitives.WriteUInt32BigEndian(four, value);
            file.Write(four);
        }

        Put(0x774F4632);
        Put(0x00010000);
        Put(0);
        Put(1 << 16);
        Put((uint)length);
        Put((uint)packed.Length);
        for (var i = 0; i < 6; i++)
            Put(0);
        file.WriteByte(0);
        for (var shift = 28; shift >= 0; shift -= 7)
        {
            if (length >> shift > 0)
                file.WriteByte((byte)((length >> shift & 0x7F) | (shift > 0 ? 0x80 : 0)));
        }

        file.Write(packed.ToArray());
        return file.ToArray();
    }

    private static List<double> NetBoxes(CutShape shape) =>
        [.. Geometry(shape).OrderBy(b => b.Left).Select(b => b.Width)];

    private static IEnumerable<(double Left, double Width)> Geometry(CutShape shape)
    {
        foreach (var ring in shape.Text.Split('M', StringSplitOptions.RemoveEmptyEntries))
        {
            var numbers = ring.Split([' ', 'L', 'Z'], StringSplitOptions.RemoveEmptyEntries)
                .Select(n => double.Parse(n, System.Globalization.CultureInfo.InvariantCulture)).ToList();
            var xs = numbers.Where((_, i) => i % 2 == 0).ToList();
            yield return (xs.Min(), xs.Max() - xs.Min());
        }
    }
}
