namespace Juxtherm.Core.Runs.Commands;

/// <summary>Says how long the plate was closed: asked for after an absence, or to put right what was noted last.</summary>
internal sealed class HoldWas : ICommand
{
    // A press that stayed closed for longer than this is asked about in other words.
    private const double LongestHoldSeconds = 24 * 3600;

    public BenchAction Action => BenchAction.HoldWas;

    public RunState Take(Scene scene)
    {
        var piece = scene.InHand();
        var seconds = scene.Said.Seconds is { } s and >= 0 and <= LongestHoldSeconds
            ? s : throw new BenchRefusedException("no-such-time", scene.Words.Say("refused.no-such-time"));
        if (piece.Status == PieceStatus.Asking)
        {
            var opened = piece.EnteredAt.AddSeconds(seconds);
            if (opened > scene.Said.At)
                throw new BenchRefusedException("no-such-time", scene.Words.Say("refused.no-such-time-2"));
            return scene.State.With(PieceMoves.OpenedAt(scene, piece, opened));
        }

        if (piece.Holds.Count == 0)
            throw new BenchRefusedException("not-holding", scene.Words.Say("refused.not-holding-2"));
        return scene.State.With(
            piece with { Holds = [.. piece.Holds.SkipLast(1), piece.Holds[^1] with { Seconds = Math.Round(seconds, 2) }] });
    }
}
