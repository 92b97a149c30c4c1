using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Runs.Commands;

/// <summary>The piece is lost; one like it takes its place as soon as its vinyl is cut.</summary>
internal sealed class Ruin : ICommand
{
    public BenchAction Action => BenchAction.Ruin;

    public RunState Take(Scene scene)
    {
        var piece = scene.InHand();
        if (piece.Status == PieceStatus.InHand && scene.StepOf(piece).Kind == StepKind.Hold)
            throw new BenchRefusedException("hold-not-over", scene.Words.Say("refused.hold-not-over"));
        var said = scene.Said;
        var lost = piece
            with
        {
            Status = PieceStatus.Ruined,
            Outcomes = Sight.Signs(scene),
            EndedAt = said.At,
            Note = Notes.Clean(said.Note),
            Moves = piece.Moves + 1
        };
        var again = new Piece(scene.State.Pieces.Count + 1, piece.Wanted, PieceStatus.ToCut)
        {
            InsteadOf = piece.Number,
            Turn = piece.Turn
        };
        var next = scene.State.With(lost);
        return next with { Pieces = [.. next.Pieces, again] };
    }
}
