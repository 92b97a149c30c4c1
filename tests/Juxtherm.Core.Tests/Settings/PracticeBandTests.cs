using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Heat;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Tests.Settings;

/// <summary>
/// The model against common practice. Each band is what crafters do with success, with no single source; the cloth is dried
/// beforehand, as after a preheat, unless the case says otherwise.
/// </summary>
public class PracticeBandTests
{
    private static readonly CatalogueSnapshot Catalogue = Shipped.Catalogue;

    private static readonly ReferenceDose Plain = new ReferenceDoses(Catalogue)
        .Of(Catalogue.Vinyls["smooth"], Chart.Of(Catalogue.Vinyls["smooth"], null));

    private static Workpiece Work(string source, string form, string material, string? cover = null)
    {
        var press = Catalogue.HeatSources[source];
        return new Workpiece(Catalogue.Vinyls["smooth"], Catalogue.Materials[material], Catalogue.Forms[form], press,
            Catalogue.Covers[cover ?? press.Usual.Cover], Catalogue.Underlays[press.Usual.Underlay]);
    }

    private static PressSession Pressed(string source, string form, string material, double celsius, PressureLevel pressure, double seconds)
    {
        var work = Work(source, form, material);
        var session = new PressSession(work, Catalogue);
        session.DryOut();
        session.LayVinyl();
        session.Press(PressSetting.Single(celsius, work.Source.Pressure.KPa[pressure].Value, seconds));
        return session;
    }

    private static double Bond(PressSession session) => session.Bond() / Plain.BondSeconds;

    private static double HeatDose(PressSession session) => session.HeatDose() / Plain.HeatDoseSeconds;

    [Theory]
    [InlineData("swing-platen", "tee", "cotton", 149, PressureLevel.Medium, 10, 0.6, 1.5)]
    [InlineData("swing-platen", "tee", "cotton", 149, PressureLevel.Medium, 15, 0.6, 1.5)]
    [InlineData("swing-platen", "tee", "cotton", 152, PressureLevel.Medium, 10, 0.6, 1.5)]
    [InlineData("swing-platen", "tee", "cotton", 152, PressureLevel.Medium, 15, 0.6, 1.5)]
    [InlineData("handheld-press", "tee", "cotton", 157, PressureLevel.Light, 30, 0.8, 1.8)]
    [InlineData("mug-press", "mug", "ceramic", 166, PressureLevel.Medium, 30, 0.6, 1.5)]
    public void Practised_settings_bond(string source, string form, string material, double celsius, PressureLevel pressure, double seconds,
        double low, double high) =>
        Assert.InRange(Bond(Pressed(source, form, material, celsius, pressure, seconds)), low, high);

    [Fact]
    public void A_mug_is_far_from_done_after_twelve_seconds() =>
        Assert.InRange(Bond(Pressed("mug-press", "mug", "ceramic", 166, PressureLevel.Medium, 12)), 0, 0.2);

    [Theory]
    [InlineData(15)]
    [InlineData(35)]
    public void Hot_and_long_is_accepted_by_the_plain_vinyl(double seconds) =>
        Assert.InRange(HeatDose(Pressed("swing-platen", "tee", "cotton", 166, PressureLevel.Medium, seconds)), 1, 9.2);

    [Fact]
    public void A_sweatshirt_under_a_hot_handheld_press_holds_within_its_heat()
    {
        var session = Pressed("handheld-press", "sweatshirt", "fleece", 177, PressureLevel.Light, 30);
        Assert.True(Bond(session) >= 0.6 * Catalogue.Materials["fleece"].Demand.Value);
        Assert.InRange(HeatDose(session), 1, Catalogue.Vinyls["smooth"].Bond.MostHeatDose.Value);
    }

