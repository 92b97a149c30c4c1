namespace Juxtherm.Core.Runs;

/// <summary>A plate as it was measured against what was planned.</summary>
public static class PlateHeat
{
    /// <summary>So far it may stand off before it is worth a word, K: a dial's step and a little (from memory).</summary>
    public const double StandsOffK = 4;

    /// <summary>Hot enough to close.</summary>
    /// <param name="measuredCelsius">Its face, °C.</param>
    /// <param name="plannedCelsius">What was planned, °C.</param>
    public static bool IsEnough(double measuredCelsius, double plannedCelsius) => measuredCelsius >= plannedCelsius - StandsOffK;

    /// <summary>Hotter than was planned.</summary>
    /// <param name="measuredCelsius">Its face, °C.</param>
    /// <param name="plannedCelsius">What was planned, °C.</param>
    public static bool IsTooMuch(double measuredCelsius, double plannedCelsius) => measuredCelsius > plannedCelsius + StandsOffK;
}
