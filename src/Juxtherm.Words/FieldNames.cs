using System.Text.RegularExpressions;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;

namespace Juxtherm.Words;

/// <summary>Says what is wrong with a file as its reader knows it: by the names of fields, and in the reader's units.</summary>
public static partial class FieldNames
{
    private static readonly IReadOnlyList<(Regex Pattern, string Key)> Patterns =
        [.. Language.English.Sentences.Keys.Where(k => k[0] == '/')
            .Select(k =>
                (new Regex($"^{Regex.Escape(k).Replace("\\*", "([^/]+)", StringComparison.Ordinal)}$", RegexOptions.NonBacktracking), k))];

    /// <summary>What a field is called on the screen.</summary>
    /// <param name="pointer">Its JSON Pointer.</param>
    /// <param name="words">Says it.</param>
    /// <returns>Null where no screen shows it.</returns>
    public static string? Of(string pointer, IWords words)
    {
        ArgumentNullException.ThrowIfNull(pointer);
        ArgumentNullException.ThrowIfNull(words);
        foreach (var (pattern, key) in Patterns)
        {
            if (pattern.Match(pointer) is { Success: true } match)
                return words.Say(key, ("name", Spaced(match.Groups[^1].Value)));
        }

        return null;
    }

    /// <summary>What is wrong, and what would be accepted.</summary>
    /// <param name="problem">The fault.</param>
    /// <param name="units">The reader's units.</param>
    public static string Say(Problem problem, UnitSystem units)
    {
        ArgumentNullException.ThrowIfNull(problem);
        var words = Language.English.WordsFor(units);
        var name = Of(problem.Pointer, words);
        if (problem.Bounds is { } b)
        {
            var figures = new Figures(units);
            var (field, least, most) = (name ?? Called(problem.Pointer), figures.Number(b.Least, b.Unit), figures.Quantity(b.Most, b.Unit));
            return double.IsNaN(b.Value)
                ? words.Say("bounds.no-number", ("field", field), ("least", least), ("most", most))
                : words.Say("bounds.outside", ("field", field), ("value", figures.Quantity(b.Value, b.Unit)), ("least", least),
                    ("most", most));
        }

        if (problem.Pointer.Length == 0)
            return words.Say(problem.Says);
        // Messages name the place by its pointer, most at their beginning.
        var said = words.Say(problem.Says).Replace(problem.Pointer, name ?? Called(problem.Pointer), StringComparison.Ordinal);
        return Figures.FirstUp(said);
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
