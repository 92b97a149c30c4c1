using FsCheck.Fluent;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using Juxtherm.Core.Sections;

namespace Juxtherm.Core.Tests.Sections;

/// <summary>Placements of a plate over a design: everything covered, nothing thick under it, and no fewer would do.</summary>
public partial class SectionSearchTests
{
    private static KeepOut Thick(FeatureKind kind, Box box, bool otherFace = false) =>
        new(kind, kind.ToString(), Shapes.Rectangle(box.XMm, box.YMm, box.WidthMm, box.HeightMm), otherFace);

    private static SectionPlan Cover(double width, double height, IEnumerable<Box> vinyl, params KeepOut[] keepOuts) =>
        SectionSearch.Cover(new SectionQuestion(new PlateSize(width, height), vinyl.SelectMany(VinylCells.Of).ToHashSet(), keepOuts));

    /// <summary>As it is asked for: with the vinyl's true edges.</summary>
    private static SectionPlan Drawn(double width, double height, IReadOnlyList<Box> vinyl, params KeepOut[] keepOuts) =>
        SectionSearch.Cover(
            new SectionQuestion(new PlateSize(width, height), vinyl.SelectMany(VinylCells.Of).ToHashSet(),
                keepOuts)
            { Raster = VinylRaster.Of(vinyl.Select(b => ((Core.Artwork.CutShape?)null, b)), [])! });

    [Fact]
    public void What_fits_under_the_plate_lies_under_its_middle()
    {
        var plan = Cover(380, 380, [new Box(100, 150, 200, 120)]);
        var only = Assert.Single(plan.Sections);
        Assert.Equal((200, 210, 0), (only.CentreX, only.CentreY, only.SlantDegrees));
        Assert.True(plan.Proven);
        Assert.Equal(1, plan.MostHeats);
    }

    [Fact]
    public void Off_a_collar_it_moves_down_and_clears_it_by_a_little()
    {
        var collar = Thick(FeatureKind.Collar, new Box(140, 0, 150, 60));
        var plan = Cover(380, 380, [new Box(115, 135, 200, 150)], collar);
        var only = Assert.Single(plan.Sections);
        Assert.Empty(only.Under);
        Assert.InRange(only.Box.YMm, 64.8, 66);
        Assert.InRange(only.CentreX, 213, 217);
    }

    [Theory]
    // What a plate of that size takes at once is its own size less 5 mm all round: 370 of 380, 219 of 229.
    [InlineData(380, 380, 345, 1)]
    [InlineData(380, 380, 369.9, 1)]
    [InlineData(380, 380, 370.2, 2)]
    [InlineData(380, 380, 739.9, 2)]
    [InlineData(380, 380, 741, 3)]
    [InlineData(229, 229, 437, 2)]
    [InlineData(229, 229, 439, 3)]
    public void A_long_word_takes_as_many_goes_as_its_length_asks_for(double width, double height, double length, int goes) =>
        Assert.Equal(goes, Drawn(width, height, [new Box(3.3, 1.7, length, 195)]).Sections.Count);

    [Fact]
    public void A_quarter_turn_is_taken_where_it_saves_a_go()
    {
        var only = Assert.Single(Cover(406, 610, [new Box(20, 50, 500, 120)]).Sections);
        Assert.True(only.QuarterTurn);
        Assert.Equal((610, 406), (only.WidthMm, only.HeightMm));
    }

    [Fact]
    public void A_slant_is_taken_where_it_saves_a_go()
    {
        // A row of small stars, longer than the plate but shorter than its diagonal.
        var stars = Enumerable.Range(0, 15).Select(i => new Box(i * 20, 100, 5, 5));
        var only = Assert.Single(Cover(270, 270, stars).Sections);
        Assert.Equal(0, only.SlantDegrees % 15);
        Assert.NotEqual(0, only.SlantDegrees);
    }

    [Fact]
    public void Either_side_of_a_zip_is_pressed_by_itself()
    {
        var zip = Thick(FeatureKind.Zip, new Box(195, 0, 10, 500));
        var plan = Cover(380, 380, [new Box(100, 100, 90, 100), new Box(210, 100, 90, 100)], zip);
        Assert.Equal(2, plan.Sections.Count);
        Assert.All(plan.Sections, s => Assert.Empty(s.Under));
        Assert.Empty(plan.NotCovered);
        // Beside the zip the vinyl lies near the plate's edge.
        Assert.NotEmpty(plan.AtEdge);
    }

    [Fact]
    public void A_seam_under_the_print_comes_under_the_plate_and_is_said_to()
    {
        var plan = Cover(380, 380, [new Box(100, 100, 200, 200)], Thick(FeatureKind.Seam, new Box(0, 195, 400, 4)));
        Assert.Single(plan.Sections);
        Assert.Equal(FeatureKind.Seam, Assert.Single(plan.Under).Kind);
        Assert.Empty(plan.NotCovered);
    }

    [Fact]
    public void Metal_never_comes_under_the_plate_and_what_it_leaves_out_is_named()
    {
        var plan = Cover(380, 380, [new Box(100, 100, 200, 200)], Thick(FeatureKind.Metal, new Box(198, 198, 10, 10)));
        Assert.Empty(plan.Under);
        var missed = Assert.Single(plan.NotCovered);
        Assert.True(missed.Overlaps(new Box(198, 198, 10, 10)));
        Assert.True(missed.WidthMm < 30 && missed.HeightMm < 30, $"{missed}");
    }

    [Theory]
    [Trait("Run", "thorough")]
    [InlineData(2000, 10, 500, 80)]
    [InlineData(10, 10, 2900, 500)]
    [InlineData(10, 2000, 3, 2900)]
    [InlineData(400, 500, 2900, 500)]
    [InlineData(3000, 3000, 2900, 2900)]
    [InlineData(100, 60, 600, 600)]
    public void Odd_plates_and_designs_are_answered_too(double plateWidth, double plateHeight, double width, double height)
    {
        KeepOut[] thick = [Thick(FeatureKind.Seam, new Box(100, 100, 60, 60)), Thick(FeatureKind.Metal, new Box(2, 40, 1, 1))];
        foreach (var keepOuts in new KeepOut[][] { [], thick })
        {
            var plan = Cover(plateWidth, plateHeight, [new Box(0, 0, width, height)], keepOuts);
            if (plan.TooManySections > 0)
            {
                // So many are not laid out, and that is said.
                Assert.True(plan.TooManySections > SectionSearch.MostSections && plan.Sections.Count == 0);
                continue;
            }

            Assert.InRange(plan.Sections.Count, keepOuts.Length == 0 ? 1 : 0, SectionSearch.MostSections);
            Assert.All(plan.Sections, s => Assert.All(s.Under, k => Assert.True(k.Yields)));
            Assert.Equal(keepOuts.Length > 0, plan.NotCovered.Count > 0 || (keepOuts.Length > 0 && width <= 3));
        }
    }
}
