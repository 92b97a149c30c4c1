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
                FaceShape.Curved => this.Say(plan, NoticeLevel.Stop, $"{Wording.StartingWithA(named)} cannot press {Wording.A(item)}. Use a mug press.", "A flat plate touches a cylinder along one line only: it can crack it, and the rest of the print gets neither heat nor pressure.").Dangerous(),
                FaceShape.Domed => this.Say(plan, NoticeLevel.Stop, $"{Wording.StartingWithA(named)} cannot press {Wording.A(item)}. Use a cap press or a small hand iron.", "The crown is round: a flat plate touches its middle only."),
                _ => this.Say(plan, NoticeLevel.Stop, $"{Wording.StartingWithA(named)} cannot press {Wording.A(item)}. Use a flat press or an iron.", "Its plate is bent to fit something round; a flat piece would be bent and pressed unevenly."),
            };
        }

        return plan.About.Choose(new HouseholdIron()) == HouseholdIron.Avoid
            ? this.Say(plan, NoticeLevel.Caution, "You would rather not press with an iron: choose another press for this job.", "Its sole swings by tens of degrees and the pressure is your arm's.")
            : null;
    }
}
