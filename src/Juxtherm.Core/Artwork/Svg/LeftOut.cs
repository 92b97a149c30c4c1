using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Artwork.Svg;

/// <summary>Counts what a drawing holds that cannot be cut, and says so once for each kind.</summary>
internal sealed class LeftOut
{
    /// <summary>Something beyond the page, which a drawing program does not show either.</summary>
    public const string Outside = "outside-the-page";

    private readonly Dictionary<string, int> _counts = new(StringComparer.Ordinal);

    private static readonly Dictionary<string, Func<int, string>> Words = new(StringComparer.Ordinal)
    {
        [Outside] = _ => "What is drawn outside the page was left out.",
        ["text-left-out"] = n => $"{Many(n, "text")} left out: turn text into outlines in the drawing program, or type the words here.",
        ["picture-left-out"] = n => $"{Many(n, "picture")} of pixels left out: only outlines can be cut.",
        ["gradient-flattened"] = n => $"{Many(n, "gradient")} left out: the ground below is taken in the gradient's first colour.",
        ["pattern-left-out"] = n => $"{Many(n, "pattern fill")} left out.",
        ["mask-left-out"] = n => $"{Many(n, "mask")} left out: the ground is taken whole.",
        ["filter-left-out"] = n => $"{Many(n, "filter")} left out, such as shadows and blurring.",
        ["see-through"] = n => $"{Many(n, "see-through colour")} taken as full: vinyl is not see-through.",
        ["script-left-out"] = n => $"{Many(n, "script")} left out: nothing in a drawing is run.",
        ["outside-reference"] = n => $"{Many(n, "reference")} to something outside the drawing left out: nothing is fetched.",
        ["clip-left-out"] = n => $"{Many(n, "clip path")} left out: it is given in shares of what it clips.",
        ["marker-left-out"] = n => $"{Many(n, "arrow head")} left out.",
        ["foreign-left-out"] = n => $"{Many(n, "foreign object")} left out.",
        ["colour-unknown"] = n => $"{Many(n, "colour")} could not be read; black was taken.",
    };

    private static string Many(int n, string what) => n == 1 ? $"One {what}" : $"{n} {what}s";

    public void Add(string what) => _counts[what] = _counts.GetValueOrDefault(what) + 1;

    /// <summary>The kinds, for a drawing of which nothing is left.</summary>
    public string InShort() => _counts.Count > 0 ? $" Left out: {string.Join(", ", _counts.Keys)}." : "";

    public IReadOnlyList<Notice> Notices() =>
    [
        .. _counts.Select(c =>
            Notice.Of(c.Key, c.Key == Outside
                ? NoticeLevel.Note
                : NoticeLevel.Caution, Words[c.Key](c.Value),
                "Only closed ground on the page, in one plain colour, can be cut out of vinyl.", [], [])),
    ];
}
