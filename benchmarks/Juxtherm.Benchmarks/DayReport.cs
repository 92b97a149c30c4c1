using System.Diagnostics;
using System.Globalization;
using Juxtherm.App;
using Juxtherm.Core.Days;
using Juxtherm.Core.Days.Asking;
using Juxtherm.Core.Days.Scheduling;
using Juxtherm.Core.Days.Tasks;
using Juxtherm.Core.Notices;
using Juxtherm.Testing;
using Juxtherm.Words;

namespace Juxtherm.Benchmarks;

/// <summary>A day of twelve jobs and sixty pieces on three presses with two helpers: how long the first plan takes, how far it may be from
/// the best, and how long planning anew takes when something happens.</summary>
internal static class DayReport
{
    private const int Pieces = 5;
    private const int Happenings = 12;

    public static IEnumerable<string> Lines()
    {
        var catalogue = CatalogueFolder.Read(Path.Combine(AppContext.BaseDirectory, "catalogue"));
        var planner = new DayPlanner(catalogue);
        var watch = Stopwatch.StartNew();
        DayAsk ask = null!;
        DayPlan first = null!;
        // The first time much is compiled; the second time nothing of the jobs is remembered all the same.
        foreach (var when in new[] { "the program just started", "nothing of its jobs planned before" })
        {
            watch.Restart();
            ask = Day(new MadeUpDay(catalogue, Language.English));
            first = planner.Plan(ask, ScheduleEffort.AtOnce).For(Words);
            yield return Line($"first plan with the jobs' own, {when}", watch.Elapsed);
        }

        watch.Restart();
        first = planner.Plan(ask, ScheduleEffort.AtOnce).For(Words);
        yield return Line($"first plan, {first.Tasks.Count} tasks, {Good(first, ask)}", watch.Elapsed);

        watch.Restart();
        var better = planner.Plan(ask, ScheduleEffort.Thorough).For(Words);
        yield return Line($"in the background, {Good(better, ask)}", watch.Elapsed);

        var times = new List<double>();
        for (var i = 0; i < Happenings; i++)
        {
            var now = ask.From.AddMinutes(8 + i * 9);
            var broken = i % 3 == 0 ? ask.Presses.Select((p, n) => n == 1 ? p with { BrokenSince = now } : p).ToList() : ask.Presses;
            var people = i % 3 == 1 ? ask.People.Take(1).ToList() : ask.People;
            var begun = DayNow.Begun(better.Tasks, now).Where(t => i % 3 != 0 || t.Press != "two" || t.End <= now).ToList();
            watch.Restart();
            planner.Plan(ask with { From = now, Presses = broken, People = people, Begun = begun, Before = better.Tasks },
                ScheduleEffort.AtOnce);
            times.Add(watch.Elapsed.TotalSeconds);
        }

        yield return Line($"planned anew {Happenings} times, the slowest", TimeSpan.FromSeconds(times.Max()));
    }

    private static IWords Words => Language.English.WordsFor(UnitSystem.Metric);

    private static DayAsk Day(MadeUpDay made)
    {
        List<DayPress> presses = [made.Press("one"), made.Press("two"), made.Press("three", "clamshell-platen")];
        var folder = Path.Combine(AppContext.BaseDirectory, "examples");
        string[] examples = ["02", "03", "06", "07", "08", "10", "12"];
        List<string> jobs = [.. examples.Select(e => File.ReadAllText(Directory.GetFiles(folder, e + "*.json").Single())),
            MadeUpDay.Plain("Coasters", "coaster", "slate", "smooth"), MadeUpDay.Plain("Totes", "tote", "canvas", "smooth"),
            MadeUpDay.Plain("Pennants", "pennant", "poly-felt", "smooth"), MadeUpDay.Plain("Aprons", "apron", "cotton-poly", "glitter"),
            MadeUpDay.Plain("Cushions", "cushion", "linen", "smooth")];
        var from = new DateTimeOffset(2026, 12, 1, 9, 0, 0, TimeSpan.Zero);
        return new DayAsk(from, [new Helper("", []), new Helper("", [])], [], presses, 1,
            [.. jobs.AsParallel().AsOrdered().Select((j, i) => made.Job(j, Pieces, presses, i % 3 == 0 ? from.AddHours(4 + i) : null))]);
    }

    private static string Good(DayPlan plan, DayAsk ask) => string.Create(CultureInfo.InvariantCulture,
        $"done after {Span(plan.Finish - ask.From)}, gap {plan.Gap:P1}, {plan.TaskChanges} changes of task");

    private static string Span(TimeSpan time) => string.Create(CultureInfo.InvariantCulture,
        $"{(int)time.TotalHours} h {time.Minutes} min");

    private static string Line(string what, TimeSpan took) =>
        string.Create(CultureInfo.InvariantCulture, $"{what,-80} {took.TotalSeconds,7:0.0} s");
}
