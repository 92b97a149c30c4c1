using System.Drawing;
using System.Globalization;

namespace Juxtherm.Core.Artwork;

/// <summary>Colours as CSS writes them (CSS Color, level 4, the sRGB part).</summary>
internal static class SvgColours
{
    /// <summary>Reads a colour.</summary>
    /// <param name="text">Hex, name, rgb() or hsl().</param>
    /// <returns><c>#rrggbb</c> and how opaque it is; null when it is none of these.</returns>
    public static (string Hex, double Opacity)? Read(string text)
    {
        var t = text.Trim().ToLowerInvariant();
        if (t.StartsWith('#'))
            return Digits(t[1..]);
        if (t == "transparent")
            return ("#000000", 0);
        if (t.IndexOf('(', StringComparison.Ordinal) is > 0 and var open && t.EndsWith(')'))
            return Function(t[..open], t[(open + 1)..^1]);
        var named = Color.FromName(t);
        return named is { IsKnownColor: true, IsSystemColor: false } ? (Hex(named.R, named.G, named.B), 1) : null;
    }

    private static (string, double)? Digits(string h)
    {
        if (!h.All(char.IsAsciiHexDigit))
            return null;
        if (h.Length is 3 or 4)
            h = string.Concat(h.Select(c => new string(c, 2)));
        return h.Length switch
        {
            6 => ("#" + h, 1),
            8 => ("#" + h[..6], int.Parse(h[6..], NumberStyles.HexNumber, CultureInfo.InvariantCulture) / 255.0),
            _ => null,
        };
    }

    private static (string, double)? Function(string name, string arguments)
    {
        var parts = arguments.Split([',', ' ', '/'], StringSplitOptions.RemoveEmptyEntries);
        if (parts.Length is not (3 or 4))
            return null;
        var n = new double[parts.Length];
        for (var i = 0; i < parts.Length; i++)
        {
            var percent = parts[i].EndsWith('%');
            if (!double.TryParse(parts[i].TrimEnd('%').Replace("deg", "", StringComparison.Ordinal), NumberStyles.Float,
                CultureInfo.InvariantCulture, out n[i]) || !double.IsFinite(n[i]))
                return null;
            // Shares as 0 to 1; channels of rgb() as 0 to 255.
            if (percent)
                n[i] = n[i] / 100 * (name.StartsWith("rgb", StringComparison.Ordinal) && i < 3 ? 255 : 1);
        }

        var opacity = n.Length == 4 ? Math.Clamp(n[3], 0, 1) : 1;
        return name switch
        {
            "rgb" or "rgba" => (Hex(n[0], n[1], n[2]), opacity),
            "hsl" or "hsla" => (Hsl(n[0], Math.Clamp(n[1], 0, 1), Math.Clamp(n[2], 0, 1)), opacity),
            _ => null,
        };
    }

    private static string Hsl(double hue, double saturation, double lightness)
    {
        double Channel(double shift)
        {
            var k = (shift + hue / 30) % 12;
            if (k < 0)
                k += 12;
            return 255 * (lightness - saturation * Math.Min(lightness, 1 - lightness) * Math.Max(-1, Math.Min(Math.Min(k - 3, 9 - k), 1)));
        }

        return Hex(Channel(0), Channel(8), Channel(4));
    }

    private static string Hex(double r, double g, double b) => $"#{Byte(r):x2}{Byte(g):x2}{Byte(b):x2}";

    private static int Byte(double v) => (int)Math.Clamp(Math.Round(v), 0, 255);
}
