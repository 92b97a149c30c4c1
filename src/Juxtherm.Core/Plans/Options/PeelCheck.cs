using Juxtherm.Core.Catalogue;
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
    public string Question => "How is the peel begun?";

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) => [new(Corner, "lift a corner, then decide"), new(Listed, "peel when listed")];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        return about.Layers.All(l => l.Chart.Peel.Value == PeelMethod.Hot)
            ? new OptionAdvice(Listed, "A hot peel does not wait.")
            : new OptionAdvice(Corner, "When it is ready depends on the room and on how you count. A corner shows it, and what lifts can be laid back and pressed again.");
    }
}
