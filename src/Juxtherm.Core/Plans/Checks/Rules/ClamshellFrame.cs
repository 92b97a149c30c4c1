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
            ? this.Say(plan, NoticeLevel.Stop, $"{Wording.StartingWithA(plan.Work.Form.Name)} does not go into {Wording.A(plan.Work.Source.Name)}. Use a swing-away or handheld press.", "The plate comes down at a slant: it meets the frame at the hinge first and bends it.")
            : null;
    }
}
