using Juxtherm.Core.Days.Asking;
using Juxtherm.Core.Days.Reasons;
using Juxtherm.Core.Days.Scheduling;
using Juxtherm.Core.Days.Tasks;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Days;

/// <summary>A day that is planned, before anybody has said it.</summary>
/// <param name="ask">What was asked.</param>
/// <param name="work">As work.</param>
/// <param name="found">When everything is done.</param>
/// <param name="cureHours">Before the first wash, h.</param>
public sealed class PlannedDay(DayAsk ask, Workload work, Scheduled found, double cureHours)
{
    private readonly IReadOnlyList<DayTask> _tasks = DayTasks.Of(ask, work, found.Schedule);
    private readonly Lazy<DateTimeOffset?> _beginBy = new(() => BeginBy.Of(ask, work, found.Schedule));

    /// <summary>When all is done, UTC.</summary>
    public DateTimeOffset Finish => At(found.Schedule.Finish);

    /// <summary>By how much jobs are late, all together, s.</summary>
    public long LateSeconds => found.Schedule.Late;

    /// <summary>For a reader.</summary>
    /// <param name="words">Says why.</param>
    public DayPlan For(IWords words)
    {
        ArgumentNullException.ThrowIfNull(words);
        var schedule = found.Schedule;
        var busy = schedule.Hands.Busy.Select(b => Math.Round(Math.Min(1, b / (double)Math.Max(1, schedule.Finish)), 3)).ToList();
        var status = schedule.Late > 0 ? DayStatus.Late : found.Optimal ? DayStatus.Optimal : DayStatus.Feasible;
        return new DayPlan(status, ask.From, Finish, _beginBy.Value, schedule.Late, new DayBound(At(found.BoundFinish), found.BoundLate),
            _tasks,
            Jobs(words), DayReasons.Of(ask, work, schedule, busy, words))
        {
            TaskChanges = schedule.Hands.Changes,
            Busy = busy,
        };
    }

    private DateTimeOffset At(int seconds) => ask.From.AddSeconds(seconds);

    private IReadOnlyList<DayJobPlan> Jobs(IWords words)
    {
        var waits = new Waiting(ask, work, found.Schedule);
        return [.. ask.Jobs.Select((job, j) =>
        {
            var mine = found.Schedule.Blocks.Where(b => b.Block.Job == j).ToList();
            var ready = At(mine.Select(b => b.End).DefaultIfEmpty(0).Max());
            var pressed = At(mine.Where(b => b.Press is not null).Select(b => b.PressEnd).DefaultIfEmpty(0).Max());
            return new DayJobPlan(job.Title, job.Due, At(mine.Select(b => b.Start).DefaultIfEmpty(0).Min()), ready,
                job.Due is { } due ? Math.Max(0, (long)(ready - due).TotalSeconds) : 0, job.Washed ? pressed.AddHours(cureHours) : null,
                waits.Of(j, words));
        })];
    }
}
