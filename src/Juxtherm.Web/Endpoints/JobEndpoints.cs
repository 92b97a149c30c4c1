using System.Text.Json;
using Juxtherm.App;
using Juxtherm.App.Demo;
using Juxtherm.App.Planning;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Reading;
using Juxtherm.Documents;
using Juxtherm.Store;
using Juxtherm.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace Juxtherm.Web.Endpoints;

/// <summary>A changed job to keep.</summary>
/// <param name="Version">The version it was changed from.</param>
/// <param name="Job">The job file.</param>
public sealed record SaveRequest(int Version, JsonElement Job);

/// <summary>A part of the list of jobs.</summary>
/// <param name="Total">How many there are in all that fit what is looked for.</param>
/// <param name="Jobs">Last touched first.</param>
public sealed record JobPage(int Total, IReadOnlyList<JobCard> Jobs);

/// <summary>Kept jobs.</summary>
internal static class JobEndpoints
{
    private const int UsualPage = 50;
    private const int LargestPage = 200;

    public static void MapJobs(this IEndpointRouteBuilder routes)
    {
        var jobs = routes.MapGroup("/api/jobs").WithTags("Jobs").Allow(AccessLevel.Owner).Audit(new Phrase("deed.job"));
        jobs.MapGet("/", ListAsync).Produces<JobPage>().Allow(AccessLevel.Look);
        jobs.MapPost("/",
            async (HttpRequest request, [FromHeader(Name = CommandHeader.Name)] Guid? command, KeepJob keep, CancellationToken cancel) =>
            Answers.Of(await keep.AddAsync(await JobBody.ReadAsync(request, cancel), command, cancel), Created))
            .Accepts<object>("application/json").Produces<JobAnswer>(201).ProducesProblem(400);
        jobs.MapPost("/tour",
            async ([FromHeader(Name = CommandHeader.Name)] Guid? command, KeepJob keep, CancellationToken cancel) =>
            Answers.Of(await keep.AddExampleAsync(DemoData.TourJob, command, cancel), Created)).Produces<JobAnswer>(201);
        jobs.MapGet("/{id:guid}", async (Guid id, KeepJob keep, CancellationToken cancel) => Answers.Of(await keep.FindAsync(id, cancel)))
            .Produces<JobAnswer>().ProducesProblem(404).Allow(AccessLevel.Look);
        jobs.MapPut("/{id:guid}", async (Guid id, SaveRequest request, KeepJob keep, CancellationToken cancel) =>
            Answers.Of(await keep.SaveAsync(id, request.Version,
                request.Job.ValueKind == JsonValueKind.Undefined ? "null" : request.Job.GetRawText(), cancel)))
            .Produces<JobAnswer>().ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        jobs.MapPatch("/{id:guid}", async (Guid id, int version, HttpRequest request, KeepJob keep, CancellationToken cancel) =>
            Answers.Of(await keep.PatchAsync(id, version, await JobBody.ReadAsync(request, cancel), cancel)))
            .Accepts<JobEdit[]>("application/json-patch+json", "application/json").Produces<JobAnswer>()
            .ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        jobs.MapGet("/{id:guid}/ticket.pdf", TicketAsync).Produces(200, contentType: "application/pdf").ProducesProblem(400)
            .ProducesProblem(404).Allow(AccessLevel.Look);
        jobs.MapGet("/{id:guid}/artwork.{format}", ArtworkAsync).Produces(200, contentType: "image/svg+xml").ProducesProblem(400)
            .ProducesProblem(404).Allow(AccessLevel.Look);
        jobs.MapGet("/{id:guid}/proof.png", ProofAsync).Produces(200, contentType: "image/png").ProducesProblem(400).ProducesProblem(404)
            .Allow(AccessLevel.Look);
        jobs.MapGet("/{id:guid}/file", FileAsync).Produces(200, contentType: "application/json").ProducesProblem(404)
            .Allow(AccessLevel.Look);
        jobs.MapPost("/{id:guid}/copy",
            async (Guid id, [FromHeader(Name = CommandHeader.Name)] Guid? command, KeepJob keep, CancellationToken cancel) =>
            Answers.Of(await keep.CopyAsync(id, command, cancel), Created)).Produces<JobAnswer>(201).ProducesProblem(404);
        jobs.MapGet("/{id:guid}/learned", async (Guid id, KeepJob keep, CancellationToken cancel) =>
            Answers.Of(await keep.LearnedSinceAsync(id, cancel))).Produces<LearnedSince>().ProducesProblem(400).ProducesProblem(404)
            .Allow(AccessLevel.Look);
        jobs.MapPost("/{id:guid}/learned", async (Guid id, KeepJob keep, CancellationToken cancel) =>
            await keep.AgreeAsync(id, cancel) ? Results.NoContent() : ProblemAnswers.NotFound("job")).Produces(204).ProducesProblem(404);
        jobs.MapPost("/{id:guid}/learned/keep", async (Guid id, KeepJob keep, CancellationToken cancel) =>
            await keep.KeepAgreedAsync(id, cancel) ? Results.NoContent() : ProblemAnswers.NotFound("job")).Produces(204)
            .ProducesProblem(404);
        jobs.MapDelete("/{id:guid}", async (Guid id, KeepJob keep, CancellationToken cancel) =>
            Answers.Of(await keep.SetDeletedAsync(id, true, cancel))).Produces<JobAnswer>().ProducesProblem(404);
        jobs.MapPost("/{id:guid}/restore", async (Guid id, KeepJob keep, CancellationToken cancel) =>
            Answers.Of(await keep.SetDeletedAsync(id, false, cancel))).Produces<JobAnswer>().ProducesProblem(404);
    }

