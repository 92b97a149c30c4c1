using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Planning.Rules;

/// <summary>Foam vinyl would be pressed in more than one placement of the plate.</summary>
public sealed class PuffInSections : ILayerRule
{
    /// <inheritdoc/>
    public string Code => "puff-sections";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        if (!layer.Work.Vinyl.HeatsOnce.Value || plan.Presses.FirstOrDefault(p => p.Laid.Contains(layer.Id, StringComparer.Ordinal)) is not { } press)
            return null;
        var sections = JobSections.Of(plan.Job, layer.Layer.Face, press.Layers).Plan?.Sections.Count ?? 1;
        return sections < 2 ? null : this.Say(layer, NoticeLevel.Stop, $"{plan.Named(layer)} does not lie under the plate at once. Make it smaller, cut it into layers of which each fits under the plate with the rest hanging off, or use a larger plate.",
            "Foam rises once: where two placements meet or overlap it would be heated twice and go flat, or be left short.", ("goes", sections, "1"));
    }
}
