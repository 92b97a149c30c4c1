using System.Text.Json;
using System.Text.Json.Nodes;
using FsCheck.Xunit;
using Juxtherm.Core.Cutting;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Cutting.Stock;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Tests.Plans;

namespace Juxtherm.Core.Tests.Cutting;

/// <summary>From a job to its sheets: each piece there once, mirrored once, on what is on hand; both ways beside each other.</summary>
public sealed partial class CutPlannerTests
{
    private const string Star = "M50 0L61 35L98 35L68 57L79 91L50 70L21 91L32 57L2 35L39 35Z";
    private static readonly CutPlanner Planner = new(Shipped.Catalogue);
    private static readonly Dictionary<string, CutPreset> NoPresets = new(StringComparer.Ordinal);

    private static CutPlan Plan(JsonObject job, params VinylStock[] stock) =>
        Planner.Plan(SampleJobs.Read(job), stock, NoPresets, Shipped.Words);

    private static VinylStock Roll(string colour, double length, double width = 305, string vinyl = "smooth", double? price = 10) =>
        new($"roll{colour}{vinyl}", StockKind.Roll, vinyl, colour, "", width, length, 0, 0, "", "Roll", price, 0);

    private static VinylStock Scrap(string colour, double width, double length, double cornerWidth = 0, double cornerLength = 0) =>
        new($"scrap{width}x{length}", StockKind.Offcut, "smooth", colour, "", width, length, cornerWidth, cornerLength, "", "Scrap", 10, 0);

    private static JsonObject Layer(string id, string vinyl, string colour, string path, double x, double y, double size) => new()
    {
        ["id"] = id,
        ["vinyl"] = vinyl,
        ["colour"] = colour,
        ["shape"] = path,
        ["xMm"] = x,
        ["yMm"] = y,
        ["widthMm"] = size,
        ["heightMm"] = size,
        ["keepTogether"] = false,
    };

    /// <summary>Two vinyls in three colours, garment after garment.</summary>
    private static JsonObject Night(int quantity, Action<JsonObject>? edit = null) => SampleJobs.With(j =>
    {
        j["quantity"] = quantity;
        j["tools"]!["cutter"] = "table";
        j["layers"] = new JsonArray(
            Layer("sky", "smooth", "#1b2a49", "M0 0H100V100H0ZM30 30V70H70V30Z", 50, 60, 200),
            Layer("moon", "smooth", "#e8d9b0", "M0 50A50 50 0 1 0 100 50A50 50 0 1 0 0 50Z", 120, 130, 60),
            // Two stars far apart in one layer: free to move by themselves.
            Layer("stars", "glow", "#c9e6b8", Star + "M450 400L461 435L498 435L468 457L479 491L450 470L421 491L432 457L402 435L439 435Z",
                60, 270, 170));
        edit?.Invoke(j);
    });

    [Property(MaxTest = 5)]
    [Trait("Run", "thorough")]
    public void Each_piece_is_there_once_mirrored_once_and_clear_of_the_others(byte count, bool nested, byte margin, bool printable)
    {
        var quantity = 1 + count % 4;
        var job = Night(quantity, j =>
        {
            j["choices"] = new JsonObject { ["layout"] = nested ? "nested" : "in-place" };
            j["cut"] = new JsonObject { ["marginMm"] = margin % 8, ["testCut"] = true };
            if (printable)
                j["layers"]![1]!["vinyl"] = "printable";
        });
        var plan = Plan(job);
        Assert.Equal(nested ? SheetLayout.Nested : SheetLayout.InPlace, plan.Layout);
        foreach (var list in plan.Way.Lists)
        {
            var mirrored = list.Vinyl != "printable";
            Assert.Equal(mirrored, list.Mirrored);
            var units = list.Sheets.SelectMany(s => s.Units).ToList();
            Assert.All(units, u =>
            {
                var determinant = u.Matrix[0] * u.Matrix[3] - u.Matrix[1] * u.Matrix[2];
                Assert.Equal(mirrored ? -1 : 1, determinant, 6);
            });
            Assert.Single(units, u => u.Kind == CutUnitKind.TestCut);
            Assert.All(Enumerable.Range(1, quantity), g => Assert.Equal(
                units.Where(u => u.Garment == 1).Select(u => u.Shape).Order(), units.Where(u => u.Garment == g).Select(u => u.Shape)
                .Order()));
            foreach (var sheet in list.Sheets)
            {
                Assert.Equal(CutUnitKind.TestCut, sheet.Number == 1 ? sheet.Units[0].Kind : CutUnitKind.TestCut);
                var laid = sheet.Units.Select(u => Moved(list.Shapes[u.Shape].Path, u)).ToList();
                for (var i = 0; i < laid.Count; i++)
                {
                    for (var k = 0; k < i; k++)
                        Assert.True(laid[i].Distance(laid[k]) >= margin % 8 - 0.01);
                }
            }
        }

        // What is cut is what the artwork is, for each garment.
        var artwork = SampleJobs.Read(job).Layers.Sum(l => l.AreaMm2!.Value) * quantity;
        var cut = plan.Way.Lists.SelectMany(l =>
            l.Sheets.SelectMany(s => s.Units.Where(u => u.Kind == CutUnitKind.Artwork).Select(u => l.Shapes[u.Shape].AreaMm2))).Sum();
        Assert.InRange(cut, artwork * 0.999, artwork * 1.001);
    }

