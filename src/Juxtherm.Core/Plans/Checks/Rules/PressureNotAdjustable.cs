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
        if (source.PressureAdjustable)
            return null;
        var asks = plan.Layers.MaxBy(l => l.Pressure.Value)!.Pressure;
        var kPa = source.PressureKPa[asks.Value].Value;
        var why = $"The time here is computed for about {kPa:0} kPa, which is what it gives ({source.PressureKPa[asks.Value].From.Source}).";
        return asks.Value == PressureLevel.Firm
            ? this.Say(plan, NoticeLevel.Caution, $"{(plan.Work.Material.WantsPressure is { Value: PressureLevel.Firm } ? plan.Work.Material.Name : "This vinyl")} asks for firm pressure, which {Wording.A(source.Name)} cannot be set to. Lean on it, or use a press that can.", why, ("pressure", kPa, "kPa"))
            : this.Say(plan, NoticeLevel.Note, $"{Wording.StartingWithA(source.Name)} gives the pressure it gives; hold it steady and even.", why, ("pressure", kPa, "kPa"));
    }
}
