using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Planning.Rules;

/// <summary>The press cannot press this shape, or spoils this vinyl.</summary>
public sealed class HeatSourceUnsuitable : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "heat-source-unsuitable";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var (source, form, vinyl) = (plan.Work.Source, plan.Work.Form, plan.Work.Vinyl);
        var named = source.Name.ToLowerInvariant();
        if (!source.Presses.Contains(form.Shape))
        {
            var item = form.Name.ToLowerInvariant();
            return form.Shape switch
            {
                FaceShape.Curved => this.Say(plan, NoticeLevel.Stop, $"A {named} cannot press a {item}. Use a mug press.", "A flat plate touches a cylinder along one line only; the rest of the print gets neither heat nor pressure."),
                FaceShape.Domed => this.Say(plan, NoticeLevel.Stop, $"A {named} cannot press a {item}. Use a cap press or a small hand iron.", "The crown is round: a flat plate touches its middle only."),
                _ => this.Say(plan, NoticeLevel.Stop, $"A {named} cannot press a {item}. Use a flat press or an iron.", "Its plate is bent to fit something round; a flat piece would be bent and pressed unevenly."),
            };
        }

        return vinyl.NotUnder.TryGetValue(source.Id, out var reason)
            ? this.Say(plan, NoticeLevel.Stop, $"{vinyl.Name} vinyl does not come out well under a {named}. Use a press with a plate that comes straight down.", reason.Value)
            : null;
    }
}
