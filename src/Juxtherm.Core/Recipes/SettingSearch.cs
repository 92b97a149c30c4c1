using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Heat;

namespace Juxtherm.Core.Recipes;

/// <summary>What ends the time that a press may last.</summary>
public enum TimeLimit
{
    /// <summary>Nothing but patience: the longest press that is proposed.</summary>
    Patience,

    /// <summary>The vinyl has had all the heat it takes.</summary>
    Vinyl,

    /// <summary>The bare blank beside the print reaches its limit.</summary>
    Blank,
}

/// <summary>What one temperature allows on this piece of work.</summary>
/// <param name="Dial">Where the dial stands.</param>
/// <param name="HoldsFromSeconds">From here it holds, s; null when never in time.</param>
/// <param name="TargetSeconds">Here the bond is as wanted, s; null when never in time.</param>
/// <param name="MostSeconds">Up to here nothing is harmed, s; 0 when even the preheat is too hot.</param>
/// <param name="EndsBecause">What ends it.</param>
/// <param name="BondAtMost">Share of the wanted bond at the end of that time.</param>
public sealed record TemperatureRow(DialPosition Dial, double? HoldsFromSeconds, double? TargetSeconds, double MostSeconds, TimeLimit EndsBecause, double BondAtMost)
{
    /// <summary>The wanted bond is reached before anything is harmed.</summary>
    public bool ReachesTarget => TargetSeconds <= MostSeconds;

    /// <summary>It at least holds before anything is harmed.</summary>
    public bool Holds => HoldsFromSeconds <= MostSeconds;
}

/// <summary>The setting found, with everything it was chosen from.</summary>
/// <param name="Dial">Where the dial stands.</param>
/// <param name="Seconds">Press time, whole seconds.</param>
/// <param name="Chosen">What its temperature allows.</param>
/// <param name="Rows">What every temperature of the dial allows.</param>
/// <param name="Outcome">How good it is.</param>
public sealed record FoundSetting(DialPosition Dial, double Seconds, TemperatureRow Chosen, IReadOnlyList<TemperatureRow> Rows, SettingOutcome Outcome);

/// <summary>How good a found setting is.</summary>
public enum SettingOutcome
{
    /// <summary>Reaches the wanted bond, nothing harmed.</summary>
    Good,

    /// <summary>Holds, but is short of the wanted bond: a limit is in the way.</summary>
    Short,

    /// <summary>Cannot hold without harm; the setting shown is the least bad.</summary>
    None,
}

/// <summary>
/// Finds the press time that gives this vinyl on this blank under this press the bond its chart gives on the stack that
/// charts assume, and which temperatures leave room for it.
/// </summary>
public static class SettingSearch
{
    // Holding still for longer than this is hard, so a second more weighs as much as a kelvin off the chart.
    private const double ComfortableSeconds = 30;

    /// <summary>Searches the dial.</summary>
    /// <param name="work">The piece of work.</param>
    /// <param name="chart">The vinyl's chart setting.</param>
    /// <param name="reference">What that chart setting does on the reference stack.</param>
    /// <param name="catalogue">The catalogue.</param>
    public static FoundSetting Find(Workpiece work, Chart chart, ReferenceDose reference, CatalogueSnapshot catalogue)
    {
        ArgumentNullException.ThrowIfNull(work);
        ArgumentNullException.ThrowIfNull(chart);
        ArgumentNullException.ThrowIfNull(catalogue);
        var pressure = work.Source.PressureKPa[chart.Pressure.Value].Value;
        var positions = DialPosition.Of(work.Source);
        var rows = positions.Chunk(LaneMath.Count).SelectMany(chunk => Rows(work, chunk, pressure, reference, catalogue)).ToList();
        var figures = catalogue.Work;

        var good = rows.Where(r => r.ReachesTarget && r.TargetSeconds >= figures.ShortestPressSeconds.Value).ToList();
        if (good.Count > 0)
        {
            var best = good.MinBy(r => Math.Abs(r.Dial.Celsius - chart.Celsius.Value) + Math.Max(0, r.TargetSeconds!.Value - ComfortableSeconds))!;
            return new FoundSetting(best.Dial, WholeSeconds(best.TargetSeconds!.Value, best.MostSeconds), best, rows, SettingOutcome.Good);
        }

        // Short of the target: as near the chart as it still holds. Not even that: where the bond comes furthest.
        var holding = rows.Where(r => r.Holds).ToList();
        var fallback = holding.Count > 0 ? holding.MinBy(r => Math.Abs(r.Dial.Celsius - chart.Celsius.Value))! : rows.MaxBy(r => r.BondAtMost)!;
        return new FoundSetting(fallback.Dial, Math.Max(1, Math.Floor(fallback.MostSeconds)), fallback, rows, holding.Count > 0 ? SettingOutcome.Short : SettingOutcome.None);
    }

