using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Notices;
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
    public string Question(IWords words) => words.Say("prewash.question");

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) =>
        [new(Wash, about.Words.Say("prewash.wash")), new(Skip, about.Words.Say("prewash.skip"))];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        var (material, blank) = (about.Work.Material, about.Job.Blank);
        if (material.Care != CareKind.Wash || blank.Prewashed)
            return null;
        return material.Prewash.Value
            ? new OptionAdvice(Wash,
                about.Words.Say("prewash.wash-why", ("material", material.Name), ("source", material.Prewash.From.Source)))
            : new OptionAdvice(Skip, about.Words.Say("prewash.skip-why", ("material", material.Name)));
    }
}
