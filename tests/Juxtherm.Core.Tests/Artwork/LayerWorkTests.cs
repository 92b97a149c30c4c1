using System.Text.Json.Nodes;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Editing;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Reading;
using Juxtherm.Testing;
using NetTopologySuite.Geometries;
using NetTopologySuite.IO;

namespace Juxtherm.Core.Tests.Artwork;

/// <summary>Work on layers: what it conserves, on shapes at random, and what each kind does to shapes whose outcome is known.</summary>
public sealed class LayerWorkTests
{
    private static readonly ArtworkDesk Desk = new(Shipped.Catalogue, new Core.Reading.WorkMemory(),
        Juxtherm.Words.Language.English);

    private sealed record Piece(double X, double Y, double Width, double Height, bool Round, string Vinyl = "smooth");

    private static string File(params Piece[] pieces)
    {
        var layers = new JsonArray();
        foreach (var (p, i) in pieces.Select((p, i) => (p, i)))
        {
            var shape = p.Round ? "M0 50A50 50 0 0 0 100 50A50 50 0 0 0 0 50Z" : "M0 0H100V100H0Z";
            layers.Add(new JsonObject
            {
                ["id"] = $"l{i}",
                ["vinyl"] = p.Vinyl,
                ["colour"] = "#123456",
                ["shape"] = shape,
                ["xMm"] = p.X,
                ["yMm"] = p.Y,
                ["widthMm"] = p.Width,
                ["heightMm"] = p.Height
            });
        }

        return new JsonObject
        {
            ["format"] = "juxtherm.job",
            ["version"] = 1,
            ["blank"] = new JsonObject { ["form"] = "tee", ["material"] = "cotton" },
            ["tools"] = new JsonObject { ["heatSource"] = "swing-platen" },
            ["layers"] = layers,
            ["kept"] = "as it is",
        }.ToJsonString();
    }

    private static IReadOnlyList<JobLayer> Layers(string json)
    {
        var problems = new Problems();
        var job = JobReader.Read(json, Shipped.Catalogue, problems);
        Assert.True(job is not null, string.Join(' ', problems.Found.Select(p => p.Said())));
        return job.Layers;
    }

    private static IReadOnlyList<JobLayer> Worked(string json, string action, double? mm, params string[] chosen)
    {
        var problems = new Problems();
        var before = json;
        var answer = Desk.Work(json, new WorkAsked(action, chosen) { Mm = mm }, problems);
        Assert.True(answer is not null, string.Join(' ', problems.Found.Select(p => p.Said())));
        Assert.Equal(before, json);
        Assert.Equal("as it is", (string?)answer.Job["kept"]);
        return Layers(answer.Job.ToJsonString());
    }

    // The geometry library's own reader, as the second opinion on what a layer covers.
    private static NetTopologySuite.Geometries.Geometry Ground(JobLayer layer)
    {
        var rings = layer.Shape!.PathIn(layer.Box!.Value).Split('Z', StringSplitOptions.RemoveEmptyEntries)
            .Select(r => r.TrimStart('M').Split([' ', 'L'], StringSplitOptions.RemoveEmptyEntries)
                .Select(n => double.Parse(n, System.Globalization.CultureInfo.InvariantCulture)).ToArray());
        NetTopologySuite.Geometries.Geometry ground = new GeometryFactory().CreatePolygon();
        foreach (var n in rings)
        {
            var corners = string.Join(", ", n.Chunk(2).Append(n[..2]).Select(c => FormattableString.Invariant($"{c[0]} {c[1]}")));
            ground = ground.SymmetricDifference(new WKTReader().Read($"POLYGON (({corners}))").Buffer(0));
        }

        return ground;
    }

    private static double Area(params JobLayer[] layers) =>
        layers.Aggregate((NetTopologySuite.Geometries.Geometry)new GeometryFactory().CreatePolygon(),
            (all, l) => all.Union(Ground(l).Buffer(0))).Area;

    private static readonly FsCheck.Gen<Piece> AnyPiece =
        from x in Gen.Choose(0, 150)
        from y in Gen.Choose(100, 250)
        from w in Gen.Choose(12, 120)
        from h in Gen.Choose(12, 120)
        from round in Gen.Elements(true, false)
        select new Piece(x, y, w, h, round);

    private static FsCheck.Arbitrary<Piece[]> Pieces(int most) => Gen.Choose(2, most).SelectMany(n => AnyPiece.ArrayOf(n)).ToArbitrary();

    private static FsCheck.Property Over(Func<Piece[], bool> holds, int most = 4) => Prop.ForAll(Pieces(most), p => holds(p));

    [Property(MaxTest = 15)]
    [Trait("Run", "thorough")]
    public FsCheck.Property Welding_covers_the_same_ground_and_nothing_more() => Over(p =>
    {
        var before = Layers(File(p));
        var after = Worked(File(p), "weld", 0, [.. before.Select(l => l.Id)]);
        return after.Count == 1 && Math.Abs(Area([.. after]) - Area([.. before])) < 0.5;
    });

