using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Checks;

/// <summary>A press of the plan, as far as rules look at it.</summary>
/// <param name="Purpose">What it is for.</param>
/// <param name="Laid">Layers laid just before it, whose carriers are on.</param>
/// <param name="Seconds">How long, s.</param>
public sealed record PressInPlan(PressPurpose Purpose, IReadOnlyList<string> Laid, double Seconds)
{
    /// <summary>Layers it presses.</summary>
    public IReadOnlyList<string> Layers { get; init; } = [];

    /// <summary>Layers that it does not press, but heats again beyond where their glue begins to hold.</summary>
    public IReadOnlyList<string> Reheated { get; init; } = [];

    /// <summary>How long it would have been for the full bond, s, where it was cut short for a layer's sake; null where it was
    /// not.</summary>
    public double? InsteadOfSeconds { get; init; }
}
