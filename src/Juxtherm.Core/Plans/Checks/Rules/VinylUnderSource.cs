using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>A vinyl that does not come out well under this press.</summary>
public sealed class VinylUnderSource : ILayerRule
{
    /// <inheritdoc/>
    public string Code => "heat-source-unsuitable";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        var source = plan.Work.Source;
        return layer.Work.Vinyl.Press.NotUnder.TryGetValue(source.Kind, out var reason)
            ? this.Say(layer, NoticeLevel.Stop,
                plan.Words.Say("vinyl-under-source.stop", ("vinyl", layer.Work.Vinyl.Name), ("source", source.Name)), reason.Value)
            : null;
    }
}
