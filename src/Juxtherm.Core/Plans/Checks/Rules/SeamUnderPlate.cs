using Juxtherm.Core.Items;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>A seam, button or frame would lie under the plate, on whichever face.</summary>
public sealed class SeamUnderPlate : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "seam-under-plate";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var under = plan.Covered.SelectMany(c => c.Plan.Under)
            .Where(k => k.Kind is not (FeatureKind.Collar or FeatureKind.Metal or FeatureKind.Snap)).ToList();
        if (under.Count == 0)
            return null;
        var names = string.Join(", ", under.Select(k => k.NameHere).Distinct(StringComparer.Ordinal));
        var framed = under.Exists(k => k.Kind == FeatureKind.Frame);
        var zip = under.Exists(k => k.Kind == FeatureKind.Zip);
        var button = under.Exists(k => k.Kind == FeatureKind.Button);
        var how = framed ? plan.Words.Say("seam-under-plate.how") :
            zip ? plan.Words.Say("seam-under-plate.how-2") :
            button ? plan.Words.Say("seam-under-plate.how-3") :
            plan.Words.Say("seam-under-plate.how-4");
        // Seams of the side that lies down are felt less than those beside the print.
        return this.Say(plan, under.Exists(k => !k.OtherFace && !(k.Kind == FeatureKind.Frame && plan.Job.Tools.Underlay.BearsFrames))
            ? NoticeLevel.Caution : NoticeLevel.Note, plan.Words.Say("seam-under-plate.found", ("names", names), ("how", how)),
            plan.Words.Say("seam-under-plate.found-why"));
    }
}
