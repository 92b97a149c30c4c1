using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Options;

/// <summary>How much heat several layers get in all.</summary>
public sealed class TotalHeat : IOption
{
    /// <summary>The least that bonds everything.</summary>
    public const string Least = "least";

    /// <summary>A full press more over all.</summary>
    public const string OnceMore = "full";

    /// <inheritdoc/>
    public string Id => "totalHeat";

    /// <inheritdoc/>
    public string Question(IWords words) => words.Say("total-heat.question");

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) =>
        [new(Least, about.Words.Say("total-heat.least")), new(OnceMore, about.Words.Say("total-heat.once-more"))];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        if (about.IsOneGo())
            return null;
        return new OptionAdvice(Least, about.Words.Say("total-heat.least-why"));
    }
}
