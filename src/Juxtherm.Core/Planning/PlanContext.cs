using Juxtherm.Core.Geometry;
using Juxtherm.Core.Layering;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Placement;
using Juxtherm.Core.Planning.Ways;
using Juxtherm.Core.Recipes;

namespace Juxtherm.Core.Planning;

/// <summary>A press of the plan, as far as rules look at it.</summary>
/// <param name="Purpose">What it is for.</param>
/// <param name="Laid">Layers laid just before it, whose carriers are on.</param>
/// <param name="Seconds">How long, s.</param>
public sealed record PressInPlan(PressPurpose Purpose, IReadOnlyList<string> Laid, double Seconds)
{
    /// <summary>Layers it presses.</summary>
    public IReadOnlyList<string> Layers { get; init; } = [];

    /// <summary>Layers that it does not press, but heats again beyond where their glue begins to hold.</summary>
    public IReadOnlyList<string> Reheated { get; init; } = [];

    /// <summary>How long it would have been for the full bond, s, where it was cut short for a layer's sake; null where it was not.</summary>
    public double? InsteadOfSeconds { get; init; }
}

/// <summary>What a planning rule may look at.</summary>
/// <param name="About">The job with its layers, setting and ways of doing it.</param>
/// <param name="Presses">The presses in order.</param>
/// <param name="BondShare">Least bond that the plan ends with, share of what is wanted.</param>
/// <param name="Burden">Heat that each layer has had in the end, as a share of its chart's.</param>
/// <param name="HottestBareCelsius">Hottest the bare face gets in the plan, °C.</param>
/// <param name="ChartHottestBareCelsius">Hottest the bare face would get with the chart setting as it stands, °C.</param>
public sealed record PlanContext(
    WayContext About, IReadOnlyList<PressInPlan> Presses, double BondShare, IReadOnlyDictionary<string, double> Burden, double HottestBareCelsius, double ChartHottestBareCelsius)
{
    private IReadOnlyList<(BlankShape Shape, Pressing.SectionPlan Plan)>? _covered;

    /// <summary>The job.</summary>
    public Job Job => About.Job;

    /// <summary>Every layer ends with bond enough to hold.</summary>
    public required bool AllHold { get; init; }

    /// <summary>The hottest that the bare face of any piece of the run gets with everything off to the hot side, °C; 0 where nobody asks.</summary>
    public double HottestOfRunCelsius { get; init; }

    /// <summary>What the item's label allows, °C; null where it says nothing.</summary>
    public Catalogue.Sourced<double>? LabelCap { get; init; }

    /// <summary>Heat that each layer has had in the end where only one placement of the plate lies over it, as a share of its chart's.</summary>
    public IReadOnlyDictionary<string, double> BurdenOnce { get; init; } = new Dictionary<string, double>(StringComparer.Ordinal);

    /// <summary>The orders of laying that were found.</summary>
    internal FoundOrders? Orders { get; init; }

    /// <summary>The order that the plan follows.</summary>
    internal LaidSequence? Sequence { get; init; }

    /// <summary>How the plate covers each face on which artwork is placed, over all presses of vinyl.</summary>
    internal IReadOnlyList<(BlankShape Shape, Pressing.SectionPlan Plan)> Covered => _covered ??= [.. Presses.Where(p => p.Layers.Count > 0)
        .SelectMany(p => p.Layers.GroupBy(id => About.Layer(id).Layer.Face), (_, face) => (Face: face.Key, Ids: string.Join('\n', face.Order(StringComparer.Ordinal)), Layers: face.ToList()))
        .DistinctBy(p => (p.Face, p.Ids))
        .Where(p => Job.Blank.Faces.ContainsKey(p.Face))
        .Select(p => (Job.Blank.Faces[p.Face], JobSections.Of(Job, p.Face, p.Layers).Plan))
        .Where(p => p.Plan is not null).Select(p => (p.Item1, p.Plan!))];

    /// <summary>Its layers.</summary>
    public IReadOnlyList<LayerInPlan> Layers => About.Layers;

    /// <summary>What lies on what.</summary>
    public Lying Lying => About.Lying;

    /// <summary>The leading layer on its blank under its press.</summary>
    public Workpiece Work => About.Work;

    /// <summary>The leading layer's chart setting.</summary>
    public Chart Chart => About.Lead.Chart;

    /// <summary>The setting found.</summary>
    public FoundSetting Found => About.Found!;

    /// <summary>Writes figures in the reader's units.</summary>
    public Wording Words => About.Words;

    /// <summary>Figures of the work.</summary>
    public Catalogue.WorkFigures Figures => About.Figures;

    /// <summary>Faces on which artwork is placed, with the box around it.</summary>
    public IEnumerable<(BlankShape Shape, Box Artwork)> PlacedFaces =>
        Job.Blank.Faces.Values.Select(shape => (shape, Art: JobPlacement.Artwork(Job, shape.Face))).Where(f => f.Art is not null).Select(f => (f.shape, f.Art!.Value));

    /// <summary>A layer as the reader knows it: its vinyl, and where there are several its id.</summary>
    /// <param name="layer">The layer.</param>
    public string Named(LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(layer);
        return About.NameOf(layer);
    }
}

