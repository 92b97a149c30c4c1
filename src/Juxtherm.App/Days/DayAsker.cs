using System.Text.Json.Nodes;
using Juxtherm.App.Learning;
using Juxtherm.App.Planning;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Days.Asking;
using Juxtherm.Core.Days.Tasks;
using Juxtherm.Core.Days.Work;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Settings;
using Juxtherm.Store;

namespace Juxtherm.App.Days;

/// <summary>Makes of a wish for a day what a day is planned from: every job planned for every press that can take it, and its
/// cut.</summary>
/// <param name="memory">Makes plans.</param>
/// <param name="agreed">What kept jobs were agreed with.</param>
/// <param name="jobs">Kept jobs.</param>
/// <param name="cuts">What is cut already.</param>
/// <param name="shelf">The workshop's own presses.</param>
/// <param name="planner">Lays out what is not cut yet.</param>
/// <param name="catalogue">The catalogue.</param>
/// <param name="pace">How fast this workshop is.</param>
/// <param name="language">Says why something is refused.</param>
public sealed class DayAsker(PlanMemory memory, JobPlans agreed, JobStore jobs, CutStore cuts, WorkshopCatalogue shelf, CutPlanner planner,
    CatalogueSnapshot catalogue, WorkshopPace pace, ILanguage language)
{
    private const int MostPieces = 400;
    private static readonly HashSet<string> CannotBe = new(StringComparer.Ordinal)
    {
        "heat-source-unsuitable", "vinyl-under-source",
    };

    private IWords Words => language.WordsFor(UnitSystem.Metric);

    /// <summary>Makes it.</summary>
    /// <param name="wish">What is wished.</param>
    /// <param name="now">From when it is planned, UTC.</param>
    /// <param name="begun">What of it is over or under way.</param>
    /// <param name="before">As it was planned before.</param>
    /// <param name="known">Jobs the day had already: one of them that is deleted by now is one of which nothing more is done.</param>
    /// <param name="cancel">Gives up.</param>
    public async Task<Result<DayAsk>> MakeAsync(DayWish wish, DateTimeOffset now, IReadOnlyList<DayTask> begun,
        IReadOnlyList<DayTask> before, IReadOnlySet<Guid> known, CancellationToken cancel)
    {
        ArgumentNullException.ThrowIfNull(wish);
        var problems = new Problems();
        var own = (await shelf.OwnAsync(cancel))["presses"]!.AsArray().Where(p => p is not null)
            .ToDictionary(p => p!["id"]!.GetValue<string>(), p => p!, StringComparer.Ordinal);
        CheckPresses(wish, own, problems);
        var texts = new List<JobText>();
        for (var j = 0; j < wish.Jobs.Count; j++)
            texts.Add(await TextAsync(wish.Jobs[j], j, known, problems, cancel));
        if (!problems.None)
            return new Invalid(problems, "day");
        if (texts.TrueForAll(t => t.Json is null))
            return new Refused("empty", Words.Say("day.empty"));
        var planned = Plan(wish, texts, own, problems);
        if (!problems.None)
            return new Invalid(problems, "day");
        var presses = Presses(wish, planned);
        var cutSoFar = await CutsAsync(wish, cancel);
        var works = new WorkOfAJob?[wish.Jobs.Count];
        // Both cores at once: laying out what is not cut yet takes long the first time.
        var leftOut = new string?[wish.Jobs.Count];
        Parallel.For(0, works.Length, j =>
        {
            var at = texts[j].Json is null ? [] : Candidates(wish.Jobs[j], planned[j], presses);
            leftOut[j] = at.Count == 0 || begun.Any(t => t.Job == j) ? null
                : WhyNot(texts[j].Json!, planned[j][0]!.Value.Job.Title, at, cutSoFar[j] is null);
            works[j] = texts[j].Json is null || leftOut[j] is not null ? new WorkOfAJob(texts[j].Title, 0, null, [], [], [])
                : at.Count > 0 ? Work(wish.Jobs[j], planned[j], at, cutSoFar[j]) : null;
        });
        if (Array.FindIndex(works, w => w is null) is >= 0 and var none)
            return new Refused("no-press", Words.Say("day.no-press", ("title", planned[none][0]!.Value.Job.Title)));
        if (texts.Select((t, j) => t.Json is null || leftOut[j] is not null).All(isLeftOut => isLeftOut))
            return new Refused("left-out", string.Join(' ', leftOut.OfType<string>()));
        if (works.Sum(w => w!.Pieces) > MostPieces)
            return new Refused("too-many", Words.Say("day.too-many-pieces", ("most", MostPieces)));
        return new DayAsk(now, wish.People, wish.Breaks, presses, wish.Cutters, [.. works.OfType<WorkOfAJob>()])
        {
            Pace = await pace.FindAsync(cancel),
            Begun = begun,
            Before = before,
            LeftOut = [.. leftOut.OfType<string>()],
        };
    }

    private static void CheckPresses(DayWish wish, IReadOnlyDictionary<string, JsonNode> own, Problems problems)
    {
        // Whether a kind that ships is known is said by the job that is read with it; an own one has to be on the shelf.
        for (var p = 0; p < wish.Presses.Count; p++)
            if (wish.Presses[p].HeatSource.StartsWith("own-", StringComparison.Ordinal) && !own.ContainsKey(wish.Presses[p].HeatSource))
                problems.Add($"/presses/{p}/heatSource", new Phrase("day-reader.own-press", ("id", wish.Presses[p].HeatSource),
                    ("own", Thing.List(own.Keys))), "unknown-id");
    }

    /// <summary>A job of the day.</summary>
    /// <param name="Title">What the crafter calls it.</param>
    /// <param name="Json">Its file; null where nothing more is done of it.</param>
    /// <param name="Agreed">What its plan was agreed with.</param>
    private sealed record JobText(string Title, string? Json, WorkshopCorrection Agreed);

    private async Task<JobText> TextAsync(WishedJob job, int number, IReadOnlySet<Guid> known, Problems problems, CancellationToken cancel)
    {
        if (job.Id is not { } id)
            return new JobText("", job.Dropped ? null : job.Job!.ToJsonString(), WorkshopCorrection.None);
        if (await jobs.FindAsync(id, cancel) is { } row)
            return new JobText(row.Title, job.Dropped ? null : agreed.TextOf(row), agreed.Agreed(row));
        if (!known.Contains(id))
            problems.Add($"/jobs/{number}/id", new Phrase("day-reader.no-job"), "unknown-id");
        return new JobText("", null, WorkshopCorrection.None);
    }

    /// <summary>Every job at every press, both cores at once; what is alike is planned once.</summary>
    private (Job Job, Plan Plan)?[][] Plan(DayWish wish, List<JobText> texts,
        IReadOnlyDictionary<string, JsonNode> own, Problems problems)
    {
        var wanted = (from j in Enumerable.Range(0, texts.Count)
                      where texts[j].Json is not null
                      from p in Enumerable.Range(0, wish.Presses.Count)
                      let press = wish.Presses[p]
                      select (Job: j, Press: p, Json: JobAtPress.Of(texts[j].Json!, press.HeatSource, press.PlateWidthMm,
                          press.PlateHeightMm,
                          own.GetValueOrDefault(press.HeatSource)))).ToList();
        var found = wanted.DistinctBy(w => (w.Job, w.Json)).AsParallel().Select(w =>
        {
            var wrong = new Problems();
            var plan = memory.Plan(w.Json, UnitSystem.Metric, texts[w.Job].Agreed, wrong);
            return (w.Job, w.Press, w.Json, Plan: plan, Wrong: wrong);
        }).ToList();
        foreach (var f in found.OrderBy(f => f.Job).ThenBy(f => f.Press))
            foreach (var problem in f.Wrong.Found)
                problems.Add(problem with { Pointer = Place(problem.Pointer, f.Job, f.Press) });
        var byText = found.ToDictionary(f => (f.Job, f.Json), f => f.Plan is { } p ? (p.Job, p.Result.Plan) : ((Job, Plan)?)null);
        return [.. Enumerable.Range(0, texts.Count).Select(j => wanted.Where(w => w.Job == j).Select(w => byText[(j, w.Json)]).ToArray())];
    }

    /// <summary>What is wrong with the press is wrong with the day, what is wrong with the job with the job.</summary>
    private static string Place(string pointer, int job, int press) =>
        pointer is "/tools/heatSource" or "/tools/plateWidthMm" or "/tools/plateHeightMm"
            ? $"/presses/{press}{pointer["/tools".Length..]}" : $"/jobs/{job}/job{pointer}";

    private static IReadOnlyList<DayPress> Presses(DayWish wish, (Job Job, Plan Plan)?[][] planned)
    {
        Tools ToolsAt(int press) => planned.Where(j => j.Length > 0).Select(j => j[press]?.Job.Tools).First(t => t is not null)!;
        List<string> names = [.. wish.Presses.Select((p, i) => p.Name.Length > 0 ? p.Name : ToolsAt(i).Source.Name)];
        // Presses that are called alike are counted.
        string NameOf(int press) => names.Count(n => n == names[press]) == 1 ? names[press]
            : $"{names[press]} {names.Take(press + 1).Count(n => n == names[press])}";
        return [.. wish.Presses.Select((p, i) => new DayPress(p.Id, ToolsAt(i).Source, ToolsAt(i).PlateWidthMm, ToolsAt(i).PlateHeightMm,
            p.Celsius)
        {
            Name = NameOf(i),
            BrokenSince = p.BrokenSince,
            ColdAt = p.ColdAt,
        })];
    }

    /// <summary>The presses that can take a job: those without a stop, where there are such.</summary>
    private static List<PlanAtPress> Candidates(WishedJob job, (Job Job, Plan Plan)?[] planned, IReadOnlyList<DayPress> presses)
    {
        var at = presses.Select((p, i) => (Press: p, Number: i, Plan: planned[i]!.Value.Plan))
            .Where(a => (job.Press is null || a.Press.Id == job.Press) && a.Plan.Presses.Any(p => p.Purpose == PressPurpose.Press)
                && !a.Plan.Notices.Any(n => CannotBe.Contains(n.Code))).ToList();
        var without = at.Where(a => a.Plan.Verdict != Verdict.Stop).ToList();
        return [.. (without.Count > 0 ? without : at).Select(a => new PlanAtPress(a.Number, a.Press.Source, a.Plan))];
    }

    /// <summary>Why a job cannot be done as it is, by its own plan or because a piece has room on no sheet; null where it can.</summary>
    private string? WhyNot(string json, string title, List<PlanAtPress> at, bool isToBeCut)
    {
        var plan = at[0].Plan;
        var stop = at.All(a => a.Plan.Verdict == Verdict.Stop)
            ? plan.Notices.FirstOrDefault(n => n.Weight == NoticeLevel.Stop)?.Text ?? plan.Headline
            : isToBeCut && memory.Read(json, new Problems()) is { } job && planner.InPlace(job, []).NotPlaced is { Count: > 0 } layers
            ? Words.Say("not-placed.stop", ("layers", Thing.List(layers))) : null;
        return stop is null ? null : Words.Say("day.left-out", ("title", title), ("why", stop));
    }

    /// <summary>By job of the day: what is cut of it; null where nothing is.</summary>
    private async Task<CutRow?[]> CutsAsync(DayWish wish, CancellationToken cancel)
    {
        var found = new CutRow?[wish.Jobs.Count];
        for (var j = 0; j < found.Length; j++)
            if (wish.Jobs[j].Id is { } kept)
                found[j] = (await cuts.OfJobAsync(kept, cancel)).FirstOrDefault(c => c.Status is CutStore.Open or CutStore.Cut);
        return found;
    }

    private WorkOfAJob Work(WishedJob wished, (Job Job, Plan Plan)?[] planned, List<PlanAtPress> at, CutRow? cut)
    {
        var job = planned[at[0].Press]!.Value.Job;
        var (layout, done) = cut is null
            ? (planner.InPlace(job, []), CutSoFar.Nothing) : CutSoFar.Of(cut);
        var asked = WorkOfAJob.Of(job, at, layout, catalogue.Work, wished.Due).Without(done);
        return asked.WithAgain(wished.Again, catalogue.Work);
    }
}
