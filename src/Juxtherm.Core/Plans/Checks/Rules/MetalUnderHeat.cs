using Juxtherm.Core.Items;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Metal lies where vinyl is to be pressed, or so near that the plate cannot clear it.</summary>
public sealed class MetalUnderHeat : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "metal-under-heat";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        foreach (var (shape, art) in plan.PlacedFaces)
        {
            var kept = plan.Covered.Where(c => c.Shape.Face == shape.Face).ToList();
            // A plate that clears it leaves it alone; where some vinyl is out of reach, the metal has to go.
            if (kept.Count > 0 && kept.TrueForAll(c => c.Plan.NotCovered.Count == 0))
                continue;
            var (width, height) = (plan.Job.Tools.PlateWidthMm, plan.Job.Tools.PlateHeightMm);
            var near = art.Grown(Math.Max(width, height));
            var metal = shape.Features.Where(f => f.Kind is FeatureKind.Metal or FeatureKind.Snap && near.Overlaps(f.Box))
                .Select(f => f.Name).Distinct(StringComparer.Ordinal).ToList();
            if (metal.Count > 0)
                return this.Say(plan, NoticeLevel.Caution, plan.Words.Say("metal-under-heat.caution", ("metal", Thing.List(metal))),
                    plan.Words.Say("metal-under-heat.caution-why"));
        }

        return null;
    }
}
