using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Heat;
using Juxtherm.Core.Settings;
using Lanes = System.Runtime.Intrinsics.Vector256<double>;

namespace Juxtherm.Core.Tests.Settings;

public class SettingSearchTests
{
    private static readonly CatalogueSnapshot Catalogue = Shipped.Catalogue;
    private static readonly ReferenceDoses Doses = new(Catalogue);

    private static readonly bool Thorough = Environment.GetEnvironmentVariable("JUXTHERM_THOROUGH") == "1";

    public sealed record Combination(string Vinyl, string Material, string Form, string Source);

    /// <summary>Every material under every other press that can press it, with one vinyl each in turn; the whole product takes minutes and
    /// has a command of its own.</summary>
    public static IEnumerable<TheoryDataRow<Combination>> Many()
    {
        var turn = 0;
        foreach (var source in Catalogue.HeatSources.Values)
        {
            foreach (var material in Catalogue.Materials.Values)
            {
                var form = Catalogue.Forms.Values.FirstOrDefault(f => f.Materials.Contains(material.Kind)
                    && source.Presses.Contains(f.Shape));
                if (form is null || ++turn % (Thorough ? 1 : 4) != 0)
                    continue;
                var vinyl = Catalogue.Vinyls.Keys.Order(StringComparer.Ordinal)
                    .ElementAt(turn / (Thorough ? 1 : 4) % Catalogue.Vinyls.Count);
                yield return new TheoryDataRow<Combination>(new Combination(vinyl, material.Id, form.Id, source.Id));
            }
        }
    }

    private static Workpiece Work(Combination c, string? cover = null)
    {
        var source = Catalogue.HeatSources[c.Source];
        return new Workpiece(Catalogue.Vinyls[c.Vinyl], Catalogue.Materials[c.Material], Catalogue.Forms[c.Form], source,
            Catalogue.Covers[cover ?? source.Usual.Cover], Catalogue.Underlays[source.Usual.Underlay]);
    }

    [Theory]
    [MemberData(nameof(Many), DisableDiscoveryEnumeration = true)]
    public void Every_combination_gives_a_setting_of_its_own_dial_and_room(Combination c)
    {
        var work = Work(c);
        var chart = Chart.Of(work.Vinyl, null);
        var found = SettingSearch.Find(work, chart, Doses.Of(work.Vinyl, chart), Catalogue);

        Assert.Contains(found.Dial, DialPosition.Of(work.Source));
        Assert.InRange(found.Seconds, 1, Catalogue.Work.LongestPressSeconds.Value);
        Assert.Equal(found.Seconds, Math.Round(found.Seconds));
        Assert.All(found.Rows.Where(r => r.Holds),
            r => Assert.True(r.HoldsFromSeconds <= (r.TargetSeconds ?? double.PositiveInfinity) + 1e-9));
        // The worst case is never kinder than the nominal one.
        Assert.All(found.Rows,
            r => Assert.True((r.SafeFromSeconds ?? double.PositiveInfinity) >= (r.HoldsFromSeconds ?? double.PositiveInfinity) - 0.05
                || r.SafeFromSeconds is null));
        Assert.All(found.Rows, r => Assert.True(r.SafeToSeconds <= r.MostSeconds + 0.05, $"{r}"));
        if (found.Outcome is SettingOutcome.Short or SettingOutcome.None)
            return;
        Assert.True(found.Seconds <= found.Chosen.MostSeconds);
        // Rounded to a timer's seconds, or the chart's own; where not both chances are small, where least is spoiled.
        var (need, most) = found.Outcome == SettingOutcome.Safe
            ? (found.Chosen.NeedsSeconds!.Value - 1, found.Chosen.SafeToSeconds)
            : (Math.Floor(found.Chosen.HoldsFromSeconds!.Value), found.Chosen.MostSeconds);
        Assert.True(found.Seconds >= Math.Min(need - 0.05, Math.Floor(most)), $"{found.Seconds} {found.Outcome} {found.Chosen}");
        if (found.Outcome == SettingOutcome.Safe)
            Assert.True(found.Worst.Outlook is { Short: <= 0.045, Harm: <= 0.015 }, $"{found.Worst.Outlook}");
    }

