namespace Juxtherm.Core.Items.Spots;

/// <summary>A stocking's cuff.</summary>
public sealed class Cuff : IPlacementRule
{
    /// <inheritdoc/>
    public string Id => "cuff";

    /// <inheritdoc/>
    public Proposal? Propose(PlacementQuestion asked)
    {
        ArgumentNullException.ThrowIfNull(asked);
        if (!asked.Shape.Form.Cuffed)
            return null;
        var cuff = asked.Shape["cuffHeight"];
        var fits = asked.HeightMm <= cuff - 20;
        return new Proposal(
            Id, fits ? "On the cuff" : "Below the cuff", asked.LeftFor(asked.Shape.MiddleX), fits ? (cuff - asked.HeightMm) / 2 - 2 : cuff + 25, null, null,
            fits ? "A name belongs on the cuff, where it is seen when it hangs." : "Too high for the cuff; below it the leg is flat.", asked.Centring, PlacementRules.Memory);
    }
}
