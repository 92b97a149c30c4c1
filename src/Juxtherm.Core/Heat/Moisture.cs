using System.Runtime.Intrinsics;

namespace Juxtherm.Core.Heat;

/// <summary>
/// How water leaves a cloth: evenly between 60 and 110 °C, taking its latent heat with it as vapour. A simplification from
/// memory: it ignores how fast vapour gets away and lets no water come back while the cloth is warm.
/// </summary>
public static class Moisture
{
    /// <summary>Below this nothing leaves, °C (from memory).</summary>
    public const double WetBelowCelsius = 60;

    /// <summary>Above this the cloth is dry, °C (from memory).</summary>
    public const double DryAtCelsius = 110;

    /// <summary>Latent heat of vaporisation of water near 100 °C, J/kg (saturated steam tables, 2.257 MJ/kg).</summary>
    public const double LatentHeatJkg = 2.26e6;

    internal const double SpanKelvin = DryAtCelsius - WetBelowCelsius;

    /// <summary>Share of the water gone from a cell that has been as hot as <paramref name="peakCelsius"/>, 0 to 1.</summary>
    public static Lanes ShareGone(Lanes peakCelsius) =>
        Vector256.Min(Vector256.Max((peakCelsius - Vector256.Create(WetBelowCelsius)) / SpanKelvin, Lanes.Zero), Vector256.Create(1.0));
}
