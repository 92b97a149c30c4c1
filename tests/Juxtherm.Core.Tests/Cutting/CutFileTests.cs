using System.Text.Json.Nodes;
using Juxtherm.Core.Artwork.Svg;
using Juxtherm.Core.Cutting;
using Juxtherm.Core.Cutting.Files;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Tests.Plans;
using Juxtherm.Testing;

namespace Juxtherm.Core.Tests.Cutting;

/// <summary>Cut files read again say what was written, to the resolution of each format.</summary>
public sealed class CutFileTests
{
    private static readonly Core.Catalogue.Cutter Table = Shipped.Catalogue.Cutters["table"];
    private static readonly CutLayout Way = new CutPlanner(Shipped.Catalogue).Plan(
        SampleJobs.Read(
            JsonNode.Parse(File.ReadAllText(Path.Combine(AppContext.BaseDirectory, "Cutting", "two-vinyls.juxtherm.json")))!.AsObject()),
            [], new Dictionary<string, CutPreset>(StringComparer.Ordinal), Shipped.Words).Way;

    private static List<CutFileGroup> Groups => [.. Way.Lists.Select(l => new CutFileGroup(l.Id, l.Name, l.Colour, l.Shapes, l.Sheets))];

    private static List<CutStroke> Strokes => [.. Way.Lists.SelectMany(l => l.Sheets.SelectMany(s => s.Strokes(l.Shapes)))];

    [Fact]
    public void Svg_is_in_millimetres_a_group_a_vinyl_and_encloses_the_vinyl()
    {
        var text = SvgCutFile.Write("Night", Groups);
        var xml = System.Xml.Linq.XDocument.Parse(text);
        System.Xml.Linq.XNamespace svg = "http://www.w3.org/2000/svg";
        Assert.EndsWith("mm", (string)xml.Root!.Attribute("width")!, StringComparison.Ordinal);
        var groups = xml.Root.Elements(svg + "g").ToList();
        Assert.Equal(Way.Lists.Select(l => l.Id), groups.Select(g => (string)g.Attribute("id")!));
        Assert.All(groups, g => Assert.Equal("none", (string)g.Attribute("fill")!));
        // Our own reader, told to fill what the file only outlines, finds the same area of each vinyl.
        foreach (var (list, group) in Way.Lists.Zip(groups))
        {
            var alone = new System.Xml.Linq.XDocument(
                new System.Xml.Linq.XElement(svg + "svg", xml.Root.Attributes(),
                    System.Xml.Linq.XElement.Parse(group.ToString().Replace("fill=\"none\"", "fill=\"#123456\"", StringComparison.Ordinal)
                        .Replace("stroke=", "data-stroke=", StringComparison.Ordinal))));
            var problems = new Problems();
            var drawing = SvgReader.Read(alone.ToString(), problems, CancellationToken.None);
            Assert.True(problems.None);
            var layer = Assert.Single(ColourLayers.Of(drawing!, Separation.Seen, CancellationToken.None));
            Assert.InRange(layer.Shape.AreaMm2, list.Sheets.Sum(s => s.VinylMm2) * 0.999, list.Sheets.Sum(s => s.VinylMm2) * 1.001);
        }
    }

    [Fact]
    public void Dxf_comes_back_line_by_line_with_a_layer_a_vinyl()
    {
        var problems = new Problems();
        var lines = DxfOutlines.Read(DxfCutFile.Write(Groups), problems);
        Assert.True(problems.None);
        var strokes = Strokes;
        Assert.Equal(strokes.Count, lines.Count);
        Assert.Equal(Way.Lists.Select(l => l.Id.ToUpperInvariant()), lines.Select(l => l.Layer).Distinct());
        Assert.All(lines, l => Assert.True(l.Closed));
        // The first sheet stands at the top: its y is turned over and nothing else.
        foreach (var (stroke, line) in Way.Lists[0].Sheets[0].Strokes(Way.Lists[0].Shapes).Zip(lines))
        {
            Assert.Equal(stroke.Points.Count - 1, line.Points.Count);
            Assert.All(stroke.Points.Zip(line.Points),
                p => Assert.True(Math.Abs(p.First.X - p.Second.X) < 1e-4 && Math.Abs(p.First.Y + p.Second.Y) < 1e-4));
        }
    }

