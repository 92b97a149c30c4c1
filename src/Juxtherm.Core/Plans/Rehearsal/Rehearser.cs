using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Items;
using Juxtherm.Core.Plans.Options;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Rehearsal;

/// <summary>Carries a sequence of presses out in the model.</summary>
internal sealed partial class Rehearser
{
    private const double PeelingSeconds = Cooling.PeelingSeconds;
    private const double CoveringSeconds = 8;
    private const double RestSeconds = 45;

    // Where heat is short, every layer is still given so many times the bond from which it holds (ours).
    private const double HoldsWithMargin = 1.05;

    // A tack has to warm the glue this far beyond where it begins to hold.
    private const double TackBeyondActivationK = 5;

    private readonly ChartedJob _about;
    private readonly CatalogueSnapshot _catalogue;
    private PressSetting _setting;
    private readonly Func<string, string> _name;
    private readonly PressSession _session;
    private readonly List<TracePhase> _phases = [];
    private readonly List<DonePress> _done = [];
    private readonly List<string> _laid = [];
    private Measured? _measured;
    private bool _repeated;
    private bool _inARun;
    private Face _face;
    private double _clock;

    private Rehearser(ChartedJob about, CatalogueSnapshot catalogue, PressSetting setting, Face firstFace, Func<string, string> name)
    {
        (_about, _catalogue, _setting, _name) = (about, catalogue, setting, name);
        _face = firstFace;
        _session = new PressSession(about.Work, Stack(about, firstFace), catalogue);
    }

    /// <summary>Laying layers together, s.</summary>
    public static double LayingSeconds(ChartedJob about, IEnumerable<string> laid) =>
        about.Figures.LaySeconds.Value + laid.Sum(id => UpperLayers.ExtraSeconds(about, about.Layer(id)));

    /// <summary>How many times longer than the nominal case the worst case needs.</summary>
    public static double LongerThanNominal(FoundSetting found) =>
        found is { Outcome: SettingOutcome.Safe, Chosen: { TargetSeconds: > 0 and var target, NeedsSeconds: { } needs } }
        ? Math.Max(1, needs / target) : 1;

    /// <summary>Carries out a sequence.</summary>
    /// <param name="about">The job, with its setting.</param>
    /// <param name="sequence">The presses.</param>
    /// <param name="catalogue">The catalogue.</param>
    /// <param name="name">Names a sheet for the reader.</param>
    public static RehearsedPresses Of(ChartedJob about, IReadOnlyList<SequencePress> sequence, CatalogueSnapshot catalogue,
        Func<string, string> name)
    {
        var rehearser = new Rehearser(about, catalogue, sequence[0].Set.For(0), FirstFace(about, sequence.Select(p => p.Laid)), name);
        foreach (var press in sequence)
            rehearser.CarryOut(press);
        rehearser.Open(PhaseKind.Rest, RestSeconds, rehearser._done[^1].Peel?.Place
            ?? rehearser._done.LastOrDefault(d => d.Peel is not null)?.Peel!.Place ?? CoolingPlace.OnUnderlay);
        return new RehearsedPresses(rehearser._phases, rehearser._done, rehearser._measured!);
    }

    /// <summary>Carries out again what was really done, as far as it was done, up to the peel of its last press.</summary>
    /// <param name="about">The job.</param>
    /// <param name="done">The presses of its plan that were done, in order.</param>
    /// <param name="catalogue">The catalogue.</param>
    /// <param name="row">What was pressed just before; null for nothing.</param>
    public static RepeatedPiece Repeat(ChartedJob about, IReadOnlyList<DoneInModel> done, CatalogueSnapshot catalogue,
        PiecesBefore? row = null) => Repeated(about, done, catalogue, id => id, LastOf(about, row, catalogue)).Piece;

    /// <summary>Temperatures over time of a piece as it was really pressed, and as it goes on by its plan.</summary>
    /// <param name="about">The job.</param>
    /// <param name="done">Every press of its plan but the patch: what was done of it, or will be.</param>
    /// <param name="catalogue">The catalogue.</param>
    /// <param name="name">Names a sheet for the reader.</param>
    /// <param name="row">What was pressed just before; null for nothing.</param>
    public static IReadOnlyList<TracePhase> Retrace(ChartedJob about, IReadOnlyList<DoneInModel> done, CatalogueSnapshot catalogue,
        Func<string, string> name, PiecesBefore? row = null)
    {
        var rehearser = Repeated(about, done, catalogue, name, LastOf(about, row, catalogue)).Rehearser;
        rehearser.Open(PhaseKind.Rest, RestSeconds, CoolingPlace.OnUnderlay);
        return rehearser._phases;
    }

