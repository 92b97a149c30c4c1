using Juxtherm.Core.Items;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Sections;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>A collar would lie under the plate, on whichever face.</summary>
public sealed class CollarUnderPlate : IPlanRule
{
    // Less than this is rounding to squares.
    private const double ShiftedMm = 5;

    private const string Why = "The rib holds the plate off the vinyl beside it, and its ring prints into the cloth for good.";

    /// <inheritdoc/>
    public string Code => "collar-under-plate";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        if (plan.Covered.SelectMany(c => c.Plan.Under).FirstOrDefault(k => k.Kind == FeatureKind.Collar) is { } collar)
        {
            return this.Say(plan, NoticeLevel.Caution, $"The collar{(collar.OtherFace ? " of the other side" : "")} cannot hang off this plate without leaving part of the print uncovered. Thread the shirt over the lower plate, put a pillow inside, or use a smaller plate.", Why);
        }

        foreach (var (shape, art) in plan.PlacedFaces)
        {
            // Where the plate's middle is not on the print's, the collar is what pushed it.
            if (shape.Collar is { } near && JobSections.Of(plan.Job, shape.Face, [.. plan.Layers.Select(l => l.Id)]).Plan?.Sections is [{ SlantDegrees: 0 } only])
            {
                var shift = only.Box.YMm - (art.YMm + art.HeightMm / 2 - only.HeightMm / 2);
                if (shift > ShiftedMm && (only.Box with { YMm = only.Box.YMm - shift }).Overlaps(near.Box))
                    return this.Say(plan, NoticeLevel.Note, $"Let the collar hang off the plate: set the plate's upper edge {plan.Words.Length(only.Box.YMm - shape.NeckMm!.Value)} below the collar, not its middle on the print's.", Why, ("shift", shift, "mm"));
            }
        }

        return null;
    }
}
