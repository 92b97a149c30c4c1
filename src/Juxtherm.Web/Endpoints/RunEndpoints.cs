using System.Net.ServerSentEvents;
using System.Runtime.CompilerServices;
using Juxtherm.Core.Items;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Runs;
using Juxtherm.Core.Runs.Judging;
using Juxtherm.Devices;
using Juxtherm.Web.Hosting;
using Microsoft.AspNetCore.Mvc;

namespace Juxtherm.Web.Endpoints;

/// <summary>Something said to the bench.</summary>
/// <param name="CommandId">Chosen by the caller; saying the same one twice counts once.</param>
/// <param name="Station">The press that speaks, from 1.</param>
/// <param name="Piece">The piece that is meant, from 1; 0 for none.</param>
/// <param name="Move">The piece's move that the caller saw; null to say it wherever the piece is.</param>
/// <param name="Action">What.</param>
/// <param name="Outcomes">What was seen; with see, record, ruin and rescue.</param>
/// <param name="Note">A remark, up to 500 characters.</param>
/// <param name="Item">The thing of the preparation; with check and skip.</param>
/// <param name="Seconds">A time, s; with hold-was.</param>
/// <param name="Knowingly">It is done although the bench advised against it.</param>
/// <param name="Wanted">The garment; with change and add.</param>
/// <param name="Units">Units of the texts, metric or us; with rescue.</param>
/// <param name="Face">On which side it was seen; with see. Null for the one pressed last.</param>
/// <param name="AgoSeconds">How long ago it was said, s, 0 to 3600, by a page that could not be heard then; null for just now.</param>
public sealed record BenchCommand(
    Guid CommandId, int Station, int Piece, int? Move, BenchAction Action, IReadOnlyList<Outcome>? Outcomes, string? Note, string? Item, double? Seconds, bool? Knowingly, WantedPiece? Wanted, string? Units, Face? Face = null, double? AgoSeconds = null);

/// <summary>A further press.</summary>
/// <param name="CommandId">Chosen by the caller; asking twice counts once.</param>
/// <param name="Name">What it is called; the kind's own name when empty.</param>
/// <param name="HeatSource">Its kind or its id on the shelf; null for one like the first.</param>
public sealed record StationJoin(Guid CommandId, string? Name, string? HeatSource);

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

/// <summary>What a connected press says.</summary>
/// <param name="Status">Itself.</param>
/// <param name="PlannedCelsius">Where the plan wants its face, °C.</param>
/// <param name="HotEnough">It is hot enough to close.</param>
public sealed record PressAnswer(PressStatus Status, double PlannedCelsius, bool HotEnough);

/// <summary>A thing of the preparation.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Text">What.</param>
/// <param name="Ticked">Seen to.</param>
/// <param name="Skipped">Left out, knowingly.</param>
/// <param name="TimedSeconds">How long the plate is closed for it, or it is left to cool, s; null where nothing is timed.</param>
public sealed record CheckAnswer(string Id, string Text, bool Ticked, bool Skipped, double? TimedSeconds);

/// <summary>A piece in the hands of a press.</summary>
/// <param name="Piece">Its number.</param>
/// <param name="Move">Give it back with the next command.</param>
/// <param name="Step">What it is at.</param>
/// <param name="StepNumber">Which of its steps, from 0.</param>
/// <param name="StepCount">How many steps it has.</param>
/// <param name="EnteredUtc">When the step began.</param>
/// <param name="DueUtc">When it is over; null when it waits for hands.</param>
/// <param name="LatestUtc">By when the hands should be done; null where there is no hurry.</param>
/// <param name="NextText">What comes after; null at its end.</param>
/// <param name="Asking">The service was away while its plate was closed: say when it was opened.</param>
/// <param name="InRescue">Something is being done about what was seen.</param>
/// <param name="CanSee">What is seen on it can be said.</param>
/// <param name="ClosesNext">The plate closes with the next step.</param>
/// <param name="Next">What comes after; null at its end.</param>
/// <param name="Closings">How often the plate was closed for this press already.</param>
/// <param name="ByPlan">Everything so far was pressed as planned; otherwise its own temperatures are at its trace.</param>
/// <param name="Faces">Sides with vinyl on them by now.</param>
/// <param name="Place">While something is laid: where it goes on this piece, in its size; null otherwise.</param>
public sealed record HandAnswer(
    int Piece, int Move, BenchStep Step, int StepNumber, int StepCount, DateTimeOffset EnteredUtc, DateTimeOffset? DueUtc, DateTimeOffset? LatestUtc, string? NextText, bool Asking, bool InRescue, bool CanSee, bool ClosesNext, BenchStep? Next,
    int Closings, bool ByPlan, IReadOnlyList<Face> Faces, Placing? Place);

