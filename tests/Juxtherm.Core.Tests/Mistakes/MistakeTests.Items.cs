using System.Text.Json.Nodes;
using Juxtherm.Core.Items;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Tests.Plans;

namespace Juxtherm.Core.Tests.Mistakes;

public partial class MistakeTests
{
    [Fact]
    [Mistake(19, Caught.Plan, "Felt gets the time that its lofty face wants, several times a tee's.")]
    public void Felt_is_not_pressed_like_a_tee()
    {
        double Seconds(string form, string material) =>
            SampleJobs.Plan(SampleJobs.Of("smooth", form, material, "swing-platen")).Plan.BondingPress.Seconds;
        Assert.True(Seconds("pennant", "poly-felt") > 2 * Seconds("tee", "cotton"));
    }

    [Fact]
    [Mistake(20, Caught.Plan, "A towel in a frame is warned of: its damp spoils the bond; wood is better.")]
    public void A_damp_towel_under_a_canvas_is_warned_of() =>
        Assert.Equal(NoticeLevel.Caution,
            Says(On(SampleJobs.Of("smooth", "stretched-canvas", "primed-canvas", "swing-platen"), "tools", "underlay", "towel"),
                "damp-underlay").Level);

    [Fact]
    [Mistake(21, Caught.Plan, "A frame in a clamshell is a stop.")]
    public void A_frame_does_not_go_into_a_clamshell() =>
    Stops(On(SampleJobs.Of("smooth", "stretched-canvas", "primed-canvas", "clamshell-platen"), "tools", "underlay", "board"),
        "clamshell-frame");

    [Fact]
    [Mistake(25, Caught.Plan, "Too low for the size, or too close under the collar, is said with where it should lie.")]
    public void A_print_too_low_or_too_high_is_said()
    {
        JsonObject Small(double y) => SampleJobs.With(j =>
        {
            j["blank"]!["size"] = "toddler";
            j["layers"] =
                new JsonArray(
                    new JsonObject
                    {
                        ["id"] = "a",
                        ["vinyl"] = "smooth",
                        ["xMm"] = 60,
                        ["yMm"] = y,
                        ["widthMm"] = 120,
                        ["heightMm"] = 100
                    });
        });
        var low = Says(Small(120), "placement-low");
        var close = Says(Small(48), "placement-collar");
        Assert.Equal((NoticeLevel.Caution, NoticeLevel.Caution), (low.Level, close.Level));
        // With where it should lie, for the size: less than for an adult.
        Assert.All(new[] { low, close }, n => Assert.InRange(n.Data["usual"].Value, 15, 45));
        Assert.True(low.Data["drop"].Value > low.Data["usual"].Value && close.Data["drop"].Value < close.Data["usual"].Value);
        var usual = Small(48 + close.Data["usual"].Value - close.Data["drop"].Value);
        Assert.DoesNotContain(SampleJobs.Plan(usual).Plan.Notices, n => n.Code is "placement-low" or "placement-collar");
    }

    [Fact]
    [Mistake(26, Caught.Plan, "Metal under the plate is said, and no placement of the plate lies over it.")]
    public void Metal_does_not_come_under_the_plate()
    {
        JsonObject Metal(double x, double y) => SampleJobs.With(j =>
        {
            j["layers"] = new JsonArray(Layer("a", "smooth", 0, 0, 200, 150));
            j["blank"]!["features"] =
                new JsonArray(new JsonObject { ["kind"] = "metal", ["xMm"] = x, ["yMm"] = y, ["widthMm"] = 10, ["heightMm"] = 10 });
        });
        Assert.Equal(NoticeLevel.Caution, Says(Metal(200, 200), "metal-under-heat").Level);
        // Whether or not it can be kept clear, no placement lies over it.
        foreach (var (x, y) in new[] { (200.0, 200.0), (330, 200), (200, 320) })
            Assert.All(SampleJobs.Plan(Metal(x, y)).Plan.Presses.SelectMany(p => p.Sections),
                s => Assert.All(new[] { (x, y), (x + 10, y), (x, y + 10), (x + 10, y + 10), (x + 5, y + 5) },
                    p => Assert.False(Under(s, p), $"{p} under {s}")));
    }

