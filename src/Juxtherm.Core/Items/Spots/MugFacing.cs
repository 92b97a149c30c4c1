using Juxtherm.Core.Catalogue;

namespace Juxtherm.Core.Items.Spots;

/// <summary>Opposite a mug's handle.</summary>
public sealed class MugFacing : IPlacementRule
{
    /// <inheritdoc/>
    public string Id => "mug-facing";

    /// <inheritdoc/>
    public Proposal? Propose(PlacementQuestion asked)
    {
        ArgumentNullException.ThrowIfNull(asked);
        if (asked.Shape.Form.Shape != FaceShape.Curved)
            return null;
        return new Proposal(
            Id, "Opposite the handle", asked.LeftFor(asked.Shape.MiddleX), asked.Shape["rim"] + (asked.Shape.HeightMm - asked.Shape["rim"] - asked.Shape["foot"] - asked.HeightMm) / 2, null, null,
            "Whoever sits opposite reads it; the rim stays bare, because lips touch it.", "Lay a strip of paper round the mug from handle to handle and fold it once: the fold is the middle.", PlacementRules.Practice);
    }
}
