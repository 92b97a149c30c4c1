using System.Text.Json;
using Juxtherm.App;
using Juxtherm.App.Planning;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Reading;
using Juxtherm.Documents;
using Juxtherm.Store;
using Juxtherm.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace Juxtherm.Web.Endpoints;

/// <summary>A kept job.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Version">Counts saves; give it back when saving.</param>
/// <param name="UpdatedUtc">When it was last saved.</param>
/// <param name="Job">The job file.</param>
public sealed record JobAnswer(Guid Id, int Version, DateTimeOffset UpdatedUtc, JsonElement Job);

/// <summary>A changed job to keep.</summary>
/// <param name="Version">The version it was changed from.</param>
/// <param name="Job">The job file.</param>
public sealed record SaveRequest(int Version, JsonElement Job);

/// <summary>A part of the list of jobs.</summary>
/// <param name="Total">How many there are in all that fit what is looked for.</param>
/// <param name="Jobs">Last touched first.</param>
public sealed record JobPage(int Total, IReadOnlyList<JobCard> Jobs);

/// <summary>The setting of a plan.</summary>
/// <param name="Celsius">Set to, °C.</param>
/// <param name="DialMark">The mark; null where the dial shows degrees.</param>
/// <param name="Seconds">Press time, s.</param>
public sealed record AgreedPress(double Celsius, string? DialMark, double Seconds)
{
    internal static AgreedPress Of(Plan plan) => new(plan.BondingPress.Celsius, plan.BondingPress.DialMark, plan.BondingPress.Seconds);
}

/// <summary>What the logbook has taught since a job's plan was agreed to.</summary>
/// <param name="Changes">It would move the setting.</param>
/// <param name="Agreed">The setting as agreed to, which holds until the other is taken.</param>
/// <param name="Now">The setting with all that was learned by now.</param>
public sealed record LearnedSince(bool Changes, AgreedPress Agreed, AgreedPress Now);

/// <summary>Kept jobs.</summary>
internal static class JobEndpoints
{
    private const int UsualPage = 50;
    private const int LargestPage = 200;

    public static void MapJobs(this IEndpointRouteBuilder routes)
    {
        var jobs = routes.MapGroup("/api/jobs").WithTags("Jobs");
        jobs.MapGet("/", ListAsync).Produces<JobPage>();
        jobs.MapPost("/", AddAsync).Accepts<object>("application/json").Produces<JobAnswer>(201).ProducesProblem(400);
        jobs.MapGet("/{id:guid}", FindAsync).Produces<JobAnswer>().ProducesProblem(404);
        jobs.MapPut("/{id:guid}", SaveAsync).Produces<JobAnswer>().ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        jobs.MapPatch("/{id:guid}", PatchAsync).Accepts<JobEdit[]>("application/json-patch+json", "application/json").Produces<JobAnswer>()
            .ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        jobs.MapGet("/{id:guid}/ticket.pdf", TicketAsync).Produces(200, contentType: "application/pdf").ProducesProblem(400)
            .ProducesProblem(404);
        jobs.MapGet("/{id:guid}/file", FileAsync).Produces(200, contentType: "application/json").ProducesProblem(404);
        jobs.MapPost("/{id:guid}/copy", CopyAsync).Produces<JobAnswer>(201).ProducesProblem(404);
        jobs.MapGet("/{id:guid}/learned", LearnedAsync).Produces<LearnedSince>().ProducesProblem(400).ProducesProblem(404);
        jobs.MapPost("/{id:guid}/learned", async (Guid id, JobStore store, JobPlans plans, CancellationToken cancel) =>
            await store.AgreeAsync(id, plans.LearnedNow, cancel) ? Results.NoContent() : ProblemAnswers.NotFound("job")).Produces(204)
            .ProducesProblem(404);
        jobs.MapDelete("/{id:guid}", (Guid id, JobStore store, CancellationToken cancel) => SetDeletedAsync(id, true, store, cancel))
            .Produces<JobAnswer>().ProducesProblem(404);
        jobs.MapPost("/{id:guid}/restore", (Guid id, JobStore store, CancellationToken cancel) => SetDeletedAsync(id, false, store, cancel))
            .Produces<JobAnswer>().ProducesProblem(404);
    }

    private static async Task<IResult> ListAsync(string? units, string? search, int? skip, int? take, JobStore store, JobCards cards,
        CancellationToken cancel)
    {
        var (listed, total) = await store.ListAsync(search?.Trim()
            ?? "", Math.Max(0, skip ?? 0), Math.Clamp(take ?? UsualPage, 1, LargestPage), cancel);
        return Results.Ok(new JobPage(total, await cards.OfAsync(listed, ReaderUnits.Of(units), cancel)));
    }

    private static async Task<IResult> AddAsync(HttpRequest request, [FromHeader(Name = CommandHeader.Name)] Guid? command, PlanCache cache,
        JobPlans plans, TimeProvider clock, CancellationToken cancel)
    {
        var problems = new Problems();
        var json = await JobBody.ReadAsync(request, cancel);
        if (cache.Plan(json, UnitSystem.Metric, problems) is not { } planned)
            return ProblemAnswers.Invalid(problems);
        var row = await plans.AddAsync(CommandId.Of(command, clock), planned.Job.Title, json, cancel);
        return Results.Created($"/api/jobs/{row.Id}", Answer(row));
    }

