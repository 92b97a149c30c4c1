using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Items.Spots;

/// <summary>Across the back, below the collar.</summary>
public sealed class Yoke : IPlacementRule
{
    /// <inheritdoc/>
    public string Id => "yoke";

    /// <inheritdoc/>
    public PlaceByRule? Propose(PlacementQuestion asked)
    {
        ArgumentNullException.ThrowIfNull(asked);
        if (asked.Shape.NeckMm is not { } neck || asked.Shape.Face != Face.Back)
            return null;
        // The back's collar sits higher, so the print begins a little further below it.
        var drop = CollarDrop.For(asked.Shape.Size, asked.School) * 1.25;
        return new PlaceByRule(
            Id, new Phrase("yoke.propose"), asked.LeftFor(asked.Shape.MiddleX), neck + drop, drop, CollarDrop.InWords(asked.Shape.Size),
            new Phrase("yoke.propose-2"), new Phrase("yoke.propose-3", ("centring", asked.Centring)), PlacementRules.Memory);
    }
}
