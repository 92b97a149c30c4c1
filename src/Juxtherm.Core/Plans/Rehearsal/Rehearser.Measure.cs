using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Plans.Options;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Rehearsal;

internal sealed partial class Rehearser
{
    /// <summary>How long it takes in the press until something is reached, s. The session is left as it is.</summary>
    public static double SecondsUntil(PressSession session, PressSetting setting, CatalogueSnapshot catalogue,
        Func<PressSession, bool> reached)
    {
        var watch = new UntilReached(reached);
        session.Copy().Press(setting with { Seconds = catalogue.Work.LongestPressSeconds.Value }, observer: watch);
        return watch.Seconds;
    }

    /// <summary>Long enough for the glue under layers just laid to begin to hold, whole seconds.</summary>
    public static double TackSeconds(PressSession session, PressSetting setting, IEnumerable<LayerInPlan> laid, CatalogueSnapshot catalogue)
    {
        var begins = laid.Max(l => l.Work.Vinyl.Bond.ActivationCelsius.Value) + TackBeyondActivationK;
        return Math.Ceiling(SecondsUntil(session, setting, catalogue, s => s.GlueCelsius[0] >= begins));
    }

    /// <summary>
    /// Until the last of the layers has its bond, and as much longer as the worst case needs. Where a layer would by then have had
    /// more heat than it takes, the least harm: until every layer holds with a margin.
    /// </summary>
    private (double Seconds, double? InsteadOf) SecondsUntilBonded(SequencePress press)
    {
        var (found, layers) = (press.Set.Found, press.Layers.Select(_about.Layer).ToList());
        double Until(Func<LayerInPlan, double> share) =>
            SecondsUntil(_session, _setting, _catalogue,
                session => layers.TrueForAll(l => session.Bond(InSession(l.Id)) >= l.WantedBond * share(l)));
        var most = _catalogue.Work.LongestPressSeconds.Value;
        var full = Math.Min(most,
            Math.Max(Math.Min(press.Seconds, found.Seconds),
                Math.Ceiling(Until(l => l.Work.Vinyl.Bond.Target.Value) * LongerThanNominal(found) - 0.25)));
        var then = _session.Copy();
        then.Press(_setting with { Seconds = full });
        if (layers.TrueForAll(l => then.HeatDose(InSession(l.Id)) <= l.MostHeatDose * l.Reference.HeatDoseSeconds))
            return (full, null);
        var least = Math.Min(full, Math.Max(press.Seconds, Math.Ceiling(Until(l => l.Work.Vinyl.Bond.HoldsFrom.Value * HoldsWithMargin))));
        return (least, least < full ? full : null);
    }

    /// <summary>Tries, from where the bonding press ended, what others would do.</summary>
    private Measured Measure(PeelTime? peel)
    {
        var work = _about.Work;
        double Least(PressSession session) => _laid.Min(id => session.Bond(InSession(id)) / _about.Layer(id).WantedBond);
        double Most(PressSession session) => _laid.Max(id => session.HeatDose(InSession(id)) / _about.Layer(id).Reference.HeatDoseSeconds);
        var (bond, dose) = (Least(_session), Most(_session));
        var peeled = _session.Copy();
        if (peel is { FromSeconds: > 0 })
            peeled.Open(peel.Place, peel.FromSeconds, _setting.PlateCelsius);
        peeled.Open(peel?.Place ?? CoolingPlace.OnUnderlay, PeelingSeconds, _setting.PlateCelsius);
        peeled.Peel();

        var back = _about.BackSeconds;
        var backHottest = 0.0;
        var borne = true;
        double FromBack(PressSession from)
        {
            var turned = from.Copy();
            turned.Open(CoolingPlace.OnUnderlay, _catalogue.Work.TurnSeconds.Value, _setting.PlateCelsius);
            turned.TurnOver();
            turned.Press(_setting with { Seconds = back });
            backHottest = Math.Max(backHottest, turned.HottestBare());
            borne &= _laid.TrueForAll(id =>
                turned.HeatDose(InSession(id)) <= _about.Layer(id).MostHeatDose * _about.Layer(id).Reference.HeatDoseSeconds);
            return Least(turned) - bond;
        }

        var turns = _about.CanBeTurned;
        double? finishGain = null, finishHeatDose = null;
        if (work.HasCover)
        {
            var finished = peeled.Copy();
            finished.Open(CoolingPlace.OnUnderlay, CoveringSeconds, _setting.PlateCelsius);
            finished.Press(_setting with { Seconds = FinishPress.SecondsOf(work.Vinyl) });
            (finishGain, finishHeatDose) = (Least(finished) - bond, Most(finished) - dose);
        }

        var (with, without, driven) = Preheating();
        return new Measured(with, without, driven, bond, turns
            ? FromBack(_session)
            : null, turns ? FromBack(peeled) : null, back, backHottest, finishGain, finishHeatDose)
        { BackIsBorne = borne };
    }

    /// <summary>The leading layer alone, pressed for the time of the plan with and without a preheat.</summary>
    private (double? With, double? Without, double Driven) Preheating()
    {
        var seconds = SettingSearch.PreheatSeconds(_about.Work);
        if (seconds == 0)
            return (null, null, 0);
        var driven = 0.0;
        double Bond(double preheat)
        {
            var session = new PressSession(_about.Work, _catalogue);
            session.PreheatAndLay(_setting with { Seconds = preheat }, _catalogue.Work);
            if (preheat > 0)
                driven = 1 - session.FaceWaterShare;
            session.Press(_setting with { Seconds = _done[^1].Press.Set.Found.Seconds });
            return session.Bond() / _about.Lead.WantedBond;
        }

        return (Bond(seconds), Bond(0), driven);
    }
}
