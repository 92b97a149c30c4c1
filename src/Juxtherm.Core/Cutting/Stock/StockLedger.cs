using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Cutting.Stock;

/// <summary>What happens to a roll, sheet or offcut.</summary>
public enum StockMoveKind
{
    /// <summary>It comes onto the shelf.</summary>
    Receive,

    /// <summary>A cut wants some of it.</summary>
    Reserve,

    /// <summary>The cut does not want it any more.</summary>
    Release,

    /// <summary>What a cut wanted is used up.</summary>
    Consume,

    /// <summary>Somebody measured it: so much is really there.</summary>
    Count,
}

/// <summary>Something that happened to a roll, sheet or offcut.</summary>
/// <param name="Kind">What.</param>
/// <param name="Mm">Length, mm, not below zero.</param>
/// <param name="Cut">The cut that it is for; null where it is for none.</param>
public sealed record StockMove(StockMoveKind Kind, double Mm, Guid? Cut = null);

/// <summary>A move cannot be. The message says why and what could.</summary>
/// <param name="says">Why, for the reader.</param>
public sealed class StockRefusedException(Phrase says) : RefusedException("stock", says);

/// <summary>What is there of a roll, sheet or offcut, as a sum over everything that happened to it.</summary>
public sealed class StockLedger
{
    private const double Hair = 0.01;
    private readonly Dictionary<Guid, double> _reserved = [];

    /// <summary>Sums up.</summary>
    /// <param name="moves">Everything that happened, in order.</param>
    /// <exception cref="StockRefusedException">One of the moves cannot have been.</exception>
    public StockLedger(IEnumerable<StockMove> moves)
    {
        ArgumentNullException.ThrowIfNull(moves);
        foreach (var move in moves)
            Take(move);
    }

    /// <summary>Length that lies on the shelf, mm.</summary>
    public double OnHandMm { get; private set; }

    /// <summary>Length of it that cuts have been promised, mm.</summary>
    public double ReservedMm => _reserved.Values.Sum();

    /// <summary>Length that nobody wants yet, mm; below zero where a count showed less than was promised.</summary>
    public double FreeMm => OnHandMm - ReservedMm;

    /// <summary>The cuts that have been promised some of it.</summary>
    public IReadOnlyCollection<Guid> PromisedTo => [.. _reserved.Keys];

    /// <summary>What a cut has been promised, mm.</summary>
    /// <param name="cut">The cut.</param>
    public double ReservedFor(Guid cut) => _reserved.GetValueOrDefault(cut);

    /// <summary>Takes in one more move.</summary>
    /// <param name="move">The move.</param>
    /// <exception cref="StockRefusedException">There is not enough for it.</exception>
    public void Take(StockMove move)
    {
        ArgumentNullException.ThrowIfNull(move);
        if (!(move.Mm >= 0 && double.IsFinite(move.Mm)))
            throw new StockRefusedException(new Phrase("stock-ledger.take", ("move", move.Mm)));
        switch (move.Kind)
        {
            case StockMoveKind.Receive:
                OnHandMm += move.Mm;
                break;
            case StockMoveKind.Count:
                OnHandMm = move.Mm;
                break;
            case StockMoveKind.Reserve when move.Cut is { } cut:
                if (move.Mm > FreeMm + Hair)
                    throw new StockRefusedException(new Phrase("stock-ledger.take-2", ("move", move.Mm), ("it", Math.Max(0, FreeMm))));
                _reserved[cut] = ReservedFor(cut) + move.Mm;
                break;
            case StockMoveKind.Release when move.Cut is { } cut:
                Give(cut, move.Mm);
                break;
            case StockMoveKind.Consume when move.Cut is { } cut:
                if (move.Mm > OnHandMm + Hair)
                    throw new StockRefusedException(new Phrase("stock-ledger.take-3", ("move", move.Mm), ("onHand", OnHandMm)));
                Give(cut, Math.Min(move.Mm, ReservedFor(cut)));
                OnHandMm = Math.Max(0, OnHandMm - move.Mm);
                break;
            default:
                throw new StockRefusedException(new Phrase("stock-ledger.take-4", ("kind", move.Kind)));
        }
    }

    private void Give(Guid cut, double mm)
    {
        if (mm > ReservedFor(cut) + Hair)
            throw new StockRefusedException(new Phrase("stock-ledger.give", ("mm", mm), ("reservedFor", ReservedFor(cut))));
        var left = ReservedFor(cut) - mm;
        if (left > Hair)
            _reserved[cut] = left;
        else
            _reserved.Remove(cut);
    }
}