    [Fact]
    [Mistake(27, Caught.Plan,
        "What is larger than the plate is pressed in goes that are drawn; what is larger than the cutter is split where it joins best.")]
    public void What_is_too_large_is_parted()
    {
        var large = SampleJobs.With(j =>
            (j["layers"]![0]!["widthMm"], j["layers"]![0]!["heightMm"], j["blank"]!["widthMm"]) = (420, 340, 480));
        Assert.Equal(NoticeLevel.Caution, Says(large, "needs-sections").Level);
        var wide = Says(large, "too-wide-for-cutter");
        Assert.True(wide.Data["parts"].Value >= 2);
        Assert.Contains("parts", wide.Text, StringComparison.Ordinal);
        // Placed, the goes are drawn, and together they cover the print.
        large["layers"] = new JsonArray(Layer("a", "smooth", -70, 0, 420, 340));
        var sections =
            SampleJobs.Plan(large).Plan.Whole.Last(w => w.Press.Purpose == PressPurpose.Press).OnParts.SelectMany(p => p.Sections).ToList();
        Assert.True(sections.Count >= 2);
        Assert.All(new[] { (40.0, 150.0), (440, 150), (240, 300), (440, 470), (40, 470) },
            p => Assert.Contains(sections, s => p.Item1 >= s.XMm && p.Item1 <= s.XMm + s.WidthMm && p.Item2 >= s.YMm
                && p.Item2 <= s.YMm + s.HeightMm));
    }

    [Fact]
    [Mistake(29, Caught.Plan, "A mug is washed by hand, and the care step says so.")]
    public void A_mug_is_washed_by_hand() =>
    Assert.Contains("dishwasher",
        Assert.Single(SampleJobs.Plan(SampleJobs.Of("smooth", "mug", "ceramic", "mug-press")).Plan.Steps,
            s => s.Stage == WorkStage.Care).Text, StringComparison.Ordinal);

    /// <summary>Whether a spot lies under a plate, which may lie slanted, clockwise about its middle.</summary>
    private static bool Under(PlateSection plate, (double X, double Y) spot)
    {
        var (dx, dy) = (spot.X - plate.XMm - plate.WidthMm / 2, spot.Y - plate.YMm - plate.HeightMm / 2);
        var (sin, cos) = Math.SinCos(-plate.SlantDegrees * Math.PI / 180);
        return Math.Abs(dx * cos - dy * sin) < plate.WidthMm / 2 && Math.Abs(dx * sin + dy * cos) < plate.HeightMm / 2;
    }

    [Fact]
    [Mistake(16, Caught.Plan, "What is thick hangs off the plate; where it cannot, the plan says so and how to bed it.")]
    public void Seams_and_collars_hang_off_the_plate()
    {
        var seam = SampleJobs.With(j =>
        {
            j["layers"] = new JsonArray(Layer("a", "smooth", 0, 0, 200, 150));
            j["blank"]!["features"] =
                new JsonArray(new JsonObject { ["kind"] = "seam", ["xMm"] = 60, ["yMm"] = 200, ["widthMm"] = 300, ["heightMm"] = 5 });
        });
        var said = Says(seam, "seam-under-plate");
        Assert.Equal(NoticeLevel.Caution, said.Level);
        Assert.Contains("seam", said.Text, StringComparison.OrdinalIgnoreCase);
        Assert.Contains("pillow", said.Text, StringComparison.Ordinal);
        // What can hang off does: no placement of the plate lies over a collar that is near the print.
        var near = Layers(Layer("a", "smooth", 40, -40, 120, 80));
        var collar = SampleJobs.Read(near).Blank.Faces[Face.Front].Collar!.Box;
        Assert.All(SampleJobs.Plan(near).Plan.BondingPress.Sections,
            s => Assert.False(new Core.Geometry.Box(s.XMm, s.YMm, s.WidthMm, s.HeightMm).Overlaps(collar)));
        Assert.DoesNotContain(SampleJobs.Plan(Layers(Layer("a", "smooth", 0, 0, 200, 150))).Plan.Notices, n => n.Code is "seam-under-plate"
            or "collar-under-plate" && n.Level != NoticeLevel.Note);
    }
}
