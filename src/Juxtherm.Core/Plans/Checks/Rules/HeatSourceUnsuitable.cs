using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Options;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>The press cannot press this shape, or spoils this vinyl.</summary>
public sealed class HeatSourceUnsuitable : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "heat-source-unsuitable";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var (source, form) = (plan.Work.Source, plan.Work.Form);
        var named = source.Name.ToLowerInvariant();
        if (!source.Presses.Contains(form.Shape))
        {
            var item = form.Name.ToLowerInvariant();
            return form.Shape switch
            {
                FaceShape.Curved =>
                    this.Say(plan, NoticeLevel.Stop, plan.Words.Say("heat-source-unsuitable.stop", ("named", named), ("item", item)),
                        plan.Words.Say("heat-source-unsuitable.stop-why")).Dangerous(),
                FaceShape.Domed =>
                    this.Say(plan, NoticeLevel.Stop, plan.Words.Say("heat-source-unsuitable.stop-2", ("named", named), ("item", item)),
                        plan.Words.Say("heat-source-unsuitable.stop-why-2")),
                _ => this.Say(plan, NoticeLevel.Stop, plan.Words.Say("heat-source-unsuitable.stop-3", ("named", named), ("item", item)),
                    plan.Words.Say("heat-source-unsuitable.stop-why-3")),
            };
        }

        return plan.About.Choose(new HouseholdIron()) == HouseholdIron.Avoid
            ? this.Say(plan, NoticeLevel.Caution, plan.Words.Say("heat-source-unsuitable.caution"),
                plan.Words.Say("heat-source-unsuitable.caution-why"))
            : null;
    }
}
