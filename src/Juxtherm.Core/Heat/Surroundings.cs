namespace Juxtherm.Core.Heat;

/// <summary>Heat transfer at the faces of the stack. Coefficients from memory, typical, where no source is named.</summary>
public static class Surroundings
{
    /// <summary>Room air, °C; the workshop the figures are computed for.</summary>
    public const double RoomCelsius = 22;

    /// <summary>Free convection and radiation from an open face, W/(m²·K).</summary>
    public const double OpenAirWm2K = 12;

    /// <summary>From below the underlay into the table, W/(m²·K).</summary>
    public const double BelowUnderlayWm2K = 8;

    /// <summary>
    /// What a cold bench adds below a garment laid on it: touching, but not perfectly (practice spans 40 to 80 W/(m²·K), here a
    /// still layer of air that conducts 50), then the bench top itself, wood, which warms up under the garment.
    /// </summary>
    public static IReadOnlyList<Sheet> ColdBench { get; } =
    [
        new("gap", new Substance(0.025, 1.2, 1005), 0.5),
        new("bench", new Substance(0.16, 600, 1550), 18),
    ];

    /// <summary>
    /// Conductance between the plate and what it is pressed on, W/(m²·K): 600 + 360·(P/20 kPa)^0.95. The first part is the air in
    /// the gaps of a thin sheet that lies on smooth metal (some 40 µm), there without any pressure; the second the spots that
    /// touch, which grow with pressure as Cooper, Mikic and Yovanovich found (power 0.95; form and figures from memory).
    /// </summary>
    /// <param name="pressureKPa">Contact pressure, kPa, not negative.</param>
    public static double PlateContactWm2K(double pressureKPa) => 600 + 360 * Math.Pow(pressureKPa / 20, 0.95);
}

/// <summary>A heated plate as one lump per unit area, with a power limit and a proportional controller.</summary>
/// <param name="HeatCapacityJm2K">Heat stored per area, J/(m²·K).</param>
/// <param name="MaxPowerWm2">Heater power per area, W/m².</param>
/// <param name="ControlBandK">How far below the set point the heater runs at full power, K.</param>
/// <param name="IdleLossWm2K">Loss to the room through its back, W/(m²·K).</param>
public sealed record Plate(double HeatCapacityJm2K, double MaxPowerWm2, double ControlBandK, double IdleLossWm2K)
{
    /// <summary>A plate whose temperature nothing moves: for checks against closed solutions.</summary>
    public static Plate Immovable { get; } = new(1e15, 0, 1, 0);
}

/// <summary>What is above the stack during a phase.</summary>
public abstract record TopFace
{
    private TopFace()
    {
    }

    /// <summary>The plate is closed on the stack.</summary>
    /// <param name="ConductanceWm2K">Between plate and top sheet, W/(m²·K), per lane.</param>
    public sealed record UnderPlate(Lanes ConductanceWm2K) : TopFace;

    /// <summary>The stack lies open to air.</summary>
    /// <param name="ConductanceWm2K">Convection and radiation, W/(m²·K).</param>
    /// <param name="AirCelsius">Air temperature, °C, per lane.</param>
    public sealed record Open(double ConductanceWm2K, Lanes AirCelsius) : TopFace
    {
        /// <summary>Room air.</summary>
        public Open()
            : this(Surroundings.OpenAirWm2K, LaneMath.All(Surroundings.RoomCelsius))
        {
        }

        /// <summary>The same air in every lane.</summary>
        public Open(double conductanceWm2K, double airCelsius)
            : this(conductanceWm2K, LaneMath.All(airCelsius))
        {
        }
    }
}

/// <summary>What is below the stack during a phase.</summary>
/// <param name="ConductanceWm2K">W/(m²·K).</param>
/// <param name="Celsius">Temperature of what lies below, °C.</param>
public sealed record BottomFace(double ConductanceWm2K = Surroundings.BelowUnderlayWm2K, double Celsius = Surroundings.RoomCelsius);

/// <summary>How the solver cuts time: steps start short, when contact is new, and grow.</summary>
/// <param name="FirstSeconds">The first step, s.</param>
/// <param name="Growth">Each step is longer than the last by this factor.</param>
/// <param name="LongestSeconds">No step is longer, s.</param>
public sealed record StepSchedule(double FirstSeconds, double Growth, double LongestSeconds)
{
    /// <summary>For a press: the first tenths of a second matter.</summary>
    public static StepSchedule Press { get; } = new(0.004, 1.25, 0.25);

    /// <summary>For cooling in air, which is slow.</summary>
    public static StepSchedule Cooling { get; } = new(0.01, 1.3, 1);

    /// <summary>The same schedule with every step shorter by a factor.</summary>
    public StepSchedule Finer(double factor) => new(FirstSeconds / factor, Math.Pow(Growth, 1 / factor), LongestSeconds / factor);
}
