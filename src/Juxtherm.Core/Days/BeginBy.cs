using Juxtherm.Core.Days.Asking;
using Juxtherm.Core.Days.Scheduling;

namespace Juxtherm.Core.Days;

/// <summary>When work has to begin at the latest for everything to be in time.</summary>
internal static class BeginBy
{
    private const int EarliestHours = 24;

    /// <summary>The moment, UTC, to the minute; null where nothing is due, or no beginning within a day before would do.</summary>
    /// <param name="ask">What is asked.</param>
    /// <param name="work">As work.</param>
    /// <param name="schedule">How it is done when it begins as asked.</param>
    public static DateTimeOffset? Of(DayAsk ask, Workload work, Schedule schedule)
    {
        if (work.Due.All(d => d is null) || work.Pinned.Count > 0)
            return null;
        var index = new WorkIndex(work);
        var search = new ScheduleSearch(index);
        search.Find(0);
        bool InTime(int later) => new ScheduleSearch(new WorkIndex(Begun(work, later))) is var then
            && (then.Place(search.Order, search.Turn) is { Late: 0 } || then.Find(0).Late == 0);
        // As it stands it is in time by so much at least: a plan may only be begun as much later as its tightest job allows.
        var (least, most) = schedule.Late == 0 ? (0, Slack(work, schedule) + 4 * 3600) : (-EarliestHours * 3600, 0);
        if (schedule.Late > 0 && !InTime(least))
            return null;
        while (most - least > 60)
        {
            var middle = least + (most - least) / 2;
            if (InTime(middle))
                least = middle;
            else
                most = middle;
        }

        return ask.From.AddSeconds(least);
    }

    private static int Slack(Workload work, Schedule schedule) => Enumerable.Range(0, work.Due.Count)
        .Where(j => work.Due[j] is not null).Select(j => work.Due[j]!.Value - schedule.Blocks.Where(b => b.Block.Job == j)
            .Select(b => b.End).DefaultIfEmpty(0).Max()).Min();

    /// <summary>The same work, begun so much later; earlier where below 0.</summary>
    private static Workload Begun(Workload work, int later) => work with
    {
        Due = [.. work.Due.Select(d => d - later)],
        Hands = [.. Shifted(work.Hands, later)],
        Presses = [.. work.Presses.Select(p => p with
        {
            Closed = [.. p.Closed.Select(c => (From: Math.Max(0, c.From - later), To: c.To == int.MaxValue ? c.To : c.To - later))
                .Where(c => c.To > 0)],
        })],
    };

    private static IEnumerable<HandsFrom> Shifted(IReadOnlyList<HandsFrom> hands, int later)
    {
        for (var h = 0; h < hands.Count; h++)
            if (h + 1 >= hands.Count || hands[h + 1].From - later > 0)
                yield return new HandsFrom(h == 0 ? 0 : Math.Max(0, hands[h].From - later), hands[h].Count);
    }
}
