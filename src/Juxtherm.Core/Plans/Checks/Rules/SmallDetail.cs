using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Something in the artwork is narrower than the vinyl can be weeded at.</summary>
public sealed class SmallDetail : ILayerRule
{
    private const double MostEnlarged = 3;

    /// <inheritdoc/>
    public string Code => "small-detail";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        var limit = layer.Work.Vinyl.SmallestDetailMm;
        if (layer.Layer.Measures is not { } m || m.SmallestFeatureMm >= limit.Value)
            return null;
        // Rounded up to what makes a difference to the eye: less than a twentieth larger is no advice.
        var percent = Math.Ceiling((limit.Value / m.SmallestFeatureMm - 1) * 20) * 5;
        var enlarge = percent <= (MostEnlarged - 1) * 100 ? $"Make it {percent:0} % larger, widen" : "Widen";
        return this.Say(layer, NoticeLevel.Caution,
            $"{plan.Named(layer)}: its narrowest place is {plan.Words.Fine(m.SmallestFeatureMm)}, and {layer.Work.Vinyl.Name.ToLowerInvariant()} vinyl weeds well down to {plan.Words.Fine(limit.Value)}. {enlarge} the place, or cut it in a finer vinyl.",
            $"Narrower strips tear and tiny pieces come away with the waste ({limit.From.Source}). The places are ringed at the Artwork station.",
            ("narrowest", m.SmallestFeatureMm, "mm"), ("limit", limit.Value, "mm"));
    }
}