/// <summary>A press of the run.</summary>
/// <param name="Number">From 1.</param>
/// <param name="Name">What it is called.</param>
/// <param name="HeatSource">Its kind.</param>
/// <param name="Checks">What is seen to once.</param>
/// <param name="Prepared">All of it is seen to.</param>
/// <param name="HasLeft">It takes no pieces any more.</param>
/// <param name="Wired">It says itself when it closes and opens.</param>
/// <param name="Device">What it says; null when it is run by hand.</param>
/// <param name="Press">The press that bonds, for the setting.</param>
/// <param name="Focus">What is before it; null for nothing.</param>
/// <param name="Others">Its other pieces, those due first first.</param>
public sealed record StationAnswer(
    int Number, string Name, string HeatSource, IReadOnlyList<CheckAnswer> Checks, bool Prepared, bool HasLeft, bool Wired, PressAnswer? Device, PlannedPress Press, HandAnswer? Focus, IReadOnlyList<HandAnswer> Others);

/// <summary>A garment of the run.</summary>
/// <param name="Number">From 1.</param>
/// <param name="Name">What goes on it; empty where they are all alike.</param>
/// <param name="Size">Its size.</param>
/// <param name="Colour">Colour of its vinyl; null when not said.</param>
/// <param name="ColourWord">That colour in a word.</param>
/// <param name="Status">Where it stands.</param>
/// <param name="Station">The press that has or had it; 0 for none.</param>
/// <param name="Outcomes">What came out.</param>
/// <param name="Seen">What was last seen on it.</param>
/// <param name="Note">What was said of it.</param>
/// <param name="InsteadOf">The lost piece whose place it takes.</param>
/// <param name="PressedAgainSeconds">Pressed again, s.</param>
/// <param name="LastHoldSeconds">How long the plate was last closed on it, s; null before.</param>
public sealed record PieceAnswer(
    int Number, string Name, string? Size, string? Colour, string? ColourWord, PieceStatus Status, int Station, IReadOnlyList<Outcome> Outcomes, IReadOnlyList<Outcome> Seen, string Note, int? InsteadOf, double PressedAgainSeconds, double? LastHoldSeconds);

/// <summary>Where a run stands.</summary>
/// <param name="Id">Its id.</param>
/// <param name="JobId">The job it began from.</param>
/// <param name="Title">The job's title.</param>
/// <param name="Colour">Colour of the vinyl; null when not said.</param>
/// <param name="Named">Names are cut in vinyl.</param>
/// <param name="Status">Its condition.</param>
/// <param name="Sequence">How much has been said in it.</param>
/// <param name="ServerUtc">The server's time, which is the run's.</param>
/// <param name="NextPiece">The next in line that no press has yet; null for none.</param>
/// <param name="Pieces">The garments.</param>
/// <param name="Stations">The presses.</param>
/// <param name="Remarks">Remarks made.</param>
/// <param name="Practice">It is for practice: nothing of it is written down, learned from or used up.</param>
public sealed record RunAnswer(
    Guid Id, Guid JobId, string Title, string? Colour, bool Named, RunStatus Status, int Sequence, DateTimeOffset ServerUtc, int? NextPiece, IReadOnlyList<PieceAnswer> Pieces, IReadOnlyList<StationAnswer> Stations, IReadOnlyList<Remark> Remarks,
    bool Practice);

