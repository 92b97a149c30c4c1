using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Artwork;

/// <summary>One piece of a run, or several alike.</summary>
/// <param name="Name">The name that goes on it; empty where none does.</param>
/// <param name="Size">Size of the garment; null when not said.</param>
/// <param name="Colour">Colour of the name's vinyl as <c>#rrggbb</c>; null for the layer's own.</param>
/// <param name="Count">How many alike, 1 to 999.</param>
/// <param name="Proofed">Somebody has looked at the spelling.</param>
/// <param name="GarmentColour">Colour of the garment as <c>#rrggbb</c>; null for the item's own.</param>
/// <param name="WidthMm">How wide the name is set, mm; null for letters as high as all.</param>
public sealed record PieceEntry(string Name, string? Size, string? Colour, int Count, bool Proofed, string? GarmentColour = null,
    double? WidthMm = null)
{
    /// <summary>It carries a name.</summary>
    public bool IsNamed => Name.Length > 0;

    /// <summary>Its name as it is set: where a width is given, as high as that makes it.</summary>
    /// <param name="style">How names are set.</param>
    /// <param name="memory">Where the size of words is kept.</param>
    public Lettering In(Lettering style, WorkMemory memory)
    {
        ArgumentNullException.ThrowIfNull(style);
        var words = style with { Text = Name };
        return WidthMm is { } wide && LetterShapes.SizeOf(words, memory) is { WidthMm: > 0 } size
            ? words with { HeightMm = style.HeightMm * wide / size.WidthMm, GapMm = style.GapMm * wide / size.WidthMm } : words;
    }
}

/// <summary>Something on a list that could not be read.</summary>
/// <param name="Line">On which line, from 1.</param>
/// <param name="Name">Whose line it is; null where the whole line is left out.</param>
/// <param name="Text">What stands there.</param>
/// <param name="Says">What was made of it, and what would be accepted.</param>
public sealed record NotRead(int Line, string? Name, string Text, string Says);

/// <summary>A list as far as it could be read.</summary>
/// <param name="Names">The names.</param>
/// <param name="NotRead">What could not be read.</param>
public sealed record NamesRead(IReadOnlyList<PieceEntry> Names, IReadOnlyList<NotRead> NotRead);

/// <summary>Reads lists of pieces: names typed line by line, or rows pasted from a table or as CSV.</summary>
public static class NameList
{
    /// <summary>Most lines in one run.</summary>
    public const int Most = 500;

    /// <summary>Reads a list. What cannot be read is marked and left open; the rest is taken.</summary>
    /// <param name="text">Lines; columns as the heading names them, parted by comma, semicolon or tab. Without a heading a name, then
    /// size, colours, width and count as they are met.</param>
    /// <param name="sizes">Sizes that are known.</param>
    /// <param name="words">Says what could not be read.</param>
    public static NamesRead Read(string text, IReadOnlyList<string> sizes, IWords words)
    {
        ArgumentNullException.ThrowIfNull(text);
        ArgumentNullException.ThrowIfNull(sizes);
        ArgumentNullException.ThrowIfNull(words);
        var marked = new List<NotRead>();
        var parter = text.Contains('\t', StringComparison.Ordinal) ? "\t" : text.Contains(';', StringComparison.Ordinal) ? ";" : ",";
        var config = new CsvConfiguration(CultureInfo.InvariantCulture)
        {
            Delimiter = parter,
            HasHeaderRecord = false,
            TrimOptions = TrimOptions.Trim,
            BadDataFound = null,
            MissingFieldFound = null
        };
        using var csv = new CsvParser(new StringReader(text.Replace("\r\n", "\n", StringComparison.Ordinal)), config);
        PieceHeading? heading = null;
        var read = new List<PieceEntry>();
        for (var first = true; csv.Read(); first = false)
        {
            var cells = (csv.Record ?? []).Select(c => c.Trim()).ToArray();
            if (Array.TrueForAll(cells, string.IsNullOrWhiteSpace))
                continue;
            if (first && (heading = PieceHeading.Of(cells)) is not null)
            {
                if (heading.Numbers is { } numbers)
                    marked.Add(new NotRead(csv.RawRow, null, numbers, words.Say("name-list.number")));
                continue;
            }

            if (read.Count == Most)
            {
                marked.Add(new NotRead(csv.RawRow, null, cells[0], words.Say("name-list.too-many", ("most", Most))));
                break;
            }

            var row = new PieceRow(csv.RawRow, heading?.Sorted(cells) ?? PieceHeading.ByWhatTheyAre(cells, sizes));
            if (row.Entry(sizes, heading, marked, words) is { } entry)
                read.Add(entry);
        }

        if (read.Count == 0 && marked.Count == 0)
            marked.Add(new NotRead(1, null, "", words.Say("name-list.empty")));
        return new NamesRead(read, marked);
    }
}
