using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Sections;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Foam vinyl would be heated more than once: where placements of the plate meet, or by presses that come after it.</summary>
public sealed class PuffTwice : ILayerRule
{
    /// <inheritdoc/>
    public string Code => "puff-twice";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        if (!layer.Work.Vinyl.Press.HeatsOnce.Value)
            return null;
        var presses = plan.Presses.SkipWhile(p => !p.Laid.Contains(layer.Id, StringComparer.Ordinal)).ToList();
        if (presses.Count == 0)
            return null;
        var why = plan.Words.Say("puff-twice.why");
        // On the side that lies down it counts only where the glue, and so the foam, gets hot enough again.
        if (presses.Count(p => p.Layers.Contains(layer.Id, StringComparer.Ordinal) || p.Reheated.Contains(layer.Id, StringComparer.Ordinal))
            is > 1 and var heats)
            return this.Say(layer, NoticeLevel.Caution,
                plan.Words.Say("puff-twice.caution", ("layer", plan.Named(layer)), ("heats", heats)), why, ("heats", heats, "1"));
        var sections = JobSections.Of(plan.Job, layer.Layer.Face, presses[0].Layers).Plan?.Sections.Count ?? 1;
        return sections < 2 ? null : this.Say(layer, NoticeLevel.Caution,
            plan.Words.Say("puff-twice.caution-2", ("layer", plan.Named(layer)), ("sections", sections)), why, ("goes", sections, "1"));
    }
}
