using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Runs.Commands;

/// <summary>The piece is finished, and what came out of it.</summary>
internal sealed class RecordPiece : ICommand
{
    public BenchAction Action => BenchAction.Record;

    public RunState Take(Scene scene)
    {
        var piece = scene.InHand();
        PieceMoves.NotAsking(scene, piece);
        if (scene.StepOf(piece).Kind != StepKind.Inspect)
            throw new BenchRefusedException("nothing-to-record", scene.Words.Say("refused.nothing-to-record"));
        IReadOnlyList<Outcome> seen = scene.Said.Outcomes is { Count: > 0 } outcomes ? [.. outcomes.Distinct()] : [Outcome.Stuck];
        if (seen.Count > 1 && seen.Contains(Outcome.Stuck))
            throw new BenchRefusedException("contradiction", scene.Words.Say("refused.contradiction"));
        return PieceMoves.Finished(scene, piece, seen);
    }
}
