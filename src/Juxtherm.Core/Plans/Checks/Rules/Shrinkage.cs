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
        var lower = plan.Stack.DirectlyUnder(layer.Id).Select(id => plan.About.Layer(id)).Where(l => l.Layer.WidthMm is not null).MaxBy(l => l.Layer.WidthMm);
        if (lower is null)
            return null;
        var share = lower.Work.Vinyl.ShrinkPercent;
        var side = lower.Layer.WidthMm!.Value * share.Value / 100 / 2;
        var whole = !UpperLayers.PieceByPiece(plan.About, layer);
        return this.Say(layer, NoticeLevel.Note,
            $"{plan.Named(lower)} shrinks by about {plan.Words.Fine(side)} on each side in its first press, so what was cut to fit it may be off by that. {(whole ? "Lay the next layer whole, from its middle." : "Lay the next layer piece by piece, each where it belongs.")}",
            $"Vinyl shrinks a little at its first heat, about {share.Value:0.0} % ({share.From.Source}). A shorter tack shrinks it less.", ("side", side, "mm"));
    }
}
