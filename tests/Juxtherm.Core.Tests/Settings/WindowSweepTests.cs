using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Tests.Settings;

/// <summary>The window is computed every few kelvin and read in between: here it is held against presses computed outright.</summary>
public class WindowSweepTests
{
    private static readonly CatalogueSnapshot Catalogue = Shipped.Catalogue;

    private static (Workpiece Work, FoundSetting Found, ReferenceDose Reference, double KPa) Find(string vinyl, string form,
        string material, string source)
    {
        var press = Catalogue.HeatSources[source];
        var work = new Workpiece(Catalogue.Vinyls[vinyl], Catalogue.Materials[material], Catalogue.Forms[form], press,
            Catalogue.Covers[press.Usual.Cover], Catalogue.Underlays[press.Usual.Underlay]);
        var chart = Chart.Of(work.Vinyl, null);
        var reference = new ReferenceDoses(Catalogue).Of(work.Vinyl, chart);
        return (work, SettingSearch.Find(work, chart, reference, Catalogue), reference, press.Pressure.KPa[chart.Pressure.Value].Value);
    }

    [Theory]
    [InlineData("smooth", "tee", "cotton", "swing-platen")]
    [InlineData("glitter", "sweatshirt", "fleece", "handheld-press")]
    [InlineData("low-temp", "jersey", "polyester", "swing-platen")]
    [InlineData("foil", "mug", "ceramic", "mug-press")]
    [InlineData("smooth", "pennant", "poly-felt", "swing-platen")]
    public void Times_of_the_bond_are_right_to_a_hundredth_everywhere_on_the_dial(string vinyl, string form, string material, string source)
    {
        var (work, found, reference, kPa) = Find(vinyl, form, material, source);
        var wanted = reference.BondSeconds * work.Material.Demand.Value * work.Vinyl.Bond.Target.Value;
        var checkedRows = 0;
        foreach (var row in found.Rows.Where((r, i) => r.TargetSeconds is > 3 && i % 3 == 0))
        {
            var outright = SettingSearch.Transfer(work, row.Dial.Celsius, kPa, wanted, Catalogue);
            Assert.Equal(outright!.Value, row.TargetSeconds!.Value, 0.01 * outright.Value + 0.02);
            checkedRows++;
        }

        Assert.True(checkedRows > 3, "Too little of the dial was checked.");
    }

    [Theory]
    [InlineData("glitter", "jersey", "polyester", "swing-platen")]
    [InlineData("smooth", "flat", "acrylic", "swing-platen")]
    [InlineData("smooth", "key-fob", "leather-veg", "handheld-press")]
    public void At_the_end_that_the_blank_sets_the_blank_is_at_its_limit(string vinyl, string form, string material, string source)
    {
        var (work, found, _, kPa) = Find(vinyl, form, material, source);
        var ended = found.Rows.Where(r => r.EndsBecause == TimeLimit.Blank && r.MostSeconds > 3).ToList();
        Assert.NotEmpty(ended);
        foreach (var row in ended)
        {
            var session = new PressSession(work, Catalogue);
            var setting = PressSetting.Single(row.Dial.Celsius, kPa, row.MostSeconds);
            session.PreheatAndLay(setting with { Seconds = SettingSearch.PreheatSeconds(work) }, Catalogue.Work);
            session.Press(setting);
            Assert.Equal(work.Material.Limit.Celsius.Value, session.HottestBare(), 0.4);
        }
    }

    [Theory]
    [InlineData("smooth", "tee", "cotton", "swing-platen")]
    [InlineData("glitter", "sweatshirt", "fleece", "handheld-press")]
    [InlineData("low-temp", "jersey", "polyester", "swing-platen")]
    [InlineData("foil", "mug", "ceramic", "mug-press")]
    public void Chances_read_in_between_are_those_of_presses_carried_out(string vinyl, string form, string material, string source)
    {
        var (work, _, reference, kPa) = Find(vinyl, form, material, source);
        var aim = LayerAim.Alone(work, Chart.Of(work.Vinyl, null), reference);
        var window = new SettingWindow([aim], kPa, 0, Catalogue);
        var compared = 0;
        foreach (var dial in window.Dial.Where((_, i) => i % 4 == 1))
        {
            // Where a chance is neither none nor certain.
            foreach (var seconds in new double[] { 5, 10, 20, 40 }.Where(t => window.OutlookOf(dial, t) is { Short: > 0.001 and < 0.5 }))
            {
                var (read, carriedOut) = (window.OutlookOf(dial, seconds), window.WorstOf(dial, seconds).Outlook);
                Assert.True(Math.Abs(read.Short - carriedOut.Short) < 0.01 && Math.Abs(read.Harm - carriedOut.Harm) < 0.02,
                    $"{dial.Celsius:0} °C, {seconds} s: {read} read, {carriedOut} carried out");
                compared++;
            }
        }

        Assert.True(compared >= 3, "Too little was compared.");
    }

    [Fact]
    public void A_drier_blank_bonds_sooner_and_a_damper_one_later()
    {
        var (work, _, reference, kPa) = Find("smooth", "tee", "cotton", "swing-platen");
        double Bond(double moisture)
        {
            var session = new PressSession(work, Catalogue, moisture);
            session.PreheatAndLay(PressSetting.Single(152, kPa, 0), Catalogue.Work);
            session.Press(PressSetting.Single(152, kPa, 12));
            return session.Bond() / reference.BondSeconds;
        }

        Assert.True(Bond(0) > Bond(1) && Bond(1) > Bond(1.5), $"{Bond(0)} {Bond(1)} {Bond(1.5)}");
    }

    [Fact]
    public void Hot_air_heats_without_touching()
    {
        var gun = Catalogue.HeatSources["heat-gun"];
        var work = new Workpiece(Catalogue.Vinyls["smooth"], Catalogue.Materials["ceramic"], Catalogue.Forms["mug"], gun,
            Catalogue.Covers["carrier"], Catalogue.Underlays["none"]);
        double Glue(double air)
        {
            var session = new PressSession(work, Catalogue);
            session.LayVinyl();
            session.Press(PressSetting.Single(air, 5, 30));
            return session.GlueCelsius[0];
        }

        Assert.True(Glue(400) > Glue(300) + 10);
        Assert.InRange(Glue(300), 40, 200);
    }
}
