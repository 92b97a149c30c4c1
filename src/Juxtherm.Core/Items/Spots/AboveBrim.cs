using Juxtherm.Core.Catalogue;

namespace Juxtherm.Core.Items.Spots;

/// <summary>A cap's front, above the brim.</summary>
public sealed class AboveBrim : IPlacementRule
{
    /// <inheritdoc/>
    public string Id => "above-brim";

    /// <inheritdoc/>
    public Proposal? Propose(PlacementQuestion asked)
    {
        ArgumentNullException.ThrowIfNull(asked);
        if (asked.Shape.Form.Shape != FaceShape.Domed)
            return null;
        return new Proposal(
            Id, "Above the brim", asked.LeftFor(asked.Shape.MiddleX), Math.Max(2, asked.Shape.HeightMm - 12 - asked.HeightMm), null, null,
            "About 12 mm above the brim seam the panels are still flat enough for the plate.", "The seam between the front panels is the middle; measure up from the brim's seam.", PlacementRules.Memory);
    }
}
