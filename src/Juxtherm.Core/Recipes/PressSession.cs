using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Heat;

namespace Juxtherm.Core.Recipes;

/// <summary>Where a piece lies while it cools.</summary>
public enum CoolingPlace
{
    /// <summary>Where it was pressed, on its warm underlay.</summary>
    OnUnderlay,

    /// <summary>Moved to a cold bench.</summary>
    ColdBench,
}

/// <summary>One press as it is done, in each of the four lanes.</summary>
/// <param name="PlateCelsius">Set point of the plate's face, °C.</param>
/// <param name="PressureKPa">Contact pressure, kPa.</param>
/// <param name="Seconds">Time closed, s.</param>
public sealed record PressSetting(Lanes PlateCelsius, Lanes PressureKPa, double Seconds)
{
    /// <summary>The same setting in all lanes.</summary>
    public static PressSetting Single(double celsius, double kPa, double seconds) => new(LaneMath.All(celsius), LaneMath.All(kPa), seconds);
}

/// <summary>What is seen after each step of a phase.</summary>
public interface ISessionObserver
{
    /// <summary>Called after each step.</summary>
    /// <param name="session">The session, standing at the end of the step.</param>
    /// <param name="seconds">Time since the phase began, s.</param>
    /// <returns>False to end the phase here.</returns>
    bool AfterStep(PressSession session, double seconds);
}

/// <summary>
/// A piece of work carried through its presses: two columns, one through the print and one through the bare blank beside it,
/// whose temperatures and moisture go on from phase to phase while covers come and go. Four cases run side by side.
/// </summary>
public sealed class PressSession
{
    private readonly Workpiece _work;
    private readonly WorkFigures _figures;
    private readonly Column _print;
    private readonly Column _bare;
    private readonly DoseMeter _bond;
    private readonly DoseMeter _burden;
    private readonly double[] _hottest = new double[LaneMath.Count];
    private Lanes _pressed;
    private readonly double _room;

    /// <summary>Lays out the blank on its underlay, everything at room temperature, damp from the air.</summary>
    /// <param name="work">What is pressed.</param>
    /// <param name="catalogue">For the carrier and the figures of the work.</param>
    /// <param name="moisture">How damp the blank is against its usual regain; 1 is usual.</param>
    /// <param name="roomCelsius">Room temperature, °C.</param>
    public PressSession(Workpiece work, CatalogueSnapshot catalogue, double moisture = 1, double roomCelsius = Surroundings.RoomCelsius)
    {
        ArgumentNullException.ThrowIfNull(work);
        ArgumentNullException.ThrowIfNull(catalogue);
        _work = work;
        _figures = catalogue.Work;
        _room = roomCelsius;
        List<SheetField> blank = [.. Enumerable.Range(0, (int)work.Form.Layers.Value).Select(i => SheetField.At(Damp(work.Material.Thermal.Sheet(Workpiece.BlankSheet(i)), moisture), roomCelsius))];
        var underlay = work.Form.Supported && work.Underlay.Thermal is { } thermal ? SheetField.At(thermal.Sheet(Workpiece.UnderlaySheet), roomCelsius) : null;
        var carrier = catalogue.Carrier.Thermal!.Sheet(Workpiece.CarrierSheet);
        _print = new Column(blank, underlay, work.Vinyl.Thermal.Sheet(Workpiece.VinylSheet), carrier);
        _bare = new Column([.. blank.Select(b => b.Copy())], underlay?.Copy(), null, null);
        _bond = new DoseMeter(DoseScales.Bond(_figures, work.Vinyl), LaneMath.All(roomCelsius));
        _burden = new DoseMeter(DoseScales.Burden(_figures), LaneMath.All(roomCelsius));
        Array.Fill(_hottest, roomCelsius);
    }

    /// <summary>Sheets of the column through the print, top to bottom, as they lie now.</summary>
    public IReadOnlyList<SheetField> PrintSheets => _print.Current.Fields;

    /// <summary>The column through the print.</summary>
    public HeatColumn PrintColumn => _print.Current;

    /// <summary>The column through the bare blank beside the print.</summary>
    public HeatColumn BareColumn => _bare.Current;

    /// <summary>The vinyl lies on the blank.</summary>
    public bool VinylLaid => _print.VinylOn;

    /// <summary>Temperature of the glue line (the face of the blank before the vinyl is laid), °C.</summary>
    public Lanes GlueCelsius => _print.Current.InterfaceCelsius(_print.IndexOf(Workpiece.BlankSheet(0)) + (_print.Turned ? 1 : 0));

