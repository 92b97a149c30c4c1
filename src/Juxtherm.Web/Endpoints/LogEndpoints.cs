using Juxtherm.App.Learning;
using Juxtherm.App.Logbook;
using Juxtherm.App.Planning;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Store;
using Juxtherm.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace Juxtherm.Web.Endpoints;

/// <summary>A page of the logbook.</summary>
/// <param name="Total">How many entries fit.</param>
/// <param name="Entries">Newest first.</param>
public sealed record LogPage(int Total, IReadOnlyList<LogAnswer> Entries);

/// <summary>The logbook: looked through, and its entries.</summary>
internal static class LogEndpoints
{
    private const int MostAtOnce = 200;

    public static void MapLog(this IEndpointRouteBuilder routes)
    {
        var log = routes.MapGroup("/api/log").WithTags("Logbook").Allow(AccessLevel.Owner).Audit(new Phrase("deed.logbook"));
        log.MapGet("/", SearchAsync).Produces<LogPage>().Allow(AccessLevel.Look);
        log.MapGet("/choices", async (ReadLogbook logbook, CancellationToken cancel) => Results.Ok(await logbook.ChoicesAsync(cancel)))
            .Produces<LogChoicesAnswer>().Allow(AccessLevel.Look);
        log.MapGet("/marks",
            async (string vinyl, string material, string heatSource, ReadLogbook logbook, CancellationToken cancel) =>
            Results.Ok(await logbook.MarksAsync(vinyl, material, heatSource, cancel))).Produces<LogMarkAnswer[]>().Allow(AccessLevel.Look);
        log.MapGet("/{id:long}", async (long id, ReadLogbook logbook, CancellationToken cancel) =>
            Answers.Of(await logbook.FindAsync(id, cancel))).Produces<LogAnswer>().ProducesProblem(404).Allow(AccessLevel.Look);
        log.MapPatch("/{id:long}", async (long id, LogChange change, ChangeEntry entry, CancellationToken cancel) =>
            Answers.Of(await entry.ChangeAsync(id, change, cancel))).Produces<LogAnswer>().ProducesProblem(400).ProducesProblem(404)
            .Allow(AccessLevel.Press);
        log.MapPost("/{id:long}/washes",
            async (long id, WashRequest wash, [FromHeader(Name = CommandHeader.Name)] Guid? command, ChangeEntry entry,
                CancellationToken cancel) =>
            Answers.Of(await entry.WashAsync(id, wash, command, cancel)))
            .Produces<LogAnswer>().ProducesProblem(400).ProducesProblem(404).Allow(AccessLevel.Press);
        log.MapDelete("/{id:long}/washes/{wash:long}", async (long id, long wash, ChangeEntry entry, CancellationToken cancel) =>
            Answers.Of(await entry.UnwashAsync(id, wash, cancel))).Produces<LogAnswer>().ProducesProblem(404);
        log.MapPost("/{id:long}/as-used",
            async (long id, [FromHeader(Name = CommandHeader.Name)] Guid? command, JobOfEntry make, CancellationToken cancel) =>
            Answers.Of(await make.AsUsedAsync(id, command, cancel), JobEndpoints.Created)).Produces<JobAnswer>(201).ProducesProblem(404);
        log.MapPost("/{id:long}/again",
            async (long id, [FromHeader(Name = CommandHeader.Name)] Guid? command, JobOfEntry make, CancellationToken cancel) =>
            Answers.Of(await make.AgainAsync(id, command, cancel), JobEndpoints.Created)).Produces<JobAnswer>(201).ProducesProblem(404);
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
}
