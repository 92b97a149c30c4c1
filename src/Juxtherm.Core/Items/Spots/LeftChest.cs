using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Items.Spots;

/// <summary>A small mark over the heart: the wearer's left, the viewer's right.</summary>
public sealed class LeftChest : IPlacementRule
{
    /// <inheritdoc/>
    public string Id => "left-chest";

    /// <inheritdoc/>
    public PlaceByRule? Propose(PlacementQuestion asked)
    {
        ArgumentNullException.ThrowIfNull(asked);
        // 90 to 115 mm wide (common practice); larger is no mark any more.
        if (asked.Shape.Collar is null || asked.Shape.Face != Face.Front || asked.WidthMm > asked.Shape.WidthMm * 0.4)
            return null;
        var (width, height) = (asked.Shape.WidthMm, asked.Shape.HeightMm);
        // 180 to 230 mm below the shoulder on an adult: in the middle of that, scaled to the size.
        var middleY = 205.0 / 560 * height;
        var middleX = asked.Shape.MiddleX + width * 0.23;
        return new PlaceByRule(
            Id, new Phrase("left-chest.propose"), asked.LeftFor(middleX), middleY - asked.HeightMm / 2, null, null,
            new Phrase("left-chest.propose-2"),
            new Phrase("left-chest.propose-3"), PlacementRules.Memory);
    }
}
