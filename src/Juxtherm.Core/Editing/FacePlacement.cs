using Juxtherm.Core.Cutting;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;

namespace Juxtherm.Core.Editing;

/// <summary>A layer on its face.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Colour">Its colour; null when not said.</param>
/// <param name="Box">Where it lies; null while it is not placed.</param>
/// <param name="WidthMm">mm; null when not said.</param>
/// <param name="HeightMm">mm; null when not said.</param>
/// <param name="Path">Its true outline where it lies, as path data in mm; null while only its box is known.</param>
/// <param name="Joints">Where the parts meet that it is cut in; empty when it goes through the cutter at once.</param>
public sealed record PlacedLayer(string Id, string? Colour, Box? Box, double? WidthMm, double? HeightMm, string? Path,
    IReadOnlyList<Joint> Joints);

/// <summary>A place of the plate.</summary>
/// <param name="Box">Where, before it is slanted.</param>
/// <param name="SlantDegrees">Turned clockwise about its middle, °.</param>
public sealed record PlatePlace(Box Box, int SlantDegrees);

/// <summary>One face of a job's item with what lies on it.</summary>
/// <param name="Face">Which side.</param>
/// <param name="WidthMm">Width of the free area, mm.</param>
/// <param name="HeightMm">Height of the free area, mm.</param>
/// <param name="Outline">The item's outline.</param>
/// <param name="FreeArea">Where something can be pressed.</param>
/// <param name="Features">What stands in the way.</param>
/// <param name="Measures">Measures, with where the tape goes.</param>
/// <param name="Layers">Layers on this face.</param>
/// <param name="Artwork">Box around all of them; null while none is placed.</param>
/// <param name="Distances">Of that box; null while none is placed.</param>
/// <param name="Proposals">Places that the rules propose for the artwork as a whole; the first is the usual one.</param>
/// <param name="Largest">The largest that the artwork could be here, proportions locked; null while its size is not known.</param>
/// <param name="Plates">Where the plate goes, one place after the other; none while nothing is placed.</param>
/// <param name="Size">Size id; null where there are no sizes.</param>
/// <param name="Sizes">Sizes that this kind of item comes in.</param>
public sealed record FacePlacement(
    Face Face, double WidthMm, double HeightMm, IReadOnlyList<Spot> Outline, IReadOnlyList<Spot> FreeArea, IReadOnlyList<Feature> Features,
    IReadOnlyList<TakenMeasure> Measures,
    IReadOnlyList<PlacedLayer> Layers, Box? Artwork, Distances? Distances, IReadOnlyList<Proposal> Proposals, LargestFit? Largest,
    IReadOnlyList<PlatePlace> Plates, string? Size, IReadOnlyList<string> Sizes)
{
    /// <summary>The largest that it could be here and still go under the plate at once; null while its size is not known.</summary>
    public LargestFit? OnePress { get; init; }

    /// <summary>Where the item's left side is beside the artwork, mm: of a garment its body's, not a sleeve's.</summary>
    public double LeftSideMm { get; init; }

    /// <summary>Where its right side is, mm.</summary>
    public double RightSideMm { get; init; }
}