    /// <summary>A job was made.</summary>
    internal static IResult Created(JobAnswer job) => Results.Created($"/api/jobs/{job.Id}", job);

    private static async Task<IResult> ListAsync(string? units, string? search, string? sort, int? skip, int? take, JobStore store,
        JobCards cards, CancellationToken cancel)
    {
        var (listed, total) = await store.ListAsync(search?.Trim()
            ?? "", sort == "due", Math.Max(0, skip ?? 0), Math.Clamp(take ?? UsualPage, 1, LargestPage), cancel);
        return Results.Ok(new JobPage(total, await cards.OfAsync(listed, ReaderUnits.Of(units), cancel)));
    }

    private static async Task<IResult> TicketAsync(Guid id, string? units, JobStore store, JobPlans plans, CutPlanner cut,
        TimeProvider clock, ILanguage language, CancellationToken cancel)
    {
        if (await store.FindAsync(id, cancel) is not { } row)
            return ProblemAnswers.NotFound("job");
        var problems = new Problems();
        if (plans.Plan(row, ReaderUnits.Of(units), problems) is not { } planned)
            return ProblemAnswers.Invalid(problems);
        return Results.File(
            TicketDocument.Write(planned.Job, planned.Result, VinylNeeds.Of(planned.Job, cut),
                language.WordsFor(ReaderUnits.Of(units)), clock.GetUtcNow()), "application/pdf",
                $"{FileName(planned.Job.Title, "Ticket")}.pdf");
    }

    /// <summary>The artwork of a face in true size, for other programs.</summary>
    private static async Task<IResult> ArtworkAsync(Guid id, string format, string? face, string? units, JobStore store, PlanCache cache,
        ILanguage language, TimeProvider clock, CancellationToken cancel)
    {
        if (await store.FindAsync(id, cancel) is not { } row)
            return ProblemAnswers.NotFound("job");
        var problems = new Problems();
        if (format is not ("svg" or "dxf" or "pdf"))
            problems.Add("", new Phrase("artwork-file.format", ("format", format)), "unknown-id");
        if (cache.Read(row.Json, problems) is not { } job || !problems.None)
            return ProblemAnswers.Invalid(problems);
        if (ArtworkFiles.Of(job, FaceAsked.Of(face, job)) is not { } files)
            return ProblemAnswers.NotFound("artwork");
        var name = $"{FileName(row.Title, "Artwork")}.{format}";
        return format switch
        {
            "svg" => Results.File(System.Text.Encoding.UTF8.GetBytes(files.Svg()), "image/svg+xml", name),
            "dxf" => Results.File(System.Text.Encoding.ASCII.GetBytes(files.Dxf()), "image/vnd.dxf", name),
            _ => Results.File(files.Pdf(row.Title, language.WordsFor(ReaderUnits.Of(units)), clock.GetUtcNow()), "application/pdf", name)
        };
    }

    private static async Task<IResult> ProofAsync(Guid id, string? face, JobStore store, PlanCache cache, ILanguage language,
        CancellationToken cancel)
    {
        if (await store.FindAsync(id, cancel) is not { } row)
            return ProblemAnswers.NotFound("job");
        var problems = new Problems();
        return cache.Read(row.Json, problems) is { } job
            ? Results.File(ProofPicture.Png(job, FaceAsked.Of(face, job), language.WordsFor(UnitSystem.Metric)), "image/png",
                $"{FileName(row.Title, "Proof")}.png")
            : ProblemAnswers.Invalid(problems);
    }

    /// <summary>The job as a file, whole elsewhere: artwork and own entries travel in it.</summary>
    private static async Task<IResult> FileAsync(Guid id, JobStore store, CancellationToken cancel) =>
        await store.FindAsync(id, cancel) is { } row
        ? Results.File(System.Text.Encoding.UTF8.GetBytes(row.Json), "application/json", $"{FileName(row.Title, "Job")}.juxtherm.json")
        : ProblemAnswers.NotFound("job");

    private static string FileName(string title, string otherwise) =>
        new string([.. title.Where(c => char.IsLetterOrDigit(c) || c is ' ' or '-').Take(60)]).Trim() is { Length: > 0 } name
        ? name : otherwise;
}
