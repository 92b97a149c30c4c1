using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Days.Reasons;
using Juxtherm.Core.Days.Scheduling;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Days;

/// <summary>How far planning a day is.</summary>
/// <param name="Finish">When all is done by the best plan so far, UTC.</param>
/// <param name="LateSeconds">By how much jobs are late in it, s.</param>
/// <param name="Bound">Sooner than this all is never done, UTC.</param>
/// <param name="Share">Share of the work of planning, 0 to 1.</param>
public sealed record DayProgress(DateTimeOffset Finish, long LateSeconds, DateTimeOffset Bound, double Share);

/// <summary>Plans a day: what everybody does, and when.</summary>
/// <param name="catalogue">The catalogue.</param>
public sealed class DayPlanner(CatalogueSnapshot catalogue)
{
    private HandlingFigures Figures => catalogue.Work.Handling;

    /// <summary>Plans it.</summary>
    /// <param name="ask">What is asked.</param>
    /// <param name="effort">How much to spend on it.</param>
    /// <param name="words">Says why.</param>
    /// <param name="told">Hears of each better plan; returns false to stop with the best so far.</param>
    /// <param name="stop">Stops with the best so far.</param>
    /// <exception cref="NoRoomException">There are never any hands, or no press is left for a job.</exception>
    public DayPlan Plan(DayAsk ask, ScheduleEffort effort, IWords words, Func<DayProgress, bool>? told = null,
        CancellationToken stop = default)
    {
        ArgumentNullException.ThrowIfNull(ask);
        ArgumentNullException.ThrowIfNull(words);
        var work = DayWorkload.Of(ask, Figures);
        var found = Scheduler.Find(work, effort,
            p => told?.Invoke(new DayProgress(ask.From.AddSeconds(p.Best.Finish), p.Best.Late, ask.From.AddSeconds(p.BoundFinish), p.Share))
                ?? true, stop);
        var schedule = found.Schedule;
        var busy = schedule.Hands.Busy.Select(b => Math.Round(Math.Min(1, b / (double)Math.Max(1, schedule.Finish)), 3)).ToList();
        var jobs = Jobs(ask, work, schedule, words);
        var status = schedule.Late > 0 ? DayStatus.Late : found.Optimal ? DayStatus.Optimal : DayStatus.Feasible;
        return new DayPlan(status, ask.From, ask.From.AddSeconds(schedule.Finish), BeginBy.Of(ask, work, schedule), schedule.Late,
            new DayBound(ask.From.AddSeconds(found.BoundFinish), found.BoundLate),
            DayTasks.Of(ask, work, schedule), jobs,
            DayReasons.Of(ask, work, schedule, busy, words))
        {
            TaskChanges = schedule.Hands.Changes,
            Busy = busy,
        };
    }

    private IReadOnlyList<DayJobPlan> Jobs(DayAsk ask, Workload work, Schedule schedule, IWords words)
    {
        var waits = new Waiting(ask, work, schedule);
        return [.. ask.Jobs.Select((job, j) =>
        {
            var mine = schedule.Blocks.Where(b => b.Block.Job == j).ToList();
            var ready = mine.Count == 0 ? 0 : mine.Max(b => b.End);
            var pressed = mine.Where(b => b.Press is not null).Select(b => b.PressEnd).DefaultIfEmpty(0).Max();
            return new DayJobPlan(job.Title, job.Due, ask.From.AddSeconds(mine.Count == 0 ? 0 : mine.Min(b => b.Start)),
                ask.From.AddSeconds(ready), job.Due is { } due ? Math.Max(0, (long)(ask.From.AddSeconds(ready) - due).TotalSeconds) : 0,
                job.Washed ? ask.From.AddSeconds(pressed).AddHours(catalogue.Work.CureHours.Value) : null, waits.Of(j, words));
        })];
    }
}
