using System.Text.Json.Nodes;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Editing;
using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Reading;
using Juxtherm.Testing;

namespace Juxtherm.Core.Tests.Artwork;

/// <summary>Work on pieces, halves and regions: counts and areas against what is drawn.</summary>
public sealed class PieceWorkTests
{
    // A frame of 100 with a window of 60, a square of 20 in the window, and one of 10 beside it: three pieces.
    private const string Frame = "M0 0H100V100H0ZM20 20V80H80V20ZM40 40H60V60H40ZM110 0H120V10H110Z";
    private const double FrameMm2 = (100 * 100) - (60 * 60);
    private const double AllMm2 = FrameMm2 + 400 + 100;

    private static readonly ArtworkDesk Desk = new(Shipped.Catalogue, new WorkMemory(), Juxtherm.Words.Language.English);

    private static string File(string shape, double width, double height, int copies = 1) => new JsonObject
    {
        ["format"] = "juxtherm.job",
        ["version"] = 1,
        ["blank"] = new JsonObject { ["form"] = "tee", ["material"] = "cotton" },
        ["tools"] = new JsonObject { ["heatSource"] = "swing-platen" },
        ["layers"] = new JsonArray([.. Enumerable.Range(0, copies).Select(i => (JsonNode)new JsonObject
        {
            ["id"] = copies == 1 ? "art" : $"art-{i}",
            ["vinyl"] = "glitter",
            ["colour"] = "#123456",
            ["shape"] = shape,
            ["xMm"] = 100 + i * (width + 20),
            ["yMm"] = 120,
            ["widthMm"] = width,
            ["heightMm"] = height
        })])
    }.ToJsonString();

    private static string Framed => File(Frame, 120, 100);

    private static (IReadOnlyList<JobLayer> Layers, Problems Problems) Done(string json, WorkAsked asked)
    {
        var problems = new Problems();
        var answer = Desk.Work(json, asked, problems);
        return (answer is null ? [] : JobReader.Read(answer.Job.ToJsonString(), Shipped.Catalogue, new Problems())!.Layers, problems);
    }

    private static IReadOnlyList<JobLayer> Work(string json, string action, double? mm = null, int[]? pieces = null,
        WorkRegion? region = null, params string[] layers)
    {
        var chosen = layers.Length > 0 ? layers : ["art"];
        var (done, problems) = Done(json, new WorkAsked(action, chosen)
        {
            Mm = mm,
            Pieces = pieces is null ? null : new Dictionary<string, IReadOnlyList<int>> { [chosen[0]] = pieces },
            Region = region
        });
        Assert.True(problems.None, string.Join(' ', problems.Found.Select(p => p.Said())));
        return done;
    }

    // Where the pieces lie in the outline is for whoever asks to find out, by their size.
    private static int Piece(double widthMm)
    {
        var job = JobReader.Read(Framed, Shipped.Catalogue, new Problems())!;
        var look = ArtworkLook.Of(job, Face.Front, Shipped.Catalogue.Work.Weeding).Layers[0];
        var lines = look.Path.Split('M', StringSplitOptions.RemoveEmptyEntries);
        Assert.Equal(lines.Length, look.LinesOfPieces.Sum());
        var at = 0;
        for (var piece = 0; piece < look.LinesOfPieces.Count; at += look.LinesOfPieces[piece++])
        {
            var xs = lines[at].Split([' ', 'L', 'Z'], StringSplitOptions.RemoveEmptyEntries).Where((_, i) => i % 2 == 0)
                .Select(n => double.Parse(n, System.Globalization.CultureInfo.InvariantCulture)).ToList();
            if (Math.Abs(xs.Max() - xs.Min() - widthMm) < 0.01)
                return piece;
        }

        throw new InvalidOperationException($"No piece is {widthMm} mm wide.");
    }

    [Fact]
    public void One_of_many_is_kept_or_taken_away()
    {
        var kept = Assert.Single(Work(Framed, "keep-pieces", pieces: [Piece(20)]));
        Assert.Equal((400, 140, 160), (kept.AreaMm2!.Value, kept.XMm!.Value, kept.YMm!.Value));
        var left = Assert.Single(Work(Framed, "remove-pieces", pieces: [Piece(20), Piece(10)]));
        Assert.Equal((FrameMm2, 100), (left.AreaMm2!.Value, left.WidthMm!.Value));
        Assert.Equal(1, left.Measures!.Holes);
    }

