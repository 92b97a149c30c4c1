using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Recipes;

namespace Juxtherm.Core.Planning;

/// <summary>When the peel may begin and should be done, and where the piece cools until then.</summary>
/// <param name="Method">Which peel.</param>
/// <param name="FromSeconds">s after opening.</param>
/// <param name="ToSeconds">s after opening.</param>
/// <param name="Place">Where.</param>
internal sealed record PeelTime(PeelMethod Method, double FromSeconds, double ToSeconds, CoolingPlace Place);

/// <summary>Waits until the carrier can come off.</summary>
internal static class Cooling
{
    /// <summary>Peeling itself, s.</summary>
    public const double PeelingSeconds = 10;

    private const double LongestSeconds = 900;
    private const double NoHurrySeconds = 600;

    // Carrying a piece to the bench and back is only worth it when it saves more than this.
    private const double WorthMovingSeconds = 15;

    /// <summary>Lets the piece cool where the crafter waits least, and notes when the peel may begin and should be done. The session is left as it is.</summary>
    public static PeelTime Of(PressSession session, PeelMethod method, Workpiece work, WorkFigures figures, Lanes plateCelsius)
    {
        var stay = At(CoolingPlace.OnUnderlay);
        if (method == PeelMethod.Hot || !work.Form.Supported || stay.FromSeconds <= WorthMovingSeconds)
            return stay;
        var moved = At(CoolingPlace.ColdBench);
        return stay.FromSeconds - moved.FromSeconds > WorthMovingSeconds ? moved : stay;

        PeelTime At(CoolingPlace place)
        {
            if (method == PeelMethod.Hot)
                return new PeelTime(method, 0, figures.HotPeelWithinSeconds.Value, place);
            var (start, end) = method == PeelMethod.Warm ? (figures.WarmPeelCelsius.Value.High, figures.WarmPeelCelsius.Value.Low) : (figures.ColdPeelBelowCelsius.Value, double.NegativeInfinity);
            var watch = new Watch(start, end);
            session.Copy().Open(place, LongestSeconds, plateCelsius, watch);
            var begins = Math.Ceiling(watch.BelowStart ?? LongestSeconds);
            return new PeelTime(method, begins, method == PeelMethod.Warm ? Math.Max(begins + 1, Math.Floor(watch.BelowEnd ?? LongestSeconds)) : Math.Max(begins, NoHurrySeconds), place);
        }
    }

    private sealed class Watch(double start, double end) : ISessionObserver
    {
        public double? BelowStart { get; private set; }

        public double? BelowEnd { get; private set; }

        public bool AfterStep(PressSession session, double seconds)
        {
            var vinyl = session.VinylCelsius[0];
            if (vinyl <= start)
                BelowStart ??= seconds;
            if (vinyl <= end)
                BelowEnd ??= seconds;
            return double.IsFinite(end) ? BelowEnd is null : BelowStart is null;
        }
    }
}
