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
        var missed = plan.Layers.Any(l => l.Work.Vinyl.Press.FinishSeconds.Value > 0) ? plan.Words.Say("cover-needed.missed") : "";
        // The carrier alone is a way of doing it, not a fault.
        if (plan.Job.Tools.Cover.IsCarrier)
            return this.Say(plan, NoticeLevel.Note, plan.Words.Say("cover-needed.note", ("missed", missed)),
                plan.Words.Say("cover-needed.note-why"));
        return this.Say(plan, NoticeLevel.Caution, plan.Words.Say("cover-needed.caution", ("missed", missed)),
            plan.Words.Say("cover-needed.caution-why", ("hot", new ToolWords(plan.Work, plan.Words).Hot),
                ("beside", new ToolWords(plan.Work, plan.Words).Beside)));
    }
}
