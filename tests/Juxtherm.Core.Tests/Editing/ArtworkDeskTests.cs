using System.Globalization;
using System.Text.Json.Nodes;
using Juxtherm.Core.Artwork.Svg;
using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Editing;
using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Reading;
using Juxtherm.Testing;
using Juxtherm.Words;

namespace Juxtherm.Core.Tests.Editing;

/// <summary>Drawings and words in a job: where they land, what rules say of them, what the plan makes of true shapes.</summary>
public sealed partial class ArtworkDeskTests
{
    private static readonly ArtworkDesk Desk = new(Shipped.Catalogue, new Core.Reading.WorkMemory(),
        Juxtherm.Words.Language.English);
    private static readonly Planner Planner = new(Shipped.Catalogue, Language.English);

    private const string Bare =
        """{"format":"juxtherm.job","version":1,"blank":{"form":"tee","material":"cotton"},"tools":{"heatSource":"swing-platen"},"layers":[{"id":"art","vinyl":"smooth","colour":"#1b2a49"}]}""";

    private static string Svg(string body, string size = "width='200mm' height='200mm'") =>
        $"<svg xmlns='http://www.w3.org/2000/svg' {size} viewBox='0 0 200 200'>{body}</svg>";

    private static Job Read(JsonNode json)
    {
        var problems = new Problems();
        var job = JobReader.Read(json.ToJsonString(), Shipped.Catalogue, problems);
        Assert.True(job is not null, string.Join(' ', problems.Found.Select(p => p.Said())));
        return job;
    }

    private static DeskAnswer Brought(string json, string svg, Separation separation = Separation.Seen, bool replace = true)
    {
        var problems = new Problems();
        var answer = Desk.BringIn(json, svg, separation, replace, problems, CancellationToken.None);
        Assert.True(answer is not null, string.Join(' ', problems.Found.Select(p => p.Said())));
        return answer;
    }

    private const string Moon = "<circle cx='100' cy='100' r='80' fill='#1b2a49'/><circle cx='120' cy='90' r='40' fill='#d9a441'/>";

    [Fact]
    public void A_drawing_lands_where_the_first_rule_proposes_at_its_own_size()
    {
        var job = Read(Brought(Bare, Svg(Moon)).Job);
        Assert.Equal(["navy", "gold"], job.Layers.Select(l => l.Id));
        var art = JobPlacement.Artwork(job, Face.Front)!.Value;
        Assert.Equal(160, art.WidthMm, 0.01);
        var placement = JobPlacement.Of(job, Face.Front, 600, 600, Shipped.Words);
        Assert.Equal((placement.Proposals[0].XMm, placement.Proposals[0].YMm), (Math.Round(art.XMm, 1), Math.Round(art.YMm, 1)));
        Assert.Equal(Math.PI * 1600, job.Layers[1].AreaMm2!.Value, 5.0);
        Assert.Equal(Math.PI * (6400 - 1600), job.Layers[0].AreaMm2!.Value, 10.0);
    }

    [Theory]
    [InlineData("width='12mm' height='12mm'")]
    [InlineData("width='3000mm' height='3000mm'")]
    public void A_drawing_without_a_size_in_mind_is_given_one_and_it_is_said(string size)
    {
        var answer = Brought(Bare, Svg(Moon, size));
        Assert.Contains(answer.Notices, n => n.Code == "size-chosen");
        var job = Read(answer.Job);
        var art = JobPlacement.Artwork(job, Face.Front)!.Value;
        Assert.InRange(art.WidthMm, 100, job.Blank.WidthMm);
        Assert.Equal(2, art.WidthMm / job.Layers[1].WidthMm!.Value, 0.01);
    }

    [Fact]
    public void More_colours_than_layers_go_to_their_neighbours()
    {
        var squares = string.Concat(Enumerable.Range(0, 20)
            .Select(i => $"<rect x='{i * 10}' width='{9 - i * 0.1}' height='100' fill='#{i * 12:x2}{i * 6:x2}40'/>"));
        var answer = Brought(Bare, Svg(squares));
        var job = Read(answer.Job);
        Assert.Equal(JobReader.MostLayers, job.Layers.Count);
        Assert.Equal(8, answer.Notices.Single(n => n.Code == "colours-merged").Data["merged"].Value);
        Assert.Equal(100 * Enumerable.Range(0, 20).Sum(i => 9 - i * 0.1), job.Layers.Sum(l => l.AreaMm2!.Value), 1.0);
    }

