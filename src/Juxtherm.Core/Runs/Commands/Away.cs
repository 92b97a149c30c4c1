using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Runs.Commands;

/// <summary>The service was away. What cooled meanwhile has cooled; but a plate whose time was over meanwhile was opened by somebody who
/// heard no sound, and a press that speaks for itself has spoken to nobody.</summary>
internal sealed class Away : ICommand
{
    public BenchAction Action => BenchAction.Away;

    public RunState Take(Scene scene)
    {
        var asking = scene.State.Pieces.Where(p => p.Status == PieceStatus.InHand && scene.StepOf(p).Kind == StepKind.Hold
            && (scene.State.Stations[p.Station - 1].Wired || RunFlow.DueAt(scene.Script, p) <= scene.Said.At));
        var state = asking.Aggregate(scene.State, (s, p) => s.With(p with { Status = PieceStatus.Asking, Moves = p.Moves + 1 }));
        return state with { Stations = [.. state.Stations.Select(s => s with { Wired = false })] };
    }
}
