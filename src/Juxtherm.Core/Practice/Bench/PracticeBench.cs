using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Heat;
using Juxtherm.Core.Plans.Rehearsal;
using Juxtherm.Core.Plans.Stages;
using Juxtherm.Core.Practice.Cases;
using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Practice.Bench;

/// <summary>A practice bench: carries moves out one by one, as heat would have it with what is hidden. The same moves always give the
/// same.</summary>
internal sealed partial class PracticeBench
{
    private const double MeasureSeconds = 60;
    private const double TurnSeconds = 6;
    private const double PutDownSeconds = 0.5;
    private const double LongestSeconds = 3600;
    private const double LongestInAllSeconds = 4 * 3600;
    private const int MostMoves = 200;

    // Steam leaves holes in the sole: there it presses and heats less (ours).
    private const double SteamShare = 0.35;

    // What is levelled with paper strips is even to so much (ours).
    private const double LevelledShare = 0.97;

    private readonly HiddenCase _hidden;
    private readonly PracticeRoom _room;
    private readonly Dictionary<string, string> _props;
    private readonly List<Closing> _closings = [];
    private readonly bool _traced;
    private BenchTrace _trace;
    private Taken _taken = Taken.Nothing;
    private ChartedJob _about;
    private List<PiecePart>? _parts;
    private PiecePart? _focus;
    private double _clock;
    private double _dial;
    private PressureLevel _pressure;
    private double? _measured;
    private PatchSeen? _patch;
    private bool _labelRead;
    private bool _turned;
    private bool _over;
    private bool _cameUp;

    private PracticeBench(HiddenCase hidden, PracticeRoom room, bool traced)
    {
        (_hidden, _room, _traced) = (hidden, room, traced);
        _about = room.About(hidden.Real, _taken);
        _trace = new BenchTrace(_about);
        _props = hidden.Case.Props.ToDictionary(p => p.Id, p => p.Wrong.Id, StringComparer.Ordinal);
        var dial = _about.Work.Source.Dial;
        _dial = dial.Marks.Count > 0 ? dial.Marks[0].Celsius.Value : dial.Celsius.Value.Middle;
        _pressure = PressureLevel.Medium;
    }

    /// <summary>A closing of the plate.</summary>
    /// <param name="Seconds">How long it really was closed, s.</param>
    /// <param name="Laid">What lay there.</param>
    /// <param name="Bare">Vinyl lay bare under it, without carrier or cover.</param>
    public sealed record Closing(double Seconds, IReadOnlyList<string> Laid, bool Bare);

    /// <summary>Carries moves out.</summary>
    /// <param name="hidden">The case.</param>
    /// <param name="moves">What was done.</param>
    /// <param name="room">The catalogue and the language.</param>
    /// <param name="traced">Also writes down what the stack goes through.</param>
    /// <exception cref="MoveRefusedException">One of them cannot be made.</exception>
    public static PracticeBench Play(HiddenCase hidden, IReadOnlyList<Move> moves, PracticeRoom room, bool traced = false)
    {
        var bench = new PracticeBench(hidden, room, traced);
        if (moves.Count > MostMoves)
            throw new MoveRefusedException(MostMoves, "out-of-range");
        for (var i = 0; i < moves.Count; i++)
        {
            if (bench.Do(moves[i]) is { } why)
                throw new MoveRefusedException(i, why);
        }

        return bench;
    }

    /// <summary>The case.</summary>
    public PracticeCase Case => _hidden.Case;

    /// <summary>The job as it is in truth, with what its layers ask.</summary>
    public ChartedJob About => _about;

    /// <summary>How each prop stands.</summary>
    public IReadOnlyDictionary<string, string> Props => _props;

    /// <summary>Every closing, in order.</summary>
    public IReadOnlyList<Closing> Closings => _closings;

    /// <summary>What the stack went through; empty where it was not asked for.</summary>
    public IReadOnlyList<TracePhase> Trace => _trace.Phases;

    /// <summary>Layers that never came under the plate with some part of them.</summary>
    public IReadOnlyList<string> NeverPressed => [.. _about.Layers.Select(l => l.Id)
        .Where(id => Parts.Any(p => p.Layers.Contains(id) && !(p.Pressed && p.Laid.Contains(id, StringComparer.Ordinal))))];

    /// <summary>How long it took, s.</summary>
    public double Seconds => _clock;

    /// <summary>It was handed over.</summary>
    public bool Over => _over;

