using Juxtherm.Core.Cutting.Stock;

namespace Juxtherm.Core.Tests.Cutting;

/// <summary>Transfer sheets wear out, and a piece has all of its own at once.</summary>
public class TransferSheetTests
{
    [Theory]
    [InlineData(new[] { 1, 6 }, 10, 1)]
    [InlineData(new[] { 1, 11 }, 10, 2)]
    [InlineData(new[] { 4, 1 }, 10, 4)]
    [InlineData(new[] { 2, 6, 1, 9 }, 10, 3)]
    [InlineData(new[] { 2, 0 }, 10, 0)]
    [InlineData(new int[0], 10, 0)]
    public void So_many_are_needed(int[] perPieceAndPieces, double usesEach, int needed) => Assert.Equal(needed,
        TransferSheets.Needed([.. perPieceAndPieces.Chunk(2).Select(u => new TransferSheetUse(u[0], u[1]))], usesEach));
}
