namespace Juxtherm.Core.Runs.Commands;

/// <summary>A further press joins.</summary>
internal sealed class Join : ICommand
{
    public BenchAction Action => BenchAction.Join;

    public RunState Take(Scene scene)
    {
        var number = scene.State.Stations.Count + 1;
        if (number > BenchRules.MostStations)
            throw new BenchRefusedException("too-many", scene.Words.Say("refused.too-many", ("mostStations", BenchRules.MostStations)));
        return number <= scene.Script.Stations.Count
            ? scene.State with { Stations = [.. scene.State.Stations, new Station(number)] }
            : throw new BenchRefusedException("no-such-press", scene.Words.Say("refused.no-such-press"));
    }
}
