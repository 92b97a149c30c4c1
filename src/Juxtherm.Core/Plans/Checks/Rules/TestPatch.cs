using Juxtherm.Core.Notices;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>The setting holds in the model, but is short of what the chart means.</summary>
public sealed class TestPatch : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "test-patch";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var found = plan.About.Settings[0];
        // What somebody has done before, or looked up for their press, is judged by what it comes to.
        // Nor is a press that was cut short for its heat, and says so, spoken of again.
        if (found.From != SettingFrom.Search || plan.Presses.Any(p => p.InsteadOfSeconds is not null && plan.BondShare < 1))
            return null;
        // What the front alone would leave short a press from the back may make up for.
        var enough = plan.BondShare >= plan.Work.Vinyl.Bond.Target.Value;
        if (found.Outcome == SettingOutcome.Short ? enough : !plan.Certainty.IsSure)
        {
            var (source, certainty) = (plan.Work.Source, plan.Certainty);
            return this.Say(plan, NoticeLevel.Caution,
                plan.Words.Say("test-patch.caution", ("forAPatch", new ToolWords(plan.Work, plan.Words).ForAPatch),
                    ("perHundred", certainty.PerHundred)),
                plan.Words.Say("test-patch.caution-why", ("source", source.Name), ("errorK", found.Dial.ErrorK),
                    ("pressureErrorFactor", source.Pressure.ErrorFactor.Value), ("source2", source.Dial.ErrorK.From.Source)),
                ("short", certainty.Short, "1"), ("harm", certainty.Harm, "1"));
        }

        if (found.Outcome != SettingOutcome.Short)
            return null;
        return this.Say(plan, NoticeLevel.Caution,
            plan.Words.Say("test-patch.caution-2", ("bondShare", Thing.Share(plan.BondShare)),
                ("holdsFromBond", Thing.Share(plan.Work.Vinyl.Bond.HoldsFrom.Value)),
                ("forAPatch", new ToolWords(plan.Work, plan.Words).ForAPatch)),
            plan.Words.Say("test-patch.caution-why-2"),
            ("bond", plan.BondShare, "1"), ("holdsFrom", plan.Work.Vinyl.Bond.HoldsFrom.Value, "1"));
    }
}
