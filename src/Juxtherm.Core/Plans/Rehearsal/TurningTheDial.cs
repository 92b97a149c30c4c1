using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Heat;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Rehearsal;

/// <summary>How long a plate takes from one setting to another.</summary>
public static class TurningTheDial
{
    // Finding the place on the dial, s.
    private const double ReachingForIt = 5;

    /// <summary>Until the plate is there, s; 0 where nothing changes. It heats with its power and cools by itself, standing open.</summary>
    /// <param name="source">The press.</param>
    /// <param name="from">What it is set to.</param>
    /// <param name="to">What it is turned to.</param>
    public static double Seconds(HeatSource source, PressSet from, PressSet to)
    {
        ArgumentNullException.ThrowIfNull(from);
        ArgumentNullException.ThrowIfNull(to);
        return from.Found.Dial == to.Found.Dial ? from.Level == to.Level ? 0 : ReachingForIt
            : Seconds(source, from.Found.Dial.SurfaceCelsius, to.Found.Dial.SurfaceCelsius);
    }

    /// <summary>Until the plate is there, s. It heats with its power and cools by itself, standing open.</summary>
    /// <param name="source">The press.</param>
    /// <param name="cold">How hot its face is, °C.</param>
    /// <param name="hot">How hot it is to be, °C.</param>
    public static double Seconds(HeatSource source, double cold, double hot)
    {
        ArgumentNullException.ThrowIfNull(source);
        var plate = source.Plate.Heat.Value;
        var loss = (plate.IdleLossWm2K + Surroundings.OpenAirWm2K) * ((cold + hot) / 2 - Surroundings.RoomCelsius);
        var power = hot > cold ? Math.Max(loss, plate.MaxPowerWm2 - loss) : loss;
        return Math.Ceiling(ReachingForIt + plate.HeatCapacityJm2K * Math.Abs(hot - cold) / power);
    }
}
