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
        var enough = plan.BondShare >= plan.Work.Vinyl.TargetBond.Value;
        if (found.Outcome == SettingOutcome.Narrow || (found.Outcome == SettingOutcome.Short && enough))
        {
            var (source, worst) = (plan.Work.Source, found.Worst);
            return this.Say(plan, NoticeLevel.Caution,
                $"There is little room here: press a small patch {new ToolWords(plan.Work).ForAPatch} first. If dial, pressure and moisture are all off to one side, the bond may fall to {Wording.Share(worst.LeastBond)} of what is wanted, or the blank reach {plan.Words.Temperature(worst.HottestBareCelsius)}.",
                $"{Wording.StartingWithA(source.Name)} may be off by {found.Dial.ErrorK:0} K and its pressure by a factor of {source.PressureErrorFactor.Value:0.0#} ({source.DialErrorK.From.Source}). The setting fits if they are right, and not with certainty otherwise.",
                ("worstBond", worst.LeastBond, "1"), ("worstBlank", worst.HottestBareCelsius, "Cel"));
        }

        if (found.Outcome != SettingOutcome.Short)
            return null;
        return this.Say(plan, NoticeLevel.Caution,
            $"This comes out short: {Wording.Share(plan.BondShare)} of the bond wanted, where {Wording.Share(plan.Work.Vinyl.HoldsFromBond.Value)} still holds. Press a small patch {new ToolWords(plan.Work).ForAPatch} first and pull at it when cold.",
            "On this stack a limit is reached before the full bond. The model is one-dimensional and its figures are typical, so a patch tells more than it can.",
            ("bond", plan.BondShare, "1"), ("holdsFrom", plan.Work.Vinyl.HoldsFromBond.Value, "1"));
    }
}
