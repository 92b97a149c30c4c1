using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Steam keeps vinyl from bonding.</summary>
public sealed class SteamOff : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "steam-off";

    /// <inheritdoc/>
    public bool Standing => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var why = plan.Words.Say("steam-off.why");
        if (plan.Job.Tools.Steam)
            return this.Say(plan, NoticeLevel.Stop, plan.Words.Say("steam-off.stop"), why);
        return plan.Work.Source.SteamPossible
            ? this.Say(plan, NoticeLevel.Note, plan.Words.Say("steam-off.note"), why)
            : null;
    }
}
