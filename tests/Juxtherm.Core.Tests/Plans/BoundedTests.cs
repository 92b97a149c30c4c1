using System.Text.Json.Nodes;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Sections;
using Juxtherm.Words;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>However large a print is, it is planned or answered with what to shorten; and whoever has gone is not worked for.</summary>
public sealed class BoundedTests
{
    private static JsonObject Banner(double width, double height, string source) => SampleJobs.With(j =>
    {
        j["blank"] = new JsonObject { ["form"] = "flat", ["material"] = "cotton", ["widthMm"] = 3000, ["heightMm"] = 3000 };
        j["tools"]!["heatSource"] = source;
        (j["layers"]![0]!["widthMm"], j["layers"]![0]!["heightMm"], j["layers"]![0]!["xMm"], j["layers"]![0]!["yMm"]) = (width, height, 15,
            15);
    });

    [Theory]
    [Trait("Run", "thorough")]
    [InlineData(2900, 600, "swing-platen")]
    [InlineData(2900, 300, "handheld-press")]
    public void A_long_banner_is_parted(double width, double height, string source)
    {
        var plan = SampleJobs.Plan(Banner(width, height, source)).Plan;
        Assert.InRange(plan.BondingPress.Parts, 8, SectionSearch.MostSections);
        Assert.DoesNotContain(plan.Notices, n => n.Code is "needs-sections" && n.Level == NoticeLevel.Stop);
    }

    [Theory]
    [Trait("Run", "thorough")]
    [InlineData(2900, 900, "household-iron")]
    public void What_takes_too_many_parts_is_answered_with_what_to_shorten(double width, double height, string source)
    {
        var plan = SampleJobs.Plan(Banner(width, height, source)).Plan;
        var stop = plan.Notices.Single(n => n.Code == "needs-sections");
        Assert.Equal((Verdict.Stop, NoticeLevel.Stop), (plan.Verdict, stop.Level));
        Assert.True(stop.Data["goes"].Value > SectionSearch.MostSections);
        // As large as it says, it goes.
        var shorter = SampleJobs.Plan(Banner(stop.Data["width"].Value, stop.Data["height"].Value, source)).Plan;
        Assert.NotEqual(NoticeLevel.Stop, shorter.Notices.Single(n => n.Code == "needs-sections").Level);
        Assert.InRange(shorter.BondingPress.Parts, SectionSearch.MostSections / 2, SectionSearch.MostSections);
    }

    [Fact]
    public void What_only_the_overlap_of_parts_has_too_much_of_is_a_caution()
    {
        // Under a small iron the corners of four parts lie under four plates: beyond what the vinyl takes twice over, each part by itself
        // well within.
        var plan = SampleJobs.Plan(Banner(600, 400, "household-iron")).Plan;
        var notice = plan.Notices.Single(n => n.Code == "heat-budget");
        Assert.True(notice.Data["burden"].Value > 2 * notice.Data["most"].Value && notice.Data["alone"].Value <= notice.Data["most"].Value);
        Assert.Equal(NoticeLevel.Caution, notice.Level);
        Assert.Contains("overlap", notice.Text, StringComparison.Ordinal);
    }

    [Fact]
    public void What_nobody_waits_for_any_more_is_given_up()
    {
        var job = SampleJobs.Read(Banner(2900, 600, "swing-platen"));
        using var gone = new CancellationTokenSource();
        gone.Cancel();
        using (Patience.Until(gone.Token))
            Assert.Throws<OperationCanceledException>(() => new Planner(Shipped.Catalogue, Language.English).Plan(job, UnitSystem.Metric));
        Assert.NotEmpty(new Planner(Shipped.Catalogue, Language.English).Plan(job, UnitSystem.Metric).Plan.Presses);
    }

    [Fact]
    public void Pieces_of_one_form_are_measured_as_each_would_be_by_itself()
    {
        // A narrow bridge and a small island, each many times over, and a larger thing once.
        const string bridge = "h20v8h6v-8h20v20h-20v-8h-6v8h-20Z";
        var path = string.Concat(Enumerable.Range(0, 40).Select(i => $"M{i * 60} {i % 3 * 40}{bridge}M{i * 60} {i % 3 * 40 + 200}h1v1h-1Z"))
            + "M0 400h300v50h-300Z";
        var all = CutShape.Read(path)!;
        var one = CutShape.Read($"M0 0{bridge}M0 200h1v1h-1Z")!;
        Assert.Equal(one.Measures.SmallestFeatureMm, all.Measures.SmallestFeatureMm, 1e-3);
        var (few, many) = (one.Delicate(5), all.Delicate(5));
        Assert.Equal(40 * few.Count, many.Count);
        foreach (var kind in few.GroupBy(p => p.Kind))
            Assert.Equal(40 * kind.Count(), many.Count(p => p.Kind == kind.Key));
        Assert.All(many,
            p => Assert.Contains(Enumerable.Range(0, 40),
                i => few.Any(f => Math.Abs(f.XMm + i * 60 - p.XMm) < 0.01 && Math.Abs(f.YMm + i % 3 * 40 - p.YMm) < 0.01)));
    }

    [Theory]
    // The usual cutter cuts 292 × 292 mm and keeps 6 mm between pieces: two of 140 mm side by side, two rows to a sheet.
    [InlineData(140, 140, 1, 1, 146)]
    [InlineData(140, 140, 4, 1, 292)]
    [InlineData(140, 140, 5, 2, 438)]
    [InlineData(292, 100, 2, 1, 206)]
    public void What_a_run_takes_is_rows_on_sheets(double width, double height, int quantity, int sheets, double length)
    {
        var job = SampleJobs.Read(SampleJobs.With(j =>
        {
            j["quantity"] = quantity;
            (j["layers"]![0]!["widthMm"], j["layers"]![0]!["heightMm"], j["layers"]![0]!["xMm"], j["layers"]![0]!["yMm"]) = (width, height,
                50, 150);
        }));
        var need = Assert.Single(VinylNeeds.Of(job, new CutPlanner(Shipped.Catalogue)));
        Assert.Equal((quantity, sheets, length), (need.Pieces, need.Sheets, need.LengthMm));
    }
}
