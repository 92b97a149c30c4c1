using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Recipes;

namespace Juxtherm.Core.Planning;

/// <summary>State of the work at the end of a press, as the model sees it.</summary>
/// <param name="Bond">Share of the bond wanted on this face.</param>
/// <param name="Burden">Heat so far, as a share of the chart's.</param>
/// <param name="HottestBareCelsius">Hottest bare face so far, °C.</param>
/// <param name="WaterShare">Water left in the face layer, share.</param>
/// <param name="GlueCelsius">Glue line as the plate opens, °C.</param>
internal sealed record AfterPress(double Bond, double Burden, double HottestBareCelsius, double WaterShare, double GlueCelsius);

/// <summary>A plan carried out in the model, from the preheat to the cold piece.</summary>
/// <param name="Phases">Temperatures over time.</param>
/// <param name="Preheat">After the preheat; null when there is none.</param>
/// <param name="Press">After the press.</param>
/// <param name="Finish">After the finish press; null when there is none.</param>
/// <param name="PeelFromSeconds">The peel may begin, s after opening.</param>
/// <param name="PeelToSeconds">The peel should be done, s after opening.</param>
/// <param name="Place">Where it cools.</param>
internal sealed record Rehearsal(
    IReadOnlyList<TracePhase> Phases, AfterPress? Preheat, AfterPress Press, AfterPress? Finish, double PeelFromSeconds, double PeelToSeconds, CoolingPlace Place)
{
    private const double LongestCoolingSeconds = 900;
    private const double NoHurrySeconds = 600;
    private const double PeelingSeconds = 10;
    private const double CoveringSeconds = 8;
    private const double RestSeconds = 45;

    // Carrying a piece to the bench and back is only worth it when it saves more than this.
    private const double WorthMovingSeconds = 15;

    /// <summary>Carries out a setting; the place to cool is the one that makes the crafter wait least.</summary>
    public static Rehearsal Of(Workpiece work, CatalogueSnapshot catalogue, ReferenceDose reference, PressSetting setting, PeelMethod peel, double preheatSeconds, double finishSeconds, Func<string, string> name)
    {
        PeelWindow Window(CoolingPlace place)
        {
            var session = new PressSession(work, catalogue);
            session.PreheatAndLay(setting with { Seconds = preheatSeconds }, catalogue.Work);
            session.Press(setting);
            return Cool(session, place, peel, setting, catalogue.Work);
        }

        var stay = Window(CoolingPlace.OnUnderlay);
        var (place, window) = (CoolingPlace.OnUnderlay, stay);
        if (peel != PeelMethod.Hot && work.Form.Supported && stay.From > WorthMovingSeconds)
        {
            var moved = Window(CoolingPlace.ColdBench);
            if (stay.From - moved.From > WorthMovingSeconds)
                (place, window) = (CoolingPlace.ColdBench, moved);
        }

        return Run(work, catalogue, reference, setting, preheatSeconds, finishSeconds, place, window, name);
    }

    private static Rehearsal Run(
        Workpiece work, CatalogueSnapshot catalogue, ReferenceDose reference, PressSetting setting, double preheatSeconds, double finishSeconds, CoolingPlace place, PeelWindow window, Func<string, string> name)
    {
        var session = new PressSession(work, catalogue);
        var wanted = reference.BondSeconds * work.Material.Demand.Value;
        var phases = new List<TracePhase>();
        var clock = 0.0;
        var order = 0;

        void Close(PhaseKind kind, double seconds)
        {
            var recorder = new PhaseRecorder(bond => bond / wanted);
            order++;
            session.Press(setting with { Seconds = seconds }, observer: recorder);
            phases.Add(recorder.Finish(session, kind, order, clock, name));
            clock += seconds;
        }

        void Open(PhaseKind kind, double seconds, CoolingPlace where)
        {
            var recorder = new PhaseRecorder(bond => bond / wanted);
            session.Open(where, seconds, setting.PlateCelsius, recorder);
            phases.Add(recorder.Finish(session, kind, null, clock, name));
            clock += seconds;
        }

        AfterPress State() => new(session.Bond() / wanted, session.Burden() / reference.BurdenSeconds, session.HottestBare(), session.FaceWaterShare, session.GlueCelsius[0]);

        AfterPress? preheat = null;
        if (preheatSeconds > 0)
        {
            Close(PhaseKind.Preheat, preheatSeconds);
            preheat = State();
            Open(PhaseKind.Lay, catalogue.Work.LaySeconds.Value, CoolingPlace.OnUnderlay);
        }

        session.LayVinyl();
        Close(PhaseKind.Press, setting.Seconds);
        var press = State();

        if (window.From > 0)
            Open(PhaseKind.Cool, window.From, place);
        Open(PhaseKind.Peel, PeelingSeconds, place);
        session.Peel();
        AfterPress? finish = null;
        if (finishSeconds > 0)
        {
            Open(PhaseKind.Cover, CoveringSeconds, CoolingPlace.OnUnderlay);
            Close(PhaseKind.Finish, finishSeconds);
            finish = State();
        }

        Open(PhaseKind.Rest, RestSeconds, place);
        return new Rehearsal(phases, preheat, press, finish, window.From, window.To, place);
    }

    /// <summary>Lets the piece cool and notes when the peel may begin and should be done.</summary>
    private static PeelWindow Cool(PressSession session, CoolingPlace place, PeelMethod peel, PressSetting setting, WorkFigures work)
    {
        if (peel == PeelMethod.Hot)
            return new PeelWindow(0, work.HotPeelWithinSeconds.Value);
        var (start, end) = peel == PeelMethod.Warm
            ? (work.WarmPeelCelsius.Value.High, work.WarmPeelCelsius.Value.Low)
            : (work.ColdPeelBelowCelsius.Value, double.NegativeInfinity);
        var watch = new CoolingWatch(start, end);
        session.Open(place, LongestCoolingSeconds, setting.PlateCelsius, watch);
        var begins = Math.Ceiling(watch.BelowStart ?? LongestCoolingSeconds);
        return new PeelWindow(begins, peel == PeelMethod.Warm ? Math.Max(begins + 1, Math.Floor(watch.BelowEnd ?? LongestCoolingSeconds)) : Math.Max(begins, NoHurrySeconds));
    }

    /// <summary>When the peel may begin and should be done, s after opening.</summary>
    private sealed record PeelWindow(double From, double To);

    private sealed class CoolingWatch(double start, double end) : ISessionObserver
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
