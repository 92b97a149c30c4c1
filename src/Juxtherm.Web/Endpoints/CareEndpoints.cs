using Juxtherm.Core.Notices;
using System.Text;
using Juxtherm.App.Bench;
using Juxtherm.App.Learning;
using Juxtherm.App.Logbook;
using Juxtherm.App.Planning;
using Juxtherm.Core.Care;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Reading;
using Juxtherm.Documents;
using Juxtherm.Store;
using Juxtherm.Web.Hosting;
using SkiaSharp;

namespace Juxtherm.Web.Endpoints;

/// <summary>Pieces of a run whose glue is setting, or has just set.</summary>
/// <param name="RunId">The run.</param>
/// <param name="JobId">The job that it began from.</param>
/// <param name="Title">What was made.</param>
/// <param name="What">Item, material and vinyl in words.</param>
/// <param name="Pieces">Its pieces that came out well.</param>
/// <param name="Kind">How they are looked after.</param>
public sealed record CuringRun(Guid RunId, Guid JobId, string Title, string What, IReadOnlyList<CuringPiece> Pieces, CareKind Kind);

/// <summary>A piece whose glue is setting.</summary>
/// <param name="Piece">Which piece.</param>
/// <param name="Name">Whose it is; empty where pieces are all alike.</param>
/// <param name="PressedUtc">When it was pressed.</param>
/// <param name="WashFromUtc">From when it may be washed.</param>
public sealed record CuringPiece(int Piece, string Name, DateTimeOffset PressedUtc, DateTimeOffset WashFromUtc);

/// <summary>Looking after what was made: care cards, setting time, dates.</summary>
internal static class CareEndpoints
{
    private const string Pdf = "application/pdf";

    // What has set is still shown for so long, h.
    private const double StillShownHours = 24;
    private const int MostAtOnce = 500;

    public static void MapCare(this IEndpointRouteBuilder routes)
    {
        var care = routes.MapGroup("/api/care").WithTags("Care");
        care.MapGet("/", CuringAsync).Produces<CuringRun[]>();
        care.MapPost("/advice", AdviceAsync).Accepts<object>("application/json").Produces<CareAdvice>().ProducesProblem(400)
            .ProducesProblem(413);
        care.MapGet("/symbols/{symbol}.svg", (string symbol, HttpResponse response) => Symbol(symbol, response))
            .Produces(200, contentType: "image/svg+xml").ProducesProblem(404);
        routes.MapGet("/api/jobs/{id:guid}/care.pdf", JobCardAsync).WithTags("Care").Produces(200, contentType: Pdf).ProducesProblem(400)
            .ProducesProblem(404);
        routes.MapGet("/api/runs/{id:guid}/care.pdf", RunCardAsync).WithTags("Care").Produces(200, contentType: Pdf).ProducesProblem(404);
        routes.MapGet("/api/runs/{id:guid}/dates.ics", DatesAsync).WithTags("Care").Produces(200, contentType: "text/calendar")
            .ProducesProblem(400).ProducesProblem(404);
    }

    private static async Task<IResult> CuringAsync(LogStore log, RunStore runs, LogNames names, WorkshopCatalogue catalogues,
        TimeProvider clock, CancellationToken cancel)
    {
        var catalogue = await catalogues.FindAsync(cancel);
        var hours = catalogue.Work.CureHours.Value;
        var (rows, _) = await log.SearchAsync(new LogSearch { From = clock.GetUtcNow().AddHours(-hours - StillShownHours) }, 0, MostAtOnce,
            cancel);
        var good = rows.Where(r => r.RunId is not null && LogRows.Entry(r).CameOutWell && KindOf(r, catalogue) != CareKind.Wipe).ToList();
        var words = (await names.AnswersAsync(good, cancel)).ToDictionary(a => a.Id);
        var jobs = await runs.JobsOfAsync([.. good.Select(r => r.RunId!.Value).Distinct()], cancel);
        return Results.Ok(good.GroupBy(r => r.RunId!.Value).Select(g => new CuringRun(
            g.Key, jobs[g.Key], g.First().Title, words[g.First().Id].What,
            [.. g.OrderBy(r => r.Piece).Select(r => new CuringPiece(r.Piece, r.Name, r.AtUtc, r.AtUtc.AddHours(hours)))],
            KindOf(g.First(), catalogue))).ToArray());
    }

    private static CareKind KindOf(LogRow row, CatalogueSnapshot catalogue) =>
        catalogue.Materials.TryGetValue(row.Material, out var material) ? material.Care : CareKind.Wash;

    private static async Task<IResult> AdviceAsync(HttpRequest request, PlanCache cache, CatalogueSnapshot catalogue, ILanguage language,
        CancellationToken cancel)
    {
        var problems = new Problems();
        return cache.Read(await JobBody.ReadAsync(request, cancel), problems) is { } job
            ? Results.Ok(CareAdvice.Of(job, catalogue.Work, language.WordsFor(UnitSystem.Metric))) : ProblemAnswers.Invalid(problems);
    }

