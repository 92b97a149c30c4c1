using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Options;

/// <summary>How a blank of uncertain material is begun.</summary>
public sealed class UnknownBlankStart : IOption
{
    /// <summary>Cool and short, then step up.</summary>
    public const string StepUp = "step-up";

    /// <summary>At the setting right away.</summary>
    public const string Chart = "chart";

    /// <inheritdoc/>
    public string Id => "unknownBlank";

    /// <inheritdoc/>
    public string Question(IWords words) => words.Say("unknown-blank-start.question");

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) =>
        [new(StepUp, about.Words.Say("unknown-blank-start.step-up")), new(Chart, about.Words.Say("unknown-blank-start.chart"))];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        return about.Work.Material is { Doubt.Uncertain: { } uncertain, Doubt.Stops: false, Doubt.NeverPressed: null }
            ? new OptionAdvice(StepUp, about.Words.Say("unknown-blank-start.step-up-why", ("uncertain", uncertain.Value)))
            : null;
    }
}
