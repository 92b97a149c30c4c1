using Juxtherm.Core.Catalogue;

namespace Juxtherm.Core.Recipes;

/// <summary>What one layer of vinyl asks of the press.</summary>
/// <param name="Work">The layer on its blank under its press.</param>
/// <param name="Chart">Its chart setting.</param>
/// <param name="Reference">What that chart setting does on the reference stack.</param>
/// <param name="MostBurden">Most heat it takes here, as a share of the reference burden.</param>
/// <param name="TargetShare">How much of the usual target is aimed at; 1 unless a way of doing it asks for less.</param>
public sealed record LayerAim(Workpiece Work, Chart Chart, ReferenceDose Reference, double MostBurden, double TargetShare = 1)
{
    /// <summary>A single layer as it usually is.</summary>
    /// <param name="work">The layer on its blank under its press.</param>
    /// <param name="chart">Its chart setting.</param>
    /// <param name="reference">What that chart setting does on the reference stack.</param>
    public static LayerAim Alone(Workpiece work, Chart chart, ReferenceDose reference)
    {
        ArgumentNullException.ThrowIfNull(work);
        return new LayerAim(work, chart, reference, work.Vinyl.MostBurden.Value);
    }

    /// <summary>Bond that counts as one whole on this face, reference seconds.</summary>
    public double WantedBond => Reference.BondSeconds * Work.Material.Demand.Value;
}

/// <summary>
/// What every temperature of a press allows for a piece of work: nominally, and with everything off to the cold and to the hot
/// side. The cold side has the plate cooler, the pressure lighter and the blank damper; the hot side the opposite.
/// </summary>
public sealed class SettingWindow
{
    // The blank may be this much damper than usual, or bone dry.
    private const double DampestFactor = 1.5;

    private const double CoolestUsefulCelsius = 90;
    private const double HottestUsefulCelsius = 230;

    private readonly IReadOnlyList<LayerAim> _aims;
    private readonly List<(WindowSweep Nominal, WindowSweep Cold, WindowSweep Hot)> _sweeps;
    private readonly CatalogueSnapshot _catalogue;
    private readonly double _pressureKPa;
    private readonly double _preheatSeconds;

    /// <summary>Computes the window.</summary>
    /// <param name="aims">What the layers ask; all on the same blank under the same press.</param>
    /// <param name="pressureKPa">Pressure, kPa.</param>
    /// <param name="preheatSeconds">Preheat, s.</param>
    /// <param name="catalogue">The catalogue.</param>
    public SettingWindow(IReadOnlyList<LayerAim> aims, double pressureKPa, double preheatSeconds, CatalogueSnapshot catalogue)
    {
        ArgumentNullException.ThrowIfNull(aims);
        ArgumentNullException.ThrowIfNull(catalogue);
        (_aims, _pressureKPa, _preheatSeconds, _catalogue) = ([.. aims.Distinct()], pressureKPa, preheatSeconds, catalogue);
        var source = Source;
        Dial = [.. DialPosition.Of(source).Where(d => source.HotAirWm2K is not null || d.Celsius is >= CoolestUsefulCelsius and <= HottestUsefulCelsius)];
        var (low, high, error, factor) = (Dial[0].FaceCelsius, Dial[^1].FaceCelsius, source.DialErrorK.Value, source.PressureErrorFactor.Value);
        var sweeps = new WindowSweep[_aims.Count * 3];
        Parallel.For(0, sweeps.Length, i =>
        {
            var (aim, side) = (_aims[i / 3], (i % 3) - 1);
            var moisture = side switch { < 0 => DampestFactor, 0 => 1, _ => 0 };
            sweeps[i] = new WindowSweep(aim, catalogue, pressureKPa * Math.Pow(factor, side), preheatSeconds, moisture, low + side * error, high + side * error, untilItHolds: side < 0);
        });
        _sweeps = [.. sweeps.Chunk(3).Select(three => (three[1], three[0], three[2]))];
        Rows = [.. Dial.Select(At)];
    }

    /// <summary>Places of the dial that are of use, coolest first.</summary>
    public IReadOnlyList<DialPosition> Dial { get; }

    /// <summary>What each of them allows.</summary>
    public IReadOnlyList<TemperatureRow> Rows { get; }

    private HeatSource Source => _aims[0].Work.Source;

    /// <summary>What a temperature allows, also between the places of the dial.</summary>
    /// <param name="dial">Where the dial stands.</param>
    public TemperatureRow At(DialPosition dial)
    {
        ArgumentNullException.ThrowIfNull(dial);
        var error = Source.DialErrorK.Value;
        var longest = _catalogue.Work.LongestPressSeconds.Value;
        return TemperatureRow.All(_sweeps.ConvertAll(s =>
        {
            var reach = s.Nominal.At(dial.FaceCelsius);
            var worst = s.Hot.At(dial.FaceCelsius + error);
            var most = Math.Min(longest, Math.Min(reach.VinylEnds, reach.BlankEnds));
            var because = reach.BlankEnds <= most ? TimeLimit.Blank : reach.VinylEnds <= most ? TimeLimit.Vinyl : TimeLimit.Patience;
            return new TemperatureRow(
                dial, Finite(reach.Holds), Finite(reach.Target), most, because, reach.BondAtEnd, Finite(reach.DyeMoves),
                Finite(s.Cold.At(dial.FaceCelsius - error).Holds), Math.Min(longest, Math.Min(worst.VinylEnds, worst.BlankEnds)));
        }));
    }

    /// <summary>What a setting comes to with everything off to one side, the worst of all layers.</summary>
    /// <param name="dial">Where the dial stands.</param>
    /// <param name="seconds">Press time, s.</param>
    public WorstCase WorstOf(DialPosition dial, double seconds)
    {
        ArgumentNullException.ThrowIfNull(dial);
        var (error, factor) = (Source.DialErrorK.Value, Source.PressureErrorFactor.Value);
        // Cold and hot run side by side in two lanes, but dampness belongs to the sheets: so a run for each.
        PressSession Run(LayerAim aim, int side, double moisture)
        {
            var session = new PressSession(aim.Work, _catalogue, moisture);
            var setting = PressSetting.Single(dial.FaceCelsius + side * error, _pressureKPa * Math.Pow(factor, side), seconds);
            session.PreheatAndLay(setting with { Seconds = _preheatSeconds }, _catalogue.Work);
            session.Press(setting);
            return session;
        }

        var worst = _aims.Select(aim =>
        {
            var cold = Run(aim, -1, DampestFactor);
            var hot = Run(aim, 1, 0);
            return new WorstCase(cold.Bond() / aim.WantedBond, hot.Burden() / aim.Reference.BurdenSeconds, hot.HottestBare());
        }).ToList();
        return new WorstCase(worst.Min(w => w.LeastBond), worst.Max(w => w.MostBurden), worst.Max(w => w.HottestBareCelsius));
    }

    private static double? Finite(double seconds) => double.IsInfinity(seconds) ? null : seconds;
}
