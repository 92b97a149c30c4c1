using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Artwork;

/// <summary>One name of a run.</summary>
/// <param name="Name">What goes on the garment.</param>
/// <param name="Size">Size of the garment; null when not said.</param>
/// <param name="Colour">Colour of the vinyl as <c>#rrggbb</c>; null for the layer's own.</param>
/// <param name="Count">How many alike, 1 to 999.</param>
/// <param name="Proofed">Somebody has looked at the spelling.</param>
public sealed record NameEntry(string Name, string? Size, string? Colour, int Count, bool Proofed);

/// <summary>Reads lists of names, typed line by line, pasted from a table or as CSV.</summary>
public static class NameList
{
    /// <summary>Most names in one run.</summary>
    public const int Most = 500;

    private static readonly string[] Columns = ["name", "size", "colour", "count"];

    /// <summary>Reads a list.</summary>
    /// <param name="text">Lines; columns name, size, colour and count, parted by comma, semicolon or tab, with or without a heading.</param>
    /// <param name="sizes">Sizes that are known.</param>
    /// <param name="problems">Filled with everything that is wrong, by line.</param>
    public static IReadOnlyList<NameEntry> Read(string text, IReadOnlyList<string> sizes, Problems problems)
    {
        ArgumentNullException.ThrowIfNull(text);
        ArgumentNullException.ThrowIfNull(sizes);
        ArgumentNullException.ThrowIfNull(problems);
        var parter = text.Contains('\t', StringComparison.Ordinal) ? "\t" : text.Contains(';', StringComparison.Ordinal) ? ";" : ",";
        var config = new CsvConfiguration(CultureInfo.InvariantCulture) { Delimiter = parter, HasHeaderRecord = false, TrimOptions = TrimOptions.Trim, BadDataFound = null, MissingFieldFound = null };
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
                problems.Add("", $"The list has more than {Most} names; up to that many are accepted.", "out-of-range");
                break;
            }

            if (Entry(cells, order, csv.RawRow, sizes, problems) is { } entry)
                read.Add(entry);
        }

        if (read.Count == 0 && problems.None)
            problems.Add("", "The list is empty; a name on each line is accepted.", "missing");
        return read;
    }

    private static string? Column(string heading) => heading.Trim().ToLowerInvariant() switch
    {
        "name" or "names" or "word" => "name",
        "size" => "size",
        "colour" or "color" => "colour",
        "count" or "number" or "pieces" or "quantity" => "count",
        _ => null,
    };

    private static NameEntry? Entry(string[] cells, string[] order, int line, IReadOnlyList<string> sizes, Problems problems)
    {
        string Cell(string column) => Array.IndexOf(order, column) is >= 0 and var i && i < cells.Length ? cells[i].Trim() : "";
        void Fault(string text, string code) => problems.Add("", $"Line {line}: {text}", code);
        var (name, size, colour, count) = (Cell("name"), Cell("size").ToLowerInvariant().Replace(' ', '-'), Cell("colour"), Cell("count"));
        if (name.Length is 0 or > Lettering.LongestText)
            Fault(name.Length == 0 ? "the name is empty." : $"the name has {name.Length} letters; up to {Lettering.LongestText} are accepted.", "out-of-range");
        var known = size.Length == 0 ? null : sizes.FirstOrDefault(s => s == size || s == "adult-" + size);
        if (size.Length > 0 && known is null)
            Fault($"the size “{size}” is not known; accepted: {string.Join(", ", sizes)}.", "unknown-id");
        var hex = colour.Length == 0 ? null : Svg.SvgColours.Read(colour)?.Hex;
        if (colour.Length > 0 && hex is null)
            Fault($"the colour “{colour}” is not known; #rrggbb or a colour's English name is accepted.", "wrong-type");
        var many = 1;
        if (count.Length > 0 && !(int.TryParse(count, NumberStyles.None, CultureInfo.InvariantCulture, out many) && many is >= 1 and <= 999))
            Fault($"the count “{count}” is no whole number from 1 to 999.", "out-of-range");
        return name.Length is > 0 and <= Lettering.LongestText ? new NameEntry(name, known, hex, Math.Max(1, many), Proofed: false) : null;
    }
}
