namespace Juxtherm.Core.Cutting.Stock;

/// <summary>What of a job is laid with transfer sheets, because it has left its carrier.</summary>
/// <param name="PerPiece">Sheets that a piece takes at once.</param>
/// <param name="Pieces">How many pieces.</param>
public sealed record TransferSheetUse(int PerPiece, int Pieces);

/// <summary>How many transfer sheets some jobs need.</summary>
public static class TransferSheets
{
    /// <summary>So many new ones: they wear out with use, and a piece has all of its own at once.</summary>
    /// <param name="uses">What the jobs take.</param>
    /// <param name="usesEach">How often a sheet serves, at least 1.</param>
    public static int Needed(IReadOnlyCollection<TransferSheetUse> uses, double usesEach)
    {
        ArgumentNullException.ThrowIfNull(uses);
        ArgumentOutOfRangeException.ThrowIfLessThan(usesEach, 1);
        var worn = (int)Math.Ceiling(uses.Sum(u => (long)u.PerPiece * u.Pieces) / usesEach);
        return Math.Max(worn, uses.Select(u => u.Pieces > 0 ? u.PerPiece : 0).DefaultIfEmpty(0).Max());
    }
}
