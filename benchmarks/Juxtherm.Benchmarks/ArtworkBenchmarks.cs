using System.Diagnostics;
using System.Globalization;
using BenchmarkDotNet.Attributes;
using Juxtherm.Core.Artwork.Svg;
using Juxtherm.Core.Reading;

namespace Juxtherm.Benchmarks;

/// <summary>A drawing of six colours read and split, its shapes measured, and hostile drawings refused.</summary>
public class ArtworkBenchmarks
{
    private string _svg = "";
    private string _dots = "";

    /// <summary>Reads the example.</summary>
    [GlobalSetup]
    public void SetUp()
    {
        _svg = File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "tarn.svg"));
        string Dot(int i) =>
            string.Create(CultureInfo.InvariantCulture,
                $"<circle cx='{i * 7919 % 2800 / 10.0}' cy='{i * 104_729 % 2800 / 10.0}' r='{0.5 + i % 20 / 10.0}' " +
                    $"fill='{new[] { "#1b2a49", "#d9a441", "#0f6468" }[i * 31 % 7 % 3]}'/>");
        _dots = $"<svg xmlns='http://www.w3.org/2000/svg' width='280mm' height='280mm' viewBox='0 0 280 " +
            $"280'>{string.Concat(Enumerable.Range(0, 1500).Select(Dot))}</svg>";
    }

    /// <summary>Reads and splits.</summary>
    [Benchmark(Description = "drawing of six colours, read and split")]
    public int Split() => Layers(_svg).Count;

    /// <summary>Measures, the narrowest places included.</summary>
    [Benchmark(Description = "drawing of six colours, read, split and measured")]
    public double Measured() => Layers(_svg).Min(l => l.Shape.Measures.SmallestFeatureMm);

    /// <summary>Many small pieces in three colours, over each other here and there.</summary>
    [Benchmark(Description = "1500 dots of three colours, read and split")]
    public int Dots() => Layers(_dots).Count;

    /// <summary>How long hostile drawings take to be refused, the longest of them, and the memory that was held for it.</summary>
    public static IEnumerable<string> Hostile()
    {
        string Page(string body) => $"<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 100 100'>{body}</svg>";
        var drawings = new Dictionary<string, string>(StringComparer.Ordinal)
        {
            ["entities"] = "<!DOCTYPE svg [<!ENTITY a 'aaaaaaaaaa'><!ENTITY b '&a;&a;&a;&a;'>]>" + Page("<text>&b;</text>"),
            ["10 000 groups"] = Page(string.Concat(Enumerable.Repeat("<g>", 10_000)) + string.Concat(Enumerable.Repeat("</g>", 10_000))),
            ["path of 400 000 corners"] =
            Page("<path d='M0 0" + string.Concat(Enumerable.Range(0, 400_000).Select(i => $"L{i % 97} {i % 89}")) + "'/>"),
            ["ball of wool"] =
            Page("<path d='M0 0"
                + string.Concat(Enumerable.Range(0, 2500)
                    .Select(i => string.Create(CultureInfo.InvariantCulture, $"L{i % 2 * 100} {(i * 7 + 3) % 1999 / 20.0}"))) + "'/>"),
            ["two combs"] =
            Page(string.Concat(Enumerable.Range(0, 400)
                .Select(i =>
                    string.Create(CultureInfo.InvariantCulture,
                        $"<rect x='{i / 4.0}' width='0.1' height='100' fill='red'/><rect y='{i / 4.0}' width='100' height='0.1' " +
                            $"fill='blue'/>")))),
            ["references that double"] =
            Page("<g id='u0'><rect width='1' height='1'/></g>"
                + string.Concat(Enumerable.Range(1, 30).Select(i => $"<g id='u{i}'><use href='#u{i - 1}'/><use href='#u{i - 1}'/></g>"))
                + "<use href='#u30'/>"),
            ["1e300"] = Page("<path d='M0 0L1e300 0 0 1e300Z'/>"),
        };
        foreach (var (name, svg) in drawings)
        {
            var before = GC.GetTotalAllocatedBytes();
            var watch = Stopwatch.StartNew();
            var problems = new Problems();
            var refused = SvgReader.Read(svg, problems, CancellationToken.None) is null;
            yield return string.Create(CultureInfo.InvariantCulture,
                $"{"hostile drawing, " + name + (refused ? ", refused" : ", NOT " +
                    "refused"),-58} {watch.Elapsed.TotalMilliseconds,10:0.0} ms   goal 1000 " +
                        $"({(GC.GetTotalAllocatedBytes() - before) / 1048576.0:0} MB allocated)");
        }
    }

    private static IReadOnlyList<ColourLayer> Layers(string svg) =>
        ColourLayers.Of(SvgReader.Read(svg, new Problems(), CancellationToken.None)!, Separation.Seen, CancellationToken.None);
}
