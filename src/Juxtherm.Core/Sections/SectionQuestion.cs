namespace Juxtherm.Core.Sections;

/// <summary>What is asked: a plate over vinyl, off what is thick.</summary>
/// <param name="Plate">The plate.</param>
/// <param name="Vinyl">Squares that vinyl touches; at least one.</param>
/// <param name="KeepOuts">What is thick on either face.</param>
public sealed record SectionQuestion(PlateSize Plate, IReadOnlySet<Cell> Vinyl, IReadOnlyList<KeepOut> KeepOuts)
{
    private readonly VinylRaster? _raster;

    /// <summary>The blank's middle line, mm from its left: what is nearly on it is laid by it; null where nobody cares.</summary>
    public double? MiddleX { get; init; }

    /// <summary>The plate may be laid on the slant; nobody slants what is held by hand.</summary>
    public bool MaySlant { get; init; } = true;

    /// <summary>Vinyl that is laid one part after the other, each pressed before the next is laid; together all of it. None where it is
    /// laid at once.</summary>
    public IReadOnlyList<SectionQuestion> Apart { get; init; } = [];

    /// <summary>The vinyl over its own box; by its squares where nothing finer is known.</summary>
    public VinylRaster Raster { get => _raster ?? VinylRaster.Of(Vinyl); init => _raster = value; }
}
