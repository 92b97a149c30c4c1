namespace Juxtherm.Core.Items.Spots;

/// <summary>In the middle between the collar and a seam across, as a yoke has one.</summary>
public sealed class CollarToSeam : IPlacementRule
{
    // Vinyl lies so far clear of a seam and of a collar, mm (common practice: a plate's edge beside it).
    private const double ClearMm = 5;

    /// <inheritdoc/>
    public string Id => "collar-to-seam";

    /// <inheritdoc/>
    public Proposal? Propose(PlacementQuestion asked)
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
        return new Proposal(
            Id, "Between collar and yoke seam", asked.LeftFor(middle), neck + drop, drop, null,
            "Halfway between collar and seam the plate keeps off both.", $"{asked.Centring} Then make the gap to the collar and to the seam alike.", PlacementRules.Practice);
    }
}
