using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Which press a figure was meant for: said where it was translated unasked, or is far from what this press needs by the
/// model.</summary>
public sealed class LabelPress : ILayerRule
{
    // A figure for this press is far from what the model finds beyond these (common practice).
    private const double FarK = 10;
    private const double FarLess = 0.5;
    private const double FarMore = 2;

    /// <inheritdoc/>
    public string Code => "label-press";

    /// <inheritdoc/>
    public Notice? Look(PlanContext plan, LayerInPlan layer)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(layer);
        var words = plan.Words;
        if (layer.TranslatedUnasked)
        {
            return this.Say(layer, NoticeLevel.Note,
                words.Say("label-press.note", ("celsius", Thing.Celsius(layer.Chart.Celsius.Value)),
                    ("seconds", Thing.Seconds(layer.Chart.Seconds.Value))),
                words.Say("label-press.note-why")) with
            {
                Remedies =
                [new Remedy(words.Say("label-press.text"), [JobEdit.To($"/layers/{layer.Layer.At}/label/for", JobReader.ForThisPress)])]
            };
        }

        if (layer.Figure is not { For: FigureFor.ThisPress } figure
            || plan.About.SetOf([layer.Id]).Found is not { Instead: { } own, From: SettingFrom.Figure } found)
            return null;
        var (off, times) = (found.Dial.Celsius - own.Dial.Celsius, found.Seconds / own.Seconds);
        if ((figure.Celsius is null || Math.Abs(off) <= FarK) && (figure.Seconds is null || times is >= FarLess and <= FarMore))
            return null;
        return this.Say(layer, NoticeLevel.Note,
            words.Say("label-press.note-2", ("celsius", Thing.Celsius(own.Dial.Celsius)), ("mark", own.Dial.Mark),
                ("seconds", Thing.Seconds(own.Seconds))),
            words.Say("label-press.note-why-2"), ("off", off, "K"), ("times", times, "1"));
    }
}
