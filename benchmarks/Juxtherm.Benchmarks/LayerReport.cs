using System.Diagnostics;
using System.Globalization;
using System.Text.Json.Nodes;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Sections;
using Juxtherm.Core.Stacking;
using Juxtherm.Words;

namespace Juxtherm.Benchmarks;

/// <summary>How long the order of one to twelve layers takes, by itself and in a whole plan, and the placements of a plate.</summary>
internal static class LayerReport
{
    private const int Seeds = 15;

    public static IEnumerable<string> Lines()
    {
        yield return "Order of laying: six best orders of so many layers, 15 instances each, ms (goal: twelve layers under 1000)";
        yield return "layers      apart, all together   chain   in disarray, median   worst      whole plan, once";
        _ = Milliseconds(() => SequenceSearch.Best(Random(6, 0), 6));
        for (var n = 1; n <= SequenceSearch.MostLayers; n++)
        {
            var apart = Milliseconds(() => SequenceSearch.Best(Question(n, (_, _) => false, (_, _) => true, _ => false), 6));
            var chain = Milliseconds(() => SequenceSearch.Best(Question(n, (a, b) => a > b, (_, _) => false, _ => false), 6));
            var random = Enumerable.Range(0, Seeds).Select(seed => Milliseconds(() => SequenceSearch.Best(Random(n, seed), 6))).Order()
                .ToList();
            yield return string.Create(CultureInfo.InvariantCulture,
                $"{n,6} {apart,20:0.0} {chain,10:0.0} {random[Seeds / 2],19:0.0} {random[^1],10:0.0} {Plan(n),17:0}");
        }

        yield return "";
        yield return "Placements of a plate over a design, ms";
        foreach (var (name, plate, vinyl) in Designs())
        {
            SectionPlan? plan = null;
            var time = Milliseconds(() => plan = SectionSearch.Cover(new SectionQuestion(plate, vinyl, [])));
            yield return string.Create(CultureInfo.InvariantCulture,
                $"{name,-58} {time,10:0.0} ms   {plan!.Sections.Count} {(plan.Proven ? "proven" : "not proven")}");
        }
    }

    private static double Milliseconds(Action work)
    {
        var watch = Stopwatch.StartNew();
        work();
        return watch.Elapsed.TotalMilliseconds;
    }

    private static SequenceQuestion Question(int n, Func<int, int, bool> lies, Func<int, int, bool> together, Func<int, bool> cold)
    {
        int At(string id) => int.Parse(id, CultureInfo.InvariantCulture);
        return new SequenceQuestion(
            [.. Enumerable.Range(0, n)
                .Select(i =>
                    new SequenceLayer(i.ToString(CultureInfo.InvariantCulture), 100 * (n - i), false, cold(i), 3,
                        new LayerHeats(0.15, 1, 0.12, 0.9, 0.8), 0, 13, cold(i) ? 80 : 25))],
            (a, b) => lies(At(a), At(b)), (a, b) => together(At(a), At(b)), LayerMethod.Tack, false, 12, 0, 20);
    }

    private static SequenceQuestion Random(int n, int seed)
    {
        var random = new System.Random(seed);
        var on = new bool[n, n];
        var together = new bool[n, n];
        var cold = Enumerable.Range(0, n).Select(_ => random.Next(4) == 0).ToArray();
        for (var i = 0; i < n; i++)
        {
            for (var j = 0; j < i; j++)
            {
                on[i, j] = random.Next(8) == 0;
                together[i, j] = together[j, i] = !on[i, j] && cold[i] == cold[j] && random.Next(3) > 0;
            }
        }

        return Question(n, (a, b) => on[a, b], (a, b) => together[a, b], i => cold[i]);
    }

    /// <summary>A whole plan of layers on each other, the search and the model included.</summary>
    private static double Plan(int n)
    {
        var catalogue = CatalogueReader.Read(Directory.GetFiles(Path.Combine(AppContext.BaseDirectory, "catalogue"), "*.json")
            .Select(p => new CatalogueFile(Path.GetFileName(p), File.ReadAllText(p))));
        var layers =
            new JsonArray(
                [.. Enumerable.Range(0, n)
                    .Select(i =>
                        (JsonNode)new JsonObject { ["id"] = $"l{i}", ["vinyl"] = "smooth", ["xMm"] = 100 + i * 6, ["yMm"] = 135 + i * 6,
                            ["widthMm"] = 220 - i * 12, ["heightMm"] = 200 - i * 12 })]);
        var file = new JsonObject
        {
            ["format"] = JobReader.Format,
            ["version"] = 1,
            ["blank"] = new JsonObject { ["material"] = "cotton" },
            ["tools"] = new JsonObject { ["heatSource"] = "swing-platen" },
            ["layers"] = layers
        };
        var job = JobReader.Read(file.ToJsonString(), catalogue, new Problems())!;
        var planner = new Planner(catalogue, Language.English);
        return Milliseconds(() => planner.Plan(job, UnitSystem.Metric));
    }

    private static IEnumerable<(string Name, PlateSize Plate, IReadOnlySet<Cell> Vinyl)> Designs()
    {
        static HashSet<Cell> Cells(params Box[] boxes) => [.. boxes.SelectMany(VinylCells.Of)];
        yield return ("a print under the plate", new PlateSize(380, 380), Cells(new Box(100, 135, 240, 180)));
        yield return ("a word of 440 mm under 229 x 229", new PlateSize(229, 229), Cells(new Box(40, 140, 440, 110)));
        yield return ("a block of 500 x 380 under 380 x 380", new PlateSize(380, 380), Cells(new Box(0, 0, 500, 380)));
        yield return ("a block of 500 x 380 under 406 x 610", new PlateSize(406, 610), Cells(new Box(0, 0, 500, 380)));
        yield return ("a block of 300 x 290 under a small iron", new PlateSize(100, 60), Cells(new Box(0, 0, 300, 290)));
        yield return ("thirty stars strewn over 500 x 400 under 229 x 229", new PlateSize(229, 229),
            Cells([.. Enumerable.Range(0, 30).Select(i => new Box(i * 97 % 490, i * 61 % 390, 9, 9))]));
    }
}
