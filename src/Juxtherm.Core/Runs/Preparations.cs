using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Runs;

/// <summary>What is seen to at a press before the first piece.</summary>
internal static class Preparations
{
    public static (Station Station, string Item) Item(Scene scene)
    {
        var station = scene.Speaker();
        var checks = scene.Script.Stations[station.Number - 1].Checks;
        var item = checks.FirstOrDefault(c => c.Id == scene.Said.Item)
            ?? throw new BenchRefusedException("no-such-item",
                scene.Words.Say("refused.no-such-item", ("checks", Thing.List(checks.Select(c => c.Id)))));
        if (item.Id == Preparation.Preheat && scene.State.At(station.Number).Any())
            throw new BenchRefusedException("already-begun", scene.Words.Say("refused.already-begun-3"));
        return (station, item.Id);
    }

    public static HashSet<string> With(IReadOnlySet<string> set, string item) => new(set, StringComparer.Ordinal) { item };

    public static HashSet<string> Without(IReadOnlySet<string> set, string item) =>
        set.Where(i => i != item).ToHashSet(StringComparer.Ordinal);
}