    [Fact]
    public void Kept_layers_stay_below_what_is_brought_in()
    {
        var first = Brought(Bare, Svg(Moon)).Job.ToJsonString();
        var both = Read(Brought(first, Svg("<rect width='100' height='50' fill='#d9a441'/>"), replace: false).Job);
        Assert.Equal(["navy", "gold", "gold-2"], both.Layers.Select(l => l.Id));
        var back = JsonNode.Parse(first)!;
        back["blank"]!["face"] = "back";
        back["layers"]![0]!["face"] = "front";
        back["layers"]![1]!["face"] = "front";
        var turned = Read(Brought(back.ToJsonString(), Svg("<rect width='100' height='50' fill='#d9a441'/>")).Job);
        Assert.Equal([Face.Front, Face.Front, Face.Back], turned.Layers.Select(l => l.Face));
    }

    [Fact]
    public void Cut_out_colours_do_not_lie_on_each_other_and_stacked_ones_do()
    {
        int Stacked(Separation separation) =>
            Planner.Plan(Read(Brought(Bare, Svg(Moon), separation).Job),
                UnitSystem.Metric).Plan.Presses.Count(p => p.Purpose == PressPurpose.Tack);
        var seen = Planner.Plan(Read(Brought(Bare, Svg(Moon)).Job), UnitSystem.Metric);
        Assert.DoesNotContain(seen.Plan.Notices, n => n.Code == "shrinkage");
        var stacked = Planner.Plan(Read(Brought(Bare, Svg(Moon), Separation.Stacked).Job), UnitSystem.Metric);
        Assert.Contains(stacked.Plan.Notices, n => n.Code == "shrinkage" && n.Layers.Contains("gold"));
        // Their carriers meet either way, so they are laid one after the other.
        Assert.Equal((2, 2), (Stacked(Separation.Seen), Stacked(Separation.Stacked)));
    }

    [Fact]
    public void Glitter_over_a_hole_is_no_glitter_on_glitter()
    {
        JsonObject Glitter(Separation separation)
        {
            var json = Brought(Bare, Svg(Moon), separation).Job;
            foreach (var layer in json["layers"]!.AsArray())
                layer!["vinyl"] = "glitter";
            return json;
        }

        bool Offends(Separation s) =>
            Planner.Plan(Read(Glitter(s)), UnitSystem.Metric).Plan.Notices.Any(n => n.Code == "glitter-on-glitter");
        Assert.True(Offends(Separation.Stacked));
        Assert.False(Offends(Separation.Seen));
    }

    public static TheoryData<string, double, bool, bool> Details => new()
    {
        // Vinyl, width of the bar, whether it is too small for it, whether the tool calls its edges fine.
        { "smooth", 0.8, true, true },
        { "smooth", 1.5, false, true },
        { "smooth", 2.5, false, false },
        { "glitter", 1.5, true, true },
        { "glitter", 2.5, false, true },
        { "puff", 2.5, true, true },
        { "puff", 7, false, false },
        { "foil", 1.2, true, true },
    };

    [Theory]
    [MemberData(nameof(Details))]
    public void Whether_it_weeds_depends_on_the_vinyl(string vinyl, double width, bool tooSmall, bool fine)
    {
        var json = Brought(Bare,
            Svg(string.Create(CultureInfo.InvariantCulture,
                $"<rect x='20' y='20' width='160' height='{width}' fill='gold'/><rect x='20' y='60' width='160' height='80' " +
                    $"fill='gold'/>"))).Job;
        json["layers"]![0]!["vinyl"] = vinyl;
        var job = Read(json);
        Assert.Equal(fine, job.Layers[0].Intricate);
        var notices = Planner.Plan(job, UnitSystem.Metric).Plan.Notices;
        Assert.Equal(tooSmall, notices.Any(n => n.Code == "small-detail"));
        Assert.Equal(fine, notices.Any(n => n.Code == "edge-time"));
        if (tooSmall)
            Assert.Equal(width, notices.First(n => n.Code == "small-detail").Data["narrowest"].Value, width * 0.06);
        // What somebody says of the edges goes before what the tool sees.
        json["layers"]![0]!["intricate"] = !fine;
        Assert.Equal(!fine, Read(json).Layers[0].Intricate);
    }

