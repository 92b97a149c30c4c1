namespace Juxtherm.Core.Runs.Commands;

/// <summary>The vinyl of a piece is cut.</summary>
internal sealed class CutAgain : ICommand
{
    public BenchAction Action => BenchAction.CutAgain;

    public RunState Take(Scene scene)
    {
        var piece = scene.Meant();
        return piece.Status == PieceStatus.ToCut
            ? scene.State.With(piece with { Status = PieceStatus.Waiting })
            : throw new BenchRefusedException("nothing-to-cut", scene.Words.Say("refused.nothing-to-cut", ("number", piece.Number)));
    }
}
