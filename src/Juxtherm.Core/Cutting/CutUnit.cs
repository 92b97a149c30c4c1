using Juxtherm.Core.Geometry;

namespace Juxtherm.Core.Cutting;

/// <summary>What a unit on a sheet is for.</summary>
public enum CutUnitKind
{
    /// <summary>Artwork.</summary>
    Artwork,

    /// <summary>A small shape that shows whether blade and force are right.</summary>
    TestCut,

    /// <summary>A small shape to press first, where it does not show.</summary>
    Patch,
}

/// <summary>Something that is cut as one and keeps together until it is laid, seen from the right side.</summary>
/// <param name="Key">Units of one key have the same shape.</param>
/// <param name="Kind">What it is for.</param>
/// <param name="Layers">Ids of the layers in it.</param>
/// <param name="Garment">Which garment of the run it is for, from 1; 0 for none.</param>
/// <param name="Name">The name that it spells; null for other artwork.</param>
/// <param name="Number">Number cut beside it in the waste; null for none.</param>
/// <param name="Part">Which part of a split, from 1.</param>
/// <param name="Parts">Of how many.</param>
/// <param name="Vinyl">What stays, mm.</param>
/// <param name="Marks">Squares to lay the parts of a split by.</param>
/// <param name="Delicate">Places that want care while weeding.</param>
internal sealed record CutUnit(
    string Key, CutUnitKind Kind, IReadOnlyList<string> Layers, int Garment, string? Name, int? Number, int Part, int Parts, Ground Vinyl,
    IReadOnlyList<Ground> Marks, IReadOnlyList<DelicatePlace> Delicate)
{
    private const double NumberMm = 5;
    private const double NumberGapMm = 2;

    /// <summary>Strokes of the number beside it.</summary>
    public IReadOnlyList<IReadOnlyList<Spot>> Strokes { get; } = Number is { } n && Vinyl.EnvelopeInternal is var b
        ? Digits.Strokes(n, b.MinX, b.MaxY + NumberGapMm, NumberMm) : [];

    /// <summary>Everything that keeps its margin from the neighbours: vinyl, marks and the number.</summary>
    public Ground Kept =>
        Marks.Count == 0 && Strokes.Count == 0
        ? Vinyl : Plane.Of([.. Plane.Parts(Vinyl), .. Marks.SelectMany(Plane.Parts), .. NumberPlate()]);

    private IEnumerable<NetTopologySuite.Geometries.Polygon> NumberPlate()
    {
        if (Strokes.Count == 0)
            yield break;
        var plate = Shapes.Around([.. Strokes.SelectMany(s => s)]);
        yield return Shapes.Polygon(plate.Grown(0.5));
    }
}
