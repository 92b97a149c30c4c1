using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Options;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>A layer gets more heat over all presses than it takes.</summary>
public sealed class HeatBudget : ILayerRule
{
    // Beyond this many times what it takes there is no luck to be had; who has a setting of their own may have had some.
    private const double FarBeyond = 2;
    private const double FarBeyondOwn = 3;

    /// <inheritdoc/>
    public string Code => "heat-budget";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        // A last press is planned up to the limit; thousandths beyond it are a matter of rounding.
        var (had, most) = (Math.Round(plan.HeatDose[layer.Id], 2), layer.MostHeatDose);
        // What only the overlap of two plates has too much of is a strip along a joint, and often done.
        var alone = plan.HeatDoseOnce.GetValueOrDefault(layer.Id, had);
        if (had > most && alone <= most && !layer.Work.Vinyl.Press.HeatsOnce.Value)
        {
            return this.Say(layer, NoticeLevel.Caution,
                plan.Words.Say("heat-budget.caution", ("layer", plan.Named(layer)), ("had", Thing.Share(had)), ("most", Thing.Share(most))),
                plan.Words.Say("heat-budget.caution-why", ("source", layer.Takes.From.Source)), ("burden", had, "1"), ("most", most, "1"),
                ("alone", Math.Round(alone, 2), "1"));
        }

        var level = had > most * (plan.Found.From == SettingFrom.Search ? FarBeyond : FarBeyondOwn)
            ? NoticeLevel.Stop : NoticeLevel.Caution;
        // Where the last press was cut short for it, that is said once.
        // Foam heated twice has a notice of its own.
        if (had <= most || (layer.Work.Vinyl.Press.HeatsOnce.Value && level == NoticeLevel.Caution)
            || (level == NoticeLevel.Caution && plan.Presses.Any(p => p.InsteadOfSeconds is not null) && !Less(plan).Any()))
            return null;
        return this.Say(layer, level,
            plan.Words.Say("heat-budget.text", ("layer", plan.Named(layer)), ("had", Thing.Share(had)), ("most", Thing.Share(most))),
            plan.Words.Say("heat-budget.text-2", ("source", layer.Takes.From.Source)), ("burden", had, "1"), ("most", most, "1")) with
        { Remedies = [.. Less(plan)] };
    }

    /// <summary>Ways of doing it that were chosen and heat more than is needed.</summary>
    private static IEnumerable<Remedy> Less(PlanContext plan)
    {
        if (plan.Job.Choices.GetValueOrDefault(new LayersMethod().Id) == LayersMethod.Full)
            yield return new Remedy(plan.Words.Say("heat-budget.less"), [JobEdit.To($"/choices/{new LayersMethod().Id}", null)]);
        if (plan.Job.Choices.GetValueOrDefault(new TotalHeat().Id) == TotalHeat.OnceMore)
            yield return new Remedy(plan.Words.Say("heat-budget.less-2"), [JobEdit.To($"/choices/{new TotalHeat().Id}", null)]);
    }
}
