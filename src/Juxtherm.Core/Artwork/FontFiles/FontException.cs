using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Artwork.FontFiles;

/// <summary>A font that cannot be taken. It says why.</summary>
/// <param name="says">Why.</param>
public sealed class FontException(Phrase says) : SaidException(says)
{
    internal static FontException Broken() => new(new Phrase("font.broken"));

    internal static FontException TooLarge() => new(new Phrase("font.too-large", ("most", FontFile.MostBytes / 1024 / 1024)));
}