    [Fact]
    public void A_tiny_drawing_is_measured_at_the_size_it_is_brought_in()
    {
        // 100 units and 4 of 5 mm: brought in more than fifty times as large.
        var job = Read(
            Brought(Bare,
                Svg("<rect x='20' y='20' width='160' height='1' fill='gold'/><rect x='20' y='60' width='160' height='80' fill='gold'/>",
                    "width='5mm' height='5mm'")).Job);
        var layer = Assert.Single(job.Layers);
        Assert.InRange(layer.WidthMm!.Value, 200, 300);
        Assert.Equal(layer.WidthMm!.Value / 160, layer.Measures!.SmallestFeatureMm, layer.WidthMm!.Value / 160 * 0.1);
    }

    [Fact]
    public void Larger_is_easier_to_weed()
    {
        var json = Brought(Bare, Svg("<rect x='20' y='20' width='160' height='0.8' fill='gold'/>")).Job;
        var layer = json["layers"]![0]!;
        (layer["widthMm"], layer["heightMm"]) = (320, 1.6);
        Assert.DoesNotContain(Planner.Plan(Read(json), UnitSystem.Metric).Plan.Notices, n => n.Code == "small-detail");
    }

    [Fact]
    public void The_weeding_step_counts_what_is_to_be_picked()
    {
        var ring = "<path fill-rule='evenodd' fill='gold' d='M0 0H80V80H0ZM10 10H30V30H10ZM40 40H60V60H40Z'/><circle cx='120' " +
            "cy='120' r='20' fill='gold'/>";
        var job = Read(Brought(Bare, Svg(ring)).Job);
        Assert.Equal((2, 2), (job.Layers[0].Measures!.Holes, job.Layers[0].Measures!.Pieces));
        var step = Planner.Plan(job, UnitSystem.Metric).Plan.Steps.Single(s => s.Stage == WorkStage.Weed);
        Assert.Contains("2 centers to weed, 2 pieces stay", step.Text, StringComparison.Ordinal);
        var figures = Shipped.Catalogue.Work.Weeding;
        var expected = figures.Seconds.Value + 2 * figures.SecondsPerCentre.Value + 2 * figures.SecondsPerPiece.Value
            + (320 + 2 * 80 + Math.PI * 40) / 1000 * figures.SecondsPerMetre.Value;
        Assert.Equal(expected, Weeding.Of(job.Layers[0], figures)!.Seconds, 1.0);
    }

    public static TheoryData<string, string, string> Wrong => new()
    {
        { "/layers/0/shape", "\"hello\"", "path data" },
        { "/layers/0/shape", "\"M0 0L10 10\"", "encloses nothing" },
        { "/layers/0/shape", "\"M0 0L1e300 0 0 10Z\"", "encloses nothing" },
        { "/layers/0/hidden", "true", "all hidden" },
        { "/layers/0/word", "{\"text\":\" \"}", "empty" },
        { "/layers/0/word", "{\"text\":\"a\",\"font\":\"gothic\"}", "brush" },
        { "/layers/0/word", "{\"text\":\"a\",\"arcDegrees\":720}", "340" },
        { "/blank/colour", "\"beige\"", "#rrggbb" },
        { "/names", "[{\"garmentColour\":\"blurple\"}]", "#rrggbb" },
        { "/names", "[{\"name\":\"Wren\",\"count\":0}]", "1 to 999" },
    };

    [Theory]
    [MemberData(nameof(Wrong))]
    public void What_is_wrong_with_artwork_in_a_file_names_the_field(string pointer, string value, string says)
    {
        var json = JsonNode.Parse(Bare)!;
        var path = pointer.Split('/')[1..];
        var place = path[..^1]
            .Aggregate(json, (n, p) => n is JsonArray a ? a[int.Parse(p, System.Globalization.CultureInfo.InvariantCulture)]! : n[p]!);
        place[path[^1]] = JsonNode.Parse(value);
        var problems = new Problems();
        Assert.Null(JobReader.Read(json.ToJsonString(), Shipped.Catalogue, problems));
        var problem = Assert.Single(problems.Found);
        Assert.True(problem.Pointer.StartsWith(pointer, StringComparison.Ordinal)
            || pointer.StartsWith(problem.Pointer, StringComparison.Ordinal), problem.Pointer);
        Assert.Contains(says, problem.Said(), StringComparison.Ordinal);
    }
}
