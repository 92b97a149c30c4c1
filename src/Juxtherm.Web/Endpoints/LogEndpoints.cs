using Juxtherm.Core.Notices;
using System.Text.Json.Nodes;
using Juxtherm.App;
using Juxtherm.App.Learning;
using Juxtherm.App.Logbook;
using Juxtherm.App.Planning;
using Juxtherm.Core.Logbook;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Runs;
using Juxtherm.Store;
using Juxtherm.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace Juxtherm.Web.Endpoints;

/// <summary>A page of the logbook.</summary>
/// <param name="Total">How many entries fit.</param>
/// <param name="Entries">Newest first.</param>
public sealed record LogPage(int Total, IReadOnlyList<LogAnswer> Entries);

/// <summary>Something to choose.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">For the reader.</param>
public sealed record LogChoice(string Id, string Name);

/// <summary>What can be chosen from.</summary>
/// <param name="Vinyls">Vinyls.</param>
/// <param name="Materials">Materials.</param>
/// <param name="HeatSources">Presses.</param>
/// <param name="Lots">Lots.</param>
/// <param name="People">Names.</param>
public sealed record LogChoicesAnswer(IReadOnlyList<LogChoice> Vinyls, IReadOnlyList<LogChoice> Materials,
    IReadOnlyList<LogChoice> HeatSources, IReadOnlyList<string> Lots, IReadOnlyList<string> People);

/// <summary>A change to an entry; what is null stays.</summary>
/// <param name="Note">Its remark.</param>
/// <param name="Lots">Lots of its vinyl.</param>
/// <param name="Struck">It should not count.</param>
public sealed record LogChange(string? Note, IReadOnlyList<string>? Lots, bool? Struck);

/// <summary>A look at a piece after washing.</summary>
/// <param name="Washes">After how many washes, 1 to 500.</param>
/// <param name="Look">How it looked.</param>
/// <param name="Note">A remark.</param>
public sealed record WashRequest(int Washes, WashLook Look, string? Note);

/// <summary>Alike outcomes at one setting.</summary>
/// <param name="Celsius">What the plate was set to, °C.</param>
/// <param name="Seconds">How long, s.</param>
/// <param name="Showed">What they showed of their heat; null where it says nothing.</param>
/// <param name="Outcomes">What was seen.</param>
/// <param name="Count">How many.</param>
public sealed record LogMarkAnswer(double Celsius, double Seconds, Showing? Showed, IReadOnlyList<string> Outcomes, int Count);

/// <summary>What is looked for; what is left out does not narrow it.</summary>
internal sealed class LogAsked
{
    /// <summary>Anywhere in title, name, remark or lot.</summary>
    public string? Text { get; init; }

    /// <summary>Vinyl id, alone or among others.</summary>
    public string? Vinyl { get; init; }

    /// <summary>Material id.</summary>
    public string? Material { get; init; }

    /// <summary>Form id.</summary>
    public string? Form { get; init; }

    /// <summary>Heat source id.</summary>
    public string? HeatSource { get; init; }

    /// <summary>A lot, whole.</summary>
    public string? Lot { get; init; }

    /// <summary>Whose it is, whole.</summary>
    public string? Person { get; init; }

    /// <summary>What came out; lost for what was given up without a word.</summary>
    public string? Outcome { get; init; }

    /// <summary>From this day or time on, UTC.</summary>
    public string? From { get; init; }

    /// <summary>Up to this day or time, not included, UTC.</summary>
    public string? Until { get; init; }

    /// <summary>One run's pieces.</summary>
    public Guid? Run { get; init; }

    public LogSearch Search(Problems problems)
    {
        DateTimeOffset? Day(string name, string? text)
        {
            if (string.IsNullOrEmpty(text))
                return null;
            if (PlainTime.TryRead(text, out var day))
                return day;
            problems.Add($"/{name}", new Phrase("log-asked.wrong-type", ("name", name), ("text", text), ("accepted", PlainTime.Accepted)),
                "wrong-type");
            return null;
        }

        return new LogSearch
        {
            Text = Text,
            Vinyl = Vinyl,
            Material = Material,
            Form = Form,
            HeatSource = HeatSource,
            Lot = Lot,
            Person = Person,
            Outcome = Outcome,
            From = Day("from", From),
            Until = Day("until", Until),
            Run = Run
        };
    }
}

