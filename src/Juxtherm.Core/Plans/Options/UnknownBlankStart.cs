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
    public string Question => "Not sure what it is: how to begin?";

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) => [new(StepUp, "cool and short, then step up"), new(Chart, "at the setting right away")];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        return about.Work.Material is { Uncertain: { } uncertain, UncertaintyStops: false, NeverPressed: null }
            ? new OptionAdvice(StepUp, $"{uncertain.Value} Going up a step at a time finds the first setting that holds and spares the blank.")
            : null;
    }
}