    /// <summary>Temperature in the middle of the vinyl; the face of the blank before it is laid, °C.</summary>
    public Lanes VinylCelsius => VinylLaid ? _print.Current.MiddleCelsius(_print.IndexOf(Workpiece.VinylSheet)) : GlueCelsius;

    /// <summary>Temperature of the blank beside the print where the plate or its cover touches it, °C.</summary>
    public Lanes BareFaceCelsius => _bare.Current.InterfaceCelsius(_bare.IndexOf(_bare.Blank[0].Sheet.Id));

    /// <summary>Bond so far in a lane, in reference seconds at the reference pressure.</summary>
    public double Bond(int lane = 0) => _bond.Total(lane);

    /// <summary>Burden so far in a lane, in reference seconds.</summary>
    public double Burden(int lane = 0) => _burden.Total(lane);

    /// <summary>Hottest that the bare face has been in a lane, °C.</summary>
    public double HottestBare(int lane = 0) => _hottest[lane];

    /// <summary>Water left in the blank's face layer under the print, as a share of what it holds in room air.</summary>
    public double FaceWaterShare => _print.Blank.Single(b => b.Sheet.Id == Workpiece.BlankSheet(0)).WaterShare[0];

    /// <summary>Closes the plate on the piece, with the cover if there is one, then opens it.</summary>
    /// <param name="setting">How.</param>
    /// <param name="cover">Whether the cover sheet lies on top.</param>
    /// <param name="observer">Sees every step.</param>
    public void Press(PressSetting setting, bool cover = true, ISessionObserver? observer = null)
    {
        ArgumentNullException.ThrowIfNull(setting);
        var sheet = cover && _work.HasCover ? _work.Cover.Thermal!.Sheet(Workpiece.CoverSheet) : null;
        Span<double> conductance = stackalloc double[LaneMath.Count];
        Span<double> pressed = stackalloc double[LaneMath.Count];
        for (var lane = 0; lane < LaneMath.Count; lane++)
        {
            conductance[lane] = Surroundings.PlateContactWm2K(setting.PressureKPa[lane]);
            // Only pressed vinyl bonds; the reference pressure is 20 kPa.
            pressed[lane] = Math.Pow(setting.PressureKPa[lane] / ReferencePressureKPa, _figures.PressureExponent.Value);
        }

        _pressed = LaneMath.From(pressed);
        TopFace top = _work.Source.HotAirWm2K is { } air ? new TopFace.Open(air.Value, setting.PlateCelsius) : new TopFace.UnderPlate(LaneMath.From(conductance));
        Run(sheet, onBench: false, top, setting.PlateCelsius, setting.Seconds, StepSchedule.Press, observer);
        _pressed = Lanes.Zero;
    }

    /// <summary>Leaves the piece open to the air, the plate recovering meanwhile.</summary>
    /// <param name="place">Where it lies.</param>
    /// <param name="seconds">How long at most, s.</param>
    /// <param name="plateCelsius">Set point of the plate, °C.</param>
    /// <param name="observer">Sees every step and may end the phase.</param>
    public void Open(CoolingPlace place, double seconds, Lanes plateCelsius, ISessionObserver? observer = null)
    {
        Run(null, onBench: place == CoolingPlace.ColdBench && _work.Form.Supported, new TopFace.Open(Surroundings.OpenAirWm2K, _room), plateCelsius, seconds, StepSchedule.Cooling, observer);
    }

    /// <summary>Lays the vinyl on the blank, carrier up, both at room temperature.</summary>
    public void LayVinyl()
    {
        _print.LayVinyl(_room);
        _bond.Restart(LaneMath.All(_room));
        _burden.Restart(LaneMath.All(_room));
    }

    /// <summary>Preheats the bare blank, then opens and lays the vinyl, as every piece begins.</summary>
    /// <param name="preheat">The preheat; 0 s for none.</param>
    /// <param name="figures">For the time it takes to lay the artwork.</param>
    /// <param name="observer">Sees every step of both phases.</param>
    public void PreheatAndLay(PressSetting preheat, WorkFigures figures, ISessionObserver? observer = null)
    {
        ArgumentNullException.ThrowIfNull(preheat);
        ArgumentNullException.ThrowIfNull(figures);
        if (preheat.Seconds > 0)
        {
            Press(preheat, observer: observer);
            Open(CoolingPlace.OnUnderlay, figures.LaySeconds.Value, preheat.PlateCelsius, observer);
        }

        LayVinyl();
    }