    [Fact]
    public void Pieces_get_a_layer_of_their_own_above_and_nothing_moves()
    {
        var layers = Work(Framed, "own-layer", pieces: [Piece(20), Piece(10)]);
        Assert.Equal(["art", "art-2"], layers.Select(l => l.Id));
        Assert.Equal([FrameMm2, 500], layers.Select(l => l.AreaMm2!.Value));
        Assert.Equal(("glitter", "#123456"), (layers[1].Vinyl.Id, layers[1].Colour));
        Assert.Equal((140, 120), (layers[1].XMm!.Value, layers[1].YMm!.Value));
        var apart = Work(Framed, "pieces-apart");
        Assert.Equal([100, 400, FrameMm2], apart.Select(l => l.AreaMm2!.Value).Order());
        Assert.All(apart, l => Assert.Equal(1, l.Measures!.Pieces));
    }

    [Fact]
    public void Pieces_that_would_be_too_many_layers_stay_together()
    {
        var dots = string.Concat(Enumerable.Range(0, 13).Select(i => FormattableString.Invariant($"M{i * 10} 0h5v5h-5Z")));
        var (done, problems) = Done(File(dots, 125, 5), new WorkAsked("pieces-apart", ["art"]));
        Assert.Empty(done);
        Assert.Equal("artwork-desk.too-many", Assert.Single(problems.Found).Says.Key);
    }

    [Fact]
    public void A_duplicate_lies_to_the_right_of_what_it_was_made_of()
    {
        var layers = Work(Framed, "duplicate", mm: 8);
        Assert.Equal([AllMm2, AllMm2], layers.Select(l => l.AreaMm2!.Value));
        Assert.Equal([100, 228], layers.Select(l => l.XMm!.Value));
        var one = Work(Framed, "duplicate", mm: 8, pieces: [Piece(10)]);
        Assert.Equal((100, 210 + 18), (one[1].AreaMm2!.Value, one[1].XMm!.Value));
    }

    [Theory]
    [InlineData(RegionShape.Box, 100, 120, 150, 220, FrameMm2 / 2 + 200)]
    [InlineData(RegionShape.Box, 150, 220, 100, 120, FrameMm2 / 2 + 200)]
    [InlineData(RegionShape.Circle, 150, 170, 150, 175, Math.PI * 25)]
    [InlineData(RegionShape.Line, 150, 0, 150, 400, FrameMm2 / 2 + 200 + 100)]
    [InlineData(RegionShape.Line, 150, 400, 150, 0, FrameMm2 / 2 + 200)]
    public void A_box_a_circle_or_a_line_cuts_out_just_what_lies_within(RegionShape shape, double x, double y, double toX, double toY,
        double insideMm2)
    {
        var region = new WorkRegion(shape, x, y, toX, toY);
        var parted = Work(Framed, "cut-out", region: region);
        Assert.Equal(insideMm2, parted[1].AreaMm2!.Value, insideMm2 * 0.001);
        Assert.Equal(AllMm2, parted.Sum(l => l.AreaMm2!.Value), 0.01);
        Assert.Equal(insideMm2, Assert.Single(Work(Framed, "keep-inside", region: region)).AreaMm2!.Value, insideMm2 * 0.001);
        Assert.Equal(AllMm2 - insideMm2, Assert.Single(Work(Framed, "cover-up", region: region)).AreaMm2!.Value, insideMm2 * 0.001);
    }

