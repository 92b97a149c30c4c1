using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Items.Spots;

/// <summary>Opposite a mug's handle.</summary>
public sealed class MugFacing : IPlacementRule
{
    /// <inheritdoc/>
    public string Id => "mug-facing";

    /// <inheritdoc/>
    public PlaceByRule? Propose(PlacementQuestion asked)
    {
        ArgumentNullException.ThrowIfNull(asked);
        if (asked.Shape.Form.Shape != FaceShape.Curved)
            return null;
        return new PlaceByRule(
            Id, new Phrase("mug-facing.propose"), asked.LeftFor(asked.Shape.MiddleX),
            asked.Shape["rim"] + (asked.Shape.HeightMm - asked.Shape["rim"] - asked.Shape["foot"] - asked.HeightMm) / 2, null, null,
            new Phrase("mug-facing.propose-2"), new Phrase("mug-facing.propose-3"), PlacementRules.Practice);
    }
}
