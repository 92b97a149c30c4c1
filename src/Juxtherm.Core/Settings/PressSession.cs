using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Heat;

namespace Juxtherm.Core.Settings;

/// <summary>
/// A piece of work carried through its presses, in several columns: one through each layer of vinyl and what lies under it,
/// and one through the bare blank beside the print. Temperatures and moisture go on from phase to phase while covers and
/// carriers come and go. Four cases run side by side.
/// </summary>
public sealed partial class PressSession
{
    private const double ReferencePressureKPa = 20;

    private readonly Workpiece _work;
    private readonly WorkFigures _figures;
    private readonly List<PrintColumn> _prints;
    private readonly PrintColumn _lead;
    private readonly StackColumn _bare;
    private readonly double[] _hottest;
    private readonly double _room;
    private Lanes _pressed;
    private PrintColumn _focus;

    /// <summary>Lays out the blank on its underlay, everything at room temperature, damp from the air.</summary>
    /// <param name="work">What is pressed; its vinyl is the only layer.</param>
    /// <param name="catalogue">For the carrier and the figures of the work.</param>
    /// <param name="moisture">How damp the blank is against its usual regain; 1 is usual.</param>
    /// <param name="roomCelsius">Room temperature, °C.</param>
    public PressSession(Workpiece work, CatalogueSnapshot catalogue, double moisture = 1, double roomCelsius = Surroundings.RoomCelsius)
        : this(work, [new StackedVinyl(Workpiece.VinylSheet, (work ?? throw new ArgumentNullException(nameof(work))).Vinyl, [])], catalogue,
            moisture, roomCelsius)
    {
    }

    /// <summary>Lays out the blank for several layers of vinyl.</summary>
    /// <param name="work">What is pressed.</param>
    /// <param name="stack">The layers, each after those it lies over.</param>
    /// <param name="catalogue">For the carrier and the figures of the work.</param>
    /// <param name="moisture">How damp the blank is against its usual regain; 1 is usual.</param>
    /// <param name="roomCelsius">Room temperature, °C.</param>
    public PressSession(Workpiece work, IReadOnlyList<StackedVinyl> stack, CatalogueSnapshot catalogue, double moisture = 1,
        double roomCelsius = Surroundings.RoomCelsius)
    {
        ArgumentNullException.ThrowIfNull(work);
        ArgumentNullException.ThrowIfNull(stack);
        ArgumentNullException.ThrowIfNull(catalogue);
        _work = work;
        _figures = catalogue.Work;
        _room = roomCelsius;
        List<SheetField> blank = [.. Enumerable.Range(0, (int)work.Form.Layers.Value)
            .Select(i => SheetField.At(Damp(work.Material.Thermal.Sheet(Workpiece.BlankSheet(i)), moisture), roomCelsius))];
        var underlay = work.Form.Supported && work.Underlay.Thermal is { } thermal
            ? SheetField.At(thermal.Sheet(Workpiece.UnderlaySheet), roomCelsius) : null;
        var carrier = catalogue.Carrier.Thermal!.Sheet(Workpiece.CarrierSheet);
        _prints = [.. stack.Select(top => new PrintColumn(
            new StackColumn([.. blank.Select(b => b.Copy())], underlay?.Copy()),
            [.. stack.Where(v => v.Id == top.Id || top.Over.Contains(v.Id, StringComparer.Ordinal))
                .Select(v => new VinylInColumn(v, v.Vinyl.Thermal.Sheet(Workpiece.SheetOf(v.Id)), carrier, _figures, roomCelsius))]))];
        // What lies on the other face looks down until the piece is turned over.
        foreach (var print in _prints.Where(p => p.Vinyls[^1].What.OtherFace))
            print.Stack.TurnOver();
        _lead = _prints.MaxBy(p => p.Vinyls.Count)!;
        _focus = _lead;
        _bare = new StackColumn(blank, underlay);
        _hottest = new double[LaneMath.Count];
        Array.Fill(_hottest, roomCelsius);
    }

    private PressSession(PressSession other)
    {
        (_work, _figures, _room, _pressed) = (other._work, other._figures, other._room, other._pressed);
        _prints = other._prints.ConvertAll(p => p.Copy());
        _lead = _prints[other._prints.IndexOf(other._lead)];
        _focus = _prints[other._prints.IndexOf(other._focus)];
        _bare = other._bare.Copy();
        _hottest = [.. other._hottest];
    }

