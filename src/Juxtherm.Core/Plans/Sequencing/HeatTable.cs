using System.Collections.Concurrent;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Plans.Rehearsal;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;
using Juxtherm.Core.Stacking;

namespace Juxtherm.Core.Plans.Sequencing;

/// <summary>What presses do to a layer, one by one, and how long it takes until it can be peeled after each.</summary>
/// <param name="Heats">Heat by press, as shares of the chart's.</param>
/// <param name="TackSeconds">Tack and wait, s.</param>
/// <param name="FullSeconds">Full press and wait, s.</param>
/// <param name="LastSeconds">The last press that it still wants after a tack, s.</param>
internal sealed record PressedLayer(LayerHeats Heats, double TackSeconds, double FullSeconds, double LastSeconds);

/// <summary>
/// Works out beforehand what each kind of press does to a layer lying by itself, from cold and laid again on a warm piece, for
/// the search of the order to add up.
/// </summary>
internal sealed class HeatTable(CatalogueSnapshot catalogue)
{
    private const int MostKnown = 512;
    private readonly ConcurrentDictionary<Key, PressedLayer> _known = new();

    public PressedLayer Of(LayerInPlan layer, PressSet set, double preheatSeconds)
    {
        var (setting, longerThanNominal) = (set.For(set.Found.Seconds), Rehearser.LongerThanNominal(set.Found));
        var key = new Key(layer.Work, layer.Chart.Peel.Value, layer.Reference, setting.PlateCelsius[0], setting.PressureKPa[0],
            setting.Seconds, preheatSeconds, longerThanNominal);
        if (_known.TryGetValue(key, out var known))
            return known;
        if (_known.Count >= MostKnown)
            _known.Clear();
        return _known[key] = Worked(layer, setting, preheatSeconds, longerThanNominal);
    }

    private PressedLayer Worked(LayerInPlan layer, PressSetting setting, double preheatSeconds, double longerThanNominal)
    {
        var peel = layer.Chart.Peel.Value;
        var (vinyl, figures) = (layer.Work.Vinyl, catalogue.Work);
        PressSession Laid()
        {
            var session = new PressSession(layer.Work, catalogue);
            session.PreheatAndLay(setting with { Seconds = preheatSeconds }, figures);
            return session;
        }

        double HeatDose(PressSession session) => session.HeatDose() / layer.Reference.HeatDoseSeconds;

        // Presses, waits and peels; the heat goes on until the carrier is off.
        (double Heat, double Wait) Bonded(PressSession session, double seconds, PeelMethod method)
        {
            var before = HeatDose(session);
            session.Press(setting with { Seconds = seconds });
            var time = Cooling.Of(session, method, layer.Work, figures, setting.PlateCelsius);
            session.Open(time.Place, time.FromSeconds + Cooling.PeelingSeconds, setting.PlateCelsius);
            session.Peel();
            return (HeatDose(session) - before, time.FromSeconds + Cooling.PeelingSeconds);
        }

        double Again(PressSession session, double seconds)
        {
            var then = session.Copy();
            then.Open(CoolingPlace.OnUnderlay, figures.LaySeconds.Value, setting.PlateCelsius);
            var before = HeatDose(then);
            then.Press(setting with { Seconds = seconds });
            return HeatDose(then) - before;
        }

        var tack = Math.Max(vinyl.Press.TackSeconds.Value, Rehearser.TackSeconds(Laid(), setting, [layer], catalogue));
        var tacked = Laid();
        var (ownTack, tackWait) = Bonded(tacked, tack, Cooling.AfterATack(peel, layer.Work));
        var full = Laid();
        var (ownFull, fullWait) = Bonded(full, setting.Seconds, peel);
        var wanted = layer.WantedBond * vinyl.Bond.Target.Value;
        var last = Math.Min(figures.LongestPressSeconds.Value,
            Math.Ceiling(Rehearser.SecondsUntil(tacked, setting, catalogue, s => s.Bond() >= wanted) * longerThanNominal));
        return new PressedLayer(
            new LayerHeats(ownTack, ownFull, Again(tacked, tack), Again(tacked, setting.Seconds), Again(tacked, last)), tack + tackWait,
            setting.Seconds + fullWait, last);
    }

    private sealed record Key(Workpiece Work, PeelMethod Peel, ReferenceDose Reference, double Celsius, double KPa, double Seconds,
        double Preheat, double Longer);
}
