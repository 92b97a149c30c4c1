using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Items.Spots;

/// <summary>A cushion: a little above the middle, a fifth of its side clear all round.</summary>
public sealed class CushionMiddle : IPlacementRule
{
    /// <inheritdoc/>
    public string Id => "cushion-middle";

    /// <inheritdoc/>
    public PlaceByRule? Propose(PlacementQuestion asked)
    {
        ArgumentNullException.ThrowIfNull(asked);
        if (!asked.Shape.Form.Filled)
            return null;
        var side = Math.Min(asked.Shape.WidthMm, asked.Shape.HeightMm);
        return new PlaceByRule(
            Id, new Phrase("cushion-middle.propose"), asked.LeftFor(asked.Shape.MiddleX),
            asked.Shape.HeightMm / 2 - asked.HeightMm / 2 - side * 0.03, null, null,
            new Phrase("cushion-middle.propose-2"), asked.Centring, PlacementRules.Practice);
    }
}
