using FsCheck.Xunit;
using Juxtherm.Core.Cutting.Stock;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Reading;
using Juxtherm.Testing;

namespace Juxtherm.Core.Tests.Cutting;

/// <summary>Arithmetic of the shelf: nothing is promised twice, nothing goes missing, tables come back as they went.</summary>
public sealed class StockTests
{
    private static readonly Guid Cut = Guid.Parse("00000000-0000-0000-0000-000000000001");
    private static readonly Guid Other = Guid.Parse("00000000-0000-0000-0000-000000000002");

    [Property]
    public void Whatever_is_asked_nothing_is_promised_that_is_not_there(uint[] asks)
    {
        var moves = new List<StockMove> { new(StockMoveKind.Receive, 1000) };
        var (received, used) = (1000.0, 0.0);
        foreach (var ask in asks)
        {
            var kind = (StockMoveKind)(ask % 4);
            var move = new StockMove(kind, ask / 8 % 700, ask % 8 < 4 ? Cut : Other);
            try
            {
                _ = new StockLedger([.. moves, move]);
            }
            catch (StockRefusedException)
            {
                continue;
            }

            moves.Add(move);
            received += kind == StockMoveKind.Receive ? move.Mm : 0;
            used += kind == StockMoveKind.Consume ? move.Mm : 0;
            var ledger = new StockLedger(moves);
            Assert.Equal(received - used, ledger.OnHandMm, 6);
            Assert.True(ledger.OnHandMm >= 0 && ledger.ReservedMm >= 0);
            Assert.Equal(ledger.ReservedFor(Cut) + ledger.ReservedFor(Other), ledger.ReservedMm, 6);
        }
    }

    [Fact]
    public void Reserving_using_and_giving_back()
    {
        var ledger = new StockLedger([new(StockMoveKind.Receive, 500), new(StockMoveKind.Reserve, 300, Cut)]);
        Assert.Equal((500, 300, 200), (ledger.OnHandMm, ledger.ReservedMm, ledger.FreeMm));
        Assert.Throws<StockRefusedException>(() => ledger.Take(new StockMove(StockMoveKind.Reserve, 201, Other)));
        ledger.Take(new StockMove(StockMoveKind.Reserve, 200, Other));
        ledger.Take(new StockMove(StockMoveKind.Consume, 300, Cut));
        Assert.Equal((200, 200, 0), (ledger.OnHandMm, ledger.ReservedMm, ledger.FreeMm));
        Assert.Throws<StockRefusedException>(() => ledger.Take(new StockMove(StockMoveKind.Release, 201, Other)));
        ledger.Take(new StockMove(StockMoveKind.Release, 200, Other));
        ledger.Take(new StockMove(StockMoveKind.Count, 120));
        Assert.Equal((120, 0, 120), (ledger.OnHandMm, ledger.ReservedMm, ledger.FreeMm));
        Assert.Throws<StockRefusedException>(() => ledger.Take(new StockMove(StockMoveKind.Reserve, double.NaN, Cut)));
        Assert.Throws<StockRefusedException>(() => ledger.Take(new StockMove(StockMoveKind.Reserve, 1)));
    }

    [Fact]
    public void The_weight_of_a_roll_says_its_length()
    {
        var perM2 = RollWeight.GramsPerM2(Shipped.Catalogue.Vinyls["smooth"], Shipped.Catalogue.Carrier);
        // 0.09 mm of 1150 kg/m³ and 0.1 mm of 1390 kg/m³.
        Assert.Equal(103.5 + 139, perM2, 6);
        Assert.Equal(2000, RollWeight.LengthMm(200 + perM2 * 0.305 * 2, 200, perM2, 305), 6);
        Assert.Equal(0, RollWeight.LengthMm(150, 200, perM2, 305));
    }

    [Theory]
    [InlineData(300, 500, 100, 120, 300, 500, 100, 120)]
    [InlineData(300, 500, 260, 120, 300, 380, 0, 0)]
    [InlineData(300, 500, 100, 470, 200, 500, 0, 0)]
    public void What_comes_back_is_a_rectangle_or_has_a_corner_gone(double w, double l, double usedW, double usedL, double backW,
        double backL, double cornerW, double cornerL) =>
        Assert.Equal(new Remainder(backW, backL, cornerW, cornerL), Remainder.Of(w, l, new Box(0, 0, usedW, usedL), 0, 0, 60));

    [Theory]
    [InlineData(300, 500, 260, 470)]
    [InlineData(50, 500, 50, 100)]
    public void What_is_narrower_than_worth_keeping_does_not(double w, double l, double usedW, double usedL) =>
    Assert.Null(Remainder.Of(w, l, new Box(0, 0, usedW, usedL), 0, 0, 60));

    [Fact]
    public void A_table_comes_back_as_it_went()
    {
        VinylStock[] stock =
        [
            new("", StockKind.Roll, "smooth", "#1b2a49", "night, \"deep\"", 305, 2600.5, 0, 0, "T-14", "=SUM(A1)", 9.5, 1000),
            new("", StockKind.Offcut, "glow", "#c9e6b8", "", 120, 80, 40, 20, "", "Left of the vests", null, 0),
        ];
        var problems = new Problems();
        var read = StockTable.Read(StockTable.Write(stock), [.. Shipped.Catalogue.Vinyls.Keys], problems);
        Assert.Empty(problems.Found);
        Assert.Equal(stock, read);
    }

    [Theory]
    [InlineData("", "a heading is needed")]
    [InlineData("kind,vinyl,width mm,length mm\n", "no column “colour”")]
    [InlineData("kind,vinyl,colour,width mm,length mm,wide\n", "a column “wide”")]
    [InlineData("kind,vinyl,colour,width mm,length mm\nroll,smoth,#fff,305,10", "Line 2: vinyl is “smoth”; nearest: smooth")]
    [InlineData("kind,vinyl,colour,width mm,length mm\nroll,smooth,bluish,305,10", "Line 2: colour is “bluish”")]
    [InlineData("kind,vinyl,colour,width mm,length mm\nroll,smooth,#ffffff,3,10", "Line 2: width mm is “3”; a number from 10 to 2000")]
    [InlineData("kind;vinyl;colour;width mm;length mm\nbox;smooth;navy;300;10", "Line 2: kind is “box”")]
    public void A_table_that_cannot_be_read_is_named_line_by_line(string text, string says)
    {
        var problems = new Problems();
        Assert.Empty(StockTable.Read(text, [.. Shipped.Catalogue.Vinyls.Keys], problems));
        Assert.Contains(problems.Found, p => p.Said().Contains(says, StringComparison.Ordinal));
    }
}
