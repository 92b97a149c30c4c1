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
            ? this.Say(plan, NoticeLevel.Caution, "A board inside the frame is better than a towel; if it has to be the towel, dry it under the press first.", "Behind a stretched canvas its moisture has nowhere to go but into the glue line.")
            : this.Say(plan, NoticeLevel.Note, "The towel must be bone dry: press it alone for half a minute first.", "Steam from below keeps the glue line cool and lifts the vinyl.");
    }
}
