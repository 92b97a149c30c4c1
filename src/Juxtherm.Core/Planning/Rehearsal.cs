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
    private const double PeelingSeconds = 5;
    private const double RestSeconds = 45;

    // Carrying a piece to the bench and back is only worth it when it saves more than this.
    private const double WorthMovingSeconds = 15;

    /// <summary>Carries out a setting; the place to cool is the one that makes the crafter wait least.</summary>
    public static Rehearsal Of(Workpiece work, CatalogueSnapshot catalogue, ReferenceDose reference, PressSetting setting, PeelMethod peel, double preheatSeconds, double finishSeconds, Func<string, string> name)
    {
        Rehearsal At(CoolingPlace place) => Run(work, catalogue, reference, setting, peel, preheatSeconds, finishSeconds, place, name);
        var stay = At(CoolingPlace.OnUnderlay);
        if (peel == PeelMethod.Hot || !work.Form.Supported || stay.PeelFromSeconds <= WorthMovingSeconds)
            return stay;
        var moved = At(CoolingPlace.ColdBench);
        return stay.PeelFromSeconds - moved.PeelFromSeconds > WorthMovingSeconds ? moved : stay;
    }

    private static Rehearsal Run(
        Workpiece work, CatalogueSnapshot catalogue, ReferenceDose reference, PressSetting setting, PeelMethod peel, double preheatSeconds, double finishSeconds, CoolingPlace place, Func<string, string> name)
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

        double Open(PhaseKind kind, double seconds, CoolingPlace where, Func<PressSession, double, bool>? goOn = null)
        {
            var recorder = new PhaseRecorder(bond => bond / wanted) { GoOn = goOn };
            session.Open(where, seconds, setting.PlateCelsius, recorder);
            phases.Add(recorder.Finish(session, kind, null, clock, name));
            clock += recorder.Seconds;
            return recorder.Seconds;
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

        var (from, to) = Cool(peel, catalogue.Work, goOn => Open(PhaseKind.Cool, LongestCoolingSeconds, place, goOn));
        session.Peel();
        AfterPress? finish = null;
        if (finishSeconds > 0)
        {
            Open(PhaseKind.Lay, PeelingSeconds, place);
            Close(PhaseKind.Finish, finishSeconds);
            finish = State();
        }

        Open(PhaseKind.Rest, RestSeconds, place);
        return new Rehearsal(phases, preheat, press, finish, from, to, place);
    }

    /// <summary>Lets the piece cool to where it is peeled and notes the window of the peel.</summary>
    private static (double From, double To) Cool(PeelMethod peel, WorkFigures work, Func<Func<PressSession, double, bool>, double> cool)
    {
        if (peel == PeelMethod.Hot)
        {
            cool((_, time) => time < work.HotPeelWithinSeconds.Value);
            return (0, work.HotPeelWithinSeconds.Value);
        }

        double? from = null;
        double? to = null;
        var (start, end) = peel == PeelMethod.Warm
            ? (work.WarmPeelCelsius.Value.High, work.WarmPeelCelsius.Value.Low)
            : (work.ColdPeelBelowCelsius.Value, double.NegativeInfinity);
        cool((session, time) =>
        {
            var vinyl = session.VinylCelsius[0];
            if (vinyl <= start)
                from ??= time;
            if (vinyl <= end)
                to ??= time;
            return peel == PeelMethod.Warm ? to is null : from is null;
        });
        var begins = Math.Ceiling(from ?? LongestCoolingSeconds);
        return (begins, peel == PeelMethod.Warm ? Math.Max(begins + 1, Math.Floor(to ?? LongestCoolingSeconds)) : Math.Max(begins, NoHurrySeconds));
    }
}
