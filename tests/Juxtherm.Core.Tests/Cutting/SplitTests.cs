using System.Globalization;
using System.Text.Json.Nodes;
using FsCheck.Xunit;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Editing;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Tests.Plans;

namespace Juxtherm.Core.Tests.Cutting;

/// <summary>Splits of what is too large: the parts are the artwork again, none is too large, and the line keeps clear of fine
/// places.</summary>
public sealed class SplitTests
{
    private static readonly CutPlanner Planner = new(Shipped.Catalogue);

    private static JsonObject Drawn(string path, double width, double height, string vinyl = "smooth", Action<JsonObject>? edit = null) =>
        SampleJobs.With(j =>
    {
        j["layers"]![0]!["vinyl"] = vinyl;
        j["layers"]![0]!["shape"] = path;
        (j["layers"]![0]!["widthMm"], j["layers"]![0]!["heightMm"], j["layers"]![0]!["xMm"], j["layers"]![0]!["yMm"]) = (width, height, 20,
            30);
        j["tools"]!["cutter"] = "table";
        edit?.Invoke(j);
    });

    private static List<(PlacedUnit Unit, UnitShape Shape, CutSheet Sheet)> Parts(Job job)
    {
        var plan = Planner.Plan(job, [], new Dictionary<string, CutPreset>(StringComparer.Ordinal), Shipped.Words);
        return [.. plan.Layouts[1].Lists.SelectMany(l => l.Sheets.SelectMany(s => s.Units.Select(u => (u, l.Shapes[u.Shape], s))))];
    }

    private static string Blob(int seed)
    {
        var chance = new Random(seed);
        var corners = Enumerable.Range(0, 40).Select(i =>
        {
            var (r, a) = (30 + 20 * chance.NextDouble(), 2 * Math.PI * i / 40);
            return string.Create(CultureInfo.InvariantCulture, $"{50 + r * Math.Cos(a):0.##} {50 + r * Math.Sin(a):0.##}");
        });
        return $"M{string.Join('L', corners)}ZM40 40L60 42L58 60Z";
    }

    [Property(MaxTest = 6)]
    [Trait("Run", "thorough")]
    public void The_parts_together_are_the_artwork(int seed, byte wide, bool tall, bool overlaps)
    {
        var (width, height) = (300.0 + wide * 3, tall ? 620.0 : 200);
        var job = SampleJobs.Read(Drawn(Blob(seed), width, height, overlaps ? "smooth" : "glitter"));
        var whole = Sheets.Ground(job.Layer.Shape!.PathIn(new Core.Geometry.Box(20, 30, width, height))
            .Replace("L", " ", StringComparison.Ordinal));
        var parts = Parts(job);
        Assert.True(parts.Count > 1);
        Assert.Equal(Enumerable.Range(1, parts.Count), parts.Select(p => p.Unit.Part).Order());
        var grounds = parts.ConvertAll(p => Sheets.Ground(p.Shape.Path));
        var together = grounds.Aggregate((a, b) => a.Union(b));
        Assert.InRange(together.Area, whole.Area * 0.999, whole.Area * 1.001);
        Assert.True(together.SymmetricDifference(whole).Area < whole.Area * 0.002);
        var seams = LayerSplit.Of(job.Layer, job.Tools.Cutter!, job.Memory)!.Joints;
        // What lies double is the overlap along the seams and nothing else.
        var doubled = grounds.Sum(g => g.Area) - together.Area;
        var most = overlaps ? seams.Sum(j => j.SeamMm) * Shipped.Catalogue.Work.Cutting.JointOverlapMm.Value * 1.5 + 2 : 0.5;
        Assert.InRange(doubled, -0.5, most);
        Assert.All(parts, p =>
        {
            var box = p.Unit.Box;
            Assert.InRange(box.XMm, -0.01, 292);
            Assert.True(box.XMm + box.WidthMm <= 292 + 0.01 && box.YMm + box.HeightMm <= 292 + 0.01);
        });
    }

