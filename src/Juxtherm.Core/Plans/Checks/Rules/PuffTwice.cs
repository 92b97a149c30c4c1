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
        if (!layer.Work.Vinyl.HeatsOnce.Value)
            return null;
        var presses = plan.Presses.SkipWhile(p => !p.Laid.Contains(layer.Id, StringComparer.Ordinal)).ToList();
        if (presses.Count == 0)
            return null;
        const string why = "Foam rises at its first heat and is pressed a little flatter by the next. One short heat more mostly does no harm; with each further one less is left of it (common practice).";
        // On the side that lies down it counts only where the glue, and so the foam, gets hot enough again.
        if (presses.Count(p => p.Layers.Contains(layer.Id, StringComparer.Ordinal) || p.Reheated.Contains(layer.Id, StringComparer.Ordinal)) is > 1 and var heats)
            return this.Say(layer, NoticeLevel.Caution, $"{plan.Named(layer)} is heated {heats} times: lay it last where you can, and look at it after each press.", why, ("heats", heats, "1"));
        var sections = JobSections.Of(plan.Job, layer.Layer.Face, presses[0].Layers).Plan?.Sections.Count ?? 1;
        return sections < 2 ? null : this.Say(layer, NoticeLevel.Caution,
            $"{plan.Named(layer)} does not lie under the plate at once. Press it in {sections} goes that meet in a gap between its pieces; what lies under both is heated twice. Keep the finished part off the plate.", why, ("goes", sections, "1"));
    }
}