    private static NetTopologySuite.Geometries.Geometry Moved(string path, PlacedUnit unit)
    {
        var m = unit.Matrix;
        return new NetTopologySuite.Geometries.Utilities.AffineTransformation(m[0], m[2], m[4], m[1], m[3], m[5])
            .Transform(Sheets.Ground(path));
    }

    [Fact]
    public void Both_ways_stand_beside_each_other_with_what_they_cost()
    {
        var plan = Plan(Night(3), Roll("#1b2a49", 5000), Roll("#e8d9b0", 5000), Roll("#c9e6b8", 5000, vinyl: "glow", price: 20));
        var (place, nest) = (plan.Layouts[0], plan.Layouts[1]);
        Assert.Equal((SheetLayout.InPlace, SheetLayout.Nested), (place.Layout, nest.Layout));
        Assert.True(nest.UsedMm2 < place.UsedMm2);
        Assert.Equal(100 * (1 - nest.UsedMm2 / place.UsedMm2), plan.SavedPercent, 1);
        // Each star is laid by itself: one more piece a garment.
        Assert.Equal((0, 3), (place.Loose, nest.Loose));
        Assert.Equal(nest.HandSeconds - place.HandSeconds, 3 * 20 + 60 * (nest.Mats - place.Mats), 6);
        // Ten a metre at 305 mm, twenty for glow: the length that was used, whatever its width on the mat.
        Assert.Equal(place.Lists.Sum(l => l.Sheets.Sum(s => s.UsedLengthMm * s.WidthMm) / 305 / 1000 * (l.Vinyl == "glow" ? 20 : 10)),
            place.Cost!.Value, 2);
        Assert.All(place.Lists, l => Assert.Equal(l.Uses.Sum(u => u.LengthMm), l.Sheets.Sum(s => s.UsedLengthMm), 1));
        Assert.InRange(plan.Layouts[0].WastePercent, 1, 99);
    }

    [Theory]
    [InlineData(true, 1)]
    [InlineData(false, 2)]
    public void Packed_tightly_pieces_move_by_themselves_only_where_they_may(bool together, int units)
    {
        var job = Night(1, j => j["layers"]![2]!["keepTogether"] = together);
        var stars = Plan(job).Layouts[1].Lists.First(l => l.Vinyl == "glow");
        Assert.Equal(units, stars.Sheets.Sum(s => s.Units.Count));
        Assert.Equal(2, stars.Sheets.Sum(s => s.Units.Sum(u => stars.Shapes[u.Shape].Pieces)));
    }

