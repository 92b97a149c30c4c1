using Juxtherm.Core.Artwork.FontFiles;

namespace Juxtherm.Core.Artwork;

/// <summary>A font to set words in.</summary>
public sealed class LetterFont
{
    private readonly Lazy<LoadedFont?> _loaded;

    private LetterFont(Func<byte[]?> sfnt) =>
        _loaded = new Lazy<LoadedFont?>(() => sfnt() is { } bytes ? new LoadedFont(bytes) : null);

    /// <summary>Stable id.</summary>
    public required string Id { get; init; }

    /// <summary>For the reader: what it looks like, or what it is called.</summary>
    public required string Name { get; init; }

    /// <summary>Which font it is and under which licence it comes.</summary>
    public required string From { get; init; }

    /// <summary>All that ship.</summary>
    public static IReadOnlyList<LetterFont> All { get; } =
    [
        Shipped("plain", "Plain", "Cabin Bold, SIL Open Font License", "Cabin-Bold.otf"),
        Shipped("tall-capitals", "Tall capitals", "Bebas Neue Bold, SIL Open Font License", "BebasNeue-Bold.otf"),
        Shipped("narrow", "Narrow", "Yanone Kaffeesatz Bold, SIL Open Font License", "YanoneKaffeesatz-Bold.otf"),
        Shipped("round", "Round", "Comfortaa Bold, SIL Open Font License", "Comfortaa-Bold.ttf"),
        Shipped("brush", "Brush, joined", "Lobster, SIL Open Font License", "Lobster.otf"),
    ];

    /// <summary>It is one of the workshop's own.</summary>
    public bool IsOwn => FontFile.IsOwnId(Id);

    /// <summary>Read when it is first used; null where it was taken away before.</summary>
    internal LoadedFont? Loaded => _loaded.Value;

    /// <summary>A font that somebody brought.</summary>
    /// <param name="id">Its id.</param>
    /// <param name="name">What it is called.</param>
    /// <param name="licence">What it says of its licence.</param>
    /// <param name="sfnt">Gives the font itself, as OpenType, once it is used; null where it is gone.</param>
    public static LetterFont Own(string id, string name, string licence, Func<byte[]?> sfnt) =>
        new(sfnt) { Id = id, Name = name, From = licence };

    private static LetterFont Shipped(string id, string name, string from, string file) => Own(id, name, from, () =>
    {
        using var stream = typeof(LetterFont).Assembly.GetManifestResourceStream($"Juxtherm.Core.Artwork.Fonts.{file}")
            ?? throw new InvalidOperationException($"The font {file} does not ship.");
        using var copy = new MemoryStream();
        stream.CopyTo(copy);
        return copy.ToArray();
    });
}
