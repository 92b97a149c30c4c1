using System.IO.Compression;
using System.Text;

namespace Juxtherm.Core.Artwork.FontFiles;

/// <summary>Unpacks WOFF 2.0: all tables together, outlines and widths told in fewer bytes (W3C Recommendation, 2018).</summary>
internal static class Woff2
{
    public const uint Signature = 0x774F4632;

    private const uint Collection = 0x74746366;
    private const int OwnTag = 63;
    private const int Told = 3;
    private const int Unread = 20;
    private const int WidthsInHhea = 34;

    private static readonly string[] Known =
    [
        "cmap", "head", "hhea", "hmtx", "maxp", "name", "OS/2", "post", "cvt ", "fpgm", "glyf", "loca", "prep", "CFF ", "VORG", "EBDT",
        "EBLC", "gasp", "hdmx", "kern", "LTSH", "PCLT", "VDMX", "vhea", "vmtx", "BASE", "GDEF", "GPOS", "GSUB", "EBSC", "JSTF", "MATH",
        "CBDT", "CBLC", "COLR", "CPAL", "SVG ", "sbix", "acnt", "avar", "bdat", "bloc", "bsln", "cvar", "fdsc", "feat", "fmtx", "fvar",
        "gvar", "hsty", "just", "lcar", "mort", "morx", "opbd", "prop", "trak", "Zapf", "Silf", "Glat", "Gloc", "Feat", "Sill",
    ];

    public static byte[] Unpack(ReadOnlyMemory<byte> file)
    {
        var head = new BigEndian(file);
        head.Take(4);
        var flavor = head.UInt32();
        if (flavor == Collection)
            throw FontException.Broken();
        head.Take(4);
        var count = head.UInt16();
        head.Take(2 + 4);
        var packed = head.Length();
        head.Take(4 + Unread);
        var listed = Enumerable.Range(0, count).Select(_ => Entry(head)).ToList();
        var length = listed.Sum(t => (long)t.Length);
        if (length > FontFile.MostUnpacked)
            throw FontException.TooLarge();
        using var stream = new BrotliStream(new MemoryStream(head.Take(packed).ToArray()), CompressionMode.Decompress);
        var all = new BigEndian(FontFile.Whole(stream, (int)length));
        var content = listed.ConvertAll(t => (t.Tag, t.Told, Bytes: all.Take(t.Length)));
        return Put(flavor, content).Joined();
    }

    private static (string Tag, bool Told, int Length) Entry(BigEndian head)
    {
        var flags = head.Byte();
        var tag = (flags & OwnTag) == OwnTag ? Encoding.Latin1.GetString(head.Take(4).Span) : Known[flags & OwnTag];
        var plain = tag is "glyf" or "loca" ? Told : 0;
        var length = head.Packed128();
        var told = flags >> 6 != plain;
        return (tag, told, told ? head.Packed128() : length);
    }

    private static SfntTables Put(uint flavor, List<(string Tag, bool Told, ReadOnlyMemory<byte> Bytes)> content)
    {
        ReadOnlyMemory<byte> Of(string tag) =>
            content.Find(t => t.Tag == tag) is { Tag: not null } t ? t.Bytes : throw FontException.Broken();
        var tables = new SfntTables(flavor);
        var glyphs = content.Exists(t => t is { Tag: "glyf", Told: true }) ? Woff2Glyphs.Read(Of("glyf")) : null;
        foreach (var (tag, told, bytes) in content)
        {
            tables.Add(tag, (tag, told) switch
            {
                ("glyf", true) => glyphs!.Glyf,
                ("loca", true) => glyphs?.Loca ?? throw FontException.Broken(),
                ("head", _) when glyphs is not null => LongPlaces(bytes),
                ("hmtx", true) => Widths(bytes, Of("hhea"), glyphs ?? throw FontException.Broken()),
                (_, true) => throw FontException.Broken(),
                _ => bytes
            });
        }

        return tables;
    }

    /// <summary>Says that places of outlines take four bytes each.</summary>
    private static byte[] LongPlaces(ReadOnlyMemory<byte> head)
    {
        const int at = 50;
        var changed = head.ToArray();
        if (changed.Length < at + 2)
            throw FontException.Broken();
        (changed[at], changed[at + 1]) = (0, 1);
        return changed;
    }

    /// <summary>Widths, with the side bearings that are those of the outlines.</summary>
    private static byte[] Widths(ReadOnlyMemory<byte> told, ReadOnlyMemory<byte> hhea, Woff2Glyphs glyphs)
    {
        var (from, last) = (new BigEndian(told), new BigEndian(hhea));
        last.Take(WidthsInHhea);
        var (count, all) = (last.UInt16(), glyphs.Left.Count);
        var flags = from.Byte();
        if (count == 0 || count > all)
            throw FontException.Broken();
        var widths = Enumerable.Range(0, count).Select(_ => from.UInt16()).ToList();
        using var made = new MemoryStream();
        void Put(int value)
        {
            made.WriteByte((byte)(value >> 8));
            made.WriteByte((byte)value);
        }

        for (var i = 0; i < all; i++)
        {
            if (i < count)
                Put(widths[i]);
            Put((flags & (i < count ? 1 : 2)) == 0 ? from.Int16() : glyphs.Left[i]);
        }

        return made.ToArray();
    }
}
