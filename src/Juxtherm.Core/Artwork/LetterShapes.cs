using System.Collections.Concurrent;
using System.Diagnostics.CodeAnalysis;
using HarfBuzzSharp;
using Juxtherm.Core.Geometry;
using NetTopologySuite.Geometries.Utilities;
using SkiaSharp;
using Envelope = NetTopologySuite.Geometries.Envelope;

namespace Juxtherm.Core.Artwork;

/// <summary>What setting words came to.</summary>
/// <param name="Shape">Their outlines, baseline of the first line at y = 0; null when nothing can be cut.</param>
/// <param name="Missing">Characters that the font does not have.</param>
public sealed record SetWords(CutShape? Shape, IReadOnlyList<string> Missing);

/// <summary>Sets words: outlines of letters, kerned by the font, with gaps of one's own and bent around an arc.</summary>
public static class LetterShapes
{
    private const float DesignSize = 1000;
    private const double ToleranceMm = 0.01;
    private const double LinePitch = 1.55;
    private const int MostSizes = 4096;
    private static readonly ConcurrentDictionary<Lettering, (double WidthMm, double HeightMm)?> Sizes = new();
    private static readonly ConcurrentDictionary<string, LoadedFont> Loaded = new(StringComparer.Ordinal);

    /// <summary>Sets words.</summary>
    /// <param name="words">What is set.</param>
    public static SetWords Set(Lettering words)
    {
        ArgumentNullException.ThrowIfNull(words);
        return new SetWords(CutShape.Of(Plane.Union([.. Letters(words)])), FontOf(words).Missing(words.Text));
    }

    /// <summary>How large words come out, without working out their outlines.</summary>
    /// <param name="words">What is set.</param>
    /// <returns>Width and height, mm; null when nothing can be cut.</returns>
    public static (double WidthMm, double HeightMm)? SizeOf(Lettering words)
    {
        ArgumentNullException.ThrowIfNull(words);
        // Everything grows with the height of the capitals, so one height stands for all.
        var key = words with { HeightMm = 1, GapMm = Math.Round(words.GapMm / words.HeightMm, 6), FromNames = false };
        if (!Sizes.TryGetValue(key, out var size))
        {
            if (Sizes.Count >= MostSizes)
                Sizes.Clear();
            Sizes[key] = size = Measured(key);
        }

        return size is { } one ? (one.WidthMm * words.HeightMm, one.HeightMm * words.HeightMm) : null;
    }

    private static (double WidthMm, double HeightMm)? Measured(Lettering words)
    {
        var around = new Envelope();
        foreach (var letter in Letters(words))
            around.ExpandToInclude(letter.EnvelopeInternal);
        return around.IsNull ? null : (around.Width, around.Height);
    }

    private static LoadedFont FontOf(Lettering words) =>
        Loaded.GetOrAdd(words.Font, id => new LoadedFont(LetterFont.All.First(f => f.Id == id)));

    /// <summary>Every letter of every line in its place.</summary>
    private static IEnumerable<Ground> Letters(Lettering words)
    {
        var (font, budget) = (FontOf(words), new WorkLimit(CancellationToken.None));
        var scale = words.HeightMm / font.CapitalHeight;
        return words.Text.Split('\n')
            .SelectMany((line, i) => Line(font, line.Trim(), words, scale, i * words.HeightMm * LinePitch, budget));
    }

    private static IEnumerable<Ground> Line(LoadedFont font, string text, Lettering words, double scale, double baselineMm,
        WorkLimit budget)
    {
        var glyphs = font.Shape(text);
        var gap = words.GapMm / scale;
        var width = glyphs.Sum(g => g.Advance) + Math.Max(0, glyphs.Count - 1) * gap;
        var bend = words.ArcDegrees * Math.PI / 180;
        // The baseline keeps its length: it becomes the arc.
        var radius = bend == 0 ? 0 : width / bend;
        var at = 0.0;
        foreach (var glyph in glyphs)
        {
            var outline = font.Outline(glyph.Id, ToleranceMm / scale, budget);
            if (!outline.IsEmpty)
            {
                var middle = at + glyph.Advance / 2;
                var place = AffineTransformation.TranslationInstance(glyph.X - glyph.Advance / 2, glyph.Y);
                if (bend == 0)
                {
                    place.Translate(middle - width / 2, 0);
                }
                else
                {
                    var angle = (middle - width / 2) / radius;
                    place.Rotate(angle);
                    place.Translate(radius * Math.Sin(angle), radius - radius * Math.Cos(angle));
                }

                place.Scale(scale, scale);
                place.Translate(0, baselineMm);
                yield return place.Transform(outline);
            }

            at += glyph.Advance + gap;
        }
    }

    private readonly record struct Glyph(ushort Id, double X, double Y, double Advance);

    [SuppressMessage("Design", "CA1001", Justification = "Fonts stay loaded as long as the program runs.")]
    private sealed class LoadedFont
    {
        private readonly SKFont _font;
        private readonly Font _shaper;
        private readonly ConcurrentDictionary<ushort, Ground> _outlines = new();
        private readonly Lock _one = new();

        public LoadedFont(LetterFont font)
        {
            using var stream = typeof(LoadedFont).Assembly.GetManifestResourceStream($"Juxtherm.Core.Artwork.Fonts.{font.File}")
                ?? throw new InvalidOperationException($"The font {font.File} does not ship.");
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
}
