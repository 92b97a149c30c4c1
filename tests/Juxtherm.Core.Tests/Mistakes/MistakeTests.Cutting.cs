using Juxtherm.Core.Cutting;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Tests.Plans;
using Juxtherm.Core.Tests.Runs;

namespace Juxtherm.Core.Tests.Mistakes;

public partial class MistakeTests
{
    [Fact]
    [Mistake(1, Caught.Plan, "The plan stops until the artwork is mirrored; the cutter's file is mirrored once, there.")]
    public void Artwork_that_is_not_mirrored_is_a_stop()
    {
        var job = SampleJobs.Tee();
        job["layers"]![0]!["mirrored"] = false;
        Stops(job, "mirror");
        // The cutter's sheet is reversed once, and not again where the drawing is reversed already.
        string Cut(bool reversed)
        {
            var drawn = SampleJobs.With(j =>
            {
                var layer = j["layers"]![0]!.AsObject();
                (layer["shape"], layer["widthMm"], layer["heightMm"]) = ("M0 0H60V20H12V60H0Z", 60, 60);
                if (reversed)
                    layer["reversed"] = true;
            });
            return CutAsDrawn(SampleJobs.Read(drawn));
        }

        Assert.Equal("as drawn", Cut(reversed: true));
        Assert.Equal("turned over", Cut(reversed: false));
    }

    [Fact]
    [Mistake(2, Caught.Plan, "The cutting step says carrier down, and to look for the carrier, not for the shine.")]
    public void Which_side_is_the_carrier_is_said_before_cutting()
    {
        Assert.Contains("carrier", Says(SampleJobs.Tee(), "carrier-side").Text, StringComparison.OrdinalIgnoreCase);
        Assert.Contains(SampleJobs.Plan(SampleJobs.Tee()).Plan.Steps, s => s.Stage == WorkStage.Cut
            && s.Text.Contains("Carrier side down", StringComparison.Ordinal));
    }

    [Fact]
    [Mistake(3, Caught.Cut, "A mat of another vinyl is not taken in before its own preset was set and confirmed.")]
    public void The_next_mat_wants_its_own_preset()
    {
        var second = Mats("smooth", "glitter").Load("smooth").Go().Finished(50).Unload(_ => (0, 0, 0));
        Assert.Equal("cut-preset", Assert.Throws<CutRefusedException>(() => second.Load("smooth")).Code);
        Assert.Equal(MatStatus.Loaded, second.Load("glitter").Current!.Status);
    }

    [Fact]
    [Mistake(4, Caught.Cut,
        "The cutter says that it stopped and why; the same mat goes on from where it was, and what is whole stays whole.")]
    public void A_cut_goes_on_after_the_computer_slept()
    {
        var stopped = Mats("smooth").Load("smooth").Go().Stopped("computer-slept", [0]);
        Assert.Equal(("computer-slept", MatStatus.Stopped), (stopped.Current!.Trouble, stopped.Current.Status));
        // The same mat goes on, and what was whole is whole still; taken out instead, only the rest is cut again.
        var goes = stopped.Go();
        Assert.Equal((MatStatus.Cutting, 1, null), (goes.Current!.Status, goes.Current.Number, goes.Current.Trouble));
        Assert.Equal([0], goes.Current.UnitsDone);
        Assert.Equal([0, 1], goes.Finished(50).Current!.UnitsDone);
        var out_ = stopped.Unload(left => (left.Count * 10.0, 0, left.Count));
        Assert.Equal([1], out_.Current!.Units);
    }

    [Fact]
    [Mistake(5, Caught.Plan, "A test cut is part of the cutting step, with what to change by what it shows.")]
    public void A_test_cut_and_the_preset_are_asked_for()
    {
        Assert.Contains(SampleJobs.Plan(SampleJobs.Tee()).Plan.Steps, s => s.Stage == WorkStage.Cut
            && s.Text.Contains("test shape", StringComparison.Ordinal));
        Assert.Contains("more force", Says(SampleJobs.Tee(), "test-cut").Text, StringComparison.Ordinal);
    }

