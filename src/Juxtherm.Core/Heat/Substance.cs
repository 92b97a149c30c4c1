namespace Juxtherm.Core.Heat;

/// <summary>What a sheet is made of, as far as heat is concerned.</summary>
/// <param name="ConductivityWmK">Thermal conductivity across the sheet, W/(m·K), above zero.</param>
/// <param name="DensityKgM3">Bulk density, pores included, dry, kg/m³, above zero.</param>
/// <param name="SpecificHeatJkgK">Specific heat capacity, dry, J/(kg·K), above zero.</param>
/// <param name="MoistureRegain">Water carried in room air as a share of the dry mass, 0 to 1 (ASTM D1909 speaks of regain in
/// percent).</param>
public sealed record Substance(double ConductivityWmK, double DensityKgM3, double SpecificHeatJkgK, double MoistureRegain = 0)
{
    /// <summary>Thermal conductivity across the sheet, W/(m·K).</summary>
    public double ConductivityWmK { get; } = Positive(ConductivityWmK, nameof(ConductivityWmK));

    /// <summary>Bulk density, dry, kg/m³.</summary>
    public double DensityKgM3 { get; } = Positive(DensityKgM3, nameof(DensityKgM3));

    /// <summary>Specific heat capacity, dry, J/(kg·K).</summary>
    public double SpecificHeatJkgK { get; } = Positive(SpecificHeatJkgK, nameof(SpecificHeatJkgK));

    /// <summary>Water as a share of the dry mass, 0 to 1.</summary>
    public double MoistureRegain { get; init; } = MoistureRegain is >= 0 and <= 1
        ? MoistureRegain
        : throw new ArgumentOutOfRangeException(nameof(MoistureRegain), MoistureRegain, "Regain is a share from 0 to 1.");

    /// <summary>Thermal diffusivity k/(ρc), m²/s.</summary>
    public double DiffusivityM2s => ConductivityWmK / (DensityKgM3 * SpecificHeatJkgK);

    /// <summary>Thermal effusivity √(kρc), W·√s/(m²·K).</summary>
    public double Effusivity => Math.Sqrt(ConductivityWmK * DensityKgM3 * SpecificHeatJkgK);

    private static double Positive(double value, string name) =>
        value > 0 && double.IsFinite(value)
        ? value : throw new ArgumentOutOfRangeException(name, value, "A positive, finite number is accepted.");
}

/// <summary>One sheet of the stack: a name, a substance and a thickness.</summary>
/// <param name="Id">What the sheet is called, unique within a stack.</param>
/// <param name="Substance">What it is made of.</param>
/// <param name="ThicknessMm">Thickness under the plate, mm, above zero.</param>
public sealed record Sheet(string Id, Substance Substance, double ThicknessMm)
{
    /// <summary>Thickness under the plate, mm.</summary>
    public double ThicknessMm { get; } = ThicknessMm is > 0 and <= 1000
        ? ThicknessMm
        : throw new ArgumentOutOfRangeException(nameof(ThicknessMm), ThicknessMm, "A thickness above 0 and up to 1000 mm is accepted.");
}
