using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Heat;
using Juxtherm.Core.Plans.Stages;

namespace Juxtherm.Core.Plans.Rehearsal;

/// <summary>How long a plate takes from one setting to another.</summary>
internal static class TurningTheDial
{
    // Finding the place on the dial, s.
    private const double ReachingForIt = 5;

    /// <summary>Until the plate is there, s; 0 where nothing changes. It heats with its power and cools by itself, standing open.</summary>
    /// <param name="source">The press.</param>
    /// <param name="from">What it is set to.</param>
    /// <param name="to">What it is turned to.</param>
    public static double Seconds(HeatSource source, PressSet from, PressSet to)
    {
        if (from.Found.Dial == to.Found.Dial)
            return from.Level == to.Level ? 0 : ReachingForIt;
        var (cold, hot) = (from.Found.Dial.SurfaceCelsius, to.Found.Dial.SurfaceCelsius);
        var plate = source.Plate.Heat.Value;
        var loss = (plate.IdleLossWm2K + Surroundings.OpenAirWm2K) * ((cold + hot) / 2 - Surroundings.RoomCelsius);
        var power = hot > cold ? Math.Max(loss, plate.MaxPowerWm2 - loss) : loss;
        return Math.Ceiling(ReachingForIt + plate.HeatCapacityJm2K * Math.Abs(hot - cold) / power);
    }
}
