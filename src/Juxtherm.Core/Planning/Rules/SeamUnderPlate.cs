using Juxtherm.Core.Notices;
using Juxtherm.Core.Placement;

namespace Juxtherm.Core.Planning.Rules;

/// <summary>A seam, button or frame would lie under the plate.</summary>
public sealed class SeamUnderPlate : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "seam-under-plate";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        foreach (var (shape, art) in plan.PlacedFaces)
        {
            var fit = PlateFit.Over(shape, art, plan.Job.Tools.PlateWidthMm, plan.Job.Tools.PlateHeightMm);
            var under = fit.Under.Where(f => f.Kind is FeatureKind.Seam or FeatureKind.Button or FeatureKind.Frame or FeatureKind.Handle or FeatureKind.Strap).Select(f => f.Name).Distinct(StringComparer.Ordinal).ToList();
            if (under.Count > 0)
                return this.Say(plan, NoticeLevel.Note, $"Under the plate lie: {string.Join(", ", under)}. Put a pillow or pad under the print alone so that it stands higher than they do, or use a smaller plate.",
                    "What is thicker than the cloth keeps the plate off the vinyl beside it, and prints a ridge.");
        }

        return null;
    }
}
