using Juxtherm.Core.Notices;
using Juxtherm.Core.Recipes;

namespace Juxtherm.Core.Planning.Rules;

/// <summary>No place on the dial both bonds the vinyl and spares vinyl and blank.</summary>
public sealed class NoSafeSetting : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "no-safe-setting";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        if (plan.Found.Outcome != SettingOutcome.None || plan.Work.Material.NeverPressed is not null)
            return null;
        var row = plan.Found.Chosen;
        var limit = row.EndsBecause switch
        {
            TimeLimit.Blank => $"the {plan.Work.Material.Name.ToLowerInvariant()} beside it reaches its limit",
            TimeLimit.Vinyl => "the vinyl has had all the heat it takes",
            _ => "the longest press that makes sense by hand is over",
        };
        if (plan.Found.Instead is not null)
        {
            var tooMuch = plan.Found.Seconds > row.MostSeconds;
            return this.Say(plan, NoticeLevel.Stop,
                $"As it was used, {plan.Words.Temperature(row.Dial.Celsius)} for {Wording.Time(plan.Found.Seconds)}, {(tooMuch ? $"is too much here: after {Wording.Time(row.MostSeconds)} {limit}" : "does not hold here by the model")}. Let the plan find a setting of its own, or accept this one with a word.",
                "A setting carries over to the same vinyl, blank and press only.", ("most", row.MostSeconds, "s"), ("set", row.Dial.Celsius, "Cel"), ("used", plan.Found.Seconds, "s"));
        }

        return this.Say(plan, NoticeLevel.Stop,
            $"Nothing on this dial works. The best, {plan.Words.Temperature(row.Dial.Celsius)}, ends after {Wording.Time(row.MostSeconds)} because {limit}, with {Wording.Share(row.BondAtMost)} of the bond wanted. Try firmer pressure, another press, or a vinyl that bonds cooler.",
            "Every temperature of the dial was tried in the model; what bonds the vinyl passes a limit first.",
            ("bond", row.BondAtMost, "1"), ("most", row.MostSeconds, "s"), ("set", row.Dial.Celsius, "Cel"));
    }
}
