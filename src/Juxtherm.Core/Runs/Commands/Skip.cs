namespace Juxtherm.Core.Runs.Commands;

/// <summary>A thing of the preparation is left out, knowingly.</summary>
internal sealed class Skip : ICommand
{
    public BenchAction Action => BenchAction.Skip;

    public RunState Take(Scene scene)
    {
        var (station, item) = Preparations.Item(scene);
        return scene.State.With(
            station with { Skipped = Preparations.With(station.Skipped, item), Ticked = Preparations.Without(station.Ticked, item) });
    }
}
