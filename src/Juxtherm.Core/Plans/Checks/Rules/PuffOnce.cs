using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Foam vinyl is best heated once.</summary>
public sealed class PuffOnce : ILayerRule
{
    /// <inheritdoc/>
    public string Code => "puff-once";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        return layer.Work.Vinyl.Press.HeatsOnce.Value
            ? this.Say(layer, NoticeLevel.Note, plan.Words.Say("puff-once.note", ("layer", plan.Named(layer))),
                plan.Words.Say("puff-once.note-why"))
            : null;
    }
}
