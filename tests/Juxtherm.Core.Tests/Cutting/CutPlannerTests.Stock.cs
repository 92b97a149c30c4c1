using System.Text.Json.Nodes;
using Juxtherm.Core.Cutting.Stock;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Tests.Plans;
using Juxtherm.Testing;

namespace Juxtherm.Core.Tests.Cutting;

public sealed partial class CutPlannerTests
{
    [Fact]
    public void Offcuts_come_first_a_corner_gone_is_respected_and_what_is_left_comes_back()
    {
        var plan = Plan(Night(1), Scrap("#e8d9b0", 120, 140, 40, 30), Roll("#e8d9b0", 900), Roll("#1b2a49", 2000, 305));
        var moon = plan.Way.Lists.First(l => l.Colour == "#e8d9b0");
        var use = Assert.Single(moon.Uses);
        Assert.Equal((StockKind.Offcut, 140), (use.Kind, use.LengthMm));
        var unit = Assert.Single(Assert.Single(moon.Sheets).Units);
        Assert.True(unit.Box.XMm >= 43 - 0.01 || unit.Box.YMm >= 33 - 0.01, "the moon lies where the corner is gone");
        Assert.Equal(0, moon.ShortMm);
        Assert.Equal(900 / moon.Sheets.Sum(s => s.UsedLengthMm), moon.MoreRuns!.Value, 0.999);
        // The sky takes 206 mm of 305: beside it a strip is worth keeping.
        var sky = plan.Way.Lists.First(l => l.Colour == "#1b2a49");
        var back = Assert.Single(sky.ComesBack).Left;
        Assert.Equal((99, 206), (Math.Round(back.WidthMm), Math.Round(back.LengthMm)));
    }

    [Fact]
    public void What_is_not_on_hand_is_said_and_other_colours_are_offered()
    {
        var plan = Plan(Night(1), Roll("#1b2a49", 100), Roll("#0f6468", 3000));
        var sky = plan.Way.Lists.First(l => l.Colour == "#1b2a49");
        Assert.InRange(sky.ShortMm, 205, 207);
        Assert.Contains(plan.Notices, n => n.Code == "stock-short" && n.Layers.Contains("sky"));
        Assert.Contains(sky.OnHand, c => c is { Colour: "#0f6468", Enough: true });
        Assert.Contains(sky.OnHand, c => c is { Colour: "#1b2a49", Enough: false });
    }

    [Fact]
    public void Own_choice_of_stock_is_kept_to()
    {
        var (first, second) = (Roll("#1b2a49", 2000), Roll("#1b2a49", 3000) with { Id = "second" });
        var plan = Plan(
            Night(1, j => j["cut"] = new JsonObject { ["stock"] = new JsonObject { ["smooth-1b2a49"] = new JsonArray("second") } }), first,
            second);
        Assert.Equal("second", Assert.Single(plan.Way.Lists[0].Uses).StockId);
    }

    [Fact]
    public void A_color_like_the_artworks_on_the_shelf_is_cut_from_and_one_said_to_differ_is_not()
    {
        var job = SampleJobs.With(j => j["layers"] = new JsonArray(Layer("ridge", "smooth", "#2e7d32", "M0 0H100V100H0Z", 50, 100, 120)));
        var near = Roll("#2f7f30", 2000);
        Assert.All(Plan(job, near).Way.Lists.Single().Sheets, s => Assert.Equal(near.Id, s.StockId));
        var said = Planner.Plan(SampleJobs.Read(job), [near], NoPresets, Shipped.Words,
            matches: [new ColourMatch("smooth", "#2e7d32", "#2f7f30", false)]);
        Assert.All(said.Way.Lists.Single().Sheets, s => Assert.NotEqual(near.Id, s.StockId));
        Assert.Equal("green", said.Way.Lists.Single().ColourName);
    }

    [Fact]
    public void One_long_offcut_serves_as_many_sheets_as_fit_on_it()
    {
        // Three squares of 200 on a mat of 305: one each; an offcut of a meter has room for all three.
        var job = SampleJobs.With(j =>
        {
            j["quantity"] = 3;
            j["tools"]!["cutter"] = "table";
            j["choices"] = new JsonObject { ["layout"] = "nested" };
            j["layers"] = new JsonArray(Layer("ridge", "smooth", "#1b2a49", "M0 0H100V100H0Z", 50, 100, 200));
        });
        var scrap = Scrap("#1b2a49", 300, 1000);
        var sheets = Plan(job, scrap).Way.Lists.Single().Sheets;
        Assert.Equal(3, sheets.Count);
        Assert.All(sheets, s => Assert.Equal(scrap.Id, s.StockId));
        Assert.True(sheets.Sum(s => s.LengthMm) <= 1000);
        // One that has room for two leaves the third to be bought.
        var shorter = Plan(job, Scrap("#1b2a49", 300, 500)).Way.Lists.Single().Sheets;
        Assert.Equal(2, shorter.Count(s => s.StockId is { Length: > 0 }));
    }

    [Fact]
    public void Two_vinyls_want_two_presets_and_a_weak_cutter_goes_round_more_often()
    {
        var job = Night(1, j => j["layers"]![2]!["vinyl"] = "glitter");
        var plan = Plan(job);
        Assert.Contains(plan.Notices, n => n.Code == "cut-preset" && n.Text.Contains("deep blade", StringComparison.Ordinal)
            && n.Text.Contains("plain blade", StringComparison.Ordinal));
        Assert.Contains(SampleJobs.Plan(job).Plan.Notices, n => n.Code == "cut-preset");
        Assert.DoesNotContain(SampleJobs.Plan(SampleJobs.Tee()).Plan.Notices, n => n.Code == "cut-preset");
        job["tools"]!["cutter"] = "hand-sized";
        var weak = Plan(job).Way.Lists.First(l => l.Vinyl == "glitter");
        Assert.Equal(2, weak.Preset.Passes);
        Assert.InRange(weak.Preset.ForceGrams, 80, 130);
        Assert.Contains("goes round 2 times", weak.Preset.From.Source, StringComparison.Ordinal);
    }

    [Fact]
    public void Layout_and_cut_are_read_and_faults_named()
    {
        var job = Night(1, j =>
        {
            j["choices"] = new JsonObject { ["layout"] = "tight" };
            j["tools"]!["cutter"] = "tabel";
            j["cut"] = new JsonObject { ["marginMm"] = 400, ["stock"] = new JsonArray() };
        });
        var problems = new Problems();
        Assert.Null(JobReader.Read(job.ToJsonString(), Shipped.Catalogue, problems));
        Assert.Equal(["/choices/layout", "/cut/marginMm", "/cut/stock", "/tools/cutter"], problems.Found.Select(p => p.Pointer).Order());
        Assert.Contains(problems.Found, p => p.Said().Contains("Nearest: table", StringComparison.Ordinal));
    }
}
