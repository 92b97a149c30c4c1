using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Options;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>A lower layer shrinks before the one on it is laid.</summary>
public sealed class Shrinkage : ILayerRule
{
    /// <inheritdoc/>
    public string Code => "shrinkage";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        var lower = plan.Stack.DirectlyUnder(layer.Id).Select(id => plan.About.Layer(id)).Where(l => l.Layer.WidthMm is not null)
            .MaxBy(l => l.Layer.WidthMm);
        if (lower is null)
            return null;
        var share = lower.Work.Vinyl.Press.ShrinkPercent;
        var side = lower.Layer.WidthMm!.Value * share.Value / 100 / 2;
        var whole = !UpperLayers.PieceByPiece(plan.About, layer);
        return this.Say(layer, NoticeLevel.Note,
            plan.Words.Say("shrinkage.note", ("lower", plan.Named(lower)), ("side", Thing.FineMm(side)), ("whole", whole)),
            plan.Words.Say("shrinkage.note-why", ("share", share.Value), ("source", share.From.Source)), ("side", side, "mm"));
    }
}
