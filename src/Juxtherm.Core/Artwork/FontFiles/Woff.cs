using System.IO.Compression;
using System.Text;

namespace Juxtherm.Core.Artwork.FontFiles;

/// <summary>Unpacks WOFF 1.0: each table by itself (W3C Recommendation, 2012).</summary>
internal static class Woff
{
    public const uint Signature = 0x774F4646;

    private const int Unread = 20;

    public static byte[] Unpack(ReadOnlyMemory<byte> file)
    {
        var head = new BigEndian(file);
        head.Take(4);
        var tables = new SfntTables(head.UInt32());
        head.Take(4);
        var count = head.UInt16();
        head.Take(2 + 4 + Unread + 4);
        long all = 0;
        for (var i = 0; i < count; i++)
        {
            var tag = Encoding.Latin1.GetString(head.Take(4).Span);
            var (at, packed, length) = (head.Length(), head.Length(), head.Length());
            head.Take(4);
            if ((all += length) > FontFile.MostUnpacked)
                throw FontException.TooLarge();
            if (packed > length || at > file.Length - packed)
                throw FontException.Broken();
            var content = file.Slice(at, packed);
            tables.Add(tag, packed == length ? content : Inflated(content, length));
        }

        return tables.Joined();
    }

    private static byte[] Inflated(ReadOnlyMemory<byte> packed, int length)
    {
        using var stream = new ZLibStream(new MemoryStream(packed.ToArray()), CompressionMode.Decompress);
        return FontFile.Whole(stream, length);
    }
}
