using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Heat;

namespace Juxtherm.Core.Settings;

/// <summary>What one layer of vinyl asks of the press.</summary>
/// <param name="Work">The layer on its blank under its press.</param>
/// <param name="Chart">Its chart setting.</param>
/// <param name="Reference">What that chart setting does on the reference stack.</param>
/// <param name="MostHeatDose">Most heat it takes here, as a share of the reference heat dose.</param>
/// <param name="TargetShare">How much of the usual target is aimed at; 1 unless a way of doing it asks for less.</param>
public sealed record LayerAim(Workpiece Work, Chart Chart, ReferenceDose Reference, double MostHeatDose, double TargetShare = 1)
{
    /// <summary>A single layer as it usually is.</summary>
    /// <param name="work">The layer on its blank under its press.</param>
    /// <param name="chart">Its chart setting.</param>
    /// <param name="reference">What that chart setting does on the reference stack.</param>
    public static LayerAim Alone(Workpiece work, Chart chart, ReferenceDose reference)
    {
        ArgumentNullException.ThrowIfNull(work);
        return new LayerAim(work, chart, reference, work.Vinyl.Bond.MostHeatDose.Value);
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

    // What a press from the back after it spares the front, and the share that it leaves of the front's time until harm.
    private readonly double _sparedSeconds;
    private readonly double _leftShare = 1;

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
        Dial = [.. DialPosition.Of(source)
            .Where(d => source.HotAirWm2K is not null || d.Celsius is >= CoolestUsefulCelsius and <= HottestUsefulCelsius)];
        var factor = source.Pressure.ErrorFactor.Value;
        var sweeps = new WindowSweep[_aims.Count * 3];
        Parallel.For(0, sweeps.Length, i =>
        {
            var (aim, side) = (_aims[i / 3], (i % 3) - 1);
            sweeps[i] = new WindowSweep(aim, catalogue, pressureKPa * Math.Pow(factor, side), preheatSeconds, Dampness(side), Dial[0]
                .Face(side), Dial[^1].Face(side), untilItHolds: side < 0);
        });
        _sweeps = [.. sweeps.Chunk(3).Select(three => (three[1], three[0], three[2]))];
        Rows = [.. Dial.Select(At)];
    }

    private SettingWindow(SettingWindow front, double sparedSeconds, double leftShare)
    {
        (_aims, _sweeps, _catalogue, _pressureKPa, _preheatSeconds) = (front._aims, front._sweeps, front._catalogue, front._pressureKPa,
            front._preheatSeconds);
        (_sparedSeconds, _leftShare, Dial) = (sparedSeconds, leftShare, front.Dial);
        Rows = [.. Dial.Select(At)];
    }

