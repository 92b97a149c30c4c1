using System.Net.ServerSentEvents;
using System.Runtime.CompilerServices;
using Juxtherm.App;
using Juxtherm.App.Bench;
using Juxtherm.App.Planning;
using Juxtherm.Core.Runs;
using Juxtherm.Core.Runs.Judging;
using Juxtherm.Devices;
using Juxtherm.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace Juxtherm.Web.Endpoints;

/// <summary>What is asked of a press that is connected.</summary>
public enum PressAction
{
    /// <summary>Connect the press that ships, hot already.</summary>
    Connect,

    /// <summary>Connect the press that ships, from cold.</summary>
    ConnectCold,

    /// <summary>Run it by hand again.</summary>
    Disconnect,

    /// <summary>Bring the plate down.</summary>
    Close,

    /// <summary>Bring the plate down; it opens by itself when the time is over.</summary>
    CloseAndOpen,

    /// <summary>Lift the plate.</summary>
    Open,

    /// <summary>Turn the dial.</summary>
    Set,
}

/// <summary>Something asked of a press.</summary>
/// <param name="Action">What.</param>
/// <param name="Celsius">Where to turn the dial, °C; with set.</param>
public sealed record PressAsk(PressAction Action, double? Celsius);

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
        routes.MapPost("/api/jobs/{id:guid}/runs", StartAsync).WithTags("Runs").Produces<RunAnswer>(201).ProducesProblem(404)
            .ProducesProblem(409);
        var runs = routes.MapGroup("/api/runs").WithTags("Runs");
        runs.MapGet("/",
            async (BenchService bench, PressBench presses, CancellationToken cancel) =>
            Results.Ok((await bench.UnderWayAsync(cancel)).Select(presses.Answer).ToArray())).Produces<RunAnswer[]>();
        runs.MapGet("/{id:guid}", async (Guid id, BenchService bench, PressBench presses, CancellationToken cancel) =>
            await bench.FindAsync(id, cancel) is { } run ? Results.Ok(presses.Answer(run)) : ProblemAnswers.NotFound("run"))
            .Produces<RunAnswer>().ProducesProblem(404);
        runs.MapGet("/{id:guid}/trace", async (Guid id, int? station, BenchService bench, CancellationToken cancel) =>
            await bench.TraceAsync(id, station ?? 1, cancel) is { } trace ? Results.Ok(trace) : ProblemAnswers.NotFound("run"))
            .Produces<TraceAnswer>().ProducesProblem(404);
        runs.MapGet("/{id:guid}/live", LiveAsync).ExcludeFromDescription();
        runs.MapPost("/{id:guid}/actions", SayAsync).Produces<RunAnswer>().ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        runs.MapPost("/{id:guid}/stations", JoinAsync).Produces<RunAnswer>().ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        runs.MapPost("/{id:guid}/stations/{station:int}/press", PressAsync).Produces<RunAnswer>().ProducesProblem(404).ProducesProblem(409);
        runs.MapGet("/{id:guid}/pieces/{piece:int}/advice", AdviseAsync).Produces<Advice[]>().ProducesProblem(404);
        runs.MapGet("/{id:guid}/pieces/{piece:int}/trace",
            async (Guid id, int piece, string? units, BenchService bench, CancellationToken cancel) =>
            await bench.FindAsync(id, cancel) is { } run && bench.TraceOf(run, piece, ReaderUnits.Of(units)) is { } trace
            ? Results.Ok(trace) : ProblemAnswers.NotFound("piece at a press")).Produces<TraceAnswer>().ProducesProblem(404);
        runs.MapPost("/{id:guid}/pieces/{piece:int}/recut",
            async (Guid id, int piece, [FromHeader(Name = CommandHeader.Name)] Guid? command, BenchService bench,
                CancellationToken cancel) =>
            await bench.RecutAsync(id, piece, command, cancel) is { } job
            ? Results.Ok(new RecutAnswer(job)) : ProblemAnswers.NotFound("piece")).Produces<RecutAnswer>().ProducesProblem(404);
    }

    private static async Task<IResult> StartAsync(Guid id, string? units, bool? practice,
        [FromHeader(Name = CommandHeader.Name)] Guid? command, BenchService bench, PressBench presses, CancellationToken cancel)
    {
        var started = await bench.StartAsync(id, ReaderUnits.Of(units), practice == true, cancel, command);
        return started switch
        {
            { Run: { } run } => Results.Created($"/api/runs/{run.Row.Id}", presses.Answer(run)),
            { Stop: { } why } => ProblemAnswers.Conflict("stop", why),
            _ => ProblemAnswers.NotFound("job"),
        };
    }

    private static async Task<IResult> SayAsync(Guid id, BenchCommand command, BenchService bench, PressBench presses,
        CancellationToken cancel)
    {
        if (command.Action is BenchAction.Join or BenchAction.Wire or BenchAction.Unwire or BenchAction.Away)
            return ProblemAnswers.Conflict("not-here",
                "That is not said here: a press joins at the run's presses, and is connected there.");
        try
        {
            if (await bench.FindAsync(id, cancel) is { } before && presses.NotYet(before, command) is { } why)
                return ProblemAnswers.Conflict("not-hot-enough", why, presses.Answer(before));
            var said = await bench.SayAsync(id, command, cancel);
            return said switch
            {
                { Run: null } => ProblemAnswers.NotFound("run"),
                { OutOfStep: true } =>
                    ProblemAnswers.Conflict("out-of-step", "The run has moved on since this page last heard of it.",
                        presses.Answer(said.Run)),
                _ => Results.Ok(presses.Answer(said.Run)),
            };
        }
        catch (BenchRefusedException refused)
        {
            return ProblemAnswers.Conflict(refused.Code, refused.Message, await bench.FindAsync(id, cancel) is { } run
                ? presses.Answer(run) : null);
        }
    }

    private static async Task<IResult> JoinAsync(Guid id, string? units, StationJoin ask, BenchService bench, PressBench presses,
        CancellationToken cancel)
    {
        try
        {
            var (run, refused) = await bench.JoinAsync(id, ask, ReaderUnits.Of(units), cancel);
            return run is not null
                ? Results.Ok(presses.Answer(run))
                : refused is not null ? ProblemAnswers.Conflict("stop", refused) : ProblemAnswers.NotFound("run");
        }
        catch (BenchRefusedException refused)
        {
            return ProblemAnswers.Conflict(refused.Code, refused.Message);
        }
    }

    private static async Task<IResult> PressAsync(Guid id, int station, PressAsk ask, BenchService bench, PressBench presses,
        CancellationToken cancel)
    {
        try
        {
            if (ask.Action is PressAction.Connect or PressAction.ConnectCold or PressAction.Disconnect)
            {
                if (ask.Action != PressAction.Disconnect && await bench.FindAsync(id, cancel) is { Row.Practice: false })
                    return ProblemAnswers.Conflict("practice-only",
                        "The simulated press belongs to practice runs: what it does is no measure of your own. Begin a practice run " +
                            "of this job.");
                var said = ask.Action == PressAction.Disconnect
                    ? await presses.DisconnectAsync(id, station, cancel)
                    : await presses.ConnectAsync(id, station, ask.Action == PressAction.ConnectCold, cancel);
                return said is { Run: { } connected, OutOfStep: false }
                    ? Results.Ok(presses.Answer(connected)) : ProblemAnswers.NotFound("press");
            }

            if (await bench.FindAsync(id, cancel) is not { } before)
                return ProblemAnswers.NotFound("run");
            // It times what it has before it.
            var time = before.Focus(station) is { } piece ? Turns.After(before.Frozen.Script, piece)?.Seconds : null;
            if (ask is { Action: PressAction.Set, Celsius: null })
                return ProblemAnswers.Conflict("no-temperature", "Say where to turn the dial: celsius, in °C.");
            var moved = await presses.MoveAsync(id, station, device =>
            {
                if (ask.Action == PressAction.Open)
                    device.Open();
                else if (ask.Action == PressAction.Set)
                    device.TurnTo(ask.Celsius!.Value);
                else
                    device.Close(ask.Action == PressAction.CloseAndOpen ? time : null);
            }, cancel);
            return moved ? Results.Ok(presses.Answer((await bench.FindAsync(id, cancel))!)) : ProblemAnswers.NotFound("connected press");
        }
        catch (PressRefusedException refused)
        {
            return ProblemAnswers.Conflict("press", refused.Message);
        }
        catch (BenchRefusedException refused)
        {
            return ProblemAnswers.Conflict(refused.Code, refused.Message);
        }
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
                if (Turns.NextChange(run.Frozen.Script, run.State) is { } due)
                    signals.WakeAt(id, due);
                await Task.WhenAny(next, Task.Delay(presses.Any(id) ? PressMilliseconds : QuietMilliseconds, ends.Token));
            }
        }
    }
}