/// <summary>A job made to cut one piece again.</summary>
/// <param name="JobId">Its id.</param>
public sealed record RecutAnswer(Guid JobId);

/// <summary>Runs at the press.</summary>
internal static class RunEndpoints
{
    // How soon those who watch hear of something; and how often of a press's temperature and of nothing at all.
    private const int LookMilliseconds = 40;
    private const int PressMilliseconds = 500;
    private const int QuietMilliseconds = 5000;

    public static void MapRuns(this IEndpointRouteBuilder routes)
    {
        routes.MapPost("/api/jobs/{id:guid}/runs", StartAsync).WithTags("Runs").Produces<RunAnswer>(201).ProducesProblem(404).ProducesProblem(409);
        var runs = routes.MapGroup("/api/runs").WithTags("Runs");
        runs.MapGet("/", async (BenchService bench, PressBench presses, CancellationToken cancel) => Results.Ok((await bench.UnderWayAsync(cancel)).Select(presses.Answer).ToArray())).Produces<RunAnswer[]>();
        runs.MapGet("/{id:guid}", async (Guid id, BenchService bench, PressBench presses, CancellationToken cancel) =>
            await bench.FindAsync(id, cancel) is { } run ? Results.Ok(presses.Answer(run)) : ProblemAnswers.NotFound("run")).Produces<RunAnswer>().ProducesProblem(404);
        runs.MapGet("/{id:guid}/trace", async (Guid id, int? station, BenchService bench, CancellationToken cancel) =>
            await bench.TraceAsync(id, station ?? 1, cancel) is { } trace ? Results.Ok(trace) : ProblemAnswers.NotFound("run")).Produces<TraceAnswer>().ProducesProblem(404);
        runs.MapGet("/{id:guid}/live", LiveAsync).ExcludeFromDescription();
        runs.MapPost("/{id:guid}/actions", SayAsync).Produces<RunAnswer>().ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        runs.MapPost("/{id:guid}/stations", JoinAsync).Produces<RunAnswer>().ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        runs.MapPost("/{id:guid}/stations/{station:int}/press", PressAsync).Produces<RunAnswer>().ProducesProblem(404).ProducesProblem(409);
        runs.MapGet("/{id:guid}/pieces/{piece:int}/advice", AdviseAsync).Produces<Advice[]>().ProducesProblem(404);
        runs.MapGet("/{id:guid}/pieces/{piece:int}/trace", async (Guid id, int piece, string? units, BenchService bench, CancellationToken cancel) =>
            await bench.FindAsync(id, cancel) is { } run && bench.TraceOf(run, piece, JobBody.Units(units)) is { } trace ? Results.Ok(trace) : ProblemAnswers.NotFound("piece at a press")).Produces<TraceAnswer>().ProducesProblem(404);
        runs.MapPost("/{id:guid}/pieces/{piece:int}/recut", async (Guid id, int piece, [FromHeader(Name = CommandHeader.Name)] Guid? command, BenchService bench, CancellationToken cancel) =>
            await bench.RecutAsync(id, piece, command, cancel) is { } job ? Results.Ok(new RecutAnswer(job)) : ProblemAnswers.NotFound("piece")).Produces<RecutAnswer>().ProducesProblem(404);
    }

    private static async Task<IResult> StartAsync(Guid id, string? units, bool? practice, [FromHeader(Name = CommandHeader.Name)] Guid? command, BenchService bench, PressBench presses, CancellationToken cancel)
    {
        var started = await bench.StartAsync(id, JobBody.Units(units), practice == true, cancel, command);
        return started switch
        {
            { Run: { } run } => Results.Created($"/api/runs/{run.Row.Id}", presses.Answer(run)),
            { Stop: { } why } => ProblemAnswers.Conflict("stop", why),
            _ => ProblemAnswers.NotFound("job"),
        };
    }

