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
        return vinyl.FinishSeconds.Value is > 0 and var own ? own : UsualSeconds;
    }

    /// <inheritdoc/>
    public string Id => "finishPress";

    /// <inheritdoc/>
    public string Question => "Once more after the peel?";

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) => [new(Finish, "a few seconds under a cover"), new(None, "none")];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        var vinyl = about.Work.Vinyl;
        // Only cloth has a weave to sink into.
        if (!about.Work.HasCover || about.Work.Material.Kind != Catalogue.MaterialKind.Cloth || vinyl.Pile || about.Layers.Any(l => l.Work.Vinyl.HeatsOnce.Value) || about.Choose(new LastPress()) == LastPress.Cover)
            return null;
        var figures = about is RehearsedJob { Measured: { FinishGain: { } gain, FinishHeatDose: { } dose } } ? $" It adds {Wording.Share(gain)} to the bond and {Wording.Share(dose)} to the heat." : "";
        return vinyl.FinishSeconds.Value > 0
            ? new OptionAdvice(Finish, $"It lets {vinyl.Name.ToLowerInvariant()} vinyl sink in until the weave shows ({vinyl.FinishSeconds.From.Source}).{figures}")
            : new OptionAdvice(None, $"{vinyl.Name} vinyl looks as it should after the peel.{figures}");
    }
}
