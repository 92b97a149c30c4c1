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
        if (plan.Work.Material.Doubt.NeverPressed is not null)
            return null;
        if (found.From != SettingFrom.Search)
            return AsItIs(plan, found);
        // Layers that hold in the whole model do so; what their heat comes to has a notice of its own.
        if (found.Outcome != SettingOutcome.None || (plan.Layers.Count > 1 && plan.AllHold))
            return null;
        var row = found.Chosen;
        return this.Say(plan, NoticeLevel.Stop,
            plan.Words.Say("no-safe-setting.stop", ("celsius", Thing.Celsius(row.Dial.Celsius)), ("mark", row.Dial.Mark),
                ("most", Thing.Seconds(row.MostSeconds)), ("limit", Limit(plan, row)), ("bondAtMost", Thing.Share(row.BondAtMost))),
            plan.Words.Say("no-safe-setting.stop-why"),
            ("bond", row.BondAtMost, "1"), ("most", row.MostSeconds, "s"), ("set", row.Dial.Celsius, "Cel"));
    }

    /// <summary>What somebody has done, or looked up for their press, is at worst warned of: the model may be wrong about their
    /// goods.</summary>
    private Notice? AsItIs(PlanContext plan, FoundSetting found)
    {
        var longest = plan.Figures.LongestPressSeconds.Value;
        if (plan.AllHold && found.Seconds <= longest)
            return null;
        var set = plan.Words.Say("no-safe-setting.as-it-is-set", ("celsius", Thing.Celsius(found.Dial.Celsius)), ("mark", found.Dial.Mark),
            ("seconds", Thing.Seconds(found.Seconds)));
        var text = plan.AllHold
            ? plan.Words.Say("no-safe-setting.as-it-is-text", ("set", set))
            : plan.Words.Say("no-safe-setting.as-it-is-text-2", ("set", set), ("bondShare", Thing.Share(plan.BondShare)),
                ("holdsFromBond", Thing.Share(plan.Work.Vinyl.Bond.HoldsFrom.Value)));
        return this.Say(plan, NoticeLevel.Caution, text, plan.Words.Say("no-safe-setting.caution-why"),
            ("bond", plan.BondShare, "1"), ("most", found.Chosen.MostSeconds, "s"), ("set", found.Dial.Celsius, "Cel"),
            ("used", found.Seconds, "s"));
    }

    private static string Limit(PlanContext plan, TemperatureRow row) => row.EndsBecause switch
    {
        TimeLimit.Blank => plan.Words.Say("no-safe-setting.limit.blank", ("material", plan.Work.Material.Name)),
        TimeLimit.Vinyl => plan.Words.Say("no-safe-setting.limit.vinyl"),
        _ => plan.Words.Say("no-safe-setting.limit.else"),
    };
}
