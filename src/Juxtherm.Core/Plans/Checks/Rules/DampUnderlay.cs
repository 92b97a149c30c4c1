using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>A towel holds water.</summary>
public sealed class DampUnderlay : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "damp-underlay";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        if (!plan.Job.Tools.Underlay.Damp)
            return null;
        return plan.Work.Form.Framed
            ? this.Say(plan, NoticeLevel.Caution, plan.Words.Say("damp-underlay.caution"), plan.Words.Say("damp-underlay.caution-why"))
            : this.Say(plan, NoticeLevel.Note, plan.Words.Say("damp-underlay.note"), plan.Words.Say("damp-underlay.note-why"));
    }
}
