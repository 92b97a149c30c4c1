namespace Juxtherm.Core.Runs.Commands;

/// <summary>A remark: the run stays where it is.</summary>
internal sealed class SomethingOff : ICommand
{
    public BenchAction Action => BenchAction.SomethingOff;

    public RunState Take(Scene scene) =>
        scene.State with
        {
            Remarks = [.. scene.State.Remarks,
                new Remark(scene.Said.At, scene.Said.Station, scene.Said.Piece, Notes.Clean(scene.Said.Note))]
        };
}
