using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Runs.Commands;

/// <summary>Done with a step; the next, please.</summary>
internal sealed class Done : ICommand
{
    public BenchAction Action => BenchAction.Done;

    public RunState Take(Scene scene)
    {
        var piece = scene.InHand();
        PieceMoves.NotAsking(scene, piece);
        var step = scene.StepOf(piece);
        return step.Kind switch
        {
            StepKind.Hold => throw new BenchRefusedException("hold-not-over", scene.Words.Say("refused.hold-not-over-3")),
            StepKind.Inspect => PieceMoves.Finished(scene, piece, [Outcome.Stuck]),
            StepKind.Wait when !scene.Said.Knowingly && RunFlow.After(scene.Script, piece)?.Stage == WorkStage.Peel =>
                throw new BenchRefusedException("not-cool-yet", scene.Words.Say("refused.not-cool-yet")),
            StepKind.Wait =>
                PieceMoves.Moved(scene,
                    piece with { PeeledEarly = piece.PeeledEarly || RunFlow.After(scene.Script, piece)?.Stage == WorkStage.Peel }),
            _ => PieceMoves.Moved(scene, piece with { ClosedAtCelsius = scene.Said.PlateCelsius }),
        };
    }
}
