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
            ? this.Say(plan, NoticeLevel.Caution, "Put a board as thick as the frame is deep inside it, from behind, and press on that. Keep the plate off the frame's bars.", "Without support the canvas gives way, gets no pressure, and takes the print of the bars.")
            : null;
    }
}
