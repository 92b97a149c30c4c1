using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Jobs;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Checks.Rules;

/// <summary>Which press a figure was meant for: said where it was translated unasked, or is far from what this press needs by the model.</summary>
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
                $"The figure given, {words.Temperature(layer.Chart.Celsius.Value)} for {Wording.Time(layer.Chart.Seconds.Value)}, is read as a plate press's and translated for this one.",
                "Wrappers mean a plate press on a plain cotton tee. A figure that was looked up for this press, or worked on it, is taken as it is.") with
            { Remedies = [new Remedy("It is for this press", [new JobEdit($"/layers/{layer.Layer.At}/label/for", JobReader.ForThisPress)])] };
        }

        if (layer.Figure is not { For: FigureFor.ThisPress } figure || plan.About.SetOf([layer.Id]).Found is not { Instead: { } own, From: SettingFrom.Figure } found)
            return null;
        var (off, times) = (found.Dial.Celsius - own.Dial.Celsius, found.Seconds / own.Seconds);
        if ((figure.Celsius is null || Math.Abs(off) <= FarK) && (figure.Seconds is null || times is >= FarLess and <= FarMore))
            return null;
        return this.Say(layer, NoticeLevel.Note,
            $"The figure for this press is taken as it is. The model would take {words.SetTo(own.Dial.Mark, own.Dial.Celsius)} for {Wording.Time(own.Seconds)}.",
            "Your own goods decide. What comes out of it goes into the logbook and corrects the model.", ("off", off, "K"), ("times", times, "1"));
    }
}
