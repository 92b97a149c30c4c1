using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Planning.Rules;

/// <summary>Vinyl would lie on another piece's carrier, or a carrier's edge on finished vinyl.</summary>
public sealed class CarrierOverlap : IPlanRule
{
    private static bool LiesOnCarrier(PlanContext plan, LayerInPlan upper, LayerInPlan lower) =>
        plan.Lying.Reaches(upper.Id, lower.Id) || (upper.Layer.Face == lower.Layer.Face && upper.Layer.Box is { } vinyl && lower.Layer.Box?.Grown(lower.Layer.CarrierMarginMm) is { } carrier && vinyl.Overlaps(carrier));

    private static bool EdgeLiesOn(LayerInPlan upper, LayerInPlan lower) =>
        upper.Layer.Face == lower.Layer.Face && upper.Layer.Box?.Grown(upper.Layer.CarrierMarginMm) is { } carrier && lower.Layer.Box is { } vinyl && carrier.Overlaps(vinyl) && !carrier.Contains(vinyl);

    /// <inheritdoc/>
    public string Code => "carrier-overlap";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var earlier = new List<LayerInPlan>();
        foreach (var press in plan.Presses)
        {
            var together = press.Laid.Select(id => plan.About.Layer(id)).ToList();
            foreach (var upper in together)
            {
                if (together.Find(other => other != upper && LiesOnCarrier(plan, upper, other)) is { } under)
                    return this.Say(plan, NoticeLevel.Stop, $"{plan.Named(upper)} would lie on the carrier of {plan.Named(under)} in the same press. Press one after the other, or trim the carriers until they clear each other.",
                        "Glue bonds to whatever it lies on: here to the carrier instead of the cloth, and it comes off with it.");
                // A tack is too short and light to leave a mark; a full press is not.
                if (press.Purpose == PressPurpose.Press && earlier.Find(lower => EdgeLiesOn(upper, lower)) is { } finished)
                    return this.Say(plan, NoticeLevel.Caution, $"The carrier of {plan.Named(upper)} ends on {plan.Named(finished)}, which is finished. Trim the carrier close, or press it with a soft underlay.", "In a full press the carrier's edge prints a line into the vinyl below.");
            }

            earlier.AddRange(together);
        }

        return null;
    }
}
