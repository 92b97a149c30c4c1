using System.Runtime.CompilerServices;
using System.Runtime.Intrinsics;

namespace Juxtherm.Core.Heat;

/// <summary>
/// One column through the press from the plate to the table: conduction in one dimension through sheets in perfect contact,
/// with a plate on top that can be closed or open. The fields of the sheets are read at the start and written back as the
/// column advances, so that the next phase goes on from where this one ended.
/// </summary>
/// <remarks>
/// Time is stepped with the two-stage, second-order, L-stable, stiffly accurate singly diagonal Runge–Kutta method
/// (Alexander, SIAM J. Numer. Anal. 14, 1977, with γ = 1 − 1/√2). Each stage solves for the enthalpy of every cell, drying
/// included, by Newton steps on a tridiagonal system; without drying one step is exact and the factors are kept while the step
/// length stays the same. Nothing is allocated per step.
/// </remarks>
public sealed partial class HeatColumn
{
    private const double Gamma = 0.29289321881345254;
    private const int MostNewtonSteps = 12;
    private const int MostRounds = 400;
    private const double SettledKelvin = 1e-9;

    private readonly SheetField[] _fields;
    private readonly int[] _firstCell;
    private readonly int _count;

    // The cells, top to bottom, and among them those that may still give off water; the plate has a place of its own.
    private readonly HeatCell[] _cells;
    private readonly int[] _damp;
    private int _dampCount;

    private Lanes _plate;
    private Lanes _fluxIn;
    private Lanes _fluxOut;
    private Plate _plateKind = Plate.Immovable;
    private double _factoredStep = double.NaN;
    private TopFace? _lastTop;
    private BottomFace? _lastBottom;
    private Lanes _platePivot;

    /// <summary>Puts sheets in contact, top to bottom.</summary>
    /// <param name="fields">At least one sheet; their temperatures are advanced in place.</param>
    /// <exception cref="ArgumentException">No sheet is given.</exception>
    public HeatColumn(params IReadOnlyList<SheetField> fields)
    {
        ArgumentNullException.ThrowIfNull(fields);
        if (fields.Count == 0)
            throw new ArgumentException("A stack needs at least one sheet.", nameof(fields));
        _fields = [.. fields];
        _firstCell = new int[_fields.Length + 1];
        for (var s = 0; s < _fields.Length; s++)
            _firstCell[s + 1] = _firstCell[s] + _fields[s].WidthsM.Length;
        _count = _firstCell[^1];

        _cells = new HeatCell[_count];
        for (var f = 0; f < _fields.Length; f++)
        {
            var field = _fields[f];
            var substance = field.Sheet.Substance;
            for (var c = 0; c < field.WidthsM.Length; c++)
            {
                var width = field.WidthsM[c];
                _cells[_firstCell[f] + c] = new HeatCell
                {
                    Capacity = substance.DensityKgM3 * substance.SpecificHeatJkgK * width,
                    Half = substance.ConductivityWmK / (width / 2),
                    Latent = substance.MoistureRegain * substance.DensityKgM3 * width * Moisture.LatentHeatJkg,
                    Now = field.Temperatures[c],
                    Peak = Vector256.Max(field.Peaks[c], field.Temperatures[c]),
                };
            }
        }

        foreach (ref var cell in _cells.AsSpan())
            cell.Latent = cell.IsDamp ? cell.Latent : 0;
        for (var i = 1; i < _count; i++)
            _cells[i].Above = InSeries(_cells[i - 1].Half, _cells[i].Half);
        _damp = [.. Enumerable.Range(0, _count).Where(i => _cells[i].IsDamp)];
        _dampCount = _damp.Length;
    }

    /// <summary>Number of cells, the plate not counted.</summary>
    public int CellCount => _count;

    /// <summary>Number of interfaces, the top and the bottom face included.</summary>
    public int InterfaceCount => _fields.Length + 1;

    /// <summary>The sheets, top to bottom.</summary>
    public IReadOnlyList<SheetField> Fields => _fields;

    /// <summary>Temperature of the plate's face, °C.</summary>
    public Lanes PlateCelsius => _plate;

