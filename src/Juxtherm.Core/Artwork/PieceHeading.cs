using System.Globalization;

namespace Juxtherm.Core.Artwork;

/// <summary>What a column of a list of pieces says.</summary>
internal enum PieceColumn
{
    /// <summary>The name that goes on it.</summary>
    Name,

    /// <summary>The garment's size.</summary>
    Size,

    /// <summary>The garment's colour.</summary>
    Garment,

    /// <summary>The name's colour.</summary>
    Colour,

    /// <summary>How wide the name is.</summary>
    Width,

    /// <summary>How many.</summary>
    Count,

    /// <summary>The number that a player wears: it says nothing of how many.</summary>
    Number,
}

/// <summary>The heading of a list: what its columns say, those left out that mean nothing here.</summary>
/// <param name="columns">By place, what a column says; null for nothing known.</param>
internal sealed class PieceHeading(IReadOnlyList<PieceColumn?> columns)
{
    private static readonly (PieceColumn Column, string[] Called)[] Known =
    [
        (PieceColumn.Name, ["name", "names", "word", "text"]),
        (PieceColumn.Size, ["size", "garmentsize", "shirtsize"]),
        (PieceColumn.Garment, ["garment", "garmentcolor", "shirt", "shirtcolor", "tee", "teecolor", "itemcolor", "blank", "blankcolor"]),
        (PieceColumn.Colour, ["color", "namecolor", "vinyl", "vinylcolor", "printcolor", "textcolor"]),
        (PieceColumn.Width, ["width", "namewidth", "printwidth", "textwidth"]),
        (PieceColumn.Count, ["count", "pieces", "quantity", "qty", "howmany", "numberofpieces"]),
        (PieceColumn.Number, ["number", "no", "no.", "#", "jerseynumber", "playernumber", "shirtnumber", "backnumber"]),
    ];

    // What a garment is called behind its colour.
    private static readonly string[] Garments =
        ["tee", "tshirt", "shirt", "hoodie", "sweatshirt", "top", "bag", "tote", "cap", "apron", "jersey"];

    // Where no heading says what an unreadable cell was meant for.
    private static readonly PieceColumn[] Usual = [PieceColumn.Name, PieceColumn.Size, PieceColumn.Colour, PieceColumn.Count];

    /// <summary>The unit that the heading of the widths names; null for none.</summary>
    public string? WidthUnit { get; private init; }

    /// <summary>It has a column of names.</summary>
    public bool Names => columns.Contains(PieceColumn.Name);

    /// <summary>What its column of players' numbers is called; null where it has none.</summary>
    public string? Numbers { get; private init; }

    /// <summary>It says how many.</summary>
    public bool Counts => columns.Contains(PieceColumn.Count);

    /// <summary>A row read as a heading; null when it is none.</summary>
    public static PieceHeading? Of(IReadOnlyList<string> cells)
    {
        var columns = cells.Select(Column).ToList();
        var known = columns.Count(c => c is not null);
        // A word by itself is somebody's name, be it Tee; what heads one column is called by two.
        if (known < 2 && !(cells.Count == 1 && (columns[0] == PieceColumn.Name || (known == 1 && cells[0].Contains(' ')))))
            return null;
        var width = columns.IndexOf(PieceColumn.Width);
        var numbers = columns.IndexOf(PieceColumn.Number);
        return new PieceHeading(columns)
        {
            WidthUnit = width < 0 ? null : Parted(cells[width]).Unit,
            Numbers = numbers < 0 ? null : cells[numbers],
        };
    }

    /// <summary>The cells of a row by what they say.</summary>
    public IReadOnlyList<(PieceColumn Column, string Text)> Sorted(IReadOnlyList<string> cells) =>
        [.. cells.Take(columns.Count).Select((text, i) => (columns[i], text)).Where(c => c is { Item1: not null, text.Length: > 0 })
            .Select(c => (c.Item1!.Value, c.text))];

    /// <summary>The same without a heading: a name first, then whatever is a size, a colour, a width or a number.</summary>
    public static IReadOnlyList<(PieceColumn Column, string Text)> ByWhatTheyAre(IReadOnlyList<string> cells, IReadOnlyList<string> sizes)
    {
        var sorted = new List<(PieceColumn Column, string Text)>();
        foreach (var (at, text) in cells.Index().Where(c => c.Index > 0 && c.Item.Length > 0))
        {
            if (GarmentColour(text) is { } garment)
                sorted.Add((PieceColumn.Garment, garment));
            else if (SizeWords.Read(text, sizes) is not null)
                sorted.Add((PieceColumn.Size, text));
            else if (ColourWords.Hex(text) is not null)
                sorted.Add((PieceColumn.Colour, text));
            else if (PieceRow.Mm(text, null) is not null)
                sorted.Add((PieceColumn.Width, text));
            else if (at > 1 && int.TryParse(text, NumberStyles.Integer, CultureInfo.InvariantCulture, out _))
                sorted.Add((PieceColumn.Count, text));
            else
                sorted.Add((Usual[Math.Min(at, Usual.Length - 1)], text));
        }

        // Of two colours the first is the garment's.
        if (sorted.Count(c => c.Column == PieceColumn.Colour) > 1 && sorted.TrueForAll(c => c.Column != PieceColumn.Garment))
        {
            var first = sorted.FindIndex(c => c.Column == PieceColumn.Colour);
            sorted[first] = (PieceColumn.Garment, sorted[first].Text);
        }

        return cells[0].Length > 0 ? [(PieceColumn.Name, cells[0]), .. sorted] : sorted;
    }

    /// <summary>The colour of what is called a garment: navy tee; null when it is not.</summary>
    private static string? GarmentColour(string text)
    {
        var words = text.Split(' ', StringSplitOptions.RemoveEmptyEntries);
        return words.Length > 1 && Garments.Contains(words[^1].Replace("-", "", StringComparison.Ordinal), StringComparer.OrdinalIgnoreCase)
            && string.Join(' ', words[..^1]) is var colour && ColourWords.Hex(colour) is not null ? colour : null;
    }

    private static PieceColumn? Column(string heading)
    {
        var (called, _) = Parted(heading);
        return Known.Where(k => k.Called.Contains(called, StringComparer.Ordinal)).Select(k => (PieceColumn?)k.Column).FirstOrDefault();
    }

    /// <summary>What a heading says, and the unit behind it: width (mm), width in.</summary>
    private static (string Called, string? Unit) Parted(string heading)
    {
        var words = heading.ToLowerInvariant().Replace("colour", "color", StringComparison.Ordinal)
            .Split([' ', '(', ')', ',', '_', '-', '[', ']', '/'], StringSplitOptions.RemoveEmptyEntries);
        var unit = words.Length > 1 && PieceRow.IsUnit(words[^1]) ? words[^1] : null;
        return (string.Concat(unit is null ? words : words[..^1]), unit);
    }
}
