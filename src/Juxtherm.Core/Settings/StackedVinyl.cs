using Juxtherm.Core.Catalogue;

namespace Juxtherm.Core.Settings;

/// <summary>A layer of vinyl and where it lies.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Vinyl">The vinyl.</param>
/// <param name="Over">Ids of the layers under it, lowest first; empty when it lies on the bare blank.</param>
/// <param name="OtherFace">It lies on the face that is pressed second: while the first is pressed it is not there yet, afterwards the first
/// lies down, on the cold side.</param>
public sealed record StackedVinyl(string Id, Vinyl Vinyl, IReadOnlyList<string> Over, bool OtherFace = false);
