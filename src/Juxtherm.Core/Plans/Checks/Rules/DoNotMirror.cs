using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Vinyl that is printed and lifted with a mask goes on the way it was printed.</summary>
public sealed class DoNotMirror : ILayerRule
{
    /// <inheritdoc/>
    public string Code => "do-not-mirror";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        if (layer.Work.Vinyl.Cut.Mirrored.Value)
            return null;
        var why = plan.Words.Say("do-not-mirror.why");
        return layer.Layer.Mirrored == true
            ? this.Say(layer, NoticeLevel.Stop, plan.Words.Say("do-not-mirror.stop-2"), why)
            : this.Say(layer, NoticeLevel.Note, plan.Words.Say("do-not-mirror.note"), why);
    }
}
