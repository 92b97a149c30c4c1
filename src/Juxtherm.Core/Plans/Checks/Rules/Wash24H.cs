using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>The glue goes on setting after the press.</summary>
public sealed class Wash24H : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "wash-24h";

    /// <inheritdoc/>
    public bool Standing => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        if (plan.Work.Material.Care != CareKind.Wash)
            return null;
        var hours = plan.Figures.CureHours.Value;
        return this.Say(plan, NoticeLevel.Note, plan.Words.Say("wash24-h.note", ("hours", hours)),
            plan.Words.Say("wash24-h.note-why"), ("wait", hours, "h"));
    }
}
