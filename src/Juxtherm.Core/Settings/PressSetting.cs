using Juxtherm.Core.Heat;

namespace Juxtherm.Core.Settings;

/// <summary>One press as it is done, in each of the four lanes.</summary>
/// <param name="PlateCelsius">Set point of the plate's face, °C.</param>
/// <param name="PressureKPa">Contact pressure, kPa.</param>
/// <param name="Seconds">Time closed, s.</param>
public sealed record PressSetting(Lanes PlateCelsius, Lanes PressureKPa, double Seconds)
{
    /// <summary>The same setting in all lanes.</summary>
    public static PressSetting Single(double celsius, double kPa, double seconds) => new(LaneMath.All(celsius), LaneMath.All(kPa), seconds);
}
