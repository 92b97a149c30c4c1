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
        if (layer.Work.Vinyl.Mirrored.Value)
            return null;
        const string why = "This vinyl is cut from its face and lifted over with a mask, so it is never turned over.";
        return layer.Layer.Mirrored == true
            ? this.Say(layer, NoticeLevel.Stop, "The artwork is mirrored, and this vinyl must not be. Cut it as it reads.", why)
            : this.Say(layer, NoticeLevel.Note, "Do not mirror this vinyl: cut it as it reads.", why);
    }
}
