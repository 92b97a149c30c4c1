using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Items.Spots;

/// <summary>A cap's front, above the brim.</summary>
public sealed class AboveBrim : IPlacementRule
{
    /// <inheritdoc/>
    public string Id => "above-brim";

    /// <inheritdoc/>
    public PlaceByRule? Propose(PlacementQuestion asked)
    {
        ArgumentNullException.ThrowIfNull(asked);
        if (asked.Shape.Form.Shape != FaceShape.Domed)
            return null;
        return new PlaceByRule(
            Id, new Phrase("above-brim.propose"), asked.LeftFor(asked.Shape.MiddleX),
            Math.Max(2, asked.Shape.HeightMm - 12 - asked.HeightMm), null, null,
            new Phrase("above-brim.propose-2"), new Phrase("above-brim.propose-3"), PlacementRules.Memory);
    }
}
