using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Materials that are never pressed.</summary>
public sealed class NotPressable : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "not-pressable";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return plan.Work.Material.Doubt.NeverPressed is { } never
            ? this.Say(plan, NoticeLevel.Stop, plan.Words.Say("not-pressable.stop", ("material", plan.Work.Material.Name)), never.Value)
            : null;
    }
}
