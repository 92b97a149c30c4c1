using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Planning.Rules;

/// <summary>Foam vinyl is heated once.</summary>
public sealed class PuffOnce : ILayerRule
{
    /// <inheritdoc/>
    public string Code => "puff-once";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        if (!layer.Work.Vinyl.HeatsOnce.Value)
            return null;
        var heats = plan.Presses.SkipWhile(p => !p.Laid.Contains(layer.Id, StringComparer.Ordinal)).Count();
        return heats > 1
            ? this.Say(layer, NoticeLevel.Stop, $"{plan.Named(layer)} would be heated {heats} times. It rises once: lay it last, and press nothing after it.", "A second heat and the plate's weight press the foam flat for good.", ("heats", heats, "1"))
            : this.Say(layer, NoticeLevel.Note, $"{plan.Named(layer)} rises in its one press: even pressure, no second heat, nothing laid on it.", "Foam that has been heated again goes flat. A letter that stayed flat may be rescued by one short heat: that is a rescue, not part of the plan.");
    }
}
