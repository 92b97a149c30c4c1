using System.Globalization;
using System.Text;

namespace Juxtherm.Store.Keeping.Names;

/// <summary>
/// A text as names are compared in it (NFKD with full case folding): letters taken apart from their marks, without soft hyphens and other
/// signs that are not seen, with one apostrophe and one hyphen. It knows where in the text each of its letters stood.
/// </summary>
internal sealed class FoldedText
{
    private readonly string _text;

    // Where the sign of each letter begins in the text; null where each is a letter of its own.
    private readonly List<int>? _from;

    private FoldedText(string text, string folded, List<int>? from) => (_text, Folded, _from) = (text, folded, from);

    /// <summary>The folded text.</summary>
    public string Folded { get; }

    /// <summary>Folds a text.</summary>
    /// <param name="text">The text.</param>
    public static FoldedText Of(string text)
    {
        if (Ascii.IsValid(text))
            return new FoldedText(text, text.Replace('`', '\'').ToLowerInvariant(), null);
        var signs = new List<(Rune Sign, int From)>(text.Length);
        var at = 0;
        foreach (var sign in text.EnumerateRunes())
        {
            foreach (var folded in Fold(sign).EnumerateRunes())
                Put(signs, folded, at);
            at += sign.Utf16SequenceLength;
        }

        var (all, from) = (new StringBuilder(text.Length), new List<int>(text.Length));
        foreach (var (sign, begins) in signs)
        {
            all.Append(sign);
            from.AddRange(Enumerable.Repeat(begins, sign.Utf16SequenceLength));
        }

        return new FoldedText(text, all.ToString(), from);
    }

    /// <summary>Where a part of the folded text stands in the text.</summary>
    /// <param name="start">Where it begins.</param>
    /// <param name="length">How long it is; above 0.</param>
    public Range In(int start, int length) => _from is null ? start..(start + length)
        // Signs that are not seen belong to what they stand in, not to what follows.
        : _from[start]..(start + length < _from.Count ? _from[start + length] : _text.Length);

    private static string Fold(Rune sign) =>
        Plain(sign) ?? FoldingTable.Fold(sign) ?? (Rune.GetUnicodeCategory(sign) == UnicodeCategory.Format ? "" : sign.ToString());

    private static string? Plain(Rune sign) => sign.Value switch
    {
        0x2018 or 0x2019 or 0x201B or 0x02BC or 0x02B9 or 0x2032 or 0x00B4 or '`' or 0xFF07 => "'",
        0x2010 or 0x2011 or 0x2012 or 0x2013 or 0x2212 or 0xFE63 or 0xFF0D => "-",
        _ => null,
    };

    // Marks on one letter stand in one order, however they were typed.
    private static void Put(List<(Rune Sign, int From)> signs, Rune sign, int from)
    {
        var (order, place) = (FoldingTable.ClassOf(sign), signs.Count);
        while (order > 0 && place > 0 && FoldingTable.ClassOf(signs[place - 1].Sign) > order)
            place--;
        signs.Insert(place, (sign, from));
    }
}
