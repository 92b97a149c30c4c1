using Juxtherm.Core.Catalogue;

namespace Juxtherm.Core.Jobs;

/// <summary>What came of a test patch.</summary>
public enum PatchOutcome
{
    /// <summary>It holds when it is pulled at cold, and nothing is marked.</summary>
    Holds,

    /// <summary>An edge or a corner lifts, the rest holds.</summary>
    LiftsALittle,

    /// <summary>It comes off.</summary>
    Lifts,

    /// <summary>The cloth is marked, or the vinyl wrinkled.</summary>
    Marked,
}

/// <summary>What a test patch was pressed with and on: it tells nothing of anything else.</summary>
/// <param name="HeatSource">Heat source id.</param>
/// <param name="Vinyl">Vinyl id.</param>
/// <param name="Material">Material id.</param>
public sealed record PatchOn(string HeatSource, string Vinyl, string Material);

/// <summary>A test patch that was pressed.</summary>
/// <param name="Celsius">What the plate was set to, °C.</param>
/// <param name="Seconds">Time closed, s.</param>
/// <param name="Outcome">What came of it.</param>
public sealed record PatchResult(double Celsius, double Seconds, PatchOutcome Outcome)
{
    /// <summary>What it was pressed with and on; null where that is the job that it stands in.</summary>
    public PatchOn? On { get; init; }

    /// <summary>How hard it was pressed; null for as the plan says.</summary>
    public PressureLevel? Pressure { get; init; }

    /// <summary>When it was judged; null where that is not known.</summary>
    public DateTimeOffset? At { get; init; }

    /// <summary>Something lifted.</summary>
    public bool Lifted => Outcome is PatchOutcome.Lifts or PatchOutcome.LiftsALittle;
}
