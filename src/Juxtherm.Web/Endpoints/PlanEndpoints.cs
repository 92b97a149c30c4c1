using Juxtherm.App;
using Juxtherm.App.Planning;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Settings;
using Juxtherm.Documents;
using Juxtherm.Web.Hosting;

namespace Juxtherm.Web.Endpoints;

/// <summary>Plans for job files, nothing kept.</summary>
internal static class PlanEndpoints
{
    private const int UsualTemperatures = 40;
    private const int UsualTimes = 60;
    private const int MostTemperatures = 200;
    private const int MostTimes = 240;

    public static void MapPlans(this IEndpointRouteBuilder routes)
    {
        var group = routes.MapGroup("/api/plans").WithTags("Plans").Allow(AccessLevel.Look);
        group.MapPost("/preview",
            (HttpRequest request, string? units, Guid? job, JobPlans plans, CancellationToken cancel) =>
            AnswerAsync(request, units, job, plans, result => result.Plan, cancel))
            .Accepts<object>("application/json").Produces<Plan>().ProducesProblem(400).ProducesProblem(413);
        group.MapPost("/trace",
            (HttpRequest request, string? units, Guid? job, JobPlans plans, CancellationToken cancel) =>
            AnswerAsync(request, units, job, plans, result => new TraceAnswer(result.Trace), cancel))
            .Accepts<object>("application/json").Produces<TraceAnswer>().ProducesProblem(400).ProducesProblem(413);
        group.MapPost("/window", WindowAsync).Accepts<object>("application/json").Produces<WindowField>().ProducesProblem(400)
            .ProducesProblem(413);
        group.MapPost("/ticket", TicketAsync).Accepts<object>("application/json").Produces(200, contentType: "application/pdf")
            .ProducesProblem(400).ProducesProblem(413);
        group.MapPost("/vinyl", VinylAsync).Accepts<object>("application/json").Produces<VinylNeed[]>().ProducesProblem(400)
            .ProducesProblem(413);
        group.MapPost("/alternatives", AlternativesAsync).Accepts<object>("application/json").Produces<NearestChange[]>()
            .ProducesProblem(400).ProducesProblem(413);
    }

    /// <summary>What the run takes of each vinyl, without laying it out.</summary>
    private static async Task<IResult> VinylAsync(HttpRequest request, PlanCache cache, CutPlanner cut, CancellationToken cancel)
    {
        var problems = new Problems();
        return cache.Read(await JobBody.ReadAsync(request, cancel), problems) is { } job && problems.None
            ? Results.Ok(VinylNeeds.Of(job, cut)) : ProblemAnswers.Invalid(problems);
    }

    private static async Task<IResult> AlternativesAsync(HttpRequest request, string? units, Guid? job, JobPlans plans,
        NearestChanges changes, CancellationToken cancel)
    {
        var problems = new Problems();
        var json = await JobBody.ReadAsync(request, cancel);
        return await plans.PlanAsync(job, json, ReaderUnits.Of(units), problems, cancel) is { } planned
            ? Results.Ok(changes.For(planned.Job, ReaderUnits.Of(units))) : ProblemAnswers.Invalid(problems);
    }

    private static async Task<IResult> WindowAsync(HttpRequest request, int? temperatures, int? times, Guid? job, JobPlans plans,
        CatalogueSnapshot catalogue, CancellationToken cancel)
    {
        var problems = new Problems();
        void Within(string name, int? value, int most)
        {
            if (value is < 2 || value > most)
                problems.Add("", new Phrase("plan-request.out-of-range", ("name", name), ("value", value), ("most", most)),
                    "out-of-range");
        }

        Within(nameof(temperatures), temperatures, MostTemperatures);
        Within(nameof(times), times, MostTimes);
        var json = await JobBody.ReadAsync(request, cancel);
        return problems.None && await plans.PlanAsync(job, json, UnitSystem.Metric, problems, cancel) is { } planned
            ? Results.Ok(
                WindowField.Of(planned.Result.Window, temperatures ?? UsualTemperatures, times
                    ?? UsualTimes, catalogue.Work.LongestPressSeconds.Value))
            : ProblemAnswers.Invalid(problems);
    }

    private static async Task<IResult> TicketAsync(HttpRequest request, string? units, Guid? job, JobPlans plans,
        CutPlanner cut, TimeProvider clock, ILanguage language, CancellationToken cancel)
    {
        var problems = new Problems();
        var json = await JobBody.ReadAsync(request, cancel);
        return await plans.PlanAsync(job, json, ReaderUnits.Of(units), problems, cancel) is { } planned
            ? Results.File(
                TicketDocument.Write(planned.Job, planned.Result, VinylNeeds.Of(planned.Job, cut),
                    language.WordsFor(ReaderUnits.Of(units)), clock.GetUtcNow()), "application/pdf", "ticket.pdf")
            : ProblemAnswers.Invalid(problems);
    }

    private static async Task<IResult> AnswerAsync<T>(HttpRequest request, string? units, Guid? job, JobPlans plans,
        Func<PlanResult, T> pick, CancellationToken cancel)
    {
        var problems = new Problems();
        var json = await JobBody.ReadAsync(request, cancel);
        return await plans.PlanAsync(job, json, ReaderUnits.Of(units), problems, cancel) is { } planned
            ? Results.Ok(pick(planned.Result)) : ProblemAnswers.Invalid(problems);
    }
}
