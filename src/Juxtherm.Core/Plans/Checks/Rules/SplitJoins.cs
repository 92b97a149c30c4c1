using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Parts of a split that are joined at the press.</summary>
public sealed class SplitJoins : ILayerRule
{
    /// <inheritdoc/>
    public string Code => "split-joins";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        return plan.Job.Tools.Cutter is { } cutter ? CutNotices.Joins(layer.Layer, cutter, plan.Job.Memory, plan.Words) : null;
    }
}
