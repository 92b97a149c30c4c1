using System.Diagnostics;
using System.Globalization;
using BenchmarkDotNet.Reports;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Plans;
using Juxtherm.Words;

namespace Juxtherm.Benchmarks;

/// <summary>The figures that the goals are stated in, computed from the measurements.</summary>
internal static class Report
{
    public static IEnumerable<string> Lines(IEnumerable<Summary> summaries)
    {
        var reports = summaries.SelectMany(s => s.Reports).Where(r => r.ResultStatistics is not null).ToList();
        var all = reports
            .ToDictionary(r => r.BenchmarkCase.Descriptor.WorkloadMethod.Name, r => r.ResultStatistics!.Median, StringComparer.Ordinal);
        double? Median(string name) => all.TryGetValue(name, out var ns) ? ns : null;
        var cells = SolverBenchmarks.Cells;
        var perCell = (double)SolverBenchmarks.Steps * cells;
        string Line(string what, double? value, string unit, string goal) =>
            value is { } v
            ? string.Create(CultureInfo.InvariantCulture, $"{what,-58} {v,10:0.00} {unit,-4} goal {goal}") : $"{what,-58} not measured";

        yield return $"Eight layers, {cells} cells; medians.";
        yield return Line("solver, dry, per cell and step, four cases together", Median(nameof(SolverBenchmarks.DryStack)) / perCell, "ns",
            "10");
        yield return Line("solver, dry, per cell, step and case", Median(nameof(SolverBenchmarks.DryStack)) / perCell / 4, "ns",
            "less than 10");
        yield return Line("solver, damp, per cell and step, four cases together", Median(nameof(SolverBenchmarks.DampStack)) / perCell,
            "ns", "10");
        yield return Line("sparse library, two solves, per cell and step, one case", Median(nameof(SolverBenchmarks.Library)) / perCell,
            "ns", "(beside)");
        yield return Line("dense library, two solves, per cell and step, one case", Median(nameof(SolverBenchmarks.DenseLibrary)) / perCell,
            "ns", "(beside)");
        yield return Line("30 s press of eight layers", Median(nameof(PressBenchmarks.Press)) / 1e6, "ms", "1");
        yield return Line("window 40 x 60, with chances, cold      ", Median(nameof(WindowBenchmarks.Cold)) / 1e6, "ms", "50");
        yield return Line("preview request, asked before", Median(nameof(PreviewBenchmarks.Asked)) / 1e6, "ms", "20");
        yield return Line("preview request, an edit, median", Median(nameof(PreviewBenchmarks.Warm)) / 1e6, "ms", "20");
        double? Most(string name) =>
            reports.FirstOrDefault(r => r.BenchmarkCase.Descriptor.WorkloadMethod.Name == name)?.ResultStatistics!.Percentiles.P95 / 1e6;
        yield return Line("preview request, an edit, 95th percentile", Most(nameof(PreviewBenchmarks.Warm)), "ms", "20");
        yield return Line("preview request, three layers, one moved, 95th", Most(nameof(PreviewBenchmarks.Three)), "ms", "20");
        yield return Line("preview request, six drawn layers, one moved, 95th", Most(nameof(PreviewBenchmarks.Six)), "ms", "20");
        yield return Line("preview request, six drawn layers, one scaled, 95th", Most(nameof(PreviewBenchmarks.Scaled)), "ms", "20");
        yield return Line("preview request, new stack", Median(nameof(PreviewBenchmarks.New)) / 1e6, "ms", "150");
        yield return Line("drawing of six colours, read and split", Median(nameof(ArtworkBenchmarks.Split)) / 1e6, "ms", "500");
        yield return Line("1500 dots of three colours, read and split", Median(nameof(ArtworkBenchmarks.Dots)) / 1e6, "ms", "3000");
        yield return Line("drawing of six colours, read, split and measured", Median(nameof(ArtworkBenchmarks.Measured)) / 1e6, "ms",
            "1000");
    }

    /// <summary>Every vinyl on every material under every press, once through.</summary>
    public static string CrossProduct()
    {
        var catalogue = CatalogueReader.Read(Directory.GetFiles(Path.Combine(AppContext.BaseDirectory, "catalogue"), "*.json")
            .Select(p => new CatalogueFile(Path.GetFileName(p), File.ReadAllText(p))));
        var table = new MatrixTable(new Planner(catalogue, Language.English), Language.English.WordsFor(Core.Notices.UnitSystem.Metric));
        var watch = Stopwatch.StartNew();
        var letters = catalogue.HeatSources.Values.Sum(source => table.Of(source).Length);
        return string.Create(CultureInfo.InvariantCulture,
            $"{"every vinyl, material and press, once through",-58} {watch.Elapsed.TotalSeconds,10:0.0} s    goal 180 ({letters} " +
                $"letters of tables)");
    }
}
