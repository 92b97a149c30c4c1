using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Stretched canvas has nothing behind it.</summary>
public sealed class FrameNeedsSupport : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "frame-needs-support";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return plan.Work.Form.Framed && !plan.Job.Tools.Underlay.BearsFrames
            ? this.Say(plan, NoticeLevel.Caution, plan.Words.Say("frame-needs-support.caution"),
                plan.Words.Say("frame-needs-support.caution-why"))
            : null;
    }
}