    [Fact]
    public void A_tack_makes_the_glue_soft_and_no_more()
    {
        var session = Pressed("swing-platen", "tee", "cotton", 152, PressureLevel.Medium, 3);
        Assert.True(session.GlueCelsius[0] > 85);
        Assert.InRange(Bond(session), 0.01, 0.15);
    }

    [Fact]
    public void A_handheld_press_for_twelve_seconds_is_short_by_the_model() =>
        Assert.InRange(Bond(Pressed("handheld-press", "tee", "cotton", 152, PressureLevel.Medium, 12)), 0.1, 0.6);

    [Fact]
    public void The_iron_at_its_cotton_mark_bonds_from_the_front_alone() =>
        Assert.True(Bond(Pressed("household-iron", "tee", "cotton", 175, PressureLevel.Medium, 25)) > 0.6);

    [Fact]
    public void A_tee_cools_in_about_a_minute_on_a_cold_bench_and_half_as_long_again_on_the_pad()
    {
        double Until40(CoolingPlace place)
        {
            var session = Pressed("swing-platen", "tee", "cotton", 152, PressureLevel.Medium, 12);
            var watch = new Until(40);
            session.Open(place, 600, LaneMath.All(152), watch);
            return watch.Seconds;
        }

        var bench = Until40(CoolingPlace.ColdBench);
        Assert.InRange(bench, 40, 75);
        Assert.True(Until40(CoolingPlace.OnUnderlay) >= 1.5 * bench);
    }

    [Fact]
    public void A_preheat_heats_the_face_and_dries_it()
    {
        var session = new PressSession(Work("swing-platen", "tee", "cotton", "none"), Catalogue);
        session.Press(PressSetting.Single(152, 20, 5));
        Assert.True(session.BareFaceCelsius[0] > 100);
        Assert.True(session.PrintColumn.InterfaceCelsius(1)[0] > 75);
        session.Press(PressSetting.Single(152, 20, 5));
        Assert.True(session.FaceWaterShare < 0.25);
    }

    [Fact]
    public void A_preheat_is_worth_something()
    {
        PressSession Run(bool preheat)
        {
            var session = new PressSession(Work("swing-platen", "tee", "cotton"), Catalogue);
            session.PreheatAndLay(PressSetting.Single(152, 20, preheat ? 5 : 0), Catalogue.Work);
            session.Press(PressSetting.Single(152, 20, 12));
            return session;
        }

        Assert.True(Bond(Run(preheat: true)) > 1.1 * Bond(Run(preheat: false)));
    }

    [Fact]
    public void The_cloth_beside_the_print_is_hotter_than_the_glue_line()
    {
        var session = Pressed("swing-platen", "tee", "cotton", 152, PressureLevel.Medium, 12);
        Assert.InRange(session.BareFaceCelsius[0] - session.GlueCelsius[0], 2, 12);
    }

    [Fact]
    public void A_back_press_on_a_cooled_shirt_adds_almost_nothing()
    {
        PressSession Handheld()
        {
            var work = Work("handheld-press", "tee", "cotton");
            var session = new PressSession(work, Catalogue);
            session.DryOut();
            session.LayVinyl();
            session.Press(PressSetting.Single(157, 1.5, 30));
            return session;
        }

        var front = Bond(Handheld());
        var cooled = Handheld();
        cooled.Open(CoolingPlace.ColdBench, 300, LaneMath.All(157));
        cooled.TurnOver();
        cooled.Press(PressSetting.Single(157, 1.5, 15));
        Assert.InRange(Bond(cooled) - front, 0, 0.1);

        var warm = Handheld();
        warm.TurnOver();
        warm.Press(PressSetting.Single(157, 1.5, 15));
        Assert.True(Bond(warm) > Bond(cooled));
    }

    private sealed class Until(double celsius) : ISessionObserver
    {
        public double Seconds { get; private set; }

        public bool AfterStep(PressSession session, double seconds)
        {
            Seconds = seconds;
            return session.VinylCelsius[0] > celsius;
        }
    }
}
