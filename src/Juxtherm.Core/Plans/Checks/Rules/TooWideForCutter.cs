using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Artwork that does not go through the cutter at once.</summary>
public sealed class TooWideForCutter : ILayerRule
{
    /// <inheritdoc/>
    public string Code => "too-wide-for-cutter";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        return plan.Job.Tools.Cutter is { } cutter ? CutNotices.TooWide(layer.Layer, cutter, plan.Job.Memory, plan.Words) : null;
    }
}