    [Theory]
    [InlineData(40, "ridge+dot")]
    [InlineData(260, "dot,ridge")]
    public void In_place_what_shares_a_sheet_keeps_its_place_unless_it_would_be_cut_twice(double y, string units)
    {
        // One vinyl and colour: beside each other they are one piece of vinyl; over each other, or too far apart for the mat, two.
        var job = SampleJobs.With(j => j["layers"] = new JsonArray(
            Layer("ridge", "smooth", "#1b2a49", "M0 0H100V100H0Z", 50, 100, 120),
            Layer("dot", "smooth", "#1b2a49", "M0 50A50 50 0 1 0 100 50A50 50 0 1 0 0 50Z", 60, y, 50)));
        if (y > 200)
            job["layers"]![1]!["yMm"] = 150;
        var list = Assert.Single(Plan(job).Layouts[0].Lists);
        Assert.Equal(units, string.Join(',', list.Sheets.SelectMany(s => s.Units).Select(u => u.Shape).Order(StringComparer.Ordinal)));
    }

    [Fact]
    public void Layers_may_be_called_anything()
    {
        // Like a piece of another layer, and like the patch itself.
        var job = Night(1, j =>
        {
            j["cut"] = new JsonObject { ["patch"] = true };
            (j["layers"]![0]!["id"], j["layers"]![1]!["id"]) = ("stars.1", "Patch");
            (j["layers"]![0]!["vinyl"], j["layers"]![0]!["colour"]) = ("glow", "#c9e6b8");
        });
        var read = SampleJobs.Read(job);
        foreach (var way in Plan(job).Layouts)
        {
            var cut = way.Lists.SelectMany(l =>
                l.Sheets.SelectMany(s => s.Units.Where(u => u.Kind == CutUnitKind.Artwork)
                    .SelectMany(u => u.Layers.Select(id => (id, l.Shapes[u.Shape].AreaMm2)))));
            foreach (var layer in cut.GroupBy(c => c.id).Where(g => way.Layout == SheetLayout.Nested || g.Key == "Patch"))
                Assert.Equal(read.Layers.First(l => l.Id == layer.Key).AreaMm2!.Value, layer.Sum(c => c.AreaMm2), 0);
        }
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void A_long_run_is_laid_out_in_batches_and_every_garment_is_there()
    {
        var job = SampleJobs.With(j =>
        {
            j["quantity"] = 130;
            j["layers"] = new JsonArray(Layer("dot", "smooth", "#1b2a49", "M0 50A50 50 0 1 0 100 50A50 50 0 1 0 0 50Z", 60, 100, 30));
        });
        foreach (var way in Plan(job).Layouts)
        {
            var units = way.Lists[0].Sheets.SelectMany(s => s.Units).ToList();
            Assert.Equal(Enumerable.Range(1, 130), units.Select(u => u.Garment).Order());
            Assert.Equal(Enumerable.Range(1, way.Mats), way.Lists[0].Sheets.Select(s => s.Number));
            Assert.Single(way.Lists[0].Shapes);
        }
    }

    [Theory]
    [InlineData("hand-sized", 114, 292)]
    [InlineData("table", 292, 292)]
    [InlineData("broad", 597, 597)]
    public void Nothing_is_wider_or_longer_than_the_cutter(string cutter, double width, double length)
    {
        foreach (var way in Plan(Night(2, j => j["tools"]!["cutter"] = cutter), Roll("#1b2a49", 9000, 1200)).Layouts)
        {
            Assert.NotEmpty(way.Lists);
            Assert.All(way.Lists.SelectMany(l => l.Sheets), s =>
            {
                Assert.True(s.WidthMm <= width && s.UsedLengthMm <= length + 0.01);
                Assert.All(s.Units, u => Assert.True(u.Box.XMm >= 3 - 0.01 && u.Box.XMm + u.Box.WidthMm <= s.WidthMm - 3 + 0.01));
            });
        }
    }

    [Theory]
    [InlineData(1, SheetLayout.Nested)]
    [InlineData(95, SheetLayout.InPlace)]
    public void Which_way_is_advised_is_the_users_threshold(double above, SheetLayout advised)
    {
        var plan = Plan(Night(1, j => j["cut"] = new JsonObject { ["nestAbovePercent"] = above }));
        Assert.Equal((advised, advised), (plan.Advised, plan.Layout));
        Assert.Contains($"{above:0} %", plan.Reason, StringComparison.Ordinal);
        var other = Plan(Night(1, j =>
        {
            j["cut"] = new JsonObject { ["nestAbovePercent"] = above };
            j["choices"] = new JsonObject { ["layout"] = advised == SheetLayout.Nested ? "in-place" : "nested" };
        }));
        Assert.Equal(advised, other.Advised);
        Assert.NotEqual(advised, other.Layout);
    }

    [Fact]
    public void What_saves_vinyl_and_costs_no_time_is_advised_whatever_the_threshold()
    {
        // Two garments fit on one mat less when packed tightly: that is more time won than two stars cost.
        var plan = Plan(Night(2, j => j["cut"] = new JsonObject { ["nestAbovePercent"] = 95 }));
        Assert.True(plan.Layouts[1].HandSeconds <= plan.Layouts[0].HandSeconds && plan.Layouts[1].Mats < plan.Layouts[0].Mats);
        Assert.Equal(SheetLayout.Nested, plan.Advised);
        Assert.Contains("no more of your time", plan.Reason, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("smooth", false, "mirror")]
    [InlineData("printable", true, "do-not-mirror")]
    public void A_sheet_that_would_come_out_the_wrong_way_round_is_refused(string vinyl, bool mirrored, string code)
    {
        var plan = Plan(Night(1, j =>
        {
            j["layers"]![0]!["vinyl"] = vinyl;
            j["layers"]![0]!["mirrored"] = mirrored;
        }));
        Assert.True(plan.Stops);
        Assert.Equal(code, plan.Notices[0].Code);
    }

    [Fact]
    public void Names_are_cut_with_their_number_beside_them()
    {
        var job = SampleJobs.With(j =>
        {
            j["quantity"] = 4;
            j["tools"]!["cutter"] = "table";
            j["names"] = JsonNode.Parse("""[{"name":"Osk","count":2},{"name":"Wren"},{"name":"Ilse","colour":"#d9a441"}]""");
            j["layers"]![0] =
                JsonNode.Parse(
                    """{"id":"name","vinyl":"smooth","colour":"#1b2a49","word":{"text":"Osk","font":"plain","heightMm":30,"fromNames":true},"xMm":50,"yMm":60,"widthMm":80,"heightMm":30}""");
        });
        var plan = Plan(job);
        Assert.Equal(2, plan.Way.Lists.Count);
        var units = plan.Way.Lists.SelectMany(l => l.Sheets).SelectMany(s => s.Units).ToList();
        Assert.Equal([(1, "Osk"), (1, "Osk"), (2, "Wren"), (3, "Ilse")], units.Select(u => (u.Number!.Value, u.Name!)).Order());
        Assert.Equal([1, 2, 3, 4], units.Select(u => u.Garment).Order());
        Assert.All(plan.Way.Lists, l => Assert.All(l.Shapes.Values, s => Assert.NotEmpty(s.Number)));
        Assert.Equal("smooth-d9a441", plan.Way.Lists[1].Id);
    }

    [Fact]
    public void Without_a_mat_width_and_length_are_checked()
    {
        JsonObject Matless() => Night(1, j => j["tools"]!["matless"] = true);
        var narrow = Plan(Matless(), Roll("#1b2a49", 3000, 250), Roll("#e8d9b0", 3000, 330), Roll("#c9e6b8", 3000, 330, "glow"));
        Assert.Contains(narrow.Notices, n => n is { Code: "matless-width", Level: Core.Notices.NoticeLevel.Stop });
        var wide = Plan(Matless(), Roll("#1b2a49", 3000, 330), Roll("#e8d9b0", 3000, 330), Roll("#c9e6b8", 3000, 330, "glow"));
        Assert.False(wide.Stops);
        var sky = wide.Way.Lists[0].Sheets.Max(s => s.UsedLengthMm);
        Assert.Contains(wide.Notices, n => n.Code == "matless-length" && Math.Abs(n.Data["length"].Value - sky - 25) < 0.01);
    }

    [Fact]
    public void The_plan_travels_as_json_and_comes_back_the_same()
    {
        var plan = Plan(Night(1));
        var again = JsonSerializer.Deserialize<CutLayout>(JsonSerializer.Serialize(plan.Way, CoreJson.Options), CoreJson.Options)!;
        var (one, two) = (plan.Way.Lists[0], again.Lists[0]);
        Assert.Equal(one.Sheets[0].Strokes(one.Shapes).SelectMany(s => s.Points), two.Sheets[0].Strokes(two.Shapes)
            .SelectMany(s => s.Points));
    }
}