    /// <summary>The same for the front alone, where a press from the back follows: found at one place of the dial and taken to be alike at
    /// the others.</summary>
    /// <param name="sparedSeconds">How much less the front needs, s.</param>
    /// <param name="leftShare">Share of the front's time until harm that is left, 0 to 1.</param>
    public SettingWindow BeforeTheBack(double sparedSeconds, double leftShare) => new(this, sparedSeconds, leftShare);

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
        var longest = _catalogue.Work.LongestPressSeconds.Value;
        return TemperatureRow.All(_sweeps.ConvertAll(s =>
        {
            var reach = s.Nominal.At(dial.SurfaceCelsius);
            var worst = s.Hot.At(dial.Face(1));
            var most = Math.Min(longest, Math.Min(reach.VinylEnds, reach.BlankEnds) * _leftShare);
            var because = reach.BlankEnds * _leftShare <= most
                ? TimeLimit.Blank : reach.VinylEnds * _leftShare <= most ? TimeLimit.Vinyl : TimeLimit.Patience;
            double? Front(double seconds) => double.IsInfinity(seconds) ? null : Math.Max(Math.Min(seconds, 1), seconds - _sparedSeconds);
            return new TemperatureRow(
                dial, Front(reach.Holds), Front(reach.Target), most, because, reach.BondAtEnd, Finite(worst.DyeMoves),
                Front(s.Cold.At(dial.Face(-1)).Holds), Math.Min(longest, Math.Min(worst.VinylEnds, worst.BlankEnds) * _leftShare));
        }));
    }

    /// <summary>What a setting comes to with everything off to one side, the worst of all layers.</summary>
    /// <param name="dial">Where the dial stands.</param>
    /// <param name="seconds">Press time, s.</param>
    /// <param name="backSeconds">How long it is pressed from the back as well, s; 0 for not at all.</param>
    public WorstCase WorstOf(DialPosition dial, double seconds, double backSeconds = 0)
    {
        ArgumentNullException.ThrowIfNull(dial);
        var worst = _aims.Select(aim =>
        {
            // Cold and hot run side by side in two lanes, but dampness belongs to the sheets: so a run for each.
            var (cold, hot) = (Run(aim, dial, -1, seconds, backSeconds), Run(aim, dial, 1, seconds, backSeconds));
            return (Bond: cold.Bond() / aim.WantedBond, Holds: aim.Work.Vinyl.Bond.HoldsFrom.Value,
                HeatDose: hot.HeatDose() / aim.Reference.HeatDoseSeconds, Hottest: hot.HottestBare());
        }).ToList();
        var least = worst.MinBy(w => w.Bond / w.Holds);
        return new WorstCase(least.Bond, worst.Max(w => w.HeatDose), worst.Max(w => w.Hottest)) { LetsGo = least.Bond < least.Holds };
    }

    /// <summary>The neediest layer's bond, as a share of the wanted, and the most delicate one's heat, as a share of its chart's, with
    /// everything as it should be.</summary>
    /// <param name="dial">Where the dial stands.</param>
    /// <param name="seconds">Press time, s.</param>
    /// <param name="backSeconds">How long it is pressed from the back as well, s; 0 for not at all.</param>
    public (double Bond, double HeatOfMost, double HottestBareCelsius) NominalOf(DialPosition dial, double seconds, double backSeconds = 0)
    {
        ArgumentNullException.ThrowIfNull(dial);
        var runs = _aims.Select(aim => (Aim: aim, Session: Run(aim, dial, 0, seconds, backSeconds))).ToList();
        return (runs.Min(r => r.Session.Bond() / r.Aim.WantedBond),
            runs.Max(r => r.Session.HeatDose() / r.Aim.Reference.HeatDoseSeconds / r.Aim.MostHeatDose),
            runs.Max(r => r.Session.HottestBare()));
    }

    /// <summary>The hottest that the bare face of any of so many pieces gets, pressed one after the other with everything off to the hot
    /// side, °C: underlay and plate warm up from piece to piece.</summary>
    /// <param name="dial">Where the dial stands.</param>
    /// <param name="seconds">Press time, s.</param>
    /// <param name="pieces">How many, from 1.</param>
    public double HottestOf(DialPosition dial, double seconds, int pieces)
    {
        ArgumentNullException.ThrowIfNull(dial);
        PressSession? before = null;
        var hottest = 0.0;
        for (var piece = 0; piece < pieces; piece++)
        {
            var session = Run(_aims[0], dial, 1, seconds, 0, before);
            hottest = Math.Max(hottest, session.HottestBare());
            session.Open(CoolingPlace.OnUnderlay, _catalogue.Work.LaySeconds.Value, LaneMath.All(dial.Face(1)));
            before = session;
        }

        return hottest;
    }

    private PressSession Run(LayerAim aim, DialPosition dial, int side, double seconds, double backSeconds, PressSession? before = null)
    {
        var session = new PressSession(aim.Work, _catalogue, Dampness(side));
        if (before is not null)
            session.LieWhereLay(before);
        var setting = PressSetting.Single(dial.Face(side), _pressureKPa * Math.Pow(Source.Pressure.ErrorFactor.Value, side), seconds);
        session.PreheatAndLay(setting with { Seconds = _preheatSeconds }, _catalogue.Work);
        session.Press(setting);
        if (backSeconds > 0)
        {
            session.Open(CoolingPlace.OnUnderlay, _catalogue.Work.TurnSeconds.Value, setting.PlateCelsius);
            session.TurnOver();
            session.Press(setting with { Seconds = backSeconds });
        }

        return session;
    }

    /// <summary>How damp the blank is on the cold side, as usual, or bone dry on the hot side.</summary>
    private static double Dampness(int side) => side switch { < 0 => DampestFactor, 0 => 1, _ => 0 };

    private static double? Finite(double seconds) => double.IsInfinity(seconds) ? null : seconds;
}
