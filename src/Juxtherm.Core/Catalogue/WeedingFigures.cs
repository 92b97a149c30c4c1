namespace Juxtherm.Core.Catalogue;

/// <summary>How long it takes to weed plain vinyl, part by part.</summary>
/// <param name="Seconds">To take a sheet in hand and lift the waste around, s.</param>
/// <param name="SecondsPerCentre">For each centre to pick out, s.</param>
/// <param name="SecondsPerPiece">For each piece that the waste has to clear, s.</param>
/// <param name="SecondsPerMetre">For each metre of cut, s.</param>
/// <param name="SecondsPerDelicatePlace">For each delicate place, s.</param>
public sealed record WeedingFigures(Sourced<double> Seconds, Sourced<double> SecondsPerCentre, Sourced<double> SecondsPerPiece,
    Sourced<double> SecondsPerMetre, Sourced<double> SecondsPerDelicatePlace);
