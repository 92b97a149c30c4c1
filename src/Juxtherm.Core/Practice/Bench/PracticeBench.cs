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
    private const int MostMoments = 4000;
    private const int MostMoves = 200;

    // Steam leaves holes in the sole: there it presses and heats less (ours).
    private const double SteamShare = 0.35;

    // What is levelled with paper strips is even to so much (ours).
    private const double LevelledShare = 0.97;

    private readonly HiddenCase _hidden;
    private readonly ChartedJob _about;
    private readonly CatalogueSnapshot _catalogue;
    private readonly Dictionary<string, string> _props;
    private readonly List<string> _laid = [];
    private readonly List<Closing> _closings = [];
    private readonly List<GlueMoment> _trace = [];
    private readonly Dictionary<string, double> _asItOpened = new(StringComparer.Ordinal);
    private PressSession? _session;
    private double _clock;
    private double _dial;
    private PressureLevel _pressure;
    private double? _measured;
    private bool _peeled;
    private bool _turned;
    private bool _over;
    private bool _cameUp;

    private PracticeBench(HiddenCase hidden, ChartedJob about, CatalogueSnapshot catalogue)
    {
        (_hidden, _about, _catalogue) = (hidden, about, catalogue);
        _props = hidden.Case.Props.ToDictionary(p => p.Id, p => p.Wrong.Id, StringComparer.Ordinal);
        var dial = about.Work.Source.Dial;
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
    /// <exception cref="MoveRefusedException">One of them cannot be made.</exception>
    public static PracticeBench Play(HiddenCase hidden, IReadOnlyList<Move> moves, PracticeRoom room)
    {
        var bench = new PracticeBench(hidden, room.About(hidden.Case.Job), room.Catalogue);
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

    /// <summary>The job, with what its layers ask.</summary>
    public ChartedJob About => _about;

    /// <summary>How each prop stands.</summary>
    public IReadOnlyDictionary<string, string> Props => _props;

    /// <summary>Every closing, in order.</summary>
    public IReadOnlyList<Closing> Closings => _closings;

    /// <summary>What the glue went through.</summary>
    public IReadOnlyList<GlueMoment> Trace => _trace;

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
                Open(MeasureSeconds, CoolingPlace.OnUnderlay);
                return null;
            case MoveKind.Lay:
                return Lay(move.Layers);
            case MoveKind.Close:
                Close(move.Seconds);
                return null;
            case MoveKind.Wait or MoveKind.ToBench:
                Open(move.Seconds, move.Kind == MoveKind.ToBench ? CoolingPlace.ColdBench : CoolingPlace.OnUnderlay);
                return null;
            case MoveKind.Peel:
                return Peel();
            case MoveKind.Turn:
                Open(TurnSeconds, CoolingPlace.OnUnderlay);
                Session.TurnOver();
                Open(PutDownSeconds, CoolingPlace.OnUnderlay);
                _turned = !_turned;
                return null;
            default:
                if (_laid.Count == 0)
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
        if (_session is not null)
            Open(takes, CoolingPlace.OnUnderlay);
        else
            _clock += takes;
        _dial = to;
        _session?.SettlePlate(Plate);
        return null;
    }

    private string? Lay(IReadOnlyList<string> layers)
    {
        if (layers.Count == 0 || layers.Any(l => _about.Layers.All(k => k.Id != l)))
            return "no-such-layer";
        if (layers.Any(_laid.Contains))
            return "already-laid";
        if (_session is not null)
            Open(Rehearser.LayingSeconds(_about, layers), CoolingPlace.OnUnderlay);
        Session.Lay([.. layers.Select(InSession)]);
        Open(PutDownSeconds, CoolingPlace.OnUnderlay);
        _laid.AddRange(layers);
        (_peeled, _cameUp) = (false, false);
        return null;
    }

    private void Close(double seconds)
    {
        var watched = _props.GetValueOrDefault(PropIds.Clock) != PropIds.ByFeel;
        var really = seconds * (watched ? 1 : _hidden.Truth.OpensAfterShare);
        var cover = HasCover;
        _closings.Add(new Closing(really, [.. _laid], _laid.Count > 0 && _peeled && !cover));
        Session.Press(new PressSetting(Plate, Pressures(), really), cover, new Watch(this, true));
        _clock += really;
        _cameUp = false;
        foreach (var id in _laid)
            _asItOpened[id] = Session.HeatDose(InSession(id), 2);
    }

    private void Open(double seconds, CoolingPlace place)
    {
        if (seconds > 0 && _session is not null)
            _session.Open(place, seconds, Plate, new Watch(this, false));
        _clock += seconds;
    }

    private string? Peel()
    {
        if (_laid.Count == 0 || _peeled)
            return "nothing-laid";
        var (worst, hot) = (_laid.Min(id => BondShare(id, 0) / HoldsFrom(id)), Session.VinylCelsius[0]);
        // What has hardly bonded comes up with its carrier, and is laid back.
        _cameUp = worst < ComesUpBelow;
        _tooHot |= _laid.Exists(id => _about.Layer(id).Chart.Peel.Value == PeelMethod.Cold)
            && hot > _catalogue.Work.Peel.ColdBelowCelsius.Value + StillHotK;
        Open(Cooling.PeelingSeconds, CoolingPlace.OnUnderlay);
        if (_cameUp)
            return null;
        Session.Peel();
        Open(PutDownSeconds, CoolingPlace.OnUnderlay);
        _peeled = true;
        return null;
    }

    private PressSession Session => _session ??= PutDown();

    private PressSession PutDown()
    {
        var session = new PressSession(_about.Work, Rehearser.Stack(_about, _about.Layers[0].Layer.Face), _catalogue,
            _hidden.Truth.Moisture);
        // What lies otherwise than before can be felt once it has lain there for a moment.
        session.Open(CoolingPlace.OnUnderlay, PutDownSeconds, Plate);
        return session;
    }

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

    private string InSession(string layer) => _about.Layers.Count == 1 ? Workpiece.VinylSheet : layer;

    private double BondShare(string layer, int lane) =>
        Session.Bond(InSession(layer), lane) / (_about.Layer(layer).WantedBond * _hidden.Truth.Demand);

    private double HoldsFrom(string layer) => _about.Layer(layer).Work.Vinyl.Bond.HoldsFrom.Value;

    /// <summary>Writes down what the glue goes through, about four times a second.</summary>
    private sealed class Watch(PracticeBench bench, bool closed) : ISessionObserver
    {
        private const double EverySeconds = 0.25;
        private double _next;

        public bool AfterStep(PressSession session, double seconds)
        {
            if (seconds >= _next && bench._trace.Count < MostMoments)
            {
                bench._trace.Add(new GlueMoment(Math.Round(bench._clock + seconds, 2), Math.Round(session.GlueCelsius[0], 1), closed));
                _next = seconds + (closed ? EverySeconds : 4 * EverySeconds);
            }

            return true;
        }
    }
}
