using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Words whose font is not at hand: they are cut as they were set, and cannot be set anew.</summary>
public sealed class FontMissing : ILayerRule
{
    /// <inheritdoc/>
    public string Code => "font-missing";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        if (layer.Layer.Words is not { Typeface: null } words)
            return null;
        var names = words.FromNames && plan.Job.Names.Any();
        return this.Say(layer, names ? NoticeLevel.Stop : NoticeLevel.Note,
            plan.Words.Say("font-missing.found", ("font", words.FontName), ("layer", layer.Layer.Id), ("names", names)),
            plan.Words.Say("font-missing.found-why"));
    }
}
