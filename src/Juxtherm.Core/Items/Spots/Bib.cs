using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Items.Spots;

/// <summary>The upper part of an apron.</summary>
public sealed class Bib : IPlacementRule
{
    /// <inheritdoc/>
    public string Id => "bib";

    /// <inheritdoc/>
    public PlaceByRule? Propose(PlacementQuestion asked)
    {
        ArgumentNullException.ThrowIfNull(asked);
        if (!asked.Shape.Form.Bib)
            return null;
        return new PlaceByRule(
            Id, new Phrase("bib.name"), asked.LeftFor(asked.Shape.MiddleX), 60, null, null, new Phrase("bib.propose"),
            new Phrase("bib.propose-2", ("centring", asked.Centring)), PlacementRules.Memory);
    }
}
