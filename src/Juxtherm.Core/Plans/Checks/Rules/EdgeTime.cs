using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Fine edges want a little more.</summary>
public sealed class EdgeTime : ILayerRule
{
    private const double ExtraSeconds = 5;

    /// <inheritdoc/>
    public string Code => "edge-time";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        if (layer.Layer.Box is { } box && plan.Covered.Any(c => c.Shape.Face == layer.Layer.Face && c.Plan.AtEdge.Any(box.Overlaps)))
        {
            return this.Say(layer, NoticeLevel.Note, $"Part of {plan.Named(layer)} lies in the plate's cooler edge: when the press is done shift the plate toward it for {ExtraSeconds:0} s more.",
                "Along its edge a plate is cooler and presses less (common practice). Try that part before the carrier is off.", ("extra", ExtraSeconds, "s"));
        }

        return layer.Layer.Intricate
            ? this.Say(layer, NoticeLevel.Note, $"{plan.Named(layer)} has fine edges: after the press set the plate's middle on the edge of the print for {ExtraSeconds:0} s more, and try every edge before the carrier is off.",
                "Pressure falls off toward the rim of a plate, and narrow strips have little to hold on to (common practice).", ("extra", ExtraSeconds, "s"))
            : null;
    }
}
