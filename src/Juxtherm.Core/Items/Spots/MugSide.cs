using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Items.Spots;

/// <summary>On a mug's side, read by whoever drinks with the right hand.</summary>
public sealed class MugSide : IPlacementRule
{
    /// <inheritdoc/>
    public string Id => "mug-side";

    /// <inheritdoc/>
    public PlaceByRule? Propose(PlacementQuestion asked)
    {
        ArgumentNullException.ThrowIfNull(asked);
        if (asked.Shape.Form.Shape != FaceShape.Curved || asked.WidthMm > asked.Shape.WidthMm * 0.5)
            return null;
        return new PlaceByRule(
            Id, new Phrase("mug-side.propose"), asked.LeftFor(asked.Shape.WidthMm * 0.25),
            asked.Shape["rim"] + (asked.Shape.HeightMm - asked.Shape["rim"] - asked.Shape["foot"] - asked.HeightMm) / 2, null, null,
            new Phrase("mug-side.propose-2"), new Phrase("mug-side.propose-3"), PlacementRules.Memory);
    }
}
