using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Stages;

/// <summary>What the presses of some layers are set to.</summary>
/// <param name="Found">The setting.</param>
/// <param name="Level">How hard.</param>
/// <param name="PressureKPa">What that means on this press, kPa.</param>
public sealed record PressSet(FoundSetting Found, PressureLevel Level, double PressureKPa)
{
    /// <summary>A press at this setting.</summary>
    /// <param name="seconds">How long, s.</param>
    public PressSetting For(double seconds) => PressSetting.Single(Found.Dial.SurfaceCelsius, PressureKPa, seconds);
}
