using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Planning.Rules;

/// <summary>The artwork is larger than the plate.</summary>
public sealed class NeedsSections : ILayerRule
{
    /// <inheritdoc/>
    public string Code => "needs-sections";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        var (art, tools) = (layer.Layer, plan.Job.Tools);
        if (art.WidthMm is not { } width || art.HeightMm is not { } height || (width <= tools.PlateWidthMm && height <= tools.PlateHeightMm))
            return null;
        return this.Say(layer, NoticeLevel.Caution,
            "The artwork is larger than the plate. Press it in several goes, each with the full time, little overlap, no part left out. This plan does not lay the goes out yet.",
            "Vinyl that the plate did not cover is not bonded, and vinyl under two goes has had twice the heat.",
            ("width", width, "mm"), ("height", height, "mm"), ("plateWidth", tools.PlateWidthMm, "mm"), ("plateHeight", tools.PlateHeightMm, "mm"));
    }
}
