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
        if (material.Doubt.Uncertain is not { } uncertain)
            return null;
        // Where a wrong guess gives off something that harms, guessing is not good enough.
        if (material.Doubt.Stops)
            return this.Say(plan, NoticeLevel.Stop, plan.Words.Say("unknown-blank.stop", ("material", material.Name)), uncertain.Value)
                .Dangerous();
        var where = new ToolWords(plan.Work, plan.Words).ForAPatch;
        return this.Say(plan, NoticeLevel.Caution,
            plan.About.Choose(new UnknownBlankStart()) == UnknownBlankStart.StepUp
                ? plan.Words.Say("unknown-blank.caution", ("where", where))
                : plan.Words.Say("unknown-blank.caution-2", ("where", where)),
            uncertain.Value);
    }
}
