using Juxtherm.Core.Catalogue;

namespace Juxtherm.Core.Cutting.Stock;

/// <summary>Metres left on a roll from its weight.</summary>
public static class RollWeight
{
    /// <summary>Weight of vinyl with its carrier, from thickness and density as the catalogue states them, g/m².</summary>
    /// <param name="vinyl">The vinyl.</param>
    /// <param name="carrier">Its carrier.</param>
    public static double GramsPerM2(Vinyl vinyl, Supply carrier)
    {
        ArgumentNullException.ThrowIfNull(vinyl);
        ArgumentNullException.ThrowIfNull(carrier);
        // kg/m³ times mm is g/m².
        static double Of(ThermalFigures? sheet) => sheet is null ? 0 : sheet.DensityKgM3.Value * sheet.ThicknessMm.Value;
        return Of(vinyl.Thermal) + Of(carrier.Thermal);
    }

    /// <summary>Length on a roll.</summary>
    /// <param name="grams">Weight of the roll, core included, g.</param>
    /// <param name="coreGrams">Weight of the core, g.</param>
    /// <param name="gramsPerM2">Weight of the vinyl, g/m².</param>
    /// <param name="widthMm">Width of the roll, mm.</param>
    /// <returns>Length, mm; not below zero.</returns>
    /// <exception cref="ArgumentOutOfRangeException">A weight or width is below or at zero.</exception>
    public static double LengthMm(double grams, double coreGrams, double gramsPerM2, double widthMm)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(gramsPerM2);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(widthMm);
        return Math.Max(0, grams - coreGrams) / gramsPerM2 / (widthMm / 1000) * 1000;
    }
}
