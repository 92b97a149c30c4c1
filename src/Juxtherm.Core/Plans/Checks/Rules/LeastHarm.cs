using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Options;
using Juxtherm.Core.Plans.Remedies;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>No order keeps every layer within its heat at the full bond: the last press was cut to where all of them hold.</summary>
public sealed class LeastHarm : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "heat-budget";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        // Where a press from the back makes up for it, nothing is given up.
        if (plan.Presses.FirstOrDefault(p => p.InsteadOfSeconds is not null) is not { InsteadOfSeconds: { } full } press
            || plan.BondShare >= 1)
            return null;
        var tightest = plan.Layers.MinBy(l => l.MostHeatDose / Math.Max(0.01, plan.HeatDose[l.Id]))!;
        var lofty = plan.Work.Material.Lofty.Value;
        return this.Say(plan, NoticeLevel.Caution,
            plan.Words.Say("least-harm.caution", ("seconds", Thing.Seconds(press.Seconds)), ("full", Thing.Seconds(full)),
                ("tightest", plan.Named(tightest)), ("bondShare", Thing.Share(plan.BondShare)), ("lofty", lofty)),
            plan.Words.Say("least-harm.caution-why", ("mostHeatDose", Thing.Share(tightest.MostHeatDose)),
                ("source", tightest.Takes.From.Source), ("lofty", lofty), ("material", plan.Work.Material.Name)),
            ("seconds", press.Seconds, "s"), ("full", full, "s"), ("bond", plan.BondShare, "1")) with
        {
            Layers = [.. plan.Layers.Where(l => l == tightest || plan.HeatDose[l.Id] > l.MostHeatDose).Select(l => l.Id)],
            Remedies = [.. Changes(plan)]
        };
    }

    private static IEnumerable<Remedy> Changes(PlanContext plan)
    {
        foreach (var upper in plan.Layers)
        {
            if (plan.Stack.DirectlyUnder(upper.Id).Select(plan.About.Layer).FirstOrDefault() is { } lower
                && LayerRemedies.CutOut(plan.About, upper, lower) is { } cut)
            {
                yield return cut;
                break;
            }
        }

        var back = new BackPress();
        if (plan.About.CanBeTurned && plan.About.Choose(back) != BackPress.Always)
            yield return new Remedy(plan.Words.Say("least-harm.changes"), [JobEdit.To($"/choices/{back.Id}", BackPress.Always)]);
    }
}
