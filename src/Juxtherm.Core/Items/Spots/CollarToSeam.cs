using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Items.Spots;

/// <summary>In the middle between the collar and a seam across, as a yoke has one.</summary>
public sealed class CollarToSeam : IPlacementRule
{
    // Vinyl lies so far clear of a seam and of a collar, mm (common practice: a plate's edge beside it).
    private const double ClearMm = 5;

    /// <inheritdoc/>
    public string Id => "collar-to-seam";

    /// <inheritdoc/>
    public PlaceByRule? Propose(PlacementQuestion asked)
    {
        ArgumentNullException.ThrowIfNull(asked);
        var middle = asked.Shape.MiddleX;
        if (asked.Shape.NeckMm is not { } neck)
            return null;
        // A seam across the middle, lying rather than standing, below the collar.
        var seam = asked.Shape.Features.Where(f => f.Kind == FeatureKind.Seam && f.Box.WidthMm > 2 * f.Box.HeightMm)
            .Where(f => f.Box.XMm < middle && f.Box.XMm + f.Box.WidthMm > middle && f.Box.YMm > neck).MinBy(f => f.Box.YMm);
        if (seam is null || seam.Box.YMm - neck < asked.HeightMm + 2 * ClearMm)
            return null;
        var drop = (seam.Box.YMm - neck - asked.HeightMm) / 2;
        return new PlaceByRule(
            Id, new Phrase("collar-to-seam.propose"), asked.LeftFor(middle), neck + drop, drop, null,
            new Phrase("collar-to-seam.propose-2"), new Phrase("collar-to-seam.propose-3", ("centring", asked.Centring)),
            PlacementRules.Practice);
    }
}
