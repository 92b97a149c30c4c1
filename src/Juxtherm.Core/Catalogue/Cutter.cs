namespace Juxtherm.Core.Catalogue;

/// <summary>A kind of cutter.</summary>
/// <param name="Id">Stable id.</param>
/// <param name="Name">For the reader.</param>
/// <param name="CutWidthMm">Widest it cuts, on a mat or without, mm.</param>
/// <param name="MatLengthMm">Longest it cuts on its usual mat, mm.</param>
/// <param name="MatlessLengthMm">Longest it cuts in vinyl that needs no mat, mm.</param>
/// <param name="GuidesMm">How wide vinyl without a mat must be to fill its guides, mm.</param>
/// <param name="MostForceGrams">Most force on the blade, grams.</param>
/// <param name="ForceStepGrams">What its force is set in, grams.</param>
/// <param name="CutMmPerSecond">How fast it cuts, mm/s.</param>
/// <param name="TravelMmPerSecond">How fast it moves with the blade up, mm/s.</param>
/// <param name="LiftSeconds">To lift or lower the blade, s.</param>
public sealed record Cutter(
    string Id, string Name, Sourced<double> CutWidthMm, Sourced<double> MatLengthMm, Sourced<double> MatlessLengthMm,
    Sourced<double> GuidesMm,
    Sourced<double> MostForceGrams, Sourced<double> ForceStepGrams, Sourced<double> CutMmPerSecond, Sourced<double> TravelMmPerSecond,
    Sourced<double> LiftSeconds);
