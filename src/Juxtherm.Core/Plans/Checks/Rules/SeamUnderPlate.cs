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
        var under = plan.Covered.SelectMany(c => c.Plan.Under).Where(k => k.Kind is not (FeatureKind.Collar or FeatureKind.Metal or FeatureKind.Snap)).ToList();
        if (under.Count == 0)
            return null;
        var names = string.Join(", ", under.Select(k => k.NameHere).Distinct(StringComparer.Ordinal));
        var framed = under.Exists(k => k.Kind == FeatureKind.Frame);
        var zip = under.Exists(k => k.Kind == FeatureKind.Zip);
        var button = under.Exists(k => k.Kind == FeatureKind.Button);
        var how = framed ? "Put a board inside the frame that stands higher than its bars" :
            zip ? "Open the zip and fold its halves out from under the print, or put a pillow under the print alone" :
            button ? "Put a pillow with a hole for the button under the print, or cut the carrier around it" :
            "Put a pillow or pad under the print alone so that it stands higher than they do, thread the garment over the lower plate, or use a smaller plate";
        // Seams of the side that lies down are felt less than those beside the print.
        return this.Say(plan, under.Exists(k => !k.OtherFace && !(k.Kind == FeatureKind.Frame && plan.Job.Tools.Underlay.BearsFrames)) ? NoticeLevel.Caution : NoticeLevel.Note, $"No placement of the plate keeps off these: {names}. {how}.",
            "What is thicker than the cloth keeps the plate off the vinyl beside it, and prints a ridge.");
    }
}