/// <summary>The logbook: looked through, and its entries.</summary>
internal static class LogEndpoints
{
    private const int MostAtOnce = 200;

    public static void MapLog(this IEndpointRouteBuilder routes)
    {
        var log = routes.MapGroup("/api/log").WithTags("Logbook");
        log.MapGet("/", SearchAsync).Produces<LogPage>();
        log.MapGet("/choices", ChoicesAsync).Produces<LogChoicesAnswer>();
        log.MapGet("/marks", MarksAsync).Produces<LogMarkAnswer[]>();
        log.MapGet("/{id:long}", FindAsync).Produces<LogAnswer>().ProducesProblem(404);
        log.MapPatch("/{id:long}", ChangeAsync).Produces<LogAnswer>().ProducesProblem(400).ProducesProblem(404);
        log.MapPost("/{id:long}/washes", WashAsync).Produces<LogAnswer>().ProducesProblem(400).ProducesProblem(404);
        log.MapDelete("/{id:long}/washes/{wash:long}", UnwashAsync).Produces<LogAnswer>().ProducesProblem(404);
        log.MapPost("/{id:long}/as-used",
            (long id, [FromHeader(Name = CommandHeader.Name)] Guid? command, LogStore store, RunStore runs, JobPlans jobs,
                WorkshopCatalogue catalogues, TimeProvider clock, CancellationToken cancel) =>
                JobAsync(id, CommandId.Of(command, clock), JobFromLog.AsUsed, store, runs, jobs, catalogues, cancel))
            .Produces<JobAnswer>(201).ProducesProblem(404);
        log.MapPost("/{id:long}/again",
            (long id, [FromHeader(Name = CommandHeader.Name)] Guid? command, LogStore store, RunStore runs, JobPlans jobs,
                WorkshopCatalogue catalogues, TimeProvider clock, CancellationToken cancel) =>
                JobAsync(id, CommandId.Of(command, clock), JobFromLog.Again, store, runs, jobs, catalogues, cancel))
            .Produces<JobAnswer>(201).ProducesProblem(404);
    }

    private static async Task<IResult> SearchAsync([AsParameters] LogAsked asked, int? skip, int? take, LogStore store, LogNames names,
        CancellationToken cancel)
    {
        var problems = new Problems();
        var search = asked.Search(problems);
        if (!problems.None)
            return ProblemAnswers.Invalid(problems, "search");
        var (entries, total) = await store.SearchAsync(search, Math.Max(0, skip ?? 0), Math.Clamp(take ?? 50, 1, MostAtOnce), cancel);
        return Results.Ok(new LogPage(total, await names.AnswersAsync(entries, cancel)));
    }

    private static async Task<IResult> ChoicesAsync(LogStore store, LogNames names, CancellationToken cancel)
    {
        var found = await store.ChoicesAsync(cancel);
        var name = await names.NamerAsync(cancel);
        IReadOnlyList<LogChoice> Named(IReadOnlyList<string> ids) =>
            [.. ids.Select(id => new LogChoice(id, name(id))).OrderBy(c => c.Name, StringComparer.OrdinalIgnoreCase)];
        return Results.Ok(
            new LogChoicesAnswer(Named(found.Vinyls), Named(found.Materials), Named(found.HeatSources), found.Lots, found.People));
    }

    private static async Task<IResult> MarksAsync(string vinyl, string material, string heatSource, LogStore store,
        CancellationToken cancel) =>
        Results.Ok((await store.MarksAsync(vinyl, material, heatSource, cancel)).Select(m =>
        {
            var words = LogRows.Parts(m.Outcomes);
            return new LogMarkAnswer(m.Celsius, m.Seconds, Showings.Of([.. words.Select(LogRows.Of<Outcome>)], []), words, m.Count);
        }).ToArray());

    private static async Task<IResult> FindAsync(long id, LogStore store, LogNames names, CancellationToken cancel) =>
        await AnswerAsync(await store.FindAsync(id, cancel), names, cancel);

