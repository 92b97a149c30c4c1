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
        return this.Say(layer, NoticeLevel.Note, $"{plan.Named(layer)} peels cold, so it gets its full press and has to cool before anything else is laid. Have the next piece ready to press meanwhile.",
            "It cannot be tacked and peeled at once: peeled warm, it comes off with its carrier.");
    }
}
