namespace Juxtherm.Core.Runs.Commands;

/// <summary>A thing of the preparation is seen to.</summary>
internal sealed class Check : ICommand
{
    public BenchAction Action => BenchAction.Check;

    public RunState Take(Scene scene)
    {
        var (station, item) = Preparations.Item(scene);
        return scene.State.With(
            station with { Ticked = Preparations.With(station.Ticked, item), Skipped = Preparations.Without(station.Skipped, item) });
    }
}
