using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Catalogue;

/// <summary>One catalogue file, already read from wherever it is kept.</summary>
/// <param name="Name">File name, for messages.</param>
/// <param name="Text">Its JSON.</param>
public sealed record CatalogueFile(string Name, string Text);

/// <summary>The catalogue files cannot be used. The message names each file, place and reason.</summary>
/// <param name="says">All that is wrong.</param>
public sealed class CatalogueException(params IReadOnlyList<Phrase> says) : Exception(string.Join(", ", says.Select(p => p.Key)))
{
    /// <summary>All that is wrong.</summary>
    public IReadOnlyList<Phrase> Says => says;
}
