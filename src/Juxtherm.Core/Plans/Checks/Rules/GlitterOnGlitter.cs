using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Glitter lies on glitter.</summary>
public sealed class GlitterOnGlitter : ILayerRule
{
    /// <summary>Id of the family.</summary>
    internal const string Family = "glitter";

    /// <inheritdoc/>
    public string Code => "glitter-on-glitter";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        var lower = layer.Work.Vinyl.Family != Family ? null : plan.Stack.DirectlyUnder(layer.Id).Select(id => plan.About.Layer(id)).FirstOrDefault(l => l.Work.Vinyl.Family == Family);
        if (lower is null)
            return null;
        return this.Say(layer, NoticeLevel.Stop, $"{plan.Named(layer)} lies on other glitter. Lay the two side by side, or cut the one out of the other. If yours has a smooth face and has held before, accept it.",
            "Glitter has a rough face; glue reaches only its tips, its own least of all.") with
        { Remedies = UnderneathNotAllowed.Changes(plan, layer, lower, swap: lower) };
    }
}
