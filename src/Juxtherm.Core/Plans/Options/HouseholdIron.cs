using Juxtherm.Core.Notices;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Options;

/// <summary>What to think of a household iron.</summary>
public sealed class HouseholdIron : IOption
{
    /// <summary>Plan it honestly.</summary>
    public const string Plan = "plan";

    /// <summary>Rather not.</summary>
    public const string Avoid = "avoid";

    /// <inheritdoc/>
    public string Id => "householdIron";

    /// <inheritdoc/>
    public string Question(IWords words) => words.Say("household-iron.question");

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) =>
        [new(Plan, about.Words.Say("household-iron.plan")), new(Avoid, about.Words.Say("household-iron.avoid"))];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        if (about.Work.Source.Kind != "household-iron")
            return null;
        var (error, factor) = (about.Work.Source.Dial.ErrorK.Value, about.Work.Source.Pressure.ErrorFactor.Value);
        return new OptionAdvice(Plan, about.Words.Say("household-iron.plan-why", ("error", error), ("factor", factor)));
    }
}
