using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>What the wrapper is said to say would not even melt the glue.</summary>
public sealed class LabelImplausible : ILayerRule
{
    /// <inheritdoc/>
    public string Code => "label-implausible";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        if (!layer.LabelIgnored)
            return null;
        var vinyl = layer.Work.Vinyl;
        return this.Say(layer, NoticeLevel.Caution,
            $"Read the wrapper again: its figures as entered would hardly warm the glue. The plan goes by what is usual for {vinyl.Name.ToLowerInvariant()} vinyl, {plan.Words.Temperature(vinyl.ReferenceCelsius.Value)} for {Wording.Time(vinyl.ReferenceSeconds.Value)}.",
            "On the stack that charts assume they give less than a twentieth of the usual bond. A slip of a digit, or degrees of the other kind, is more likely than such a vinyl.");
    }
}
