using Juxtherm.Core.Editing;
using Juxtherm.Core.Geometry;
using Juxtherm.Core.Items;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Sections;
using Juxtherm.Core.Settings;
using Juxtherm.Core.Stacking;

namespace Juxtherm.Core.Plans.Checks;

/// <summary>What a planning rule may look at.</summary>
/// <param name="About">The job with its layers, setting and ways of doing it.</param>
/// <param name="Presses">The presses in order.</param>
/// <param name="BondShare">Least bond that the plan ends with, share of what is wanted.</param>
/// <param name="HeatDose">Heat that each layer has had in the end, as a share of its chart's.</param>
/// <param name="HottestBareCelsius">Hottest the bare face gets in the plan, °C.</param>
/// <param name="ChartHottestBareCelsius">Hottest the bare face would get with the chart setting as it stands, °C.</param>
public sealed record PlanContext(
    RehearsedJob About, IReadOnlyList<PressInPlan> Presses, double BondShare, IReadOnlyDictionary<string, double> HeatDose,
    double HottestBareCelsius, double ChartHottestBareCelsius)
{
    private IReadOnlyList<(BlankShape Shape, SectionPlan Plan)>? _covered;

    /// <summary>The job.</summary>
    public Job Job => About.Job;

    /// <summary>Every layer ends with bond enough to hold.</summary>
    public required bool AllHold { get; init; }

    /// <summary>The hottest that the bare face of any piece of the run gets with everything off to the hot side, °C; 0 where nobody
    /// asks.</summary>
    public double HottestOfRunCelsius { get; init; }

    /// <summary>What the item's label allows, °C; null where it says nothing.</summary>
    public Catalogue.Sourced<double>? LabelCap { get; init; }

    /// <summary>Heat that each layer has had in the end where only one placement of the plate lies over it, as a share of its
    /// chart's.</summary>
    public IReadOnlyDictionary<string, double> HeatDoseOnce { get; init; } = new Dictionary<string, double>(StringComparer.Ordinal);

    /// <summary>Bare face of the warmest piece of the run, °C.</summary>
    public double WarmestPieceCelsius { get; init; }

    /// <summary>What would keep a run within its limit, the simplest first.</summary>
    public IReadOnlyList<BatchHelp> RunHelps { get; init; } = [];

    /// <summary>How sure it is.</summary>
    public required PlanCertainty Certainty { get; init; }

    /// <summary>The orders of laying that were found.</summary>
    internal FoundOrders? Orders { get; init; }

    /// <summary>The order that the plan follows.</summary>
    internal LaidSequence? Sequence { get; init; }

    /// <summary>How the plate covers each face on which artwork is placed, over all presses of vinyl.</summary>
    internal IReadOnlyList<(BlankShape Shape, SectionPlan Plan)> Covered => _covered ??= [.. Presses.Where(p => p.Layers.Count > 0)
        .SelectMany(p => p.Layers.GroupBy(id => About.Layer(id).Layer.Face),
            (_, face) => (Face: face.Key, Ids: string.Join('\n', face.Order(StringComparer.Ordinal)), Layers: face.ToList()))
        .DistinctBy(p => (p.Face, p.Ids))
        .Where(p => Job.Blank.Faces.ContainsKey(p.Face))
        .Select(p => (Job.Blank.Faces[p.Face], JobSections.Of(Job, p.Face, p.Layers).Plan))
        .Where(p => p.Plan is not null).Select(p => (p.Item1, p.Plan!))];

    /// <summary>Its layers.</summary>
    public IReadOnlyList<LayerInPlan> Layers => About.Layers;

    /// <summary>What lies on what.</summary>
    public Stackup Stack => About.Stack;

    /// <summary>The leading layer on its blank under its press.</summary>
    public Workpiece Work => About.Work;

    /// <summary>The leading layer's chart setting.</summary>
    public Chart Chart => About.Lead.Chart;

    /// <summary>The setting found.</summary>
    public FoundSetting Found => About.Found;

    /// <summary>Writes figures in the reader's units.</summary>
    public IWords Words => About.Words;

    /// <summary>Figures of the work.</summary>
    public Catalogue.WorkFigures Figures => About.Figures;

    /// <summary>Faces on which artwork is placed, with the box around it.</summary>
    public IEnumerable<(BlankShape Shape, Box Artwork)> PlacedFaces =>
        Job.Blank.Faces.Values.Select(shape => (shape, Art: JobPlacement.Artwork(Job, shape.Face))).Where(f => f.Art is not null)
        .Select(f => (f.shape, f.Art!.Value));

    /// <summary>A layer as the reader knows it: its vinyl, and where there are several its id.</summary>
    /// <param name="layer">The layer.</param>
    public string Named(LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(layer);
        return About.NameOf(layer);
    }
}
