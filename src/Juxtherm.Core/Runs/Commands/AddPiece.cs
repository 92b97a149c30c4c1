namespace Juxtherm.Core.Runs.Commands;

/// <summary>One piece more, behind the others.</summary>
internal sealed class AddPiece : ICommand
{
    public BenchAction Action => BenchAction.Add;

    public RunState Take(Scene scene)
    {
        if (scene.State.Pieces.Count >= Wishes.MostPieces)
            throw new BenchRefusedException("too-many", scene.Words.Say("refused.too-many-2", ("mostPieces", Wishes.MostPieces)));
        var number = scene.State.Pieces.Count + 1;
        // A name is not cut yet; what is all alike was cut with spares, or is cut as it is needed.
        var piece = new Piece(number, Wishes.Wanted(scene), scene.Script.Named
            ? PieceStatus.ToCut : PieceStatus.Waiting)
        { Turn = RunFlow.Last(scene.State) };
        return scene.State with { Pieces = [.. scene.State.Pieces, piece] };
    }
}
