using FsCheck.Xunit;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Cutting.Nesting;
using Juxtherm.Testing;

namespace Juxtherm.Core.Tests.Cutting;

/// <summary>Nesting: margins, edges and counts on pieces at random; how tight it is where a perfect packing is known.</summary>
public sealed class NestTests
{
    private static readonly NestRules Rules = new(6, 3, NestRules.Quarters);

    private static NestSheet Roll(double width = 292) => new("roll", width, 20_000);

    [Property(MaxTest = 10)]
    [Trait("Run", "thorough")]
    public void Nothing_lies_too_near_outside_or_twice(int seed, byte margin, bool upright, byte kind)
    {
        var rules = new NestRules(margin % 9, Math.Max(3, margin % 9 / 2.0), upright ? NestRules.Upright : NestRules.Eighths);
        var pieces = Instances.Sky(seed, 14);
        NestSheet[] sheets = (kind % 3) switch
        {
            0 => [Roll(200)],
            1 => [new NestSheet("scrap", 160, 120, 70, 40, UsedWhole: true), new NestSheet("mat1", 292, 292),
                new NestSheet("mat2", 292, 292)],
            _ => [new NestSheet("small", 130, 150, UsedWhole: true)],
        };
        var layout = Nest.Find(pieces, sheets, rules, effort: 2_000_000);
        Sheets.Check(pieces, sheets, rules, layout);
        if (kind % 3 != 2)
            Assert.Empty(layout.LeftOver);
        if (upright)
            Assert.All(layout.Places, p => Assert.Equal(0, p.Degrees));
    }

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    public void Of_a_sheet_cut_up_into_thirty_at_least_85_percent_is_used_again(int seed)
    {
        var pieces = Instances.CutUp(seed, 30, 292, 500, Rules);
        NestSheet[] sheets = [Roll()];
        var layout = Nest.Find(pieces, sheets, Rules, effort: 6_000_000);
        Sheets.Check(pieces, sheets, Rules, layout);
        Assert.InRange(500 / layout.CostMm, 0.85, 1.0001);
        Assert.True(layout.CostMm < Nest.ShelfLengthMm(pieces, 292, Rules));
    }

    [Theory]
    [InlineData(11)]
    [InlineData(12)]
    [InlineData(13)]
    public void True_shapes_never_take_more_than_their_boxes(int seed)
    {
        var pieces = Instances.Sky(seed, 30);
        NestSheet[] sheets = [Roll()];
        var layout = Nest.Find(pieces, sheets, Rules, effort: 6_000_000);
        var boxes = Nest.Find([.. pieces.Select(p => NestPart.Of(p.Key, CutShape.Read(p.PathAt(default))!, boxed: true))], sheets, Rules,
            effort: 6_000_000);
        Sheets.Check(pieces, sheets, Rules, layout);
        Assert.True(layout.CostMm <= boxes.CostMm + 0.01, $"true shapes take {layout.CostMm} mm, their boxes {boxes.CostMm} mm");
    }

    [Fact]
    public void Small_pieces_go_into_the_hole_of_a_large_one()
    {
        NestPart[] pieces = [NestPart.Of("ring", CutShape.Read(Instances.Path(4, 200))!), NestPart.Of("dot", CutShape.Boxed(50, 50)),
            NestPart.Of("dot", CutShape.Boxed(50, 50))];
        NestSheet[] sheets = [new NestSheet("roll", 210, 2000)];
        var layout = Nest.Find(pieces, sheets, Rules, effort: 2_000_000);
        Sheets.Check(pieces, sheets, Rules, layout);
        // The ring alone takes 206 mm; both boxes fit side by side into its hole of 140 mm, margins included.
        Assert.InRange(layout.CostMm, 206, 207);
    }

    [Fact]
    public void Offcuts_are_used_up_before_the_roll()
    {
        NestPart[] pieces = [.. Enumerable.Range(0, 6).Select(i => NestPart.Of("star", CutShape.Read(Instances.Path(0, 50))!))];
        NestSheet[] sheets = [new NestSheet("scrap", 130, 130, UsedWhole: true), Roll()];
        var layout = Nest.Find(pieces, sheets, Rules, effort: 2_000_000);
        Sheets.Check(pieces, sheets, Rules, layout);
        Assert.True(layout.Places.Count(p => p.Sheet == 0) >= 4);
        Assert.Equal(layout.SheetLengthsMm[1], layout.CostMm);
    }

    [Fact]
    public void What_fits_no_sheet_is_left_over_and_the_rest_is_placed()
    {
        NestPart[] pieces = [NestPart.Of("door", CutShape.Boxed(400, 400)), NestPart.Of("star", CutShape.Read(Instances.Path(0, 50))!)];
        NestSheet[] sheets = [Roll()];
        var layout = Nest.Find(pieces, sheets, Rules, effort: 500_000);
        Sheets.Check(pieces, sheets, Rules, layout);
        Assert.Equal([0], layout.LeftOver);
        Assert.Equal([1], layout.Places.Select(p => p.Piece));
        Assert.Empty(Nest.Find([], sheets, Rules).Places);
    }

    [Theory]
    [InlineData(280, 0)]
    [InlineData(286, 0)]
    [InlineData(290, 90)]
    public void A_piece_is_turned_only_to_fit(double width, double degrees)
    {
        NestPart[] pieces = [NestPart.Of("bar", CutShape.Boxed(width, 60), boxed: true)];
        NestSheet[] sheets = [new NestSheet("mat", 292, 297)];
        var layout = Nest.Find(pieces, sheets, Rules, effort: 500_000);
        Sheets.Check(pieces, sheets, Rules, layout);
        Assert.Equal(degrees, Assert.Single(layout.Places).Degrees);
    }

    [Fact]
    public void Shelves_are_what_a_patient_hand_would_do()
    {
        // Three of 100 × 50 in a row of 292 do not fit with their margins, two do: two shelves of 50, one of 40.
        NestPart[] pieces = [.. Enumerable.Range(0, 4).Select(i => NestPart.Of("wide", CutShape.Boxed(100, 50))),
            NestPart.Of("low", CutShape.Boxed(250, 40))];
        Assert.Equal(3 + 50 + 6 + 50 + 6 + 40 + 3, Nest.ShelfLengthMm(pieces, 292, Rules), 6);
    }

    [Fact]
    public void It_can_be_stopped_with_the_best_so_far_and_says_how_far_it_is()
    {
        var pieces = Instances.Sky(5, 40);
        NestSheet[] sheets = [Roll()];
        var heard = new List<NestProgress>();
        var stopped = Nest.Find(pieces, sheets, Rules, p =>
        {
            heard.Add(p);
            return heard.Count < 3;
        });
        Assert.Equal(3, heard.Count);
        Sheets.Check(pieces, sheets, Rules, stopped);
        Assert.Same(heard[^1].Best, stopped);
        var whole = Nest.Find(pieces, sheets, Rules, p =>
        {
            heard.Add(p);
            return true;
        }, 4_000_000);
        Assert.True(whole.CostMm <= stopped.CostMm);
        Assert.InRange(heard[^1].Share, 0.9, 1);
        Assert.Equal(heard.Skip(3).Select(h => h.Share), heard.Skip(3).Select(h => h.Share).Order());
    }

    [Fact]
    public void The_same_pieces_give_the_same_layout()
    {
        NestSheet[] sheets = [Roll()];
        var (one, two) = (Nest.Find(Instances.Sky(9, 12), sheets, Rules, effort: 1_000_000),
            Nest.Find(Instances.Sky(9, 12), sheets, Rules, effort: 1_000_000));
        Assert.Equal(one.Places, two.Places);
    }
}
