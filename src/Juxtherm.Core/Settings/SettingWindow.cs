using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Certainty;
using Juxtherm.Core.Heat;

namespace Juxtherm.Core.Settings;

/// <summary>
/// What every temperature of a press allows for a piece of work: as it should be, and as chance has it. The plate's error is read off
/// the sweep itself; a lighter press and a harder one on a dry blank are swept beside it.
/// </summary>
public sealed class SettingWindow
{
    private const double CoolestUsefulCelsius = 90;
    private const double HottestUsefulCelsius = 230;

    // Seconds are searched to this.
    private const double FineSeconds = 0.1;

    // A press from the back that leaves the front nothing leaves it a thousandth.
    private const double LeastLeft = 0.001;

    // The pressure too light, as it should be, too hard.
    private static readonly int[] Sides = [-1, 0, 1];

    private readonly IReadOnlyList<LayerAim> _aims;
    private readonly List<Sweeps> _sweeps;
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
        var (from, to) = (Dial[0].SurfaceCelsius - Dial[0].SpreadK, Dial[^1].SurfaceCelsius + Dial[^1].SpreadK);
        var sweeps = WindowSweep.Of(
            [.. _aims.SelectMany(_ => Sides, (aim, side) => new Sweep(aim, PressureKPa(side), preheatSeconds, Dampness(side),
                side switch { < 0 => SweptFor.Bond, 0 => SweptFor.All, _ => SweptFor.Harm }))], catalogue, from, to);
        _sweeps = [.. sweeps.Chunk(Sides.Length).Zip(_aims, (three, aim) => new Sweeps(aim, three[1], three[0], three[2]))];
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
            var most = Math.Min(longest, Math.Min(reach.VinylEnds, reach.BlankEnds) * _leftShare);
            var because = reach.BlankEnds * _leftShare <= most
                ? TimeLimit.Blank : reach.VinylEnds * _leftShare <= most ? TimeLimit.Vinyl : TimeLimit.Patience;
            double? Front(double? seconds) =>
                seconds is not { } all || double.IsInfinity(all) ? null : Math.Max(Math.Min(all, 1), all - _sparedSeconds);
            return new TemperatureRow(
                dial, Front(reach.Holds), Front(reach.Target), most, because, reach.BondAtEnd, Finite(s.Hard.At(dial.Hot).DyeMoves),
                Front(First(longest, t => s.Asked(dial, t).Outlook(s.Aim.Belief).Short <= Odds.MostShort)),
                Math.Min(most, (First(longest, t => s.At(dial, t).Outlook(s.Aim.Belief).Harm > Odds.MostHarm) ?? longest) * _leftShare));
        }));
    }

    /// <summary>How a setting may come out, the worst of all layers: read from the sweeps, in microseconds.</summary>
    /// <param name="dial">Where the dial stands.</param>
    /// <param name="seconds">Press time, s, above 0.</param>
    public Outlook OutlookOf(DialPosition dial, double seconds)
    {
        ArgumentNullException.ThrowIfNull(dial);
        var alone = _sparedSeconds == 0 && _leftShare == 1;
        Outlook After(Sweeps s, double t) => s.At(dial, t).Outlook(s.Aim.Belief);
        return _sweeps.Select(s => alone
            ? After(s, seconds)
            : new Outlook(After(s, seconds + _sparedSeconds).Short, After(s, seconds / Math.Max(_leftShare, LeastLeft)).Harm))
            .Aggregate((a, b) => a.Or(b));
    }

    /// <summary>What a setting gives a layer and how far that may be off.</summary>
    /// <param name="layer">Which vinyl, by its aim's piece of work.</param>
    /// <param name="dial">Where the dial stands.</param>
    /// <param name="seconds">Press time, s, above 0.</param>
    public Given GivenTo(Workpiece layer, DialPosition dial, double seconds)
    {
        ArgumentNullException.ThrowIfNull(dial);
        return Of(layer).At(dial, seconds);
    }

    /// <summary>What all presses together gave a layer, with what may be off as at one setting.</summary>
    /// <param name="layer">Which vinyl, by its aim's piece of work.</param>
    /// <param name="dial">Where the dial stands.</param>
    /// <param name="seconds">Press time, s, above 0.</param>
    /// <param name="bond">Share of the wanted bond.</param>
    /// <param name="heatDose">Heat as a share of the chart's.</param>
    /// <param name="bareCelsius">Hottest bare face, °C.</param>
    public Given GivenInAll(Workpiece layer, DialPosition dial, double seconds, double bond, double heatDose, double bareCelsius)
    {
        var (sweeps, there) = (Of(layer), Doubts.Shares(Of(layer).Aim, bond, heatDose, bareCelsius));
        return sweeps.At(dial, seconds) with
        {
            LnBond = there.LnBond,
            LnHeatDose = there.LnHeatDose - sweeps.Aim.LnTakesMore,
            BareBelowK = sweeps.Aim.Work.Material.Limit.Celsius.Value - there.Bare,
        };
    }

    /// <summary>What a setting comes to when much is off, the worst of all layers, carried out in the model.</summary>
    /// <param name="dial">Where the dial stands.</param>
    /// <param name="seconds">Press time, s.</param>
    /// <param name="backSeconds">How long it is pressed from the back as well, s; 0 for not at all.</param>
    public WorstCase WorstOf(DialPosition dial, double seconds, double backSeconds = 0)
    {
        ArgumentNullException.ThrowIfNull(dial);
        return _aims.Select(aim =>
        {
            var given = CarriedOut(aim, dial, seconds, backSeconds);
            var holds = aim.Work.Vinyl.Bond.HoldsFrom.Value;
            return new WorstCase(
                holds * Math.Exp(given.LnBond - Odds.SpreadsUntilSure * aim.Belief.With(given.BondSpread)),
                aim.MostHeatDose * Math.Exp(given.LnHeatDose + aim.LnTakesMore + Odds.SpreadsUntilHarm * given.HeatDoseSpread),
                aim.Work.Material.Limit.Celsius.Value - given.BareBelowK + Odds.SpreadsUntilHarm * given.BareSpreadK)
            { Outlook = given.Outlook(aim.Belief) };
        }).Aggregate((a, b) => new WorstCase(a.Outlook.Short >= b.Outlook.Short ? a.LeastBond : b.LeastBond,
            Math.Max(a.MostHeatDose, b.MostHeatDose), Math.Max(a.HottestBareCelsius, b.HottestBareCelsius))
        { Outlook = a.Outlook.Or(b.Outlook) });
    }

    /// <summary>The neediest layer's bond, as a share of the wanted, and the most delicate one's heat, as a share of its chart's, with
    /// everything as it should be.</summary>
    /// <param name="dial">Where the dial stands.</param>
    /// <param name="seconds">Press time, s.</param>
    /// <param name="backSeconds">How long it is pressed from the back as well, s; 0 for not at all.</param>
    public (double Bond, double HeatOfMost, double HottestBareCelsius) NominalOf(DialPosition dial, double seconds, double backSeconds = 0)
    {
        ArgumentNullException.ThrowIfNull(dial);
        var runs = _aims.Select(aim => (Aim: aim, Session: Run(aim, LaneMath.All(dial.SurfaceCelsius), 0, seconds, backSeconds))).ToList();
        return (runs.Min(r => r.Session.Bond() / r.Aim.WantedBond),
            runs.Max(r => r.Session.HeatDose() / r.Aim.Reference.HeatDoseSeconds / r.Aim.MostHeatDose),
            runs.Max(r => r.Session.HottestBare()));
    }

    /// <summary>The hottest that the bare face of any of so many pieces gets, pressed one after the other on a hot plate,
    /// °C: underlay and plate warm up from piece to piece.</summary>
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
            var session = Run(_aims[0], LaneMath.All(dial.Hot), 1, seconds, 0, before);
            hottest = Math.Max(hottest, session.HottestBare());
            session.Open(CoolingPlace.OnUnderlay, _catalogue.Work.LaySeconds.Value, LaneMath.All(dial.Hot));
            before = session;
        }

        return hottest;
    }

    /// <summary>When something that once begun goes on begins, s; null when not within the longest press.</summary>
    private static double? First(double longest, Func<double, bool> begun)
    {
        if (!begun(longest))
            return null;
        var (low, high) = (0.0, longest);
        while (high - low > FineSeconds)
        {
            var middle = (low + high) / 2;
            (low, high) = begun(middle) ? (low, middle) : (middle, high);
        }

        return high;
    }

    private Sweeps Of(Workpiece layer) => _sweeps.Find(s => s.Aim.Work == layer) ?? _sweeps[0];

    private double PressureKPa(int side) => _pressureKPa * Math.Pow(Source.Pressure.ErrorFactor.Value, side);

    /// <summary>What a setting gives, in the model: the plate as it should be, a spread cooler and hotter, and lighter, side by side;
    /// harder and dry by itself.</summary>
    private Given CarriedOut(LayerAim aim, DialPosition dial, double seconds, double backSeconds)
    {
        var (at, spread) = (dial.SurfaceCelsius, dial.SpreadK);
        var usual = Run(aim, LaneMath.From([at, at - spread, at + spread, at]), 0, seconds, backSeconds, lightInLastLane: true);
        var hard = Run(aim, LaneMath.All(at), 1, seconds, backSeconds);
        GivenBy By(PressSession session, int lane) => Doubts.Shares(aim, session.Bond(lane) / aim.WantedBond,
            session.HeatDose(lane) / aim.Reference.HeatDoseSeconds, session.HottestBare(lane));
        return Doubts.Sum(aim, dial, By(usual, 0), By(usual, 1), By(usual, 2), By(usual, 3), By(hard, 0));
    }

    private PressSession Run(LayerAim aim, Lanes plate, int side, double seconds, double backSeconds, PressSession? before = null,
        bool lightInLastLane = false)
    {
        var session = new PressSession(aim.Work, _catalogue, Dampness(side));
        if (before is not null)
            session.LieWhereLay(before);
        var pressure = PressureKPa(side);
        var setting = new PressSetting(plate,
            lightInLastLane ? LaneMath.From([pressure, pressure, pressure, PressureKPa(-1)]) : LaneMath.All(pressure), seconds);
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

    /// <summary>How damp the blank is: bone dry on the hot side, as usual otherwise.</summary>
    private static double Dampness(int side) => side > 0 ? 0 : 1;

    private static double? Finite(double seconds) => double.IsInfinity(seconds) ? null : seconds;

    private sealed record Sweeps(LayerAim Aim, WindowSweep Nominal, WindowSweep Light, WindowSweep Hard)
    {
        /// <summary>Where a way of doing it asks for more than usual, so much more has to be sure.</summary>
        public Given Asked(DialPosition dial, double seconds) =>
            At(dial, seconds) is var given && Aim.TargetShare > 1
            ? given with { LnBond = given.LnBond - Math.Log(Aim.TargetShare) } : given;

        public Given At(DialPosition dial, double seconds)
        {
            var (at, spread) = (dial.SurfaceCelsius, dial.SpreadK);
            return Doubts.Sum(Aim, dial, Nominal.By(at, seconds), Nominal.By(at - spread, seconds), Nominal.By(at + spread, seconds),
                Light.By(at, seconds), Hard.By(at, seconds));
        }
    }
}
