using System.Globalization;
using Google.OrTools.Sat;

namespace Juxtherm.Core.Days.Scheduling;

/// <summary>How much is spent on a schedule: work done, not time, so that the same day gives the same plan on every machine.</summary>
/// <param name="Tries">Orders tried before the solver begins.</param>
/// <param name="Work">What the solver may spend, in its own measure: about seconds of a plain machine.</param>
public sealed record ScheduleEffort(int Tries, double Work)
{
    /// <summary>A plan at once.</summary>
    public static ScheduleEffort AtOnce { get; } = new(60, 0);

    /// <summary>Stretch somebody waits.</summary>
    public static ScheduleEffort Quick { get; } = new(60, 0.04);

    /// <summary>In the background.</summary>
    public static ScheduleEffort Thorough { get; } = new(200, 0.2);
}

/// <summary>How far it is.</summary>
/// <param name="Best">The best so far.</param>
/// <param name="BoundFinish">Sooner than this nobody can be done, s.</param>
/// <param name="Share">Share of the work, 0 to 1.</param>
public sealed record ScheduleProgress(Schedule Best, int BoundFinish, double Share);

/// <summary>A schedule and how good it is.</summary>
/// <param name="Schedule">The schedule.</param>
/// <param name="BoundFinish">No schedule that is as little late is done sooner, s.</param>
/// <param name="BoundLate">None is less late, s.</param>
/// <param name="Optimal">It is proven to be as good as can be: as little late, as soon done, with as few
/// changes of temperature, then of task.</param>
public sealed record Scheduled(Schedule Schedule, int BoundFinish, long BoundLate, bool Optimal);

/// <summary>Finds when everything is done: an order at once, then a constraint solver that makes it better and says how far off it may
/// be.</summary>
public static class Scheduler
{
    // Strategies that take turns: in turns, and not at once, so that the machine's speed decides nothing.
    private const int Workers = 8;

    // In the solver's own measure: some seconds of a large day.
    private const double SliceWork = 0.02;

    /// <summary>Finds a schedule.</summary>
    /// <param name="work">What is to be done.</param>
    /// <param name="effort">How much to spend.</param>
    /// <param name="told">Hears of each better one; returns false to stop with the best so far.</param>
    /// <param name="stop">Stops with the best so far.</param>
    /// <exception cref="NoRoomException">Some of it never finds hands, or no press is left for it.</exception>
    public static Scheduled Find(Workload work, ScheduleEffort effort, Func<ScheduleProgress, bool>? told = null,
        CancellationToken stop = default)
    {
        ArgumentNullException.ThrowIfNull(work);
        ArgumentNullException.ThrowIfNull(effort);
        told ??= _ => true;
        var index = new WorkIndex(work);
        var search = new ScheduleSearch(index);
        var best = search.Find(effort.Tries);
        if (search.AsBefore() is { } kept && !best.ServesMoreThan(kept))
            return new Scheduled(kept, Math.Min(kept.Finish, FinishBound.Of(index)), 0, false);
        var bound = Math.Min(best.Finish, FinishBound.Of(index));
        var goesOn = told(new ScheduleProgress(best, bound, 0));
        var calm = search.Calmest ?? best;
        return effort.Work <= 0 || !goesOn || stop.IsCancellationRequested || index.Blocks.Count == 0
            ? new Scheduled(calm, bound, 0, calm.Late == 0 && calm.Finish == bound && calm.HeatChanges == 0 && calm.Hands.Changes == 0)
            : new SolverRun(index, effort, told, stop).Improve(best, calm, bound);
    }

    /// <summary>The solver on one piece of work, aim after aim.</summary>
    private sealed class SolverRun(WorkIndex index, ScheduleEffort effort, Func<ScheduleProgress, bool> told, CancellationToken stop)
    {
        // The later aims have what of the work is left to them.
        private const double SharesForTime = 0.7;
        private const double SharesForHeat = 0.85;

        private bool _stopped;