    [Theory]
    // The cutter's width is what it cuts: artwork as wide goes through in one piece, laid to the mark.
    [InlineData(292, 292, 1)]
    [InlineData(292, 100, 1)]
    [InlineData(292.1, 292, 2)]
    [InlineData(304.8, 292, 2)]
    public void As_wide_as_the_cutter_is_one_piece(double width, double height, int parts)
    {
        var drawn = Drawn("M0 0H100V100H0Z", width, height);
        var job = SampleJobs.Read(drawn);
        Assert.Equal(parts, LayerSplit.Of(job.Layer, job.Tools.Cutter!, job.Memory)!.Parts);
        Assert.Equal(parts, Parts(job).Count);
        Assert.Equal(parts > 1, SampleJobs.Plan(drawn).Plan.Notices.Any(n => n.Code == "too-wide-for-cutter"));
    }

    [Theory]
    [InlineData(1.0)]
    [InlineData(2.0)]
    [InlineData(0.5)]
    public void The_largest_that_fits_is_the_same_at_place_cut_and_plan(double aspect)
    {
        var drawn = Drawn("M0 0H100V100H0Z", 100 * aspect, 100);
        (drawn["tools"]!["cutterWidthMm"], drawn["tools"]!["cutterLengthMm"]) = (150, 180);
        var job = SampleJobs.Read(drawn);
        var largest = JobPlacement.Of(job, job.Layer.Face, job.Tools.Cutter!.WidthMm, job.Tools.Cutter.LengthMm, Shipped.Words).Largest!;
        Assert.NotEqual("item", largest.LimitedBy);
        (int Cut, bool Noticed) With(double more)
        {
            (drawn["layers"]![0]!["widthMm"],
                drawn["layers"]![0]!["heightMm"]) = (Math.Round(largest.WidthMm + more * Math.Max(1, aspect), 2),
                Math.Round(largest.HeightMm + more * Math.Max(1, 1 / aspect), 2));
            return (Parts(SampleJobs.Read(drawn)).Count, SampleJobs.Plan(drawn).Plan.Notices.Any(n => n.Code == "too-wide-for-cutter"));
        }

        Assert.Equal((1, false), With(0));
        Assert.Equal((2, true), With(0.1));
    }

    [Fact]
    public void Where_there_are_gaps_it_is_split_in_them_and_no_vinyl_is_cut()
    {
        // Five discs in a row, 380 mm in all.
        var path = string.Concat(Enumerable.Range(0, 5).Select(i => $"M{i * 80} 30A30 30 0 1 0 {i * 80 + 60} 30A30 30 0 1 0 {i * 80} 30Z"));
        var job = SampleJobs.Read(Drawn(path, 380, 60));
        var split = LayerSplit.Of(job.Layer, job.Tools.Cutter!, job.Memory)!;
        Assert.Equal(2, split.Parts);
        var joint = Assert.Single(split.Joints);
        Assert.Equal((JointKind.Gap, 0), (joint.Kind, joint.SeamMm));
        Assert.Equal(5, Parts(job).Sum(p => p.Shape.Pieces));
        Assert.All(Parts(job), p => Assert.Equal(2, p.Shape.Marks.Count(c => c == 'M')));
        Assert.All(joint.Line,
            p => Assert.DoesNotContain(Enumerable.Range(0, 5), i => p.X - 20 > i * 80 + 0.5 && p.X - 20 < i * 80 + 59.5));
    }

    [Fact]
    public void The_line_goes_through_the_narrow_and_keeps_clear_of_the_fine()
    {
        // Two broad ends joined by a bridge right of the middle, and a comb of fine slots left of it.
        var comb = string.Concat(Enumerable.Range(0, 6).Select(i => $"M{150 + i * 5} 20h2v60h-2Z"));
        var path = $"M0 0H205V45H235V0H400V100H235V55H205V100H0Z{comb}";
        var job = SampleJobs.Read(Drawn(path, 400, 100));
        var joint = Assert.Single(LayerSplit.Of(job.Layer, job.Tools.Cutter!, job.Memory)!.Joints);
        Assert.Equal(JointKind.Overlap, joint.Kind);
        // Through the bridge of 10 mm rather than through 100 mm beside it.
        Assert.InRange(joint.SeamMm, 9, 20);
        Assert.All(joint.Line, p => Assert.InRange(p.X - 20, 203, 237));
    }

