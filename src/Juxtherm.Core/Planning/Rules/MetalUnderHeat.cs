using Juxtherm.Core.Notices;
using Juxtherm.Core.Placement;

namespace Juxtherm.Core.Planning.Rules;

/// <summary>Metal would lie under the plate.</summary>
public sealed class MetalUnderHeat : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "metal-under-heat";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        foreach (var (shape, art) in plan.PlacedFaces)
        {
            var fit = PlateFit.Over(shape, art, plan.Job.Tools.PlateWidthMm, plan.Job.Tools.PlateHeightMm);
            var metal = fit.Under.Where(f => f.Kind is FeatureKind.Metal or FeatureKind.Snap).Select(f => f.Name).Distinct(StringComparer.Ordinal).ToList();
            if (metal.Count > 0)
                return this.Say(plan, NoticeLevel.Caution, $"Take it off or keep it out of the press: {string.Join(", ", metal)}.", "Metal takes the plate's heat at once: it burns fingers and cloth, dents the plate's coating and keeps it off the vinyl.");
        }

        return null;
    }
}
