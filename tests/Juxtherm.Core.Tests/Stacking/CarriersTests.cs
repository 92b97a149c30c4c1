using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Stacking;

namespace Juxtherm.Core.Tests.Stacking;

/// <summary>Where carriers reach, by boxes and by true contours.</summary>
public class CarriersTests
{
    // A triangle with its right angle in the upper left corner, and its twin in the lower right one.
    private const string UpperLeft = "M0 0L100 0 0 100Z";
    private const string LowerRight = "M100 0L100 100 0 100Z";

    private static StackedLayer Piece(double x, double y, double w, double h, double margin = 6, string? shape = null,
        CarrierCut cut = CarrierCut.Box, int side = 0) =>
        new("a", Shipped.Catalogue.Vinyls["smooth"], PeelMethod.Warm, new Box(x, y, w, h), w * h, margin, [], side)
        {
            Shape = shape is null
            ? null : CutShape.Read(shape),
            Cut = cut
        };

    [Theory]
    // Apart; carriers meet; vinyl on carrier, as boxes of 100 mm side by side with so much between them.
    [InlineData(13, false, false, false)]
    [InlineData(11, true, false, false)]
    [InlineData(5, true, true, true)]
    [InlineData(0, true, true, true)]
    public void Boxes_side_by_side(double gap, bool meet, bool vinylOn, bool edgeOn)
    {
        var (a, b) = (Piece(0, 0, 100, 100), Piece(100 + gap, 0, 100, 100));
        Assert.Equal((meet, vinylOn, edgeOn), (Carriers.Meet(a, b), Carriers.VinylOn(a, b), Carriers.EdgeOn(a, b)));
        Assert.Equal(gap, Carriers.ApartMm(a, b)!.Value, 1e-9);
    }

    [Fact]
    public void A_carrier_that_reaches_beyond_all_of_what_lies_below_has_no_edge_on_it()
    {
        var (small, large) = (Piece(40, 40, 20, 20, margin: 60), Piece(10, 10, 80, 80));
        Assert.True(Carriers.VinylOn(small, large));
        Assert.False(Carriers.EdgeOn(small, large));
        Assert.True(Carriers.EdgeOn(small with { CarrierMarginMm = 5 }, large));
    }

    [Fact]
    public void Boxes_that_overlap_may_hold_triangles_that_do_not()
    {
        // Two triangles of one square, 40 mm apart along the diagonal: their boxes overlap by most of their sides.
        var (a, b) = (Piece(0, 0, 100, 100, shape: UpperLeft), Piece(30, 30, 100, 100, shape: LowerRight));
        Assert.True(Carriers.Meet(a, b));
        Assert.True(Carriers.VinylOn(a, b));
        Assert.Equal(30 * Math.Sqrt(2), Carriers.ApartMm(a, b)!.Value, 0.01);
        var (trimmedA, trimmedB) = (a with { Cut = CarrierCut.Contour }, b with { Cut = CarrierCut.Contour });
        Assert.False(Carriers.Meet(trimmedA, trimmedB));
        Assert.False(Carriers.VinylOn(trimmedA, trimmedB));
        Assert.False(Carriers.EdgeOn(trimmedA, trimmedB));
        Assert.True(Carriers.Meet(trimmedA with { CarrierMarginMm = 22 }, trimmedB with { CarrierMarginMm = 22 }));
    }

    [Fact]
    public void Layers_of_two_faces_never_meet()
    {
        var (front, back) = (Piece(0, 0, 100, 100), Piece(0, 0, 100, 100, side: 1));
        Assert.False(Carriers.VinylOn(front, back));
        Assert.False(Carriers.EdgeOn(front, back));
        Assert.False(front.Overlaps(back));
    }

    [Fact]
    public void Where_nobody_knows_the_place_carriers_may_meet_but_nothing_is_said_of_vinyl()
    {
        var (a, b) = (Piece(0, 0, 10, 10), Piece(500, 0, 10, 10) with { Box = null });
        Assert.True(Carriers.Meet(a, b));
        Assert.False(Carriers.VinylOn(a, b));
        Assert.False(Carriers.EdgeOn(a, b));
        Assert.Null(Carriers.ApartMm(a, b));
        Assert.Null(Carriers.PathOf(b));
    }

    /// <summary>Trimmed to less than half of what lies between them, carriers clear each other; as boxes they need not.</summary>
    [Property(MaxTest = 80)]
    public Property Half_the_room_is_enough_for_each()
    {
        var cases = from x in Gen.Choose(-150, 150) from y in Gen.Choose(-150, 150) from scale in Gen.Choose(20, 120) select (x, y, scale);
        return Prop.ForAll(cases.ToArbitrary(), c =>
        {
            var (a, b) = (Piece(0, 0, 100, 100, shape: UpperLeft, cut: CarrierCut.Contour),
                Piece(c.x, c.y, c.scale, c.scale, shape: LowerRight, cut: CarrierCut.Contour));
            var room = Carriers.ApartMm(a, b)!.Value;
            if (room < 1)
                return;
            Assert.False(Carriers.Meet(a with { CarrierMarginMm = room / 2 - 0.3 }, b with { CarrierMarginMm = room / 2 - 0.3 }));
            Assert.True(Carriers.Meet(a with { CarrierMarginMm = room / 2 + 1 }, b with { CarrierMarginMm = room / 2 + 1 }));
            Assert.False(Carriers.VinylOn(a, b with { CarrierMarginMm = room - 0.3 }));
            Assert.True(Carriers.VinylOn(a, b with { CarrierMarginMm = room + 1.5 }));
        });
    }

    [Fact]
    public void A_trimmed_carrier_follows_the_contour()
    {
        var piece = Piece(0, 0, 100, 100, margin: 20, shape: UpperLeft);
        var (box, trimmed) = (CutShape.Read(Carriers.PathOf(piece)!)!, CutShape.Read(Carriers.TrimmedPathOf(piece, 4)!)!);
        Assert.Equal(140 * 140, box.AreaMm2, 0.5);
        // The triangle, a strip of 4 mm along its sides, and rounded corners that make up a circle.
        Assert.Equal(5000 + 4 * (200 + 100 * Math.Sqrt(2)) + Math.PI * 16, trimmed.AreaMm2, 0.5);
    }
}