    private static (RepeatedPiece Piece, Rehearser Rehearser) Repeated(ChartedJob about, IReadOnlyList<DoneInModel> done,
        CatalogueSnapshot catalogue, Func<string, string> name, Rehearser? before)
    {
        var setting = PressSetting.Single(done[0].PlateCelsius, done[0].Press.PressureKPa, 0);
        var rehearser = new Rehearser(about, catalogue, setting, FirstFace(about, done.Select(d => d.Press.Laid)), name);
        if (before is not null)
            rehearser.Follow(before);
        var opened = new Dictionary<string, double>(StringComparer.Ordinal);
        foreach (var (press, closings, celsius) in done)
        {
            var turned = PressSetting.Single(celsius, press.PressureKPa, 0);
            if (rehearser._repeated && turned.PlateCelsius != rehearser._setting.PlateCelsius)
                rehearser._session.SettlePlate(turned.PlateCelsius);
            rehearser._setting = turned;
            rehearser.Prepare(press.Purpose, press.Laid, press.Face);
            foreach (var (seconds, openBefore) in closings)
            {
                if (openBefore > 0)
                    rehearser.Open(PhaseKind.Cover, openBefore, CoolingPlace.OnUnderlay);
                rehearser.Close(press.Purpose, seconds, press.Order);
            }

            if (press.Purpose == PressPurpose.Back)
                rehearser._session.TurnOver();
            rehearser._repeated = true;
            foreach (var id in rehearser._laid)
                opened[id] = rehearser._session.HeatDose(rehearser.InSession(id));
            if (press.Peel.Method != PeelMethod.None)
                rehearser.Peel(
                    new PeelTime(press.Peel.Method, press.Peel.FromSeconds, press.Peel.ToSeconds, press.Peel.OnColdBench
                        ? CoolingPlace.ColdBench : CoolingPlace.OnUnderlay));
        }

        return (new RepeatedPiece(rehearser._session, rehearser.InSession, opened, rehearser._face), rehearser);
    }

    private static Face FirstFace(ChartedJob about, IEnumerable<IReadOnlyList<string>> laid) =>
        laid.FirstOrDefault(l => l.Count > 0) is { } first ? about.Layer(first[0]).Layer.Face : about.Layers[0].Layer.Face;

    /// <summary>The layers as they are stacked, each after those it lies over.</summary>
    internal static List<StackedVinyl> Stack(ChartedJob about, Face firstFace) =>
    [
        .. about.Layers.Select(l => (Layer: l, Under: about.Stack.Under(l.Id).ToList())).OrderBy(l => l.Under.Count)
            .Select(l =>
                new StackedVinyl(about.Layers.Count == 1
                    ? Workpiece.VinylSheet : l.Layer.Id, l.Layer.Work.Vinyl, l.Under, l.Layer.Layer.Face != firstFace)),
    ];

    /// <summary>A single layer's id in the session is that of its sheet.</summary>
    private string InSession(string layer) => _about.Layers.Count == 1 ? Workpiece.VinylSheet : layer;

