using Juxtherm.Core.Days.Asking;
using Juxtherm.Core.Days.Scheduling;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Days.Reasons;

/// <summary>What a day hangs on.</summary>
internal static class DayReasons
{
    private const double Short = 0.85;

    /// <summary>In sentences, what matters most first.</summary>
    public static IReadOnlyList<string> Of(DayAsk ask, Workload work, Schedule schedule, IReadOnlyList<double> hands, IWords words) =>
    [
        .. ask.LeftOut, .. WhatHelps(work, schedule, words), .. WhatIsShort(ask, schedule, hands, words),
        .. Temperatures(ask, work, schedule, words),
    ];

    /// <summary>Where something is late: whether one more pair of hands would do.</summary>
    private static IEnumerable<string> WhatHelps(Workload work, Schedule schedule, IWords words)
    {
        if (schedule.Late == 0)
            yield break;
        var more = work with
        {
            Hands = [.. work.Hands.Select(h => h.Count > 0 ? h with { Count = h.Count + 1 } : h)],
            People = work.People.Count == 0 ? [] : [.. work.People, []],
        };
        var then = new ScheduleSearch(new WorkIndex(more)).Find(0).Late;
        if (then == 0)
            yield return words.Say("day.helper-in-time");
        else if (then < schedule.Late / 2)
            yield return words.Say("day.helper-less-late");
    }

    /// <summary>Hands or a press that hardly ever rest: nothing else would make it faster.</summary>
    private static IEnumerable<string> WhatIsShort(DayAsk ask, Schedule schedule, IReadOnlyList<double> hands, IWords words)
    {
        if (schedule.Finish <= 0 || hands.Count == 0)
            yield break;
        var presses = ask.Presses.Select((p, i) => (p.Name, Share: (double)schedule.Blocks.Where(b => b.Press == i && b.End > 0)
            .Sum(b => b.PressEnd - Math.Max(0, b.Start)) / schedule.Finish)).ToList();
        var busiest = presses.MaxBy(p => p.Share);
        if (hands.Average() >= Short && hands.Average() >= busiest.Share)
            yield return words.Say("day.short-hands", ("share", Math.Round(100 * hands.Average())), ("people", hands.Count));
        else if (busiest.Share >= Short)
            yield return words.Say("day.short-press", ("press", busiest.Name), ("share", Math.Round(100 * busiest.Share)));
    }

    /// <summary>In which order a press goes through its temperatures, and what the other way round would cost.</summary>
    private static IEnumerable<string> Temperatures(DayAsk ask, Workload work, Schedule schedule, IWords words)
    {
        string Title(PlacedSitting s) => ask.Jobs[work.Batches[s.Batch].Job].Title;
        foreach (var press in schedule.Sittings.Where(s => s.End > 0).GroupBy(s => s.Press))
        {
            var inTurn = press.OrderBy(s => s.Start).ToList();
            var hot = inTurn[^1];
            if (inTurn.Count < 2 || hot.HeatSeconds == 0 || inTurn[^2] is var before && before.Celsius >= hot.Celsius)
                continue;
            var cools = work.Presses[press.Key].HeatSeconds(hot.Celsius, inTurn[^2].Celsius);
            yield return words.Say("day.hot-last", ("title", Title(hot)), ("celsius", Thing.Celsius(hot.Celsius)),
                ("press", ask.Presses[press.Key].Name), ("cools", Waiting.Minutes(cools)), ("before", Title(inTurn[^2])),
                ("beforeCelsius", Thing.Celsius(inTurn[^2].Celsius)));
        }
    }
}
