using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Settings;
using Juxtherm.Core.Stacking;

namespace Juxtherm.Core.Plans.Stages;

/// <summary>The first stage of a plan: each layer with its chart, and what lies on what.</summary>
/// <param name="Job">The job.</param>
/// <param name="Layers">Its layers, with their charts.</param>
/// <param name="Stack">What lies on what.</param>
/// <param name="Words">Writes figures in the reader's units.</param>
/// <param name="Catalogue">The catalogue that it is planned by.</param>
public record ChartedJob(Job Job, IReadOnlyList<LayerInPlan> Layers, Stackup Stack, IWords Words, CatalogueSnapshot Catalogue)
{
    /// <summary>Figures of the work itself.</summary>
    public WorkFigures Figures => Catalogue.Work;

    /// <summary>The layer whose chart is the hottest: it leads.</summary>
    public LayerInPlan Lead => Layers.MaxBy(l => l.Chart.Celsius.Value)!;

    /// <summary>The only or leading layer on its blank.</summary>
    public Workpiece Work => Lead.Work;

    /// <summary>Cloth and hide that lie flat can be turned over; what stands in a frame, is hard or foamed cannot.</summary>
    public bool CanBeTurned =>
        Work.Material.Kind is MaterialKind.Cloth or MaterialKind.Hide
        && Work.Form is { Supported: true, Framed: false, Shape: FaceShape.Flat } && Work.Source.HotAirWm2K is null
        && Layers.All(l => !l.Work.Vinyl.Press.HeatsOnce.Value && l.Layer.Face == Layers[0].Layer.Face);

    /// <summary>How long a press from the back lasts, s.</summary>
    public double BackSeconds => Job.Used?.BackSeconds is > 0 and var used ? used : Work.Source.Usual.BackPressSeconds.Value;

    /// <summary>A layer by its id.</summary>
    /// <param name="id">Its id.</param>
    public LayerInPlan Layer(string id) => Layers.First(l => l.Id == id);

    /// <summary>A layer as the reader knows it: its vinyl, and where there are several its id.</summary>
    /// <param name="layer">The layer.</param>
    public string NameOf(LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(layer);
        return Layers.Count == 1
            ? Words.Say("charted-job.name-of", ("vinyl", layer.Work.Vinyl.Name))
            : Words.Say("charted-job.name-of-2", ("vinyl", layer.Work.Vinyl.Name), ("layer", layer.Id));
    }
}