    /// <summary>The time that gives the same bond elsewhere: this vinyl on another stack, plate or pressure.</summary>
    /// <param name="work">The piece of work.</param>
    /// <param name="plateCelsius">Plate temperature, °C.</param>
    /// <param name="pressureKPa">Pressure, kPa.</param>
    /// <param name="bondSeconds">Bond wanted, reference seconds.</param>
    /// <param name="catalogue">The catalogue.</param>
    /// <returns>Press time, s; null when it would take longer than the longest press.</returns>
    public static double? Transfer(Workpiece work, double plateCelsius, double pressureKPa, double bondSeconds, CatalogueSnapshot catalogue)
    {
        ArgumentNullException.ThrowIfNull(work);
        ArgumentNullException.ThrowIfNull(catalogue);
        var session = new PressSession(work, catalogue);
        var setting = PressSetting.Single(plateCelsius, pressureKPa, catalogue.Work.LongestPressSeconds.Value);
        session.PreheatAndLay(setting with { Seconds = PreheatSeconds(work) }, catalogue.Work);
        var watch = new Crossings(session, 1, bondSeconds, bondSeconds, double.PositiveInfinity, double.PositiveInfinity);
        session.Press(setting, observer: watch);
        return watch.Target(0);
    }

    /// <summary>How long this press preheats this blank, s.</summary>
    public static double PreheatSeconds(Workpiece work)
    {
        ArgumentNullException.ThrowIfNull(work);
        var own = work.Material.PreheatSeconds.Value;
        return own == 0 ? 0 : Math.Max(own, work.Source.LongerPreheatSeconds?.Value ?? 0);
    }

    private static IEnumerable<TemperatureRow> Rows(Workpiece work, DialPosition[] chunk, double pressure, ReferenceDose reference, CatalogueSnapshot catalogue)
    {
        var figures = catalogue.Work;
        var longest = figures.LongestPressSeconds.Value;
        var plates = LaneMath.From([.. chunk.Select(d => d.Celsius)]);
        var setting = new PressSetting(plates, LaneMath.All(pressure), longest);
        var session = new PressSession(work, catalogue);
        session.PreheatAndLay(setting with { Seconds = PreheatSeconds(work) }, figures);
        var demand = work.Material.Demand.Value * reference.BondSeconds;
        var target = demand * work.Vinyl.TargetBond.Value;
        var watch = new Crossings(session, chunk.Length, demand * work.Vinyl.HoldsFromBond.Value, target, work.Vinyl.MostBurden.Value * reference.BurdenSeconds, work.Material.LimitCelsius.Value);
        session.Press(setting, observer: watch);

        for (var lane = 0; lane < chunk.Length; lane++)
        {
            var (vinylEnds, blankEnds) = (watch.VinylEnds(lane) ?? double.PositiveInfinity, watch.BlankEnds(lane) ?? double.PositiveInfinity);
            var most = Math.Min(longest, Math.Min(vinylEnds, blankEnds));
            var because = blankEnds <= most ? TimeLimit.Blank : vinylEnds <= most ? TimeLimit.Vinyl : TimeLimit.Patience;
            yield return new TemperatureRow(chunk[lane], watch.Holds(lane), watch.Target(lane), most, because, watch.BondWithinLimits(lane) / target);
        }
    }

    /// <summary>Rounds up to what a kitchen timer shows, unless that would overstep the limit.</summary>
    private static double WholeSeconds(double seconds, double most)
    {
        var up = Math.Ceiling(seconds - 0.25);
        return up <= most ? up : Math.Max(1, Math.Floor(most));
    }

    /// <summary>Notes when each lane crosses a line; times between steps are interpolated.</summary>
    private sealed class Crossings : ISessionObserver
    {
        private readonly int _lanes;
        private readonly double _holds;
        private readonly double _target;
        private readonly double _mostBurden;
        private readonly double _limitCelsius;
        private readonly double?[,] _at = new double?[4, LaneMath.Count];
        private readonly double[,] _last = new double[3, LaneMath.Count];
        private readonly double[] _bondWithin = new double[LaneMath.Count];
        private double _lastTime;

        public Crossings(PressSession start, int lanes, double holds, double target, double mostBurden, double limitCelsius)
        {
            (_lanes, _holds, _target, _mostBurden, _limitCelsius) = (lanes, holds, target, mostBurden, limitCelsius);
            for (var lane = 0; lane < lanes; lane++)
                _last[2, lane] = start.HottestBare(lane);
        }

        public double? Holds(int lane) => _at[0, lane];

        public double? Target(int lane) => _at[1, lane];

        public double? VinylEnds(int lane) => _at[2, lane];

        public double? BlankEnds(int lane) => _at[3, lane];

        public double BondWithinLimits(int lane) => _bondWithin[lane];

        public bool AfterStep(PressSession session, double seconds)
        {
            var open = false;
            for (var lane = 0; lane < _lanes; lane++)
            {
                var (bond, burden, bare) = (session.Bond(lane), session.Burden(lane), session.HottestBare(lane));
                Note(0, lane, _last[0, lane], bond, _holds, seconds);
                Note(1, lane, _last[0, lane], bond, _target, seconds);
                Note(2, lane, _last[1, lane], burden, _mostBurden, seconds);
                Note(3, lane, _last[2, lane], bare, _limitCelsius, seconds);
                if (_at[2, lane] is null && _at[3, lane] is null)
                {
                    _bondWithin[lane] = bond;
                    open |= _at[1, lane] is null || double.IsFinite(_mostBurden);
                }

                (_last[0, lane], _last[1, lane], _last[2, lane]) = (bond, burden, bare);
            }

            _lastTime = seconds;
            return open;
        }

        private void Note(int line, int lane, double before, double now, double level, double seconds)
        {
            if (_at[line, lane] is not null || now < level)
                return;
            var share = now > before ? Math.Clamp((level - before) / (now - before), 0, 1) : 0;
            _at[line, lane] = _lastTime + (seconds - _lastTime) * share;
        }
    }
}