        public Scheduled Improve(Schedule best, Schedule calm, int bound)
        {
            // Where nothing is late, lateness is proven to be as little as can be, and the sum is left out.
            long? late = best.Late == 0 ? 0 : null;
            var model = new SolverModel(index, best);
            model.AimAtFinish(late);
            var (found, proven, least) = Solve(model, best, (a, b) => a.IsBetterThan(b),
                b => Math.Max(bound, model.FinishOf(b, late)), 0, SharesForTime);
            best = found;
            bound = Math.Clamp(model.FinishOf(least, late), Math.Min(bound, best.Finish), best.Finish);
            var leastLate = late ?? Math.Min(best.Late, model.LateOf(least));
            if (leastLate < best.Late)
                bound = Math.Min(bound, FinishBound.Of(index));
            proven |= best.Late == leastLate && best.Finish == bound;
            if (best.IsCalmerThan(calm, best) || !calm.IsAsSoonAs(best))
                calm = best;
            (calm, var calmest) = Calmed(best, calm, bound);
            return new Scheduled(calm, Math.Min(bound, calm.Finish), leastLate, proven && calmest && calm.Finish == best.Finish);
        }

        /// <summary>As soon done, with fewer changes of temperature, then of task.</summary>
        private (Schedule Calm, bool Proven) Calmed(Schedule best, Schedule calm, int bound)
        {
            var (fewestHeats, steadiest) = (calm.HeatChanges == 0, calm.Hands.Changes == 0);
            if (!_stopped && !fewestHeats)
            {
                var fewer = new SolverModel(index, calm);
                fewer.AimAtHeat(best.Late, best.AsSoonAs);
                (calm, fewestHeats, _) = Solve(fewer, calm, (a, b) => a.IsCalmerThan(b, best), _ => bound, SharesForTime, SharesForHeat);
            }

            if (_stopped || calm.Hands.Changes == 0)
                return (calm, fewestHeats && steadiest);
            var steady = new SolverModel(index, calm);
            steady.AimAtSteadyHands(calm, best.AsSoonAs);
            (calm, steadiest, _) = Solve(steady, calm, (a, b) => a.IsCalmerThan(b, best), _ => bound, SharesForHeat, 1);
            return (calm, fewestHeats && steadiest && steady.KnowsAllPairs);
        }

        private (Schedule Best, bool Proven, double Bound) Solve(SolverModel model, Schedule best, Func<Schedule, Schedule, bool> isBetter,
            Func<double, int> bound, double from, double to)
        {
            var (work, spent, least) = (effort.Work * (to - from), 0.0, 0.0);
            // In slices, each beginning from the best so far: a search that is broken off from outside may take the program down with it,
            // so that whoever stops it waits for the end of a slice.
            for (var slice = 1; spent < work && !(_stopped |= stop.IsCancellationRequested); slice++, spent += SliceWork)
            {
                model.Hint(best);
                using var solver = new CpSolver();
                var most = Math.Min(SliceWork, work - spent);
                solver.StringParameters = string.Create(CultureInfo.InvariantCulture,
                    $"num_workers:{Workers},interleave_search:true,random_seed:{slice},max_deterministic_time:{most}");
                double Share(double done) => from + (to - from) * Math.Min(1, done / work);
                var known = best;
                using var hear = new Hear(model, (found, now) =>
                {
                    known = isBetter(found, known) ? found : known;
                    _stopped |= !told(new ScheduleProgress(known, bound(Math.Max(least, now)), Share(spent)));
                });
                var status = solver.Solve(model.Model, hear);
                var read = status is CpSolverStatus.Optimal or CpSolverStatus.Feasible ? model.Read(solver.Value) : best;
                best = isBetter(read, best) ? read : best;
                least = status == CpSolverStatus.Unknown ? least : Math.Max(least, solver.BestObjectiveBound);
                _stopped |= !told(new ScheduleProgress(best, bound(least), Share(spent + SliceWork)));
                if (status == CpSolverStatus.Optimal)
                    return (best, true, least);
            }

            return (best, false, least);
        }
    }

    /// <summary>Hears of what the solver finds.</summary>
    private sealed class Hear(SolverModel model, Action<Schedule, double> found) : CpSolverSolutionCallback
    {
        public override void OnSolutionCallback() => found(model.Read(v => Value(v)), BestObjectiveBound());
    }
}
