using Juxtherm.Core.Planning;
using Juxtherm.Core.Reading;
using Juxtherm.Web.Hosting;

namespace Juxtherm.Web.Endpoints;

/// <summary>Temperatures over time behind a plan.</summary>
/// <param name="Phases">Phase by phase.</param>
public sealed record TraceAnswer(IReadOnlyList<TracePhase> Phases);

/// <summary>Plans for job files, nothing kept.</summary>
internal static class PlanEndpoints
{
    public static void MapPlans(this IEndpointRouteBuilder routes)
    {
        var plans = routes.MapGroup("/api/plans").WithTags("Plans");
        plans.MapPost("/preview", (HttpRequest request, string? units, PlanCache cache, CancellationToken cancel) => AnswerAsync(request, units, cache, result => result.Plan, cancel))
            .Accepts<object>("application/json").Produces<Plan>().ProducesProblem(400).ProducesProblem(413).ProducesProblem(422);
        plans.MapPost("/trace", (HttpRequest request, string? units, PlanCache cache, CancellationToken cancel) => AnswerAsync(request, units, cache, result => new TraceAnswer(result.Trace), cancel))
            .Accepts<object>("application/json").Produces<TraceAnswer>().ProducesProblem(400).ProducesProblem(413).ProducesProblem(422);
        plans.MapPost("/alternatives", AlternativesAsync).Accepts<object>("application/json").Produces<NearestChange[]>().ProducesProblem(400).ProducesProblem(413).ProducesProblem(422);
    }

    private static async Task<IResult> AlternativesAsync(HttpRequest request, string? units, PlanCache cache, NearestChanges changes, CancellationToken cancel)
    {
        var problems = new Problems();
        var json = await JobBody.ReadAsync(request, cancel);
        return cache.Plan(json, JobBody.Units(units), problems) is { } planned ? Results.Ok(changes.For(planned.Job, JobBody.Units(units))) : ProblemAnswers.Invalid(problems);
    }

    private static async Task<IResult> AnswerAsync<T>(HttpRequest request, string? units, PlanCache cache, Func<PlanResult, T> pick, CancellationToken cancel)
    {
        var problems = new Problems();
        var json = await JobBody.ReadAsync(request, cancel);
        return cache.Plan(json, JobBody.Units(units), problems) is { } planned ? Results.Ok(pick(planned.Result)) : ProblemAnswers.Invalid(problems);
    }
}
