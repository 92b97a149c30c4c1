using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>A fluffy face wants more than a tee.</summary>
public sealed class LoftyFace : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "lofty-face";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var material = plan.Work.Material;
        return material.Lofty.Value
            ? this.Say(plan, NoticeLevel.Note, $"{material.Name} is fluffy: press it down for a moment before laying the vinyl, and do not shorten the time to a tee's.",
                $"The glue has to find its way between loose fibres, so the plan asks for {Wording.Share(material.Demand.Value)} times the bond of a plain tee ({material.Demand.From.Source}).", ("demand", material.Demand.Value, "1"))
            : null;
    }
}
