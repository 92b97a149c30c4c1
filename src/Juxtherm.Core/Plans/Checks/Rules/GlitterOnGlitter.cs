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
        var lower = layer.Work.Vinyl.Family != Family
            ? null : plan.Stack.DirectlyUnder(layer.Id).Select(id => plan.About.Layer(id))
            .FirstOrDefault(l => l.Work.Vinyl.Family == Family);
        if (lower is null)
            return null;
        return this.Say(layer, NoticeLevel.Stop, plan.Words.Say("glitter-on-glitter.stop", ("layer", plan.Named(layer))),
            plan.Words.Say("glitter-on-glitter.stop-why")) with
        { Remedies = UnderneathNotAllowed.Changes(plan, layer, lower, swap: lower) };
    }
}
