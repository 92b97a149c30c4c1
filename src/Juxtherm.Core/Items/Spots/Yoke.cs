namespace Juxtherm.Core.Items.Spots;

/// <summary>Across the back, below the collar.</summary>
public sealed class Yoke : IPlacementRule
{
    /// <inheritdoc/>
    public string Id => "yoke";

    /// <inheritdoc/>
    public Proposal? Propose(PlacementQuestion asked)
    {
        ArgumentNullException.ThrowIfNull(asked);
        if (asked.Shape.NeckMm is not { } neck || asked.Shape.Face != Face.Back)
            return null;
        // The back's collar sits higher, so the print begins a little further below it.
        var drop = CollarDrop.For(asked.Shape.Size, asked.School) * 1.25;
        return new Proposal(
            Id, "Across the back", asked.LeftFor(asked.Shape.MiddleX), neck + drop, drop, CollarDrop.InWords(asked.Shape.Size),
            "Between the shoulder blades it lies flat when worn, and hair or a hood does not hide it.", $"{asked.Centring} Then measure straight down from the collar's lower edge.", PlacementRules.Memory);
    }
}
