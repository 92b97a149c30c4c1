namespace Juxtherm.Core.Runs.Commands;

/// <summary>Another name, size or colour. Where that changes the vinyl, it is cut again and the piece waits for it.</summary>
internal sealed class Change : ICommand
{
    public BenchAction Action => BenchAction.Change;

    public RunState Take(Scene scene)
    {
        var piece = scene.Meant();
        var asked = Wishes.Wanted(scene);
        // A colour or a width is only changed by naming another.
        var before = piece.Wanted;
        var wanted = asked with
        {
            Colour = asked.Colour ?? before.Colour,
            GarmentColour = asked.GarmentColour ?? before.GarmentColour,
            WidthMm = asked.WidthMm ?? before.WidthMm,
        };
        var otherVinyl = (scene.Script.Named && (wanted.Name, wanted.WidthMm) != (before.Name, before.WidthMm))
            || wanted.Colour != before.Colour;
        if (piece.Status is not (PieceStatus.Waiting or PieceStatus.ToCut)
            && !(piece.Status == PieceStatus.InHand && piece.Holds.Count == 0))
            throw new BenchRefusedException("already-pressed", scene.Words.Say("refused.already-pressed", ("number", piece.Number)));
        return scene.State.With(otherVinyl
            ? piece with { Wanted = wanted, Status = PieceStatus.ToCut, Station = 0, Step = 0, Moves = piece.Moves + 1 }
            : piece with { Wanted = wanted });
    }
}
