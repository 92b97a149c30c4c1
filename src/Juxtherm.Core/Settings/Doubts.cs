using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Certainty;

namespace Juxtherm.Core.Settings;

/// <summary>Puts together what makes a setting doubtful: the plate, the pressure, dryness, and what the model itself may be off.</summary>
internal static class Doubts
{
    // How far the model may be off in what a vinyl takes, as ln, and in how hot a bare face gets, K (ours).
    private const double TakesSpread = 0.15;
    private const double BareSpreadK = 1;

    // What is hard soaks heat up, the more the thicker it is: ln of the bond (ours).
    private const double SoaksUpSpread = 0.22;

    // An iron goes up and down within its band while it presses: of the heat of a whole press so much of that is left (ours).
    private const double WanderLeaves = 0.5;

    /// <summary>What was given, against what is wanted and borne.</summary>
    /// <param name="aim">What the layer asks.</param>
    /// <param name="bond">Share of the wanted bond.</param>
    /// <param name="heatDose">Heat as a share of the chart's.</param>
    /// <param name="bareCelsius">Hottest bare face, °C.</param>
    public static GivenBy Shares(LayerAim aim, double bond, double heatDose, double bareCelsius)
    {
        double Ln(double share) => Math.Log(Math.Max(Crossings.LeastShare, share));
        return new GivenBy(Ln(bond / aim.Work.Vinyl.Bond.HoldsFrom.Value), Ln(heatDose / aim.MostHeatDose), bareCelsius);
    }

    /// <summary>What a setting gives a layer and how far that may be off.</summary>
    /// <param name="aim">What the layer asks.</param>
    /// <param name="dial">Where the dial stands.</param>
    /// <param name="usual">With everything as it should be.</param>
    /// <param name="cooler">With the plate a spread cooler.</param>
    /// <param name="hotter">With the plate a spread hotter.</param>
    /// <param name="lighter">With the pressure off to the light side.</param>
    /// <param name="harder">With the pressure off to the hard side, on a bone-dry blank.</param>
    public static Given Sum(LayerAim aim, DialPosition dial, GivenBy usual, GivenBy cooler, GivenBy hotter, GivenBy lighter,
        GivenBy harder)
    {
        // Whichever way the plate has to be off for it to come out otherwise.
        static double Plate(bool byHotter, double cooler, double usual, double hotter) => byHotter ? hotter - usual : usual - cooler;
        static double Pressure(double usual, double off) => (off - usual) / Odds.SpreadsInError;
        static double Together(double a, double b, double c) => Math.Sqrt(a * a + b * b + c * c);
        var limit = aim.Work.Material.Limit.Celsius.Value;
        // Cloth that bears an iron's mark bears what irons do at it: the mark says so (ISO 3758, from memory).
        var bears = dial.Mark is not null && dial.Celsius <= limit;
        var leaves = dial.Mark is null ? 1 : WanderLeaves;
        var (byPlate, byPressure) = (Plate(usual.LnBond < 0, cooler.LnBond, usual.LnBond, hotter.LnBond),
            Pressure(usual.LnBond, lighter.LnBond));
        return new Given(
            usual.LnBond, Together(byPlate, byPressure, aim.Work.Material.Kind == MaterialKind.Hard ? SoaksUpSpread : 0),
            usual.LnHeatDose - aim.LnTakesMore,
            Together(leaves * Plate(usual.LnHeatDose < aim.LnTakesMore, cooler.LnHeatDose, usual.LnHeatDose, hotter.LnHeatDose),
                Pressure(usual.LnHeatDose, harder.LnHeatDose), TakesSpread),
            limit - usual.Bare,
            Together(bears
                ? 0 : Plate(usual.Bare < limit, cooler.Bare, usual.Bare, hotter.Bare), Pressure(usual.Bare, harder.Bare), BareSpreadK))
        { BondByPlate = Math.Abs(byPlate), BondByPressure = Math.Abs(byPressure) };
    }
}
