using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Days;
using Juxtherm.Core.Days.Asking;
using Juxtherm.Core.Days.Tasks;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Testing;

/// <summary>Looks through a planned day with nothing but its tasks and what was asked: shares no code with what made it.</summary>
/// <param name="ask">What was asked.</param>
/// <param name="plan">What came of it.</param>
internal sealed class DayChecker(DayAsk ask, DayPlan plan)
{
    private readonly List<string> _faults = [];

    /// <summary>Everything that is wrong.</summary>
    public static IReadOnlyList<string> Faults(DayAsk ask, DayPlan plan)
    {
        var checker = new DayChecker(ask, plan);
        checker.Times();
        checker.Presses();
        checker.Hands();
        checker.Cutters();
        checker.Order();
        checker.Pieces();
        checker.Dues();
        return checker._faults;
    }

    private void Fault(string text) => _faults.Add(text);

    private void Times()
    {
        foreach (var task in plan.Tasks)
        {
            if (task.End <= task.Start)
                Fault($"{task.Id} takes no time");
            if (task.Start < ask.From && !task.Fixed)
                Fault($"{task.Id} begins before the day");
        }

        foreach (var twice in plan.Tasks.GroupBy(t => t.Id).Where(g => g.Count() > 1))
            Fault($"{twice.Key} is there {twice.Count()} times");
    }

    /// <summary>No press twice at once, and each as hot as what it does needs.</summary>
    private void Presses()
    {
        foreach (var press in ask.Presses)
        {
            var celsius = press.Celsius ?? 22;
            DayTask? before = null;
            foreach (var task in plan.Tasks.Where(t => t.Press == press.Id).OrderBy(t => t.Start).ThenBy(t => t.End))
            {
                if (before is not null && task.Start < before.End)
                    Fault($"{press.Id}: {task.Id} begins while {before.Id} is there");
                if (task.Kind == DayTaskKind.Heat)
                {
                    if (task.End - task.Start < TimeSpan.FromSeconds(Heating(press.Source, celsius, task.Celsius!.Value) - 1))
                        Fault($"{press.Id}: {task.Id} heats from {celsius} to {task.Celsius} in {task.End - task.Start}");
                    celsius = task.Celsius!.Value;
                }
                else if (Math.Abs(task.Celsius!.Value - celsius) > 0.5)
                {
                    Fault($"{press.Id}: {task.Id} needs {task.Celsius}, and it is at {celsius}");
                }

                if (press.BrokenSince is { } since && task.End > since && !task.Fixed)
                    Fault($"{press.Id}: {task.Id} though it is broken");
                before = task;
            }
        }

        foreach (var lost in plan.Tasks.Where(t => t.Press is not null && ask.Presses.All(p => p.Id != t.Press)))
            Fault($"{lost.Id} is at a press that is not there");
    }

    /// <summary>From a heat balance in a hundred steps: what the plate stores against what heats it, or what it loses.</summary>
    private static double Heating(HeatSource source, double from, double to)
    {
        double Face(double set) => set <= 22 ? set : source.SurfaceAt(set);
        var plate = source.Plate.Heat.Value;
        var (at, end, seconds) = (Face(from), Face(to), 0.0);
        var step = (end - at) / 100;
        for (var i = 0; i < 100; i++, at += step)
        {
            // Losses to the room, through the back and from the face into open air, taken low: a bound, not the model again.
            var loss = plate.IdleLossWm2K * (at + step / 2 - 22);
            var power = step > 0 ? plate.MaxPowerWm2 - loss : (plate.IdleLossWm2K + 15) * (at + step / 2 - 22);
            seconds += plate.HeatCapacityJm2K * Math.Abs(step) / power;
        }

        return seconds * 0.9;
    }

    private void Hands()
    {
        var tasks = plan.Tasks.Where(t => t.Hands > 0 && !t.Fixed).ToList();
        foreach (var at in tasks.Select(t => t.Start))
        {
            var busy = plan.Tasks.Where(t => t.Hands > 0 && t.Start <= at && at < t.End).ToList();
            var there = ask.People.Count(p => p.There.Count == 0 || p.There.Any(w => w.Start <= at && at < w.End));
            if (ask.Breaks.Any(b => b.Start <= at && at < b.End))
                there = 0;
            if (busy.Sum(t => t.Hands) > there)
                Fault($"{at:HH:mm:ss}: {busy.Count} need hands, and there are {there}: {string.Join(", ", busy.Select(b => b.Id))}");
        }

        // Nobody stops in the middle of something for a break.
        foreach (var task in tasks)
            if (ask.Breaks.Any(b => task.Start < b.Start && b.Start < task.End))
                Fault($"{task.Id} goes on into a break");
        foreach (var who in plan.Tasks.Where(t => t.Who is not null && !t.Fixed).GroupBy(t => t.Who))
        {
            DayTask? before = null;
            foreach (var task in who.OrderBy(t => t.Start))
            {
                if (before is not null && task.Start < before.End && ask.People.All(p => p.There.Count == 0))
                    Fault($"{who.Key} does {task.Id} and {before.Id} at once");
                before = task;
            }
        }
    }

