using Juxtherm.Core.Catalogue;

namespace Juxtherm.Core.Items.Spots;

/// <summary>On a mug's side, read by whoever drinks with the right hand.</summary>
public sealed class MugSide : IPlacementRule
{
    /// <inheritdoc/>
    public string Id => "mug-side";

    /// <inheritdoc/>
    public Proposal? Propose(PlacementQuestion asked)
    {
        ArgumentNullException.ThrowIfNull(asked);
        if (asked.Shape.Form.Shape != FaceShape.Curved || asked.WidthMm > asked.Shape.WidthMm * 0.5)
            return null;
        return new Proposal(
            Id, "Toward the drinker", asked.LeftFor(asked.Shape.WidthMm * 0.25), asked.Shape["rim"] + (asked.Shape.HeightMm - asked.Shape["rim"] - asked.Shape["foot"] - asked.HeightMm) / 2, null, null,
            "Held in the right hand, this side faces the drinker.", "A quarter of the way from the handle round to the other side of it.", PlacementRules.Memory);
    }
}
