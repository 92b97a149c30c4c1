using BenchmarkDotNet.Attributes;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Settings;

namespace Juxtherm.Benchmarks;

/// <summary>The window over 40 temperatures and 60 times, with chances, from nothing.</summary>
public class WindowBenchmarks
{
    private readonly CatalogueSnapshot _catalogue =
        CatalogueReader.Read(Directory.GetFiles(Path.Combine(AppContext.BaseDirectory, "catalogue"), "*.json")
            .Select(p => new CatalogueFile(Path.GetFileName(p), File.ReadAllText(p))));
    private LayerAim _aim = null!;

    /// <summary>Takes the plain vinyl on a sweatshirt.</summary>
    [GlobalSetup]
    public void SetUp()
    {
        var vinyl = _catalogue.Vinyls["smooth"];
        var press = _catalogue.HeatSources["swing-platen"];
        var work = new Workpiece(vinyl, _catalogue.Materials["fleece"], _catalogue.Forms["sweatshirt"], press,
            _catalogue.Covers[press.Usual.Cover], _catalogue.Underlays[press.Usual.Underlay]);
        var chart = Chart.Of(vinyl, null);
        _aim = LayerAim.Alone(work, chart, new ReferenceDoses(_catalogue).Of(vinyl, chart));
    }

    /// <summary>Computes all of it.</summary>
    [Benchmark(Description = "window 40 x 60, cold")]
    public double Cold()
    {
        var window = new SettingWindow([_aim], 20, 10, _catalogue);
        return WindowField.Of(window, 40, 60, _catalogue.Work.LongestPressSeconds.Value).Well[20][30];
    }
}
