using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Fine edges want a little more.</summary>
public sealed class EdgeTime : ILayerRule
{
    private const double ExtraSeconds = 5;

    /// <inheritdoc/>
    public string Code => "edge-time";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        if (layer.Layer.Box is { } box && plan.Covered.Any(c => c.Shape.Face == layer.Layer.Face && c.Plan.AtEdge.Any(box.Overlaps)))
        {
            return this.Say(layer, NoticeLevel.Note,
                plan.Words.Say("edge-time.note", ("layer", plan.Named(layer)), ("extra", ExtraSeconds)),
                plan.Words.Say("edge-time.note-why"), ("extra", ExtraSeconds, "s"));
        }

        return layer.Layer.Intricate
            ? this.Say(layer, NoticeLevel.Note, plan.Words.Say("edge-time.note-2", ("layer", plan.Named(layer)), ("extra", ExtraSeconds)),
                plan.Words.Say("edge-time.note-why-2"), ("extra", ExtraSeconds, "s"))
            : null;
    }
}
