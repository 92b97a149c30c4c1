using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Heat;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Rehearsal;

/// <summary>Waits until the carrier can come off.</summary>
internal static class Cooling
{
    /// <summary>Peeling itself, s.</summary>
    public const double PeelingSeconds = 10;

    // Longer than anybody waits for anything, s: what has not cooled by then is followed on as it was cooling.
    private const double LongestSeconds = 900;

    // A warm peel leaves at least so much time, s (common practice: counted as 5 to 15 s after opening).
    private const double LeastWarmSeconds = 10;

    // Carrying a piece to the bench and back is only worth it when it saves more than this.
    private const double WorthMovingSeconds = 15;

    /// <summary>After a tack on cloth the carrier comes off at once, unless the vinyl peels cold.</summary>
    public static PeelMethod AfterATack(PeelMethod method, Workpiece work) =>
        method == PeelMethod.Warm && work.Material.Kind == MaterialKind.Cloth ? PeelMethod.Hot : method;

    /// <summary>Lets the piece cool where the crafter waits least, and notes when the peel may begin and should be done. The session is
    /// left as it is.</summary>
    public static PeelTime Of(PressSession session, PeelMethod method, Workpiece work, WorkFigures figures, Lanes plateCelsius)
    {
        double Until(CoolingPlace place, Func<PressSession, double> of, double celsius) =>
            Seconds(session, place, of, celsius, plateCelsius);
        // What is hard keeps its heat: it is peeled as soon as the carrier can be taken hold of, not when it is as cool as cloth.
        if (work.Material.Kind == MaterialKind.Hard && method != PeelMethod.Cold)
        {
            var (soonest, latest) = (figures.Peel.HardSeconds.Value.Low, figures.Peel.HardSeconds.Value.High);
            var touched = Math.Ceiling(Until(CoolingPlace.OnUnderlay, s => s.TopCelsius[0], figures.Peel.HardBelowCelsius.Value));
            return new PeelTime(method, Math.Clamp(touched, soonest, (soonest + latest) / 2), latest, CoolingPlace.OnUnderlay);
        }

        if (method == PeelMethod.Hot)
            return new PeelTime(method, 0, figures.Peel.HotWithinSeconds.Value, CoolingPlace.OnUnderlay);
        if (method == PeelMethod.Warm)
        {
            var from = figures.Peel.WarmFromSeconds.Value;
            return new PeelTime(method, from,
                Math.Max(from + LeastWarmSeconds,
                    Math.Floor(Until(CoolingPlace.OnUnderlay, s => s.VinylCelsius[0], figures.Peel.WarmAboveCelsius.Value))),
                    CoolingPlace.OnUnderlay);
        }

        double Cold(CoolingPlace place) => Math.Ceiling(Until(place, s => s.VinylCelsius[0], figures.Peel.ColdBelowCelsius.Value));
        var stay = Cold(CoolingPlace.OnUnderlay);
        if (!work.Form.Supported || stay <= WorthMovingSeconds)
            return new PeelTime(method, stay, null, CoolingPlace.OnUnderlay);
        var moved = Cold(CoolingPlace.ColdBench);
        return stay - moved > WorthMovingSeconds
            ? new PeelTime(method, moved, null, CoolingPlace.ColdBench) : new PeelTime(method, stay, null, CoolingPlace.OnUnderlay);
    }

    /// <summary>How long it takes to cool to a temperature, s. What takes very long is followed on as it was cooling last: each so many
    /// seconds the same share of what is left.</summary>
    private static double Seconds(PressSession session, CoolingPlace place, Func<PressSession, double> of, double celsius,
        Lanes plateCelsius)
    {
        var watch = new Watch(of, celsius);
        session.Copy().Open(place, LongestSeconds, plateCelsius, watch);
        if (watch.ReachedAt is { } seconds)
            return seconds;
        var (earlier, last) = (watch.Halfway - Surroundings.RoomCelsius, watch.Last - Surroundings.RoomCelsius);
        return LongestSeconds + LongestSeconds / 2 * Math.Log(last / (celsius - Surroundings.RoomCelsius)) / Math.Log(earlier / last);
    }

    private sealed class Watch(Func<PressSession, double> of, double celsius) : ISessionObserver
    {
        public double? ReachedAt { get; private set; }

        public double Halfway { get; private set; }

        public double Last { get; private set; }

        public bool AfterStep(PressSession session, double seconds)
        {
            Last = of(session);
            if (seconds <= LongestSeconds / 2)
                Halfway = Last;
            if (Last <= celsius)
                ReachedAt = seconds;
            return ReachedAt is null;
        }
    }
}
