using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>The plan's own chances speak against it, whoever chose the setting.</summary>
public sealed class MayFail : IPlanRule
{
    private static readonly TestPatch SaidElsewhere = new();

    /// <inheritdoc/>
    public string Code => "may-fail";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var certainty = plan.Certainty;
        if (certainty.MayGo || SaidElsewhere.Look(plan) is not null)
            return null;
        return this.Say(plan, NoticeLevel.Caution,
            plan.Words.Say("may-fail.caution", ("perHundred", certainty.PerHundred)),
            plan.Words.Say("may-fail.caution-why", ("from", certainty.Why), ("isUsed", plan.Job.Used is not null)),
            ("short", certainty.Short, "1"), ("harm", certainty.Harm, "1"));
    }
}
