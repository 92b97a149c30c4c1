namespace Juxtherm.Core.Days.Tasks;

/// <summary>What of a plan has begun by now.</summary>
public static class DayNow
{
    /// <summary>Tasks that are over or under way, with all that follows them without a stop: they stay where they are.</summary>
    /// <param name="tasks">The plan.</param>
    /// <param name="now">The time, UTC.</param>
    public static IReadOnlyList<DayTask> Begun(IReadOnlyList<DayTask> tasks, DateTimeOffset now)
    {
        ArgumentNullException.ThrowIfNull(tasks);
        var begun = tasks.Where(t => t.Start < now).Select(t => t.Block).ToHashSet(StringComparer.Ordinal);
        return [.. tasks.Where(t => begun.Contains(t.Block)).Select(t => t with { Fixed = true })];
    }
}
