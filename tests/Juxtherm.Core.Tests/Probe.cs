using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Heat;
using Juxtherm.Core.Recipes;
namespace Juxtherm.Core.Tests;
public class Probe
{
    static CatalogueSnapshot C => Shipped.Catalogue;
    static PressSession Do(string vinyl, string material, string form, string source, string cover, string underlay, double celsius, PressureLevel p, double seconds, bool dry = true, double preheat = 0, double? back = null)
    {
        var src = C.HeatSources[source];
        var work = new Workpiece(C.Vinyls[vinyl], C.Materials[material], C.Forms[form], src, C.Covers[cover], C.Underlays[underlay]);
        var s = new PressSession(work, C);
        var k = src.PressureKPa[p].Value;
        if (dry) s.DryOut();
        if (preheat > 0) { s.Press(PressSetting.Single(celsius, k, preheat)); s.Open(CoolingPlace.OnUnderlay, 20, LaneMath.All(celsius)); }
        s.LayVinyl();
        s.Press(PressSetting.Single(celsius, k, seconds));
        return s;
    }
    [Fact]
    public void Show()
    {
        var r = Do("smooth","cotton","tee","swing-platen","ptfe","pad",152,PressureLevel.Medium,12,dry:false,preheat:5);
        var d = Do("smooth","cotton","tee","swing-platen","ptfe","pad",152,PressureLevel.Medium,12);
        Console.WriteLine($"ref bond {r.Bond():0.00} burden {r.Burden():0.00} water {r.FaceWaterShare:0.00}; dried {d.Bond():0.00} {d.Burden():0.00} glue {d.GlueCelsius[0]:0.0} bare {d.HottestBare():0.0} plate {d.PrintColumn.PlateCelsius[0]:0.0}");
        double B = r.Bond(), H = r.Burden();
        void P(string n, PressSession s) => Console.WriteLine($"{n}: bond {s.Bond()/B:0.00} burden {s.Burden()/H:0.00} glue {s.GlueCelsius[0]:0.0} bare {s.HottestBare():0.0}");
        P("149/10 (0.64)", Do("smooth","cotton","tee","swing-platen","ptfe","pad",149,PressureLevel.Medium,10));
        P("152/15 (1.43)", Do("smooth","cotton","tee","swing-platen","ptfe","pad",152,PressureLevel.Medium,15));
        P("166/15 (2.7)", Do("smooth","cotton","tee","swing-platen","ptfe","pad",166,PressureLevel.Medium,15));
        P("166/35 (9.0)", Do("smooth","cotton","tee","swing-platen","ptfe","pad",166,PressureLevel.Medium,35));
        P("tack 3 (0.05;116)", Do("smooth","cotton","tee","swing-platen","ptfe","pad",152,PressureLevel.Medium,3));
        P("handheld 157 light 30 (1.04)", Do("smooth","cotton","tee","handheld-press","ptfe","mat",157,PressureLevel.Light,30));
        P("handheld 177 light sweatshirt 30 (2.3/8.5)", Do("smooth","fleece","sweatshirt","handheld-press","ptfe","mat",177,PressureLevel.Light,30));
        P("handheld 152 medium 12 (0.25)", Do("smooth","cotton","tee","handheld-press","ptfe","mat",152,PressureLevel.Medium,12));
        P("mug 166/30 (1.02)", Do("smooth","ceramic","mug","mug-press","ptfe","none",166,PressureLevel.Medium,30));
        P("mug 166/30 bare", Do("smooth","ceramic","mug","mug-press","none","none",166,PressureLevel.Medium,30));
        P("mug 166/12", Do("smooth","ceramic","mug","mug-press","ptfe","none",166,PressureLevel.Medium,12));
        P("iron 175/25", Do("smooth","cotton","tee","household-iron","ptfe","mat",175,PressureLevel.Medium,25));
        foreach (var cover in new[]{"ptfe","none"}) {
        var work = new Workpiece(C.Vinyls["smooth"], C.Materials["cotton"], C.Forms["tee"], C.HeatSources["swing-platen"], C.Covers[cover], C.Underlays["pad"]);
        var s = new PressSession(work, C);
        s.Press(PressSetting.Single(152, 20, 5), true);
        Console.WriteLine($"preheat 5 {cover}: face {s.BareFaceCelsius[0]:0.0} between {s.PrintColumn.InterfaceCelsius(cover=="ptfe"?2:1)[0]:0.0} water {s.FaceWaterShare:0.00}");
        s.Press(PressSetting.Single(152, 20, 5), true);
        Console.WriteLine($"preheat 10: face {s.BareFaceCelsius[0]:0.0} water {s.FaceWaterShare:0.00}");
        }
        foreach (var place in new[]{CoolingPlace.ColdBench, CoolingPlace.OnUnderlay}) {
            var t = Do("smooth","cotton","tee","swing-platen","ptfe","pad",152,PressureLevel.Medium,12);
            var o = new Until();
            t.Open(place, 300, LaneMath.All(152), o);
            Console.WriteLine($"{place}: vinyl<60 {o.T60:0} <40 {o.T40:0} <32 {o.T32:0}; glue<40 {o.G40:0}");
        }
    }
    [Fact]
    public void Settings()
    {
        var doses = new ReferenceDoses(C);
        foreach (var (v,m,f,src) in new[]{("smooth","cotton","tee","swing-platen"),("smooth","polyester","tee","swing-platen"),("glitter","polyester","tee","swing-platen"),("glitter","cotton","tee","swing-platen"),("puff","cotton","tee","swing-platen"),("smooth","fleece","sweatshirt","swing-platen"),("glitter","fleece","sweatshirt","swing-platen"),("smooth","cotton","tee","handheld-press"),("glitter","cotton","tee","handheld-press"),("puff","cotton","tee","handheld-press"),("smooth","fleece","sweatshirt","handheld-press"),("smooth","cotton","tee","household-iron"),("glitter","polyester","tee","household-iron"),("smooth","ceramic","mug","mug-press"),("glitter","ceramic","mug","mug-press"),("smooth","ceramic","flat","swing-platen"),("smooth","cotton-poly","tee","handheld-press"),("puff","polyester","tee","swing-platen")})
        {
            var s = C.HeatSources[src];
            var work = new Workpiece(C.Vinyls[v], C.Materials[m], C.Forms[f], s, C.Covers[s.Cover], C.Underlays[s.Underlay]);
            var chart = Chart.Of(C.Vinyls[v], null);
            var sw = System.Diagnostics.Stopwatch.StartNew();
            var found = SettingSearch.Find(work, chart, doses.Of(C.Vinyls[v], chart), C);
            Console.WriteLine($"{v} on {m} {f} under {src}: {found.Outcome} {found.Dial.Celsius:0.0} {found.Seconds} s {found.Dial.Mark}; holds {found.Chosen.HoldsFromSeconds:0.0} target {found.Chosen.TargetSeconds:0.0} most {found.Chosen.MostSeconds:0.0} {found.Chosen.EndsBecause}  bond at most {found.Chosen.BondAtMost:0.00}  ({found.Rows.Count} rows, {sw.ElapsedMilliseconds} ms)");
        }
    }
    sealed class Until : ISessionObserver { public double T60,T40,T32,G40; public bool AfterStep(PressSession s, double t) { var v=s.VinylCelsius[0]; if(v>60)T60=t; if(v>40)T40=t; if(v>32)T32=t; if (s.GlueCelsius[0]>40) G40=t; return true; } }
}
