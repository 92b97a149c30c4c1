namespace Juxtherm.Core.Jobs;

/// <summary>What came of a test patch.</summary>
public enum PatchOutcome
{
    /// <summary>It holds when it is pulled at cold, and nothing is marked.</summary>
    Holds,

    /// <summary>It lifts.</summary>
    Lifts,

    /// <summary>The cloth is marked, or the vinyl wrinkled.</summary>
    Marked,
}

/// <summary>A test patch that was pressed.</summary>
/// <param name="Celsius">What the plate was set to, °C.</param>
/// <param name="Seconds">Time closed, s.</param>
/// <param name="Outcome">What came of it.</param>
public sealed record PatchResult(double Celsius, double Seconds, PatchOutcome Outcome);
