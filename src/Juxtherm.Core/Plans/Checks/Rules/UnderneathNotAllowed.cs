using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Remedies;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>A layer lies on vinyl that carries none, or where it may not lie.</summary>
public sealed class UnderneathNotAllowed : ILayerRule
{
    /// <inheritdoc/>
    public string Code => "underneath-not-allowed";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <summary>What mends a layer lying where it may not: cut out below, side by side, or another vinyl.</summary>
    internal static IReadOnlyList<Remedy> Changes(PlanContext plan, LayerInPlan upper, LayerInPlan lower, LayerInPlan? swap) =>
        [.. new[] { LayerRemedies.CutOut(plan.About, upper, lower), LayerRemedies.SideBySide(plan.About, upper, lower), swap is null || swap.Work.Vinyl.HeatsOnce.Value ? null : LayerRemedies.Smooth(plan.About, swap) }.OfType<Remedy>()];

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        var vinyl = layer.Work.Vinyl;
        foreach (var lower in plan.Stack.DirectlyUnder(layer.Id).Select(id => plan.About.Layer(id)))
        {
            var below = lower.Work.Vinyl;
            // Two glitters, and anything on foam, have rules of their own.
            if (below.HeatsOnce.Value || (below.Family == vinyl.Family && below.Family == GlitterOnGlitter.Family))
                continue;
            if (!below.CarriesOthers.Value)
                return this.Say(layer, NoticeLevel.Stop,
                    $"{plan.Named(layer)} lies on {plan.Named(lower)}, and nothing holds on {below.Name.ToLowerInvariant()} vinyl. Cut its shape out of the layer below, lay the two side by side, or take a smooth vinyl below.",
                    $"{below.Name} has a face that glue does not grip ({below.CarriesOthers.From.Source}).") with
                { Remedies = Changes(plan, layer, lower, swap: lower) };
            if (vinyl.LiesOn.Value == LiesOn.Bare || (vinyl.LiesOn.Value == LiesOn.Smooth && !below.SmoothFace))
                return this.Say(layer, NoticeLevel.Stop,
                    $"{plan.Named(layer)} lies on {plan.Named(lower)}. {vinyl.Name} vinyl belongs on {(vinyl.LiesOn.Value == LiesOn.Bare ? "the bare cloth" : "the cloth or on smooth vinyl")}: cut its shape out of the layer below, or lay it beside.",
                    $"On other vinyl it does not hold or does not come out as it should ({vinyl.LiesOn.From.Source}).") with
                { Remedies = Changes(plan, layer, lower, swap: vinyl.LiesOn.Value == LiesOn.Bare ? layer : lower) };
        }

        return null;
    }
}