    [Theory]
    [InlineData("keep-pieces", 3)]
    [InlineData("remove-pieces", -1)]
    [InlineData("own-layer", 999)]
    public void A_piece_that_is_not_there_is_named(string action, int piece)
    {
        var (_, problems) = Done(Framed,
            new WorkAsked(action, ["art"]) { Pieces = new Dictionary<string, IReadOnlyList<int>> { ["art"] = [piece] } });
        Assert.Contains($"no piece {piece}", Assert.Single(problems.Found).Said(), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(0, 0, 0, 0)]
    [InlineData(0, 0, 50, 0)]
    [InlineData(0, 0, 1e9, 5)]
    [InlineData(double.NaN, 0, 5, 5)]
    public void A_region_that_is_a_dot_or_beyond_all_bounds_is_refused(double x, double y, double toX, double toY)
    {
        var (_, problems) = Done(Framed, new WorkAsked("cut-out", ["art"]) { Region = new WorkRegion(RegionShape.Box, x, y, toX, toY) });
        Assert.Equal("/region", Assert.Single(problems.Found).Pointer);
        Assert.False(Done(Framed, new WorkAsked("cut-out", ["art"])).Problems.None);
    }

    [Fact]
    public void Halves_move_apart_by_the_gap_and_nothing_is_lost()
    {
        var across = Assert.Single(Work(Framed, "halve-across", mm: 12));
        Assert.Equal((112, AllMm2), (across.HeightMm!.Value, across.AreaMm2!.Value));
        var down = Assert.Single(Work(Framed, "halve-down", mm: 12));
        Assert.Equal((132, AllMm2), (down.WidthMm!.Value, down.AreaMm2!.Value));
    }

    [Fact]
    public void Two_halves_change_places_with_a_gap_and_back_again()
    {
        var pair = File("M0 0H30V20H0Z", 30, 20, copies: 2);
        var swapped = Work(pair, "swap-halves", mm: 15, layers: ["art-0", "art-1"]);
        Assert.Equal([145, 100], swapped.Select(l => l.XMm!.Value));
        var one = File("M0 0H10V20H0ZM30 0H50V20H30Z", 50, 20);
        var halves = Assert.Single(Work(one, "swap-halves", mm: 6));
        Assert.Equal((36, 600), (halves.WidthMm!.Value, halves.AreaMm2!.Value));
        var (_, problems) = Done(File("M0 0H30V20H0Z", 30, 20, copies: 3), new WorkAsked("swap-halves", ["art-0", "art-1", "art-2"]));
        Assert.False(problems.None);
    }

    public static TheoryData<string> Fonts => [.. LetterFont.All.Select(f => f.Id)];

    [Theory]
    [MemberData(nameof(Fonts))]
    public void Every_number_made_a_stencil_holds_its_centres(string font)
    {
        for (var digit = 0; digit <= 9; digit++)
        {
            var shape = LetterShapes.Set(new Lettering($"{digit}", font, 100, 0, 0, false)).Shape!;
            var (w, h) = (shape.Bounds.WidthMm, shape.Bounds.HeightMm);
            var after = Assert.Single(Work(File(shape.Text, w, h), "stencil", mm: 3));
            Assert.Equal(0, after.Measures!.Holes);
            if (shape.Measures.Holes == 0)
                Assert.Equal(shape.AreaMm2, after.AreaMm2!.Value, 0.2);
            else
                // No more is gone than upright bars of 3 mm over the whole height, one for each centre.
                Assert.InRange(shape.AreaMm2 - after.AreaMm2!.Value, 1, shape.Measures.Holes * 3 * h);
        }
    }

    [Theory]
    [InlineData(0.3)]
    [InlineData(0.7)]
    public void A_line_too_narrow_to_weed_is_widened_and_a_wide_one_is_left(double line)
    {
        // A comb of three teeth of 20 with gaps of so much, joined at the foot.
        string Comb(double gap) => FormattableString.Invariant(
            $"M0 0H20V40H{20 + gap}V0H{40 + gap}V40H{40 + 2 * gap}V0H{60 + 2 * gap}V50H0Z");
        var comb = File(Comb(line), 60 + 2 * line, 50);
        var after = Assert.Single(Work(comb, "open-lines", mm: 1));
        var widened = 3000 + 2 * 10 * line - after.AreaMm2!.Value;
        // Both gaps are 40 deep: each loses its missing width along that depth.
        Assert.InRange(widened, 2 * 40 * (1 - line) * 0.85, 2 * 40 * (1 - line) * 1.35 + 4);
        var wide = File(Comb(1.2), 62.4, 50);
        Assert.Equal(JobReader.Read(wide, Shipped.Catalogue, new Problems())!.Layer.Shape!.Text,
            Assert.Single(Work(wide, "open-lines", mm: 1)).Shape!.Text);
    }
}
