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
public sealed class HeatColumn
{
    private static readonly double Gamma = 1 - 1 / Math.Sqrt(2);
    private const int MostNewtonSteps = 12;
    private const int MostSteps = 400;
    private const double SettledKelvin = 1e-9;

    private readonly SheetField[] _fields;
    private readonly int[] _firstCell;
    private readonly int _count;

    // Per cell; the plate has a place of its own.
    private readonly double[] _capacity;
    private readonly double[] _between;
    private readonly double[] _halfAbove;
    private readonly double[] _halfBelow;
    private readonly double[] _latent;
    private readonly Lanes[] _temperature;
    private readonly Lanes[] _peak;
    private readonly Lanes[] _start;
    private readonly Lanes[] _stage;
    private readonly Lanes[] _extraSlope;
    private readonly Lanes[] _pivotInverse;
    private readonly Lanes[] _upper;
    private readonly Lanes[] _right;
    private readonly Lanes[] _sources;
    private readonly Lanes[] _segment;
    private readonly Lanes[] _before;
    private readonly bool _anyWater;

    private Lanes _plate;
    private Lanes _fluxIn;
    private Lanes _fluxOut;
    private Plate _plateKind = Plate.Immovable;
    private double _factoredStep = double.NaN;
    private TopFace? _lastTop;
    private BottomFace? _lastBottom;
    private Lanes _factoredPlatePivot;

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

        _capacity = new double[_count];
        _between = new double[_count + 1];
        _halfAbove = new double[_count];
        _halfBelow = new double[_count];
        _latent = new double[_count];
        _temperature = new Lanes[_count];
        _peak = new Lanes[_count];
        _start = new Lanes[_count];
        _stage = new Lanes[_count];
        _extraSlope = new Lanes[_count];
        _pivotInverse = new Lanes[_count];
        _upper = new Lanes[_count];
        _right = new Lanes[_count];
        _sources = new Lanes[_count];
        _segment = new Lanes[_count];
        _before = new Lanes[_count];

        for (var s = 0; s < _fields.Length; s++)
        {
            var field = _fields[s];
            var substance = field.Sheet.Substance;
            for (var c = 0; c < field.WidthsM.Length; c++)
            {
                var i = _firstCell[s] + c;
                var width = field.WidthsM[c];
                _capacity[i] = substance.DensityKgM3 * substance.SpecificHeatJkgK * width;
                _halfAbove[i] = _halfBelow[i] = substance.ConductivityWmK / (width / 2);
                _latent[i] = substance.MoistureRegain * substance.DensityKgM3 * width * Moisture.LatentHeatJkg;
                _anyWater |= _latent[i] > 0;
                _temperature[i] = field.Temperatures[c];
                _peak[i] = Vector256.Max(field.Peaks[c], field.Temperatures[c]);
            }
        }