    [Theory]
    [InlineData("swing-platen", "cotton", "smooth")]
    [InlineData("handheld-press", "jute", "smooth")]
    [InlineData("swing-platen", "polyester", "low-temp")]
    [InlineData("mug-press", "ceramic", "foil")]
    public void A_safe_setting_stays_inside_when_everything_is_off_to_one_side(string source, string material, string vinyl)
    {
        var form = Catalogue.Forms.Values.First(f => f.Materials.Contains(Catalogue.Materials[material].Kind)
            && Catalogue.HeatSources[source].Presses.Contains(f.Shape));
        var work = Work(new Combination(vinyl, material, form.Id, source));
        var chart = Chart.Of(work.Vinyl, null);
        var reference = Doses.Of(work.Vinyl, chart);
        var found = SettingSearch.Find(work, chart, reference, Catalogue);
        Assert.Equal(SettingOutcome.Safe, found.Outcome);
        // Simulated outright, where the search reads between computed temperatures.
        Assert.True(found.Worst.LeastBond >= work.Vinyl.Bond.HoldsFrom.Value * 0.98, $"{found.Worst}");
        Assert.True(found.Worst.MostHeatDose <= work.Vinyl.Bond.MostHeatDose.Value * 1.02, $"{found.Worst}");
        Assert.True(found.Worst.HottestBareCelsius <= work.Material.Limit.Celsius.Value + 0.5, $"{found.Worst}");
    }

    [Fact]
    public void Raising_a_blanks_limit_never_shrinks_the_room()
    {
        var work = Work(new Combination("glitter", "polyester", "tee", "swing-platen"));
        var chart = Chart.Of(work.Vinyl, null);
        var reference = Doses.Of(work.Vinyl, chart);
        IReadOnlyList<TemperatureRow> Rows(double limit)
        {
            var material = work.Material
                with
            { Limit = work.Material.Limit with { Celsius = work.Material.Limit.Celsius with { Value = limit } } };
            return SettingSearch.Find(work with { Material = material }, chart, reference, Catalogue).Rows;
        }

        foreach (var (lower, higher) in Rows(145).Zip(Rows(160)))
        {
            Assert.True(higher.MostSeconds >= lower.MostSeconds - 1e-9);
            Assert.True(higher.SafeToSeconds >= lower.SafeToSeconds - 1e-9);
        }
    }

    [Fact]
    public void The_reference_stack_gives_the_chart_back()
    {
        var smooth = Catalogue.Vinyls["smooth"];
        foreach (var (celsius, seconds) in new[] { (149.0, 15.0), (152, 12), (157, 10), (163, 20) })
        {
            var chart = Chart.Of(smooth, new WrapperLabel(celsius, seconds, null, null));
            var bond = Doses.Of(smooth, chart).BondSeconds;
            var again = SettingSearch.Transfer(Workpiece.Reference(Catalogue, smooth), celsius, 20, bond, Catalogue);
            Assert.Equal(seconds, again!.Value, 0.05);
        }
    }

    [Fact]
    public void The_wrapper_replaces_the_familys_figures_and_says_so()
    {
        var smooth = Catalogue.Vinyls["smooth"];
        var chart = Chart.Of(smooth, new WrapperLabel(null, 20, PressureLevel.Firm, null));
        Assert.Equal((smooth.Bond.ReferenceCelsius, 20.0, PressureLevel.Firm), (chart.Celsius, chart.Seconds.Value, chart.Pressure.Value));
        Assert.Equal(ProvenanceKind.Wrapper, chart.Seconds.From.Kind);
        Assert.NotEqual(ProvenanceKind.Wrapper, chart.Celsius.From.Kind);
        Assert.True(Doses.Of(smooth, chart).BondSeconds > Doses.Of(smooth, Chart.Of(smooth, null)).BondSeconds);
    }