/// <summary>One thing the planner watches for. A new rule is a new class in this folder's <c>Rules</c>; it is found by itself.</summary>
public interface IPlanRule
{
    /// <summary>The code of the notice it gives.</summary>
    string Code { get; }

    /// <summary>What it says can be accepted with a word; never what can hurt somebody.</summary>
    bool Acceptable => false;

    /// <summary>What it notes is true of every such job.</summary>
    bool Standing => false;

    /// <summary>Looks at a plan in the making.</summary>
    /// <param name="plan">The plan.</param>
    /// <returns>What it has to say; null for nothing.</returns>
    Notice? Look(PlanContext plan);
}

/// <summary>A rule that looks at each layer by itself. What it says of several in the same words is said once.</summary>
public interface ILayerRule
{
    /// <summary>The code of the notice it gives.</summary>
    string Code { get; }

    /// <summary>What it says can be accepted with a word; never what can hurt somebody.</summary>
    bool Acceptable => false;

    /// <summary>Looks at a layer of a plan in the making.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="layer">The layer.</param>
    /// <returns>What it has to say; null for nothing.</returns>
    Notice? Look(PlanContext plan, LayerInPlan layer);
}

/// <summary>All rules that ship.</summary>
public static class PlanRules
{
    /// <summary>Rules that look at the whole plan.</summary>
    public static IReadOnlyList<IPlanRule> Whole { get; } = Found<IPlanRule>();

    /// <summary>Rules that look at each layer.</summary>
    public static IReadOnlyList<ILayerRule> PerLayer { get; } = Found<ILayerRule>();

    /// <summary>Everything that the rules have to say, stops first.</summary>
    /// <param name="plan">The plan in the making.</param>
    public static IReadOnlyList<Notice> Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var ofLayers = SaidOnce.Of(plan, PerLayer.SelectMany(rule => plan.Layers.Select(layer => rule.Look(plan, layer))).OfType<Notice>());
        return
        [
            .. Whole.Select(rule => rule.Look(plan)).OfType<Notice>().Concat(ofLayers)
                .Select(n => n.Acceptable && plan.Job.Accepted.TryGetValue(n.Code, out var word) ? n with { Accepted = word } : n)
                .OrderByDescending(n => n.Weight).ThenByDescending(n => n.Level).ThenBy(n => n.Code, StringComparer.Ordinal),
        ];
    }

    internal static Notice Say(this IPlanRule rule, PlanContext plan, NoticeLevel level, string text, string why, params (string Name, double Value, string Unit)[] data) =>
        Notice.Of(rule.Code, level, text, why, data, [.. plan.Layers.Select(l => l.Id)], rule.Acceptable) with { Standing = rule.Standing && level == NoticeLevel.Note };

    internal static Notice Say(this ILayerRule rule, LayerInPlan layer, NoticeLevel level, string text, string why, params (string Name, double Value, string Unit)[] data) =>
        Notice.Of(rule.Code, level, text, why, data, [layer.Id], rule.Acceptable);

    private static IReadOnlyList<T> Found<T>() =>
    [
        .. typeof(PlanRules).Assembly.GetTypes()
            .Where(t => t is { IsClass: true, IsAbstract: false } && t.IsAssignableTo(typeof(T)))
            .OrderBy(t => t.Name, StringComparer.Ordinal)
            .Select(t => (T)Activator.CreateInstance(t)!),
    ];
}
