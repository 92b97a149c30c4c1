using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Options;

/// <summary>Whether a corner is lifted first.</summary>
public sealed class PeelCheck : IOption
{
    /// <summary>Lift a corner first.</summary>
    public const string Corner = "corner";

    /// <summary>Peel when listed.</summary>
    public const string Listed = "listed";

    /// <inheritdoc/>
    public string Id => "peelCheck";

    /// <inheritdoc/>
    public string Question(IWords words) => words.Say("peel-check.question");

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) =>
        [new(Corner, about.Words.Say("peel-check.corner")), new(Listed, about.Words.Say("peel-check.listed"))];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        return about.Layers.All(l => l.Chart.Peel.Value == PeelMethod.Hot)
            ? new OptionAdvice(Listed, about.Words.Say("peel-check.listed-why"))
            : new OptionAdvice(Corner, about.Words.Say("peel-check.corner-why"));
    }
}