    [Fact]
    [Mistake(6, Caught.Cut, "The weeding step counts the centres that have to be picked out.")]
    public void Letter_centres_are_counted_before_weeding()
    {
        var plan = SampleJobs.Plan(RunAtPress.Named("Boo")).Plan;
        var job = SampleJobs.Read(RunAtPress.Named("Boo"));
        var shape = Core.Artwork.LetterShapes.Set(job.Layer.Words! with { Text = "Boo" }).Shape!;
        Assert.Equal(4, shape.Measures.Holes);
        var drawn = SampleJobs.With(j =>
            (j["layers"]![0]!["shape"], j["layers"]![0]!["widthMm"], j["layers"]![0]!["heightMm"]) = (shape.PathIn(shape.Bounds),
                shape.Bounds.WidthMm, shape.Bounds.HeightMm));
        Assert.Contains(SampleJobs.Plan(drawn).Plan.Steps, s => s.Stage == WorkStage.Weed
            && s.Text.Contains("4 centers to weed", StringComparison.Ordinal));
        Assert.Contains(plan.Steps, s => s.Stage == WorkStage.Weed
            && s.Text.Contains("the centers of letters too", StringComparison.Ordinal));
    }

    [Fact]
    [Mistake(7, Caught.Cut,
        "The weeding step says how many pieces stay, and islands too small to stay down are pointed out with where they are.")]
    public void Islands_that_are_easily_pulled_off_are_pointed_out()
    {
        var job = SampleJobs.With(j =>
            (j["layers"]![0]!["shape"], j["layers"]![0]!["widthMm"], j["layers"]![0]!["heightMm"]) = ("M0 0H60V40H0ZM70 0H70.8V.8H70Z", 71,
                40));
        Assert.Equal(NoticeLevel.Caution, Says(job, "small-detail").Level);
        Assert.Contains(SampleJobs.Plan(job).Plan.Steps, s => s.Stage == WorkStage.Weed
            && s.Text.Contains("2 pieces stay", StringComparison.Ordinal));
    }

    /// <summary>Whether the blade runs along a drawing as it was drawn, or turned over: told by the order of its sides, all of other
    /// lengths.</summary>
    private static string CutAsDrawn(Job job)
    {
        var plan = new CutPlanner(Shipped.Catalogue)
            .Plan(job, [], new Dictionary<string, CutPreset>(StringComparer.Ordinal), Shipped.Words);
        var list = plan.Layouts[0].Lists.Single();
        var line = list.Sheets.SelectMany(s => s.Strokes(list.Shapes)).Select(s => s.Points).First(points => points.Count is 6 or 7);
        var corners = line.Take(6).ToList();
        double Side(int i) =>
            Math.Round(Math.Sqrt(
                Math.Pow(corners[(i + 1) % 6].X - corners[i % 6].X, 2) + Math.Pow(corners[(i + 1) % 6].Y - corners[i % 6].Y, 2)));
        var area = Enumerable.Range(0, 6).Sum(i => corners[i].X * corners[(i + 1) % 6].Y - corners[(i + 1) % 6].X * corners[i].Y);
        // In the drawing, y down, after the long side of 60 along the top comes the short end of 20.
        var after = Enumerable.Range(0, 6).Where(i => Side(i) == 12).Select(i => area > 0 ? Side(i + 1) : Side(i + 5)).First();
        return after == 60 ? "as drawn" : after == 40 ? "turned over" : $"odd: {after}";
    }

    private static CutRun Mats(params string[] vinyls)
    {
        var table = Shipped.Catalogue.Cutters["table"];
        return new CutRun(
            [.. vinyls.Select((v, i) =>
                new CutMat(i + 1, v, v, v, null, 1, [0, 1], CutPreset.Of(Shipped.Catalogue.Vinyls[v], table), 200, 0, 60, MatStatus.Waiting,
                    null, null, []))]);
    }
}
