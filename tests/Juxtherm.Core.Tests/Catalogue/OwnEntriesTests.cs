using System.Text.Json.Nodes;
using FsCheck;
using FsCheck.Fluent;
using FsCheck.Xunit;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Reading;
using Juxtherm.Core.Tests.Plans;

namespace Juxtherm.Core.Tests.Catalogue;

/// <summary>Own vinyls, blanks and presses: read, checked, and used in plans.</summary>
public class OwnEntriesTests
{
    private static readonly CatalogueSnapshot Shipped = Core.Tests.Shipped.Catalogue;

    private static JsonObject Job(string list, JsonObject entry, Action<JsonObject> use) => SampleJobs.With(j =>
    {
        j["own"] = new JsonObject { [list] = new JsonArray(entry) };
        use(j);
    });

    private static JsonObject Entry(string json) => JsonNode.Parse(json)!.AsObject();

    private static JsonObject WithVinyl(string json) => Job("vinyls", Entry(json), j => j["layers"]![0]!["vinyl"] = "own-v");

    private static JsonObject WithBlank(string json) => Job("blanks", Entry(json), j => j["blank"]!["material"] = "own-b");

    private static JsonObject WithPress(string json) => Job("presses", Entry(json), j => j["tools"]!["heatSource"] = "own-p");

    [Fact]
    public void A_wrapper_on_the_shelf_is_a_wrapper_in_the_job()
    {
        var own = SampleJobs.Plan(
            WithVinyl("""{ "id": "own-v", "name": "Third reel", "family": "smooth", "celsius": 160, "seconds": 10, "peel": "hot" }""")).Plan;
        var said = SampleJobs.Plan(
            SampleJobs.With(j => j["layers"]![0]!["label"] = Entry("""{ "celsius": 160, "seconds": 10, "peel": "hot" }"""))).Plan;
        Assert.Equal((said.BondingPress.Celsius, said.BondingPress.Seconds, said.BondingPress.Peel.Method),
            (own.BondingPress.Celsius, own.BondingPress.Seconds, own.BondingPress.Peel.Method));
        Assert.True(own.Chart.FromWrapper);
        Assert.Contains(own.BondingPress.Figures.Single(f => f.Figure == "celsius").Lines, l => l.From == "the wrapper of this vinyl");
    }

    [Fact]
    public void An_own_puff_keeps_the_ways_of_its_family()
    {
        var plan = SampleJobs.Plan(WithVinyl("""{ "id": "own-v", "name": "Cloud", "family": "puff" }""")).Plan;
        Assert.Contains(plan.Notices, n => n.Code == "puff-once");
        Assert.Contains(plan.Options, w => w.Id == "puff");
    }

    [Fact]
    public void An_own_blank_like_glass_is_warmed_slowly_and_one_like_ceramic_is_not()
    {
        bool IsWarmed(string material) =>
            SampleJobs.Plan(
                Job("blanks",
                    Entry($$"""{ "id": "own-b", "name": "Lantern pane", "fibres": [ { "material": "{{material}}", "percent": 100 } ] }"""),
                    j =>
        {
            j["blank"] = new JsonObject { ["form"] = "plaque", ["material"] = "own-b" };
        })).Plan.Steps.Any(s => s.Text.Contains("slowly and evenly", StringComparison.Ordinal)
        && s.Text.Contains("cracks lantern pane", StringComparison.Ordinal));
        Assert.True(IsWarmed("glass"));
        Assert.False(IsWarmed("ceramic"));
    }

    [Fact]
    public void A_dial_in_celsius_shows_celsius_and_its_offset_is_made_up_for()
    {
        var plain = SampleJobs.Plan(
            WithPress("""{ "id": "own-p", "name": "Hut", "kind": "swing-platen", "dialUnit": "C", "dialStep": 1 }""")).Plan.BondingPress;
        var cool = SampleJobs.Plan(
            WithPress("""{ "id": "own-p", "name": "Hut", "kind": "swing-platen", "dialUnit": "C", "dialStep": 1, "dialOffsetK": -6 }""")).Plan.BondingPress;
        Assert.Equal(("C", plain.Celsius), (plain.Dial!.Unit, plain.Dial.Value));
        Assert.InRange(cool.Celsius - plain.Celsius, 5, 7);
        Assert.Equal(plain.Seconds, cool.Seconds, 1.0);
        Assert.Contains(cool.Figures.Single(f => f.Figure == "celsius").Lines,
            l => l.Text.Contains("6 K cooler", StringComparison.Ordinal));
    }

    [Fact]
    public void A_weighed_light_hand_is_what_the_scale_shows()
    {
        // 20 kg over 230 mm × 230 mm: 20 · 9.81 / 0.0529 m² = 3.71 kPa (g = 9.81 m/s², ISO 80000-3 rounds 9.80665).
        var job = WithPress(
            """{ "id": "own-p", "name": "Satchel", "kind": "handheld-press", "plateWidthMm": 230, "plateHeightMm": 230, "pressure": { "by": "scale", "lightKg": 8, "mediumKg": 20, "firmKg": 43 } }""");
        var press = SampleJobs.Plan(job).Plan.BondingPress;
        Assert.Equal(3.71, press.PressureKPa, 0.01);
    }

