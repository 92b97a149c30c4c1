namespace Juxtherm.Core.Practice.Cases;

/// <summary>What nobody at a practice bench is told: how this press, cloth and vinyl really are. It never leaves the core before a case is
/// over.</summary>
/// <param name="PlateOffsetK">How much hotter the plate's face is than such a dial says, K.</param>
/// <param name="PressureShare">Pressure against what such a press gives.</param>
/// <param name="CornerShare">Pressure in its weakest corner, as a share of that.</param>
/// <param name="CornerCoolerK">How much cooler the plate is there, K.</param>
/// <param name="Moisture">How damp the blank is against what is usual.</param>
/// <param name="Demand">How much bond the vinyl wants on this blank against what is usual.</param>
/// <param name="Takes">How much heat the vinyl takes against what is usual.</param>
/// <param name="OpensAfterShare">The helper opens after so much of the time, unless somebody watches the clock.</param>
internal sealed record HiddenTruth(double PlateOffsetK, double PressureShare, double CornerShare, double CornerCoolerK, double Moisture,
    double Demand, double Takes, double OpensAfterShare)
{
    /// <summary>How far its sole wanders to either side while it rests, K: irons do.</summary>
    public double WanderK { get; init; }

    /// <summary>Everything is as is usual, and the plate even.</summary>
    public static HiddenTruth Usual { get; } = new(0, 1, 1, 0, 1, 1, 1, 1);
}
