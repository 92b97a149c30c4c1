using System.Globalization;
using System.Text.Json.Nodes;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Options;
using Juxtherm.Core.Practice.Bench;
using Juxtherm.Core.Practice.Cases;
using Juxtherm.Core.Practice.Players;
using Juxtherm.Core.Reading;

namespace Juxtherm.Core.Practice.Making;

/// <summary>Makes cases up from a number: always the same from the same, and always with a good answer.</summary>
/// <param name="room">The catalogue and the planner.</param>
internal sealed class CaseMaker(PracticeRoom room)
{
    private const int MostDraws = 40;
    private const int MostProps = 3;
    private const int MostRehearsals = 3;

    // What is hidden, as standard deviations; the press's own stated errors are read as nine in ten (docs/certainty.md).
    private const double DemandSpread = 0.25;
    private const double TakesSpread = 0.15;
    private const double MoistureSpread = 0.4;
    private const double FurthestSpreads = 1.8;

    // A sole is switched on and off within so many kelvin (from memory).
    private const double MostWanderK = 12;

    private static readonly (string Form, string Material)[] Blanks =
    [
        ("tee", "cotton"), ("tee", "cotton-poly"), ("jersey", "polyester"), ("sweatshirt", "fleece"), ("tote", "canvas"), ("tote", "jute"),
        ("cushion", "linen"), ("pennant", "poly-felt"), ("apron", "denim"), ("coaster", "slate"), ("plaque", "wood"),
            ("neckerchief", "cotton"),
    ];

    private static readonly string[] Vinyls = ["smooth", "smooth", "glitter", "foil", "stretch", "patterned", "glow", "low-temp"];
    private static readonly string[] Presses = ["swing-platen", "clamshell-platen", "handheld-press", "draw-platen", "household-iron"];
    private static readonly string[] AnyProps = ["cut-file", "mat", "test-cut", "computer", "collar", "height", "wash", "wire"];

    /// <summary>A case that is written down; null where the catalogue does not take it.</summary>
    public HiddenCase? Of(WrittenCase written)
    {
        if (JobOf(written.Id, written.Form, written.Material, written.Vinyls, written.Press, written.Layout) is not { } job)
            return null;
        var real = written is { VinylInTruth: null, MaterialInTruth: null } ? null : JobOf(written.Id, written.Form,
            written.MaterialInTruth ?? written.Material, written.VinylInTruth is { } vinyl ? [vinyl] : written.Vinyls, written.Press,
            written.Layout);
        var met = new PracticeCase(written.Id, written.Title, written.Story, job, [.. written.Props.Select(Props.Of)])
        {
            HasLabel = HasLabel(job),
            Shelf = [.. written.Shelf.Select(v => room.Catalogue.Vinyls[v])],
            Unmarked = written.VinylInTruth is not null,
        };
        return new HiddenCase(met, written.Truth) { InTruth = real };
    }

    /// <summary>A case from a number.</summary>
    /// <param name="seed">Its number, 0 or more.</param>
    public HiddenCase Of(int seed)
    {
        // A draw without a good answer is drawn again: nobody is asked for what cannot be done.
        for (var draw = 0; ; draw++)
        {
            var chance = new Random(unchecked((seed + 1) * 7919 + draw));
            if (Draw(seed, chance) is { } hidden && (draw >= MostDraws || Player.Knowing(hidden, room) is not null))
                return hidden;
        }
    }

    /// <summary>A rehearsal of somebody's own job: with a press as it may be by what is known of it, and what tempts with such an
    /// item.</summary>
    /// <param name="id">Its id.</param>
    /// <param name="job">The job, as this workshop would press it.</param>
    /// <param name="seed">Its number, 0 or more.</param>
    public HiddenCase Rehearsal(string id, Job job, int seed)
    {
        var chance = new Random(unchecked((seed + 1) * 104_729));
        var props = AnyProps.Where(p => Fits(p, job) && chance.Next(3) == 0).Take(MostProps).Select(Props.Of).ToList();
        var met = new PracticeCase(id, new Phrase("case.rehearsal", ("title", job.Title)), Story(job), job, props)
        { HasLabel = HasLabel(job) };
        for (var draw = 0; draw < MostRehearsals; draw++)
            if (new HiddenCase(met, TruthFor(job, chance)) is var hidden && Player.Knowing(hidden, room) is not null)
                return hidden;
        // Where nothing that was drawn can be done well, it is rehearsed with everything as is usual.
        return new HiddenCase(met, HiddenTruth.Usual);
    }

    private HiddenCase? Draw(int seed, Random chance)
    {
        var (form, material) = Blanks[chance.Next(Blanks.Length)];
        var (vinyl, press) = (Vinyls[chance.Next(Vinyls.Length)], Presses[chance.Next(Presses.Length)]);
        var id = string.Create(CultureInfo.InvariantCulture, $"seed-{seed}");
        if (JobOf(id, form, material, [vinyl], press) is not { } job
            || !job.Tools.Source.Presses.Contains(job.Blank.Form.Shape) || vinyl == "low-temp"
                && job.Blank.Material.Kind == MaterialKind.Hard)
            return null;
        var props = AnyProps.Where(_ => chance.Next(3) == 0).Where(p => Fits(p, job)).Take(MostProps).Select(Props.Of).ToList();
        var met = new PracticeCase(id, new Phrase("case.seed", ("number", seed)), Story(job), job, props) { HasLabel = HasLabel(job) };
        return new HiddenCase(met, TruthFor(job, chance));
    }

