using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.App.Planning;

/// <summary>The setting of a plan.</summary>
/// <param name="Celsius">Set to, °C.</param>
/// <param name="DialMark">The mark; null where the dial shows degrees.</param>
/// <param name="Seconds">Press time, s.</param>
public sealed record AgreedPress(double Celsius, string? DialMark, double Seconds)
{
    internal static AgreedPress Of(Plan plan) => new(plan.BondingPress.Celsius, plan.BondingPress.DialMark, plan.BondingPress.Seconds);
}

/// <summary>What the logbook has taught since a job's plan was agreed to.</summary>
/// <param name="Changes">It would move the setting.</param>
/// <param name="Agreed">The setting as agreed to, which holds until the other is taken.</param>
/// <param name="Now">The setting with all that was learned by now.</param>
public sealed record LearnedSince(bool Changes, AgreedPress Agreed, AgreedPress Now);
