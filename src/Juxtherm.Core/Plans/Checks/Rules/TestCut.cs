using Juxtherm.Core.Cutting.Sheets;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>A small test shape comes before the first sheet.</summary>
public sealed class TestCut : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "test-cut";

    /// <inheritdoc/>
    public bool Standing => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return plan.Job.Tools.Cutter is null || plan.Job.Cut.TestCut ? null : CutNotices.TestCutNote(plan.Figures.Cutting, plan.Words);
    }
}
