using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>An ironing board gives way.</summary>
public sealed class NoIroningBoard : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "no-ironing-board";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return plan.Job.Tools.Underlay.Yields
            ? this.Say(plan, NoticeLevel.Caution, "Press on a stable table with a mat or a folded dry cloth, not on an ironing board.", "Its mesh and padding give way, so the pressure that the bond needs never builds up.")
            : null;
    }
}
