using System.Text.Json.Nodes;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Reading;
using Juxtherm.Words;
using NetTopologySuite.Geometries;
using Ground = NetTopologySuite.Geometries.Geometry;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>Placements of the plate in whole plans: the worked examples, what overlaps cost, foam, frames, and the words to lay them
/// by.</summary>
public class SectionsInPlanTests
{
    private static (Job Job, Plan Plan) Example(string begins)
    {
        var job = JobReader.Read(Shipped.Example(begins), Shipped.Catalogue, new Problems())!;
        return (job, new Planner(Shipped.Catalogue, Language.English).Plan(job, UnitSystem.Metric).Plan);
    }

    private static Polygon PolygonOf(IEnumerable<Spot> ring)
    {
        var corners = ring.Select(p => new Coordinate(p.X, p.Y)).ToList();
        return new Polygon(new LinearRing([.. corners, corners[0].Copy()]));
    }

    private static Polygon PlateOf(PlateSection s, double insideMm)
    {
        var (cx, cy, angle) = (s.XMm + s.WidthMm / 2, s.YMm + s.HeightMm / 2, s.SlantDegrees * Math.PI / 180);
        Spot At(double u, double v) => new(cx + u * Math.Cos(angle) - v * Math.Sin(angle), cy + u * Math.Sin(angle) + v * Math.Cos(angle));
        var (w, h) = (s.WidthMm / 2 - insideMm, s.HeightMm / 2 - insideMm);
        return PolygonOf([At(-w, -h), At(w, -h), At(w, h), At(-w, h)]);
    }

    /// <summary>The press that bonds, on every part of the print.</summary>
    private static IReadOnlyList<PlannedPress> Bonding(Plan plan) => plan.Whole.Last(w => w.Press.Purpose == PressPurpose.Press).OnParts;

    /// <summary>Vinyl that no placement covers, mm², by a geometry library rather than by squares.</summary>
    private static double LeftOut(Job job, Plan plan, double insideMm, params Polygon[] cutAway)
    {
        var presses = Bonding(plan);
        Ground Vinyl(JobLayer l)
        {
            var rings = l.Shape!.PathIn(l.Box!.Value).Split('Z', StringSplitOptions.RemoveEmptyEntries).Select(r =>
            {
                var figures = r.Trim('M').Replace('L', ' ').Split(' ', StringSplitOptions.RemoveEmptyEntries)
                    .Select(t => double.Parse(t, System.Globalization.CultureInfo.InvariantCulture)).ToList();
                return (Ground)PolygonOf(figures.Chunk(2).Select(p => new Spot(p[0], p[1])));
            });
            // Even-odd: what is enclosed twice is a hole.
            return rings.Aggregate((a, b) => a.SymmetricDifference(b));
        }

        var vinyl = job.Layers.Where(l => presses.Any(p => p.Layers.Contains(l.Id))).Select(Vinyl).Aggregate((a, b) => a.Union(b));
        return presses.SelectMany(p => p.Sections).Select(s => (Ground)PlateOf(s, insideMm)).Concat(cutAway)
            .Aggregate(vinyl, (left, part) => left.Difference(part)).Area;
    }

    [Fact]
    public void A_constellation_across_the_yoke_lies_under_a_large_plate_at_once()
    {
        var (job, plan) = Example("10-");
        Assert.All(plan.Presses, p => Assert.Single(p.Sections));
        var section = plan.BondingPress.Sections[0];
        Assert.Equal((0, false), (section.SlantDegrees, section.QuarterTurn));
        // On the crease its edge would come within 12 mm of the plate's; so little to the right it is as hot as anywhere.
        Assert.Contains("3 mm right of the middle line", section.LayBy, StringComparison.Ordinal);
        Assert.DoesNotContain(plan.Notices, n => n.Code == "edge-time");
        Assert.Equal(0, LeftOut(job, plan, 5), 0.01);
    }

    [Fact]
    public void An_arched_word_takes_three_goes_of_a_handheld_press()
    {
        var (job, plan) = Example("11-");
        var parts = Bonding(plan);
        Assert.Equal([1, 2, 3], parts.Select(p => p.Part));
        Assert.Equal(0, LeftOut(job, plan, 5), 0.01);
        Assert.All(parts, p => Assert.Empty(Assert.Single(p.Sections).Under));
        Assert.Contains("Fewer would leave something out", plan.Notices.Single(n => n.Code == "needs-sections").Text,
            StringComparison.Ordinal);
    }

