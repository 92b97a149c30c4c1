using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Runs.Commands;

/// <summary>Back to the last thing done by hand.</summary>
internal sealed class Back : ICommand
{
    public BenchAction Action => BenchAction.Back;

    public RunState Take(Scene scene)
    {
        var piece = scene.InHand();
        PieceMoves.NotAsking(scene, piece);
        var at = scene.Said.At;
        if (piece.InRescue)
        {
            // Before its first step a rescue can be left again.
            var before = Enumerable.Range(0, piece.RescueStep).LastOrDefault(i => piece.Rescue[i].Kind == StepKind.Do, -1);
            var left = before < 0 ? piece with { Rescue = [], RescueStep = 0 } : piece with { RescueStep = before };
            return scene.State.With(left with { EnteredAt = at, Moves = piece.Moves + 1, InFlow = true });
        }

        var steps = scene.Script.Stations[piece.Station - 1].Steps;
        for (var i = piece.Step - 1; i >= RunFlow.First(scene.Script, scene.Speaker()); i--)
        {
            if (steps[i].Kind == StepKind.Do)
                return scene.State.With(piece with { Step = i, EnteredAt = at, Moves = piece.Moves + 1, InFlow = true });
        }

        throw new BenchRefusedException("no-way-back", scene.Words.Say("refused.no-way-back"));
    }
}
