using System.Globalization;
using System.Text.RegularExpressions;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Artwork;

/// <summary>A row of a list of pieces.</summary>
/// <param name="line">Which line it begins on, from 1.</param>
/// <param name="cells">Its cells, by what they say.</param>
internal sealed partial class PieceRow(int line, IReadOnlyList<(PieceColumn Column, string Text)> cells)
{
    // More alike on one line than this are asked about.
    private const int MostUnasked = 12;

    private static readonly Dictionary<string, double> Units = new(StringComparer.Ordinal)
    {
        ["mm"] = 1,
        ["cm"] = 10,
        ["in"] = 25.4,
        ["inch"] = 25.4,
        ["inches"] = 25.4,
        ["\""] = 25.4,
        ["”"] = 25.4,
    };

    /// <summary>A unit of length that is known.</summary>
    public static bool IsUnit(string said) => Units.ContainsKey(said);

    /// <summary>A length as people write it: 190 mm, 19 cm, 7.5 in, 7 1/2".</summary>
    /// <param name="said">What was written.</param>
    /// <param name="usualUnit">What counts where it names no unit; null where it has to.</param>
    /// <returns>mm; null when it is none.</returns>
    public static double? Mm(string said, string? usualUnit)
    {
        if (Length().Match(said.Trim().ToLowerInvariant()) is not { Success: true } match)
            return null;
        var unit = match.Groups["unit"].Value is { Length: > 0 } named ? named : usualUnit;
        if (unit is null || !Units.TryGetValue(unit, out var each))
            return null;
        double Of(string group) => match.Groups[group].Value is { Length: > 0 } digits
            ? double.Parse(digits.Replace(',', '.'), CultureInfo.InvariantCulture) : 0;
        var part = Of("below") > 0 ? Of("above") / Of("below") : 0;
        return Math.Round((Of("whole") + part) * each, 1);
    }

    /// <summary>The pieces that it is; null when nothing can be made of it.</summary>
    public PieceEntry? Entry(IReadOnlyList<string> sizes, PieceHeading? heading, List<NotRead> marked, IWords words)
    {
        string Cell(PieceColumn column) => cells.FirstOrDefault(c => c.Column == column).Text ?? "";
        var name = Cell(PieceColumn.Name);
        void Mark(string text, string says) => marked.Add(new NotRead(line, name.Length == 0 ? null : name, text, says));
        if (name.Length > Lettering.LongestText)
        {
            Mark(name, words.Say("name-list.too-long", ("letters", name.Length), ("most", Lettering.LongestText)));
            return null;
        }

        if (name.Length == 0 && heading is not { Names: false })
            Mark("", words.Say("name-list.no-name"));
        T? Read<T>(PieceColumn column, Func<string, T?> read, Func<string> says)
        {
            var text = Cell(column);
            if (text.Length == 0)
                return default;
            var found = read(text);
            if (found is null)
                Mark(text, says());
            return found;
        }

        // So many alike on one line of a list of names are a jersey number more often than an order.
        int Count()
        {
            var count = Read<int?>(PieceColumn.Count, Many, () => words.Say("name-list.count")) ?? 1;
            if (count <= MostUnasked)
                return count;
            var isSaid = heading is { Counts: true };
            Mark(Cell(PieceColumn.Count), isSaid ? words.Say("name-list.many-said", ("count", count)) : words.Say("name-list.many"));
            return isSaid ? count : 1;
        }

        return new PieceEntry(
            name, Read(PieceColumn.Size, t => SizeWords.Read(t, sizes), () => words.Say("name-list.size")),
            Read(PieceColumn.Colour, ColourWords.Hex, () => words.Say("name-list.colour")),
            Count(), Proofed: false,
            Read(PieceColumn.Garment, ColourWords.Hex, () => words.Say("name-list.garment")),
            Read(PieceColumn.Width, t => Wide(Mm(t, heading?.WidthUnit)), () => words.Say("name-list.width")));
    }

    private static double? Wide(double? mm) => mm is >= JobReader.LeastMm and <= JobReader.MostMm ? mm : null;

    private static int? Many(string text) =>
        int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var many) && many is >= 1 and <= JobReader.MostPieces
        ? many : null;

    [GeneratedRegex(
        @"^(?<whole>\d{1,4}([.,]\d{1,2})?)?(\s*(?<above>\d{1,2})/(?<below>\d{1,2}))?\s*(?<unit>mm|cm|inches|inch|in|""|”)?\.?$",
        RegexOptions.ExplicitCapture | RegexOptions.NonBacktracking)]
    private static partial Regex Length();
}
