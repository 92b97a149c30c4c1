using Juxtherm.Core.Notices;
using Juxtherm.Core.Placement;

namespace Juxtherm.Core.Planning.Rules;

/// <summary>The print crosses a zip.</summary>
public sealed class ZipCrossing : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "zip-crossing";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        foreach (var (shape, art) in plan.PlacedFaces)
        {
            if (shape.Features.FirstOrDefault(f => f.Kind == FeatureKind.Zip && f.Box.Overlaps(art)) is not null)
                return this.Say(plan, NoticeLevel.Caution, "The print crosses the zip. Cut the piece in two along it, and lay the halves closed edge to edge with the zip shut.",
                    "Vinyl over a zip tears at the first opening; the teeth hold the plate off, and metal ones burn.");
        }

        return null;
    }
}
