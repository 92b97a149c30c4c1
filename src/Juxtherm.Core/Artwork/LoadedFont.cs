using System.Collections.Concurrent;
using System.Diagnostics.CodeAnalysis;
using HarfBuzzSharp;
using Juxtherm.Core.Geometry;
using SkiaSharp;

namespace Juxtherm.Core.Artwork;

/// <summary>A letter as a font sets it.</summary>
/// <param name="Id">Its number in the font; 0 where the font has none.</param>
/// <param name="X">How far it is shifted to the right, units of the font.</param>
/// <param name="Y">How far down.</param>
/// <param name="Advance">How far on the next one begins.</param>
internal readonly record struct Glyph(ushort Id, double X, double Y, double Advance);

/// <summary>A font that can set words. Outlines are kept: a font has so many letters and no more.</summary>
[SuppressMessage("Design", "CA1001", Justification = "Fonts stay loaded as long as the program runs.")]
internal sealed class LoadedFont
{
    private const float DesignSize = 1000;
    private readonly SKFont _font;
    private readonly Font _shaper;
    private readonly ConcurrentDictionary<ushort, Ground> _outlines = new();
    private readonly Lock _one = new();

    public LoadedFont(string file)
    {
        using var stream = typeof(LoadedFont).Assembly.GetManifestResourceStream($"Juxtherm.Core.Artwork.Fonts.{file}")
            ?? throw new InvalidOperationException($"The font {file} does not ship.");
        using var copy = new MemoryStream();
        stream.CopyTo(copy);
        _font = new SKFont(SKTypeface.FromData(SKData.CreateCopy(copy.ToArray())), DesignSize)
        {
            Hinting = SKFontHinting.None,
            Subpixel = true
        };
        var bytes = copy.ToArray();
        var pinned = System.Runtime.InteropServices.GCHandle.Alloc(bytes, System.Runtime.InteropServices.GCHandleType.Pinned);
        using var blob = new Blob(pinned.AddrOfPinnedObject(), bytes.Length, MemoryMode.ReadOnly);
        using var face = new Face(blob, 0);
        _shaper = new Font(face);
        _shaper.SetScale((int)DesignSize, (int)DesignSize);
        using var capital = _font.GetGlyphPath(_font.GetGlyph('H'));
        CapitalHeight = capital!.TightBounds.Height;
    }

    public double CapitalHeight { get; }

    public List<Glyph> Shape(string text)
    {
        using var buffer = new HarfBuzzSharp.Buffer();
        buffer.AddUtf16(text);
        buffer.GuessSegmentProperties();
        lock (_one)
            _shaper.Shape(buffer);
        var (infos, positions) = (buffer.GlyphInfos, buffer.GlyphPositions);
        return [.. infos.Select((g, i) =>
            new Glyph((ushort)g.Codepoint, positions[i].XOffset, -positions[i].YOffset, positions[i].XAdvance))];
    }

    public IReadOnlyList<string> Missing(string text) =>
        [.. text.EnumerateRunes().Where(r => !System.Text.Rune.IsWhiteSpace(r) && !_font.ContainsGlyph(r.Value))
            .Select(r => r.ToString()).Distinct(StringComparer.Ordinal)];

    /// <summary>Outline of a letter in the font's own units; letters are filled by the non-zero rule.</summary>
    public Ground Outline(ushort glyph, double tolerance, WorkLimit budget) =>
        glyph == 0 ? Plane.Nothing : _outlines.GetOrAdd(glyph, id =>
    {
        SKPath? path;
        lock (_one)
            path = _font.GetGlyphPath(id);
        using (path)
            return path is null
                ? Plane.Nothing
                : FillRule.Ground(Rings.Of(path, Math.Min(tolerance, 0.5), budget).ConvertAll(t => t.Points), evenOdd: false, 0.01);
    });
}
