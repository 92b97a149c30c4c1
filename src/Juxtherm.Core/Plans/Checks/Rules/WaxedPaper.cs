using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Waxed paper is no cover.</summary>
public sealed class WaxedPaper : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "waxed-paper";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return plan.Job.Tools.Cover.Melts
            ? this.Say(plan, NoticeLevel.Stop, plan.Words.Say("waxed-paper.stop"), plan.Words.Say("waxed-paper.stop-why"))
            : null;
    }
}