    private static async Task<IResult> ChangeAsync(long id, LogChange change, LogStore store, LogNames names, WorkshopLearning learning,
        CancellationToken cancel)
    {
        var problems = new Problems();
        CheckNote(change.Note, problems);
        if (change.Lots?.FirstOrDefault(l => l.Contains(',', StringComparison.Ordinal) || l.Length > LogFile.LongestText) is { } odd)
            problems.Add("/lots", new Phrase("log-endpoints.wrong-type", ("odd", odd), ("longestText", LogFile.LongestText)), "wrong-type");
        if (!problems.None)
            return ProblemAnswers.Invalid(problems, "entry");
        var row = await store.ChangeAsync(id, r =>
        {
            r.Note = change.Note ?? r.Note;
            r.Lots = change.Lots is { } lots ? string.Join(',', lots.Select(l => l.Trim()).Where(l => l.Length > 0)) : r.Lots;
            r.Struck = change.Struck ?? r.Struck;
        }, cancel);
        learning.Forget();
        return await AnswerAsync(row, names, cancel);
    }

    private static void CheckNote(string? note, Problems problems)
    {
        if (note?.Length > LogFile.LongestNote)
            problems.Add("/note", new Phrase("log-endpoints.too-long", ("note", note.Length), ("longestNote", LogFile.LongestNote)),
                "too-long");
    }

    private static async Task<IResult> WashAsync(long id, WashRequest wash, [FromHeader(Name = CommandHeader.Name)] Guid? command,
        LogStore store, LogNames names, WorkshopLearning learning, TimeProvider clock, CancellationToken cancel)
    {
        var problems = new Problems();
        problems.Outside("/washes", wash.Washes, 1, LogFile.MostWashes);
        CheckNote(wash.Note, problems);
        if (!problems.None)
            return ProblemAnswers.Invalid(problems, "wash");
        var said = CommandId.Of(command, clock);
        var row = await store.ChangeAsync(id, r =>
        {
            if (!r.Washes.Exists(w => w.CommandId == said))
                r.Washes.Add(
                    new LogWashRow
                    {
                        AtUtc = clock.GetUtcNow(),
                        Washes = wash.Washes,
                        Look = LogRows.Word(wash.Look),
                        Note = wash.Note?.Trim() ?? "",
                        CommandId = said
                    });
        }, cancel);
        learning.Forget();
        return await AnswerAsync(row, names, cancel);
    }

    private static async Task<IResult> UnwashAsync(long id, long wash, LogStore store, LogNames names, WorkshopLearning learning,
        CancellationToken cancel)
    {
        var row = await store.ChangeAsync(id, r => r.Washes.RemoveAll(w => w.Id == wash), cancel);
        learning.Forget();
        return await AnswerAsync(row, names, cancel);
    }

    private static async Task<IResult> JobAsync(
        long id, Guid newId, Func<LogEntry, string?, JsonObject, (string Json, string Title)> make, LogStore store, RunStore runs,
        JobPlans jobs, WorkshopCatalogue catalogues, CancellationToken cancel)
    {
        if (await store.FindAsync(id, cancel) is not { } row)
            return ProblemAnswers.NotFound("entry");
        var run = row.RunId is { } of ? await runs.FindAsync(of, cancel) : null;
        // A further press has the run's job with its own tools.
        var json = run?.Stations.Find(s => (string?)JsonNode.Parse(s.JobJson)?["tools"]?["heatSource"] == row.HeatSource)?.JobJson
            ?? run?.JobJson;
        var (text, title) = make(LogRows.Entry(row), json, await catalogues.OwnAsync(cancel));
        var job = await jobs.AddAsync(newId, title, text, cancel);
        return Results.Created($"/api/jobs/{job.Id}",
            new JobAnswer(job.Id, job.Version, job.UpdatedUtc, System.Text.Json.JsonElement.Parse(job.Json)));
    }

    private static async Task<IResult> AnswerAsync(LogRow? row, LogNames names, CancellationToken cancel) =>
        row is null ? ProblemAnswers.NotFound("entry") : Results.Ok((await names.AnswersAsync([row], cancel))[0]);
}