    [Theory]
    [Trait("Run", "thorough")]
    [InlineData("smooth", JointKind.Overlap)]
    [InlineData("glitter", JointKind.Butt)]
    [InlineData("puff", JointKind.Butt)]
    [InlineData("foil", JointKind.Butt)]
    public void The_joint_is_the_vinyls(string vinyl, JointKind kind)
    {
        var job = SampleJobs.Read(Drawn("M0 0H100V100H0Z", 400, 150, vinyl));
        Assert.Equal(kind, Assert.Single(LayerSplit.Of(job.Layer, job.Tools.Cutter!, job.Memory)!.Joints).Kind);
        var plan = SampleJobs.Plan(Drawn("M0 0H100V100H0Z", 400, 150, vinyl)).Plan;
        Assert.Contains(plan.Notices, n => n.Code == "too-wide-for-cutter" && n.Data["parts"].Value == 2);
        Assert.Contains(plan.Notices, n => n.Code == "split-joins" && Math.Abs(n.Data["seam"].Value - 150) < 5);
        // Each part is laid, pressed and peeled before the next goes beside it or over its edge.
        Assert.Equal([1, 2], plan.Presses.SelectMany(p => p.CutParts).Where(c => c.Parts == 2).Select(c => c.Part));
        var second = plan.Presses.First(p => p.CutParts.Any(c => c.Part == 2));
        Assert.Contains(plan.Presses.TakeWhile(p => p != second), p => p.Purpose == PressPurpose.Press && p.Peel.Method != PeelMethod.None);
        Assert.Contains(plan.Steps, s => s.PressOrder == second.Order
            && s.Text.Contains(kind == JointKind.Overlap
                ? "0.8 mm over the edge of the one before, mark on mark"
                : "edge to edge with the one before, mark on mark", StringComparison.Ordinal));
        var joints = JobPlacement.Of(job, job.Layer.Face, 292, 292, Shipped.Words).Layers[0].Joints;
        Assert.All(Assert.Single(joints).Line, p => Assert.InRange(p.X, 20 + 108, 20 + 292));
    }

    [Fact]
    public void What_goes_through_turned_is_not_split_and_what_has_a_right_way_up_is_not_turned()
    {
        JsonObject Long(string vinyl) =>
            Drawn("M0 0H100V100H0Z", 400, 150, vinyl, j => (j["tools"]!["cutterWidthMm"], j["tools"]!["cutterLengthMm"]) = (292, 597));
        Assert.Single(Parts(SampleJobs.Read(Long("smooth"))));
        Assert.Equal(2, Parts(SampleJobs.Read(Long("patterned"))).Count);
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void What_no_split_helps_is_stopped()
    {
        var job = Drawn("M0 0H100V100H0Z", 2900, 2900,
            edit: j => (j["tools"]!["cutterWidthMm"], j["tools"]!["cutterLengthMm"]) = (100, 100));
        var plan = SampleJobs.Plan(job).Plan;
        Assert.Equal(Verdict.Stop, plan.Verdict);
        Assert.Contains(plan.Notices, n => n is { Code: "too-wide-for-cutter", Acceptable: false });
    }

    [Fact]
    public void A_cutter_that_is_only_assumed_does_not_raise_its_voice()
    {
        var job = Drawn("M0 0H100V100H0Z", 400, 150);
        job["tools"]!.AsObject().Remove("cutter");
        Assert.Equal(Core.Notices.NoticeLevel.Note, SampleJobs.Plan(job).Plan.Notices.First(n => n.Code == "too-wide-for-cutter").Level);
    }
}