    [Property(MaxTest = 15)]
    [Trait("Run", "thorough")]
    public FsCheck.Property Cutting_below_leaves_just_the_overlap() => Over(p =>
    {
        var before = Layers(File(p));
        var top = before[^1];
        var after = Worked(File(p), "cut-below", 0, top.Id);
        // The picture as a whole stays; nothing below shares ground with the top any more.
        return Math.Abs(Area([.. after]) - Area([.. before])) < 0.5
            && after.Where(l => l.Id != top.Id).All(l => Ground(l).Intersection(Ground(top)).Area < 0.1)
            && after[^1].Shape!.Text == top.Shape!.Text;
    });

    // 350 spikes: grown as a whole, the outline would cross itself at nearly every one.
    [Fact]
    [Trait("Run", "thorough")]
    public void An_outline_round_ever_so_many_spikes_is_what_the_library_grows_at_once()
    {
        var corners = Enumerable.Range(0, 700).Select(i => (R: i % 2 == 0 ? 90 : 30, A: Math.PI * i / 350))
            .Select(c => FormattableString.Invariant($"{100 + c.R * Math.Cos(c.A):0.###} {150 + c.R * Math.Sin(c.A):0.###}"));
        var file = File(new Piece(10, 60, 180, 180, true))
            .Replace("M0 50A50 50 0 0 0 100 50A50 50 0 0 0 0 50Z", $"M{string.Join('L', corners)}Z", StringComparison.Ordinal);
        var inside = Ground(Layers(file)[0]);
        foreach (var mm in new[] { 2.0, 6 })
        {
            var around = Ground(Worked(file, "outline", mm, "l0")[0]);
            var atOnce = inside.Buffer(mm, 16);
            Assert.InRange(around.SymmetricDifference(atOnce).Area, 0, 0.005 * atOnce.Area);
            Assert.InRange(inside.Difference(around).Area, 0, 0.1);
        }
    }

    [Property(MaxTest = 15)]
    [Trait("Run", "thorough")]
    public FsCheck.Property An_outline_holds_what_it_goes_round_and_keeps_its_distance() => Over(p =>
    {
        var before = Layers(File(p));
        var after = Worked(File(p), "outline", 6, [.. before.Select(l => l.Id)]);
        var (around, inside) = (Ground(after[0]), before.Select(Ground).Aggregate((a, b) => a.Union(b)));
        return after.Count == before.Count + 1 && inside.Difference(around).Area < 0.1
            && Math.Abs(around.Boundary.Distance(inside) - 6) < 0.1 && inside.Buffer(5.9).Difference(around).Area < 0.1;
    });

    [Property(MaxTest = 12)]
    [Trait("Run", "thorough")]
    public FsCheck.Property A_silhouette_has_no_centres() => Over(p =>
    {
        var all = Layers(File(p)).Select(l => l.Id).ToArray();
        var after = Worked(File(p), "silhouette", 3, all);
        return after[0].Measures!.Holes == 0 && all.All(id => Ground(after.First(l => l.Id == id)).Difference(Ground(after[0])).Area < 0.1);
    });

    [Property(MaxTest = 12)]
    public FsCheck.Property Lining_up_moves_and_scales_and_changes_no_shape() => Over(p =>
    {
        var before = Layers(File(p));
        var ids = before.Select(l => l.Id).ToArray();
        var centred = Worked(File(p), "centre-across", null, ids);
        var wide = Worked(File(p), "equal-widths", null, ids);
        static double Middle(JobLayer l) => l.XMm!.Value + l.WidthMm!.Value / 2;
        return centred.Max(Middle) - centred.Min(Middle) < 0.01 && wide.Max(l => l.WidthMm) - wide.Min(l => l.WidthMm) < 0.01
            && centred.Zip(before)
            .All(z => z.First.Shape!.Text == z.Second.Shape!.Text && z.First.WidthMm == z.Second.WidthMm && z.First.YMm == z.Second.YMm)
            && wide.Zip(before)
            .All(z => Math.Abs(
                z.First.WidthMm!.Value / z.First.HeightMm!.Value - z.Second.WidthMm!.Value / z.Second.HeightMm!.Value) < 0.01);
    });

    [Fact]
    public void Even_gaps_are_even_and_the_outermost_stay()
    {
        var after = Worked(
            File(new(0, 100, 20, 20, true), new(35, 100, 30, 20, true), new(150, 100, 10, 20, true), new(80, 120, 20, 20, true)),
            "even-spacing", null, "l0", "l1", "l2", "l3");
        var sorted = after.OrderBy(l => l.XMm).ToList();
        var gaps = sorted.Zip(sorted.Skip(1)).Select(z => z.Second.XMm - z.First.XMm - z.First.WidthMm).ToList();
        Assert.All(gaps, g => Assert.Equal(80 / 3.0, g!.Value, 0.01));
        Assert.Equal((0, 150), (sorted[0].XMm, sorted[^1].XMm));
    }

