namespace Juxtherm.Core.Catalogue;

/// <summary>Figures of cutting that belong to no single vinyl or cutter.</summary>
/// <param name="MarginMm">Room for scissors between pieces, mm.</param>
/// <param name="EdgeMm">Left free along the edges of a sheet, mm.</param>
/// <param name="RollWidthMm">Width of a roll when nothing is known of it, mm.</param>
/// <param name="SmallestOffcutMm">What is narrower is not worth keeping, mm.</param>
/// <param name="TestShapeMm">Size of the test cut, mm.</param>
/// <param name="JointOverlapMm">How far the parts of a split lie over each other where the vinyl bears it, mm.</param>
/// <param name="LoadMatSeconds">To load and unload a mat, s.</param>
/// <param name="AlignSeconds">To lay a further piece in its place by hand, s.</param>
/// <param name="NestAbovePercent">Share of vinyl saved above which packing tightly is advised, %.</param>
/// <param name="FeedExtraMm">What vinyl without a mat needs beyond the cut for the rollers to hold, mm.</param>
/// <param name="TransferSheetUses">How often a transfer sheet serves.</param>
public sealed record CuttingFigures(
    Sourced<double> MarginMm, Sourced<double> EdgeMm, Sourced<double> RollWidthMm, Sourced<double> SmallestOffcutMm,
    Sourced<double> TestShapeMm, Sourced<double> JointOverlapMm,
    Sourced<double> LoadMatSeconds, Sourced<double> AlignSeconds, Sourced<double> NestAbovePercent, Sourced<double> FeedExtraMm,
    Sourced<double> TransferSheetUses);
