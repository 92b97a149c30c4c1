using Juxtherm.App.Learning;
using Juxtherm.App.Planning;
using Juxtherm.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace Juxtherm.Web.Endpoints;

/// <summary>What the logbook has taught.</summary>
internal static class LearnedEndpoints
{
    public static void MapLearned(this IEndpointRouteBuilder routes)
    {
        var learned = routes.MapGroup("/api/learned").WithTags("Learned").Allow(AccessLevel.Owner);
        learned.MapGet("/", async (Teach teach, CancellationToken cancel) => Results.Ok(await teach.LookAsync(cancel)))
            .Produces<LearnedAnswer>().Allow(AccessLevel.Look);
        learned.MapPut("/switch", async (LessonSwitch ask, Teach teach, CancellationToken cancel) =>
            Answers.Of(await teach.SwitchAsync(ask, cancel))).Produces<LearnedAnswer>().ProducesProblem(404);
        learned.MapPost("/readings",
            async (PlateReadingRequest ask, [FromHeader(Name = CommandHeader.Name)] Guid? command, Teach teach,
                CancellationToken cancel) =>
            Answers.Of(await teach.MeasuredAsync(ask, command, cancel))).Produces<LearnedAnswer>().ProducesProblem(400);
        learned.MapDelete("/readings/{id:long}", async (long id, Teach teach, CancellationToken cancel) =>
            Answers.Of(await teach.ForgetAsync(id, cancel))).Produces<LearnedAnswer>().ProducesProblem(404);
        learned.MapPut("/patches/{id:long}", async (long id, PatchStrike ask, Teach teach, CancellationToken cancel) =>
            Answers.Of(await teach.StrikeAsync(id, ask.Struck, cancel))).Produces<LearnedAnswer>().ProducesProblem(404);
        learned.MapPut("/repairs/{heatSource}", async (string heatSource, PressRepaired ask, Teach teach, CancellationToken cancel) =>
            Answers.Of(await teach.RepairedAsync(heatSource, ask.Repaired, cancel))).Produces<LearnedAnswer>().ProducesProblem(404);
        routes.MapPost("/api/plans/learned",
            async (HttpRequest request, Guid? job, ShowLearned show, CancellationToken cancel) =>
            Answers.Of(await show.ForAsync(job, await JobBody.ReadAsync(request, cancel), cancel))).WithTags("Learned")
            .Accepts<object>("application/json").Produces<LearnedInJob>().ProducesProblem(400).ProducesProblem(413).Allow(AccessLevel.Look);
    }
}
