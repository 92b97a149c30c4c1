namespace Juxtherm.Core.Runs.Commands;

/// <summary>A piece that was not begun goes behind the others, for another press to take.</summary>
internal sealed class GiveBack : ICommand
{
    public BenchAction Action => BenchAction.GiveBack;

    public RunState Take(Scene scene)
    {
        var piece = scene.InHand();
        if (piece.Moves > 0)
            throw new BenchRefusedException("already-begun", scene.Words.Say("refused.already-begun"));
        return scene.State.With(piece with { Status = PieceStatus.Waiting, Station = 0, Turn = RunFlow.Last(scene.State) });
    }
}
