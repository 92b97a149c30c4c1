using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>What the wrapper is said to say would not even melt the glue.</summary>
public sealed class LabelImplausible : ILayerRule
{
    /// <inheritdoc/>
    public string Code => "label-implausible";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        if (!layer.LabelIgnored)
            return null;
        var vinyl = layer.Work.Vinyl;
        return this.Say(layer, NoticeLevel.Caution,
            plan.Words.Say("label-implausible.caution", ("vinyl", vinyl.Name),
                ("reference", Thing.Celsius(vinyl.Bond.ReferenceCelsius.Value)),
                ("reference2", Thing.Seconds(vinyl.Bond.ReferenceSeconds.Value))),
            plan.Words.Say("label-implausible.caution-why"));
    }
}
