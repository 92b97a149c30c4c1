using Juxtherm.Core.Days.Tasks;
using Juxtherm.Core.Days.Work;

namespace Juxtherm.Core.Days.Changes;

/// <summary>When a pair of hands last said what it does.</summary>
/// <param name="Who">Whose, from 0.</param>
/// <param name="At">When, UTC.</param>
public sealed record HandsHeard(int Who, DateTimeOffset At);

/// <summary>A time that was told of away from the press.</summary>
/// <param name="Block">The block of work that it was.</param>
/// <param name="At">When it was over, UTC.</param>
/// <param name="Time">How long it took.</param>
public sealed record TimeAtTable(string Block, DateTimeOffset At, HandTime Time);

/// <summary>How long cutting, weeding and packing really took, from what is said in the course of a day: whoever says “begun” or
/// “done”, and then “done” again, was at the second thing in between.</summary>
public static class TimesAtTable
{
    // What could begin so soon after a pair of hands was heard began then (ours).
    private const double AtOnceSeconds = 60;

    private static readonly HashSet<DayTaskKind> Kinds = [DayTaskKind.Cut, DayTaskKind.Weed, DayTaskKind.Pack];

    /// <summary>The times that a “done” tells.</summary>
    /// <param name="tasks">As it was planned.</param>
    /// <param name="said">What was said.</param>
    /// <param name="heard">When hands were heard before.</param>
    /// <param name="pace">How fast hands were taken to be in that plan.</param>
    /// <param name="now">When it was said, UTC.</param>
    public static IReadOnlyList<TimeAtTable> Of(IReadOnlyList<DayTask> tasks, DayEvent said, IReadOnlyList<HandsHeard> heard,
        HandPace pace, DateTimeOffset now)
    {
        ArgumentNullException.ThrowIfNull(said);
        ArgumentNullException.ThrowIfNull(pace);
        if (said.Kind != DayEventKind.Done || OfThat(tasks, said) is not { Count: > 0 } all
            || all.Where(t => t.Hands > 0).Select(t => t.Who).Distinct().ToList() is not [{ } who]
            || heard.FirstOrDefault(h => h.Who == who)?.At is not { } since)
            return [];
        // Something else may have kept them waiting, or they had not come to it yet.
        var ends = tasks.ToDictionary(t => t.Id, t => t.End, StringComparer.Ordinal);
        var (own, could) = (all.Select(t => t.Id).ToHashSet(StringComparer.Ordinal), since.AddSeconds(AtOnceSeconds));
        var first = all.MinBy(t => t.Start)!;
        if (all.Exists(t => !Kinds.Contains(t.Kind)) || first.Start > could
            || all.SelectMany(t => t.After).Any(a => !own.Contains(a) && ends.GetValueOrDefault(a) > could))
            return [];
        double Typical(DayTask task) => (task.End - task.Start).TotalSeconds / pace.Shares.GetValueOrDefault(task.Kind, 1);
        var machine = all.Where(t => t.Hands == 0).Sum(t => (t.End - t.Start).TotalSeconds);
        var byHand = all.Where(t => t.Hands > 0).ToList();
        var share = ((now - since).TotalSeconds - machine) / byHand.Sum(Typical);
        return [.. byHand.Select(t => HandTime.Of(t.Kind, Typical(t), share * Typical(t)) is { } time
            ? new TimeAtTable(t.Block, now, time) : null)
            .OfType<TimeAtTable>()];
    }

    /// <summary>When hands were heard last, after this.</summary>
    /// <param name="heard">Before it.</param>
    /// <param name="tasks">As it was planned.</param>
    /// <param name="said">What was said.</param>
    /// <param name="now">When, UTC.</param>
    public static IReadOnlyList<HandsHeard> Heard(IReadOnlyList<HandsHeard> heard, IReadOnlyList<DayTask> tasks, DayEvent said,
        DateTimeOffset now)
    {
        ArgumentNullException.ThrowIfNull(said);
        if (said.Kind is not (DayEventKind.Done or DayEventKind.Begun))
            return heard;
        var who = OfThat(tasks, said).Select(t => t.Who).OfType<int>().ToHashSet();
        return [.. heard.Where(h => !who.Contains(h.Who)), .. who.Order().Select(w => new HandsHeard(w, now))];
    }

    private static List<DayTask> OfThat(IReadOnlyList<DayTask> tasks, DayEvent said)
    {
        var blocks = tasks.Where(t => said.Tasks.Contains(t.Id, StringComparer.Ordinal)).Select(t => t.Block)
            .ToHashSet(StringComparer.Ordinal);
        return [.. tasks.Where(t => blocks.Contains(t.Block))];
    }
}
