using System.Text.Json.Nodes;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Plans;
using Juxtherm.Core.Plans.Options;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Words;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>Names that outside scripts rely on: they may be added to, never renamed.</summary>
public class ContractTests
{
    private static readonly CatalogueSnapshot Catalogue = Shipped.Catalogue;

    private static readonly string[] Codes =
    [
        "mirror", "do-not-mirror", "carrier-side", "cut-preset", "test-cut", "too-wide-for-cutter", "split-joins", "needs-sections",
        "seam-under-plate", "collar-under-plate", "zip-crossing", "metal-under-heat", "frame-needs-support", "clamshell-frame",
        "damp-underlay",
        "no-ironing-board", "steam-off", "cover-needed", "waxed-paper", "blank-too-hot", "no-safe-setting", "dye-migration",
        "not-pressable", "do-not-press-label", "unknown-blank", "test-patch", "heat-source-unsuitable",
        "pressure-not-adjustable", "underneath-not-allowed", "glitter-on-glitter", "puff-once", "puff-covered", "carrier-overlap",
        "heat-budget", "shrinkage", "cold-peel-wait", "edge-time", "lofty-face", "placement-low",
        "placement-collar", "cushion-margin", "wash-24h", "hand-wash-only", "hot-surface", "ventilate", "small-detail", "label-implausible",
        "names-count", "carrier-trim", "laying-order", "not-covered", "puff-twice", "label-press", "open-weave", "off-item",
        "variant-too-wide", "colour-lost", "font-missing", "reads-backwards", "may-fail",
    ];

    [Fact]
    public void Every_notice_code_has_its_rule_and_no_rule_another() =>
        Assert.Equal(Codes.Order(StringComparer.Ordinal), PlanRules.Whole.Select(r => r.Code).Concat(PlanRules.PerLayer.Select(r => r.Code))
            .Distinct().Order(StringComparer.Ordinal));

    [Theory]
    [InlineData("smooth,stretch,low-temp,glitter,holographic,foil,flock,puff,glow,reflective,patterned,printable,blockout,nylon-bond",
        "vinyls")]
    [InlineData("swing-platen,clamshell-platen,draw-platen,auto-platen,handheld-press," +
        "hand-iron,household-iron,mug-press,cap-press,heat-gun", "presses")]
    [InlineData("cotton,linen,denim,canvas,primed-canvas,jute,cotton-poly,polyester,tri-blend,fleece,poly-fleece," +
        "nylon,coated-nylon,acrylic,wool-felt,poly-felt,elastane,softshell,neoprene,leather-veg,leather-chrome,leather-unknown," +
        "suede,faux-leather,cork,wood,paperboard,ceramic,glass,slate,metal,polypropylene,pvc,silicone,unknown", "materials")]
    [InlineData("tee,bodysuit,sweatshirt,jersey,one-piece,apron,cap,tote,cushion,pot-holder,neckerchief,stocking," +
        "pennant,stretched-canvas,patch,key-fob,mug,coaster,plaque,flat", "forms")]
    [InlineData("pad,mat,pillow,towel,board,ironing-board,none", "underlays")]
    [InlineData("ptfe,parchment,paper,waxed-paper,carrier,none", "covers")]
    public void Ids_stay(string ids, string what)
    {
        IEnumerable<string> known = what switch
        {
            "vinyls" => Catalogue.Vinyls.Keys,
            "presses" => Catalogue.HeatSources.Keys,
            "materials" => Catalogue.Materials.Keys,
            "forms" => Catalogue.Forms.Keys,
            "underlays" => Catalogue.Underlays.Keys,
            _ => Catalogue.Covers.Keys,
        };
        Assert.Subset(known.ToHashSet(StringComparer.Ordinal), ids.Split(',').ToHashSet(StringComparer.Ordinal));
    }

    [Fact]
    public void Ways_of_doing_it_keep_their_names() => Assert.Equal(
        new[]
        {
            "backPress", "backPressWhen", "centring", "cover", "finishPress", "firstTry", "householdIron", "lastPress", "layerMethod",
            "layingOut", "peelCheck", "placement", "preheat", "prewash", "puff", "totalHeat", "underlay",
            "unknownBlank", "upperLayers",
        },
        AllOptions.List.Select(w => w.Id).Order(StringComparer.Ordinal));

    [Fact]
    public void What_a_job_file_may_answer_is_what_the_options_offer()
    {
        var offered = AllOptions.List.Where(o => o.Pointer.StartsWith("/choices/", StringComparison.Ordinal)).ToDictionary(
            o => o.Id, o => o.GetType().GetFields().Where(f => f.IsLiteral && f.FieldType == typeof(string))
            .Select(f => (string)f.GetRawConstantValue()!).Order(StringComparer.Ordinal), StringComparer.Ordinal);
        Assert.Equal(Choices.Accepted.Keys.Order(StringComparer.Ordinal), offered.Keys.Order(StringComparer.Ordinal));
        Assert.All(Choices.Accepted, c => Assert.Equal(c.Value.Order(StringComparer.Ordinal), offered[c.Key]));
    }

    [Fact]
    public void The_example_of_the_job_file_is_planned_as_it_stands()
    {
        var job = JsonNode.Parse("""
            { "format": "juxtherm.job", "version": 1, "title": "Crew tee", "quantity": 12,
              "blank": { "form": "tee", "size": "adult-m", "material": "cotton", "face": "front", "widthMm": 430, "heightMm": 560, "careDots": 3, "traits": ["prewashed"],
                         "features": [ { "kind": "collar", "xMm": 140, "yMm": 0, "widthMm": 150, "heightMm": 60 } ] },
              "tools": { "heatSource": "swing-platen", "plateWidthMm": 380, "plateHeightMm": 380, "underlay": "pad", "cover": "ptfe", "cutterWidthMm": 292, "cutterLengthMm": 292, "steam": false },
              "layers": [ { "id": "sky", "vinyl": "smooth", "colour": "#1b2a49", "widthMm": 240, "heightMm": 180, "xMm": 95, "yMm": 135, "carrierMarginMm": 6, "over": [], "intricate": false, "mirrored": true,
                            "label": { "celsius": 155, "seconds": 15, "pressure": "medium", "peel": "hot" } } ],
              "choices": { "prewash": "advise", "layout": "advise", "layerMethod": "advise", "backPress": "advise", "placement": "measured" } }
            """)!.AsObject();
        var plan = SampleJobs.Plan(job).Plan;
        Assert.Equal(Verdict.Go, plan.Verdict);
        Assert.Equal(PeelMethod.Hot, plan.BondingPress.Peel.Method);
        Assert.InRange(plan.BondingPress.Celsius, 150, 160);
        Assert.InRange(plan.BondingPress.Seconds, 12, 18);
        Assert.Equal(0, plan.BondingPress.Peel.FromSeconds);
    }

    [Theory]
    [Trait("Run", "thorough")]
    // Tables that stand in the documentation are those that the program writes today.
    [InlineData("mug-press")]
    [InlineData("cap-press")]
    public void The_tables_of_every_combination_are_current(string source)
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder.FullName, "Juxtherm.slnx")))
            folder = folder.Parent!;
        var kept = File.ReadAllText(Path.Combine(folder.FullName, "docs", "matrix", source + ".md"));
        Assert.Equal(kept,
            new MatrixTable(new Planner(Catalogue, Language.English), Language.English.WordsFor(Core.Notices.UnitSystem.Metric))
            .Of(Catalogue.HeatSources[source], TestContext.Current.CancellationToken));
    }
}
