using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Items.Spots;

/// <summary>The middle of the free area.</summary>
public sealed class Middle : IPlacementRule
{
    /// <inheritdoc/>
    public string Id => "middle";

    /// <inheritdoc/>
    public PlaceByRule? Propose(PlacementQuestion asked)
    {
        ArgumentNullException.ThrowIfNull(asked);
        var top = asked.Shape.Features.Where(f => f.Kind is FeatureKind.Hem or FeatureKind.Handle && f.Box.YMm < asked.Shape.HeightMm / 4
            && f.Box.WidthMm > f.Box.HeightMm).Select(f => f.Box.YMm + f.Box.HeightMm).DefaultIfEmpty(0).Max();
        return new PlaceByRule(
            Id, new Phrase("middle.name"), asked.LeftFor(asked.Shape.MiddleX), top + (asked.Shape.HeightMm - top - asked.HeightMm) / 2,
            null, null,
            new Phrase("middle.propose"), new Phrase("middle.propose-2", ("centring", asked.Centring)), PlacementRules.Practice);
    }
}
