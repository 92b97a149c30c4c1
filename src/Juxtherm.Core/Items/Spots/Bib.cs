namespace Juxtherm.Core.Items.Spots;

/// <summary>The upper part of an apron.</summary>
public sealed class Bib : IPlacementRule
{
    /// <inheritdoc/>
    public string Id => "bib";

    /// <inheritdoc/>
    public Proposal? Propose(PlacementQuestion asked)
    {
        ArgumentNullException.ThrowIfNull(asked);
        if (!asked.Shape.Form.Bib)
            return null;
        return new Proposal(
            Id, "Bib", asked.LeftFor(asked.Shape.MiddleX), 60, null, null, "Above the waist it is seen over a counter; lower down it folds with the hips.",
            $"{asked.Centring} Then 60 mm down from the bib's upper edge.", PlacementRules.Memory);
    }
}
