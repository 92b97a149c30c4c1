using Juxtherm.Core.Days.Tasks;

namespace Juxtherm.Core.Days;

/// <summary>How good a plan of a day is.</summary>
public enum DayStatus
{
    /// <summary>Proven: nothing can be done sooner, nor with fewer changes of temperature.</summary>
    Optimal,

    /// <summary>Everything is in time.</summary>
    Feasible,

    /// <summary>Something is late.</summary>
    Late,
}

/// <summary>What no plan can do better.</summary>
/// <param name="Finish">Sooner than this all is never done, UTC.</param>
/// <param name="LateSeconds">Less late, all jobs together, it never is, s.</param>
public sealed record DayBound(DateTimeOffset Finish, long LateSeconds);

/// <summary>A job of the day.</summary>
/// <param name="Title">What the crafter calls it.</param>
/// <param name="Due">When it is handed over, UTC; null where that is not said.</param>
/// <param name="Begin">When its first work begins, UTC.</param>
/// <param name="Ready">When it is packed, UTC.</param>
/// <param name="LateSeconds">By how much it is late, s; 0 where it is not.</param>
/// <param name="WashFrom">From when it may be washed, UTC; null where it is not washed.</param>
/// <param name="Waits">What it waits for, in a line; empty where it does not.</param>
public sealed record DayJobPlan(string Title, DateTimeOffset? Due, DateTimeOffset Begin, DateTimeOffset Ready, long LateSeconds,
    DateTimeOffset? WashFrom, string Waits);

/// <summary>A day, planned.</summary>
/// <param name="Status">How good it is.</param>
/// <param name="From">When the work begins, UTC.</param>
/// <param name="Finish">When all is done, UTC.</param>
/// <param name="BeginBy">When the work has to begin at the latest for all to be in time, UTC; null where nothing is due.</param>
/// <param name="LateSeconds">By how much jobs are late, all together, s.</param>
/// <param name="Bound">What no plan can do better.</param>
/// <param name="Tasks">All of it, by time.</param>
/// <param name="Jobs">The jobs, in the order in which they were given.</param>
/// <param name="Why">What it hangs on, in the reader's units.</param>
public record DayPlan(
    DayStatus Status, DateTimeOffset From, DateTimeOffset Finish, DateTimeOffset? BeginBy, long LateSeconds, DayBound Bound,
    IReadOnlyList<DayTask> Tasks, IReadOnlyList<DayJobPlan> Jobs, IReadOnlyList<string> Why)
{
    /// <summary>How far the finish may be from the soonest possible, as a share of the whole day, 0 to 1.</summary>
    public double Gap => Finish <= From ? 0 : Math.Round(Math.Max(0, (Finish - Bound.Finish) / (Finish - From)), 4);

    /// <summary>How often a press changes its temperature.</summary>
    public int HeatChanges => Tasks.Count(t => t is { Kind: DayTaskKind.Heat, Fixed: false });

    /// <summary>How often a pair of hands goes over to another task.</summary>
    public int TaskChanges { get; init; }

    /// <summary>How busy each pair of hands is from beginning to end, 0 to 1.</summary>
    public IReadOnlyList<double> Busy { get; init; } = [];
}
