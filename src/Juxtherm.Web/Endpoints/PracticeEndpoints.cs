using Juxtherm.App.Practice;
using Juxtherm.App;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Practice.Bench;
using Juxtherm.Web.Hosting;

namespace Juxtherm.Web.Endpoints;

/// <summary>Practice: cases with something hidden in them, moves, what can be seen, and how it came out.</summary>
internal static class PracticeEndpoints
{
    public static void MapPractice(this IEndpointRouteBuilder routes)
    {
        var practice = routes.MapGroup("/api/practice").WithTags("Practice").Allow(AccessLevel.Look);
        practice.MapGet("/", async (PracticeDesk desk, CancellationToken cancel) => Results.Ok(await desk.ShelfAsync(cancel)))
            .Produces<PracticeAnswer>();
        practice.MapGet("/{id}", async (string id, string? units, PracticeDesk desk, CancellationToken cancel) =>
            Answers.Of(await desk.MeetAsync(id, ReaderUnits.Of(units), cancel)))
            .Produces<PracticeCaseAnswer>().ProducesProblem(404).ProducesProblem(409);
        practice.MapPost("/{id}/look", async (string id, Move[] moves, PracticeDesk desk, CancellationToken cancel) =>
            Answers.Of(await desk.LookAsync(id, moves, cancel)))
            .Produces<Seen>().ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        practice.MapPost("/{id}/judge", async (string id, PracticeDone done, PracticeDesk desk, CancellationToken cancel) =>
            Answers.Of(await desk.JudgeAsync(id, done, cancel)))
            .Produces<JudgedAnswer>().ProducesProblem(400).ProducesProblem(404).ProducesProblem(409)
            .Allow(AccessLevel.Press).Audit(new Phrase("deed.practice"));
        practice.MapPost("/{id}/ways", async (string id, string? units, Move[] moves, PracticeDesk desk, CancellationToken cancel) =>
            Answers.Of(await desk.WaysAsync(id, moves, ReaderUnits.Of(units), cancel)))
            .Produces<IReadOnlyList<WaysAnswer>>().ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        practice.MapDelete("/learners/{name}", async (string name, PracticeDesk desk, CancellationToken cancel) =>
            Answers.Of(await desk.ForgetAsync(name, cancel), _ => Results.NoContent())).Produces(204).ProducesProblem(404)
            .Allow(AccessLevel.Owner);
    }
}