    private static Gen<Combination> Cloth() =>
        from vinyl in Gen.Elements("smooth", "glitter", "puff")
        from material in Gen.Elements("cotton", "cotton-poly", "polyester", "fleece")
        from form in Gen.Elements("tee", "sweatshirt", "flat")
        from source in Gen.Elements("swing-platen", "handheld-press")
        select new Combination(vinyl, material, form, source);

    private static double? Seconds(Combination c, double celsius, double kPa, string cover) =>
        SettingSearch.Transfer(Work(c, cover), celsius, kPa, 6, Catalogue);

    [Property(MaxTest = 60)]
    public Property A_hotter_plate_never_needs_longer() =>
    Prop.ForAll(Cloth().ToArbitrary(), Gen.Choose(130, 180).ToArbitrary(), Gen.Choose(1, 15).ToArbitrary(), (c, celsius, hotter) =>
        (Seconds(c, celsius + hotter, 10, "ptfe") ?? 999) <= (Seconds(c, celsius, 10, "ptfe") ?? 999));

    [Property(MaxTest = 60)]
    public Property More_pressure_never_needs_longer() =>
    Prop.ForAll(Cloth().ToArbitrary(), Gen.Choose(130, 180).ToArbitrary(), Gen.Choose(2, 40).ToArbitrary(), (c, celsius, kPa) =>
        (Seconds(c, celsius, kPa + 2, "ptfe") ?? 999) <= (Seconds(c, celsius, kPa, "ptfe") ?? 999));

    [Property(MaxTest = 40)]
    public Property A_cover_never_needs_shorter() => Prop.ForAll(Cloth().ToArbitrary(), Gen.Choose(130, 180).ToArbitrary(), (c, celsius) =>
        (Seconds(c, celsius, 10, "none") ?? 999) <= (Seconds(c, celsius, 10, "ptfe") ?? 999) + 0.02);

    [Fact]
    public void A_dial_in_fahrenheit_steps_by_five_degrees()
    {
        var dial = DialPosition.Of(Catalogue.HeatSources["swing-platen"]);
        Assert.All(dial, d => Assert.Equal(0, d.Shown!.Value % 5));
        Assert.Contains(dial, d => d.Shown == 305 && Math.Abs(d.Celsius - 151.67) < 0.01);
        Assert.InRange(dial[0].Celsius, 80, 83);
        Assert.InRange(dial[^1].Celsius, 217, 220);
    }

    [Fact]
    public void An_iron_has_marks()
    {
        var dial = DialPosition.Of(Catalogue.HeatSources["household-iron"]);
        Assert.Equal(["•", "••", "•••"], dial.Select(d => d.Mark));
        // ISO 3758: what the dots stand for; IEC 60311: the middle of the band in which the sole wanders, and how far (both quoted from
        // memory).
        Assert.Equal([110, 150, 200], dial.Select(d => d.Celsius));
        Assert.Equal([95, 130, 175], dial.Select(d => d.SurfaceCelsius));
        Assert.Equal([25, 30, 35], dial.Select(d => d.ErrorK));
    }

    [Fact]
    public void Four_plates_side_by_side_are_four_plates()
    {
        var work = Work(new Combination("smooth", "cotton", "tee", "swing-platen"));
        double[] plates = [140, 150, 160, 170];
        PressSession Run(Lanes plate)
        {
            var session = new PressSession(work, Catalogue);
            session.PreheatAndLay(new PressSetting(plate, LaneMath.All(20), 5), Catalogue.Work);
            session.Press(new PressSetting(plate, LaneMath.All(20), 12));
            return session;
        }

        var together = Run(LaneMath.From(plates));
        for (var lane = 0; lane < plates.Length; lane++)
        {
            var alone = Run(LaneMath.All(plates[lane]));
            Assert.Equal(alone.Bond(), together.Bond(lane), 1e-6);
            Assert.Equal(alone.HottestBare(), together.HottestBare(lane), 1e-6);
        }
    }
}
