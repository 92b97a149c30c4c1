namespace Juxtherm.Core.Runs.Commands;

/// <summary>A press leaves; pieces that it has not begun go back to the others.</summary>
internal sealed class Leave : ICommand
{
    public BenchAction Action => BenchAction.Leave;

    public RunState Take(Scene scene)
    {
        var station = scene.Speaker();
        if (scene.State.At(station.Number).Any(p => p.Moves > 0))
            throw new BenchRefusedException("already-begun", scene.Words.Say("refused.already-begun-2"));
        if (!scene.State.Stations.Any(s => s.Number != station.Number && !s.HasLeft))
            throw new BenchRefusedException("last-press", scene.Words.Say("refused.last-press"));
        var free = scene.State
            with
        {
            Pieces =
                [.. scene.State.Pieces.Select(p => p.Status == PieceStatus.InHand && p.Station == station.Number
                    ? p with { Status = PieceStatus.Waiting, Station = 0 } : p)]
        };
        return free.With(station with { HasLeft = true, Wired = false });
    }
}
