namespace Juxtherm.Core.Catalogue;

/// <summary>Which press a figure is meant for.</summary>
public enum FigureFor
{
    /// <summary>Nobody said.</summary>
    NotSaid,

    /// <summary>For the press in use, as looked up for it or as it was done last time.</summary>
    ThisPress,

    /// <summary>For a plate press, as wrappers mean it.</summary>
    PlatePress,
}

/// <summary>What the wrapper of a vinyl says, or what was looked up for it, any part of it.</summary>
/// <param name="Celsius">Temperature, °C.</param>
/// <param name="Seconds">Time, s.</param>
/// <param name="Pressure">Pressure.</param>
/// <param name="Peel">Peel.</param>
public sealed record WrapperLabel(double? Celsius, double? Seconds, PressureLevel? Pressure, PeelMethod? Peel)
{
    /// <summary>Which press it is meant for.</summary>
    public FigureFor For { get; init; }
}
