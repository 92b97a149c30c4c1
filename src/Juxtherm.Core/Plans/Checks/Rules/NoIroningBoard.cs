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
            ? this.Say(plan, NoticeLevel.Caution, plan.Words.Say("no-ironing-board.caution"),
                plan.Words.Say("no-ironing-board.caution-why"))
            : null;
    }
}
