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
        NotAsking(scene, piece);
        var step = scene.StepOf(piece);
        return step.Kind switch
        {
            StepKind.Hold => throw new BenchRefusedException("hold-not-over", scene.Words.Say("refused.hold-not-over-3")),
            StepKind.Inspect => Finished(scene, piece, [Outcome.Stuck]),
            StepKind.Wait when !scene.Said.Knowingly && Turns.After(scene.Script, piece)?.Stage == WorkStage.Peel =>
                throw new BenchRefusedException("not-cool-yet", scene.Words.Say("refused.not-cool-yet")),
            StepKind.Wait => Moved(scene, piece with { PeeledEarly = piece.PeeledEarly || Turns.After(scene.Script, piece)?.Stage == WorkStage.Peel }),
            _ => Moved(scene, piece with { ClosedAtCelsius = scene.Said.PlateCelsius }),
        };
    }

    public static RunState Opened(Scene scene)
    {
        var piece = scene.InHand();
        NotAsking(scene, piece);
        if (scene.StepOf(piece).Kind != StepKind.Hold)
            throw new BenchRefusedException("not-holding", scene.Words.Say("refused.not-holding"));
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
            step with { Kind = StepKind.Do, Text = scene.Words.Say("piece-actions.opened-at-closing", ("missing", missing)), Seconds = ClosingAgainSeconds, MakesUp = true },
            step with { Text = scene.Words.Say("piece-actions.opened-at-closing-2"), Seconds = missing, MakesUp = true },
        ];
        return piece.InRescue
            ? next with { Step = piece.Step, Rescue = BenchStep.Numbered([.. rescue.Take(done), .. closing, .. rescue.Skip(done)]), RescueStep = done }
            : next with { Rescue = BenchStep.Numbered(closing), RescueStep = 0 };
    }

    /// <summary>Says how long the plate was closed: asked for after an absence, or to put right what was noted last.</summary>
    public static RunState HoldWas(Scene scene)
    {
        var piece = scene.InHand();
        var seconds = scene.Said.Seconds is { } s and >= 0 and <= LongestHoldSeconds ? s : throw new BenchRefusedException("no-such-time", scene.Words.Say("refused.no-such-time"));
        if (piece.Status == PieceStatus.Asking)
        {
            var opened = piece.EnteredAt.AddSeconds(seconds);
            if (opened > scene.Said.At)
                throw new BenchRefusedException("no-such-time", scene.Words.Say("refused.no-such-time-2"));
            return scene.State.With(OpenedAt(scene, piece, opened));
        }

        if (piece.Holds.Count == 0)
            throw new BenchRefusedException("not-holding", scene.Words.Say("refused.not-holding-2"));
        return scene.State.With(piece with { Holds = [.. piece.Holds.SkipLast(1), piece.Holds[^1] with { Seconds = Math.Round(seconds, 2) }] });
    }

    /// <summary>Back to the last thing done by hand.</summary>
    public static RunState Back(Scene scene)
    {
        var piece = scene.InHand();
        NotAsking(scene, piece);
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

        throw new BenchRefusedException("no-way-back", scene.Words.Say("refused.no-way-back"));
    }

    public static RunState Record(Scene scene)
    {
        var piece = scene.InHand();
        NotAsking(scene, piece);
        if (scene.StepOf(piece).Kind != StepKind.Inspect)
            throw new BenchRefusedException("nothing-to-record", scene.Words.Say("refused.nothing-to-record"));
        IReadOnlyList<Outcome> seen = scene.Said.Outcomes is { Count: > 0 } outcomes ? [.. outcomes.Distinct()] : [Outcome.Stuck];
        if (seen.Count > 1 && seen.Contains(Outcome.Stuck))
            throw new BenchRefusedException("contradiction", scene.Words.Say("refused.contradiction"));
        return Finished(scene, piece, seen);
    }

    private static RunState Finished(Scene scene, Piece piece, IReadOnlyList<Outcome> seen) =>
        scene.State.With(piece with { Status = PieceStatus.Done, Outcomes = seen, EndedAt = scene.Said.At, Note = BenchRules.Clean(scene.Said.Note), Moves = piece.Moves + 1 });

    private static RunState Moved(Scene scene, Piece piece) => scene.State.With(Turns.Next(scene.Script, scene.State, piece, scene.Said.At));

    private static void NotAsking(Scene scene, Piece piece)
    {
        if (piece.Status == PieceStatus.Asking)
            throw new BenchRefusedException("say-when-opened", scene.Words.Say("refused.say-when-opened"));
    }
}
