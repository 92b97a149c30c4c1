using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Runs;

/// <summary>When something can be seen on a piece.</summary>
internal static class Sight
{
    public static Piece ToLookAt(Scene scene)
    {
        var piece = scene.InHand();
        return WhyNotSeen(scene.Script, piece) is { } why ? throw why : piece;
    }

    /// <summary>Why nothing can be seen on a piece that a press has; null where something can.</summary>
    public static BenchRefusedException? WhyNotSeen(BenchScript script, Piece piece)
    {
        var step = RunFlow.StepOf(script, piece)!;
        if (piece.Status == PieceStatus.Asking || step.Kind == StepKind.Hold)
            return new BenchRefusedException("hold-not-over", script.Words.Say("refused.hold-not-over-2"));
        if (piece.InRescue)
            return new BenchRefusedException("in-rescue", script.Words.Say("refused.in-rescue"));
        return piece.Holds.Count == 0 || !step.Lays
            ? new BenchRefusedException("nothing-to-see", script.Words.Say("refused.nothing-to-see")) : null;
    }

    public static List<Outcome> Signs(Scene scene) => [.. (scene.Said.Outcomes ?? []).Where(o => o != Outcome.Stuck).Distinct()];
}
