using System.Buffers.Binary;
using System.Text;

namespace Juxtherm.Core.Artwork.FontFiles;

/// <summary>The tables of a font, to be put together as OpenType has them.</summary>
/// <param name="flavor">What kind of outlines it has, as its file says it.</param>
internal sealed class SfntTables(uint flavor)
{
    private const int HeadSize = 12;
    private const int EntrySize = 16;
    private readonly SortedDictionary<string, ReadOnlyMemory<byte>> _tables = new(StringComparer.Ordinal);

    public void Add(string tag, ReadOnlyMemory<byte> content)
    {
        if (!_tables.TryAdd(tag, content))
            throw FontException.Broken();
    }

    public byte[] Joined()
    {
        static int Padded(int length) => (length + 3) & ~3;
        var file = new byte[HeadSize + EntrySize * _tables.Count + _tables.Values.Sum(t => Padded(t.Length))];
        var (count, power) = (_tables.Count, _tables.Count == 0 ? 0 : (int)Math.Log2(_tables.Count));
        BinaryPrimitives.WriteUInt32BigEndian(file, flavor);
        BinaryPrimitives.WriteUInt16BigEndian(file.AsSpan(4), (ushort)count);
        BinaryPrimitives.WriteUInt16BigEndian(file.AsSpan(6), (ushort)(EntrySize << power));
        BinaryPrimitives.WriteUInt16BigEndian(file.AsSpan(8), (ushort)power);
        BinaryPrimitives.WriteUInt16BigEndian(file.AsSpan(10), (ushort)(EntrySize * count - (EntrySize << power)));
        var (entry, at) = (HeadSize, HeadSize + EntrySize * count);
        foreach (var (tag, content) in _tables)
        {
            content.Span.CopyTo(file.AsSpan(at));
            Encoding.Latin1.GetBytes(tag, file.AsSpan(entry, 4));
            BinaryPrimitives.WriteUInt32BigEndian(file.AsSpan(entry + 4), Sum(file.AsSpan(at, Padded(content.Length))));
            BinaryPrimitives.WriteUInt32BigEndian(file.AsSpan(entry + 8), (uint)at);
            BinaryPrimitives.WriteUInt32BigEndian(file.AsSpan(entry + 12), (uint)content.Length);
            (entry, at) = (entry + EntrySize, at + Padded(content.Length));
        }

        return file;
    }

    private static uint Sum(ReadOnlySpan<byte> words)
    {
        var sum = 0u;
        for (var i = 0; i < words.Length; i += 4)
            sum += BinaryPrimitives.ReadUInt32BigEndian(words[i..]);
        return sum;
    }
}
