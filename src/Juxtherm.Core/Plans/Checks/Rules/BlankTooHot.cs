using Juxtherm.Core.Notices;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>The bare blank beside the print would pass its limit, or what its label allows.</summary>
public sealed class BlankTooHot : IPlanRule
{
    // The search reads between computed temperatures and may be off by this much.
    private const double RoundingK = 0.5;

    // This far beyond its limit a material may smoke.
    private const double SmokeK = 40;

    /// <inheritdoc/>
    public string Code => "blank-too-hot";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var material = plan.Job.Blank.Material;
        if (material.NeverPressed is not null)
            return null;
        var limit = material.LimitCelsius.Value;
        var words = plan.Words;
        var beside = new ToolWords(plan.Work).Beside;
        var why = $"{char.ToUpperInvariant(beside[0])}{beside[1..]} has {(plan.Work.HasCover ? "only the cover" : "nothing")} over it and runs hotter than the print. Above {words.Temperature(limit)} {material.LimitConsequence} ({material.LimitCelsius.From.Source}).";
        (string, double, string)[] data = [("limit", limit, "Cel"), ("planned", plan.HottestBareCelsius, "Cel"), ("chart", plan.ChartHottestBareCelsius, "Cel")];
        if (plan.HottestBareCelsius > limit + RoundingK)
            return this.Say(plan, NoticeLevel.Stop, $"{material.Name} would reach {words.Temperature(plan.HottestBareCelsius)} beside the print; its limit is {words.Temperature(limit)}. Choose a vinyl that bonds cooler, or another blank.", why, data) is var stop && plan.HottestBareCelsius > limit + SmokeK ? stop.Dangerous() : stop;
        if (plan.LabelCap is { } cap && plan.HottestBareCelsius > cap.Value + RoundingK)
        {
            return this.Say(plan, NoticeLevel.Caution,
                $"The label's ironing symbol stops at {words.Temperature(cap.Value)}, and this gets to {words.Temperature(plan.HottestBareCelsius)} beside the print. Press a test patch first.",
                $"The dots stand for the sole of an iron ({cap.From.Source}). Sports cloth is often labelled so and pressed at {words.Temperature(130)} to {words.Temperature(140)} under a cover all the same (common practice).", [.. data, ("label", cap.Value, "Cel")]);
        }

        if (plan.ChartHottestBareCelsius <= limit || plan.Found.Outcome == SettingOutcome.None)
            return null;
        return this.Say(plan, NoticeLevel.Note,
            $"Do not use the chart's {words.Temperature(plan.Chart.Celsius.Value)} here: {material.Name.ToLowerInvariant()} would reach {words.Temperature(plan.ChartHottestBareCelsius)} beside the print. The plan stays below, at {words.Temperature(plan.HottestBareCelsius)}.",
            why, data);
    }
}