    [Fact]
    [Trait("Run", "thorough")]
    public void A_surer_press_is_safe_sooner()
    {
        double Safe(string json) => SampleJobs.Plan(WithPress(json)).Plan.Margin.FromSeconds!.Value;
        var sure = Safe(
            """{ "id": "own-p", "name": "Hut", "kind": "handheld-press", "dialErrorK": 2, "pressure": { "by": "scale", "mediumKg": 22 } }""");
        var uneven = Safe("""{ "id": "own-p", "name": "Hut", "kind": "handheld-press", "pressure": { "by": "strip", "even": false } }""");
        Assert.True(sure < uneven);
    }

    public static TheoryData<string, JsonObject, string> Wrong => new()
    {
        { "a shipped id", WithVinyl("""{ "id": "smooth", "name": "x", "family": "smooth" }"""), "/own/vinyls/0/id" },
        { "no name", WithVinyl("""{ "id": "own-v", "name": " ", "family": "smooth" }"""), "/own/vinyls/0/name" },
        { "no family", WithVinyl("""{ "id": "own-v", "name": "x" }"""), "/own/vinyls/0/family" },
        { "too hot a wrapper", WithVinyl("""{ "id": "own-v", "name": "x", "family": "smooth", "celsius": 400 }"""),
            "/own/vinyls/0/celsius" },
        { "fibres that do not sum",
            WithBlank("""{ "id": "own-b", "name": "x", "fibres": [ { "material": "cotton", "percent": 60 }, { "material": "polyester", "percent": 30 } ] }"""), "/own/blanks/0/fibres" },
        { "a cloth mixed with slate",
            WithBlank("""{ "id": "own-b", "name": "x", "fibres": [ { "material": "cotton", "percent": 60 }, { "material": "slate", "percent": 40 } ] }"""), "/own/blanks/0/fibres" },
        { "no fibres", WithBlank("""{ "id": "own-b", "name": "x", "fibres": [] }"""), "/own/blanks/0/fibres" },
        { "an unknown fibre", WithBlank("""{ "id": "own-b", "name": "x", "fibres": [ { "material": "catton", "percent": 100 } ] }"""),
            "/own/blanks/0/fibres/0/material" },
        { "steps on an iron", WithPress("""{ "id": "own-p", "name": "x", "kind": "household-iron", "dialStep": 5 }"""),
            "/own/presses/0/dialStep" },
        { "a scale without a weight",
            WithPress("""{ "id": "own-p", "name": "x", "kind": "handheld-press", "pressure": { "by": "scale" } }"""),
            "/own/presses/0/pressure/lightKg" },
        { "firm lighter than light",
            WithPress("""{ "id": "own-p", "name": "x", "kind": "handheld-press", "pressure": { "by": "scale", "lightKg": 20, "firmKg": 10 } }"""), "/own/presses/0/pressure/firmKg" },
        { "felt by the nose", WithPress("""{ "id": "own-p", "name": "x", "kind": "handheld-press", "pressure": { "by": "nose" } }"""),
            "/own/presses/0/pressure/by" },
    };

    [Theory]
    [MemberData(nameof(Wrong))]
    public void What_is_wrong_is_named(string what, JsonObject job, string pointer)
    {
        var problems = new Problems();
        Assert.Null(JobReader.Read(job.ToJsonString(), Shipped, problems));
        Assert.True(problems.Found.Any(p => p.Pointer == pointer), what + ": " + string.Join(" | ", problems.Found.Select(p => p.Pointer)));
    }

    [Theory]
    // Half and half comes out as the catalogue's own mixture does.
    [InlineData("cotton", 50, "polyester", 50, 165)]
    // A dash of elastane keeps cotton well below cotton's own limit.
    [InlineData("cotton", 95, "elastane", 5, 165)]
    [InlineData("polyester", 92, "elastane", 8, 150)]
    [InlineData("cotton", 98, "polyester", 2, 194)]
    public void A_mixture_bears_little_more_than_its_most_delicate_fibre(string one, double share, string other, double rest, double limit)
    {
        var blend = Blend.Of("own-b", "x", [new(Shipped.Materials[one], share / 100), new(Shipped.Materials[other], rest / 100)]);
        Assert.Equal(limit, blend.Limit.Celsius.Value, 0.5);
    }

    [Property(MaxTest = 200)]
    public Property A_mixture_lies_between_its_fibres()
    {
        var cloths = Shipped.Materials.Values.Where(m => m.Kind == MaterialKind.Cloth && m.Doubt.NeverPressed is null).ToList();
        var pairs = from a in Gen.Elements(cloths.AsEnumerable())
                    from b in Gen.Elements(cloths.AsEnumerable())
                    from share in Gen.Choose(1, 99)
                    select (a, b, share / 100.0);
        return Prop.ForAll(pairs.ToArbitrary(), p =>
        {
            var blend = Blend.Of("own-b", "x", [new(p.a, p.Item3), new(p.b, 1 - p.Item3)]);
            void Between(Func<Material, double> of) =>
                Assert.InRange(of(blend), Math.Min(of(p.a), of(p.b)) - 0.51, Math.Max(of(p.a), of(p.b)) + 0.51);
            Between(m => m.Limit.Celsius.Value);
            Between(m => m.Thermal.ThicknessMm.Value);
            Between(m => m.Thermal.RegainPercent?.Value ?? 0);
            Between(m => m.Demand.Value);
        });
    }
}
