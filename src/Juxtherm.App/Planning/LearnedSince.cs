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

/// <summary>A plan beside another.</summary>
/// <param name="Line">All its presses in one line.</param>
/// <param name="PerHundred">How sure it is, in a sentence; empty where that is not known.</param>
/// <param name="Verdict">Whether to go ahead.</param>
public sealed record Compared(string Line, string PerHundred, Verdict Verdict)
{
    internal static Compared Of(Plan plan) => new(plan.Line, plan.Certainty?.PerHundred ?? "", plan.Verdict);
}

/// <summary>What the logbook has taught since a job's plan was agreed to, or a later version of this program would do.</summary>
/// <param name="Changes">It would move the setting.</param>
/// <param name="Agreed">The setting as agreed to, which holds until the other is taken.</param>
/// <param name="Now">The setting as it would be found now.</param>
/// <param name="ByVersion">It is this version of the program that would set something else.</param>
/// <param name="AgreedPlan">The plan as agreed to.</param>
/// <param name="NowPlan">The plan as it would be made now.</param>
public sealed record LearnedSince(bool Changes, AgreedPress Agreed, AgreedPress Now, bool ByVersion, Compared AgreedPlan, Compared NowPlan);
