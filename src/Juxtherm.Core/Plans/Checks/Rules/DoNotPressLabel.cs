using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>The care label crosses out the iron.</summary>
public sealed class DoNotPressLabel : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "do-not-press-label";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return plan.Job.Blank.CareDots == 0
            ? this.Say(plan, NoticeLevel.Stop, plan.Words.Say("do-not-press-label.stop"), plan.Words.Say("do-not-press-label.stop-why"))
            : null;
    }
}
