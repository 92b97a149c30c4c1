using System.Globalization;
using System.Text.RegularExpressions;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Notices;

/// <summary>Says what is wrong with a job file as its reader knows it: by the names of fields, and in the reader's units.</summary>
public static partial class FieldNames
{
    private static readonly (string Pattern, string Name)[] Names =
    [
        ("/title", "Title"), ("/quantity", "Pieces"),
        ("/blank/form", "Kind of item"), ("/blank/material", "Made of"), ("/blank/size", "Size"), ("/blank/careDots", "Iron on the care label"), ("/blank/face", "Side"), ("/blank/colour", "Colour of the item"),
        ("/blank/widthMm", "Free width"), ("/blank/heightMm", "Free height"), ("/blank/traits/*", "What is known of the item"), ("/blank/measures/*", "Measure {0}"),
        ("/blank/features/*/kind", "What stands in the way"), ("/blank/features/*/xMm", "From the left"), ("/blank/features/*/yMm", "From the top"), ("/blank/features/*/widthMm", "Width of what stands in the way"), ("/blank/features/*/heightMm", "Height of what stands in the way"),
        ("/tools/heatSource", "Press"), ("/tools/underlay", "What's underneath"), ("/tools/cover", "Cover"), ("/tools/plateWidthMm", "Plate width"), ("/tools/plateHeightMm", "Plate height"),
        ("/tools/cutter", "Cutter"), ("/tools/cutterWidthMm", "Cutter width"), ("/tools/cutterLengthMm", "Cutter length"),
        ("/layers/*/vinyl", "Kind of vinyl"), ("/layers/*/colour", "Colour"), ("/layers/*/widthMm", "Artwork width"), ("/layers/*/heightMm", "Artwork height"), ("/layers/*/xMm", "From the left"), ("/layers/*/yMm", "From the top"),
        ("/layers/*/carrierMarginMm", "Carrier margin"), ("/layers/*/over", "Lies on"), ("/layers/*/over/*", "Lies on"), ("/layers/*/id", "Name of the layer"), ("/layers/*/face", "Side"), ("/layers/*/shape", "Artwork"),
        ("/layers/*/label/celsius", "Temperature"), ("/layers/*/label/seconds", "Time"), ("/layers/*/label/pressure", "Pressure"), ("/layers/*/label/peel", "Peel"), ("/layers/*/label/for", "Which press the figure is for"),
        ("/layers/*/word/text", "Words"), ("/layers/*/word/font", "Font"), ("/layers/*/word/heightMm", "Letter height"), ("/layers/*/word/gapMm", "Letter gap"), ("/layers/*/word/arcDegrees", "Arc"),
        ("/names/*/name", "Name"), ("/names/*/size", "Size"), ("/names/*/colour", "Colour"), ("/names/*/count", "How many"), ("/names", "Names"),
        ("/sizes/*/size", "Size"), ("/sizes/*/count", "How many"), ("/layers", "Layers"), ("/order", "Order of laying"),
        ("/used/celsius", "Temperature as used"), ("/used/seconds", "Time as used"), ("/used/pressure", "Pressure as used"), ("/used/backSeconds", "Time from the back as used"), ("/patches/*/celsius", "Temperature of the patch"), ("/patches/*/seconds", "Time of the patch"),
        ("/cut/marginMm", "Room between pieces"), ("/cut/nestAbovePercent", "Pack tightly above"),
        ("/dialCelsius", "What the dial showed"), ("/readCelsius", "What was measured"), ("/heatSource", "Press"), ("/means", "Measured with"), ("/widthMm", "Width"), ("/lengthMm", "Length"), ("/cornerWidthMm", "Width of the corner that is gone"), ("/cornerLengthMm", "Length of the corner that is gone"), ("/lowMm", "Running out below"), ("/pricePerMetre", "Price"), ("/washes", "Washes"), ("/forceGrams", "Force"), ("/passes", "Passes"), ("/mm", "Length"),
    ];

    private static readonly IReadOnlyList<(Regex Pattern, string Name)> Patterns = [.. Names.Select(n => (new Regex($"^{Regex.Escape(n.Pattern).Replace("\\*", "([^/]+)", StringComparison.Ordinal)}$", RegexOptions.NonBacktracking), n.Name))];

    /// <summary>What a field is called on the screen.</summary>
    /// <param name="pointer">Its JSON Pointer.</param>
    /// <returns>Null where no screen shows it.</returns>
    public static string? Of(string pointer)
    {
        ArgumentNullException.ThrowIfNull(pointer);
        foreach (var (pattern, name) in Patterns)
        {
            if (pattern.Match(pointer) is { Success: true } match)
                return string.Format(CultureInfo.InvariantCulture, name, Spaced(match.Groups[^1].Value));
        }

        return null;
    }

    /// <summary>What is wrong, and what would be accepted.</summary>
    /// <param name="problem">The fault.</param>
    /// <param name="words">The reader's units.</param>
    public static string Say(Problem problem, Wording words)
    {
        ArgumentNullException.ThrowIfNull(problem);
        ArgumentNullException.ThrowIfNull(words);
        var name = Of(problem.Pointer);
        if (problem.Bounds is { } b)
        {
            var called = name ?? Called(problem.Pointer);
            var accepted = $"{words.Number(b.Least, b.Unit)} to {words.Quantity(b.Most, b.Unit)}";
            return double.IsNaN(b.Value) ? $"{called} is no number; {accepted} is accepted." : $"{called} is {words.Quantity(b.Value, b.Unit)}; {accepted} is accepted.";
        }

        if (problem.Pointer.Length == 0)
            return problem.Message;
        // Messages name the place by its pointer, most at their beginning.
        var said = problem.Message.Replace(problem.Pointer, name ?? Called(problem.Pointer), StringComparison.Ordinal);
        return char.ToUpperInvariant(said[0]) + said[1..];
    }

    private static string Called(string pointer)
    {
        var last = pointer.Split('/').LastOrDefault(p => p.Length > 0 && !char.IsAsciiDigit(p[0])) ?? "it";
        return Spaced(last);
    }

    /// <summary>freeWidthMm as free width.</summary>
    private static string Spaced(string member) => Humps().Replace(UnitSuffix().Replace(member, ""), " ${hump}").ToLowerInvariant();

    [GeneratedRegex("(?<hump>[A-Z])", RegexOptions.NonBacktracking)]
    private static partial Regex Humps();

    [GeneratedRegex("(?:Mm|Celsius|Seconds)$", RegexOptions.NonBacktracking)]
    private static partial Regex UnitSuffix();
}
