using Juxtherm.Core.Catalogue;

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
/// <param name="DyeMovesFromSeconds">From here the blank's dye may move, s; null when it does not.</param>
/// <param name="SafeFromSeconds">From here it holds even with everything off to the cold side, s; null when never.</param>
/// <param name="SafeToSeconds">Up to here nothing is harmed even with everything off to the hot side, s.</param>
public sealed record TemperatureRow(
    DialPosition Dial, double? HoldsFromSeconds, double? TargetSeconds, double MostSeconds, TimeLimit EndsBecause, double BondAtMost, double? DyeMovesFromSeconds, double? SafeFromSeconds, double SafeToSeconds)
{
    /// <summary>The wanted bond is reached before anything is harmed.</summary>
    public bool ReachesTarget => TargetSeconds <= MostSeconds;

    /// <summary>It at least holds before anything is harmed.</summary>
    public bool Holds => HoldsFromSeconds <= MostSeconds;

    /// <summary>Shortest time that reaches the wanted bond and holds in the worst case, s; null when there is none.</summary>
    public double? NeedsSeconds => TargetSeconds is { } target && SafeFromSeconds is { } safe ? Math.Max(target, safe) : null;

    /// <summary>That time is safe in the worst case.</summary>
    public bool IsSafe => NeedsSeconds <= SafeToSeconds;
}

/// <summary>How good a found setting is.</summary>
public enum SettingOutcome
{
    /// <summary>Reaches the wanted bond, holds and harms nothing even when dial, pressure and moisture are off.</summary>
    Safe,

    /// <summary>Reaches the wanted bond and harms nothing if dial and pressure are right.</summary>
    Narrow,

    /// <summary>Holds, but is short of the wanted bond: a limit is in the way.</summary>
    Short,

    /// <summary>Cannot hold without harm; the setting shown is the least bad.</summary>
    None,
}

/// <summary>What a setting comes to with everything off to one side.</summary>
/// <param name="LeastBond">Share of the wanted bond, all off to the cold side.</param>
/// <param name="MostBurden">Heat as a share of the chart's, all off to the hot side.</param>
/// <param name="HottestBareCelsius">Bare face, all off to the hot side, °C.</param>
public sealed record WorstCase(double LeastBond, double MostBurden, double HottestBareCelsius);

/// <summary>The setting found, with everything it was chosen from.</summary>
/// <param name="Dial">Where the dial stands.</param>
/// <param name="Seconds">Press time, whole seconds.</param>
/// <param name="Chosen">What its temperature allows.</param>
/// <param name="Rows">What every temperature of the dial allows.</param>
/// <param name="Outcome">How good it is.</param>
/// <param name="Worst">What it comes to when everything is off.</param>
public sealed record FoundSetting(DialPosition Dial, double Seconds, TemperatureRow Chosen, IReadOnlyList<TemperatureRow> Rows, SettingOutcome Outcome, WorstCase Worst);

/// <summary>
/// Finds the setting that gives this vinyl on this blank under this press the bond its chart gives on the stack that charts
/// assume, and keeps its worst case inside what vinyl and blank bear. Room beyond twice the time counts as plenty; among
/// settings with plenty, the one nearest the chart is taken, because charts hold knowledge that the model lacks (how a foam
/// rises, when a foil ripples).
/// </summary>
public static class SettingSearch
{
    // Holding still for longer than this is hard, so each second more weighs as much as this many kelvin off the chart.
    private const double ComfortableSeconds = 30;
    private const double LongWeighs = 1.5;

    // A setting without any room is worth going this far from the chart to avoid, K; one that is not safe in the worst case
    // this far.
    private const double RoomWorthK = 30;
    private const double SafetyWorthK = 45;

    // Charts span about this much either way, K; beyond, each kelvin counts so many times more.
    private const double ChartSpreadK = 10;
    private const double FarWeighs = 2;
    private const double SoakedUp = 0.6;

    // Worth going this far from the chart to keep the dye where it is, K.
    private const double StillDyeWorthK = 15;

    // The blank may be this much damper than usual, or bone dry.
    private const double DampestFactor = 1.5;

    private const double CoolestUsefulCelsius = 90;
    private const double HottestUsefulCelsius = 230;

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
        var rows = Rows(work, chart, reference, catalogue);
        var shortest = catalogue.Work.ShortestPressSeconds.Value;
        var longest = catalogue.Work.LongestPressSeconds.Value;

        FoundSetting Take(TemperatureRow row, double seconds, SettingOutcome outcome) =>
            new(row.Dial, seconds, row, rows, outcome, WorstOf(work, row.Dial.Celsius, seconds, chart, reference, catalogue));
        double FromChart(TemperatureRow row, double seconds)
        {
            var above = row.Dial.Celsius - chart.Celsius.Value;
            // Hard goods soak heat up: their plate has to be hotter than the chart for the vinyl to be as hot.
            var distance = above > 0 && work.Material.Kind == MaterialKind.Hard ? above * SoakedUp : Math.Abs(above) + FarWeighs * Math.Max(0, Math.Abs(above) - ChartSpreadK);
            return distance + LongWeighs * Math.Max(0, seconds - ComfortableSeconds) + (row.DyeMovesFromSeconds < seconds ? StillDyeWorthK : 0);
        }

