using Juxtherm.Core.Geometry;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Placement;

namespace Juxtherm.Core.Planning.Rules;

/// <summary>The collar would lie under the plate.</summary>
public sealed class CollarUnderPlate : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "collar-under-plate";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        foreach (var (shape, art) in plan.PlacedFaces)
        {
            if (shape.Collar is not { } collar)
                continue;
            var (width, height) = (plan.Job.Tools.PlateWidthMm, plan.Job.Tools.PlateHeightMm);
            var centred = new Box(art.XMm + art.WidthMm / 2 - width / 2, art.YMm + art.HeightMm / 2 - height / 2, width, height);
            var fit = PlateFit.Over(shape, art, width, height);
            const string why = "The rib holds the plate off the vinyl beside it, and its ring prints into the cloth for good.";
            if (fit.Under.Any(f => f.Kind == FeatureKind.Collar))
                return this.Say(plan, NoticeLevel.Caution, "The collar cannot hang off this plate without leaving part of the print uncovered. Thread the shirt over the lower plate, put a pillow inside, or use a smaller plate.", why);
            if (centred.Overlaps(collar.Box))
                return this.Say(plan, NoticeLevel.Note, $"Let the collar hang off the plate: set the plate's upper edge {plan.Words.Length(fit.Plate.YMm - collar.Box.YMm - collar.Box.HeightMm)} below the collar, not its middle on the print's.", why, ("shift", fit.Plate.YMm - centred.YMm, "mm"));
        }

        return null;
    }
}
