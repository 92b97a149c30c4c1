using Juxtherm.Core.Geometry;
using Juxtherm.Core.Reading;
using NetTopologySuite.Geometries.Utilities;
using Envelope = NetTopologySuite.Geometries.Envelope;

namespace Juxtherm.Core.Artwork;

/// <summary>What setting words came to.</summary>
/// <param name="Shape">Their outlines, baseline of the first line at y = 0; null when nothing can be cut.</param>
/// <param name="Missing">Characters that the font does not have.</param>
public sealed record SetWords(CutShape? Shape, IReadOnlyList<string> Missing);

/// <summary>Sets words: outlines of letters, kerned by the font, with gaps of one's own and bent around an arc.</summary>
public static class LetterShapes
{
    private const double ToleranceMm = 0.01;
    private const double LinePitch = 1.55;
    private const long SizeBytes = 256;

    /// <summary>Sets words.</summary>
    /// <param name="words">What is set.</param>
    public static SetWords Set(Lettering words)
    {
        ArgumentNullException.ThrowIfNull(words);
        return new SetWords(CutShape.Of(Plane.Union([.. Letters(words)])),
            words.Typeface?.Loaded is { } font
            ? [.. words.Text.Split('\n').SelectMany(font.Missing).Distinct(StringComparer.Ordinal)] : []);
    }

    /// <summary>How large words come out, without working out their outlines.</summary>
    /// <param name="words">What is set.</param>
    /// <param name="memory">Where it is kept: it is asked for every name of a run.</param>
    /// <returns>Width and height, mm; null when nothing can be cut.</returns>
    public static (double WidthMm, double HeightMm)? SizeOf(Lettering words, WorkMemory memory)
    {
        ArgumentNullException.ThrowIfNull(words);
        ArgumentNullException.ThrowIfNull(memory);
        // Everything grows with the height of the capitals, so one height stands for all.
        var key = words with { HeightMm = 1, GapMm = Math.Round(words.GapMm / words.HeightMm, 6), FromNames = false };
        return memory.Get(key, () => Measured(key), _ => SizeBytes) is { } one
            ? (one.WidthMm * words.HeightMm, one.HeightMm * words.HeightMm) : null;
    }

    private static (double WidthMm, double HeightMm)? Measured(Lettering words)
    {
        var around = new Envelope();
        foreach (var letter in Letters(words))
            around.ExpandToInclude(letter.EnvelopeInternal);
        return around.IsNull ? null : (around.Width, around.Height);
    }

    /// <summary>Every letter of every line in its place.</summary>
    private static IEnumerable<Ground> Letters(Lettering words)
    {
        // Where the font is not at hand nothing can be set.
        if (words.Typeface?.Loaded is not { } font)
            return [];
        var scale = words.HeightMm / font.CapitalHeight;
        return words.Text.Split('\n')
            .SelectMany((line, i) => Line(font, line.Trim(), words, scale, i * words.HeightMm * LinePitch));
    }

    private static IEnumerable<Ground> Line(LoadedFont font, string text, Lettering words, double scale, double baselineMm)
    {
        var glyphs = font.Shape(text);
        var gap = words.GapMm / scale;
        // Marks stand on the letter before them.
        var width = glyphs.Sum(g => g.Advance) + Math.Max(0, glyphs.Count(g => g.Advance > 0) - 1) * gap;
        var bend = words.ArcDegrees * Math.PI / 180;
        // The baseline keeps its length: it becomes the arc.
        var radius = bend == 0 ? 0 : width / bend;
        var at = 0.0;
        foreach (var glyph in glyphs)
        {
            var outline = font.Outline(glyph.Id, ToleranceMm / scale);
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

            at += glyph.Advance > 0 ? glyph.Advance + gap : 0;
        }
    }
}
