using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Items.Spots;

/// <summary>A triangle hanging from its long edge: below the band, toward the tip.</summary>
public sealed class TowardTip : IPlacementRule
{
    /// <inheritdoc/>
    public string Id => "toward-tip";

    /// <inheritdoc/>
    public PlaceByRule? Propose(PlacementQuestion asked)
    {
        ArgumentNullException.ThrowIfNull(asked);
        if (!asked.Shape.Form.Pointed)
            return null;
        // 50 to 75 mm stay clear at a neck's edge; a pennant's band is a feature of its own.
        var band = asked.Shape.Features.Where(f => f.Kind == FeatureKind.Hem).Select(f => f.Box.YMm + f.Box.HeightMm).DefaultIfEmpty(0)
            .Max();
        var clear = asked.Shape.Form.Knotted ? Math.Max(band, 62) : band + 12;
        return new PlaceByRule(
            Id, new Phrase("toward-tip.propose"), asked.LeftFor(asked.Shape.MiddleX), clear, null, null,
            new Phrase("toward-tip.propose-2"), new Phrase("toward-tip.propose-3", ("centring", asked.Centring)), PlacementRules.Practice);
    }
}
