using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Which side is the carrier.</summary>
public sealed class CarrierSide : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "carrier-side";

    /// <inheritdoc/>
    public bool Standing => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return this.Say(plan, NoticeLevel.Note,
            "Cut with the carrier sheet down; press with it up. Lift a corner with a nail to be sure which side it is.",
            "The carrier is usually the shiny side, but not on every vinyl. Carrier down at the press glues the plate, or nothing at all.");
    }
}
