using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Options;

/// <summary>Whether the blank is washed before it is pressed.</summary>
public sealed class Prewash : IOption
{
    /// <summary>Wash and dry first.</summary>
    public const string Wash = "wash";

    /// <summary>Do not wash.</summary>
    public const string Skip = "skip";

    /// <inheritdoc/>
    public string Id => "prewash";

    /// <inheritdoc/>
    public string Question => "Wash it first?";

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) => [new(Wash, "wash and dry first"), new(Skip, "do not wash")];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        var (material, blank) = (about.Work.Material, about.Job.Blank);
        if (material.Care != CareKind.Wash || blank.Prewashed)
            return null;
        return material.Prewash.Value
            ? new OptionAdvice(Wash, $"{material.Name} shrinks in its first wash ({material.Prewash.From.Source}), and what is pressed on it does not shrink along: it puckers. Wash and dry it without softener.")
            : new OptionAdvice(Skip, $"{material.Name} hardly shrinks, and an unwashed face is clean and flat.");
    }
}
