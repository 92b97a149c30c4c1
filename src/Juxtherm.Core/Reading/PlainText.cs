using System.Globalization;
using System.Text;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Reading;

/// <summary>Texts that people type: letters, signs and line ends, but nothing that is none and breaks every file it is written
/// to.</summary>
public static class PlainText
{
    /// <summary>The first sign that is none: a control character other than tab and line end, half of a character, what Unicode keeps
    /// for no character, or what turns the direction of reading around (Unicode Standard Annex #9).</summary>
    /// <param name="text">The text.</param>
    /// <returns>As U+0007; null when there is none.</returns>
    public static string? Odd(string text)
    {
        ArgumentNullException.ThrowIfNull(text);
        for (var i = 0; i < text.Length; i++)
        {
            var c = text[i];
            if (char.IsHighSurrogate(c) && i + 1 < text.Length && char.IsLowSurrogate(text[i + 1]))
                i++;
            else if (IsOdd(c))
                return $"U+{(int)c:X4}";
        }

        return null;
    }

    /// <summary>What is wrong with such a text, for the reader.</summary>
    /// <param name="place">Where.</param>
    /// <param name="sign">The sign.</param>
    public static Phrase Complaint(Thing place, Thing sign) => new("plain-text.odd-sign", ("place", place), ("sign", sign));

    /// <summary>The text without such signs, for files that would break of them: texts from before they were refused may have
    /// some.</summary>
    /// <param name="text">The text.</param>
    public static string Printable(string text)
    {
        if (Odd(text) is null)
            return text;
        var clean = new StringBuilder(text.Length);
        foreach (var rune in text.EnumerateRunes())
        {
            if (rune.Value != Rune.ReplacementChar.Value && (rune.Value > char.MaxValue || !IsOdd((char)rune.Value)))
                clean.Append(rune);
        }

        return clean.ToString();
    }

    /// <summary>A cell of a table as a spreadsheet takes it for text, whatever it begins with.</summary>
    /// <param name="cell">The text.</param>
    public static string Cell(string cell)
    {
        ArgumentNullException.ThrowIfNull(cell);
        return IsFormula(cell) ? "'" + cell : cell;
    }

    /// <summary>A cell as it was before <see cref="Cell"/>.</summary>
    /// <param name="cell">The cell.</param>
    public static string OfCell(string cell)
    {
        ArgumentNullException.ThrowIfNull(cell);
        return cell.Length > 1 && cell[0] == '\'' && IsFormula(cell[1..]) ? cell[1..] : cell;
    }

    // Spreadsheets pass over blanks before a formula, and take the full-width signs for the plain ones.
    private static bool IsFormula(string cell)
    {
        var first = cell.FirstOrDefault(c => !char.IsWhiteSpace(c) && !char.IsControl(c)
            && CharUnicodeInfo.GetUnicodeCategory(c) != UnicodeCategory.Format);
        return "=+-@|\uFF1D\uFF0B\uFF0D\uFF20".Contains(first, StringComparison.Ordinal) && first != default
            && !double.TryParse(cell, CultureInfo.InvariantCulture, out _);
    }

    private static bool IsOdd(char c) =>
        c < ' ' ? c is not ('\t' or '\n' or '\r')
        : c is (>= '\u007F' and <= '\u009F' and not '\u0085') or '\uFFFE' or '\uFFFF' || char.IsSurrogate(c)
        || c is >= '\uFDD0' and <= '\uFDEF' || IsDirection(c);

    // A name that turns its reading around looks like another.
    private static bool IsDirection(char c) =>
        c is '\u061C' or '\u200E' or '\u200F' or (>= '\u202A' and <= '\u202E') or (>= '\u2066' and <= '\u2069');
}
