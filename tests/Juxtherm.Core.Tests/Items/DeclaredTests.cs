using System.Text.Json.Nodes;
using Juxtherm.Core.Editing;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Tests.Plans;

namespace Juxtherm.Core.Tests.Items;

/// <summary>What the user says of the item replaces what its pattern assumed, wherever that is asked for.</summary>
public sealed class DeclaredTests
{
    private static JsonObject Back(Action<JsonObject>? more = null, double x = 95, double y = 100, double width = 240,
        double height = 100) => SampleJobs.With(j =>
    {
        j["blank"]!["face"] = "back";
        (j["layers"]![0]!["widthMm"], j["layers"]![0]!["heightMm"], j["layers"]![0]!["xMm"], j["layers"]![0]!["yMm"]) = (width, height, x,
            y);
        more?.Invoke(j);
    });

    private static void Feature(JsonObject job, string kind, double x, double y, double w, double h)
    {
        var list = job["blank"]!["features"]?.AsArray() ?? (job["blank"]!["features"] = new JsonArray()).AsArray();
        list.Add(new JsonObject { ["kind"] = kind, ["xMm"] = x, ["yMm"] = y, ["widthMm"] = w, ["heightMm"] = h });
    }

    private static FacePlacement On(JsonObject job, Face face) => JobPlacement.Of(SampleJobs.Read(job), face, 600, 600, Shipped.Words);

    [Fact]
    public void A_collar_of_ones_own_is_the_only_one()
    {
        var job = Back(j => Feature(j, "collar", 140, 0, 150, 60));
        var placed = On(job, Face.Back);
        Assert.Equal(new Box(140, 0, 150, 60), Assert.Single(placed.Features, f => f.Kind == FeatureKind.Collar).Box);
        Assert.Equal(40, placed.Distances!.BelowCollar);
        // Proposals begin below it, and the rules of thumb count from it: 40 mm is too near now, where it was not below the pattern's.
        Assert.Equal(60 + CollarDrop.Measured("adult-m") * 1.25, placed.Proposals.Single(p => p.Id == "yoke").YMm, 0.01);
        bool Near(JsonObject of) => SampleJobs.Plan(of).Plan.Notices.Any(n => n.Code == "placement-collar");
        Assert.True(Near(Back(j => Feature(j, "collar", 140, 0, 150, 70))));
        Assert.False(Near(Back()));
        // The plate keeps off it.
        Assert.All(SampleJobs.Plan(job).Plan.Whole[^1].OnParts, p => Assert.True(p.Sections[0].YMm >= 60));
    }

    [Fact]
    public void A_low_print_is_low_below_the_collar_that_is_said()
    {
        var low = Back(y: 190);
        Assert.Contains(SampleJobs.Plan(low).Plan.Notices, n => n.Code == "placement-low");
        Feature(low, "collar", 140, 0, 150, 110);
        Assert.DoesNotContain(SampleJobs.Plan(low).Plan.Notices, n => n.Code == "placement-low");
    }

    [Fact]
    public void A_seam_near_the_patterns_is_the_same_seam_and_another_is_another()
    {
        int Seams(double y)
        {
            var job = SampleJobs.Of("smooth", "tote", "cotton", "swing-platen");
            Feature(job, "seam", 0, y, 380, 8);
            return On(job, Face.Front).Features.Count(f => f.Kind == FeatureKind.Seam);
        }

        var height = On(SampleJobs.Of("smooth", "tote", "cotton", "swing-platen"), Face.Front).HeightMm;
        Assert.Equal(1, Seams(height - 25));
        Assert.Equal(2, Seams(height / 2));
    }

    [Fact]
    public void A_pocket_of_ones_own_is_the_pocket()
    {
        var job = SampleJobs.Of("smooth", "apron", "cotton", "swing-platen");
        Feature(job, "pocket", 50, 300, 120, 100);
        Assert.Equal(50, Assert.Single(On(job, Face.Front).Features, f => f.Kind == FeatureKind.Pocket).Box.XMm);
    }

    [Theory]
    // In the middle of what is free between collar (25 mm) and seam; what does not fit between is not put there.
    [InlineData(165, 100, 20.0)]
    [InlineData(265, 100, 70.0)]
    [InlineData(120, 100, null)]
    public void Between_collar_and_yoke_seam_is_a_place(double seam, double height, double? below) =>
        Assert.Equal(below,
            On(Back(j => Feature(j, "seam", 0, seam, 430, 8), height: height),
                Face.Back).Proposals.FirstOrDefault(p => p.Id == "collar-to-seam")?.DropMm);

