using Juxtherm.Core.Notices;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>The bare blank beside the print would pass its limit, or what its label allows.</summary>
public sealed class BlankTooHot : IPlanRule
{
    // The search reads between computed temperatures and may be off by this much.
    private const double RoundingK = 0.5;

    // Fewer seconds more than instructed are not worth a word.
    private const double WorthSayingS = 2;

    // This far beyond its limit a material may smoke.
    private const double SmokeK = 40;

    // What sports cloth is pressed at although its label asks for a cooler iron (common practice).
    private const double SportsFromCelsius = 130;
    private const double SportsToCelsius = 140;

    /// <inheritdoc/>
    public string Code => "blank-too-hot";

    /// <inheritdoc/>
    public bool Acceptable => true;

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var material = plan.Job.Blank.Material;
        if (material.Doubt.NeverPressed is not null)
            return null;
        var limit = material.Limit.Celsius.Value;
        var words = plan.Words;
        var beside = new ToolWords(plan.Work, plan.Words).Beside;
        var why = words.Say("blank-too-hot.why", ("beside", beside), ("hasCover", plan.Work.HasCover), ("limit", Thing.Celsius(limit)),
            ("limitConsequence", material.Limit.Consequence), ("source", material.Limit.Celsius.From.Source));
        (string, double, string)[] data = [("limit", limit, "Cel"), ("planned", plan.HottestBareCelsius, "Cel"),
            ("chart", plan.ChartHottestBareCelsius, "Cel")];
        if (plan.HottestBareCelsius > limit + RoundingK)
            return this.Say(plan, NoticeLevel.Stop,
                words.Say("blank-too-hot.stop", ("material", material.Name), ("hottestBare", Thing.Celsius(plan.HottestBareCelsius)),
                    ("limit", Thing.Celsius(limit))), why, data) is var stop && plan.HottestBareCelsius > limit + SmokeK
                    ? stop.Dangerous() : stop;
        if (plan.WarmestPieceCelsius > limit + RoundingK)
        {
            return this.Say(plan, NoticeLevel.Caution,
                words.Say("blank-too-hot.run", ("material", material.Name), ("warmest", Thing.Celsius(plan.WarmestPieceCelsius)),
                    ("limit", Thing.Celsius(limit)), ("help", plan.RunHelps.Select(h => h.Text).FirstOrDefault())), why,
                [.. data, ("warmest", plan.WarmestPieceCelsius, "Cel")]);
        }

        if (plan.LabelCap is { } cap && plan.HottestBareCelsius > cap.Value + RoundingK)
        {
            return this.Say(plan, NoticeLevel.Caution,
                words.Say("blank-too-hot.caution", ("cap", Thing.Celsius(cap.Value)),
                    ("hottestBare", Thing.Celsius(plan.HottestBareCelsius))),
                words.Say("blank-too-hot.caution-why", ("source", cap.From.Source), ("from", Thing.Celsius(SportsFromCelsius)),
                    ("to", Thing.Celsius(SportsToCelsius))), [.. data, ("label", cap.Value, "Cel")]);
        }

        if (plan.ChartHottestBareCelsius <= limit || plan.Found.Outcome == SettingOutcome.None)
            return null;
        var longer = plan.Found.Seconds - plan.Chart.Seconds.Value;
        return this.Say(plan, NoticeLevel.Note,
            words.Say("blank-too-hot.note", ("now", Thing.Celsius(plan.Found.Dial.Celsius)), ("mark", plan.Found.Dial.Mark),
                ("celsius", Thing.Celsius(plan.Chart.Celsius.Value)), ("material", material.Name),
                ("chartHottestBare", Thing.Celsius(plan.ChartHottestBareCelsius)), ("limit", Thing.Celsius(limit)),
                ("limitConsequence", material.Limit.Consequence), ("longer", longer >= WorthSayingS ? Thing.Seconds(longer) : default)),
            why, data);
    }
}