    private static IResult Symbol(string symbol, HttpResponse response)
    {
        if (Enum.GetValues<CareSymbol>().Cast<CareSymbol?>().FirstOrDefault(s => LogRows.Word(s!.Value) == symbol) is not { } known)
            return ProblemAnswers.NotFound("care symbol");
        using var stream = new MemoryStream();
        using (var canvas = SKSvgCanvas.Create(SKRect.Create(100, 100), stream))
            CareSymbols.Draw(canvas, known, Page.Ink);
        response.Headers.CacheControl = "public, max-age=86400";
        return Results.Bytes(stream.ToArray(), "image/svg+xml");
    }

    private static async Task<IResult> JobCardAsync(Guid id, JobStore jobs, PlanCache cache, CatalogueSnapshot catalogue,
        ILanguage language, TimeProvider clock, CancellationToken cancel)
    {
        if (await jobs.FindAsync(id, cancel) is not { } row)
            return ProblemAnswers.NotFound("job");
        var problems = new Problems();
        if (cache.Read(row.Json, problems) is not { } job)
            return ProblemAnswers.Invalid(problems);
        IReadOnlyList<string> names = job.Names.Count > 0 ? [.. job.Names.SelectMany(n => Enumerable.Repeat(n.Name, n.Count))] : [""];
        return Results.File(
            CareCard.Pdf(job.Title, What(job), names, CareAdvice.Of(job, catalogue.Work, language.WordsFor(UnitSystem.Metric)), null,
                language.WordsFor(UnitSystem.Metric), clock.GetUtcNow()), Pdf, "care-card.pdf");
    }

    private static async Task<IResult> RunCardAsync(Guid id, int? minutesFromUtc, BenchService bench, LogStore log,
        CatalogueSnapshot catalogue, ILanguage language, TimeProvider clock, CancellationToken cancel)
    {
        if (await bench.FindAsync(id, cancel) is not { } run)
            return ProblemAnswers.NotFound("run");
        var job = run.Frozen.Stations[0].Bare;
        var care = CareAdvice.Of(job, catalogue.Work, language.WordsFor(UnitSystem.Metric));
        var pieces = await GoodAsync(id, log, cancel);
        // One date for all cards: the last piece's, which is early for none.
        DateTimeOffset? from = care.CureHours > 0 && pieces.Count > 0
            ? pieces.Max(p => p.AtUtc).AddHours(care.CureHours).ToOffset(Offset(minutesFromUtc)) : null;
        IReadOnlyList<string> names = pieces.Exists(p => p.Name.Length > 0) ? [.. pieces.Select(p => p.Name)] : [""];
        return Results.File(
            CareCard.Pdf(run.Row.Title, What(job), names, care, from, language.WordsFor(UnitSystem.Metric), clock.GetUtcNow()), Pdf,
            "care-card.pdf");
    }

    private static async Task<IResult> DatesAsync(Guid id, string? handover, BenchService bench, LogStore log, CatalogueSnapshot catalogue,
        ILanguage language, TimeProvider clock, CancellationToken cancel)
    {
        if (await bench.FindAsync(id, cancel) is not { } run)
            return ProblemAnswers.NotFound("run");
        var care = CareAdvice.Of(run.Frozen.Stations[0].Bare, catalogue.Work, language.WordsFor(UnitSystem.Metric));
        var pieces = await GoodAsync(id, log, cancel);
        var names = string.Join(", ", pieces.Select(p => p.Name).Where(n => n.Length > 0));
        var dates = new List<CalendarDate>();
        if (care.CureHours > 0 && pieces.Count > 0)
            dates.Add(new CalendarDate($"{id}-wash@juxtherm", pieces.Max(p => p.AtUtc).AddHours(care.CureHours),
                $"May be washed: {run.Row.Title}", $"{(names.Length > 0 ? names + ". " : "")}{string.Join(' ', care.Lines)}"));
        if (!string.IsNullOrEmpty(handover))
        {
            if (!PlainTime.TryRead(handover, out var at))
            {
                var problems = new Problems();
                problems.Add("/handover", new Phrase("care-endpoints.wrong-type", ("handover", handover), ("accepted", PlainTime.Accepted)),
                    "wrong-type");
                return ProblemAnswers.Invalid(problems, "date");
            }

            dates.Add(new CalendarDate($"{id}-handover@juxtherm", at, $"Hand over: {run.Row.Title}",
                $"{(pieces.Count == 1 ? "1 piece" : $"{pieces.Count} pieces")}{(names.Length > 0 ? $": {names}" : "")}."));
        }

        return Results.File(Encoding.UTF8.GetBytes(CareCalendar.Write(dates, clock.GetUtcNow())), "text/calendar", "dates.ics");
    }

    private static async Task<List<LogRow>> GoodAsync(Guid run, LogStore log, CancellationToken cancel) =>
        [.. (await log.AllAsync(new LogSearch { Run = run }, cancel)).Where(r => LogRows.Entry(r).CameOutWell).OrderBy(r => r.Piece)];

    private static TimeSpan Offset(int? minutesFromUtc) => TimeSpan.FromMinutes(Math.Clamp(minutesFromUtc ?? 0, -14 * 60, 14 * 60));

    private static string What(Job job) =>
        $"{job.Blank.Form.Name}, {job.Blank.Material.Name.ToLowerInvariant()}, with {string.Join(" and " +
            "", job.Layers.Select(l => l.Vinyl.Name.ToLowerInvariant()).Distinct(StringComparer.Ordinal))} vinyl";
}