    /// <summary>The same piece at the same moment, to be carried on another way.</summary>
    public PressSession Copy() => new(this);

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
        TopFace top = _work.Source.HotAirWm2K is { } air
            ? new TopFace.Open(air.Value * (_work.Source.Duty?.Value ?? 1), setting.PlateCelsius)
            : new TopFace.UnderPlate(LaneMath.From(conductance));
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
        Run(null, onBench: place == CoolingPlace.ColdBench
            && _work.Form.Supported, new TopFace.Open(Surroundings.OpenAirWm2K, _room), plateCelsius, seconds, StepSchedule.Cooling,
            observer);
    }

    /// <summary>Lays every layer on the blank, carriers up, all at room temperature.</summary>
    public void LayVinyl() => Lay(_prints.ConvertAll(p => p.Id));

    /// <summary>Lays layers on what is there, carriers up, at room temperature.</summary>
    /// <param name="layers">Their ids.</param>
    public void Lay(IReadOnlyCollection<string> layers)
    {
        ArgumentNullException.ThrowIfNull(layers);
        foreach (var vinyl in _prints.SelectMany(p => p.Vinyls).Where(v => layers.Contains(v.What.Id, StringComparer.Ordinal)))
            vinyl.Lay(_room);
        _focus = layers.Contains(_lead.Id, StringComparer.Ordinal)
            ? _lead : _prints.Last(p => layers.Contains(p.Id, StringComparer.Ordinal));
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

    /// <summary>Lays this piece where another was pressed, on its warm underlay; before anything is done to this one.</summary>
    /// <param name="before">The piece before it, of the same make.</param>
    public void LieWhereLay(PressSession before)
    {
        ArgumentNullException.ThrowIfNull(before);
        foreach (var (print, other) in _prints.Zip(before._prints))
            print.Stack.LieWhereLay(other.Stack);
        _bare.LieWhereLay(before._bare);
    }

    /// <summary>Closes the plate on the bare underlay, with nothing between, before the piece is laid on it.</summary>
    /// <param name="setting">How, and for how long.</param>
    public void WarmUnderlay(PressSetting setting)
    {
        ArgumentNullException.ThrowIfNull(setting);
        var contact = new double[LaneMath.Count];
        for (var lane = 0; lane < LaneMath.Count; lane++)
            contact[lane] = Surroundings.PlateContactWm2K(setting.PressureKPa[lane]);
        var top = new TopFace.UnderPlate(LaneMath.From(contact));
        foreach (var stack in _prints.Select(p => p.Stack).Append(_bare))
            stack.WarmUnderlay(top, new BottomFace(Surroundings.BelowUnderlayWm2K, _room), _work.Source.Plate.Heat.Value, setting);
    }

    /// <summary>The dial was turned, and waited for until the plate was there.</summary>
    /// <param name="plateCelsius">Where the plate's face is now, °C.</param>
    public void SettlePlate(Lanes plateCelsius)
    {
        foreach (var print in _prints)
            print.Stack.Settle(plateCelsius);
        _bare.Settle(plateCelsius);
    }

    /// <summary>Takes all carriers off.</summary>
    public void Peel()
    {
        foreach (var vinyl in _prints.SelectMany(p => p.Vinyls))
            vinyl.Carrier = null;
    }

    /// <summary>Turns the piece over, so that the next press comes from the back.</summary>
    public void TurnOver()
    {
        foreach (var print in _prints)
        {
            print.Stack.TurnOver();
            foreach (var vinyl in print.Vinyls)
                vinyl.TurnOver();
        }

        _bare.TurnOver();
    }

    /// <summary>Dries the blank completely, as after a long preheat.</summary>
    public void DryOut()
    {
        foreach (var print in _prints)
            print.Stack.DryOut();
        _bare.DryOut();
    }

    private PrintColumn Shown =>
        _prints.Where(p => p.Vinyls[^1].What.OtherFace == _focus.Vinyls[^1].What.OtherFace).MaxBy(p => (p.Vinyls.Count, p == _focus))!;

    private static Sheet Damp(Sheet sheet, double factor) =>
        sheet with { Substance = sheet.Substance with { MoistureRegain = Math.Min(1, sheet.Substance.MoistureRegain * factor) } };

    private void Run(Sheet? cover, bool onBench, TopFace top, Lanes plate, double seconds, StepSchedule schedule,
        ISessionObserver? observer)
    {
        var bottom = new BottomFace(Surroundings.BelowUnderlayWm2K, _room);
        foreach (var print in _prints)
            print.Stack.Build(print.Vinyls, cover, onBench, _room, _work.Source.Plate.Heat.Value, plate);
        _bare.Build([], cover, onBench, _room, _work.Source.Plate.Heat.Value, plate);
        var ended = false;
        // The columns advance in step: the others follow each step of the first with the same length.
        _lead.Stack.Current.Run(top, bottom, plate, seconds, schedule, (length, time) =>
        {
            foreach (var print in _prints)
            {
                if (print != _lead)
                    print.Stack.Current.Advance(top, bottom, plate, length);
            }

            _bare.Current.Advance(top, bottom, plate, length);
            Count(length);
            ended = observer is not null && !observer.AfterStep(this, time);
            return !ended;
        });
        foreach (var print in _prints)
            print.Stack.Remember();
        _bare.Remember();
    }

    private void Count(double seconds)
    {
        foreach (var print in _prints)
        {
            foreach (var vinyl in print.Vinyls)
            {
                if (vinyl.Field is null)
                    continue;
                vinyl.BondMeter.Advance(print.GlueUnder(vinyl), seconds, _pressed);
                vinyl.HeatDoseMeter.Advance(print.MiddleOf(vinyl), seconds, Lanes.One);
            }
        }

        var bare = BareFaceCelsius;
        for (var lane = 0; lane < LaneMath.Count; lane++)
            _hottest[lane] = Math.Max(_hottest[lane], bare[lane]);
    }
}
