using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Heat;

namespace Juxtherm.Core.Settings;

/// <summary>A layer of vinyl where one column goes through it.</summary>
internal sealed class VinylInColumn
{
    private readonly Sheet _vinyl;
    private readonly Sheet _carrier;

    public VinylInColumn(StackedVinyl what, Sheet vinyl, Sheet carrier, WorkFigures figures, double roomCelsius)
    {
        (What, _vinyl, _carrier) = (what, vinyl, carrier);
        BondMeter = new DoseMeter(DoseScales.Bond(figures, what.Vinyl), LaneMath.All(roomCelsius));
        HeatDoseMeter = new DoseMeter(DoseScales.HeatDose(figures), LaneMath.All(roomCelsius));
    }

    private VinylInColumn(VinylInColumn other)
    {
        (What, _vinyl, _carrier) = (other.What, other._vinyl, other._carrier);
        (Field, Carrier) = (other.Field?.Copy(), other.Carrier?.Copy());
        (BondMeter, HeatDoseMeter) = (other.BondMeter.Copy(), other.HeatDoseMeter.Copy());
    }

    public StackedVinyl What { get; }

    public DoseMeter BondMeter { get; }

    public DoseMeter HeatDoseMeter { get; }

    /// <summary>Null while it has not been laid.</summary>
    public SheetField? Field { get; private set; }

    /// <summary>Null before it is laid and after the peel.</summary>
    public SheetField? Carrier { get; set; }

    public VinylInColumn Copy() => new(this);

    public void Lay(double room)
    {
        Field = SheetField.At(_vinyl, room);
        Carrier = SheetField.At(_carrier, room);
        BondMeter.Restart(LaneMath.All(room));
        HeatDoseMeter.Restart(LaneMath.All(room));
    }

    public void TurnOver()
    {
        Field = Field?.Flipped();
        Carrier = Carrier?.Flipped();
    }
}

/// <summary>The column through a layer of vinyl and those that it lies over, lowest first.</summary>
internal sealed class PrintColumn(StackColumn stack, IReadOnlyList<VinylInColumn> vinyls)
{
    public StackColumn Stack { get; } = stack;

    public IReadOnlyList<VinylInColumn> Vinyls { get; } = vinyls;

    /// <summary>The layer on top.</summary>
    public string Id => Vinyls[^1].What.Id;

    /// <summary>The layer on top has been laid.</summary>
    public bool Laid => Vinyls[^1].Field is not null;

    public Lanes BlankFace => Stack.Current.InterfaceCelsius(Stack.IndexOf(Workpiece.BlankSheet(0)) + (Stack.Turned ? 1 : 0));

    public PrintColumn Copy() => new(Stack.Copy(), [.. Vinyls.Select(v => v.Copy())]);

    public Lanes GlueUnder(VinylInColumn vinyl) => Stack.Current.InterfaceCelsius(Stack.IndexOf(vinyl.Field!) + (Stack.Turned ? 0 : 1));

    public Lanes MiddleOf(VinylInColumn vinyl) => Stack.Current.MiddleCelsius(Stack.IndexOf(vinyl.Field!));
}

/// <summary>The blank's own sheets, and the column they form with what lies around them now.</summary>
internal sealed class StackColumn(List<SheetField> blank, SheetField? underlay)
{
    private List<SheetField>? _bench;
    private Lanes? _plate;
    private HeatColumn? _current;

    public List<SheetField> Blank { get; private set; } = blank;

    public bool Turned { get; private set; }

    public SheetField? Underlay { get; private set; } = underlay;

    public HeatColumn Current => _current ?? throw new InvalidOperationException("No phase has been run yet.");

    public StackColumn Copy() =>
        new(Blank.ConvertAll(b => b.Copy()), Underlay?.Copy())
        {
            _bench = _bench?.ConvertAll(b => b.Copy()),
            _plate = _plate,
            Turned = Turned
        };

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

    public int IndexOf(SheetField field)
    {
        var fields = Current.Fields;
        for (var i = 0; i < fields.Count; i++)
        {
            if (ReferenceEquals(fields[i], field))
                return i;
        }

        throw new InvalidOperationException($"The sheet {field.Sheet.Id} does not lie in the stack.");
    }

    public void TurnOver()
    {
        Turned = !Turned;
        Blank = [.. Blank.Select(b => b.Flipped()).Reverse()];
    }

    /// <summary>Lies on the underlay, and under the plate, as another piece has left them.</summary>
    public void LieWhereLay(StackColumn before)
    {
        Underlay = before.Underlay?.Copy();
        _plate = before._plate;
    }

    /// <summary>The plate closes on the underlay alone.</summary>
    public void WarmUnderlay(TopFace top, BottomFace bottom, Plate kind, PressSetting setting)
    {
        if (Underlay is null)
            return;
        var column = new HeatColumn([Underlay]);
        column.SetPlate(kind, _plate ?? setting.PlateCelsius);
        column.Run(top, bottom, setting.PlateCelsius, setting.Seconds, StepSchedule.Press);
        column.WriteBack();
        _plate = column.PlateCelsius;
    }

    /// <summary>The plate has come to where it is set now.</summary>
    public void Settle(Lanes plateCelsius) => _plate = plateCelsius;

    public void DryOut() => Blank = [.. Blank.Select(b => b.Dried())];

    /// <summary>Builds the column as everything lies now.</summary>
    public void Build(IReadOnlyList<VinylInColumn> vinyls, Sheet? cover, bool onBench, double room, Plate kind, Lanes startCelsius)
    {
        // From the top: each laid vinyl under its carrier, the last one uppermost; then the blank.
        var print = vinyls.Reverse().Where(v => v.Field is not null)
            .SelectMany(v => v.Carrier is { } carrier ? [carrier, v.Field!] : new[] { v.Field! });
        List<SheetField> work = Turned ? [.. Blank, .. print.Reverse()] : [.. print, .. Blank];
        if (cover is not null)
            work.Insert(0, SheetField.At(cover, room));
        if (onBench)
            work.AddRange(_bench ??= [.. Surroundings.ColdBench.Select(sheet => SheetField.At(sheet, room))]);
        else if (Underlay is not null)
            work.Add(Underlay);
        _current = new HeatColumn(work);
        _current.SetPlate(kind, _plate ?? startCelsius);
    }

    /// <summary>Keeps what the phase left behind.</summary>
    public void Remember()
    {
        Current.WriteBack();
        _plate = Current.PlateCelsius;
    }
}
