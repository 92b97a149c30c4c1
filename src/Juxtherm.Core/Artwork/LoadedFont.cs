using System.Collections.Concurrent;
using System.Diagnostics.CodeAnalysis;
using System.Globalization;
using System.Runtime.InteropServices;
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
    private const double CoarsestUnits = 0.5;
    private readonly SKFont _font;
    private readonly Font _shaper;
    private readonly ConcurrentDictionary<ushort, Ground?> _outlines = new();
    private readonly Lock _one = new();

    /// <summary>Reads a font.</summary>
    /// <param name="sfnt">It, as OpenType.</param>
    public LoadedFont(byte[] sfnt)
    {
        _font = new SKFont(SKTypeface.FromData(SKData.CreateCopy(sfnt)), DesignSize)
        {
            Hinting = SKFontHinting.None,
            Subpixel = true
        };
        // The shaper keeps a copy of its own: arrays move about in memory.
        var memory = Marshal.AllocHGlobal(sfnt.Length);
        Marshal.Copy(sfnt, 0, memory, sfnt.Length);
        using var blob = new Blob(memory, sfnt.Length, MemoryMode.ReadOnly, () => Marshal.FreeHGlobal(memory));
        using var face = new Face(blob, 0);
        _shaper = new Font(face);
        _shaper.SetScale((int)DesignSize, (int)DesignSize);
        CapitalHeight = HeightOfCapitals();
    }

    public double CapitalHeight { get; }

    public List<Glyph> Shape(string text)
    {
        using var buffer = Shaped(text);
        var (infos, positions) = (buffer.GlyphInfos, buffer.GlyphPositions);
        return [.. infos.Select((g, i) =>
            new Glyph((ushort)g.Codepoint, positions[i].XOffset, -positions[i].YOffset, positions[i].XAdvance))];
    }

    /// <summary>Characters that come out as nothing: the font has none, or its letter is too tangled for a knife.</summary>
    public IReadOnlyList<string> Missing(string text)
    {
        using var buffer = Shaped(text);
        var nothing = buffer.GlyphInfos.Where(g => g.Codepoint == 0 || Kept((ushort)g.Codepoint, CoarsestUnits) is null);
        return [.. nothing.Select(g => StringInfo.GetNextTextElement(text, (int)g.Cluster)).Where(t => !string.IsNullOrWhiteSpace(t))
            .Distinct(StringComparer.Ordinal)];
    }

    /// <summary>Outline of a letter in the font's own units; letters are filled by the non-zero rule.</summary>
    public Ground Outline(ushort glyph, double tolerance) =>
        glyph == 0 ? Plane.Nothing : Kept(glyph, tolerance) ?? Plane.Nothing;

    private Ground? Kept(ushort glyph, double tolerance) => _outlines.GetOrAdd(glyph, id =>
    {
        SKPath? path;
        lock (_one)
            path = _font.GetGlyphPath(id);
        using (path)
            return path is null ? Plane.Nothing : Ground(path, tolerance);
    });

    /// <summary>What a letter covers; null where it is too tangled. Each has a limit of its own: a word of rough letters is no worse than
    /// they are.</summary>
    private static Ground? Ground(SKPath path, double tolerance)
    {
        try
        {
            var budget = new WorkLimit(CancellationToken.None);
            var rings = Rings.Of(path, Math.Min(tolerance, CoarsestUnits), budget).ConvertAll(t => t.Points);
            budget.Crossings(rings);
            return FillRule.Ground(rings, evenOdd: false, 0.01);
        }
        catch (RefusedDrawing)
        {
            return null;
        }
    }

    private HarfBuzzSharp.Buffer Shaped(string text)
    {
        var buffer = new HarfBuzzSharp.Buffer();
        buffer.AddUtf16(text);
        buffer.GuessSegmentProperties();
        lock (_one)
            _shaper.Shape(buffer);
        return buffer;
    }

    /// <summary>That of an H; a font that has none says it itself, or is taken as the usual share of its size.</summary>
    private double HeightOfCapitals()
    {
        const double usual = 0.7;
        using var capital = _font.ContainsGlyph('H') ? _font.GetGlyphPath(_font.GetGlyph('H')) : null;
        if (capital is { IsEmpty: false })
            return capital.TightBounds.Height;
        return _font.Metrics.CapHeight is var said and > 0 ? said : usual * DesignSize;
    }
}
