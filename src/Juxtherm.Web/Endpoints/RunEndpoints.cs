using System.Net.ServerSentEvents;
using System.Runtime.CompilerServices;
using Juxtherm.App.Bench;
using Juxtherm.App.Planning;
using Juxtherm.App;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Runs.Judging;
using Juxtherm.Core.Runs;
using Juxtherm.Documents;
using Juxtherm.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace Juxtherm.Web.Endpoints;

/// <summary>A job made to cut one piece again.</summary>
/// <param name="JobId">Its id.</param>
public sealed record RecutAnswer(Guid JobId);

/// <summary>Runs at the press.</summary>
internal static class RunEndpoints
{
    // How often those who watch hear of a press's temperature, and of nothing at all.
    private const int PressMilliseconds = 500;
    private const int QuietMilliseconds = 5000;

    public static void MapRuns(this IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/jobs/{id:guid}/runs",
            async (Guid id, string? units, bool? practice, [FromHeader(Name = CommandHeader.Name)] Guid? command, BeginRun begin,
                CancellationToken cancel) =>
            Answers.Of(await begin.BeginAsync(id, ReaderUnits.Of(units), practice == true, command, cancel),
                run => Results.Created($"/api/runs/{run.Id}", run))).WithTags("Runs").Produces<RunAnswer>(201).ProducesProblem(404)
            .ProducesProblem(409).Allow(AccessLevel.Press).Audit(new Phrase("deed.run"));
        var runs = routes.MapGroup("/api/runs").WithTags("Runs").Allow(AccessLevel.Press).Audit(new Phrase("deed.bench"));
        runs.MapGet("/",
            async (BenchService bench, PressBench presses, CancellationToken cancel) =>
            Results.Ok((await bench.UnderWayAsync(cancel)).Select(presses.Answer).ToArray())).Produces<RunAnswer[]>()
            .Allow(AccessLevel.Look);
        runs.MapGet("/{id:guid}", async (Guid id, BenchService bench, PressBench presses, CancellationToken cancel) =>
            await bench.FindAsync(id, cancel) is { } run ? Results.Ok(presses.Answer(run)) : ProblemAnswers.NotFound("run"))
            .Produces<RunAnswer>().ProducesProblem(404).Allow(AccessLevel.Look);
        runs.MapGet("/{id:guid}/trace", async (Guid id, int? station, BenchService bench, CancellationToken cancel) =>
            await bench.TraceAsync(id, station ?? 1, cancel) is { } trace ? Results.Ok(trace) : ProblemAnswers.NotFound("run"))
            .Produces<TraceAnswer>().ProducesProblem(404).Allow(AccessLevel.Look);
        runs.MapGet("/{id:guid}/live", LiveAsync).ExcludeFromDescription().Allow(AccessLevel.Look).Untimed().OutsideGate();
        runs.MapGet("/{id:guid}/picture.svg",
            async (Guid id, int? station, int? press, int? go, int? piece, BenchService bench, CancellationToken cancel) =>
            await bench.FindAsync(id, cancel) is { } run && run.Frozen.Stations.ElementAtOrDefault((station ?? 1) - 1) is { } at
            && run.State.PieceOf(piece ?? 1) is { } hand
            ? Results.Text(BenchPicture.Svg(at.Job, at.Plan, press, go ?? 1, hand.Wanted), "image/svg+xml")
            : ProblemAnswers.NotFound("press of a run")).ProducesProblem(404).Allow(AccessLevel.Look);
        runs.MapPost("/{id:guid}/actions", async (Guid id, BenchCommand command, SayAtBench say, CancellationToken cancel) =>
            Answers.Of(await say.SayAsync(id, command, cancel))).Produces<RunAnswer>().ProducesProblem(400).ProducesProblem(404)
            .ProducesProblem(409);
        runs.MapPost("/{id:guid}/stations",
            async (Guid id, string? units, StationJoin ask, BeginRun begin, CancellationToken cancel) =>
            Answers.Of(await begin.JoinAsync(id, ask, ReaderUnits.Of(units), cancel))).Produces<RunAnswer>().ProducesProblem(400)
            .ProducesProblem(404).ProducesProblem(409);
        runs.MapPost("/{id:guid}/stations/{station:int}/press",
            async (Guid id, int station, PressAsk ask, AskPress press, CancellationToken cancel) =>
            Answers.Of(await press.AskAsync(id, station, ask, cancel))).Produces<RunAnswer>().ProducesProblem(404).ProducesProblem(409);
        runs.MapGet("/{id:guid}/pieces/{piece:int}/advice", AdviseAsync).Produces<Advice[]>().ProducesProblem(404).Allow(AccessLevel.Look);
        runs.MapGet("/{id:guid}/pieces/{piece:int}/trace",
            async (Guid id, int piece, string? units, BenchService bench, CancellationToken cancel) =>
            await bench.FindAsync(id, cancel) is { } run && bench.TraceOf(run, piece, ReaderUnits.Of(units)) is { } trace
            ? Results.Ok(trace) : ProblemAnswers.NotFound("piece at a press")).Produces<TraceAnswer>().ProducesProblem(404)
            .Allow(AccessLevel.Look);
        runs.MapPost("/{id:guid}/pieces/{piece:int}/recut",
            async (Guid id, int piece, [FromHeader(Name = CommandHeader.Name)] Guid? command, BenchService bench,
                CancellationToken cancel) =>
            await bench.RecutAsync(id, piece, command, cancel) is { } job
            ? Results.Ok(new RecutAnswer(job)) : ProblemAnswers.NotFound("piece")).Produces<RecutAnswer>().ProducesProblem(404);
    }

    private static async Task<IResult> AdviseAsync(Guid id, int piece, string? units, BenchService bench, CancellationToken cancel) =>
        await bench.FindAsync(id, cancel) is { } run && run.State.PieceOf(piece) is not null
            ? Results.Ok(bench.Judged(run, piece, run.State.PieceOf(piece)?.LastSeen ?? [], ReaderUnits.Of(units)))
            : ProblemAnswers.NotFound("piece");

    /// <summary>Says where the run stands whenever that changes, and how hot connected presses are.</summary>
    private static async Task<IResult> LiveAsync(Guid id, BenchService bench, PressBench presses, RunSignals signals,
        IHostApplicationLifetime life, CancellationToken cancel)
    {
        if (await bench.FindAsync(id, cancel) is null)
            return ProblemAnswers.NotFound("run");
        return TypedResults.ServerSentEvents(WatchAsync(cancel));

        async IAsyncEnumerable<SseItem<RunAnswer>> WatchAsync([EnumeratorCancellation] CancellationToken stop)
        {
            using var ends = CancellationTokenSource.CreateLinkedTokenSource(stop, life.ApplicationStopping);
            while (!ends.IsCancellationRequested)
            {
                var next = signals.Next(id);
                if (await bench.FindAsync(id, stop) is not { } run)
                    yield break;
                yield return new SseItem<RunAnswer>(presses.Answer(run), "run");
                if (RunFlow.NextChange(run.Frozen.Script, run.State) is { } due)
                    signals.WakeAt(id, due);
                await Task.WhenAny(next, Task.Delay(presses.Any(id) ? PressMilliseconds : QuietMilliseconds, ends.Token));
            }
        }
    }
}
