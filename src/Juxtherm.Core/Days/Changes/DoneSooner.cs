using Juxtherm.Core.Days.Tasks;

namespace Juxtherm.Core.Days.Changes;

/// <summary>Something is over by now.</summary>
internal sealed class DoneSooner : IDayChange
{
    public DayEventKind Kind => DayEventKind.Done;

    public void Take(DayScene scene, DayEvent said)
    {
        foreach (var block in said.Tasks.Select(scene.BlockOf).DistinctBy(b => b[0].Id, StringComparer.Ordinal))
            scene.Went(block[0].Start < scene.Moment ? CutShort(block, scene.Moment) : Before(block, scene.Moment));
    }

    /// <summary>It had begun: what was to come of it is over with what is.</summary>
    private static IEnumerable<DayTask> CutShort(List<DayTask> block, DateTimeOffset now) =>
        block.Select(t => t with { Start = t.Start < now ? t.Start : now, End = t.End < now ? t.End : now });

    /// <summary>It was to begin later: it took as long as it takes, and ended now.</summary>
    private static IEnumerable<DayTask> Before(List<DayTask> block, DateTimeOffset now)
    {
        var sooner = block[^1].End - now;
        return block.Select(t => t with { Start = t.Start - sooner, End = t.End - sooner });
    }
}