    /// <summary>Heat that has come in from above per area since the column was made, J/m².</summary>
    public Lanes HeatInJm2 { get; private set; }

    /// <summary>Heat that has left at the bottom per area since the column was made, J/m².</summary>
    public Lanes HeatOutJm2 { get; private set; }

    /// <summary>Sets the kind of plate and the temperature it stands at.</summary>
    /// <param name="kind">The plate.</param>
    /// <param name="celsius">Temperature of its face now, °C.</param>
    public void SetPlate(Plate kind, Lanes celsius)
    {
        ArgumentNullException.ThrowIfNull(kind);
        _plateKind = kind;
        _plate = celsius;
        _factoredStep = double.NaN;
    }

    /// <summary>Runs one phase: the same neighbours above and below for a while.</summary>
    /// <param name="top">What is above.</param>
    /// <param name="bottom">What is below.</param>
    /// <param name="setPointCelsius">Where the controller holds the plate's face, °C.</param>
    /// <param name="seconds">How long, s, not negative.</param>
    /// <param name="schedule">How to cut the time.</param>
    /// <param name="afterStep">Called after every step with the step's length and the time since the phase began, s; true goes on, false
    /// ends the phase.</param>
    /// <exception cref="ArgumentOutOfRangeException">The time is below zero.</exception>
    public void Run(TopFace top, BottomFace bottom, Lanes setPointCelsius, double seconds, StepSchedule schedule,
        Func<double, double, bool>? afterStep = null)
    {
        ArgumentNullException.ThrowIfNull(schedule);
        ArgumentOutOfRangeException.ThrowIfNegative(seconds);
        var step = schedule.FirstSeconds;
        for (var time = 0.0; time < seconds - 1e-9;)
        {
            var left = seconds - time;
            // Never leave a sliver: the last two steps share what is left.
            var length = step >= left - 1e-9 ? left : step > left / 2 ? left / 2 : step;
            Advance(top, bottom, setPointCelsius, length);
            time += length;
            if (afterStep is not null && !afterStep(length, time))
                break;
            step = Math.Min(step * schedule.Growth, schedule.LongestSeconds);
        }

        WriteBack();
    }

    /// <summary>
    /// One step of a phase whose pace somebody else sets: a second column that keeps time with a first. The factors are kept as
    /// long as the step length and both faces stay the same.
    /// </summary>
    /// <param name="top">What is above.</param>
    /// <param name="bottom">What is below.</param>
    /// <param name="setPointCelsius">Where the controller holds the plate's face, °C.</param>
    /// <param name="seconds">Length of the step, s.</param>
    public void Advance(TopFace top, BottomFace bottom, Lanes setPointCelsius, double seconds)
    {
        if (!ReferenceEquals(top, _lastTop) || !ReferenceEquals(bottom, _lastBottom))
            _factoredStep = double.NaN;
        (_lastTop, _lastBottom) = (top, bottom);
        Step(top, bottom, setPointCelsius, seconds);
    }

    /// <summary>Temperature where two sheets touch, °C; interface 0 is the top face of the stack, the last one its bottom face.</summary>
    /// <param name="index">0 to <see cref="InterfaceCount"/> − 1.</param>
    public Lanes InterfaceCelsius(int index)
    {
        if (index == 0)
            return _cells[0].Now + _fluxIn / _cells[0].Half;
        if (index == _fields.Length)
            return _cells[^1].Now - _fluxOut / _cells[^1].Half;
        ref var above = ref _cells[_firstCell[index] - 1];
        ref var below = ref _cells[_firstCell[index]];
        return (above.Now * above.Half + below.Now * below.Half) / (above.Half + below.Half);
    }

    /// <summary>Temperature in the middle of a sheet, °C.</summary>
    /// <param name="sheet">Index from the top.</param>
    public Lanes MiddleCelsius(int sheet)
    {
        var cells = _firstCell[sheet + 1] - _firstCell[sheet];
        var middle = _firstCell[sheet] + cells / 2;
        return cells % 2 == 1 ? _cells[middle].Now : (_cells[middle - 1].Now + _cells[middle].Now) / 2;
    }