    [Fact]
    public void Each_part_is_preheated_laid_pressed_peeled_and_finished_before_the_next()
    {
        var (_, plan) = Example("11-");
        var presses = plan.Presses.Where(p => p.Purpose != PressPurpose.Patch).ToList();
        Assert.Equal(presses.Select(p => p.Part), presses.OrderBy(p => p.Part).Select(p => p.Part));
        var first = presses.Where(p => p.Part == 1).Select(p => p.Purpose).ToList();
        Assert.Contains(PressPurpose.Preheat, first);
        Assert.All(new[] { 2, 3 }, part => Assert.Equal(first, presses.Where(p => p.Part == part).Select(p => p.Purpose)));
        // In the steps too, and each peel follows its own press.
        var order = plan.Steps.Select(s => s.PressOrder).OfType<int>().ToList();
        Assert.Equal(order.Order(), order);
        foreach (var press in presses.Where(p => p.Peel.Method != Core.Catalogue.PeelMethod.None))
            Assert.Contains(plan.Steps.SkipWhile(s => s.PressOrder != press.Order || s.Kind != StepKind.Hold),
                s => s.Stage == WorkStage.Peel && s.PressOrder == press.Order);
        Assert.Contains(plan.Steps, s => s.Text.StartsWith("Part 2 of 3.", StringComparison.Ordinal)
            && s.Text.Contains("The plate’s", StringComparison.Ordinal));
    }

    [Fact]
    public void A_constellation_across_a_zip_is_pressed_either_side_of_it()
    {
        var (job, plan) = Example("12-");
        var zip = job.Blank.Faces[Face.Front].Features.Single(f => f.Kind == FeatureKind.Zip).Box;
        var band = PolygonOf(Shapes.Rectangle(zip.XMm - 5, zip.YMm - 5, zip.WidthMm + 10, zip.HeightMm + 10));
        Assert.Equal(2, Bonding(plan).Count);
        Assert.Equal(0, LeftOut(job, plan, 5, band), 0.01);
        Assert.All(Bonding(plan).SelectMany(p => p.Sections),
            s => Assert.True(PlateOf(s, 0)
                .Intersection(PolygonOf(Shapes.Rectangle(zip.XMm, zip.YMm, zip.WidthMm, zip.HeightMm))).Area < 1));
        // Cut along the zip, the caution is gone and the two goes stay.
        var crossing = plan.Notices.Single(n => n.Code == "zip-crossing");
        Assert.Contains(plan.Notices, n => n.Code == "edge-time");
        var cut = Edits.Applied(JsonNode.Parse(Shipped.Example("12-"))!.AsObject(), Assert.Single(crossing.Remedies).Edits);
        var after = SampleJobs.Plan(cut).Plan;
        Assert.DoesNotContain(after.Notices, n => n.Code == "zip-crossing");
        Assert.Equal(2, Bonding(after).Count);
    }

    private static JsonObject Placed(double x, double y, double w, double h, Action<JsonObject>? more = null) => SampleJobs.With(j =>
    {
        foreach (var (name, value) in new[] { ("xMm", x), ("yMm", y), ("widthMm", w), ("heightMm", h) })
            j["layers"]![0]![name] = value;
        more?.Invoke(j);
    });

    [Fact]
    public void Where_goes_overlap_the_heat_counts_twice()
    {
        // 380 mm under a plate that presses 370: two goes, which overlap by their rims.
        var once = SampleJobs.Plan(Placed(40, 150, 300, 120)).Plan;
        var twice = SampleJobs.Plan(Placed(25, 150, 380, 120)).Plan;
        Assert.Equal(2, Bonding(twice).Count);
        Assert.Equal(once.Budgets[0].Total * 2, twice.Budgets[0].Total, 0.05);
        Assert.All(twice.Budgets[0].Shares, s => Assert.Equal(2, s.Times));
        Assert.Contains("heated twice", twice.Notices.Single(n => n.Code == "needs-sections").Text, StringComparison.Ordinal);
    }

