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
    public string Question => "An iron: good enough?";

    /// <inheritdoc/>
    public IReadOnlyList<OptionChoice> Choices(ChartedJob about) => [new(Plan, "plan it, with its spread"), new(Avoid, "rather not")];

    /// <inheritdoc/>
    public OptionAdvice? Advise(ChartedJob about)
    {
        ArgumentNullException.ThrowIfNull(about);
        if (about.Work.Source.Kind != "household-iron")
            return null;
        var (error, factor) = (about.Work.Source.DialErrorK.Value, about.Work.Source.PressureErrorFactor.Value);
        var spread = about is SetJob { Found: { } found } ? $" With everything off to the cold side the bond falls to {Wording.Share(found.Worst.LeastBond)} of what is wanted." : "";
        return new OptionAdvice(Plan, $"Its sole may be off by {error:0} K and your hand by a factor of {factor:0.0#}.{spread} It works where there is room for that, and the plan says whether there is.");
    }
}
