using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Options;

/// <summary>Whether there is a finish press after the peel.</summary>
public sealed class FinishPress : IOption
{
    /// <summary>A few seconds under a cover.</summary>
    public const string Finish = "finish";

    /// <summary>None.</summary>
    public const string None = "none";

    /// <summary>Length where the vinyl names none, s (common practice: 5 to 15).</summary>
    public const double UsualSeconds = 5;

    /// <summary>How long it is for a vinyl, s.</summary>
    /// <param name="vinyl">The vinyl.</param>
    public static double SecondsOf(Catalogue.Vinyl vinyl)
    {
        ArgumentNullException.ThrowIfNull(vinyl);
        return vinyl.Press.FinishSeconds.Value is > 0 and var own ? own : UsualSeconds;
    }

    /// <inheritdoc/>
    public string Id => "finishPress";

    /// <inheritdoc/>
    public string Question(IWords words) => words.Say("finish-press.question");

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) =>
        [new(Finish, about.Words.Say("finish-press.finish")), new(None, "none")];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        var vinyl = about.Work.Vinyl;
        // Only cloth has a weave to sink into.
        if (!about.Work.HasCover || about.Work.Material.Kind != Catalogue.MaterialKind.Cloth || vinyl.Pile
            || about.Layers.Any(l => l.Work.Vinyl.Press.HeatsOnce.Value) || about.Choose(new LastPress()) == LastPress.Cover)
            return null;
        var figures = about is RehearsedJob { Measured: { FinishGain: { } gain, FinishHeatDose: { } dose } }
            ? about.Words.Say("finish-press.figures", ("gain", Thing.Share(gain)), ("dose", Thing.Share(dose))) : "";
        return vinyl.Press.FinishSeconds.Value > 0
            ? new OptionAdvice(Finish,
                about.Words.Say("finish-press.finish-why", ("vinyl", vinyl.Name), ("source", vinyl.Press.FinishSeconds.From.Source),
                    ("figures", figures)))
            : new OptionAdvice(None, about.Words.Say("finish-press.none-why", ("vinyl", vinyl.Name), ("figures", figures)));
    }
}
