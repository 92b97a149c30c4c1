using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Planning.Rules;

/// <summary>Glitter lies on glitter.</summary>
public sealed class GlitterOnGlitter : ILayerRule
{
    /// <summary>Id of the family.</summary>
    internal const string Family = "glitter";

    /// <inheritdoc/>
    public string Code => "glitter-on-glitter";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        if (layer.Work.Vinyl.Family != Family || !plan.Lying.DirectlyUnder(layer.Id).Any(id => plan.About.Layer(id).Work.Vinyl.Family == Family))
            return null;
        return this.Say(layer, NoticeLevel.Stop, $"{plan.Named(layer)} lies on other glitter. Lay the two side by side, or cut the one out of the other. If yours has a smooth face and has held before, accept it.",
            "Glitter has a rough face; glue reaches only its tips, its own least of all.");
    }
}
