namespace Juxtherm.Core.Days.Tasks;

/// <summary>What goes on in one place without a stop: tasks that anybody would call one.</summary>
/// <param name="Job">Which of the day's jobs, from 0; −1 for none.</param>
/// <param name="Activity">What somebody would say that they are doing; null where a press heats or cools.</param>
/// <param name="Start">UTC.</param>
/// <param name="End">UTC.</param>
/// <param name="Pieces">The pieces, from 1; empty where it is about all of them.</param>
/// <param name="Tasks">Ids of its tasks.</param>
/// <param name="Press">The press; null where there is none, or several.</param>
/// <param name="Celsius">What the press is set to, °C; null for none.</param>
public sealed record DayStretch(int Job, DayActivity? Activity, DateTimeOffset Start, DateTimeOffset End, IReadOnlyList<int> Pieces,
    IReadOnlyList<string> Tasks, string? Press, double? Celsius)
{
    // A press that stands open between two pieces of a job is at that job still, s (ours).
    private const double StaysSeconds = 600;

    // Whoever waits longer than this does nothing meanwhile, s (ours).
    private const double RestsSeconds = 120;

    /// <summary>What a pair of hands does, one after the other.</summary>
    /// <param name="tasks">All tasks of the day.</param>
    /// <param name="who">Whose hands, from 0.</param>
    public static IReadOnlyList<DayStretch> OfHands(IEnumerable<DayTask> tasks, int who) =>
        Join(tasks.Where(t => t.Who == who), RestsSeconds);

    /// <summary>What a press does, one after the other.</summary>
    /// <param name="tasks">All tasks of the day.</param>
    /// <param name="press">Its id.</param>
    public static IReadOnlyList<DayStretch> OfPress(IEnumerable<DayTask> tasks, string press) =>
        Join(tasks.Where(t => t.Press == press), StaysSeconds);

    private static List<DayStretch> Join(IEnumerable<DayTask> tasks, double gap)
    {
        var joined = new List<(DayActivity? Activity, List<DayTask> Tasks)>();
        foreach (var task in tasks.OrderBy(t => t.Start))
        {
            DayActivity? activity = task.Kind == DayTaskKind.Heat ? null : DayActivities.Of(task.Kind);
            if (joined is [.., var last] && last.Activity == activity && last.Tasks[^1].Job == task.Job && activity is not null
                && (task.Start - last.Tasks[^1].End).TotalSeconds <= gap)
                last.Tasks.Add(task);
            else
                joined.Add((activity, [task]));
        }

        return joined.ConvertAll(j => new DayStretch(j.Tasks[0].Job, j.Activity, j.Tasks[0].Start, j.Tasks.Max(t => t.End),
            [.. j.Tasks.Select(t => t.Piece).OfType<int>().Distinct().Order()], [.. j.Tasks.Select(t => t.Id)],
            j.Tasks.Select(t => t.Press).OfType<string>().Distinct(StringComparer.Ordinal).ToList() is [var only] ? only : null,
            j.Tasks.Max(t => t.Celsius)));
    }
}

/// <summary>A row of the day's picture.</summary>
/// <param name="Id">The press, or whose hands, from 0.</param>
/// <param name="Name">What it is called; empty for hands without a name.</param>
/// <param name="Stretches">What goes on in it, one after the other.</param>
public sealed record DayRow(string Id, string Name, IReadOnlyList<DayStretch> Stretches);
