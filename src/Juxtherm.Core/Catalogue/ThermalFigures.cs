using Juxtherm.Core.Heat;

namespace Juxtherm.Core.Catalogue;

/// <summary>The thermal figures of a sheet material as the catalogue states them.</summary>
/// <param name="ConductivityWmK">W/(m·K).</param>
/// <param name="DensityKgM3">kg/m³.</param>
/// <param name="SpecificHeatJkgK">J/(kg·K).</param>
/// <param name="ThicknessMm">One layer under the plate, mm.</param>
/// <param name="RegainPercent">Commercial moisture regain, %, where the material takes up water.</param>
public sealed record ThermalFigures(
    Sourced<double> ConductivityWmK, Sourced<double> DensityKgM3, Sourced<double> SpecificHeatJkgK, Sourced<double> ThicknessMm,
    Sourced<double>? RegainPercent)
{
    /// <summary>A sheet of it.</summary>
    /// <param name="id">What to call the sheet in the stack.</param>
    public Sheet Sheet(string id) =>
        new(id, new Substance(ConductivityWmK.Value, DensityKgM3.Value, SpecificHeatJkgK.Value, (RegainPercent?.Value ?? 0) / 100),
            ThicknessMm.Value);
}
