using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Runs;

/// <summary>What is seen on a piece, and what becomes of it then.</summary>
internal static class SightActions
{
    private const int MostRescueSteps = 12;

    public static RunState See(Scene scene)
    {
        var piece = ToLookAt(scene);
        if (Signs(scene) is not { Count: > 0 } seen)
            throw new BenchRefusedException("nothing-seen", scene.Words.Say("refused.nothing-seen"));
        return scene.State.With(piece with { Sightings = [.. piece.Sightings, new Sighting(scene.Said.At, piece.Step, seen, BenchRules.Clean(scene.Said.Note)) { Face = scene.Said.Face }] });
    }

    public static RunState Rescue(Scene scene)
    {
        var piece = ToLookAt(scene);
        if (piece.Sightings.Count == 0)
            throw new BenchRefusedException("nothing-seen", scene.Words.Say("refused.nothing-seen-2"));
        if (scene.Said.Steps is not { Count: > 0 and <= MostRescueSteps } steps)
            throw new BenchRefusedException("no-rescue", scene.Words.Say("refused.no-rescue"));
        return scene.State.With(piece with { Rescue = steps, RescueStep = 0, EnteredAt = scene.Said.At, Moves = piece.Moves + 1, InFlow = true });
    }

    /// <summary>The piece is lost; one like it takes its place as soon as its vinyl is cut.</summary>
    public static RunState Ruin(Scene scene)
    {
        var piece = scene.InHand();
        if (piece.Status == PieceStatus.InHand && scene.StepOf(piece).Kind == StepKind.Hold)
            throw new BenchRefusedException("hold-not-over", scene.Words.Say("refused.hold-not-over"));
        var said = scene.Said;
        var lost = piece with { Status = PieceStatus.Ruined, Outcomes = Signs(scene), EndedAt = said.At, Note = BenchRules.Clean(said.Note), Moves = piece.Moves + 1 };
        var again = new Piece(scene.State.Pieces.Count + 1, piece.Wanted, PieceStatus.ToCut) { InsteadOf = piece.Number, Turn = piece.Turn };
        var next = scene.State.With(lost);
        return next with { Pieces = [.. next.Pieces, again] };
    }

    private static Piece ToLookAt(Scene scene)
    {
        var piece = scene.InHand();
        return WhyNotSeen(scene.Script, piece) is { } why ? throw why : piece;
    }

    /// <summary>Why nothing can be seen on a piece that a press has; null where something can.</summary>
    internal static BenchRefusedException? WhyNotSeen(BenchScript script, Piece piece)
    {
        var step = Turns.StepOf(script, piece)!;
        if (piece.Status == PieceStatus.Asking || step.Kind == StepKind.Hold)
            return new BenchRefusedException("hold-not-over", script.Words.Say("refused.hold-not-over-2"));
        if (piece.InRescue)
            return new BenchRefusedException("in-rescue", script.Words.Say("refused.in-rescue"));
        return piece.Holds.Count == 0 || !step.Lays ? new BenchRefusedException("nothing-to-see", script.Words.Say("refused.nothing-to-see")) : null;
    }

    private static List<Outcome> Signs(Scene scene) => [.. (scene.Said.Outcomes ?? []).Where(o => o != Outcome.Stuck).Distinct()];
}
