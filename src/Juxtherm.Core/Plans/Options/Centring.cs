using Juxtherm.Core.Notices;
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
    public string Question(IWords words) => words.Say("centring.question");

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) =>
        [new(Crease, about.Words.Say("centring.crease")), new(Measure, about.Words.Say("centring.measure"))];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        return about.Job.Blank.MayBeCreased
            ? new OptionAdvice(Crease, about.Words.Say("centring.crease-why"))
            : new OptionAdvice(Measure, about.Words.Say("centring.measure-why", ("material", about.Work.Material.Name)));
    }
}
