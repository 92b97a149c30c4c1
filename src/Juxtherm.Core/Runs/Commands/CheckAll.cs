using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Runs.Commands;

/// <summary>Everything of the preparation that is still open is seen to; what was left out stays so.</summary>
internal sealed class CheckAll : ICommand
{
    public BenchAction Action => BenchAction.CheckAll;

    public RunState Take(Scene scene)
    {
        var station = scene.Speaker();
        // Whether pieces are preheated is said before the first is in hand.
        var begun = scene.State.At(station.Number).Any();
        var open = scene.Script.Stations[station.Number - 1].Checks.Select(c => c.Id).Except(station.Skipped, StringComparer.Ordinal)
            .Where(id => !begun || id != Preparation.Preheat);
        return scene.State.With(
            station with { Ticked = station.Ticked.Union(open, StringComparer.Ordinal).ToHashSet(StringComparer.Ordinal) });
    }
}
