using Juxtherm.Core.Editing;
using Juxtherm.Core.Items;
using Juxtherm.Core.Sections;
using Juxtherm.Core.Tests.Plans;

namespace Juxtherm.Core.Tests.Editing;

/// <summary>The largest that goes under the plate at once.</summary>
public class OnePressTests
{
    private static System.Text.Json.Nodes.JsonObject Large(string source) => SampleJobs.With(j =>
    {
        ((System.Text.Json.Nodes.JsonObject)j["tools"]!)["heatSource"] = source;
        (j["layers"]![0]!["widthMm"], j["layers"]![0]!["heightMm"]) = (300, 200);
        (j["layers"]![0]!["xMm"], j["layers"]![0]!["yMm"]) = (60, 120);
    });

    private static FacePlacement Placed(System.Text.Json.Nodes.JsonObject job) =>
        JobPlacement.Of(SampleJobs.Read(job), Face.Front, 330, 1000, Shipped.Words);

    [Fact]
    public void Under_a_small_plate_it_is_smaller_than_what_the_item_takes_and_really_goes_in_one_press()
    {
        var here = Placed(Large("handheld-press"));
        Assert.Equal(LargestFit.Plate, here.OnePress!.LimitedBy);
        Assert.True(here.OnePress.WidthMm < here.Largest!.WidthMm);
        Assert.Equal(1.5, here.OnePress.WidthMm / here.OnePress.HeightMm, 3);
        var job = Large("handheld-press");
        (job["layers"]![0]!["widthMm"], job["layers"]![0]!["heightMm"]) =
            (Math.Floor(here.OnePress.WidthMm), Math.Floor(here.OnePress.HeightMm));
        (job["layers"]![0]!["xMm"], job["layers"]![0]!["yMm"]) = (here.OnePress.XMm, here.OnePress.YMm);
        Assert.Single(Placed(job).Plates);
        Assert.True(Placed(Large("handheld-press")).Plates.Count > 1);
    }

    [Theory]
    [InlineData(3.0)]
    [InlineData(1.0)]
    [InlineData(0.4)]
    public void What_goes_under_at_once_is_as_large_as_it_can_be(double aspect)
    {
        var plate = new PlateSize(200, 140);
        var (width, height) = plate.LargestAtOnce(aspect);
        Assert.Equal(aspect, width / height, 6);
        Assert.True(plate.Takes(width - 0.01, height - 0.01));
        Assert.False(plate.Takes(width + 1, height + 1 / aspect));
    }
}
