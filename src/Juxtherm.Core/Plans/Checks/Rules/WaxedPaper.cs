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
            ? this.Say(plan, NoticeLevel.Stop, "Not waxed paper: use a PTFE sheet, baking parchment or plain uncoated paper.", "Its wax melts into cloth and plate long before the vinyl bonds.")
            : null;
    }
}
