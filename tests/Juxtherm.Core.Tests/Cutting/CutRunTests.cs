using FsCheck.Xunit;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Cutting;

namespace Juxtherm.Core.Tests.Cutting;

/// <summary>Mats on their way through the cutter; presets and test cuts.</summary>
public sealed class CutRunTests
{
    private static readonly Cutter Table = Shipped.Catalogue.Cutters["table"];

    private static CutPreset Preset(string vinyl) => CutPreset.Of(Shipped.Catalogue.Vinyls[vinyl], Table);

    private static CutRun Run(params string[] vinyls) =>
        new([.. vinyls.Select((v, i) =>
            new CutMat(i + 1, v, v, v, null, 1, [0, 1, 2], Preset(v), 200, 0, 60, MatStatus.Waiting, null, null, []))]);

    private static (double, double, double) NoRest(IReadOnlyList<int> left) => throw new InvalidOperationException("nothing is left");

    private static CutRun Through(CutRun run) => run.Load(run.AsksForPreset ? run.Current!.Vinyl : null).Go().Finished(55).Unload(NoRest);

    [Fact]
    public void The_preset_is_asked_for_at_the_first_mat_and_wherever_the_vinyl_changes()
    {
        var run = Run("smooth", "smooth", "glitter", "smooth");
        var asked = new List<bool>();
        while (run.Current is not null)
        {
            asked.Add(run.AsksForPreset);
            if (run.AsksForPreset)
                Assert.Equal("cut-preset", Assert.Throws<CutRefusedException>(() => run.Load(null)).Code);
            if (run.Before is { } before && run.AsksForPreset)
                Assert.Equal("cut-preset", Assert.Throws<CutRefusedException>(() => run.Load(before.Vinyl)).Code);
            run = Through(run);
        }

        Assert.Equal([true, false, true, true], asked);
        Assert.All(run.Mats, m => Assert.Equal((MatStatus.Unloaded, 55), (m.Status, m.MeasuredSeconds)));
    }

    [Fact]
    public void What_a_stopped_mat_leaves_comes_onto_the_next()
    {
        var run = Run("smooth", "glitter").Load("smooth").Go().Stopped("out-of-vinyl", [1]).Unload(left =>
        {
            Assert.Equal([0, 2], left);
            return (90, 110, 30);
        });
        Assert.Equal(["smooth", "smooth", "glitter"], run.Mats.Select(m => m.Vinyl));
        Assert.Equal([1, 2, 3], run.Mats.Select(m => m.Number));
        Assert.Equal([0, 2], run.Current!.Units);
        Assert.Equal((90, 110), (run.Current.LengthMm, run.Current.ShiftMm));
        Assert.False(run.AsksForPreset);
        // After a computer slept the same mat goes on.
        var slept = Run("smooth").Load("smooth").Go().Stopped("computer-slept", []).Go();
        Assert.Equal((MatStatus.Cutting, (string?)null), (slept.Current!.Status, slept.Current.Trouble));
    }

    [Fact]
    public void A_mat_that_was_not_cut_goes_back_and_nothing_goes_out_of_turn()
    {
        var loaded = Run("smooth").Load("smooth");
        Assert.Equal(MatStatus.Waiting, loaded.Unload(NoRest).Current!.Status);
        foreach (var wrong in new Action[] { () => loaded.Load("smooth"), () => loaded.Finished(1), () => loaded.Go().Go(),
            () => loaded.Go().Unload(NoRest), () => Through(Run("smooth")).Go() })
            Assert.Equal("out-of-step", Assert.Throws<CutRefusedException>(wrong).Code);
    }

    [Fact]
    public void What_the_own_cutter_has_cut_needs_no_leading_through()
    {
        var run = Through(Run("smooth", "smooth", "glitter")).AllCut();
        Assert.Null(run.Current);
        Assert.Equal([55, null, null], run.Mats.Select(m => m.MeasuredSeconds));
        Assert.All(run.Mats, m => Assert.Equal((MatStatus.Unloaded, 3), (m.Status, m.UnitsDone.Count)));
        var cutting = Run("smooth").Load("smooth").Go();
        foreach (var wrong in new Action[] { () => cutting.AllCut(), () => cutting.Stopped("lost-mat", []).AllCut(), () => run.AllCut() })
            Assert.Equal("out-of-step", Assert.Throws<CutRefusedException>(wrong).Code);
    }

