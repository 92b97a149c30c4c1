using System.Buffers.Binary;

namespace Juxtherm.Core.Artwork.FontFiles;

/// <summary>Reads a part of a font file from its beginning on; what reaches beyond it is refused.</summary>
internal sealed class BigEndian(ReadOnlyMemory<byte> bytes)
{
    public int At { get; private set; }

    public int Left => bytes.Length - At;

    public byte Byte() => Take(1).Span[0];

    public ushort UInt16() => BinaryPrimitives.ReadUInt16BigEndian(Take(2).Span);

    public short Int16() => BinaryPrimitives.ReadInt16BigEndian(Take(2).Span);

    public uint UInt32() => BinaryPrimitives.ReadUInt32BigEndian(Take(4).Span);

    /// <summary>A length or a place that has to lie within the file.</summary>
    public int Length() => UInt32() is var n && n <= int.MaxValue ? (int)n : throw FontException.Broken();

    public ReadOnlyMemory<byte> Take(int count)
    {
        if (count < 0 || count > Left)
            throw FontException.Broken();
        var taken = bytes.Slice(At, count);
        At += count;
        return taken;
    }

    /// <summary>A number of one to three bytes: <c>255UInt16</c> of WOFF2.</summary>
    public int Packed16() => Byte() switch
    {
        253 => UInt16(),
        254 => Byte() + 506,
        255 => Byte() + 253,
        var small => small
    };

    /// <summary>A number of one to five bytes: <c>UIntBase128</c> of WOFF2.</summary>
    public int Packed128()
    {
        var value = 0L;
        for (var i = 0; i < 5; i++)
        {
            var part = Byte();
            if (i == 0 && part == 0x80)
                break;
            value = (value << 7) | (part & 0x7Fu);
            if ((part & 0x80) == 0)
                return value <= int.MaxValue ? (int)value : throw FontException.Broken();
        }

        throw FontException.Broken();
    }
}
