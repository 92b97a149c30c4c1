using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Items.Spots;

/// <summary>A stocking's cuff.</summary>
public sealed class Cuff : IPlacementRule
{
    /// <inheritdoc/>
    public string Id => "cuff";

    /// <inheritdoc/>
    public PlaceByRule? Propose(PlacementQuestion asked)
    {
        ArgumentNullException.ThrowIfNull(asked);
        if (!asked.Shape.Form.Cuffed)
            return null;
        var cuff = asked.Shape["cuffHeight"];
        var fits = asked.HeightMm <= cuff - 20;
        return new PlaceByRule(
            Id, fits ? new Phrase("cuff.propose")
            : new Phrase("cuff.propose-2"), asked.LeftFor(asked.Shape.MiddleX), fits
            ? (cuff - asked.HeightMm) / 2 - 2 : cuff + 25, null, null,
            fits ? new Phrase("cuff.propose-3") : new Phrase("cuff.propose-4"), asked.Centring, PlacementRules.Memory);
    }
}
