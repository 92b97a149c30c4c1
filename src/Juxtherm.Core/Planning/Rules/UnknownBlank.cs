using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Planning.Rules;

/// <summary>The material is not known for certain.</summary>
public sealed class UnknownBlank : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "unknown-blank";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var material = plan.Work.Material;
        if (material.Uncertain is not { } uncertain)
            return null;
        // Where a wrong guess gives off something that harms, guessing is not good enough.
        if (material.UncertaintyStops)
            return this.Say(plan, NoticeLevel.Stop, $"Find out first what this {material.Name.ToLowerInvariant()} is made of, and do not press it until you know.", uncertain.Value);
        var where = material.Kind == MaterialKind.Cloth ? "near the hem" : "on a scrap or where it is hidden";
        return this.Say(plan, NoticeLevel.Caution,
            $"What this is made of is not certain. Press a patch {where}, look, and if it neither marks nor lifts go up: 5 degrees of the dial or 3 s at a time, never both, to the setting here and not beyond.",
            uncertain.Value);
    }
}
