using System.Text;
using Juxtherm.App.Care;
using Juxtherm.App.Logbook;
using Juxtherm.App.Planning;
using Juxtherm.Core.Care;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Documents;
using Juxtherm.Store;
using Juxtherm.Web.Hosting;
using SkiaSharp;

namespace Juxtherm.Web.Endpoints;

/// <summary>Looking after what was made: care cards, setting time, dates.</summary>
internal static class CareEndpoints
{
    private const string Pdf = "application/pdf";

    public static void MapCare(this IEndpointRouteBuilder routes)
    {
        var care = routes.MapGroup("/api/care").WithTags("Care").Allow(AccessLevel.Look);
        care.MapGet("/", async (LookAfter after, CancellationToken cancel) => Results.Ok(await after.CuringAsync(cancel)))
            .Produces<CuringRun[]>();
        care.MapPost("/advice", AdviceAsync).Accepts<object>("application/json").Produces<CareAdvice>().ProducesProblem(400)
            .ProducesProblem(413);
        care.MapGet("/symbols/{symbol}.svg", (string symbol, HttpResponse response) => Symbol(symbol, response))
            .Produces(200, contentType: "image/svg+xml").ProducesProblem(404);
        routes.MapGet("/api/jobs/{id:guid}/care.pdf", JobCardAsync).WithTags("Care").Produces(200, contentType: Pdf).ProducesProblem(400)
            .ProducesProblem(404).Allow(AccessLevel.Look);
        routes.MapGet("/api/runs/{id:guid}/care.pdf", RunCardAsync).WithTags("Care").Produces(200, contentType: Pdf).ProducesProblem(404)
            .Allow(AccessLevel.Look);
        routes.MapGet("/api/runs/{id:guid}/dates.ics", DatesAsync).WithTags("Care").Produces(200, contentType: "text/calendar")
            .ProducesProblem(400).ProducesProblem(404).Allow(AccessLevel.Look);
    }

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
        IReadOnlyList<string> names = job.Names.Any() ? [.. job.Names.SelectMany(n => Enumerable.Repeat(n.Name, n.Count))] : [""];
        var words = language.WordsFor(UnitSystem.Metric);
        return Results.File(
            CareCard.Pdf(job.Title, CareCard.WhatOf(job, words), names, CareAdvice.Of(job, catalogue.Work, words), null, words,
                clock.GetUtcNow()), Pdf, "care-card.pdf");
    }

    private static async Task<IResult> RunCardAsync(Guid id, int? minutesFromUtc, LookAfter after, CatalogueSnapshot catalogue,
        ILanguage language, TimeProvider clock, CancellationToken cancel)
    {
        if (await after.MadeAsync(id, cancel) is not { } made)
            return ProblemAnswers.NotFound("run");
        var words = language.WordsFor(UnitSystem.Metric);
        var care = CareAdvice.Of(made.Job, catalogue.Work, words);
        return Results.File(
            CareCard.Pdf(made.Title, CareCard.WhatOf(made.Job, words), made.NamesOrNone, care,
                made.WashFrom(care.CureHours)?.ToOffset(Offset(minutesFromUtc)), words, clock.GetUtcNow()), Pdf, "care-card.pdf");
    }

    private static async Task<IResult> DatesAsync(Guid id, string? handover, LookAfter after, CatalogueSnapshot catalogue,
        ILanguage language, TimeProvider clock, CancellationToken cancel)
    {
        if (await after.MadeAsync(id, cancel) is not { } made)
            return ProblemAnswers.NotFound("run");
        DateTimeOffset? handedOver = null;
        if (!string.IsNullOrEmpty(handover))
        {
            if (!PlainTime.TryRead(handover, out var at))
            {
                var problems = new Problems();
                problems.Add("/handover", new Phrase("care-request.wrong-type", ("handover", handover), ("accepted", PlainTime.Accepted)),
                    "wrong-type");
                return ProblemAnswers.Invalid(problems, "date");
            }

            handedOver = at;
        }

        var care = CareAdvice.Of(made.Job, catalogue.Work, language.WordsFor(UnitSystem.Metric));
        var dates = CareDates.Of(id, made.Title, [.. made.Pieces.Select(p => p.Name)], made.WashFrom(care.CureHours), handedOver, care,
            language.WordsFor(UnitSystem.Metric));
        return Results.File(Encoding.UTF8.GetBytes(CareCalendar.Write(dates, clock.GetUtcNow())), "text/calendar", "dates.ics");
    }

    private static TimeSpan Offset(int? minutesFromUtc) => TimeSpan.FromMinutes(Math.Clamp(minutesFromUtc ?? 0, -14 * 60, 14 * 60));
}
