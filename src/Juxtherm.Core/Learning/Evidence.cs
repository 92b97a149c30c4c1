using Juxtherm.Core.Logbook;

namespace Juxtherm.Core.Learning;

/// <summary>A pressed piece as evidence.</summary>
/// <param name="Run">What was pressed together: pieces of a run tell less than as many runs.</param>
/// <param name="HeatSource">Heat source id.</param>
/// <param name="Vinyl">Vinyl id.</param>
/// <param name="Material">Material id.</param>
/// <param name="Heat">Its heat by the model.</param>
/// <param name="Showed">What it showed.</param>
public sealed record Evidence(string Run, string HeatSource, string Vinyl, string Material, HeatHad Heat, Showing Showed)
{
    /// <summary>How much it says beside a piece of this workshop, above 0 up to 1: what comes from another is a hint.</summary>
    public double Weight { get; init; } = 1;
}

/// <summary>A plate that was measured.</summary>
/// <param name="HeatSource">Heat source id.</param>
/// <param name="DeviationK">How much hotter it was than the catalogue has it at that dial, K.</param>
/// <param name="SpreadK">Standard deviation of such a reading, K; above 0.</param>
public sealed record PlateReading(string HeatSource, double DeviationK, double SpreadK);
