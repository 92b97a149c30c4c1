using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Items.Spots;

/// <summary>Below the collar, on the middle line: the usual place on a garment's front.</summary>
public sealed class Chest : IPlacementRule
{
    /// <inheritdoc/>
    public string Id => "chest";

    /// <inheritdoc/>
    public PlaceByRule? Propose(PlacementQuestion asked)
    {
        ArgumentNullException.ThrowIfNull(asked);
        if (asked.Shape.NeckMm is not { } neck || asked.Shape.Face != Face.Front)
            return null;
        var drop = CollarDrop.For(asked.Shape.Size, asked.School);
        return new PlaceByRule(
            Id, new Phrase("chest.name"), asked.LeftFor(asked.Shape.MiddleX), neck + drop, drop, CollarDrop.InWords(asked.Shape.Size),
            new Phrase("chest.propose"),
            new Phrase("chest.propose-2", ("centring", asked.Centring)), PlacementRules.Practice);
    }
}
