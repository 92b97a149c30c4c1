using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Artwork;

/// <summary>One name of a run.</summary>
/// <param name="Name">What goes on the garment.</param>
/// <param name="Size">Size of the garment; null when not said.</param>
/// <param name="Colour">Colour of the vinyl as <c>#rrggbb</c>; null for the layer's own.</param>
/// <param name="Count">How many alike, 1 to 999.</param>
/// <param name="Proofed">Somebody has looked at the spelling.</param>
public sealed record NameEntry(string Name, string? Size, string? Colour, int Count, bool Proofed);

/// <summary>Something on a list that could not be read.</summary>
/// <param name="Line">On which line, from 1.</param>
/// <param name="Name">Whose line it is; null where the whole line is left out.</param>
/// <param name="Text">What stands there.</param>
/// <param name="Says">What was made of it, and what would be accepted.</param>
public sealed record NotRead(int Line, string? Name, string Text, string Says);

/// <summary>A list as far as it could be read.</summary>
/// <param name="Names">The names.</param>
/// <param name="NotRead">What could not be read.</param>
public sealed record NamesRead(IReadOnlyList<NameEntry> Names, IReadOnlyList<NotRead> NotRead);

/// <summary>Reads lists of names, typed line by line, pasted from a table or as CSV.</summary>
public static class NameList
{
    /// <summary>Most names in one run.</summary>
    public const int Most = 500;

    private static readonly string[] Columns = ["name", "size", "colour", "count"];

    /// <summary>Reads a list. What cannot be read is marked and left open; the rest is taken.</summary>
    /// <param name="text">Lines; columns name, size, colour and count, parted by comma, semicolon or tab, with or without a
    /// heading.</param>
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
        var order = Columns;
        var read = new List<NameEntry>();
        for (var first = true; csv.Read(); first = false)
        {
            var cells = csv.Record ?? [];
            if (Array.TrueForAll(cells, string.IsNullOrWhiteSpace))
                continue;
            if (first && cells.Select(Column).All(c => c is not null) && cells.Any(c => Column(c) == "name"))
            {
                order = [.. cells.Select(c => Column(c)!)];
                continue;
            }

            if (read.Count == Most)
            {
                marked.Add(new NotRead(csv.RawRow, null, cells[0], words.Say("name-list.too-many", ("most", Most))));
                break;
            }

            if (Entry(cells, order, csv.RawRow, sizes, marked, words) is { } entry)
                read.Add(entry);
        }

        if (read.Count == 0 && marked.Count == 0)
            marked.Add(new NotRead(1, null, "", words.Say("name-list.empty")));
        return new NamesRead(read, marked);
    }

    private static string? Column(string heading) => heading.Trim().ToLowerInvariant() switch
    {
        "name" or "names" or "word" => "name",
        "size" => "size",
        "colour" or "color" => "colour",
        "count" or "number" or "pieces" or "quantity" => "count",
        _ => null,
    };

    private static NameEntry? Entry(string[] cells, string[] order, int line, IReadOnlyList<string> sizes, List<NotRead> marked,
        IWords words)
    {
        string Cell(string column) => Array.IndexOf(order, column) is >= 0 and var i && i < cells.Length ? cells[i].Trim() : "";
        var (name, size, colour, count) = (Cell("name"), Cell("size"), Cell("colour"), Cell("count"));
        void Mark(string text, string says) => marked.Add(new NotRead(line, name.Length == 0 ? null : name, text, says));
        if (name.Length is 0 or > Lettering.LongestText)
        {
            Mark(name, name.Length == 0
                ? words.Say("name-list.no-name")
                : words.Say("name-list.too-long", ("letters", name.Length), ("most", Lettering.LongestText)));
            return null;
        }

        var known = size.Length == 0 ? null : SizeWords.Read(size, sizes);
        if (size.Length > 0 && known is null)
            Mark(size, words.Say("name-list.size"));
        var hex = colour.Length == 0 ? null : ColourWords.Hex(colour);
        if (colour.Length > 0 && hex is null)
            Mark(colour, words.Say("name-list.colour"));
        var many = 1;
        if (count.Length > 0
            && !(int.TryParse(count, NumberStyles.None, CultureInfo.InvariantCulture, out many) && many is >= 1 and <= 999))
        {
            Mark(count, words.Say("name-list.count"));
            many = 1;
        }

        return new NameEntry(name, known, hex, many, Proofed: false);
    }
}
