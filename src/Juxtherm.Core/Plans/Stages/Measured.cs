namespace Juxtherm.Core.Plans.Stages;

/// <summary>What the model has to say about presses on which crafters differ. Bonds are shares of the bond wanted.</summary>
/// <param name="BondWithPreheat">Of the bonding press after a preheat; null where nothing is ever preheated.</param>
/// <param name="BondWithout">Of the same press without it.</param>
/// <param name="WaterDriven">Share of the face's water that the preheat drives out.</param>
/// <param name="BondBeforeBack">As the plate opens after the bonding press.</param>
/// <param name="BackGainAtOnce">What a press from the back adds, straight away with the carrier on; null where the form does not let
/// it.</param>
/// <param name="BackGainAfterPeel">What it adds after the peel, under a cover.</param>
/// <param name="BackSeconds">How long that press is, s.</param>
/// <param name="BackHottestCelsius">Hottest bare face after it, °C.</param>
/// <param name="FinishGain">What a finish press adds to the bond; null without a cover.</param>
/// <param name="FinishHeatDose">What it adds to the heat, as a share of the chart's.</param>
public sealed record Measured(
    double? BondWithPreheat, double? BondWithout, double WaterDriven, double BondBeforeBack, double? BackGainAtOnce,
    double? BackGainAfterPeel, double BackSeconds, double BackHottestCelsius, double? FinishGain, double? FinishHeatDose)
{
    /// <summary>With the press from the back no layer gets more heat than it takes.</summary>
    public bool BackIsBorne { get; init; } = true;

    /// <summary>Less than this is not worth turning a garment over for, share of the bond wanted.</summary>
    public const double WorthDoing = 0.1;
}
