using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Planning;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Recipes;
using Juxtherm.Documents;
using Juxtherm.Web.Hosting;

namespace Juxtherm.Web.Endpoints;

/// <summary>Temperatures over time behind a plan.</summary>
/// <param name="Phases">Phase by phase.</param>
public sealed record TraceAnswer(IReadOnlyList<TracePhase> Phases);

/// <summary>Plans for job files, nothing kept.</summary>
internal static class PlanEndpoints
{
    private const int UsualTemperatures = 40;
    private const int UsualTimes = 60;
    private const int MostTemperatures = 200;
    private const int MostTimes = 240;

    public static void MapPlans(this IEndpointRouteBuilder routes)
    {
        var plans = routes.MapGroup("/api/plans").WithTags("Plans");
        plans.MapPost("/preview", (HttpRequest request, string? units, PlanCache cache, CancellationToken cancel) => AnswerAsync(request, units, cache, result => result.Plan, cancel))
            .Accepts<object>("application/json").Produces<Plan>().ProducesProblem(400).ProducesProblem(413);
        plans.MapPost("/trace", (HttpRequest request, string? units, PlanCache cache, CancellationToken cancel) => AnswerAsync(request, units, cache, result => new TraceAnswer(result.Trace), cancel))
            .Accepts<object>("application/json").Produces<TraceAnswer>().ProducesProblem(400).ProducesProblem(413);
        plans.MapPost("/window", WindowAsync).Accepts<object>("application/json").Produces<WindowField>().ProducesProblem(400).ProducesProblem(413);
        plans.MapPost("/ticket", TicketAsync).Accepts<object>("application/json").Produces(200, contentType: "application/pdf").ProducesProblem(400).ProducesProblem(413);
        plans.MapPost("/alternatives", AlternativesAsync).Accepts<object>("application/json").Produces<NearestChange[]>().ProducesProblem(400).ProducesProblem(413);
    }

    private static async Task<IResult> AlternativesAsync(HttpRequest request, string? units, PlanCache cache, NearestChanges changes, CancellationToken cancel)
    {
        var problems = new Problems();
        var json = await JobBody.ReadAsync(request, cancel);
        return cache.Plan(json, JobBody.Units(units), problems) is { } planned ? Results.Ok(changes.For(planned.Job, JobBody.Units(units))) : ProblemAnswers.Invalid(problems);
    }

    private static async Task<IResult> WindowAsync(HttpRequest request, int? temperatures, int? times, PlanCache cache, CatalogueSnapshot catalogue, CancellationToken cancel)
    {
        var problems = new Problems();
        void Within(string name, int? value, int most)
        {
            if (value is < 2 || value > most)
                problems.Add("", $"{name} is {value}; 2 to {most} are accepted.", "out-of-range");
        }

        Within(nameof(temperatures), temperatures, MostTemperatures);
        Within(nameof(times), times, MostTimes);
        var json = await JobBody.ReadAsync(request, cancel);
        return problems.None && cache.Plan(json, UnitSystem.Metric, problems) is { } planned
            ? Results.Ok(WindowField.Of(planned.Result.Window, temperatures ?? UsualTemperatures, times ?? UsualTimes, catalogue.Work.LongestPressSeconds.Value))
            : ProblemAnswers.Invalid(problems);
    }

    private static async Task<IResult> TicketAsync(HttpRequest request, string? units, PlanCache cache, TimeProvider clock, CancellationToken cancel)
    {
        var problems = new Problems();
        var json = await JobBody.ReadAsync(request, cancel);
        return cache.Plan(json, JobBody.Units(units), problems) is { } planned
            ? Results.File(TicketDocument.Write(planned.Job, planned.Result, JobBody.Units(units), clock.GetUtcNow()), "application/pdf", "ticket.pdf")
            : ProblemAnswers.Invalid(problems);
    }

    private static async Task<IResult> AnswerAsync<T>(HttpRequest request, string? units, PlanCache cache, Func<PlanResult, T> pick, CancellationToken cancel)
    {
        var problems = new Problems();
        var json = await JobBody.ReadAsync(request, cancel);
        return cache.Plan(json, JobBody.Units(units), problems) is { } planned ? Results.Ok(pick(planned.Result)) : ProblemAnswers.Invalid(problems);
    }
}