        for (var i = 1; i < _count; i++)
            _between[i] = InSeries(_halfBelow[i - 1], _halfAbove[i]);
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
    /// <param name="afterStep">Called after every step with the step's length and the time since the phase began, s; true goes on, false ends the phase.</param>
    public void Run(TopFace top, BottomFace bottom, Lanes setPointCelsius, double seconds, StepSchedule schedule, Func<double, double, bool>? afterStep = null)
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
            return _temperature[0] + _fluxIn / _halfAbove[0];
        if (index == _fields.Length)
            return _temperature[_count - 1] - _fluxOut / _halfBelow[_count - 1];
        var below = _firstCell[index];
        var above = below - 1;
        return (_temperature[above] * _halfBelow[above] + _temperature[below] * _halfAbove[below]) / (_halfBelow[above] + _halfAbove[below]);
    }

    /// <summary>Temperature in the middle of a sheet, °C.</summary>
    /// <param name="sheet">Index from the top.</param>
    public Lanes MiddleCelsius(int sheet)
    {
        var cells = _firstCell[sheet + 1] - _firstCell[sheet];
        var middle = _firstCell[sheet] + cells / 2;
        return cells % 2 == 1 ? _temperature[middle] : (_temperature[middle - 1] + _temperature[middle]) / 2;
    }

    /// <summary>Temperature of one cell, °C, counted from the top.</summary>
    public Lanes CellCelsius(int cell) => _temperature[cell];

    /// <summary>Copies the temperatures back into the sheets' fields; <see cref="Run"/> does so at its end.</summary>
    public void WriteBack()
    {
        for (var s = 0; s < _fields.Length; s++)
        {
            Array.Copy(_temperature, _firstCell[s], _fields[s].Temperatures, 0, _fields[s].Temperatures.Length);
            Array.Copy(_peak, _firstCell[s], _fields[s].Peaks, 0, _fields[s].Peaks.Length);
        }
    }

    /// <summary>One step of the given length.</summary>
    private void Step(TopFace top, BottomFace bottom, Lanes setPoint, double length)
    {
        var (contact, air, airCelsius) = top switch
        {
            TopFace.UnderPlate plate => (SeriesWithTopCell(plate.ConductanceWm2K), Lanes.Zero, 0.0),
            TopFace.Open open => (Lanes.Zero, SeriesWithTopCell(LaneMath.All(open.ConductanceWm2K)), open.AirCelsius),
            _ => throw new ArgumentOutOfRangeException(nameof(top)),
        };
        var below = InSeries(_halfBelow[_count - 1], bottom.ConductanceWm2K);
        var power = HeaterPower(setPoint);
        var loss = LaneMath.All(_plateKind.IdleLossWm2K);
        var room = LaneMath.All(Surroundings.RoomCelsius);

        var h = Gamma * length;
        var weight = (1 - Gamma) / Gamma;
        var plateStart = _plate;
        Array.Copy(_temperature, _start, _count);

        // First stage.
        for (var i = 0; i < _count; i++)
            _sources[i] = Enthalpy(i, _start[i]);
        SolveStage(h, contact, air, airCelsius, below, bottom.Celsius, power, loss, room, plateStart * _plateKind.HeatCapacityJm2K, out var plateFirst);
        var inFirst = contact * (plateFirst - _stage[0]) + air * (LaneMath.All(airCelsius) - _stage[0]);
        var outFirst = (_stage[_count - 1] - LaneMath.All(bottom.Celsius)) * below;

        // Second stage: its right side is the start plus what the first stage's rates did to it.
        for (var i = 0; i < _count; i++)
        {
            var start = _sources[i];
            _sources[i] = start + (Enthalpy(i, _stage[i]) - start) * weight;
            _temperature[i] = _stage[i];
        }

        var plateSource = plateStart * _plateKind.HeatCapacityJm2K + (plateFirst - plateStart) * (_plateKind.HeatCapacityJm2K * weight);
        _plate = plateFirst;
        SolveStage(h, contact, air, airCelsius, below, bottom.Celsius, power, loss, room, plateSource, out var plateEnd);
        var inSecond = contact * (plateEnd - _stage[0]) + air * (LaneMath.All(airCelsius) - _stage[0]);
        var outSecond = (_stage[_count - 1] - LaneMath.All(bottom.Celsius)) * below;

        for (var i = 0; i < _count; i++)
        {
            _temperature[i] = _stage[i];
            _peak[i] = Vector256.Max(_peak[i], _stage[i]);
        }

        _plate = plateEnd;
        _fluxIn = inSecond;
        _fluxOut = outSecond;
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

    /// <summary>Solves E(T) = source + h·f(T) for every cell; starts from, and leaves alone, the temperatures of the column.</summary>
    private void SolveStage(double h, Lanes contact, Lanes air, double airCelsius, double below, double belowCelsius, Lanes power, Lanes loss, Lanes room, Lanes plateSource, out Lanes plate)
    {
        Array.Copy(_temperature, _stage, _count);
        var topGain = air * (h * airCelsius);
        var bottomGain = LaneMath.All(h * below * belowCelsius);
        var plateRight = plateSource + (power + loss * room) * h;
        plate = _plate;

        for (var round = 0; round < MostSteps; round++)
        {
            // Where a cell hops between wet and dry, Newton can cycle. The steepest slope everywhere then converges for certain,
            // if slowly, because the enthalpy never falls with temperature. Few steps ever need it.
            var steepest = round >= MostNewtonSteps;
            var fresh = h != _factoredStep;
            if (_anyWater)
                fresh |= UpdateSlopes(steepest);
            if (fresh)
                Factor(h, contact, air, below, loss);

            for (var i = 0; i < _count; i++)
                _right[i] = _sources[i];
            if (_anyWater)
                SubtractDrying();
            _right[0] += topGain;
            _right[_count - 1] += bottomGain;
            plate = BackSubstitute(h, contact, plateRight);

            if (!_anyWater || (steepest ? Settled() : !SlopesChanged()))
                return;
        }
    }

    private void Factor(double h, Lanes contact, Lanes air, double below, Lanes loss)
    {
        _factoredPlatePivot = Lanes.One / (LaneMath.All(_plateKind.HeatCapacityJm2K) + (contact + loss) * h);
        // The plate is eliminated first, then cell by cell downwards.
        var carried = contact * h - contact * h * (contact * h) * _factoredPlatePivot;
        for (var i = 0; i < _count; i++)
        {
            var down = h * (i == _count - 1 ? below : _between[i + 1]);
            var diagonal = LaneMath.All(_capacity[i] + down) + _extraSlope[i] + carried;
            if (i == 0)
                diagonal += air * h;
            var inverse = Lanes.One / diagonal;
            _pivotInverse[i] = inverse;
            var off = LaneMath.All(i == _count - 1 ? 0 : down);
            _upper[i] = off * inverse;
            carried = off - off * _upper[i];
        }

        _factoredStep = h;
    }

    private Lanes BackSubstitute(double h, Lanes contact, Lanes plateRight)
    {
        var coupling = contact * h;
        var plateScaled = plateRight * _factoredPlatePivot;
        var previous = (_right[0] + coupling * plateScaled) * _pivotInverse[0];
        _stage[0] = previous;
        for (var i = 1; i < _count; i++)
        {
            // upper[i−1]·pivot[i−1]⁻¹ is folded in: the sub-diagonal equals the super-diagonal above it.
            previous = Vector256.FusedMultiplyAdd(LaneMath.All(h * _between[i]), previous, _right[i]) * _pivotInverse[i];
            _stage[i] = previous;
        }

        for (var i = _count - 2; i >= 0; i--)
        {
            previous = Vector256.FusedMultiplyAdd(_upper[i], previous, _stage[i]);
            _stage[i] = previous;
        }

        return plateScaled + coupling * _factoredPlatePivot * _stage[0];
    }

    /// <summary>Heat held by a cell against 0 °C, drying counted as spent, J/m².</summary>
    private Lanes Enthalpy(int i, Lanes celsius)
    {
        var sensible = celsius * _capacity[i];
        return _latent[i] == 0 ? sensible : sensible + Moisture.ShareGone(Vector256.Max(celsius, _peak[i])) * _latent[i];
    }

    /// <summary>The extra slope of the enthalpy where water is leaving; true when it differs from the one factored.</summary>
    private bool UpdateSlopes(bool steepest)
    {
        var changed = false;
        for (var i = 0; i < _count; i++)
        {
            if (_latent[i] == 0)
                continue;
            var slope = steepest ? LaneMath.All(_latent[i] / Moisture.SpanKelvin) : DryingSlope(i, _stage[i]);
            changed |= slope != _extraSlope[i];
            _extraSlope[i] = slope;
        }

        return changed;
    }

    private bool Settled()
    {
        for (var i = 0; i < _count; i++)
        {
            if (_latent[i] != 0 && Vector256.GreaterThanAny(Vector256.Abs(_stage[i] - _before[i]), LaneMath.All(SettledKelvin)))
                return false;
        }

        return true;
    }

    private bool SlopesChanged()
    {
        for (var i = 0; i < _count; i++)
        {
            if (_latent[i] != 0 && Segment(i, _stage[i]) != _segment[i])
                return true;
        }

        return false;
    }

    /// <summary>Moves the drying part of the enthalpy to the right side, linearised where the last Newton step stands.</summary>
    private void SubtractDrying()
    {
        for (var i = 0; i < _count; i++)
        {
            if (_latent[i] == 0)
                continue;
            var here = _stage[i];
            _segment[i] = Segment(i, here);
            _before[i] = here;
            _right[i] += _extraSlope[i] * here - Moisture.ShareGone(Vector256.Max(here, _peak[i])) * _latent[i];
        }
    }

    /// <summary>0 while nothing new dries, 1 while water leaves, 2 when the cell is dry.</summary>
    private Lanes Segment(int i, Lanes celsius)
    {
        var begin = Vector256.Max(_peak[i], LaneMath.All(Moisture.WetBelowCelsius));
        var one = Lanes.One;
        return Vector256.ConditionalSelect(Vector256.GreaterThan(celsius, begin), one, Lanes.Zero)
            + Vector256.ConditionalSelect(Vector256.GreaterThanOrEqual(celsius, Vector256.Max(begin, LaneMath.All(Moisture.DryAtCelsius))), one, Lanes.Zero);
    }

    private Lanes DryingSlope(int i, Lanes celsius) =>
        Vector256.ConditionalSelect(Vector256.Equals(Segment(i, celsius), Lanes.One), LaneMath.All(_latent[i] / Moisture.SpanKelvin), Lanes.Zero);

    private Lanes SeriesWithTopCell(Lanes conductance)
    {
        var half = LaneMath.All(_halfAbove[0]);
        return conductance * half / (conductance + half);
    }

    private static double InSeries(double a, double b) => a * b / (a + b);
}
