using Juxtherm.Core.Days.Asking;
using Juxtherm.Core.Days.Scheduling;
using Juxtherm.Core.Days.Tasks;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Days.Reasons;

/// <summary>What each job waits for before it comes to a press.</summary>
/// <param name="ask">What is asked.</param>
/// <param name="work">As work.</param>
/// <param name="schedule">How it is done.</param>
internal sealed class Waiting(DayAsk ask, Workload work, Schedule schedule)
{
    // A shorter wait is none.
    private const int WorthSayingSeconds = 120;

    /// <summary>In a line; empty where it waits for nothing.</summary>
    public string Of(int job, IWords words)
    {
        var here = schedule.Sittings.Where(s => work.Batches[s.Batch].Job == job && s.Start > 0).ToList();
        if (here.Count == 0)
            return "";
        var first = here.MinBy(s => s.Start)!;
        if (first.Start < WorthSayingSeconds)
            return "";
        var press = ask.Presses[first.Press].Name;
        var before = schedule.Sittings.LastOrDefault(s => s.Press == first.Press && s.Start < first.Start);
        if (before is not null && first.Start - before.End - first.HeatSeconds < WorthSayingSeconds)
            return words.Say("day.waits-press", ("press", press), ("title", TitleOf(before)), ("heat", Minutes(first.HeatSeconds)),
                ("changes", first.HeatSeconds > 0 && TitleOf(before) != ask.Jobs[job].Title),
                ("same", TitleOf(before) == ask.Jobs[job].Title), ("cools", before.Celsius > first.Celsius));
        if (first.Start <= first.HeatSeconds + WorthSayingSeconds)
            return words.Say("day.waits-heat", ("press", press), ("heat", Minutes(first.HeatSeconds)));
        var block = work.Batches[first.Batch].Modes[first.Mode].Sittings[first.Number].Blocks[0];
        var needs = schedule.Blocks.First(b => b.Block.Id == block).Block.After;
        var last = schedule.Blocks.Where(b => needs.Contains(b.Block.Id, StringComparer.Ordinal)).MaxBy(b => b.End);
        return last is not null && first.Start - last.End < WorthSayingSeconds
            && last.Block.Parts[^1].Kind is DayTaskKind.Weed or DayTaskKind.Cut
            ? words.Say("day.waits-vinyl") : words.Say("day.waits-hands");
    }

    /// <summary>So long, in whole minutes where it is more than one.</summary>
    internal static Thing Minutes(int seconds) => Thing.Seconds(seconds <= 60 ? seconds : Math.Ceiling(seconds / 60.0) * 60);

    private string TitleOf(PlacedSitting sitting) => ask.Jobs[work.Batches[sitting.Batch].Job].Title;
}
