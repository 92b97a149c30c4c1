using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Runs;

/// <summary>Whose turn it is: time that passes, pieces handed to presses, and what a press has before it.</summary>
public static class RunFlow
{
    // So long after the plate opened what lies underneath is still as warm as the plan of a run takes it to be (ours: a pad of rubber
    // has lost a third of its heat then).
    private const double StaysWarmSeconds = 120;

    /// <summary>What a piece is at; null when no press has it.</summary>
    /// <param name="script">The frozen script.</param>
    /// <param name="piece">The piece.</param>
    public static BenchStep? StepOf(BenchScript script, Piece piece)
    {
        ArgumentNullException.ThrowIfNull(script);
        ArgumentNullException.ThrowIfNull(piece);
        if (piece.Status is not (PieceStatus.InHand or PieceStatus.Asking))
            return null;
        return piece.InRescue ? piece.Rescue[piece.RescueStep] : script.Stations[piece.Station - 1].StepsOf(piece)[piece.Step];
    }

    /// <summary>When the step of a piece is over: by itself, or for a press that speaks for itself as planned; null when it waits for
    /// hands.</summary>
    /// <param name="script">The frozen script.</param>
    /// <param name="piece">The piece.</param>
    public static DateTimeOffset? DueAt(BenchScript script, Piece piece) =>
        StepOf(script, piece) is { Kind: StepKind.Hold or StepKind.Wait } step ? piece.EnteredAt.AddSeconds(step.Seconds) : null;

    /// <summary>By when the hands should be done with a piece that is at its step or about to be; null where there is no hurry.</summary>
    /// <param name="script">The frozen script.</param>
    /// <param name="piece">The piece.</param>
    public static DateTimeOffset? LatestAt(BenchScript script, Piece piece)
    {
        var step = StepOf(script, piece);
        if (step?.WithinSeconds is { } within)
            return piece.EnteredAt.AddSeconds(within);
        return step?.Kind == StepKind.Wait && After(script, piece)?.WithinSeconds is { } then
            ? DueAt(script, piece)!.Value.AddSeconds(then) : null;
    }

    /// <summary>What comes after the step that a piece is at; null at its end.</summary>
    /// <param name="script">The frozen script.</param>
    /// <param name="piece">The piece.</param>
    public static BenchStep? After(BenchScript script, Piece piece)
    {
        ArgumentNullException.ThrowIfNull(script);
        ArgumentNullException.ThrowIfNull(piece);
        return piece.InRescue && piece.RescueStep + 1 < piece.Rescue.Count ? piece.Rescue[piece.RescueStep + 1]
            : script.Stations[piece.Station - 1].StepsOf(piece)
                .ElementAtOrDefault(piece.InRescue ? BackFrom(script, piece) : piece.Step + 1);
    }

    /// <summary>The plate is to close next on a piece that a press has.</summary>
    /// <param name="script">The frozen script.</param>
    /// <param name="piece">The piece.</param>
    public static bool ClosesNext(BenchScript script, Piece piece) =>
        StepOf(script, piece) is { Kind: StepKind.Do } && After(script, piece)?.Kind == StepKind.Hold;

    /// <summary>Something can be seen on a piece that a press has: vinyl has been pressed on it, and the plate is open.</summary>
    /// <param name="script">The frozen script.</param>
    /// <param name="piece">The piece.</param>
    public static bool CanBeSeen(BenchScript script, Piece piece) => Sight.WhyNotSeen(script, piece) is null;

    /// <summary>Lets time pass: holds and waits whose time is over end by themselves, each exactly on time.</summary>
    /// <param name="script">The frozen script.</param>
    /// <param name="state">Where the run stood.</param>
    /// <param name="now">The time, UTC.</param>
    public static RunState Advance(BenchScript script, RunState state, DateTimeOffset now)
    {
        ArgumentNullException.ThrowIfNull(state);
        while (state.Status == RunStatus.Running && NextDue(script, state) is { } next && next.At <= now)
            state = Settle(script, state.With(Next(script, state, WithHold(script, next.Piece, next.At, null), next.At)), next.At);
        return state;
    }

    /// <summary>When the run next changes by itself, UTC; null when it waits for hands.</summary>
    /// <param name="script">The frozen script.</param>
    /// <param name="state">Where it stands.</param>
    public static DateTimeOffset? NextChange(BenchScript script, RunState state) => NextDue(script, state)?.At;

