using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Runs;

/// <summary>Presses: prepared, joined, left, wired, and an absence of the service.</summary>
internal static class StationActions
{
    public static RunState Check(Scene scene)
    {
        var (station, item) = Item(scene);
        return scene.State.With(station with { Ticked = With(station.Ticked, item), Skipped = Without(station.Skipped, item) });
    }

    /// <summary>What was left out stays so.</summary>
    public static RunState CheckAll(Scene scene)
    {
        var station = scene.Speaker();
        // Whether pieces are preheated is said before the first is in hand.
        var begun = scene.State.At(station.Number).Any();
        var open = scene.Script.Stations[station.Number - 1].Checks.Select(c => c.Id).Except(station.Skipped, StringComparer.Ordinal).Where(id => !begun || id != Preparation.Preheat);
        return scene.State.With(station with { Ticked = station.Ticked.Union(open, StringComparer.Ordinal).ToHashSet(StringComparer.Ordinal) });
    }

    public static RunState Skip(Scene scene)
    {
        var (station, item) = Item(scene);
        return scene.State.With(station with { Skipped = With(station.Skipped, item), Ticked = Without(station.Ticked, item) });
    }

    /// <summary>A piece that was not begun goes behind the others, for another press to take.</summary>
    public static RunState GiveBack(Scene scene)
    {
        var piece = scene.InHand();
        if (piece.Moves > 0)
            throw new BenchRefusedException("already-begun", scene.Words.Say("refused.already-begun"));
        return scene.State.With(piece with { Status = PieceStatus.Waiting, Station = 0, Turn = WishActions.LastTurn(scene.State) });
    }

    public static RunState Join(Scene scene)
    {
        var number = scene.State.Stations.Count + 1;
        if (number > BenchRules.MostStations)
            throw new BenchRefusedException("too-many", scene.Words.Say("refused.too-many", ("mostStations", BenchRules.MostStations)));
        return number <= scene.Script.Stations.Count
            ? scene.State with { Stations = [.. scene.State.Stations, new Station(number)] }
            : throw new BenchRefusedException("no-such-press", scene.Words.Say("refused.no-such-press"));
    }

    public static RunState Leave(Scene scene)
    {
        var station = scene.Speaker();
        if (scene.State.At(station.Number).Any(p => p.Moves > 0))
            throw new BenchRefusedException("already-begun", scene.Words.Say("refused.already-begun-2"));
        if (!scene.State.Stations.Any(s => s.Number != station.Number && !s.HasLeft))
            throw new BenchRefusedException("last-press", scene.Words.Say("refused.last-press"));
        var free = scene.State with { Pieces = [.. scene.State.Pieces.Select(p => p.Status == PieceStatus.InHand && p.Station == station.Number ? p with { Status = PieceStatus.Waiting, Station = 0 } : p)] };
        return free.With(station with { HasLeft = true, Wired = false });
    }

    public static RunState Wired(Scene scene, bool wired) => scene.State.With(scene.Speaker() with { Wired = wired });

    /// <summary>
    /// The service was away. What cooled meanwhile has cooled; but a plate whose time was over meanwhile was opened by somebody who heard no
    /// sound, and a press that speaks for itself has spoken to nobody.
    /// </summary>
    public static RunState Away(Scene scene)
    {
        var asking = scene.State.Pieces.Where(p => p.Status == PieceStatus.InHand && scene.StepOf(p).Kind == StepKind.Hold && (scene.State.Stations[p.Station - 1].Wired || Turns.DueAt(scene.Script, p) <= scene.Said.At));
        var state = asking.Aggregate(scene.State, (s, p) => s.With(p with { Status = PieceStatus.Asking, Moves = p.Moves + 1 }));
        return state with { Stations = [.. state.Stations.Select(s => s with { Wired = false })] };
    }

    private static (Station Station, string Item) Item(Scene scene)
    {
        var station = scene.Speaker();
        var checks = scene.Script.Stations[station.Number - 1].Checks;
        var item = checks.FirstOrDefault(c => c.Id == scene.Said.Item) ?? throw new BenchRefusedException("no-such-item", scene.Words.Say("refused.no-such-item", ("checks", Thing.List(checks.Select(c => c.Id)))));
        if (item.Id == Preparation.Preheat && scene.State.At(station.Number).Any())
            throw new BenchRefusedException("already-begun", scene.Words.Say("refused.already-begun-3"));
        return (station, item.Id);
    }

    private static HashSet<string> With(IReadOnlySet<string> set, string item) => new(set, StringComparer.Ordinal) { item };

    private static HashSet<string> Without(IReadOnlySet<string> set, string item) => set.Where(i => i != item).ToHashSet(StringComparer.Ordinal);
}
