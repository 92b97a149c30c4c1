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
    public string Question => "How much heat in all?";

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) => [new(Least, "the least that bonds everything"), new(OnceMore, "a full press more over all")];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        if (about.IsOneGo())
            return null;
        return new OptionAdvice(Least, "The heat of the tacks counts, so the last press need only give what is missing. A full press more wrinkles the lowest layer first.");
    }
}
