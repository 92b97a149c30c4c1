using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Something lies on foam vinyl.</summary>
public sealed class PuffCovered : ILayerRule
{
    /// <inheritdoc/>
    public string Code => "puff-covered";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        var foam = plan.Stack.DirectlyUnder(layer.Id).Select(id => plan.About.Layer(id))
            .FirstOrDefault(l => l.Work.Vinyl.Press.HeatsOnce.Value);
        return foam is null
            ? null
            : this.Say(layer, NoticeLevel.Stop,
                plan.Words.Say("puff-covered.stop", ("layer", plan.Named(layer)), ("foam", plan.Named(foam))),
                plan.Words.Say("puff-covered.stop-why")) with
            { Remedies = UnderneathNotAllowed.Changes(plan, layer, foam, swap: foam) };
    }
}
