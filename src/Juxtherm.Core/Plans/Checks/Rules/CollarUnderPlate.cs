using Juxtherm.Core.Items;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Sections;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>A collar would lie under the plate, on whichever face.</summary>
public sealed class CollarUnderPlate : IPlanRule
{
    // Less than this is rounding to squares.
    private const double ShiftedMm = 5;

    /// <inheritdoc/>
    public string Code => "collar-under-plate";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var why = plan.Words.Say("collar-under-plate.why");
        if (plan.Covered.SelectMany(c => c.Plan.Under).FirstOrDefault(k => k.Kind == FeatureKind.Collar) is { } collar)
        {
            return this.Say(plan, NoticeLevel.Caution, plan.Words.Say("collar-under-plate.caution", ("otherFace", collar.OtherFace)), why);
        }

        foreach (var (shape, art) in plan.PlacedFaces)
        {
            // Where the plate's middle is not on the print's, the collar is what pushed it.
            if (shape.Collar is { } near
                && JobSections.Of(plan.Job, shape.Face, [.. plan.Layers.Select(l => l.Id)]).Plan?.Sections is [{ SlantDegrees: 0 } only])
            {
                var shift = only.Box.YMm - (art.YMm + art.HeightMm / 2 - only.HeightMm / 2);
                if (shift > ShiftedMm && (only.Box with { YMm = only.Box.YMm - shift }).Overlaps(near.Box))
                    return this.Say(plan, NoticeLevel.Note,
                        plan.Words.Say("collar-under-plate.note", ("y", Thing.Mm(only.Box.YMm - shape.NeckMm!.Value))), why,
                        ("shift", shift, "mm"));
            }
        }

        return null;
    }
}
