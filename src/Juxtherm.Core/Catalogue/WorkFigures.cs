namespace Juxtherm.Core.Catalogue;

/// <summary>Figures of the work itself that belong to no single thing.</summary>
/// <param name="LaySeconds">Between the preheat and the closing of the plate, while the artwork is laid, s.</param>
/// <param name="TurnSeconds">To open the plate and turn a piece over, s.</param>
/// <param name="WarmPeelFromSeconds">A warm peel begins this long after opening, s.</param>
/// <param name="WarmPeelAboveCelsius">A warm peel is over below this, °C.</param>
/// <param name="HardPeelSeconds">What is hard is peeled within these times after opening, s.</param>
/// <param name="HardPeelBelowCelsius">What is hard is peeled once its carrier is below this, °C.</param>
/// <param name="ColdPeelBelowCelsius">A cold peel happens below this, °C.</param>
/// <param name="HotPeelWithinSeconds">A hot peel happens within this time, s.</param>
/// <param name="LongestPressSeconds">Longest press that is proposed, s.</param>
/// <param name="ShortestPressSeconds">Shortest press that can be timed by hand, s.</param>
/// <param name="CureHours">Before the first wash, h.</param>
/// <param name="DoseReferenceCelsius">Reference temperature of the bond and heat dose integrals, °C.</param>
/// <param name="DoseZKelvin">z-value of both integrals, K.</param>
/// <param name="PressureExponent">Power of pressure in the bond integral.</param>
/// <param name="Weeding">How long weeding takes.</param>
/// <param name="Cutting">Figures of cutting.</param>
public sealed record WorkFigures(
    Sourced<double> LaySeconds, Sourced<double> TurnSeconds, Sourced<double> WarmPeelFromSeconds, Sourced<double> WarmPeelAboveCelsius,
    Sourced<Span> HardPeelSeconds, Sourced<double> HardPeelBelowCelsius, Sourced<double> ColdPeelBelowCelsius,
    Sourced<double> HotPeelWithinSeconds,
    Sourced<double> LongestPressSeconds, Sourced<double> ShortestPressSeconds, Sourced<double> CureHours,
    Sourced<double> DoseReferenceCelsius, Sourced<double> DoseZKelvin, Sourced<double> PressureExponent, WeedingFigures Weeding,
    CuttingFigures Cutting);
