using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Planning.Rules;

/// <summary>Vinyl is cut from its back, so its artwork is cut reversed.</summary>
public sealed class Mirror : ILayerRule
{
    /// <inheritdoc/>
    public string Code => "mirror";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        if (!layer.Work.Vinyl.Mirrored.Value)
            return null;
        const string why = "The knife works on the glue side; turned over onto the blank, what was cut reversed reads the right way round.";
        return layer.Layer.Mirrored switch
        {
            false => this.Say(layer, NoticeLevel.Stop, "The artwork is not mirrored. Mirror it before cutting: once, in the drawing or at the cutter, never in both.", why),
            null => this.Say(layer, NoticeLevel.Note, "Mirror the artwork before cutting: once, in the drawing or at the cutter, never in both.", why),
            true => null,
        };
    }
}
