using System.Text.Json.Nodes;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Heat;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;
using Juxtherm.Testing;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>A run of many: what a piece leaves in underlay and plate the next one finds.</summary>
public class RunOfManyTests
{
    private static Plan Plan(string vinyl, string form, string material, int pieces, Action<JsonObject>? with = null)
    {
        var job = SampleJobs.Of(vinyl, form, material, "swing-platen");
        job["quantity"] = pieces;
        with?.Invoke(job);
        return SampleJobs.Plan(job).Plan;
    }

    [Fact]
    public void The_tenth_is_not_the_first()
    {
        var batch = Plan("smooth", "tee", "cotton", 12).Batch!;
        TestContext.Current.TestOutputHelper?.WriteLine($"{batch}");
        Assert.InRange(batch.FromPiece, 2, 12);
        // That a warm pad helps is common practice; by how much is the model's.
        Assert.InRange(batch.Steady.Bond / batch.First.Bond, 1.05, 1.5);
        Assert.True(batch.Steady.Seconds < batch.First.Seconds);
        Assert.True(batch.Steady.BareCelsius > batch.First.BareCelsius);
        Assert.Contains("from piece", batch.Text, StringComparison.Ordinal);
        Assert.Null(Plan("smooth", "tee", "cotton", 1).Batch);
    }

    [Fact]
    public void A_piece_among_many_begins_as_the_plan_has_it()
    {
        var plan = Plan("smooth", "tee", "cotton", 6);
        Assert.Equal(plan.BondingPress.Seconds, plan.Batch!.First.Seconds);
        Assert.Equal(plan.BondingPress.Predicted.Bond.Values.Min(), plan.Batch.First.Bond, 0.01);
        Assert.Equal(plan.Presses[^1].Predicted.HottestClothCelsius, plan.Batch.First.BareCelsius, 0.2);
    }

    [Fact]
    public void What_is_hard_and_lies_on_nothing_soft_hardly_changes()
    {
        var batch = Plan("smooth", "coaster", "slate", 8, j => ((JsonObject)j["tools"]!)["underlay"] = "none").Batch!;
        Assert.InRange(batch.Steady.Bond / batch.First.Bond, 0.95, 1.1);
    }

    [Theory]
    [InlineData(2)]
    [InlineData(5)]
    [InlineData(10)]
    [InlineData(20)]
    public void Each_piece_agrees_with_the_same_run_done_step_by_step(int pieces)
    {
        // Written out by hand from the plan's own figures: preheat, lay, press, wait, peel, change pieces.
        var plan = Plan("smooth", "tee", "polyester", pieces, j => j["choices"] = new JsonObject { ["finishPress"] = "none" });
        var own = Long(plan, pieces);
        Assert.Equal(own.BareCelsius, plan.Batch!.Steady.BareCelsius, 1.0);
        Assert.InRange(own.Bond / plan.Batch.Steady.Bond, 0.99, 1.01);
    }

    private static (double Bond, double BareCelsius) Long(Plan plan, int pieces)
    {
        var catalogue = Shipped.Catalogue;
        var job = SampleJobs.Read(SampleJobs.Of("smooth", "tee", "polyester", "swing-platen"));
        var work = new Workpiece(job.Layers[0].Vinyl, job.Blank.Material, job.Blank.Form, job.Tools.Source, job.Tools.Cover,
            job.Tools.Underlay);
        var chart = Chart.Of(work.Vinyl, null);
        var reference = new ReferenceDoses(catalogue).Of(work.Vinyl, chart).BondSeconds * work.Material.Demand.Value;
        var press = plan.BondingPress;
        var preheat = plan.Presses.Where(p => p.Purpose == PressPurpose.Preheat).Sum(p => p.Seconds);
        var (plate, bond, bare) = (LaneMath.All(press.SurfaceCelsius(work.Source)), 0.0, 0.0);
        PressSession? before = null;
        for (var n = 0; n < pieces; n++)
        {
            var session = new PressSession(work, catalogue);
            if (before is not null)
                session.LieWhereLay(before);
            var setting = PressSetting.Single(press.SurfaceCelsius(work.Source), press.PressureKPa, press.Seconds);
            session.PreheatAndLay(setting with { Seconds = preheat }, catalogue.Work);
            session.Press(setting);
            (bond, bare) = (session.Bond() / reference, session.HottestBare());
            session.Open(CoolingPlace.OnUnderlay, press.Peel.FromSeconds, plate);
            session.Open(CoolingPlace.OnUnderlay, 10 + catalogue.Work.LaySeconds.Value, plate);
            before = session;
        }

        return (bond, bare);
    }
}
