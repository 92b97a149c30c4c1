using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Recipes;

namespace Juxtherm.Core.Planning;

/// <summary>A job as its file says it, defaults filled in.</summary>
/// <param name="Title">What the crafter calls it.</param>
/// <param name="Quantity">Pieces, 1 to 999.</param>
/// <param name="Blank">The item.</param>
/// <param name="Tools">The press and what belongs to it.</param>
/// <param name="Layer">The one layer of vinyl.</param>
public sealed record Job(string Title, int Quantity, Blank Blank, Tools Tools, JobLayer Layer);

/// <summary>The item to press.</summary>
/// <param name="Form">What kind of item.</param>
/// <param name="Material">What its face is made of.</param>
/// <param name="WidthMm">Width of its free area, mm.</param>
/// <param name="HeightMm">Height of its free area, mm.</param>
/// <param name="CareDots">Dots of the ironing symbol, 1 to 3 (ISO 3758); 0 for crossed out; null when unknown.</param>
/// <param name="Prewashed">It has been washed already.</param>
public sealed record Blank(ItemForm Form, Material Material, double WidthMm, double HeightMm, int? CareDots, bool Prewashed);

/// <summary>The press and what belongs to it.</summary>
/// <param name="Source">The press.</param>
/// <param name="PlateWidthMm">Plate width, mm.</param>
/// <param name="PlateHeightMm">Plate height, mm.</param>
/// <param name="Underlay">What lies underneath.</param>
/// <param name="Cover">What lies on top.</param>
/// <param name="Steam">Steam is switched on.</param>
public sealed record Tools(HeatSource Source, double PlateWidthMm, double PlateHeightMm, Supply Underlay, Supply Cover, bool Steam);

/// <summary>A layer of vinyl.</summary>
/// <param name="Id">Its id within the job.</param>
/// <param name="Vinyl">The vinyl.</param>
/// <param name="Colour">Colour as #rrggbb; null when not said.</param>
/// <param name="WidthMm">Artwork width, mm; null when not said.</param>
/// <param name="HeightMm">Artwork height, mm; null when not said.</param>
/// <param name="Mirrored">Whether the cut file is mirrored; null when not said.</param>
/// <param name="Label">What the wrapper says; null when not known.</param>
public sealed record JobLayer(string Id, Vinyl Vinyl, string? Colour, double? WidthMm, double? HeightMm, bool? Mirrored, WrapperLabel? Label);
