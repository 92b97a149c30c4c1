using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Artwork.Svg;

/// <summary>Counts what a drawing holds that cannot be cut, and says so once for each kind.</summary>
internal sealed class LeftOut
{
    /// <summary>Something beyond the page, which a drawing program does not show either.</summary>
    public const string Outside = "outside-the-page";

    private readonly Dictionary<string, int> _counts = new(StringComparer.Ordinal);

    private static readonly Dictionary<string, Func<int, Phrase>> Says = new(StringComparer.Ordinal)
    {
        [Outside] = _ => new Phrase("left-out.outside"),
        ["text-left-out"] = n => new Phrase("left-out.text", ("n", n)),
        ["picture-left-out"] = n => new Phrase("left-out.picture", ("n", n)),
        ["gradient-flattened"] = n => new Phrase("left-out.gradient", ("n", n)),
        ["pattern-left-out"] = n => new Phrase("left-out.pattern", ("n", n)),
        ["mask-left-out"] = n => new Phrase("left-out.mask", ("n", n)),
        ["filter-left-out"] = n => new Phrase("left-out.filter", ("n", n)),
        ["see-through"] = n => new Phrase("left-out.see-through", ("n", n)),
        ["script-left-out"] = n => new Phrase("left-out.script", ("n", n)),
        ["outside-reference"] = n => new Phrase("left-out.reference", ("n", n)),
        ["clip-left-out"] = n => new Phrase("left-out.clip", ("n", n)),
        ["marker-left-out"] = n => new Phrase("left-out.marker", ("n", n)),
        ["foreign-left-out"] = n => new Phrase("left-out.foreign", ("n", n)),
        ["colour-unknown"] = n => new Phrase("left-out.colour", ("n", n)),
    };

    public void Add(string what) => _counts[what] = _counts.GetValueOrDefault(what) + 1;

    /// <summary>The kinds, for a drawing of which nothing is left.</summary>
    public string InShort() => _counts.Count > 0 ? $" Left out: {string.Join(", ", _counts.Keys)}." : "";

    /// <summary>What there is to say of it.</summary>
    public IReadOnlyList<Notice> Notices(IWords words) =>
    [
        .. _counts.Select(c =>
            Notice.Of(c.Key, c.Key == Outside
                ? NoticeLevel.Note
                : NoticeLevel.Caution, words.Say(Says[c.Key](c.Value)),
                words.Say("left-out.why"), [], [])),
    ];
}
