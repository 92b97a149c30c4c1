namespace Juxtherm.Core.Plans.Rehearsal;

/// <summary>Pieces that were pressed just before another, at the same place: what lies underneath is still warm of them.</summary>
/// <param name="AsPlanned">How each was pressed.</param>
/// <param name="Count">How many.</param>
internal sealed record PiecesBefore(IReadOnlyList<DoneInModel> AsPlanned, int Count);
