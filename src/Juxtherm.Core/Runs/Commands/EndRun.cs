namespace Juxtherm.Core.Runs.Commands;

/// <summary>The run ends here; what is not finished is left.</summary>
internal sealed class EndRun : ICommand
{
    public BenchAction Action => BenchAction.EndRun;

    public RunState Take(Scene scene) =>
        scene.State with
        {
            Status = RunStatus.Ended,
            Pieces = [.. scene.State.Pieces.Select(p => p.EndedAt is null ? p with { Status = PieceStatus.Left } : p)]
        };
}
