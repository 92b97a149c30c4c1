using Juxtherm.Core.Bench;
using Juxtherm.Core.Planning;
using Juxtherm.Web.Hosting;

namespace Juxtherm.Web.Endpoints;

/// <summary>Something said to the bench.</summary>
/// <param name="CommandId">Chosen by the caller; saying the same one twice counts once.</param>
/// <param name="Sequence">The run's sequence that the caller saw.</param>
/// <param name="Step">The step that the caller saw.</param>
/// <param name="Action">What.</param>
/// <param name="Outcomes">What came out; with record.</param>
/// <param name="Note">A remark, up to 500 characters.</param>
public sealed record BenchCommand(Guid CommandId, int Sequence, int Step, BenchAction Action, IReadOnlyList<Outcome>? Outcomes, string? Note);

/// <summary>Where a run stands.</summary>
/// <param name="Id">Its id.</param>
/// <param name="JobId">The job it began from.</param>
/// <param name="Title">The job's title.</param>
/// <param name="Colour">Colour of the vinyl; null when not said.</param>
/// <param name="Pieces">How many pieces.</param>
/// <param name="Status">Its condition.</param>
/// <param name="Sequence">Give it back with the next command.</param>
/// <param name="ServerUtc">The server's time, which is the run's.</param>
/// <param name="EnteredUtc">When the step began.</param>
/// <param name="DueUtc">When it ends by itself; null when it waits for a person.</param>
/// <param name="StepCount">How many steps there are.</param>
/// <param name="Step">The step; null when the run is over.</param>
/// <param name="Next">What comes after; null at the end.</param>
/// <param name="Press">The press that bonds, for the setting.</param>
/// <param name="Holds">Presses done.</param>
/// <param name="Outcomes">Pieces looked at.</param>
/// <param name="Remarks">Remarks made.</param>
public sealed record RunAnswer(
    Guid Id, Guid JobId, string Title, string? Colour, int Pieces, RunStatus Status, int Sequence, DateTimeOffset ServerUtc, DateTimeOffset EnteredUtc, DateTimeOffset? DueUtc, int StepCount,
    BenchStep? Step, BenchStep? Next, PlannedPress Press, IReadOnlyList<HoldDone> Holds, IReadOnlyList<PieceOutcome> Outcomes, IReadOnlyList<Remark> Remarks);

/// <summary>Runs at the press.</summary>
internal static class RunEndpoints
{
    public static void MapRuns(this IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/jobs/{id:guid}/runs", StartAsync).WithTags("Runs").Produces<RunAnswer>(201).ProducesProblem(404).ProducesProblem(409);
        var runs = routes.MapGroup("/api/runs").WithTags("Runs");
        runs.MapGet("/", async (BenchService bench, CancellationToken cancel) => Results.Ok(await bench.UnderWayAsync(cancel))).Produces<RunAnswer[]>();
        runs.MapGet("/{id:guid}", async (Guid id, BenchService bench, CancellationToken cancel) =>
            await bench.FindAsync(id, cancel) is { } run ? Results.Ok(run) : ProblemAnswers.NotFound("run")).Produces<RunAnswer>().ProducesProblem(404);
        runs.MapGet("/{id:guid}/trace", async (Guid id, BenchService bench, CancellationToken cancel) =>
            await bench.TraceAsync(id, cancel) is { } trace ? Results.Ok(trace) : ProblemAnswers.NotFound("run")).Produces<TraceAnswer>().ProducesProblem(404);
        runs.MapPost("/{id:guid}/actions", SayAsync).Produces<RunAnswer>().ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
    }

    private static async Task<IResult> StartAsync(Guid id, string? units, BenchService bench, CancellationToken cancel)
    {
        var started = await bench.StartAsync(id, JobBody.Units(units), cancel);
        return started switch
        {
            { Run: { } run } => Results.Created($"/api/runs/{run.Id}", run),
            { Stop: { } why } => ProblemAnswers.Conflict("stop", why),
            _ => ProblemAnswers.NotFound("job"),
        };
    }

    private static async Task<IResult> SayAsync(Guid id, BenchCommand command, BenchService bench, CancellationToken cancel)
    {
        try
        {
            var said = await bench.SayAsync(id, command, cancel);
            return said switch
            {
                { Run: null } => ProblemAnswers.NotFound("run"),
                { OutOfStep: true } => ProblemAnswers.Conflict("out-of-step", "The run has moved on since this page last heard of it.", said.Run),
                _ => Results.Ok(said.Run),
            };
        }
        catch (BenchRefusedException refused)
        {
            return ProblemAnswers.Conflict(refused.Code, refused.Message, await bench.FindAsync(id, cancel));
        }
    }
}