    private string? Do(Move move)
    {
        if (_over)
            return "over";
        if (move.Seconds is < 0 or > LongestSeconds or double.NaN || _clock + move.Seconds > LongestInAllSeconds)
            return "out-of-range";
        switch (move.Kind)
        {
            case MoveKind.Touch:
                return TouchProp(move);
            case MoveKind.Dial:
                return TurnDial(move.Celsius);
            case MoveKind.Pressure:
                if (!_about.Work.Source.Pressure.KPa.ContainsKey(move.Pressure))
                    return "out-of-range";
                _pressure = move.Pressure;
                return null;
            case MoveKind.Measure:
                _measured = Math.Round(PlateAt(0) / 5) * 5;
                Open(PhaseKind.Cover, MeasureSeconds, CoolingPlace.OnUnderlay);
                return null;
            case MoveKind.ReadLabel:
                return ReadLabel();
            case MoveKind.Patch:
                return Patch(move.Seconds);
            case MoveKind.Cover or MoveKind.Underlay or MoveKind.Vinyl:
                return Take(move);
            case MoveKind.Lay:
                return Lay(move.Layers, move.Part);
            case MoveKind.Close:
                return Close(move.Seconds, move.Part);
            case MoveKind.Wait or MoveKind.ToBench:
                Open(PhaseKind.Cool, move.Seconds, move.Kind == MoveKind.ToBench ? CoolingPlace.ColdBench : CoolingPlace.OnUnderlay);
                return null;
            case MoveKind.Peel:
                return Peel(move.Part);
            case MoveKind.Turn:
                Open(PhaseKind.Turn, TurnSeconds, CoolingPlace.OnUnderlay);
                foreach (var part in Parts)
                    part.Session.TurnOver();
                Open(PhaseKind.Turn, PutDownSeconds, CoolingPlace.OnUnderlay);
                _turned = !_turned;
                return null;
            default:
                if (Parts.All(p => p.Laid.Count == 0))
                    return "nothing-laid";
                _over = true;
                return null;
        }
    }

    private string? TouchProp(Move move)
    {
        if (_hidden.Case.Props.FirstOrDefault(p => p.Id == move.Prop) is not { } prop || !prop.Has(move.State))
            return "no-such-prop";
        if (_props[prop.Id] != move.State)
        {
            _props[prop.Id] = move.State;
            _clock += prop.Seconds;
        }

        return null;
    }

    private string? TurnDial(double celsius)
    {
        var source = _about.Work.Source;
        var range = source.Dial.Celsius.Value;
        if (double.IsNaN(celsius) || (source.Dial.Marks.Count == 0 && (celsius < range.Low || celsius > range.High)))
            return "out-of-range";
        var to = source.MarkAt(celsius)?.Celsius.Value ?? celsius;
        var takes = TurningTheDial.Seconds(source, source.SurfaceAt(_dial), source.SurfaceAt(to));
        // Before anything lies there, it is just waited for.
        if (_parts is not null)
            Open(PhaseKind.Dial, takes, CoolingPlace.OnUnderlay);
        else
            _clock += takes;
        _dial = to;
        foreach (var part in _parts ?? [])
            part.Session.SettlePlate(Plate);
        return null;
    }

    private string? Lay(IReadOnlyList<string> layers, int at)
    {
        if (layers.Count == 0 || layers.Any(l => _about.Layers.All(k => k.Id != l)))
            return "no-such-layer";
        if (layers.Any(l => _about.Layer(l).Layer.Face == _about.Layers[0].Layer.Face == _turned))
            return "wrong-face";
        var fresh = _parts is null;
        if (At(at) is not { } parts)
            return "no-such-part";
        if (!layers.Any(l => parts.Any(p => p.Layers.Contains(l) && !p.Laid.Contains(l, StringComparer.Ordinal))))
            return "already-laid";
        if (!fresh)
            Open(PhaseKind.Lay, Rehearser.LayingSeconds(_about, layers), CoolingPlace.OnUnderlay);
        foreach (var part in parts)
            part.Lay(layers);
        _focus = parts[0];
        Open(PhaseKind.Lay, PutDownSeconds, CoolingPlace.OnUnderlay);
        _cameUp = false;
        return null;
    }

    private string? Close(double seconds, int at)
    {
        if (At(Math.Max(1, at)) is not [var part])
            return "no-such-part";
        var watched = _props.GetValueOrDefault(PropIds.Clock) != PropIds.ByFeel;
        var really = seconds * (watched ? 1 : _hidden.Truth.OpensAfterShare);
        var (cover, shown) = (HasCover, Shown(part).ToList());
        _closings.Add(new Closing(really, [.. part.Laid], shown.Count > 0 && part.Peeled && !cover));
        var kind = part.Laid.Count == 0 ? PhaseKind.Preheat : shown.Count == 0 ? PhaseKind.Back
            : part.Peeled ? PhaseKind.Finish : PhaseKind.Press;
        _focus = part;
        Run(part, kind, _closings.Count, observer =>
            part.Session.Press(new PressSetting(Plate, Pressures(), really), cover, observer));
        foreach (var other in Parts.Where(p => p != part))
            other.Session.Open(CoolingPlace.OnUnderlay, really, Plate);
        _clock += really;
        _cameUp = false;
        part.Opened();
        return null;
    }

