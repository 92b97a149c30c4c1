using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>A frame does not fit under a plate that comes down on a hinge.</summary>
public sealed class ClamshellFrame : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "clamshell-frame";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return plan.Work.Form.Framed && plan.Work.Source.Hinged
            ? this.Say(plan, NoticeLevel.Stop,
                plan.Words.Say("clamshell-frame.stop", ("form", plan.Work.Form.Name), ("source", plan.Work.Source.Name)),
                plan.Words.Say("clamshell-frame.stop-why"))
            : null;
    }
}