    [Fact]
    public void A_seam_that_cannot_be_avoided_gets_its_seconds_and_a_softer_bed()
    {
        var job = Back(j => Feature(j, "seam", 0, 150, 430, 6), y: 90, height: 140);
        var plan = SampleJobs.Plan(job).Plan;
        Assert.Contains(plan.Presses, p => p.Sections.Any(s => s.SeamsBeside.Count > 0));
        var laying = Assert.Single(plan.Steps, s => s.Text.Contains("Beside the seam", StringComparison.Ordinal));
        Assert.Contains("thin pad", laying.Text, StringComparison.Ordinal);
        // Nothing is pressed that is not among the presses, and the pad has its time.
        Assert.Equal(plan.Presses.Count(p => p.Purpose != PressPurpose.Patch), plan.Steps.Count(s => s.Kind == StepKind.Hold));
        var without = SampleJobs.Plan(Back(y: 90, height: 140)).Plan;
        Assert.DoesNotContain(without.Steps, s => s.Text.Contains("Beside the seam", StringComparison.Ordinal));
        Assert.True(laying.Seconds > without.Steps.Single(s => s.PressOrder == laying.PressOrder && s.Kind == StepKind.Do
            && s.Stage == WorkStage.Press).Seconds);
    }

    /// <summary>A seam under the plate, with the print so far away: 30 mm is near.</summary>
    [Theory]
    [InlineData("smooth", 150, true)]
    [InlineData("smooth", 255, true)]
    [InlineData("smooth", 300, false)]
    [InlineData("puff", 150, false)]
    public void Only_vinyl_beside_a_seam_is_padded_and_foam_never(string vinyl, double seam, bool padded)
    {
        var job = Back(j =>
        {
            Feature(j, "seam", 0, seam, 430, 6);
            j["layers"]![0]!["vinyl"] = vinyl;
        }, y: 90, height: 140);
        Assert.Equal(padded, SampleJobs.Plan(job).Plan.Steps.Any(s => s.Text.Contains("Beside the seam", StringComparison.Ordinal)));
    }

    [Theory]
    // So far below the neck edge, and so far above the point.
    [InlineData(60, null, false)]
    [InlineData(40, null, true)]
    [InlineData(null, 60, false)]
    [InlineData(null, 40, true)]
    public void A_neckerchief_keeps_its_neck_edge_and_point_clear(int? below, int? above, bool said)
    {
        var job = SampleJobs.Of("smooth", "neckerchief", "cotton", "swing-platen");
        var face = On(job, Face.Front);
        var layer = job["layers"]![0]!;
        (layer["widthMm"], layer["heightMm"], layer["xMm"], layer["yMm"]) = (4.0, 20.0, face.WidthMm / 2 - 2, below
            ?? face.HeightMm - above!.Value - 20);
        var notices = SampleJobs.Plan(job).Plan.Notices.Where(n => n.Code == "off-item").ToList();
        Assert.Equal(said ? [NoticeLevel.Caution] : [], notices.Select(n => n.Level));
    }

    [Fact]
    public void Over_a_canvass_bars_with_no_board_is_said_and_with_one_is_not()
    {
        var job = SampleJobs.Of("smooth", "stretched-canvas", "canvas", "swing-platen");
        (job["layers"]![0]!["widthMm"], job["layers"]![0]!["heightMm"], job["layers"]![0]!["xMm"], job["layers"]![0]!["yMm"]) = (100, 60, 2,
            60);
        job["tools"]!["underlay"] = "pad";
        Assert.Equal(NoticeLevel.Caution, SampleJobs.Plan(job).Plan.Notices.Single(n => n.Code == "off-item").Level);
        job["tools"]!["underlay"] = "board";
        Assert.DoesNotContain(SampleJobs.Plan(job).Plan.Notices, n => n.Code == "off-item");
    }

    [Theory]
    [InlineData("measured")]
    [InlineData("fingers")]
    public void Over_sizes_the_design_goes_where_the_job_puts_it(string school)
    {
        var job = SampleJobs.With(j => j["choices"] = new JsonObject { ["placement"] = school });
        var layer = job["layers"]![0]!;
        (layer["widthMm"], layer["heightMm"], layer["xMm"], layer["yMm"]) = (240.0, 180.0, 95.0, 0.0);
        layer["yMm"] = On(job, Face.Front).Proposals[0].YMm;
        var read = SampleJobs.Read(job);
        var graded = JobPlacement.Grade(read, [new("child", 1), new("adult-m", 2), new("adult-2xl", 1)], Shipped.Catalogue);
        // On its own size nothing moves; on others it lies as far below their collars as that school says.
        var own = graded.Single(g => g.Size == "adult-m");
        Assert.Equal(((double)layer["xMm"]!, (double)layer["yMm"]!), (own.XMm, own.YMm));
        var by = school == "fingers" ? DropSchool.Fingers : DropSchool.Measured;
        Assert.All(graded,
            g => Assert.Equal(CollarDrop.For(g.Size, by),
                g.YMm - JobPlacement.Of(read with { Blank = SampleJobs.Read(SampleJobs.With(j => j["blank"]!["size"] = g.Size)).Blank },
                    Face.Front, 600, 600, Shipped.Words).Features.Single(f => f.Kind == FeatureKind.Collar).Box.HeightMm, 0.06));
    }
}
