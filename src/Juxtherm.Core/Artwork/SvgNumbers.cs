using System.Globalization;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Artwork;

/// <summary>Numbers as SVG writes them.</summary>
internal static class SvgNumbers
{
    /// <summary>Nothing that is pressed is drawn further out than this, in user units.</summary>
    public const double Most = 1e6;

    private const string Commands = "MmZzLlHhVvCcSsQqTtAa";

    /// <summary>mm of one CSS pixel: 96 to the inch (CSS Values and Units, level 3).</summary>
    public const double PixelMm = 25.4 / 96;

    /// <summary>Looks at every number of path data before it is given to anybody.</summary>
    /// <param name="text">The path data.</param>
    /// <param name="where">Where it stands, for the reader.</param>
    public static void CheckPath(string text, string where)
    {
        for (var i = 0; i < text.Length;)
        {
            var c = text[i];
            if (char.IsAsciiDigit(c) || c is '+' or '-' or '.')
            {
                var start = i++;
                while (i < text.Length
                    && (char.IsAsciiDigit(text[i]) || text[i] == '.' || text[i] is 'e' or 'E'
                        || (text[i] is '+' or '-' && text[i - 1] is 'e' or 'E')))
                    i++;
                // Several decimals may stand without a space between them ("1.5.5"); their lengths are judged together.
                var number = text.AsSpan(start, i - start);
                var second = number.IndexOf('.') is >= 0 and var dot ? number[(dot + 1)..].IndexOf('.') : -1;
                if (second < 0
                    && !(double.TryParse(number, NumberStyles.Float, CultureInfo.InvariantCulture, out var value)
                        && Math.Abs(value) <= Most))
                    throw NotFinite(number.ToString(), where);
            }
            else if (Commands.Contains(c, StringComparison.Ordinal) || char.IsWhiteSpace(c) || c == ',')
            {
                i++;
            }
            else
            {
                throw new RefusedDrawing(
                    new Phrase("svg-numbers.broken", ("where", where), ("substring", text.Substring(i, Math.Min(12, text.Length - i)))),
                    "broken");
            }
        }
    }

    /// <summary>A list of numbers.</summary>
    public static List<double> List(string? text, string where)
    {
        var read = new List<double>();
        foreach (var part in (text ?? "").Split([' ', ',', '\t', '\r', '\n'], StringSplitOptions.RemoveEmptyEntries))
            read.Add(Number(part, where));
        return read;
    }

    /// <summary>One number within bounds.</summary>
    public static double Number(string text, string where) =>
        double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var value) && Math.Abs(value) <= Most
        ? value : throw NotFinite(text, where);

    /// <summary>A length in user units; percentages are of <paramref name="whole"/>. Null when there is none.</summary>
    public static double? Length(string? text, double whole, string where)
    {
        var t = text?.Trim();
        if (string.IsNullOrEmpty(t) || t == "auto")
            return null;
        var end = t.Length;
        while (end > 0 && (char.IsAsciiLetter(t[end - 1]) || t[end - 1] == '%'))
            end--;
        // "1e3" ends in a digit, so letters at the end are a unit.
        var factor = t[end..].ToLowerInvariant() switch
        {
            "" or "px" => 1,
            "mm" => 1 / PixelMm,
            "cm" => 10 / PixelMm,
            "q" => 0.25 / PixelMm,
            "in" => 96,
            "pt" => 96.0 / 72,
            "pc" => 16,
            "em" or "rem" => 16,
            "ex" => 8,
            "%" => whole / 100,
            var unit => throw new RefusedDrawing(
                new Phrase("svg-numbers.wrong-type", ("where", where), ("t", t), ("isUnit", unit == "nan")), "wrong-type"),
        };
        return Number(t[..end], where) * factor;
    }

    private static RefusedDrawing NotFinite(string text, string where) =>
        new(new Phrase("svg-numbers.out-of-range", ("where", where), ("text", text.Length > 24 ? text[..24] + "…" : text), ("most", Most)),
            "out-of-range");
}
