using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Planning.Rules;

/// <summary>A layer gets more heat over all presses than it takes.</summary>
public sealed class HeatBudget : ILayerRule
{
    // Beyond this many times what it takes there is no luck to be had.
    private const double FarBeyond = 2;

    /// <inheritdoc/>
    public string Code => "heat-budget";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        var (had, most) = (plan.Burden[layer.Id], layer.MostBurden);
        if (had <= most)
            return null;
        return this.Say(layer, had > most * FarBeyond ? NoticeLevel.Stop : NoticeLevel.Caution,
            $"{plan.Named(layer)} gets {Wording.Share(had)} times its chart's heat over all presses; it takes about {Wording.Share(most)} here. Tack shorter, lay it later, or press fewer times.",
            $"Heat adds up, and the lowest layer sees every press. Beyond that it wrinkles, yellows or goes flat ({layer.Work.Vinyl.StackBurden.From.Source}).", ("burden", had, "1"), ("most", most, "1"));
    }
}
