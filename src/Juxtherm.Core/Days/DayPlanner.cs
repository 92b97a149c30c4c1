using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Days.Asking;
using Juxtherm.Core.Days.Scheduling;

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
    /// <summary>Plans it.</summary>
    /// <param name="ask">What is asked.</param>
    /// <param name="effort">How much to spend on it.</param>
    /// <param name="told">Hears of each better plan; returns false to stop with the best so far.</param>
    /// <param name="stop">Stops with the best so far.</param>
    /// <exception cref="NoRoomException">There are never any hands, or no press is left for a job.</exception>
    public PlannedDay Plan(DayAsk ask, ScheduleEffort effort, Func<DayProgress, bool>? told = null, CancellationToken stop = default)
    {
        ArgumentNullException.ThrowIfNull(ask);
        var work = DayWorkload.Of(ask, catalogue.Work.Handling);
        bool Hear(ScheduleProgress p) => told?.Invoke(new DayProgress(ask.From.AddSeconds(p.Best.Finish), p.Best.Late,
            ask.From.AddSeconds(p.BoundFinish), p.Share)) ?? true;
        return new PlannedDay(ask, work, Scheduler.Find(work, effort, Hear, stop), catalogue.Work.CureHours.Value);
    }
}