    private void Open(PhaseKind kind, double seconds, CoolingPlace place)
    {
        foreach (var part in seconds > 0 ? _parts ?? [] : [])
        {
            if (part == _focus)
                Run(part, kind, null, observer => part.Session.Open(place, seconds, Plate, observer));
            else
                part.Session.Open(place, seconds, Plate);
        }

        _clock += seconds;
    }

    private void Run(PiecePart part, PhaseKind kind, int? closing, Action<ISessionObserver?> run)
    {
        if (_traced)
            _trace.Watch(part, kind, closing, _clock, run);
        else
            run(null);
    }

    private string? Peel(int at)
    {
        if (At(at) is not { } parts)
            return "no-such-part";
        List<PiecePart> on = [.. parts.Where(p => p.CarrierOn)];
        if (on.Count == 0)
            return "nothing-laid";
        var worst = on.Min(p => p.Laid.Min(id => Share(p, id, 0) / HoldsFrom(id)));
        // What has hardly bonded comes up with its carrier, and is laid back.
        _cameUp = worst < ComesUpBelow;
        _tooHot |= on.Exists(p => p.Session.VinylCelsius[0] > _room.Catalogue.Work.Peel.ColdBelowCelsius.Value + StillHotK
            && p.Laid.Any(id => _about.Layer(id).Chart.Peel.Value == PeelMethod.Cold));
        Open(PhaseKind.Peel, Cooling.PeelingSeconds, CoolingPlace.OnUnderlay);
        if (_cameUp)
            return null;
        foreach (var part in on)
            part.Peel();
        Open(PhaseKind.Rest, PutDownSeconds, CoolingPlace.OnUnderlay);
        return null;
    }

    /// <summary>The part of that number, from 1, or all of them for 0; null where there is none.</summary>
    private List<PiecePart>? At(int part) =>
        part == 0 ? Parts : part > 0 && part <= Parts.Count ? [Parts[part - 1]] : null;

    private List<PiecePart> Parts => _parts ??= PutDown();

    private List<PiecePart> PutDown()
    {
        List<PiecePart> parts = [.. PartsOfPrint.Of(_about).Select(layers => new PiecePart(_about, layers, stack =>
            new PressSession(_about.Work, stack, _room.Catalogue, _hidden.Truth.Moisture)))];
        // What lies otherwise than before can be felt once it has lain there for a moment.
        foreach (var part in parts)
            part.Session.Open(CoolingPlace.OnUnderlay, PutDownSeconds, Plate);
        _focus = parts[0];
        return parts;
    }

    /// <summary>Layers that lie there and can be seen: those of the face that is up.</summary>
    private IEnumerable<string> Shown(PiecePart part) =>
        part.Laid.Where(id => _about.Layer(id).Layer.Face == _about.Layers[0].Layer.Face != _turned);

    private bool HasCover => _about.Work.HasCover && _props.GetValueOrDefault(PropIds.Cover) != PropIds.NoCover;

    // Places on the plate run side by side: its middle, its weakest corner, and where it is hottest.
    private double PlateAt(int lane) => _about.Work.Source.SurfaceAt(_dial) + _hidden.Truth.PlateOffsetK
        + lane switch { 1 => -_hidden.Truth.CornerCoolerK - _hidden.Truth.WanderK, 2 => _hidden.Truth.WanderK, _ => 0 };

    private Lanes Plate => LaneMath.From([PlateAt(0), PlateAt(1), PlateAt(2)]);

    private Lanes Pressures()
    {
        var kPa = _about.Work.Source.Pressure.KPa[_pressure].Value * _hidden.Truth.PressureShare;
        var corner = _props.GetValueOrDefault(PropIds.Strips) == PropIds.Levelled ? LevelledShare : _hidden.Truth.CornerShare;
        if (_props.GetValueOrDefault(PropIds.Steam) == PropIds.SteamOn)
            corner *= SteamShare;
        return LaneMath.From([kPa, kPa * corner, kPa]);
    }

    private double Share(PiecePart part, string layer, int lane) =>
        part.Bond(layer, lane) / (_about.Layer(layer).WantedBond * _hidden.Truth.Demand);

    /// <summary>The least bond of a layer on any part, as a share of what is wanted in truth.</summary>
    private double BondShare(string layer, int lane) =>
        Parts.Where(p => p.Layers.Contains(layer)).Select(p => Share(p, layer, lane)).DefaultIfEmpty(0).Min();

    private double HoldsFrom(string layer) => _about.Layer(layer).Work.Vinyl.Bond.HoldsFrom.Value;
}
