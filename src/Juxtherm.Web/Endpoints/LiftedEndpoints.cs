using Juxtherm.App;
using Juxtherm.App.Learning;
using Juxtherm.App.Planning;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Patches;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Runs.Judging;
using Juxtherm.Web.Hosting;

namespace Juxtherm.Web.Endpoints;

/// <summary>What needs no run: something lifted on a thing that was found, and test patches.</summary>
internal static class LiftedEndpoints
{
    public static void MapLifted(this IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/lifted",
            async (FoundPiece found, string? units, FoundPieces pieces, WorkshopCatalogue catalogues, CancellationToken cancel) =>
        {
            var problems = new Problems();
            return pieces.Of(found, ReaderUnits.Of(units), problems, await catalogues.OwnAsync(cancel)) is { } advice
                ? Results.Ok(advice) : ProblemAnswers.Invalid(problems);
        }).WithTags("Lifted").Produces<FoundAdvice>().ProducesProblem(400).Allow(AccessLevel.Look);
        routes.MapPost("/api/plans/patches",
            async (HttpRequest request, string? units, PlanCache cache, Planner planner, CancellationToken cancel) =>
        {
            var problems = new Problems();
            return cache.Read(await JobBody.ReadAsync(request, cancel), problems) is { } job
                ? Results.Ok(planner.Patches(job, ReaderUnits.Of(units))) : ProblemAnswers.Invalid(problems);
        }).WithTags("Plans").Accepts<object>("application/json").Produces<PatchAdvice>().ProducesProblem(400).ProducesProblem(413)
            .Allow(AccessLevel.Look);
    }
}
