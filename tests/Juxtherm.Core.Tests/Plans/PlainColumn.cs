using Juxtherm.Core.Heat;

namespace Juxtherm.Core.Tests.Plans;

/// <summary>
/// A column of sheets under a plate, solved the plainest way there is: explicit steps of a few milliseconds on even cells. It shares no
/// line with the solver that it is held against, only the figures.
/// </summary>
internal sealed class PlainColumn
{
    private const double Room = Surroundings.RoomCelsius;
    private const double CellMm = 0.05;
    private const double LatentHeatJkg = 2.26e6;
    private const double WetBelow = 60;
    private const double DryAt = 110;

    private readonly Plate _plate;
    private readonly double _set;
    private readonly List<Slab> _slabs = [];
    private double _plateCelsius;
    private double _above;
    private double _outside = Room;
    private Slab? _pad;

    public PlainColumn(Plate plate, double setCelsius) => (_plate, _set, _plateCelsius) = (plate, setCelsius, setCelsius);

    /// <summary>Each step: how long, and the slabs as they are.</summary>
    public Action<double>? Stepped { get; set; }

    public Slab Put(Sheet sheet, int at)
    {
        var slab = new Slab(sheet, Math.Max(3, (int)Math.Ceiling(sheet.ThicknessMm / CellMm / (sheet.ThicknessMm > 3 ? 4 : 1))));
        _slabs.Insert(at, slab);
        return slab;
    }

    public void Take(Slab slab) => _slabs.Remove(slab);

    public void LayPad(Sheet pad)
    {
        _pad ??= new Slab(pad, 40);
        _slabs.Clear();
        _slabs.Add(_pad);
    }

    public double Between(Slab above, Slab below) =>
        (above.Half * above.Celsius[^1] + below.Half * below.Celsius[0]) / (above.Half + below.Half);

    /// <summary>The upper face of a slab, under another one or under the plate.</summary>
    public double FaceOf(Slab slab) => _slabs.IndexOf(slab) is > 0 and var at
        ? Between(_slabs[at - 1], slab) : (slab.Half * slab.Celsius[0] + _above * _outside) / (slab.Half + _above);

    /// <summary>Lets time pass; under the plate where a conductance to it is given, open to the air otherwise.</summary>
    public void Run(double seconds, double? plateWm2K)
    {
        var cells = _slabs.SelectMany(s => s.Celsius.Select((_, i) => (Slab: s, I: i))).ToArray();
        var dt = 0.4 * _slabs.Min(s => s.Capacity * s.WidthM / (2 * s.Half + Math.Max(2 * s.Half, plateWm2K ?? 0)) * 2);
        var steps = (int)Math.Ceiling(seconds / dt);
        dt = seconds / steps;
        var flux = new double[cells.Length + 1];
        for (var n = 0; n < steps; n++)
        {
            var top = _slabs[0];
            (_above, _outside) = plateWm2K is { } contact ? (contact, _plateCelsius) : (Surroundings.OpenAirWm2K, Room);
            flux[0] = Series(_above, top.Half) * (_outside - top.Celsius[0]);
            for (var c = 1; c < cells.Length; c++)
            {
                var (a, b) = (cells[c - 1], cells[c]);
                flux[c] = Series(a.Slab.Half, b.Slab.Half) * (a.Slab.Celsius[a.I] - b.Slab.Celsius[b.I]);
            }

            var last = _slabs[^1];
            flux[^1] = Series(last.Half, Surroundings.BelowUnderlayWm2K) * (last.Celsius[^1] - Room);
            for (var c = 0; c < cells.Length; c++)
                cells[c].Slab.Gain(cells[c].I, (flux[c] - flux[c + 1]) * dt);
            var wanted = (_set - _plateCelsius) * _plate.MaxPowerWm2 / _plate.ControlBandK + (_set - Room) * _plate.IdleLossWm2K;
            var power = Math.Clamp(wanted, 0, _plate.MaxPowerWm2) - (_plateCelsius - Room) * _plate.IdleLossWm2K;
            _plateCelsius += (power - (plateWm2K is null ? 0 : flux[0])) * dt / _plate.HeatCapacityJm2K;
            Stepped?.Invoke(dt);
        }
    }

    private static double Series(double a, double b) => a * b / (a + b);

    internal sealed class Slab
    {
        private readonly double[] _peak;
        private readonly double _wetJm3K;

        public Slab(Sheet sheet, int cells)
        {
            var substance = sheet.Substance;
            WidthM = sheet.ThicknessMm / 1000 / cells;
            Half = 2 * substance.ConductivityWmK / WidthM;
            Capacity = substance.DensityKgM3 * substance.SpecificHeatJkgK;
            _wetJm3K = substance.MoistureRegain * substance.DensityKgM3 * LatentHeatJkg / (DryAt - WetBelow);
            Celsius = [.. Enumerable.Repeat(Room, cells)];
            _peak = [.. Enumerable.Repeat(WetBelow, cells)];
        }

        public double WidthM { get; }

        /// <summary>From the middle of a cell to its edge, W/(m²·K).</summary>
        public double Half { get; }

        public double Capacity { get; }

        public double[] Celsius { get; }

        public double Middle => Celsius[Celsius.Length / 2];

        /// <summary>Takes heat up; between wet and dry also that of the water that leaves for good.</summary>
        public void Gain(int cell, double joulePerM2)
        {
            var drying = Celsius[cell] >= _peak[cell] && Celsius[cell] < DryAt && joulePerM2 > 0;
            Celsius[cell] += joulePerM2 / WidthM / (Capacity + (drying ? _wetJm3K : 0));
            _peak[cell] = Math.Max(_peak[cell], Math.Min(DryAt, Celsius[cell]));
        }
    }
}
