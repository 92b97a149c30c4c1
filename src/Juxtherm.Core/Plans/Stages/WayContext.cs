using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Settings;
using Juxtherm.Core.Stacking;

namespace Juxtherm.Core.Plans.Stages;

/// <summary>What a way of doing it may look at. The later members are filled in as the plan comes together.</summary>
/// <param name="Job">The job.</param>
/// <param name="Layers">Its layers, with their charts.</param>
/// <param name="Stack">What lies on what.</param>
/// <param name="Words">Writes figures in the reader's units.</param>
/// <param name="Figures">Figures of the work.</param>
public sealed record WayContext(Job Job, IReadOnlyList<LayerInPlan> Layers, Stackup Stack, Wording Words, WorkFigures Figures)
{
    /// <summary>The setting; null while it is being looked for.</summary>
    public FoundSetting? Found { get; init; }

    /// <summary>What each layer's full press is set to, by its id; one for all where one serves them. Empty while it is being looked for.</summary>
    public IReadOnlyDictionary<string, PressSet> Sets { get; init; } = new Dictionary<string, PressSet>(StringComparer.Ordinal);

    /// <summary>What the model measured; null before it was rehearsed.</summary>
    public Measured? Measured { get; init; }

    /// <summary>The layer whose chart is the hottest: it leads.</summary>
    public LayerInPlan Lead => Layers.MaxBy(l => l.Chart.Celsius.Value)!;

    /// <summary>The only or leading layer on its blank.</summary>
    public Workpiece Work => Lead.Work;

    /// <summary>Layers are set differently, so that the dial is turned between presses.</summary>
    public bool SetApart => Sets.Values.Distinct().Count() > 1;

    /// <summary>The settings of the job, the least certain first.</summary>
    public IReadOnlyList<FoundSetting> Settings => [.. Sets.Values.Select(s => s.Found).Distinct().OrderByDescending(f => f.Outcome)];

    /// <summary>What presses of some layers are set to: the leading one's where they differ.</summary>
    /// <param name="layers">Their ids; none for the leading layer's.</param>
    public PressSet SetOf(IReadOnlyList<string> layers)
    {
        ArgumentNullException.ThrowIfNull(layers);
        return Sets[layers.Count == 0 ? Lead.Id : layers.MaxBy(id => Layer(id).Chart.Celsius.Value)!];
    }

    /// <summary>Cloth and hide that lie flat can be turned over; what stands in a frame, is hard or foamed cannot.</summary>
    public bool CanBeTurned => Work.Material.Kind is MaterialKind.Cloth or MaterialKind.Hide && Work.Form is { Supported: true, Framed: false, Shape: FaceShape.Flat } && Work.Source.HotAirWm2K is null
        && Layers.All(l => !l.Work.Vinyl.HeatsOnce.Value && l.Layer.Face == Layers[0].Layer.Face);

    /// <summary>How long a press from the back lasts, s.</summary>
    public double BackSeconds => Job.Used?.BackSeconds is > 0 and var used ? used : Work.Source.BackPressSeconds.Value;

    /// <summary>A layer by its id.</summary>
    /// <param name="id">Its id.</param>
    public LayerInPlan Layer(string id) => Layers.First(l => l.Id == id);

    /// <summary>A layer as the reader knows it: its vinyl, and where there are several its id.</summary>
    /// <param name="layer">The layer.</param>
    public string NameOf(LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(layer);
        return Layers.Count == 1 ? $"{layer.Work.Vinyl.Name} vinyl" : $"{layer.Work.Vinyl.Name} vinyl “{layer.Id}”";
    }
}
