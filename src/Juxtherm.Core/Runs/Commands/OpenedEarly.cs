using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Runs.Commands;

/// <summary>The plate is open before its time.</summary>
internal sealed class OpenedEarly : ICommand
{
    public BenchAction Action => BenchAction.OpenedEarly;

    public RunState Take(Scene scene)
    {
        var piece = scene.InHand();
        PieceMoves.NotAsking(scene, piece);
        if (scene.StepOf(piece).Kind != StepKind.Hold)
            throw new BenchRefusedException("not-holding", scene.Words.Say("refused.not-holding"));
        return scene.State.With(PieceMoves.OpenedAt(scene, piece, scene.Said.At));
    }
}
