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
        return this.Say(plan, NoticeLevel.Note, $"Wait {hours:0} h before the first wash. Then inside out, cold and mild; tumble low; no bleach; no iron on the print.",
            "The adhesive goes on setting for about a day; washed too soon, edges lift.", ("wait", hours, "h"));
    }
}
