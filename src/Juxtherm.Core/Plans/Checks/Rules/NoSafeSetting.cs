using Juxtherm.Core.Notices;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>No place on the dial both bonds the vinyl and spares vinyl and blank.</summary>
public sealed class NoSafeSetting : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "no-safe-setting";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var found = plan.About.Settings[0];
        if (plan.Work.Material.NeverPressed is not null)
            return null;
        if (found.From != SettingFrom.Search)
            return AsItIs(plan, found);
        // Layers that hold in the whole model do so; what their heat comes to has a notice of its own.
        if (found.Outcome != SettingOutcome.None || (plan.Layers.Count > 1 && plan.AllHold))
            return null;
        var row = found.Chosen;
        return this.Say(plan, NoticeLevel.Stop,
            $"Nothing on this dial works. The best, {plan.Words.SetTo(row.Dial.Mark, row.Dial.Celsius)}, ends after {Wording.Time(row.MostSeconds)} because {Limit(plan, row)}, with {Wording.Share(row.BondAtMost)} of the bond wanted. Try firmer pressure, another press, or a vinyl that bonds cooler.",
            "Every temperature of the dial was tried in the model; what bonds the vinyl passes a limit first.",
            ("bond", row.BondAtMost, "1"), ("most", row.MostSeconds, "s"), ("set", row.Dial.Celsius, "Cel"));
    }

    /// <summary>What somebody has done, or looked up for their press, is at worst warned of: the model may be wrong about their goods.</summary>
    private Notice? AsItIs(PlanContext plan, FoundSetting found)
    {
        var longest = plan.Figures.LongestPressSeconds.Value;
        if (plan.AllHold && found.Seconds <= longest)
            return null;
        var set = $"{plan.Words.SetTo(found.Dial.Mark, found.Dial.Celsius)} for {Wording.Time(found.Seconds)}";
        var text = plan.AllHold
            ? $"{char.ToUpperInvariant(set[0])}{set[1..]} is longer than a press can be held to. Press in two goes with a look between them."
            : $"By the model {set} does not hold here: {Wording.Share(plan.BondShare)} of the bond wanted, where {Wording.Share(plan.Work.Vinyl.HoldsFromBond.Value)} holds. Pull at a test patch once it is cold.";
        return this.Say(plan, NoticeLevel.Caution, text, "A setting carries over to the same vinyl, blank and press only.",
            ("bond", plan.BondShare, "1"), ("most", found.Chosen.MostSeconds, "s"), ("set", found.Dial.Celsius, "Cel"), ("used", found.Seconds, "s"));
    }

    private static string Limit(PlanContext plan, TemperatureRow row) => row.EndsBecause switch
    {
        TimeLimit.Blank => $"the {plan.Work.Material.Name.ToLowerInvariant()} beside it reaches its limit",
        TimeLimit.Vinyl => "the vinyl has had all the heat it takes",
        _ => "the longest press that makes sense by hand is over",
    };
}
