using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Runs;

/// <summary>What the hands do with a piece, step by step.</summary>
internal static class PieceActions
{
    // A press that stayed closed for longer than this is asked about in other words.
    private const double LongestHoldSeconds = 24 * 3600;

    // Less than this a hand cannot help, s.
    private const double WorthClosingAgain = 2;

    // Covering and closing again, s.
    private const double ClosingAgainSeconds = 5;

    public static RunState Done(Scene scene)
    {
        var piece = scene.InHand();
        NotAsking(piece);
        var step = scene.StepOf(piece);
        return step.Kind switch
        {
            StepKind.Hold => throw new BenchRefusedException("hold-not-over", "The plate is still to stay closed. Opened early? Then say so."),
            StepKind.Inspect => Finished(scene, piece, [Outcome.Stuck]),
            StepKind.Wait when !scene.Said.Knowingly && Turns.After(scene.Script, piece)?.Stage == WorkStage.Peel =>
                throw new BenchRefusedException("not-cool-yet", "It is still too warm: peeled now the vinyl may come up with the carrier, and the carrier burns. Peel all the same? Then say so."),
            StepKind.Wait => Moved(scene, piece with { PeeledEarly = piece.PeeledEarly || Turns.After(scene.Script, piece)?.Stage == WorkStage.Peel }),
            _ => Moved(scene, piece with { ClosedAtCelsius = scene.Said.PlateCelsius }),
        };
    }

    public static RunState Opened(Scene scene)
    {
        var piece = scene.InHand();
        NotAsking(piece);
        if (scene.StepOf(piece).Kind != StepKind.Hold)
            throw new BenchRefusedException("not-holding", "The plate is not closed just now.");
        return scene.State.With(OpenedAt(scene, piece, scene.Said.At));
    }

    /// <summary>The plate is open. What is missing of its time is named at once, and made up for before anything else.</summary>
    private static Piece OpenedAt(Scene scene, Piece piece, DateTimeOffset at)
    {
        var step = scene.StepOf(piece);
        var (rescue, done) = (piece.Rescue, piece.RescueStep + 1);
        var next = Turns.Next(scene.Script, scene.State, Turns.WithHold(scene.Script, piece, at, null), at);
        var missing = Math.Ceiling(step.Seconds - (at - piece.EnteredAt).TotalSeconds - 0.25);
        if (missing < WorthClosingAgain || scene.Said.Knowingly || !scene.Script.NamesShortHolds)
            return next;
        BenchStep[] closing =
        [
            step with { Kind = StepKind.Do, Text = $"{missing:0} s missing: close again now.", Seconds = ClosingAgainSeconds, MakesUp = true },
            step with { Text = "Hold. The rest of its time.", Seconds = missing, MakesUp = true },
        ];
        return piece.InRescue
            ? next with { Step = piece.Step, Rescue = BenchStep.Numbered([.. rescue.Take(done), .. closing, .. rescue.Skip(done)]), RescueStep = done }
            : next with { Rescue = BenchStep.Numbered(closing), RescueStep = 0 };
    }

    /// <summary>Says how long the plate was closed: asked for after an absence, or to put right what was noted last.</summary>
    public static RunState HoldWas(Scene scene)
    {
        var piece = scene.InHand();
        var seconds = scene.Said.Seconds is { } s and >= 0 and <= LongestHoldSeconds ? s : throw new BenchRefusedException("no-such-time", "Say how long the plate was closed: 0 to 86400 seconds.");
        if (piece.Status == PieceStatus.Asking)
        {
            var opened = piece.EnteredAt.AddSeconds(seconds);
            if (opened > scene.Said.At)
                throw new BenchRefusedException("no-such-time", "So long ago it was not closed yet.");
            return scene.State.With(OpenedAt(scene, piece, opened));
        }

        if (piece.Holds.Count == 0)
            throw new BenchRefusedException("not-holding", "The plate has not been closed on this piece yet.");
        return scene.State.With(piece with { Holds = [.. piece.Holds.SkipLast(1), piece.Holds[^1] with { Seconds = Math.Round(seconds, 2) }] });
    }

    /// <summary>Back to the last thing done by hand.</summary>
    public static RunState Back(Scene scene)
    {
        var piece = scene.InHand();
        NotAsking(piece);
        var at = scene.Said.At;
        if (piece.InRescue)
        {
            // Before its first step a rescue can be left again.
            var before = Enumerable.Range(0, piece.RescueStep).LastOrDefault(i => piece.Rescue[i].Kind == StepKind.Do, -1);
            var left = before < 0 ? piece with { Rescue = [], RescueStep = 0 } : piece with { RescueStep = before };
            return scene.State.With(left with { EnteredAt = at, Moves = piece.Moves + 1, InFlow = true });
        }

        var steps = scene.Script.Stations[piece.Station - 1].Steps;
        for (var i = piece.Step - 1; i >= Turns.First(scene.Script, scene.Speaker()); i--)
        {
            if (steps[i].Kind == StepKind.Do)
                return scene.State.With(piece with { Step = i, EnteredAt = at, Moves = piece.Moves + 1, InFlow = true });
        }

        throw new BenchRefusedException("no-way-back", "There is no step to go back to.");
    }

    public static RunState Record(Scene scene)
    {
        var piece = scene.InHand();
        NotAsking(piece);
        if (scene.StepOf(piece).Kind != StepKind.Inspect)
            throw new BenchRefusedException("nothing-to-record", "This piece is not done yet.");
        IReadOnlyList<Outcome> seen = scene.Said.Outcomes is { Count: > 0 } outcomes ? [.. outcomes.Distinct()] : [Outcome.Stuck];
        if (seen.Count > 1 && seen.Contains(Outcome.Stuck))
            throw new BenchRefusedException("contradiction", "It is either stuck with nothing wrong, or something is wrong.");
        return Finished(scene, piece, seen);
    }

    private static RunState Finished(Scene scene, Piece piece, IReadOnlyList<Outcome> seen) =>
        scene.State.With(piece with { Status = PieceStatus.Done, Outcomes = seen, EndedAt = scene.Said.At, Note = BenchRules.Clean(scene.Said.Note), Moves = piece.Moves + 1 });

    private static RunState Moved(Scene scene, Piece piece) => scene.State.With(Turns.Next(scene.Script, scene.State, piece, scene.Said.At));

    private static void NotAsking(Piece piece)
    {
        if (piece.Status == PieceStatus.Asking)
            throw new BenchRefusedException("say-when-opened", "The service was away while the plate was closed. First say when it was opened.");
    }
}
