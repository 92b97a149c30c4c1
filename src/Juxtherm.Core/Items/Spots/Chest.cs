namespace Juxtherm.Core.Items.Spots;

/// <summary>Below the collar, on the middle line: the usual place on a garment's front.</summary>
public sealed class Chest : IPlacementRule
{
    /// <inheritdoc/>
    public string Id => "chest";

    /// <inheritdoc/>
    public Proposal? Propose(PlacementQuestion asked)
    {
        ArgumentNullException.ThrowIfNull(asked);
        if (asked.Shape.NeckMm is not { } neck || asked.Shape.Face != Face.Front)
            return null;
        var drop = CollarDrop.For(asked.Shape.Size, asked.School);
        return new Proposal(
            Id, "Chest", asked.LeftFor(asked.Shape.MiddleX), neck + drop, drop, CollarDrop.InWords(asked.Shape.Size),
            "The eye reads a print by its distance from the collar: too low looks like a slipped bib, and on small sizes it ends up on the belly.",
            $"{asked.Centring} Then measure straight down from the collar's lower edge at the middle.", PlacementRules.Practice);
    }
}