    private void CarryOut(SequencePress press)
    {
        var before = _done.Count > 0 ? _done[^1].Press.Set : press.Set;
        _setting = press.Set.For(press.Seconds);
        // Where the dial is turned between presses, the piece waits for the plate.
        if (TurningTheDial.Seconds(_about.Work.Source, before, press.Set) is > 0 and var turning)
        {
            Open(PhaseKind.Dial, turning, CoolingPlace.OnUnderlay);
            _session.SettlePlate(_setting.PlateCelsius);
        }

        Prepare(press.Purpose, press.Laid, press.Face);
        var seconds = press.Purpose == PressPurpose.Tack
            ? Math.Max(press.Seconds, TackSeconds(_session, _setting, press.Laid.Select(_about.Layer), _catalogue)) : press.Seconds;
        double? insteadOf = null;
        if (press.UntilBonded)
            (seconds, insteadOf) = SecondsUntilBonded(press);
        var bonding = press.Purpose == PressPurpose.Press;
        if (bonding && _inARun)
            _beforeBonding = _session.Copy();
        Close(press.Purpose, seconds, _done.Count + 1);
        var (water, glue) = (_session.FaceWaterShare, _session.GlueCelsius[0]);
        // Face up again, before it cools.
        if (press.Purpose == PressPurpose.Back)
            _session.TurnOver();
        var peel = press.Peel == PeelMethod.None
            ? null : Cooling.Of(_session, press.Peel, _about.Work, _catalogue.Work, _setting.PlateCelsius);
        _done.Add(new DonePress(press, seconds, _laid.ToDictionary(id => id, Heat, StringComparer.Ordinal), _session.HottestBare(), water,
            glue, peel)
        { InsteadOfSeconds = insteadOf });
        if (bonding && !_inARun)
            _measured = Measure(peel);
        if (peel is not null)
            Peel(peel);
    }

    private void Prepare(PressPurpose purpose, IReadOnlyList<string> laid, Face? bare)
    {
        if (laid.Count > 0)
        {
            TurnTo(_about.Layer(laid[0]).Layer.Face);
            // The first layers follow the preheat; without one they are laid on a cold blank.
            if (_done.Count > 0 || _repeated)
                Open(PhaseKind.Lay, LayingSeconds(_about, laid), CoolingPlace.OnUnderlay);
            _session.Lay([.. laid.Select(InSession)]);
            _laid.AddRange(laid);
        }
        else if (purpose == PressPurpose.Back)
        {
            Open(PhaseKind.Turn, _catalogue.Work.TurnSeconds.Value, CoolingPlace.OnUnderlay);
            _session.TurnOver();
        }
        else if (purpose == PressPurpose.Preheat)
        {
            TurnTo(bare ?? _face);
        }
        else
        {
            Open(PhaseKind.Cover, CoveringSeconds, CoolingPlace.OnUnderlay);
        }
    }

    /// <summary>The finished face goes down, to the cold side.</summary>
    private void TurnTo(Face face)
    {
        if (face == _face)
            return;
        Open(PhaseKind.Turn, _catalogue.Work.TurnSeconds.Value, CoolingPlace.OnUnderlay);
        _session.TurnOver();
        _face = face;
    }

    private LayerHeat Heat(string id)
    {
        var layer = _about.Layer(id);
        return new LayerHeat(_session.Bond(InSession(id)) / layer.WantedBond,
            _session.HeatDose(InSession(id)) / layer.Reference.HeatDoseSeconds);
    }

    private void Close(PressPurpose purpose, double seconds, int order)
    {
        var recorder = Recorder();
        _session.Press(_setting with { Seconds = seconds }, observer: recorder);
        Record(recorder,
            purpose switch
            {
                PressPurpose.Preheat => PhaseKind.Preheat,
                PressPurpose.Tack => PhaseKind.Tack,
                PressPurpose.Back =>
                PhaseKind.Back,
                PressPurpose.Finish => PhaseKind.Finish,
                _ => PhaseKind.Press
            }, order, seconds);
    }

    private void Open(PhaseKind kind, double seconds, CoolingPlace place)
    {
        var recorder = Recorder();
        _session.Open(place, seconds, _setting.PlateCelsius, recorder);
        Record(recorder, kind, null, seconds);
    }

    private PhaseRecorder Recorder() => new(() => _laid.Count == 0 ? 0 : _laid.Min(id => Heat(id).Bond),
        _about.Layers.Max(l => l.Work.Vinyl.Bond.HoldsFrom.Value));

    private void Record(PhaseRecorder recorder, PhaseKind kind, int? order, double seconds)
    {
        _phases.Add(recorder.Finish(_session, kind, order, _clock, _name));
        _clock += seconds;
    }

    private void Peel(PeelTime peel)
    {
        if (peel.FromSeconds > 0)
            Open(PhaseKind.Cool, peel.FromSeconds, peel.Place);
        Open(PhaseKind.Peel, PeelingSeconds, peel.Place);
        _session.Peel();
    }
}
