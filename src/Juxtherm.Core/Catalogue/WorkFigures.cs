namespace Juxtherm.Core.Catalogue;

/// <summary>When a peel is hot, warm and cold.</summary>
/// <param name="WarmFromSeconds">A warm peel begins this long after opening, s.</param>
/// <param name="WarmAboveCelsius">A warm peel is over below this, °C.</param>
/// <param name="HardSeconds">What is hard is peeled within these times after opening, s.</param>
/// <param name="HardBelowCelsius">What is hard is peeled once its carrier is below this, °C.</param>
/// <param name="ColdBelowCelsius">A cold peel happens below this, °C.</param>
/// <param name="HotWithinSeconds">A hot peel happens within this time, s.</param>
public sealed record PeelFigures(
    Sourced<double> WarmFromSeconds, Sourced<double> WarmAboveCelsius, Sourced<Span> HardSeconds, Sourced<double> HardBelowCelsius,
    Sourced<double> ColdBelowCelsius, Sourced<double> HotWithinSeconds);

/// <summary>Figures of the work itself that belong to no single thing.</summary>
/// <param name="LaySeconds">Between the preheat and the closing of the plate, while the artwork is laid, s.</param>
/// <param name="TurnSeconds">To open the plate and turn a piece over, s.</param>
/// <param name="Peel">When a peel is hot, warm and cold.</param>
/// <param name="LongestPressSeconds">Longest press that is proposed, s.</param>
/// <param name="ShortestPressSeconds">Shortest press that can be timed by hand, s.</param>
/// <param name="CureHours">Before the first wash, h.</param>
/// <param name="DoseReferenceCelsius">Reference temperature of the bond and heat dose integrals, °C.</param>
/// <param name="DoseZKelvin">z-value of both integrals, K.</param>
/// <param name="PressureExponent">Power of pressure in the bond integral.</param>
/// <param name="Weeding">How long weeding takes.</param>
/// <param name="Cutting">Figures of cutting.</param>
/// <param name="Handling">How long hands take between the stations.</param>
public sealed record WorkFigures(
    Sourced<double> LaySeconds, Sourced<double> TurnSeconds, PeelFigures Peel, Sourced<double> LongestPressSeconds,
    Sourced<double> ShortestPressSeconds, Sourced<double> CureHours, Sourced<double> DoseReferenceCelsius, Sourced<double> DoseZKelvin,
    Sourced<double> PressureExponent, WeedingFigures Weeding, CuttingFigures Cutting, HandlingFigures Handling);