    /// <summary>Temperature of one cell, °C, counted from the top.</summary>
    public Lanes CellCelsius(int cell) => _cells[cell].Now;

    /// <summary>Copies the temperatures back into the sheets' fields; <see cref="Run"/> does so at its end.</summary>
    public void WriteBack()
    {
        for (var f = 0; f < _fields.Length; f++)
        {
            for (var c = 0; c < _fields[f].Temperatures.Length; c++)
            {
                ref var cell = ref _cells[_firstCell[f] + c];
                (_fields[f].Temperatures[c], _fields[f].Peaks[c]) = (cell.Now, cell.Peak);
            }
        }
    }

    /// <summary>One step of the given length.</summary>
    [MethodImpl(MethodImplOptions.AggressiveOptimization)]
    private void Step(TopFace top, BottomFace bottom, Lanes setPoint, double length)
    {
        var (contact, air, airCelsius) = top switch
        {
            TopFace.UnderPlate plate => (SeriesWithTopCell(plate.ConductanceWm2K), Lanes.Zero, Lanes.Zero),
            TopFace.Open open => (Lanes.Zero, SeriesWithTopCell(LaneMath.All(open.ConductanceWm2K)), open.AirCelsius),
            _ => throw new ArgumentOutOfRangeException(nameof(top)),
        };
        var below = InSeries(_cells[^1].Half, bottom.ConductanceWm2K);
        var stage = new HeatStage(Gamma * length, contact, air, airCelsius, below, bottom.Celsius, LaneMath.All(_plateKind.IdleLossWm2K));
        var plateGain = (HeaterPower(setPoint) + stage.Loss * Surroundings.RoomCelsius) * stage.H;
        var capacity = _plateKind.HeatCapacityJm2K;
        var plateStart = _plate;

        // First stage: from the heat held at the start.
        foreach (ref var cell in _cells.AsSpan())
            (cell.Source, cell.Next) = (cell.Now * cell.Capacity, cell.Now);
        var plateFirst = SolveStage(stage, plateStart * capacity + plateGain);
        var (inFirst, outFirst) = Fluxes(stage, plateFirst);

        // Second stage: from the start plus what the first stage's rates did to it.
        const double weight = (1 - Gamma) / Gamma;
        foreach (ref var cell in _cells.AsSpan())
            cell.Source = Vector256.FusedMultiplyAdd(LaneMath.All(weight), cell.Next * cell.Capacity - cell.Source, cell.Source);
        for (var d = 0; d < _dampCount; d++)
        {
            ref var cell = ref _cells[_damp[d]];
            cell.Source += cell.Drying(cell.Next) * weight;
        }

        var plateEnd = SolveStage(stage, (plateStart + (plateFirst - plateStart) * weight) * capacity + plateGain);
        var (inSecond, outSecond) = Fluxes(stage, plateEnd);

        foreach (ref var cell in _cells.AsSpan())
        {
            cell.Now = cell.Next;
            cell.Peak = Vector256.Max(cell.Peak, cell.Next);
        }

        ForgetDriedCells();
        (_plate, _fluxIn, _fluxOut) = (plateEnd, inSecond, outSecond);
        HeatInJm2 += (inFirst * (1 - Gamma) + inSecond * Gamma) * length;
        HeatOutJm2 += (outFirst * (1 - Gamma) + outSecond * Gamma) * length;
    }

    /// <summary>Proportional control with the idle loss at the set point fed forward, limited to what the heater has.</summary>
    private Lanes HeaterPower(Lanes setPoint)
    {
        var gain = _plateKind.MaxPowerWm2 / _plateKind.ControlBandK;
        var idle = (setPoint - LaneMath.All(Surroundings.RoomCelsius)) * _plateKind.IdleLossWm2K;
        var wanted = (setPoint - _plate) * gain + idle;
        return Vector256.Min(Vector256.Max(wanted, Lanes.Zero), LaneMath.All(_plateKind.MaxPowerWm2));
    }

    private static double InSeries(double a, double b) => a * b / (a + b);
}
