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

/// <summary>What a workshop has learned about its presses and about its vinyls on its blanks, kept apart.</summary>
/// <param name="Plates">By press.</param>
/// <param name="Demands">By vinyl and blank.</param>
public sealed record WorkshopCorrection(IReadOnlyList<PlateCorrection> Plates, IReadOnlyList<DemandCorrection> Demands)
{
    /// <summary>Nothing learned.</summary>
    public static WorkshopCorrection None { get; } = new([], []);

    /// <summary>It changes no plan.</summary>
    public bool IsNone => Plates.Count == 0 && Demands.Count == 0;
}
