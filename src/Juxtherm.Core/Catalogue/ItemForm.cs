namespace Juxtherm.Core.Catalogue;

/// <summary>A kind of item.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="Shape">How its face lies.</param>
/// <param name="Layers">How many layers of the material lie under the plate.</param>
/// <param name="Materials">Which kinds of material it can be made of.</param>
/// <param name="UsualMaterial">Material id assumed for a new job.</param>
/// <param name="WidthMm">Usual width of its free area, mm.</param>
/// <param name="HeightMm">Usual height of its free area, mm.</param>
/// <param name="Supported">Whether it lies on an underlay.</param>
/// <param name="Framed">Whether it is stretched on a frame.</param>
public sealed record ItemForm(
    string Id, string Name, FaceShape Shape, Sourced<double> Layers, IReadOnlyList<MaterialKind> Materials, string UsualMaterial,
    Sourced<double> WidthMm, Sourced<double> HeightMm, bool Supported, bool Framed)
{
    /// <summary>It is printed on its back too: it lies flat and can be turned over.</summary>
    public bool HasBack => Shape == FaceShape.Flat && !Framed;

    /// <summary>Its upper part is a bib.</summary>
    public bool Bib { get; init; }

    /// <summary>It is filled later, and its edges round off then.</summary>
    public bool Filled { get; init; }

    /// <summary>It has a cuff to print on.</summary>
    public bool Cuffed { get; init; }

    /// <summary>It narrows to a point.</summary>
    public bool Pointed { get; init; }

    /// <summary>It is rolled and knotted to be worn.</summary>
    public bool Knotted { get; init; }
}
