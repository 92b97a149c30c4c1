using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Planning.Rules;

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
        return plan.Job.Tools.Cutter is { } cutter ? CutNotices.Joins(layer.Layer, cutter, plan.Words) : null;
    }
}