    private static async Task<IResult> FindAsync(Guid id, JobStore store, JobPlans plans, CancellationToken cancel)
    {
        if (await store.FindAsync(id, cancel) is not { } row)
            return ProblemAnswers.NotFound("job");
        // A job from before plans were agreed to: what is looked at now is.
        if (row.LearnedJson is null)
            await store.AgreeAsync(id, plans.LearnedNow, cancel);
        return Results.Ok(Answer(row));
    }

    /// <summary>What the logbook has taught since the job's plan was agreed to, where that moves its setting.</summary>
    private static async Task<IResult> LearnedAsync(Guid id, JobStore store, JobPlans plans, CancellationToken cancel)
    {
        if (await store.FindAsync(id, cancel) is not { } row)
            return ProblemAnswers.NotFound("job");
        var problems = new Problems();
        if (plans.Plan(row, UnitSystem.Metric, problems) is not { } agreed
            || plans.PlanNow(row, UnitSystem.Metric, problems) is not { } now)
            return ProblemAnswers.Invalid(problems);
        var (was, would) = (AgreedPress.Of(agreed.Result.Plan), AgreedPress.Of(now.Result.Plan));
        return Results.Ok(new LearnedSince(was != would, was, would));
    }

    private static Task<IResult> SaveAsync(Guid id, SaveRequest request, JobStore store, PlanCache cache, CancellationToken cancel) =>
        SavedAsync(id, request.Version, request.Job.ValueKind == JsonValueKind.Undefined
            ? "null" : request.Job.GetRawText(), new Problems(), store, cache, cancel);

    /// <summary>Changes a kept job by a JSON Patch, if it is still as it was when the patch was thought of.</summary>
    private static async Task<IResult> PatchAsync(Guid id, int version, HttpRequest request, JobStore store, PlanCache cache,
        CancellationToken cancel)
    {
        if (await store.FindAsync(id, cancel) is not { } row)
            return ProblemAnswers.NotFound("job");
        var problems = new Problems();
        var changed = row.Version == version ? JobPatch.Applied(row.Json, await JobBody.ReadAsync(request, cancel), problems) : row.Json;
        return changed is null
            ? ProblemAnswers.Invalid(problems, "change") : await SavedAsync(id, version, changed, problems, store, cache, cancel);
    }

    private static async Task<IResult> SavedAsync(Guid id, int version, string json, Problems problems, JobStore store, PlanCache cache,
        CancellationToken cancel)
    {
        if (cache.Plan(json, UnitSystem.Metric, problems) is not { } planned)
            return ProblemAnswers.Invalid(problems);
        var saved = await store.SaveAsync(id, version, planned.Job.Title, json, cancel);
        if (saved.Row is null)
            return ProblemAnswers.NotFound("job");
        return saved.Stale
            ? ProblemAnswers.Conflict("stale",
                "This job was saved from somewhere else in the meantime. Both are still there: keep yours over it, or take the newer one.",
                Answer(saved.Row))
            : Results.Ok(Answer(saved.Row));
    }

    private static async Task<IResult> TicketAsync(Guid id, string? units, JobStore store, JobPlans plans, CatalogueSnapshot catalogue,
        TimeProvider clock, ILanguage language, CancellationToken cancel)
    {
        if (await store.FindAsync(id, cancel) is not { } row)
            return ProblemAnswers.NotFound("job");
        var problems = new Problems();
        if (plans.Plan(row, ReaderUnits.Of(units), problems) is not { } planned)
            return ProblemAnswers.Invalid(problems);
        return Results.File(
            TicketDocument.Write(planned.Job, planned.Result, VinylNeeds.Of(planned.Job, catalogue.Work.Cutting),
                language.WordsFor(ReaderUnits.Of(units)), clock.GetUtcNow()), "application/pdf",
                $"{FileName(planned.Job.Title, "Ticket")}.pdf");
    }

    /// <summary>The job as a file, whole elsewhere: artwork and own entries travel in it.</summary>
    private static async Task<IResult> FileAsync(Guid id, JobStore store, CancellationToken cancel) =>
        await store.FindAsync(id, cancel) is { } row
        ? Results.File(System.Text.Encoding.UTF8.GetBytes(row.Json), "application/json", $"{FileName(row.Title, "Job")}.juxtherm.json")
        : ProblemAnswers.NotFound("job");

    private static string FileName(string title, string otherwise) =>
        new string([.. title.Where(c => char.IsLetterOrDigit(c) || c is ' ' or '-').Take(60)]).Trim() is { Length: > 0 } name
        ? name : otherwise;

    private static async Task<IResult> CopyAsync(Guid id, [FromHeader(Name = CommandHeader.Name)] Guid? command, JobStore store,
        TimeProvider clock, CancellationToken cancel)
    {
        if (await store.FindAsync(id, cancel) is not { } row)
            return ProblemAnswers.NotFound("job");
        var copy = System.Text.Json.Nodes.JsonNode.Parse(row.Json)!.AsObject();
        var title = row.Title.Length > 110 ? row.Title[..110] : row.Title;
        copy["title"] = $"{title}, copy";
        var added = await store.AddAsync(CommandId.Of(command, clock), $"{title}, copy", copy.ToJsonString(), cancel,
            learned: row.LearnedJson);
        return Results.Created($"/api/jobs/{added.Id}", Answer(added));
    }

    private static async Task<IResult> SetDeletedAsync(Guid id, bool deleted, JobStore store, CancellationToken cancel) =>
        await store.SetDeletedAsync(id, deleted, cancel) is { } row ? Results.Ok(Answer(row)) : ProblemAnswers.NotFound("job");

    private static JobAnswer Answer(JobRow row) => new(row.Id, row.Version, row.UpdatedUtc, JsonElement.Parse(row.Json));
}
