namespace Juxtherm.Core.Artwork.FontFiles;

/// <summary>Outlines as WOFF2 tells them, written as TrueType has them.</summary>
internal sealed class Woff2Glyphs
{
    private const int Streams = 7;
    private readonly List<byte> _glyf = [];
    private readonly List<byte> _loca = [];
    private readonly List<short> _left = [];

    private Woff2Glyphs()
    {
    }

    public byte[] Glyf => [.. _glyf];

    public byte[] Loca => [.. _loca];

    /// <summary>The left edge of each.</summary>
    public IReadOnlyList<short> Left => _left;

    public static Woff2Glyphs Read(ReadOnlyMemory<byte> told)
    {
        var head = new BigEndian(told);
        head.Take(2);
        var options = head.UInt16();
        var count = head.UInt16();
        head.Take(2);
        var sizes = Enumerable.Range(0, Streams).Select(_ => head.Length()).ToList();
        var parts = sizes.ConvertAll(s => new BigEndian(head.Take(s)));
        var boxed = parts[5].Take((count + 31) / 32 * 4);
        var overlaps = (options & 1) == 0 ? default : head.Take((count + 7) / 8);
        static bool Is(ReadOnlyMemory<byte> map, int i) => !map.IsEmpty && (map.Span[i >> 3] & (0x80 >> (i & 7))) != 0;
        var glyphs = new Woff2Glyphs();
        for (var i = 0; i < count; i++)
        {
            glyphs.Place();
            glyphs.Glyph(parts, Is(boxed, i), Is(overlaps, i));
        }

        glyphs.Place();
        return glyphs;
    }

    private static void Put(List<byte> to, int value)
    {
        to.Add((byte)(value >> 8));
        to.Add((byte)value);
    }

    private void Place()
    {
        while (_glyf.Count % 4 != 0)
            _glyf.Add(0);
        Put(_loca, (int)(_glyf.Count >> 16));
        Put(_loca, (int)_glyf.Count);
    }

    private void Glyph(List<BigEndian> parts, bool boxed, bool overlaps)
    {
        var (contours, bytes, composite, boxes, instructions) = (parts[0].Int16(), parts[3], parts[4], parts[5], parts[6]);
        if (contours == 0)
        {
            _left.Add(0);
            return;
        }

        if (contours > 0)
        {
            Simple(contours, parts, boxed, overlaps);
            return;
        }

        if (!boxed)
            throw FontException.Broken();
        Put(_glyf, -1);
        Box(boxes);
        var hasInstructions = Components(composite);
        if (hasInstructions)
            Instructions(bytes, instructions);
    }

    private void Box(BigEndian boxes)
    {
        for (var i = 0; i < 4; i++)
        {
            var side = boxes.Int16();
            if (i == 0)
                _left.Add(side);
            Put(_glyf, side);
        }
    }

    /// <summary>Copies the parts of a letter that is put together from others.</summary>
    private bool Components(BigEndian from)
    {
        var (more, hasInstructions) = (true, false);
        while (more)
        {
            var flags = from.UInt16();
            Put(_glyf, flags);
            var left = 2 + ((flags & 0x01) != 0 ? 4 : 2)
                + ((flags & 0x08) != 0 ? 2 : (flags & 0x40) != 0 ? 4 : (flags & 0x80) != 0 ? 8 : 0);
            _glyf.AddRange(from.Take(left).Span);
            (more, hasInstructions) = ((flags & 0x20) != 0, hasInstructions || (flags & 0x100) != 0);
        }

        return hasInstructions;
    }

    private void Instructions(BigEndian bytes, BigEndian instructions)
    {
        var length = bytes.Packed16();
        Put(_glyf, length);
        _glyf.AddRange(instructions.Take(length).Span);
    }

    private void Simple(int contours, List<BigEndian> parts, bool boxed, bool overlaps)
    {
        var (counts, flags, bytes) = (parts[1], parts[2], parts[3]);
        var ends = new List<int>();
        var total = 0;
        for (var i = 0; i < contours; i++)
            ends.Add((total += counts.Packed16()) - 1);
        if (total > ushort.MaxValue)
            throw FontException.Broken();
        var points = new (int Dx, int Dy, bool On)[total];
        var (x, y) = (0, 0);
        var (left, top, right, bottom) = (int.MaxValue, int.MinValue, int.MinValue, int.MaxValue);
        for (var i = 0; i < total; i++)
        {
            var flag = flags.Byte();
            var (dx, dy) = Step(flag & 0x7F, bytes);
            points[i] = (dx, dy, flag < 0x80);
            (x, y) = (x + dx, y + dy);
            (left, right) = (Math.Min(left, x), Math.Max(right, x));
            (bottom, top) = (Math.Min(bottom, y), Math.Max(top, y));
        }

        Put(_glyf, contours);
        if (boxed)
        {
            Box(parts[5]);
        }
        else
        {
            foreach (var side in total == 0 ? [0, 0, 0, 0] : new[] { left, bottom, right, top })
                Put(_glyf, side);
            _left.Add((short)(total == 0 ? 0 : left));
        }

        foreach (var end in ends)
            Put(_glyf, end);
        Instructions(bytes, parts[6]);
        for (var i = 0; i < total; i++)
            _glyf.Add((byte)((points[i].On ? 1 : 0) | (points[i].Dx == 0 ? 0x10 : 0) | (points[i].Dy == 0 ? 0x20 : 0)
                | (overlaps && i == 0 ? 0x40 : 0)));
        foreach (var (dx, _, _) in points.Where(p => p.Dx != 0))
            Put(_glyf, dx);
        foreach (var (_, dy, _) in points.Where(p => p.Dy != 0))
            Put(_glyf, dy);
    }

    /// <summary>From a point to the next: section 5.2 of the recommendation.</summary>
    private static (int Dx, int Dy) Step(int flag, BigEndian bytes)
    {
        static int Signed(int flag, int size) => (flag & 1) != 0 ? size : -size;
        int b = bytes.Byte();
        switch (flag)
        {
            case < 10:
                return (0, Signed(flag, ((flag & 14) << 7) + b));
            case < 20:
                return (Signed(flag, (((flag - 10) & 14) << 7) + b), 0);
            case < 84:
                var near = flag - 20;
                return (Signed(flag, 1 + (near & 0x30) + (b >> 4)), Signed(flag >> 1, 1 + ((near & 0x0C) << 2) + (b & 0x0F)));
            case < 120:
                var far = flag - 84;
                return (Signed(flag, 1 + (far / 12 << 8) + b), Signed(flag >> 1, 1 + (far % 12 >> 2 << 8) + bytes.Byte()));
            case < 124:
                int c = bytes.Byte();
                return (Signed(flag, (b << 4) + (c >> 4)), Signed(flag >> 1, ((c & 0x0F) << 8) + bytes.Byte()));
            default:
                return (Signed(flag, (b << 8) + bytes.Byte()), Signed(flag >> 1, bytes.UInt16()));
        }
    }
}