        // Patience is not harm: where nothing else ends the press there is plenty of room.
        double Room(TemperatureRow row) => row.SafeToSeconds >= longest ? 1 : Math.Clamp(Math.Log2(row.SafeToSeconds / row.NeedsSeconds!.Value), 0, 1);

        double Cost(TemperatureRow row) => row.IsSafe
            ? FromChart(row, row.NeedsSeconds!.Value) + RoomWorthK * (1 - Room(row))
            : FromChart(row, row.TargetSeconds!.Value) + SafetyWorthK;

        var reaching = rows.Where(r => r.ReachesTarget && r.TargetSeconds >= shortest).ToList();
        if (reaching.Count > 0)
        {
            var best = reaching.MinBy(Cost)!;
            return best.IsSafe
                ? Take(best, WholeSeconds(best.NeedsSeconds!.Value, best.SafeToSeconds), SettingOutcome.Safe)
                : Take(best, WholeSeconds(best.TargetSeconds!.Value, best.MostSeconds), SettingOutcome.Narrow);
        }

        // Short of the target: as near the chart as it still holds. Not even that: where the bond comes furthest.
        var holding = rows.Where(r => r.Holds).ToList();
        var fallback = holding.Count > 0 ? holding.MinBy(r => Math.Abs(r.Dial.Celsius - chart.Celsius.Value))! : rows.MaxBy(r => r.BondAtMost)!;
        return Take(fallback, Math.Max(1, Math.Floor(fallback.MostSeconds)), holding.Count > 0 ? SettingOutcome.Short : SettingOutcome.None);
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
        return Finite(watch.Target(0));
    }

    /// <summary>How long this press preheats this blank, s.</summary>
    public static double PreheatSeconds(Workpiece work)
    {
        ArgumentNullException.ThrowIfNull(work);
        var own = work.Material.PreheatSeconds.Value;
        return own == 0 || work.Source.HotAirWm2K is not null ? 0 : Math.Max(own, work.Source.LongerPreheatSeconds?.Value ?? 0);
    }

    private static List<TemperatureRow> Rows(Workpiece work, Chart chart, ReferenceDose reference, CatalogueSnapshot catalogue)
    {
        var positions = DialPosition.Of(work.Source).Where(d => work.Source.HotAirWm2K is not null || d.Celsius is >= CoolestUsefulCelsius and <= HottestUsefulCelsius).ToList();
        var error = work.Source.DialErrorK.Value;
        var factor = work.Source.PressureErrorFactor.Value;
        var pressure = work.Source.PressureKPa[chart.Pressure.Value].Value;
        var (low, high) = (positions[0].Celsius, positions[^1].Celsius);
        var nominal = new WindowSweep(work, catalogue, reference, pressure, 1, low, high);
        var cold = new WindowSweep(work, catalogue, reference, pressure / factor, DampestFactor, low - error, high - error);
        var hot = new WindowSweep(work, catalogue, reference, pressure * factor, 0, low + error, high + error);
        var longest = catalogue.Work.LongestPressSeconds.Value;
        return positions.ConvertAll(dial =>
        {
            var reach = nominal.At(dial.Celsius);
            var worst = hot.At(dial.Celsius + error);
            var most = Math.Min(longest, Math.Min(reach.VinylEnds, reach.BlankEnds));
            var because = reach.BlankEnds <= most ? TimeLimit.Blank : reach.VinylEnds <= most ? TimeLimit.Vinyl : TimeLimit.Patience;
            return new TemperatureRow(
                dial, Finite(reach.Holds), Finite(reach.Target), most, because, reach.BondAtEnd, Finite(reach.DyeMoves),
                Finite(cold.At(dial.Celsius - error).Holds), Math.Min(longest, Math.Min(worst.VinylEnds, worst.BlankEnds)));
        });
    }

    private static WorstCase WorstOf(Workpiece work, double celsius, double seconds, Chart chart, ReferenceDose reference, CatalogueSnapshot catalogue)
    {
        var error = work.Source.DialErrorK.Value;
        var factor = work.Source.PressureErrorFactor.Value;
        var pressure = work.Source.PressureKPa[chart.Pressure.Value].Value;
        PressSession Run(double plate, double kPa, double moisture)
        {
            var session = new PressSession(work, catalogue, moisture);
            var setting = PressSetting.Single(plate, kPa, seconds);
            session.PreheatAndLay(setting with { Seconds = PreheatSeconds(work) }, catalogue.Work);
            session.Press(setting);
            return session;
        }

        var cold = Run(celsius - error, pressure / factor, DampestFactor);
        var hot = Run(celsius + error, pressure * factor, 0);
        return new WorstCase(cold.Bond() / (reference.BondSeconds * work.Material.Demand.Value), hot.Burden() / reference.BurdenSeconds, hot.HottestBare());
    }

    private static double? Finite(double seconds) => double.IsInfinity(seconds) ? null : seconds;

    /// <summary>Rounds up to what a kitchen timer shows, unless that would overstep the limit.</summary>
    private static double WholeSeconds(double seconds, double most)
    {
        var up = Math.Ceiling(seconds - 0.25);
        return up <= most ? up : Math.Max(1, Math.Floor(most));
    }
}
