using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Options;

/// <summary>How long foam vinyl is pressed.</summary>
public sealed class PuffTime : IOption
{
    /// <summary>A few seconds less.</summary>
    public const string Shorter = "shorter";

    /// <summary>The full listed time.</summary>
    public const string FullTime = "full";

    // Some 2 s of 12 less than is listed (common practice).
    private const double ShorterShare = 0.85;

    /// <summary>Share of the usual bond that is aimed at: less than the listed time's, or that of the longest time listed.</summary>
    /// <param name="option">What is chosen.</param>
    /// <param name="vinyl">The foam.</param>
    /// <param name="chart">Its chart; a wrapper lists one time only.</param>
    internal static double Share(string? option, Catalogue.Vinyl vinyl, Chart chart) =>
        option != FullTime
        ? ShorterShare
        : chart.Seconds.Value == vinyl.Bond.ReferenceSeconds.Value
        ? Math.Max(1, vinyl.Chart.Seconds.Value.High / vinyl.Bond.ReferenceSeconds.Value) : 1;

    /// <inheritdoc/>
    public string Id => "puff";

    /// <inheritdoc/>
    public string Question(IWords words) => words.Say("puff-time.question");

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) =>
        [new(Shorter, about.Words.Say("puff-time.shorter")), new(FullTime, about.Words.Say("puff-time.full-time"))];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        return about.Layers.Any(l => l.Work.Vinyl.Press.HeatsOnce.Value)
            ? new OptionAdvice(Shorter, about.Words.Say("puff-time.shorter-why"))
            : null;
    }
}