    /// <summary>Whether everything that is prepared once at a press was seen to, or left out knowingly.</summary>
    /// <param name="script">The frozen script.</param>
    /// <param name="station">The press.</param>
    public static bool Prepared(BenchScript script, Station station)
    {
        ArgumentNullException.ThrowIfNull(script);
        ArgumentNullException.ThrowIfNull(station);
        return script.Stations[station.Number - 1].Checks.All(c => station.Ticked.Contains(c.Id) || station.Skipped.Contains(c.Id));
    }

    /// <summary>
    /// The piece that a press has before it: under its closed plate; else the one in the hands, unless another has to be peeled before it
    /// could be put down; else what has cooled; else a new one; else what is still cooling.
    /// </summary>
    /// <param name="script">The frozen script.</param>
    /// <param name="state">Where the run stands.</param>
    /// <param name="station">The press.</param>
    /// <returns>The piece; null when there is none.</returns>
    public static Piece? Focus(BenchScript script, RunState state, int station)
    {
        ArgumentNullException.ThrowIfNull(state);
        var here = state.At(station).Select(p => (Piece: p, Step: StepOf(script, p)!)).ToList();
        if (here.FirstOrDefault(h => h.Step.Kind == StepKind.Hold) is { Piece: { } closed })
            return closed;
        var hands = here.Where(h => h.Step.Kind != StepKind.Wait && !Blocked(h.Piece)).ToList();
        return (hands.Where(h => h.Piece.InFlow).OrderBy(h => h.Piece.EnteredAt).FirstOrDefault().Piece
            ?? hands.Where(h => h.Piece.Moves > 0).OrderBy(h => LatestAt(script, h.Piece) ?? DateTimeOffset.MaxValue)
            .ThenBy(h => h.Piece.EnteredAt).FirstOrDefault().Piece
            ?? hands.OrderBy(h => h.Piece.Turn).FirstOrDefault().Piece)
            ?? here.OrderBy(h => DueAt(script, h.Piece) ?? DateTimeOffset.MaxValue).FirstOrDefault().Piece;

        // What is begun now would only be put down after another should have been peeled.
        bool Blocked(Piece piece)
        {
            var until = piece.EnteredAt.AddSeconds(ToTheNextOpening(script, piece));
            return until > piece.EnteredAt
                && here.Exists(h => h.Piece.Number != piece.Number && LatestAt(script, h.Piece) is { } latest && latest > piece.EnteredAt
                    && latest < until);
        }
    }

    /// <summary>Behind everything else.</summary>
    internal static int Last(RunState state) => state.Pieces.Select(p => p.Turn).DefaultIfEmpty().Max() + 1;

    /// <summary>Hands waiting pieces to presses that are free, and ends the run when nothing is left to do.</summary>
    internal static RunState Settle(BenchScript script, RunState state, DateTimeOffset at)
    {
        if (state.Status != RunStatus.Running)
            return state;
        foreach (var station in state.Stations)
        {
            if (state.NextInLine is { } next && CanTake(script, state, station, at))
                state = state.With(
                    next with
                    {
                        Status = PieceStatus.InHand,
                        Station = station.Number,
                        Step = First(script, station),
                        EnteredAt = at,
                        InFlow = false,
                        Moves = 0,
                        InRow = RowBehind(state, station.Number, next.Number, at),
                    });
        }

        return state.Pieces.All(p => p.Status is PieceStatus.Done or PieceStatus.Ruined)
            ? state with { Status = RunStatus.Finished } : state;
    }

    /// <summary>A piece moved on by one step.</summary>
    internal static Piece Next(BenchScript script, RunState state, Piece piece, DateTimeOffset at)
    {
        var waited = StepOf(script, piece)!.Kind == StepKind.Wait;
        piece = piece with { EnteredAt = at, Moves = piece.Moves + 1, InFlow = !waited, Status = PieceStatus.InHand };
        if (!piece.InRescue)
        {
            piece = piece with { Step = Onward(script, state.Stations[piece.Station - 1], piece.Step + 1) };
            // Taken up at once, but closed on only after a pause: what lies underneath has cooled.
            return piece.Holds.Count == 0 && piece.InRow > 0 && StepOf(script, piece)?.Kind == StepKind.Hold
                ? piece with { InRow = Math.Min(piece.InRow, RowBehind(state, piece.Station, piece.Number, at)) } : piece;
        }

        return piece.RescueStep + 1 < piece.Rescue.Count
            ? piece with { RescueStep = piece.RescueStep + 1 }
            : piece with { Step = BackFrom(script, piece), Rescue = [], RescueStep = 0 };
    }

