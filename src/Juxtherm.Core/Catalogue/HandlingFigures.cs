namespace Juxtherm.Core.Catalogue;

/// <summary>How long hands take between the stations.</summary>
/// <param name="LiftSeconds">To open the press and carry a piece to the table, s.</param>
/// <param name="PackSeconds">To make a job ready for its owner, s.</param>
/// <param name="PackSecondsPerPiece">To fold and pack each piece, s.</param>
/// <param name="UnknownCutSeconds">To cut the vinyl of a piece whose artwork is not known, s.</param>
/// <param name="StayUnderSeconds">Whoever closes a press stays with it when it is to be opened again sooner than this, s.</param>
public sealed record HandlingFigures(
    Sourced<double> LiftSeconds, Sourced<double> PackSeconds, Sourced<double> PackSecondsPerPiece, Sourced<double> UnknownCutSeconds,
    Sourced<double> StayUnderSeconds);