    [Fact]
    public void What_lies_on_metal_alone_is_a_stop_and_the_plan_still_shows_what_it_can()
    {
        var plan = SampleJobs.Plan(
            Placed(200, 200, 10, 10,
                j => j["blank"]!["features"] =
                new JsonArray(
                    new JsonObject { ["kind"] = "metal", ["xMm"] = 150, ["yMm"] = 150, ["widthMm"] = 110, ["heightMm"] = 110 }))).Plan;
        Assert.Equal(Verdict.Stop, plan.Verdict);
        Assert.Contains("200 mm from the left", plan.Notices.Single(n => n.Code == "not-covered").Text, StringComparison.Ordinal);
        Assert.Empty(plan.BondingPress.Sections);
        Assert.Contains(plan.Steps, s => s.Kind == StepKind.Hold && s.PressOrder == plan.BondingPress.Order);
    }

    [Fact]
    public void Foam_in_two_goes_is_warned_of()
    {
        var plan = SampleJobs.Plan(Placed(25, 150, 380, 120, j => j["layers"]![0]!["vinyl"] = "puff")).Plan;
        var twice = plan.Notices.Single(n => n.Code == "puff-twice");
        Assert.Equal((NoticeLevel.Caution, 2), (twice.Level, twice.Data["goes"].Value));
        Assert.NotEqual(Verdict.Stop, plan.Verdict);
        Assert.DoesNotContain(SampleJobs.Plan(Placed(40, 150, 300, 120, j => j["layers"]![0]!["vinyl"] = "puff")).Plan.Notices,
            n => n.Code == "puff-twice");
    }

    [Fact]
    public void The_other_faces_collar_counts_too()
    {
        // High on the back, over the front's neckline.
        var plan = SampleJobs.Plan(Placed(120, 35, 190, 60, j => j["blank"]!["face"] = "back")).Plan;
        var notice = plan.Notices.Single(n => n.Code == "collar-under-plate");
        Assert.Equal(NoticeLevel.Caution, notice.Level);
        Assert.Contains(plan.BondingPress.Sections[0].Under, u => u.EndsWith("of the other side", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("mug", "ceramic", "mug-press")]
    [InlineData("cap", "denim", "cap-press")]
    [InlineData("mug", "ceramic", "heat-gun")]
    public void Curved_and_domed_things_have_one_place_for_the_press(string form, string material, string source)
    {
        var job = SampleJobs.Of("smooth", form, material, source);
        (job["layers"]![0]!["widthMm"], job["layers"]![0]!["heightMm"], job["layers"]![0]!["xMm"], job["layers"]![0]!["yMm"]) = (80, 40, 10,
            10);
        Assert.All(SampleJobs.Plan(job).Plan.Presses, p => Assert.Single(p.Sections));
    }

    [Theory]
    [InlineData("smooth", "mug", "glass", "mug-press", "slowly and evenly")]
    [InlineData("smooth", "mug", "ceramic", "heat-gun", "gloved hand")]
    [InlineData("smooth", "mug", "ceramic", "heat-gun", "Keep the gun moving")]
    [InlineData("smooth", "mug", "ceramic", "mug-press", "slit between words")]
    [InlineData("smooth", "cap", "denim", "cap-press", "sweatband folded out")]
    [InlineData("low-temp", "key-fob", "leather-veg", "swing-platen", "under the plate's corners")]
    [InlineData("smooth", "coaster", "slate", "swing-platen", "heat-resistant tape")]
    [InlineData("smooth", "tee", "cotton", "hand-iron", "do not slide")]
    public void Hard_and_curved_things_have_their_own_words(string vinyl, string form, string material, string source, string words) =>
        Assert.Contains(SampleJobs.Plan(SampleJobs.Of(vinyl, form, material, source)).Plan.Steps,
            s => s.Text.Contains(words, StringComparison.Ordinal));

    [Theory]
    [InlineData("tee", "cotton", "swing-platen", "under the plate's corners")]
    [InlineData("mug", "ceramic", "mug-press", "slowly and evenly")]
    [InlineData("tee", "cotton", "swing-platen", "Keep the gun moving")]
    public void And_others_are_spared_them(string form, string material, string source, string words) =>
        Assert.DoesNotContain(SampleJobs.Plan(SampleJobs.Of("smooth", form, material, source)).Plan.Steps,
            s => s.Text.Contains(words, StringComparison.Ordinal));
}
