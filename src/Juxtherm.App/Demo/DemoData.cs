using System.Globalization;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using Juxtherm.App.Bench;
using Juxtherm.App.Learning;
using Juxtherm.App.Logbook.Import;
using Juxtherm.App.Planning;
using Juxtherm.App.Stock;
using Juxtherm.Core.Cutting.Stock;
using Juxtherm.Core.Learning;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Runs;
using Juxtherm.Core.Runs.Judging;
using Juxtherm.Store;

namespace Juxtherm.App.Demo;

/// <summary>
/// Fills an empty workshop with worked examples: the jobs of an invented stargazers' club, and a few runs carried through the
/// real bench on a clock of their own, so that the logbook shows what the program itself wrote.
/// </summary>
/// <param name="jobs">Where jobs are kept.</param>
/// <param name="runs">Where runs are kept.</param>
/// <param name="shelf">Where own vinyls, blanks and presses are kept.</param>
/// <param name="stock">Where vinyl on hand is kept.</param>
/// <param name="plans">Plans them.</param>
/// <param name="jobPlans">Plans and keeps them with what was learned.</param>
/// <param name="planner">Reads frozen jobs.</param>
/// <param name="judge">Says what to do about what is seen.</param>
/// <param name="reckoner">Reckons what pieces tell of their heat.</param>
/// <param name="learning">Learns from what came out.</param>
/// <param name="log">The logbook.</param>
/// <param name="logbook">Takes older entries in.</param>
/// <param name="money">What things cost.</param>
/// <param name="clock">The time now; the examples end before it.</param>
/// <param name="language">Says what a run refuses.</param>
public sealed partial class DemoData(JobStore jobs, RunStore runs, ShelfStore shelf, StockStore stock, PlanCache plans, JobPlans jobPlans,
    Planner planner, Judge judge, HeatReckoner reckoner, WorkshopLearning learning, LogStore log, LogReader logbook, DemoMoney money,
        TimeProvider clock,
    ILanguage language)
{
    private static readonly (string Title, int HoursAgo, (Outcome[] Seen, string Note)[] Pieces)[] Runs =
    [
        ("Junior corner, names", 12 * 24,
            [([Outcome.Stuck], ""), ([Outcome.EdgesLifted, Outcome.Stuck], "The end of the k."), ([Outcome.Stuck], ""),
                ([Outcome.Stuck], ""), ([Outcome.Stuck], "")]),
        ("Warden's sweatshirt", 9 * 24,
            [([Outcome.EdgesLifted], "Left sleeve of the lantern lifted while still warm; pressed the corner again.")]),
        ("Raffle mug, the tarn", 6 * 24, [([Outcome.Stuck], ""), ([Outcome.Wrinkled], "Slit between the words came too late.")]),
        ("Crew tee, front", 5,
            [([Outcome.Stuck], ""), ([Outcome.Stuck], "Weave shows all over."), ([Outcome.Marked], "Hem lay under the plate's edge.")]),
    ];

    private static readonly Dictionary<string, int> DueInDays = new(StringComparer.Ordinal)
    {
        ["Night walk, arched word"] = 1,
        ["Night-walk vest"] = 6,
    };

    public async Task FillIfEmptyAsync(CancellationToken cancel)
    {
        if ((await jobs.ListAsync("", byDue: false, 0, 1, cancel)).Total > 0)
            return;
        foreach (var (kind, entries) in ShelfFile())
        {
            foreach (var entry in entries)
                await shelf.AddAsync((string)entry!["id"]!, kind, (string)entry["name"]!, entry.ToJsonString(), cancel);
        }

        var problems = new Problems();
        var onHand = StockTable.Read(Text("Stock.csv"), [.. planner.Catalogue.Vinyls.Keys], problems);
        if (!problems.None)
            throw new InvalidOperationException($"The vinyl of the worked example cannot be read: {problems.Found[0].Says}");
        await stock.AddAsync([.. onHand.Select((s, i) => (StockRows.Row(s with { Id = $"demo-{i + 1}" }), s.LengthMm))], Guid.NewGuid(),
            cancel);

        var kept = new Dictionary<string, Guid>(StringComparer.Ordinal);
        foreach (var json in JobFiles())
        {
            var (job, _) = plans.Plan(json, UnitSystem.Metric, problems)
                ?? throw new InvalidOperationException($"A worked example cannot be read: {problems.Found[0].Says}");
            var due = WithDue(job.Title, json);
            kept[job.Title] = (await jobPlans.AddAsync(Guid.CreateVersion7(), job.Title, due, cancel, example: true)).Id;
        }

        foreach (var (title, hoursAgo, pieces) in Runs)
            await CarryOutAsync(kept[title], clock.GetUtcNow().AddHours(-hoursAgo), pieces, cancel);
        await RememberAsync(cancel);
        await money.FillAsync(cancel);
    }

    private string WithDue(string title, string json)
    {
        if (!DueInDays.TryGetValue(title, out var days))
            return json;
        var job = JsonNode.Parse(json)!;
        job["due"] = clock.GetLocalNow().AddDays(days).ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);
        return job.ToJsonString();
    }

    /// <summary>What the club pressed before it had this program: it teaches, as anybody's own logbook does.</summary>
    private async Task RememberAsync(CancellationToken cancel)
    {
        var problems = new Problems();
        var now = clock.GetUtcNow();
        DateTimeOffset DaysBefore(string days) => now.AddDays(-int.Parse(days, CultureInfo.InvariantCulture));
        string Moved(Match m) => $"{DaysBefore(m.Groups["days"].Value):yyyy-MM-dd}T{m.Groups["time"].Value}:00Z";
        var table = DaysAgo().Replace(Text("Log.csv"), Moved);
        using var lines = new StringReader(table);
        var entries = LogTable.Each(lines, problems).ToList();
        if (!problems.None)
            throw new InvalidOperationException($"The logbook of the worked example cannot be read: {problems.Found[0].Says}");
        await logbook.TakeInAsync(entries, cancel);
        await log.AddReadingAsync(
            new PlateReadingRow
            {
                HeatSource = "own-press-satchel",
                AtUtc = now.AddDays(-20),
                DialCelsius = 155,
                ReadCelsius = 149.5,
                Means = "strip",
                CommandId = Guid.NewGuid()
            }, cancel);
        learning.Forget();
    }

    [GeneratedRegex("(?<days>[0-9]+) days (?<time>[0-9:]{5})", RegexOptions.ExplicitCapture, matchTimeoutMilliseconds: 1000)]
    private static partial Regex DaysAgo();

    /// <summary>The job that the tour goes through: a tee with a drawing on it.</summary>
    public static string TourJob => Text("08-tarn-tee.juxtherm.json");

    private static string Text(string name)
    {
        var assembly = typeof(DemoData).Assembly;
        using var reader =
            new StreamReader(
                assembly.GetManifestResourceStream(assembly.GetManifestResourceNames()
                    .Single(n => n.EndsWith(name, StringComparison.Ordinal)))!);
        return reader.ReadToEnd();
    }

    private static IEnumerable<string> JobFiles()
    {
        var assembly = typeof(DemoData).Assembly;
        foreach (var name in assembly.GetManifestResourceNames().Where(n => n.EndsWith(".juxtherm.json", StringComparison.Ordinal))
            .Order(StringComparer.Ordinal))
        {
            using var reader = new StreamReader(assembly.GetManifestResourceStream(name)!);
            yield return reader.ReadToEnd();
        }
    }

    private static IEnumerable<(string Kind, JsonArray Entries)> ShelfFile()
    {
        return [.. JsonNode.Parse(Text("Shelf.json"))!.AsObject().Select(kind => (kind.Key, kind.Value!.AsArray()))];
    }

    private async Task CarryOutAsync(Guid job, DateTimeOffset start, (Outcome[] Seen, string Note)[] pieces, CancellationToken cancel)
    {
        var past = new PastClock { Now = start };
        var bench = new BenchService(jobs, runs, plans, jobPlans, planner, judge, reckoner, learning, new RunSignals(), past, language);
        var run = (await bench.StartAsync(job, UnitSystem.Metric, practice: false, cancel)).Run!;
        async Task SayAsync(BenchAction action, double after, Func<BenchCommand, BenchCommand>? with = null)
        {
            past.Now = past.Now.AddSeconds(after);
            var command = new BenchCommand(Guid.NewGuid(), 1, run.Focus(1)?.Number
                ?? 0, null, action, null, null, null, null, null, null, null);
            run = (await bench.SayAsync(run.Row.Id, with?.Invoke(command) ?? command, cancel)).Run!;
        }

        foreach (var check in run.Frozen.Script.Stations[0].Checks)
            await SayAsync(BenchAction.Check, 5, c => c with { Item = check.Id });
        while (run.Focus(1) is { } piece)
        {
            if (RunFlow.DueAt(run.Frozen.Script, piece) is { } due)
            {
                past.Now = due;
                run = (await bench.FindAsync(run.Row.Id, cancel))!;
                continue;
            }

            var step = run.StepOf(piece)!;
            var (seen, note) = pieces[piece.Number - 1];
            if (step.Kind == StepKind.Inspect && seen.Length > 1 && piece.Sightings.Count == 0)
            {
                // Seen, pressed again as it is answered, and looked at once more.
                await SayAsync(BenchAction.See, step.Seconds, c => c with { Outcomes = [seen[0]], Note = note });
                await SayAsync(BenchAction.Rescue, 4);
            }
            else if (step.Kind == StepKind.Inspect)
                await SayAsync(BenchAction.Record, step.Seconds, c => c with { Outcomes = [seen[^1]], Note = seen.Length > 1 ? "" : note });
            else
                await SayAsync(BenchAction.Done, step.Seconds);
        }
    }

    private sealed class PastClock : TimeProvider
    {
        public DateTimeOffset Now { get; set; }

        public override DateTimeOffset GetUtcNow() => Now;
    }
}
