using System.Text.Json.Nodes;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Runs;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>What a list says of the pieces of a run, and who goes by it.</summary>
public class PiecesTests
{
    private const string Navy = "#1b2a49";
    private const string Gold = "#d9a441";

    private static JsonObject Named(string? itemColour, string nameColour, params JsonObject[] pieces)
    {
        var json = JsonNode.Parse("""
            { "format": "juxtherm.job", "version": 1, "blank": { "form": "tee", "material": "cotton" },
              "tools": { "heatSource": "swing-platen" },
              "layers": [ { "id": "name", "vinyl": "smooth", "xMm": 100, "yMm": 150, "widthMm": 80, "heightMm": 30,
                "word": { "text": "Osk", "font": "plain", "heightMm": 30, "fromNames": true } } ] }
            """)!.AsObject();
        json["layers"]![0]!["colour"] = nameColour;
        if (itemColour is not null)
            json["blank"]!["colour"] = itemColour;
        json["names"] = new JsonArray(pieces);
        json["quantity"] = pieces.Sum(p => (int?)p["count"] ?? 1);
        return json;
    }

    private static JsonObject Piece(string name, string? garment = null, string? colour = null, double? widthMm = null, int count = 1)
    {
        var piece = new JsonObject { ["count"] = count };
        if (name.Length > 0)
            piece["name"] = name;
        if (garment is not null)
            piece["garmentColour"] = garment;
        if (colour is not null)
            piece["colour"] = colour;
        if (widthMm is not null)
            piece["widthMm"] = widthMm;
        return piece;
    }

    private static Notice? Lost(JsonObject json) => SampleJobs.Plan(json).Plan.Notices.FirstOrDefault(n => n.Code == "colour-lost");

    [Fact]
    public void Navy_on_navy_is_said_with_whose_it_is()
    {
        var notice = Lost(Named("#000000", Navy, Piece("Wren", Navy), Piece("Osk"), Piece("Tam", "#1c2c4c", Gold)));
        Assert.Equal(NoticeLevel.Caution, notice!.Level);
        Assert.Contains("Navy on navy", notice.Text, StringComparison.Ordinal);
        Assert.Contains("Wren", notice.Text, StringComparison.Ordinal);
        Assert.DoesNotContain("Tam", notice.Text, StringComparison.Ordinal);
        Assert.True(notice.Acceptable);
    }

    [Theory]
    // Seen against the garment; not known what it is pressed on; a name in gold.
    [InlineData("#f0f0f0", Navy, null)]
    [InlineData(null, Navy, null)]
    [InlineData(Navy, Navy, Gold)]
    public void Colours_that_show_or_are_not_known_say_nothing(string? item, string layer, string? name) =>
        Assert.Null(Lost(Named(item, layer, Piece("Wren", null, name))));

    [Fact]
    public void One_colour_of_a_drawing_may_be_that_of_the_cloth_between_the_others()
    {
        var json = SampleJobs.With(j =>
        {
            j["blank"]!["colour"] = Navy;
            j["layers"] = JsonNode.Parse($$"""
                [ { "id": "sky", "vinyl": "smooth", "colour": "{{Gold}}" }, { "id": "moon", "vinyl": "smooth", "colour": "{{Navy}}" } ]
                """);
        });
        Assert.Null(Lost(json));
        json["layers"]!.AsArray().RemoveAt(0);
        Assert.NotNull(Lost(json));
    }

    [Fact]
    public void A_name_with_a_width_of_its_own_is_set_so_wide()
    {
        var job = SampleJobs.Read(Named(null, Navy, Piece("Wren"), Piece("Wren", widthMm: 120)));
        var sheet = ProofSheet.Of(job)!;
        Assert.Equal(120, sheet.Names[1].Box!.Value.WidthMm, 0.5);
        Assert.NotEqual(120, sheet.Names[0].Box!.Value.WidthMm, 5.0);
        // Letters keep their proportions.
        double Shape(Box box) => box.WidthMm / box.HeightMm;
        Assert.Equal(Shape(sheet.Names[0].Box!.Value), Shape(sheet.Names[1].Box!.Value), 0.02);
    }

    [Fact]
    public void A_piece_without_a_name_has_none_to_read_and_keeps_its_number()
    {
        var json = Named(null, Navy, Piece("Wren"), Piece("", Navy, count: 2), Piece("Osk"));
        var job = SampleJobs.Read(json);
        Assert.Equal([0, 2], ProofSheet.Of(job)!.Names.Select(n => n.Index));
        var (pieces, named) = BenchScript.Wanted(job);
        Assert.True(named);
        Assert.Equal([("Wren", null), ("", Navy), ("", Navy), ("Osk", null)], pieces.Select(p => (p.Name, p.GarmentColour)));
        var notice = SampleJobs.Plan(json).Plan.Notices.Single(n => n.Code == "names-count");
        Assert.Contains("2 of 2 names", notice.Text, StringComparison.Ordinal);
    }

    [Fact]
    public void Sizes_of_an_older_file_are_pieces()
    {
        var json = Named(null, Navy);
        json.Remove("names");
        json["sizes"] = new JsonArray(new JsonObject { ["size"] = "child", ["count"] = 2 },
            new JsonObject { ["size"] = "adult-m", ["count"] = 1 });
        json["quantity"] = 4;
        var job = SampleJobs.Read(json);
        Assert.Equal([("child", 2), ("adult-m", 1)], job.Pieces.Select(p => (p.Size!, p.Count)));
        Assert.Empty(job.Names);
        Assert.Equal(["child", "child", "adult-m", job.Blank.Size], BenchScript.Wanted(job).Pieces.Select(p => p.Size));
    }
}
