namespace Juxtherm.Core.Logbook;

/// <summary>What a pressed piece showed of its heat when it was looked at.</summary>
public enum Showing
{
    /// <summary>It held, and had not had too much.</summary>
    Held,

    /// <summary>It had had too little: it lifted, came up with its carrier or never sank into the weave; or it came off in the
    /// wash.</summary>
    Short,

    /// <summary>It had had too much: it wrinkled or rippled.</summary>
    TooMuch,
}

/// <summary>
/// The heat that a piece had by the model, with the plate as the catalogue knows it, and how that moves with the plate. Natural
/// logarithms, because every kelvin multiplies.
/// </summary>
/// <param name="LnRoom">ln of its bond over the bond from which it holds.</param>
/// <param name="BondPerK">How much that rises with each kelvin of the plate, 1/K; above 0.</param>
/// <param name="LnHeatDose">ln of its heat dose over the most that its vinyl takes.</param>
/// <param name="HeatDosePerK">How much that rises with each kelvin of the plate, 1/K; above 0.</param>
/// <param name="OffsetK">How much hotter than its dial the plate was taken to be, K.</param>
public sealed record HeatHad(double LnRoom, double BondPerK, double LnHeatDose, double HeatDosePerK, double OffsetK)
{
    /// <summary>The same, had the plate been taken to be otherwise.</summary>
    /// <param name="offsetK">How much hotter than its dial, K.</param>
    public HeatHad At(double offsetK) =>
        this with
        {
            LnRoom = LnRoom + BondPerK * (offsetK - OffsetK),
            LnHeatDose = LnHeatDose + HeatDosePerK * (offsetK - OffsetK),
            OffsetK = offsetK
        };
}