    /// <summary>What anybody is told of a job; what it is made of stands on its label, where it has one.</summary>
    public static Phrase Story(Job job) => HasLabel(job)
        ? new Phrase("case.story-label", ("vinyl", job.Layers[0].Vinyl.Name), ("item", job.Blank.Form.Name),
            ("press", job.Tools.Source.Name))
        : new Phrase("case.story", ("vinyl", job.Layers[0].Vinyl.Name), ("item", job.Blank.Form.Name),
            ("material", job.Blank.Material.Name), ("press", job.Tools.Source.Name));

    /// <summary>Sewn things have a label, unless nobody knows what they are made of.</summary>
    public static bool HasLabel(Job job) => job.Blank.Material is { Kind: MaterialKind.Cloth, Doubt.Uncertain: null }
        && !job.Blank.Form.Framed;

    /// <summary>What is hidden at a press, by its own stated errors.</summary>
    /// <param name="job">The job.</param>
    /// <param name="chance">Draws.</param>
    /// <param name="wider">So many times as far off as such presses are.</param>
    public static HiddenTruth TruthFor(Job job, Random chance, double wider = 1)
    {
        double Bell()
        {
            var sum = Enumerable.Range(0, 12).Sum(_ => chance.NextDouble()) - 6;
            return wider * Math.Clamp(sum, -FurthestSpreads, FurthestSpreads);
        }

        var source = job.Tools.Source;
        const double spreadsInError = 1.645;
        return new HiddenTruth(
            Bell() * source.Dial.ErrorK.Value / spreadsInError,
            Math.Exp(Bell() * Math.Log(source.Pressure.ErrorFactor.Value) / spreadsInError),
            0.85 + 0.15 * chance.NextDouble(), 3 * chance.NextDouble(),
            Math.Exp(Bell() * MoistureSpread), Math.Exp(Bell() * DemandSpread), Math.Exp(Bell() * TakesSpread),
            0.55 + 0.2 * chance.NextDouble())
        {
            WanderK = source.Dial.Marks.Count > 0 ? MostWanderK * chance.NextDouble() : 0,
        };
    }

    private static bool Fits(string prop, Job job) => prop switch
    {
        "collar" or "height" => job.Blank.Form.Id is "tee" or "sweatshirt" or "jersey",
        "wire" => job.Blank.Form.Id is "apron" or "tote",
        "wash" => job.Blank.Material.Care != CareKind.Wipe,
        "cut-file" => job.Layers.All(l => l.Vinyl.Cut.Mirrored.Value),
        _ => true,
    };

    /// <summary>A job of layers; null where the catalogue does not take it.</summary>
    public Job? JobOf(string title, string form, string material, IReadOnlyList<string> vinyls, string press,
        PieceLayout layout = PieceLayout.Stacked)
    {
        var file = new JsonObject
        {
            ["format"] = "juxtherm.job",
            ["version"] = 1,
            ["title"] = title,
            ["blank"] = new JsonObject { ["form"] = form, ["material"] = material },
            ["tools"] = new JsonObject { ["heatSource"] = press },
            ["layers"] = new JsonArray([.. vinyls.Select((vinyl, i) => (JsonNode)LayerOf(vinyl, i, layout))]),
        };
        // What lies apart need not be tacked.
        if (layout == PieceLayout.SideBySide)
            file["choices"] = new JsonObject { [new LayersMethod().Id] = LayersMethod.AtOnce };
        return JobReader.Read(file.ToJsonString(), room.Catalogue, new Problems());
    }

    private static JsonObject LayerOf(string vinyl, int i, PieceLayout layout)
    {
        static string Id(int at) => ((char)('a' + at)).ToString();
        var stacked = layout == PieceLayout.Stacked;
        var (width, height) = layout switch
        {
            PieceLayout.Wide => (300, 90),
            PieceLayout.SideBySide => (40, 40),
            PieceLayout.BothFaces => (120, 80),
            _ => (150 - 24 * i, 90 - 16 * i),
        };
        var (x, y) = layout switch
        {
            PieceLayout.Wide => (90, 140),
            PieceLayout.SideBySide => (20 + 60 * (i % 2), 20 + 60 * (i / 2)),
            PieceLayout.BothFaces => (150, 140),
            _ => (130 + 12 * i, 140 + 8 * i),
        };
        var layer = new JsonObject
        {
            ["id"] = Id(i),
            ["vinyl"] = vinyl,
            ["widthMm"] = width,
            ["heightMm"] = height,
            ["xMm"] = x,
            ["yMm"] = y,
            ["over"] = new JsonArray([.. Enumerable.Range(0, stacked ? i : 0).Select(k => (JsonNode)Id(k))]),
        };
        if (layout == PieceLayout.BothFaces && i > 0)
            layer["face"] = "back";
        return layer;
    }
}