    private void Cutters()
    {
        foreach (var at in plan.Tasks.Where(t => t.Cutter).Select(t => t.Start))
            if (plan.Tasks.Count(t => t.Cutter && t.Start <= at && at < t.End) > ask.Cutters)
                Fault($"{at:HH:mm:ss}: more cut than there are cutters");
    }

    private void Order()
    {
        var known = plan.Tasks.ToDictionary(t => t.Id);
        foreach (var task in plan.Tasks.Where(t => !t.Fixed))
            foreach (var after in task.After)
                if (known[after].End > task.Start)
                    Fault($"{task.Id} begins before {after} is over");
    }

    /// <summary>Every piece goes the whole way, in its order, and is pressed as long as its plan says.</summary>
    private void Pieces()
    {
        for (var j = 0; j < ask.Jobs.Count; j++)
        {
            var job = ask.Jobs[j];
            var mine = plan.Tasks.Where(t => t.Job == j).ToList();
            if (mine.Count(t => t.Kind == DayTaskKind.Pack) != 1)
                Fault($"{job.Title} is packed {mine.Count(t => t.Kind == DayTaskKind.Pack)} times");
            foreach (var mat in job.Mats)
                if (!mine.Any(t => t.Id.Contains(mat.Id, StringComparison.Ordinal) && t.Hands == 0))
                    Fault($"{job.Title}: {mat.Id} is not cut");
            for (var p = 1; p <= job.Pieces; p++)
                Piece(job.Title, job.At, mine, p, job.WeedSeconds[p - 1] > 0);
        }
    }

    private void Piece(string title, IReadOnlyList<Core.Days.Work.PlanAtPress> at, List<DayTask> mine, int number, bool weeded)
    {
        var piece = mine.Where(t => t.Piece == number).OrderBy(t => t.Start).ToList();
        var atPress = piece.Where(t => t.Press is not null && t.Kind != DayTaskKind.Heat).ToList();
        if (atPress.Count == 0)
        {
            Fault($"{title}, piece {number} is never pressed");
            return;
        }

        if (atPress.Select(t => t.Press).Distinct().Count() > 1)
            Fault($"{title}, piece {number} is pressed at {string.Join(" and ", atPress.Select(t => t.Press).Distinct())}");
        var press = ask.Presses.Select((p, i) => (p, i)).First(p => p.p.Id == atPress[0].Press).i;
        var way = at.FirstOrDefault(a => a.Press == press)?.Plan;
        if (way is null)
        {
            Fault($"{title}, piece {number} is at a press that cannot take it");
            return;
        }

        var wanted = way.Steps.Where(s => s is { Kind: StepKind.Hold, OncePerRun: false }).ToList();
        var held = atPress.Where(t => t.Kind is DayTaskKind.Preheat or DayTaskKind.Tack or DayTaskKind.Press or DayTaskKind.Finish)
            .ToList();
        if (wanted.Count != held.Count)
            Fault($"{title}, piece {number}: the press is closed {held.Count} times, not {wanted.Count}");
        foreach (var (want, got) in wanted.Zip(held))
        {
            var steady = way.Batch?.SteadySteps.FirstOrDefault(s => way.Steps[s.Index] == want)?.Seconds ?? want.Seconds;
            var seconds = (got.End - got.Start).TotalSeconds;
            if (Math.Abs(seconds - want.Seconds) > 0.6 && Math.Abs(seconds - steady) > 0.6)
                Fault($"{title}, piece {number}: {got.Id} takes {seconds} s, not {want.Seconds} or {steady}");
        }

        var weed = piece.Find(t => t.Kind == DayTaskKind.Weed);
        if (weeded && weed is null)
            Fault($"{title}, piece {number} is not weeded");
        var firstLaid = piece.Find(t => t.Kind == DayTaskKind.Lay);
        if (weed is not null && firstLaid is not null && weed.End > firstLaid.Start)
            Fault($"{title}, piece {number} is laid before it is weeded");
        if (piece[^1].Kind != DayTaskKind.Inspect)
            Fault($"{title}, piece {number} ends with {piece[^1].Kind}");
        foreach (var peel in piece.Where(t => t.Kind == DayTaskKind.Peel))
            if (!held.Exists(h => h.End <= peel.Start))
                Fault($"{title}, piece {number} is peeled before it is pressed");
    }

    private void Dues()
    {
        var late = 0.0;
        for (var j = 0; j < ask.Jobs.Count; j++)
        {
            var ready = plan.Tasks.Where(t => t.Job == j).Max(t => t.End);
            if (ready != plan.Jobs[j].Ready)
                Fault($"{ask.Jobs[j].Title} is ready at {ready}, not {plan.Jobs[j].Ready}");
            late += ask.Jobs[j].Due is { } due && ready > due ? (ready - due).TotalSeconds : 0;
        }

        if (Math.Abs(late - plan.LateSeconds) > 0.5)
            Fault($"late by {late} s, not {plan.LateSeconds}");
        if (plan.Finish != plan.Tasks.Max(t => t.End))
            Fault("the finish is not the end of the last task");
        if (plan.Bound.Finish > plan.Finish)
            Fault("the bound lies after the finish");
        if (plan.Status == DayStatus.Late != late > 0)
            Fault($"{plan.Status}, and late by {late} s");
    }
}