    private static async Task<IResult> SayAsync(Guid id, BenchCommand command, BenchService bench, PressBench presses, CancellationToken cancel)
    {
        if (command.Action is BenchAction.Join or BenchAction.Wire or BenchAction.Unwire or BenchAction.Away)
            return ProblemAnswers.Conflict("not-here", "That is not said here: a press joins at the run's presses, and is connected there.");
        try
        {
            if (await bench.FindAsync(id, cancel) is { } before && presses.NotYet(before, command) is { } why)
                return ProblemAnswers.Conflict("not-hot-enough", why, presses.Answer(before));
            var said = await bench.SayAsync(id, command, cancel);
            return said switch
            {
                { Run: null } => ProblemAnswers.NotFound("run"),
                { OutOfStep: true } => ProblemAnswers.Conflict("out-of-step", "The run has moved on since this page last heard of it.", presses.Answer(said.Run)),
                _ => Results.Ok(presses.Answer(said.Run)),
            };
        }
        catch (BenchRefusedException refused)
        {
            return ProblemAnswers.Conflict(refused.Code, refused.Message, await bench.FindAsync(id, cancel) is { } run ? presses.Answer(run) : null);
        }
    }

    private static async Task<IResult> JoinAsync(Guid id, string? units, StationJoin ask, BenchService bench, PressBench presses, CancellationToken cancel)
    {
        try
        {
            var (run, refused) = await bench.JoinAsync(id, ask, JobBody.Units(units), cancel);
            return run is not null ? Results.Ok(presses.Answer(run)) : refused is not null ? ProblemAnswers.Conflict("stop", refused) : ProblemAnswers.NotFound("run");
        }
        catch (BenchRefusedException refused)
        {
            return ProblemAnswers.Conflict(refused.Code, refused.Message);
        }
    }

    private static async Task<IResult> PressAsync(Guid id, int station, PressAsk ask, BenchService bench, PressBench presses, CancellationToken cancel)
    {
        try
        {
            if (ask.Action is PressAction.Connect or PressAction.ConnectCold or PressAction.Disconnect)
            {
                if (ask.Action != PressAction.Disconnect && await bench.FindAsync(id, cancel) is { Row.Practice: false })
                    return ProblemAnswers.Conflict("practice-only", "The simulated press belongs to practice runs: what it does is no measure of your own. Begin a practice run of this job.");
                var said = ask.Action == PressAction.Disconnect ? await presses.DisconnectAsync(id, station, cancel) : await presses.ConnectAsync(id, station, ask.Action == PressAction.ConnectCold, cancel);
                return said is { Run: { } connected, OutOfStep: false } ? Results.Ok(presses.Answer(connected)) : ProblemAnswers.NotFound("press");
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
            ? Results.Ok(bench.Judged(run, piece, run.State.PieceOf(piece)?.LastSeen ?? [], JobBody.Units(units)))
            : ProblemAnswers.NotFound("piece");

    /// <summary>Says where the run stands whenever that changes, and how hot connected presses are.</summary>
    private static async Task<IResult> LiveAsync(Guid id, BenchService bench, PressBench presses, RunSignals signals, IHostApplicationLifetime life, CancellationToken cancel)
    {
        if (await bench.FindAsync(id, cancel) is null)
            return ProblemAnswers.NotFound("run");
        return TypedResults.ServerSentEvents(WatchAsync(cancel));

        async IAsyncEnumerable<SseItem<RunAnswer>> WatchAsync([EnumeratorCancellation] CancellationToken stop)
        {
            bool Over() => stop.IsCancellationRequested || life.ApplicationStopping.IsCancellationRequested;
            while (!Over())
            {
                var heard = signals.Count(id);
                if (await bench.FindAsync(id, stop) is not { } run)
                    yield break;
                yield return new SseItem<RunAnswer>(presses.Answer(run), "run");
                var (due, longest) = (Turns.NextChange(run.Frozen.Script, run.State), presses.Any(id) ? PressMilliseconds : QuietMilliseconds);
                for (var waited = 0; waited < longest && signals.Count(id) == heard && !(due <= bench.Now); waited += LookMilliseconds)
                {
                    if (Over())
                        yield break;
                    await Task.Delay(LookMilliseconds, CancellationToken.None);
                }
            }
        }
    }
}
