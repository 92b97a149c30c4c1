using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Options;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>The material is not known for certain.</summary>
public sealed class UnknownBlank : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "unknown-blank";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var material = plan.Work.Material;
        if (material.Uncertain is not { } uncertain)
            return null;
        // Where a wrong guess gives off something that harms, guessing is not good enough.
        if (material.UncertaintyStops)
            return this.Say(plan, NoticeLevel.Stop, $"Find out first what this {material.Name.ToLowerInvariant()} is made of, and do not press it until you know.", uncertain.Value).Dangerous();
        var where = new ToolWords(plan.Work).ForAPatch;
        return this.Say(plan, NoticeLevel.Caution,
            plan.About.Choose(new UnknownBlankStart()) == UnknownBlankStart.StepUp
                ? $"What this is made of is not certain. Press a patch {where}, a step at a time as listed, and stop at the first that holds; look for marks after each, and do not go beyond the last."
                : $"What this is made of is not certain. Press a patch {where} and look for marks before the first piece.",
            uncertain.Value);
    }
}
