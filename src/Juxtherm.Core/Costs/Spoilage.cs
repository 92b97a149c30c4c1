namespace Juxtherm.Core.Costs;

/// <summary>How many pieces come to nothing, from what came out of such work.</summary>
public static class Spoilage
{
    // Where nothing is known, so many in a hundred (from memory); it counts as much as so many pieces that are known.
    private const decimal TypicalShare = 0.03m;
    private const int TypicalPieces = 20;

    /// <summary>The share, %, to one place.</summary>
    /// <param name="pieces">Pieces of such work that are known.</param>
    /// <param name="lost">So many of them came to nothing.</param>
    public static decimal PercentOf(int pieces, int lost) =>
        Math.Round(100 * (lost + TypicalShare * TypicalPieces) / (pieces + TypicalPieces), 1, MidpointRounding.AwayFromZero);
}