    [Property(MaxTest = 60)]
    public void Every_unit_is_cut_whole_once_however_often_it_stops(byte[] troubles)
    {
        var run = Run("smooth", "glow");
        var done = new List<(string List, int Unit)>();
        var at = 0;
        while (run.Current is { } mat && at < 200)
        {
            run = run.Load(mat.Vinyl).Go();
            var trouble = troubles.Length > 0 && at < troubles.Length ? troubles[at] % 4 : 0;
            at++;
            IReadOnlyList<int> whole = trouble == 0 ? mat.Units : [.. mat.Units.Take(trouble - 1)];
            run = trouble == 0 ? run.Finished(10) : run.Stopped("lost-mat", whole);
            done.AddRange(whole.Select(u => (mat.ListId, u)));
            run = run.Unload(_ => (50, 0, 10));
        }

        Assert.Null(run.Current);
        Assert.Equal([("glow", 0), ("glow", 1), ("glow", 2), ("smooth", 0), ("smooth", 1), ("smooth", 2)], done.Order());
    }

    [Fact]
    public void Every_vinyl_has_a_preset_on_every_cutter_that_says_where_it_comes_from()
    {
        foreach (var vinyl in Shipped.Catalogue.Vinyls.Values)
        {
            foreach (var cutter in Shipped.Catalogue.Cutters.Values)
            {
                var preset = CutPreset.Of(vinyl, cutter);
                Assert.InRange(preset.ForceGrams, 1, cutter.MostForceGrams.Value);
                Assert.InRange(preset.Passes, 1, CutPreset.MostPasses);
                Assert.NotEmpty(preset.From.Source);
                // All passes together press about as hard as one would have to.
                Assert.InRange(preset.ForceGrams * preset.Passes, vinyl.Cut.ForceGrams.Value * 0.9, vinyl.Cut.ForceGrams.Value * 1.3);
            }
        }
    }

    [Theory]
    [InlineData(90, 1, TestCutFinding.TooShallow, 100, 1)]
    [InlineData(210, 1, TestCutFinding.TooShallow, 210, 2)]
    [InlineData(90, 1, TestCutFinding.TooDeep, 80, 1)]
    [InlineData(200, 2, TestCutFinding.TooDeep, 200, 1)]
    [InlineData(90, 1, TestCutFinding.Clean, 90, 1)]
    [InlineData(90, 1, TestCutFinding.Ragged, 90, 1)]
    public void The_ladder_changes_one_thing_at_a_time(double force, int passes, TestCutFinding finding, double nextForce, int nextPasses)
    {
        var preset = Preset("smooth") with { ForceGrams = force, Passes = passes };
        var advice = TestCut.Next(preset, finding, Table, Shipped.Words);
        Assert.Equal((nextForce, nextPasses, finding == TestCutFinding.Clean),
            (advice.Preset!.ForceGrams, advice.Preset.Passes, advice.Ready));
    }

    [Fact]
    public void The_ladder_ends_at_both_ends_and_changes_the_blade_in_between()
    {
        Assert.Null(TestCut.Next(Preset("smooth") with { ForceGrams = 210, Passes = 4 }, TestCutFinding.TooShallow, Table,
            Shipped.Words).Preset);
        Assert.Null(TestCut.Next(Preset("smooth") with { ForceGrams = 5 }, TestCutFinding.TooDeep, Table, Shipped.Words).Preset);
        Assert.Equal(Blade.Deep,
            TestCut.Next(Preset("smooth") with { ForceGrams = 200 }, TestCutFinding.Ragged, Table, Shipped.Words).Preset!.Blade);
    }

    [Theory]
    [InlineData(1, 1, "")]
    [InlineData(1, 2, "")]
    [InlineData(1, 3, "0")]
    [InlineData(1, 4, "0 1")]
    [InlineData(2, 3, "")]
    [InlineData(2, 5, "")]
    [InlineData(2, 6, "0")]
    [InlineData(2, 7, "0")]
    [InlineData(2, 8, "0 1")]
    public void A_unit_is_whole_with_its_last_line_in_its_last_pass(int passes, int lines, string whole)
    {
        // A letter with two holes has three lines; the one after it has one.
        var program = new CutProgram([new CutStroke([], 0), new CutStroke([], 0), new CutStroke([], 0), new CutStroke([], 1)], passes);
        Assert.Equal(whole, string.Join(' ', program.UnitsDone(lines)));
    }
}
