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
        [.. new[] { LayerRemedies.CutOut(plan.About, upper, lower), LayerRemedies.SideBySide(plan.About, upper, lower), swap is null
            || swap.Work.Vinyl.Press.HeatsOnce.Value ? null : LayerRemedies.ReferenceVinyl(plan.About, swap) }.OfType<Remedy>()];

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
            if (below.Press.HeatsOnce.Value || (below.Family == vinyl.Family && below.Family == GlitterOnGlitter.Family))
                continue;
            if (!below.Stack.CarriesOthers.Value)
                return this.Say(layer, NoticeLevel.Stop,
                    plan.Words.Say("underneath-not-allowed.stop", ("layer", plan.Named(layer)), ("lower", plan.Named(lower)),
                        ("below", below.Name)),
                    plan.Words.Say("underneath-not-allowed.stop-why", ("below", below.Name),
                        ("source", below.Stack.CarriesOthers.From.Source)))
                    with
                { Remedies = Changes(plan, layer, lower, swap: lower) };
            if (vinyl.Stack.LiesOn.Value == LiesOn.Bare || (vinyl.Stack.LiesOn.Value == LiesOn.Smooth && !below.SmoothSurface))
                return this.Say(layer, NoticeLevel.Stop,
                    plan.Words.Say("underneath-not-allowed.stop-2", ("layer", plan.Named(layer)), ("lower", plan.Named(lower)),
                        ("vinyl", vinyl.Name), ("isLiesOn", vinyl.Stack.LiesOn.Value == LiesOn.Bare)),
                    plan.Words.Say("underneath-not-allowed.stop-why-2", ("source", vinyl.Stack.LiesOn.From.Source))) with
                { Remedies = Changes(plan, layer, lower, swap: vinyl.Stack.LiesOn.Value == LiesOn.Bare ? layer : lower) };
        }

        return null;
    }
}
