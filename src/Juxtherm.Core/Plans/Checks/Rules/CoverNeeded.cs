using Juxtherm.Core.Notices;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Bare vinyl must not touch the plate, and cloth beside the print is better off covered.</summary>
public sealed class CoverNeeded : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "cover-needed";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        if (plan.Work.HasCover)
            return null;
        var missed = plan.Layers.Any(l => l.Work.Vinyl.FinishSeconds.Value > 0) ? " The finish press after the peel is left out of the plan: bare vinyl would stick to the plate." : "";
        // The carrier alone is a way of doing it, not a fault.
        if (plan.Job.Tools.Cover.IsCarrier)
            return this.Say(plan, NoticeLevel.Note, "The carrier sheet is the only cover: make sure that it reaches beyond the vinyl all round." + missed,
                "Where the carrier ends short, vinyl meets the hot plate and stays on it.");
        return this.Say(plan, NoticeLevel.Caution, "Nothing covers the work but the carrier sheet. Lay a PTFE sheet or baking parchment over it, never waxed paper." + missed,
            $"A cover keeps glue off the {new ToolWords(plan.Work).Hot}, spreads the heat, and guards {new ToolWords(plan.Work).Beside} from shine.");
    }
}
