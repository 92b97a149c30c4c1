using System.Text.Json.Nodes;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>Artwork has to lie on its item, the widest name of a run too.</summary>
public sealed class FitsTheItemTests
{
    private static JsonObject Placed(double x, double y, double w, double h, string size = "adult-m") => SampleJobs.With(j =>
    {
        j["blank"]!["size"] = size;
        j["layers"]![0] = new JsonObject
        {
            ["id"] = "sky",
            ["vinyl"] = "smooth",
            ["widthMm"] = w,
            ["heightMm"] = h,
            ["xMm"] = x,
            ["yMm"] = y
        };
    });

    private static JsonObject Named(double heightMm, params (string Name, string? Size)[] names) => SampleJobs.With(j =>
    {
        j["blank"]!["size"] = "adult-m";
        j["quantity"] = names.Length;
        j["names"] = new JsonArray([.. names.Select(n => (JsonNode)new JsonObject { ["name"] = n.Name, ["size"] = n.Size })]);
        j["layers"]![0] = new JsonObject
        {
            ["id"] = "name",
            ["vinyl"] = "smooth",
            ["widthMm"] = 100,
            ["heightMm"] = heightMm,
            ["xMm"] = 165,
            ["yMm"] = 150,
            ["word"] = new JsonObject { ["text"] = "Name", ["heightMm"] = heightMm, ["fromNames"] = true },
        };
    });

    private static Notice? Said(JsonObject job, string code) => SampleJobs.Plan(job).Plan.Notices.FirstOrDefault(n => n.Code == code);

    [Theory]
    // A tee of 430 mm free width, 510 mm from armpit to armpit (typical measures, from memory).
    [InlineData(95, 135, 240, 180, null)]
    [InlineData(-30, 300, 200, 100, null)]
    [InlineData(800, 135, 240, 180, "off the edge")]
    [InlineData(-300, 900, 100, 100, "off the edge")]
    [InlineData(-60, 290, 550, 120, "beyond the edge")]
    public void Off_the_item_is_a_stop(double x, double y, double w, double h, string? says)
    {
        var said = Said(Placed(x, y, w, h), "off-item");
        Assert.Equal(says is not null, said is not null);
        if (said is null)
            return;
        Assert.Equal(NoticeLevel.Stop, said.Level);
        Assert.Contains(says!, said.Text, StringComparison.Ordinal);
    }

    [Fact]
    public void A_smaller_size_under_the_same_artwork_is_noticed_and_mended()
    {
        Assert.Null(Said(Placed(45, 300, 340, 200, "adult-xl"), "off-item"));
        var job = Placed(45, 300, 340, 200, "toddler");
        var said = Said(job, "off-item")!;
        Assert.Contains("size toddler", said.Text, StringComparison.Ordinal);
        // What fits no more anywhere is not offered a place; a small print is.
        Assert.Empty(said.Remedies);
        var small = Placed(260, 300, 120, 90, "toddler");
        var mend = Assert.Single(Said(small, "off-item")!.Remedies);
        Assert.Null(Said(Edits.Applied(small, mend.Edits), "off-item"));
    }

    [Fact]
    public void Every_name_is_checked_and_the_worst_is_named_with_what_fits()
    {
        Assert.Null(Said(Named(26, ("Ada", null), ("Tamsin", null)), "variant-too-wide"));
        var said = Said(Named(70, ("Ada", null), ("Bartholomew", null), ("Maximiliana", null)), "variant-too-wide")!;
        Assert.Equal(NoticeLevel.Caution, said.Level);
        Assert.Contains("1 more of 3 is too large as well.", said.Text, StringComparison.Ordinal);
        Assert.Matches(@"At \d+ mm high all 3 fit one press\.", said.Text);
        var fits = said.Data["fits"].Value;
        Assert.Null(Said(Named(fits, ("Ada", null), ("Bartholomew", null), ("Maximiliana", null)), "variant-too-wide"));
        Assert.NotNull(Said(Named(fits + 3, ("Ada", null), ("Bartholomew", null), ("Maximiliana", null)), "variant-too-wide"));
    }

    [Fact]
    public void Wider_than_the_plate_says_its_goes_and_wider_than_the_cutter_its_parts()
    {
        var job = Named(40, ("Ada", null), ("Bartholomew", null));
        job["tools"]!["plateWidthMm"] = 230;
        job["tools"]!["plateHeightMm"] = 230;
        job["tools"]!["cutter"] = "table";
        job["tools"]!["cutterWidthMm"] = 150;
        job["tools"]!["cutterLengthMm"] = 150;
        var said = Said(job, "variant-too-wide")!;
        Assert.Contains("“Bartholomew” is", said.Text, StringComparison.Ordinal);
        Assert.Contains("pressed in 2 overlapping passes", said.Text, StringComparison.Ordinal);
        Assert.Matches(@"cut in \d parts", said.Text);
        Assert.Equal(NoticeLevel.Caution, said.Level);
    }

    [Fact]
    public void A_name_is_held_against_its_own_garment()
    {
        Assert.Null(Said(Named(34, ("Bartholomew", "adult-xl")), "variant-too-wide"));
        var said = Said(Named(34, ("Bartholomew", "infant")), "variant-too-wide")!;
        Assert.Contains("wider than the tee there (size infant)", said.Text, StringComparison.Ordinal);
    }
}