    /// <summary>Takes the carrier off.</summary>
    public void Peel() => _print.CarrierOn = false;

    /// <summary>Turns the piece over, so that the next press comes from the back.</summary>
    public void TurnOver()
    {
        _print.TurnOver();
        _bare.TurnOver();
    }

    /// <summary>Dries the blank completely, as after a long preheat.</summary>
    public void DryOut()
    {
        _print.DryOut();
        _bare.DryOut();
    }

    private const double ReferencePressureKPa = 20;

    private static Sheet Damp(Sheet sheet, double factor) => sheet with { Substance = sheet.Substance with { MoistureRegain = Math.Min(1, sheet.Substance.MoistureRegain * factor) } };

    private void Run(Sheet? cover, bool onBench, TopFace top, Lanes plate, double seconds, StepSchedule schedule, ISessionObserver? observer)
    {
        var bottom = new BottomFace(Surroundings.BelowUnderlayWm2K, _room);
        _print.Stack(cover, onBench, _room, _work.Source.Plate.Value, plate);
        _bare.Stack(cover, onBench, _room, _work.Source.Plate.Value, plate);
        var ended = false;
        // The columns advance in step: the bare one follows each step of the print's with the same length.
        _print.Current.Run(top, bottom, plate, seconds, schedule, (length, time) =>
        {
            _bare.Current.Advance(top, bottom, plate, length);
            Count(length);
            ended = observer is not null && !observer.AfterStep(this, time);
            return !ended;
        });
        _bare.Current.WriteBack();
        _print.Remember();
        _bare.Remember();
    }

    private void Count(double seconds)
    {
        if (VinylLaid)
        {
            _bond.Advance(GlueCelsius, seconds, _pressed);
            _burden.Advance(VinylCelsius, seconds, Lanes.One);
        }

        var bare = BareFaceCelsius;
        for (var lane = 0; lane < LaneMath.Count; lane++)
            _hottest[lane] = Math.Max(_hottest[lane], bare[lane]);
    }

    /// <summary>The sheets that stay with a piece, and the column they form with what lies around them now.</summary>
    private sealed class Column(List<SheetField> blank, SheetField? underlay, Sheet? vinyl, Sheet? carrier)
    {
        private SheetField? _vinylField;
        private SheetField? _carrierField;
        private List<SheetField>? _bench;
        private Lanes? _plate;
        private HeatColumn? _current;

        public List<SheetField> Blank { get; private set; } = blank;

        public bool VinylOn => _vinylField is not null;

        public bool CarrierOn { get; set; }

        public bool Turned { get; private set; }

        public HeatColumn Current => _current ?? throw new InvalidOperationException("No phase has been run yet.");

        public int IndexOf(string sheet)
        {
            var fields = Current.Fields;
            for (var i = 0; i < fields.Count; i++)
            {
                if (fields[i].Sheet.Id == sheet)
                    return i;
            }

            throw new InvalidOperationException($"There is no sheet {sheet} in the stack.");
        }

        public void LayVinyl(double room)
        {
            if (vinyl is null || carrier is null)
                return;
            _vinylField = SheetField.At(vinyl, room);
            _carrierField = SheetField.At(carrier, room);
            CarrierOn = true;
        }

        public void TurnOver()
        {
            Turned = !Turned;
            Blank = [.. Blank.Select(b => b.Flipped()).Reverse()];
            _vinylField = _vinylField?.Flipped();
            _carrierField = _carrierField?.Flipped();
        }

        public void DryOut() => Blank = [.. Blank.Select(b => b.Dried())];

        public void Stack(Sheet? cover, bool onBench, double room, Plate kind, Lanes startCelsius)
        {
            List<SheetField> work = [];
            if (_carrierField is not null && CarrierOn)
                work.Add(_carrierField);
            if (_vinylField is not null)
                work.Add(_vinylField);
            if (Turned)
                work = [.. Blank, .. Enumerable.Reverse(work)];
            else
                work.AddRange(Blank);
            if (cover is not null)
                work.Insert(0, SheetField.At(cover, room));
            if (onBench)
                work.AddRange(_bench ??= [.. Surroundings.ColdBench.Select(sheet => SheetField.At(sheet, room))]);
            else if (underlay is not null)
                work.Add(underlay);
            _current = new HeatColumn(work);
            _current.SetPlate(kind, _plate ?? startCelsius);
        }

        public void Remember() => _plate = Current.PlateCelsius;
    }
}
