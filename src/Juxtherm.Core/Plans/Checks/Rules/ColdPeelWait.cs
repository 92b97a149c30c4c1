using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>A vinyl that peels cold holds up the layers after it.</summary>
public sealed class ColdPeelWait : ILayerRule
{
    /// <inheritdoc/>
    public string Code => "cold-peel-wait";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        if (plan.Layers.Count < 2 || layer.Chart.Peel.Value != PeelMethod.Cold)
            return null;
        return this.Say(layer, NoticeLevel.Note, plan.Words.Say("cold-peel-wait.note", ("layer", plan.Named(layer))),
            plan.Words.Say("cold-peel-wait.note-why"));
    }
}