    /// <summary>The hold of a piece noted, when it is at one.</summary>
    internal static Piece WithHold(BenchScript script, Piece piece, DateTimeOffset until, double? plateCelsius)
    {
        var step = StepOf(script, piece)!;
        return step is { Kind: StepKind.Hold, PressOrder: { } order }
            ? piece with
            {
                Holds = [.. piece.Holds,
                    new HoldDone(order, Math.Max(0, Math.Round((until - piece.EnteredAt).TotalSeconds, 2)), plateCelsius
                        ?? piece.ClosedAtCelsius)
                    { Go = step.Go, TurnedOver = step.TurnedOver, ClosedAt = piece.EnteredAt, InRow = piece.InRow }],
                ClosedAtCelsius = null
            }
            : piece;
    }

    /// <summary>Where a press begins with a piece.</summary>
    internal static int First(BenchScript script, Station station) => Onward(script, station, 0);

    /// <summary>After a rescue while peeling the peel is done; otherwise, and after a press made up for, the piece is where it
    /// was.</summary>
    private static int BackFrom(BenchScript script, Piece piece) =>
        !piece.Rescue[0].MakesUp && script.Stations[piece.Station - 1].Steps[piece.Step] is { Stage: WorkStage.Peel, Kind: StepKind.Do }
        ? piece.Step + 1 : piece.Step;

    /// <summary>How many pieces a press has pressed one after the other until now: underlay and plate keep their heat so long.</summary>
    private static int RowBehind(RunState state, int station, int but, DateTimeOffset at)
    {
        var (last, opened) = state.Pieces.Where(p => p.Station == station && p.Number != but)
            .Select(p => (Piece: p, Opened: p.Holds.Max(h => h.ClosedAt?.AddSeconds(h.Seconds)))).OrderBy(p => p.Opened).LastOrDefault();
        return opened is { } open && (at - open).TotalSeconds <= StaysWarmSeconds ? last.InRow + 1 : 0;
    }

    /// <summary>The preheat is passed over where it was left out.</summary>
    private static int Onward(BenchScript script, Station station, int step)
    {
        var steps = script.Stations[station.Number - 1].Steps;
        while (station.Skipped.Contains(Preparation.Preheat) && steps[step].Preheats)
            step++;
        return step;
    }

    private static bool CanTake(BenchScript script, RunState state, Station station, DateTimeOffset at)
    {
        if (station.HasLeft || !Prepared(script, station))
            return false;
        var here = state.At(station.Number).ToList();
        if (here.Exists(p => StepOf(script, p) is not { Kind: StepKind.Wait, KeepsPlace: false }))
            return false;
        // While one cools another is begun, unless it could not be put down in time.
        var until = at.AddSeconds(script.Stations[station.Number - 1].Steps.Skip(First(script, station))
            .TakeWhile(s => s.Kind != StepKind.Wait).Sum(s => s.Seconds));
        return here.TrueForAll(p => LatestAt(script, p) is not { } latest || latest >= until);
    }

    /// <summary>How long the hands and the plate are taken from a step to the opening after it, s; 0 where the plate does not
    /// close.</summary>
    private static double ToTheNextOpening(BenchScript script, Piece piece)
    {
        var steps = piece.InRescue ? piece.Rescue.Skip(piece.RescueStep) : script.Stations[piece.Station - 1].Steps.Skip(piece.Step);
        var seconds = 0.0;
        foreach (var step in steps)
        {
            if (step.Kind is StepKind.Wait or StepKind.Inspect || step.Stage == WorkStage.Peel)
                return 0;
            seconds += step.Seconds;
            if (step.Kind == StepKind.Hold)
                return seconds;
        }

        return 0;
    }

    private static (Piece Piece, DateTimeOffset At)? NextDue(BenchScript script, RunState state) => state.Pieces
        .Where(p => p.Status == PieceStatus.InHand && !(StepOf(script, p)!.Kind == StepKind.Hold && state.Stations[p.Station - 1].Wired))
        .Select(p => (Piece: p, At: DueAt(script, p))).Where(p => p.At is not null).OrderBy(p => p.At)
        .Select(p => ((Piece, DateTimeOffset)?)(p.Piece, p.At!.Value)).FirstOrDefault();
}
