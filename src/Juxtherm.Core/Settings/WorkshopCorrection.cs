using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Certainty;

namespace Juxtherm.Core.Settings;

/// <summary>How a workshop's own plate differs from what its kind does.</summary>
/// <param name="HeatSource">Heat source id.</param>
/// <param name="OffsetK">How much hotter the face is at the same dial, K; below zero when cooler.</param>
/// <param name="ErrorK">How far that may still be off, K either way.</param>
/// <param name="From">What it rests on, for the reader.</param>
public sealed record PlateCorrection(string HeatSource, double OffsetK, double ErrorK, string From);

/// <summary>How a workshop's own vinyl on its own blanks differs from what the catalogue says of them.</summary>
/// <param name="Vinyl">Vinyl id.</param>
/// <param name="Material">Material id.</param>
/// <param name="Factor">How many times the usual bond it wants; above 0.</param>
/// <param name="From">What it rests on, for the reader.</param>
public sealed record DemandCorrection(string Vinyl, string Material, double Factor, string From)
{
    /// <summary>How sure that is.</summary>
    public Belief Belief { get; init; } = Belief.Typical;
}

/// <summary>A test patch that a workshop has kept.</summary>
/// <param name="HeatSource">Heat source id.</param>
/// <param name="Vinyl">Vinyl id.</param>
/// <param name="Material">Material id.</param>
/// <param name="Celsius">What the plate was set to, °C.</param>
/// <param name="Seconds">Time closed, s.</param>
/// <param name="Pressure">How hard; null for as the plan said.</param>
/// <param name="Outcome">What came of it, as a job file says it.</param>
/// <param name="AtUtc">When it was judged.</param>
/// <param name="Struck">Somebody struck it: it counts nowhere any more, not in its own job either.</param>
public sealed record KeptPatch(string HeatSource, string Vinyl, string Material, double Celsius, double Seconds, PressureLevel? Pressure,
    string Outcome, DateTimeOffset AtUtc, bool Struck);

/// <summary>What a workshop has learned about its presses and about its vinyls on its blanks, kept apart.</summary>
/// <param name="Plates">By press.</param>
/// <param name="Demands">By vinyl and blank.</param>
public sealed record WorkshopCorrection(IReadOnlyList<PlateCorrection> Plates, IReadOnlyList<DemandCorrection> Demands)
{
    /// <summary>Test patches that were kept, those that were struck among them.</summary>
    public IReadOnlyList<KeptPatch> Patches { get; init; } = [];

    /// <summary>Nothing learned.</summary>
    public static WorkshopCorrection None { get; } = new([], []);

    /// <summary>It changes no plan.</summary>
    public bool IsNone => Plates.Count == 0 && Demands.Count == 0 && Patches.Count == 0;
}
