namespace Juxtherm.Core.Runs;

/// <summary>What is wanted of the run, changed while it goes on.</summary>
internal static class WishActions
{
    /// <summary>Most pieces of one run.</summary>
    public const int MostPieces = 999;
    private const int LongestName = 60;

    /// <summary>Another name, size or colour. Where that changes the vinyl, it is cut again and the piece waits for it.</summary>
    public static RunState Change(Scene scene)
    {
        var piece = scene.Meant();
        var asked = Wanted(scene);
        // A colour is only changed by naming another.
        var wanted = asked with { Colour = asked.Colour ?? piece.Wanted.Colour };
        var otherVinyl = (scene.Script.Named && wanted.Name != piece.Wanted.Name) || wanted.Colour != piece.Wanted.Colour;
        if (piece.Status is not (PieceStatus.Waiting or PieceStatus.ToCut) && !(piece.Status == PieceStatus.InHand && piece.Holds.Count == 0))
            throw new BenchRefusedException("already-pressed", scene.Words.Say("refused.already-pressed", ("number", piece.Number)));
        return scene.State.With(otherVinyl
            ? piece with { Wanted = wanted, Status = PieceStatus.ToCut, Station = 0, Step = 0, Moves = piece.Moves + 1 }
            : piece with { Wanted = wanted });
    }

    public static RunState Add(Scene scene)
    {
        if (scene.State.Pieces.Count >= MostPieces)
            throw new BenchRefusedException("too-many", scene.Words.Say("refused.too-many-2", ("mostPieces", MostPieces)));
        var number = scene.State.Pieces.Count + 1;
        // A name is not cut yet; what is all alike was cut with spares, or is cut as it is needed.
        var piece = new Piece(number, Wanted(scene), scene.Script.Named ? PieceStatus.ToCut : PieceStatus.Waiting) { Turn = LastTurn(scene.State) };
        return scene.State with { Pieces = [.. scene.State.Pieces, piece] };
    }

    public static RunState CutAgain(Scene scene)
    {
        var piece = scene.Meant();
        return piece.Status == PieceStatus.ToCut
            ? scene.State.With(piece with { Status = PieceStatus.Waiting })
            : throw new BenchRefusedException("nothing-to-cut", scene.Words.Say("refused.nothing-to-cut", ("number", piece.Number)));
    }

    /// <summary>Behind everything else.</summary>
    public static int LastTurn(RunState state) => state.Pieces.Select(p => p.Turn).DefaultIfEmpty().Max() + 1;

    private static WantedPiece Wanted(Scene scene)
    {
        if (scene.Said.Wanted is not { Name: not null } wanted || (scene.Script.Named && string.IsNullOrWhiteSpace(wanted.Name)))
            throw new BenchRefusedException("no-name", scene.Words.Say("refused.no-name"));
        if (wanted.Name.Length > LongestName)
            throw new BenchRefusedException("no-name", scene.Words.Say("refused.no-name-2", ("longestName", LongestName)));
        return wanted with { Name = wanted.Name.Trim() };
    }
}
