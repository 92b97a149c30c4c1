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
        const string why = "Water in the glue line boils and lifts the vinyl; over the steam holes it gets no pressure and stays unbonded.";
        if (plan.Job.Tools.Steam)
            return this.Say(plan, NoticeLevel.Stop, "Steam is on. Switch it off, empty the tank, and let the iron run dry before pressing.", why);
        return plan.Work.Source.SteamPossible
            ? this.Say(plan, NoticeLevel.Note, "Steam off, tank empty. Keep the steam holes off the edges of the print: lift, shift by half a sole, press again.", why)
            : null;
    }
}
