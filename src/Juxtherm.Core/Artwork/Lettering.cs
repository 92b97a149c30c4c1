namespace Juxtherm.Core.Artwork;

/// <summary>Words set in a font.</summary>
/// <param name="Text">What is set, 1 to <see cref="LongestText"/> characters; line breaks begin new lines.</param>
/// <param name="Font">Id of a shipped font.</param>
/// <param name="HeightMm">Height of its capitals, mm, 3 to 500.</param>
/// <param name="GapMm">Added between letters, mm, -50 to 100; below zero tightens.</param>
/// <param name="ArcDegrees">How much of a circle the words bend around, degrees, -340 to 340: above zero the middle stands highest; 0 for
/// straight.</param>
/// <param name="FromNames">Each garment of the run has its own name here instead of the text.</param>
public sealed record Lettering(string Text, string Font, double HeightMm, double GapMm, double ArcDegrees, bool FromNames)
{
    /// <summary>Most characters set at once.</summary>
    public const int LongestText = 80;
}

/// <summary>A font that ships.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Name">For the reader: what it looks like.</param>
/// <param name="From">Which font it is and under which licence it ships.</param>
/// <param name="File">Name of its file.</param>
public sealed record LetterFont(string Id, string Name, string From, string File)
{
    private readonly Lazy<LoadedFont> _loaded = new(() => new LoadedFont(File));

    /// <summary>All that ship.</summary>
    public static IReadOnlyList<LetterFont> All { get; } =
    [
        new("plain", "Plain", "Cabin Bold, SIL Open Font License", "Cabin-Bold.otf"),
        new("tall-capitals", "Tall capitals", "Bebas Neue Bold, SIL Open Font License", "BebasNeue-Bold.otf"),
        new("narrow", "Narrow", "Yanone Kaffeesatz Bold, SIL Open Font License", "YanoneKaffeesatz-Bold.otf"),
        new("round", "Round", "Comfortaa Bold, SIL Open Font License", "Comfortaa-Bold.ttf"),
        new("brush", "Brush, joined", "Lobster, SIL Open Font License", "Lobster.otf"),
    ];

    /// <summary>Read from what ships when it is first used.</summary>
    internal LoadedFont Loaded => _loaded.Value;
}