    [Fact]
    public void Of_one_layer_its_pieces_are_lined_up()
    {
        var file = JsonNode.Parse(File(new Piece(0, 100, 100, 40, false)))!;
        file["layers"]![0]!["shape"] = "M0 0H10V40H0ZM40 0h20v20h-20zM70 0h30v30h-30z";
        file["layers"]![0]!["word"] = new JsonObject { ["text"] = "I.O" };
        var after = Assert.Single(Worked(file.ToJsonString(), "even-spacing", null, "l0"));
        Assert.Equal((3, 0), (after.Measures!.Pieces, after.Measures.Holes));
        Assert.Contains("30", after.Shape!.Text, StringComparison.Ordinal);
        Assert.Equal(1700, after.AreaMm2!.Value, 1e-6);
        // What was moved apart is no longer what was set.
        Assert.Null(after.Words);
    }

    [Fact]
    public void Glitter_lies_on_the_cloth_once_its_base_is_dropped()
    {
        var after = Worked(File(new(0, 100, 100, 100, false), new(30, 130, 40, 40, false, "glitter"), new(10, 110, 10, 10, false)),
            "drop-base", null, "l1", "l2");
        Assert.Equal([10_000 - 1600, 1600, 100], after.Select(l => Math.Round(l.AreaMm2!.Value, 3)));
    }

    [Fact]
    public void A_layer_runs_on_below_what_lies_on_it_but_not_beyond_its_edge()
    {
        // Navy with a hole cut for gold, and gold that sticks out of navy's edge.
        var file = File(new(0, 100, 100, 100, false), new(30, 130, 40, 40, false), new(80, 120, 40, 20, false));
        var cut = Desk.Work(file, new WorkAsked("cut-below", ["l1", "l2"]) { Mm = 0 }, new Problems())!.Job.ToJsonString();
        Assert.Equal(8000, Layers(cut)[0].AreaMm2!.Value, 1e-6);
        var filled = Worked(cut, "fill-beneath", 0.5, "l0");
        Assert.Equal(10_000, filled[0].AreaMm2!.Value, 2.0);
        Assert.Equal((100, 100), (Math.Round(filled[0].WidthMm!.Value, 3), Math.Round(filled[0].HeightMm!.Value, 3)));
        Assert.Equal((1, 0), (filled[0].Measures!.Pieces, filled[0].Measures!.Holes));
    }

    [Fact]
    public void Merged_shades_are_one_sheet_in_the_lowest_ones_vinyl_and_nothing_lies_on_what_is_gone()
    {
        var file = JsonNode.Parse(File(new(0, 100, 50, 50, false, "glow"), new(100, 100, 50, 50, false), new(0, 200, 20, 20, false)))!;
        file["layers"]![2]!["over"] = new JsonArray("l1");
        var after = Worked(file.ToJsonString(), "merge", null, "l0", "l1");
        Assert.Equal(["l0", "l2"], after.Select(l => l.Id));
        Assert.Equal(("glow", 5000), (after[0].Vinyl.Id, Math.Round(after[0].AreaMm2!.Value)));
        Assert.Empty(after[1].Over);
    }

    [Fact]
    public void Hidden_layers_wait_untouched()
    {
        var file = JsonNode.Parse(File(new(0, 100, 50, 50, false), new(20, 100, 50, 50, false), new(40, 100, 50, 50, false)))!;
        file["layers"]![1]!["hidden"] = true;
        var answer = Desk.Work(file.ToJsonString(), new WorkAsked("weld", ["l0", "l2"]), new Problems())!;
        Assert.Equal(["l0", "l1"], answer.Job["layers"]!.AsArray().Select(l => (string?)l!["id"]));
        Assert.True(JsonNode.DeepEquals(file["layers"]![1], answer.Job["layers"]![1]));
    }

    public static TheoryData<string, double?, string[], string, string> Refused => new()
    {
        { "polish", null, ["l0"], "/action", "equal-widths" },
        { "outline", 900, ["l0"], "/mm", "0.2 to 50" },
        { "weld", null, [], "/layers", "one layer" },
        { "weld", null, ["l7"], "/layers", "l0, l1" },
        { "weld", null, ["l0", "l1"], "/layers", "one vinyl" },
        { "merge", null, ["l0"], "/layers", "2 layers" },
        { "even-spacing", null, ["l0", "l1"], "/layers", "3 layers" },
        { "centre-down", null, ["l0"], "/layers", "pieces in “l0”" },
        { "drop-base", null, ["l0"], "/layers", "glitter" },
    };

    [Theory]
    [MemberData(nameof(Refused))]
    public void What_cannot_be_done_says_what_could(string action, double? mm, string[] chosen, string pointer, string says)
    {
        var problems = new Problems();
        Assert.Null(Desk.Work(File(new(0, 100, 50, 50, false), new(20, 100, 50, 50, false, "glitter")),
            new WorkAsked(action, chosen) { Mm = mm }, problems));
        var problem = Assert.Single(problems.Found);
        Assert.Equal(pointer, problem.Pointer);
        Assert.Contains(says, problem.Said(), StringComparison.Ordinal);
    }
}
