using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Runs;

/// <summary>How a piece moves on.</summary>
internal static class PieceMoves
{
    // Less than this a hand cannot help, s.
    private const double WorthClosingAgain = 2;

    // Covering and closing again, s.
    private const double ClosingAgainSeconds = 5;

    /// <summary>The plate is open. What is missing of its time is named at once, and made up for before anything else.</summary>
    public static Piece OpenedAt(Scene scene, Piece piece, DateTimeOffset at)
    {
        var step = scene.StepOf(piece);
        var (rescue, done) = (piece.Rescue, piece.RescueStep + 1);
        var next = RunFlow.Next(scene.Script, scene.State, RunFlow.WithHold(scene.Script, piece, at, null), at);
        var missing = Math.Ceiling(step.Seconds - (at - piece.EnteredAt).TotalSeconds - 0.25);
        if (missing < WorthClosingAgain || scene.Said.Knowingly || !scene.Script.NamesShortHolds)
            return next;
        BenchStep[] closing =
        [
            step with { Kind = StepKind.Do, Text = scene.Words.Say("piece-actions.opened-at-closing", ("missing", missing)),
                Seconds = ClosingAgainSeconds, MakesUp = true },
            step with { Text = scene.Words.Say("piece-actions.opened-at-closing-2"), Seconds = missing, MakesUp = true },
        ];
        return piece.InRescue
            ? next with
            {
                Step = piece.Step,
                Rescue = BenchStep.Numbered([.. rescue.Take(done), .. closing, .. rescue.Skip(done)]),
                RescueStep = done
            }
            : next with { Rescue = BenchStep.Numbered(closing), RescueStep = 0 };
    }

    public static RunState Finished(Scene scene, Piece piece, IReadOnlyList<Outcome> seen) =>
        scene.State.With(
            piece with
            {
                Status = PieceStatus.Done,
                Outcomes = seen,
                EndedAt = scene.Said.At,
                Note = Notes.Clean(scene.Said.Note),
                Moves = piece.Moves + 1
            });

    public static RunState Moved(Scene scene, Piece piece) =>
        scene.State.With(RunFlow.Next(scene.Script, scene.State, piece, scene.Said.At));

    public static void NotAsking(Scene scene, Piece piece)
    {
        if (piece.Status == PieceStatus.Asking)
            throw new BenchRefusedException("say-when-opened", scene.Words.Say("refused.say-when-opened"));
    }
}
