namespace Juxtherm.Core.Artwork;

/// <summary>Words set in a font.</summary>
/// <param name="Text">What is set, 1 to <see cref="LongestText"/> characters; line breaks begin new lines.</param>
/// <param name="Font">Id of the font.</param>
/// <param name="HeightMm">Height of its capitals, mm, 3 to 500.</param>
/// <param name="GapMm">Added between letters, mm, -50 to 100; below zero tightens.</param>
/// <param name="ArcDegrees">How much of a circle the words bend around, degrees, -340 to 340: above zero the middle stands highest; 0 for
/// straight.</param>
/// <param name="FromNames">Each garment of the run has its own name here instead of the text.</param>
public sealed record Lettering(string Text, string Font, double HeightMm, double GapMm, double ArcDegrees, bool FromNames)
{
    /// <summary>Most characters set at once.</summary>
    public const int LongestText = 80;

    /// <summary>What the font is called where it is one of the workshop's own: a job may be opened where it is missing.</summary>
    public string FontName { get; init; } = "";

    /// <summary>The font itself; null where it is not at hand.</summary>
    public LetterFont? Typeface { get; init; } = LetterFont.All.FirstOrDefault(f => f.Id == Font);
}
