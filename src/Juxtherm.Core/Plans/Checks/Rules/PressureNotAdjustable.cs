using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>The press has a pressure of its own.</summary>
public sealed class PressureNotAdjustable : IPlanRule
{
    /// <inheritdoc/>
    public string Code => "pressure-not-adjustable";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var source = plan.Work.Source;
        if (source.Pressure.Adjustable)
            return null;
        var asks = plan.Layers.MaxBy(l => l.Pressure.Value)!.Pressure;
        var kPa = source.Pressure.KPa[asks.Value].Value;
        var why = plan.Words.Say("pressure-not-adjustable.why", ("kPa", kPa), ("source", source.Pressure.KPa[asks.Value].From.Source));
        return asks.Value == PressureLevel.Firm
            ? this.Say(plan, NoticeLevel.Caution,
                plan.Words.Say("pressure-not-adjustable.caution",
                    ("isWantsPressure", plan.Work.Material.WantsPressure is { Value: PressureLevel.Firm }),
                    ("material", plan.Work.Material.Name), ("source", source.Name)), why, ("pressure", kPa, "kPa"))
            : this.Say(plan, NoticeLevel.Note, plan.Words.Say("pressure-not-adjustable.note", ("source", source.Name)), why,
                ("pressure", kPa, "kPa"));
    }
}
