using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Runs;

/// <summary>Where a run stands as something is said.</summary>
/// <param name="Script">The frozen script.</param>
/// <param name="State">Where it stands.</param>
/// <param name="Said">What is said.</param>
internal sealed record Scene(BenchScript Script, RunState State, BenchEvent Said)
{
    /// <summary>Says what comes up at the press.</summary>
    public IWords Words => Script.Words;

    /// <summary>The piece that is meant, in the hands of the press that speaks.</summary>
    /// <exception cref="BenchRefusedException">It is not there.</exception>
    public Piece InHand()
    {
        var piece = Meant();
        return piece.Status is PieceStatus.InHand or PieceStatus.Asking && piece.Station == Said.Station
            ? piece : throw new BenchRefusedException("not-in-hand", Words.Say("refused.not-in-hand", ("number", piece.Number)));
    }

    /// <summary>The piece that is meant, wherever it is.</summary>
    /// <exception cref="BenchRefusedException">There is none.</exception>
    public Piece Meant() =>
        State.PieceOf(Said.Piece)
        ?? throw new BenchRefusedException("no-such-piece", Words.Say("refused.no-such-piece", ("pieces", State.Pieces.Count)));

    /// <summary>The press that speaks.</summary>
    /// <exception cref="BenchRefusedException">It is not part of the run.</exception>
    public Station Speaker() =>
        State.Stations.FirstOrDefault(s => s.Number == Said.Station)
        ?? throw new BenchRefusedException("no-such-press", Words.Say("refused.no-such-press-2", ("stations", State.Stations.Count)));

    /// <summary>What a piece is at.</summary>
    public BenchStep StepOf(Piece piece) => RunFlow.StepOf(Script, piece)!;
}
