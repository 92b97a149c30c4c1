using System.Globalization;

namespace Juxtherm.Core.Artwork;

/// <summary>A colour that has a common word.</summary>
/// <param name="Word">It.</param>
/// <param name="Hex">As <c>#rrggbb</c>.</param>
public sealed record NamedColour(string Word, string Hex);

/// <summary>Common words for colours, to call a layer by.</summary>
public static class ColourWords
{
    private static readonly (string Word, string Hex)[] All =
    [
        ("black", "#000000"), ("white", "#ffffff"), ("gray", "#808080"), ("silver", "#c0c0c0"), ("red", "#d8202a"), ("maroon", "#7a1020"),
        ("orange", "#f08020"),
        ("yellow", "#f8e020"), ("gold", "#d9a441"), ("lime", "#a0d020"), ("green", "#2a9038"), ("forest", "#1c4a2a"), ("teal", "#108080"),
        ("sky", "#70b8e8"),
        ("blue", "#2058c8"), ("navy", "#1b2a49"), ("purple", "#7030a0"), ("lilac", "#c0a0e0"), ("pink", "#f080b0"), ("brown", "#7a4a28"),
        ("sand", "#d8c098"), ("cream", "#fff4d8"),
    ];

    /// <summary>All of them.</summary>
    public static IReadOnlyList<NamedColour> Common { get; } = [.. All.Select(c => new NamedColour(c.Word, c.Hex))];

    /// <summary>The word nearest to a colour.</summary>
    /// <param name="hex">As <c>#rrggbb</c>.</param>
    public static string Nearest(string hex) => All.MinBy(c => Apart(c.Hex, hex)).Word;

    /// <summary>How far apart two colours look, roughly: the eye sees green best (weights of a common approximation, from
    /// memory).</summary>
    /// <param name="one">As <c>#rrggbb</c>.</param>
    /// <param name="other">As <c>#rrggbb</c>.</param>
    public static double Apart(string one, string other)
    {
        var ((r, g, b), (s, h, c)) = (Parts(one), Parts(other));
        return 2 * Math.Pow(r - s, 2) + 4 * Math.Pow(g - h, 2) + 3 * Math.Pow(b - c, 2);
    }

    /// <summary>How far apart two colours look: the CIE 1976 difference in L*a*b* under daylight D65; about 2 can just be told
    /// apart.</summary>
    /// <remarks>CIE 15, Colorimetry, for the formula; IEC 61966-2-1 for sRGB.</remarks>
    /// <param name="one">As <c>#rrggbb</c>.</param>
    /// <param name="other">As <c>#rrggbb</c>.</param>
    public static double Difference(string one, string other)
    {
        var ((l, a, b), (m, c, d)) = (Lab(one), Lab(other));
        return Math.Sqrt(Math.Pow(l - m, 2) + Math.Pow(a - c, 2) + Math.Pow(b - d, 2));
    }

    private static (double L, double A, double B) Lab(string hex)
    {
        static double Linear(int channel) => channel / 255.0 is var c && c <= 0.04045 ? c / 12.92 : Math.Pow((c + 0.055) / 1.055, 2.4);
        static double Root(double t) => t > 216.0 / 24389 ? Math.Cbrt(t) : (24389.0 / 27 * t + 16) / 116;
        var (red, green, blue) = Parts(hex);
        var (r, g, b) = (Linear(red), Linear(green), Linear(blue));
        var x = Root((0.4124564 * r + 0.3575761 * g + 0.1804375 * b) / 0.95047);
        var y = Root(0.2126729 * r + 0.7151522 * g + 0.0721750 * b);
        var z = Root((0.0193339 * r + 0.1191920 * g + 0.9503041 * b) / 1.08883);
        return (116 * y - 16, 500 * (x - y), 200 * (y - z));
    }

    private static (int R, int G, int B) Parts(string hex)
    {
        var n = int.Parse(hex.AsSpan(1), NumberStyles.HexNumber, CultureInfo.InvariantCulture);
        return (n >> 16, (n >> 8) & 255, n & 255);
    }

    /// <summary>A colour as somebody wrote it.</summary>
    /// <param name="said"><c>#rrggbb</c>, another form that SVG knows, or an English name.</param>
    /// <returns>As <c>#rrggbb</c>; null when it is no colour.</returns>
    public static string? Hex(string said)
    {
        ArgumentNullException.ThrowIfNull(said);
        var text = said.Trim().ToLowerInvariant();
        var plain = string.Concat(text.Where(c => c is not (' ' or '-'))).Replace("grey", "gray", StringComparison.Ordinal);
        // Cloth and vinyl first: their navy is not a screen's.
        if (All.FirstOrDefault(c => c.Word == plain).Hex is { Length: > 0 } own)
            return own;
        if ((SvgColours.Read(text) ?? SvgColours.Read(plain))?.Hex is { } css)
            return css;
        // A shade of a colour that is known: a list wants it told apart, not matched.
        var words = text.Split([' ', '-'], StringSplitOptions.RemoveEmptyEntries);
        return words.Length > 1 && Hex(words[^1]) is { } last ? last : null;
    }
}