    [Fact]
    public void The_sample_beside_the_documentation_is_what_is_written_today()
    {
        // Outside readers are tried on it by the front end's tests.
        var sample = Path.Combine(Repository(), "docs", "examples", "two-vinyls.dxf");
        if (Environment.GetEnvironmentVariable("JUXTHERM_WRITE_SAMPLES") == "1")
            File.WriteAllText(sample, DxfCutFile.Write(Groups));
        Assert.Equal(File.ReadAllText(sample), DxfCutFile.Write(Groups));
    }

    [Theory]
    [InlineData(1)]
    [InlineData(3)]
    public void Hpgl_comes_back_to_a_fortieth_of_a_millimetre_each_line_as_often_as_it_is_cut(int passes)
    {
        var (list, sheet) = (Way.Lists[0], Way.Lists[0].Sheets[0]);
        var strokes = sheet.Strokes(list.Shapes);
        var problems = new Problems();
        var plot = HpglPlot.Read(HpglCutFile.Write(strokes, list.Preset with { Passes = passes }, Table), problems);
        Assert.True(problems.None);
        Assert.Equal((list.Preset.ForceGrams, 12), (plot!.ForceGrams!.Value, plot.CmPerSecond!.Value));
        Assert.Equal(strokes.Count * passes, plot.Strokes.Count);
        for (var i = 0; i < plot.Strokes.Count; i++)
            Assert.All(strokes[i / passes].Points.Zip(plot.Strokes[i]),
                p => Assert.True(Math.Abs(p.First.X - p.Second.X) <= 0.0126 && Math.Abs(p.First.Y - p.Second.Y) <= 0.0126));
    }

    [Theory]
    [InlineData("IN;PU0,0;PD10;", "Command 3")]
    [InlineData("IN;ZZ1,2;", "Command 2")]
    [InlineData("PU1,x;", "Command 1")]
    public void What_a_plotter_would_not_understand_is_named(string text, string named)
    {
        var problems = new Problems();
        Assert.Null(HpglPlot.Read(text, problems));
        Assert.Contains(named, problems.Found[0].Said(), StringComparison.Ordinal);
    }

    [Fact]
    public void Relative_moves_are_understood()
    {
        var plot = HpglPlot.Read("IN;PU400,800;PR;PD40,0,0,40;PU;", new Problems());
        Assert.Equal([new Core.Geometry.Spot(20, 10), new(20, 11), new(21, 11)], Assert.Single(plot!.Strokes));
    }

    [Theory]
    [InlineData("0\nSECTION\nx\n", "Line 3")]
    [InlineData("0\nSECTION\n", "EOF")]
    public void A_torn_dxf_is_refused(string text, string named)
    {
        var problems = new Problems();
        Assert.Empty(DxfOutlines.Read(text + "0\n", problems));
        Assert.Contains(named, problems.Found[0].Said(), StringComparison.Ordinal);
    }

    [Fact]
    public void The_time_is_the_way_of_the_blade()
    {
        // 100 mm there with the blade up, 4 × 50 mm with it down, three sharp corners on the way, lifted and lowered once.
        List<CutStroke> square = [new([new(100, 0), new(150, 0), new(150, 50), new(100, 50), new(100, 0)], 0)];
        var (length, seconds) = CutTime.Of(square,
            new CutPreset(Core.Catalogue.Blade.Plain, 90, 2, new Core.Catalogue.Provenance(Core.Catalogue.ProvenanceKind.Owner, "")),
            Table);
        Assert.Equal(200, length, 6);
        Assert.Equal(100 / 240.0 + 0.2 + 2 * (200 / 120.0 + 3 * 0.02), seconds, 6);
    }

    private static string Repository()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder.FullName, "Juxtherm.slnx")))
            folder = folder.Parent!;
        return folder.FullName;
    }
}
