using Juxtherm.Core.Notices;
using Juxtherm.Core.Planning.Ways;

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
        // A last press is planned up to the limit; thousandths beyond it are a matter of rounding.
        var (had, most) = (Math.Round(plan.Burden[layer.Id], 2), layer.MostBurden);
        if (had <= most)
            return null;
        return this.Say(layer, had > most * FarBeyond ? NoticeLevel.Stop : NoticeLevel.Caution,
            $"{plan.Named(layer)} gets {Wording.Share(had)} times its chart's heat over all presses; it takes about {Wording.Share(most)} here. Tack shorter, lay it later, or press fewer times.",
            $"Heat adds up, and the lowest layer sees every press. Beyond that it wrinkles, yellows or goes flat ({layer.Work.Vinyl.StackBurden.From.Source}).", ("burden", had, "1"), ("most", most, "1")) with
        { Mends = [.. Less(plan)] };
    }

    /// <summary>Ways of doing it that were chosen and heat more than is needed.</summary>
    private static IEnumerable<Mend> Less(PlanContext plan)
    {
        if (plan.Job.Choices.GetValueOrDefault(new LayersMethod().Id) == LayersMethod.Full)
            yield return new Mend("Tack each, then one full press", [new JobEdit($"/choices/{new LayersMethod().Id}", null)]);
        if (plan.Job.Choices.GetValueOrDefault(new TotalHeat().Id) == TotalHeat.OnceMore)
            yield return new Mend("Leave out the full press more", [new JobEdit($"/choices/{new TotalHeat().Id}", null)]);
    }
}
