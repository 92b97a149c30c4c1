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
        var limit = layer.Work.Vinyl.Cut.SmallestDetailMm;
        if (layer.Layer.Measures is not { } m || m.SmallestFeatureMm >= limit.Value)
            return null;
        // Rounded up to what makes a difference to the eye: less than a twentieth larger is no advice.
        var percent = Math.Ceiling((limit.Value / m.SmallestFeatureMm - 1) * 20) * 5;
        var enlarge = percent <= (MostEnlarged - 1) * 100 ? plan.Words.Say("small-detail.enlarge", ("percent", percent)) : "Widen";
        return this.Say(layer, NoticeLevel.Caution,
            plan.Words.Say("small-detail.caution", ("layer", plan.Named(layer)), ("smallestFeature", Thing.FineMm(m.SmallestFeatureMm)),
                ("vinyl", layer.Work.Vinyl.Name), ("limit", Thing.FineMm(limit.Value)), ("enlarge", enlarge)),
            plan.Words.Say("small-detail.caution-why", ("source", limit.From.Source)),
            ("narrowest", m.SmallestFeatureMm, "mm"), ("limit", limit.Value, "mm"));
    }
}
