using System.Diagnostics;
using System.Globalization;
using Juxtherm.Core.Artwork;
using Juxtherm.Core.Cutting.Nesting;
using Juxtherm.Testing;

namespace Juxtherm.Benchmarks;

/// <summary>How tightly pieces are packed, beside what is known: a perfect packing cut up, the area that must be covered, boxes, plain
/// shelves.</summary>
internal static class NestReport
{
    private const double RollMm = 292;
    private static readonly NestRules Rules = new(6, 3, NestRules.Quarters);

    public static IEnumerable<string> Lines()
    {
        var perfect = Enumerable.Range(1, 12).Select(seed => Measure(Instances.CutUp(seed, 30, RollMm, 500, Rules))).ToList();
        yield return Line("30 boxes cut from a sheet of 500 mm: used again, least", 100 * perfect.Min(m => 500 / m.LengthMm), "%", "85");
        yield return Line("  the same, median", 100 * Median(perfect.Select(m => 500 / m.LengthMm)), "%", "85");
        yield return Line("  plain shelves, median", 100 * Median(perfect.Select(m => 500 / m.ShelfMm)), "%", "(beside)");

        var svg = File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "tarn.svg"));
        (string Name, List<NestPart> Pieces)[] real =
        [
            .. Enumerable.Range(21, 6).Select(seed => ($"40 stars, crescents, rings, {seed}", Instances.Sky(seed, 40))),
            .. Enumerable.Range(31, 3).Select(seed => ($"60 letters, {seed}", Instances.Letters(seed, 60))),
            ("pieces of the example, 6 garments", Instances.OfDrawing(svg, 6, 100)),
        ];
        var shorter = new List<double>();
        foreach (var (name, pieces) in real)
        {
            var m = Measure(pieces);
            shorter.Add(100 * (1 - m.LengthMm / m.BoxesMm));
            yield return string.Create(CultureInfo.InvariantCulture,
                $"{name + $" ({pieces.Count})",-44} {m.LengthMm,6:0} mm; boxes {m.BoxesMm:0}, shelves {m.ShelfMm:0}, by " +
                    $"area {m.AreaMm:0}; {m.Seconds:0.0} s");
        }

        yield return Line("true shapes shorter than their boxes, median", Median(shorter), "%", "10");
        yield return Line("true shapes shorter than their boxes, least", shorter.Min(), "%", "0");
        var run = Measure(Instances.Sky(77, 100));
        yield return Line("100 pieces laid out", run.Seconds, "s", "5");
    }

    private static (double LengthMm, double BoxesMm, double ShelfMm, double AreaMm, double Seconds) Measure(List<NestPart> pieces)
    {
        NestSheet[] sheets = [new NestSheet("roll", RollMm, 30_000)];
        var watch = Stopwatch.StartNew();
        var shapes = Nest.Find(pieces, sheets, Rules);
        var seconds = watch.Elapsed.TotalSeconds;
        var boxes = Nest.Find([.. pieces.Select(p => NestPart.Of(p.Key, CutShape.Read(p.PathAt(default))!, boxed: true))], sheets, Rules);
        return (shapes.CostMm, boxes.CostMm, Nest.ShelfLengthMm(pieces, RollMm, Rules),
            pieces.Sum(p => p.AreaMm2) / (RollMm - 2 * Rules.EdgeMm), seconds);
    }

    private static double Median(IEnumerable<double> values)
    {
        var sorted = values.Order().ToList();
        return (sorted[(sorted.Count - 1) / 2] + sorted[sorted.Count / 2]) / 2;
    }

    private static string Line(string what, double value, string unit, string goal) =>
        string.Create(CultureInfo.InvariantCulture, $"{what,-58} {value,10:0.00} {unit,-4} goal {goal}");
}
