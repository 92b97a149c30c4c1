using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Options;

/// <summary>How the middle line is found on the real thing.</summary>
public sealed class Centring : IOption
{
    /// <summary>Crease on crease.</summary>
    public const string Crease = Jobs.Choices.Crease;

    /// <summary>Measured from the edges.</summary>
    public const string Measure = "measure";

    /// <inheritdoc/>
    public string Id => "centring";

    /// <inheritdoc/>
    public string Question => "How is the middle found?";

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) => [new(Crease, "crease on crease"), new(Measure, "measured from the edges")];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        return about.Job.Blank.MayBeCreased
            ? new OptionAdvice(Crease, "Folded edge to edge, the cloth finds its own middle, even where it is cut askew; a crease of 3 s presses out again.")
            : new OptionAdvice(Measure, $"{about.Work.Material.Name} must not be creased, or cannot be folded.");
    }
}
