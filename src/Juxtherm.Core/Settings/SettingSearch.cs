using Juxtherm.Core.Catalogue;

namespace Juxtherm.Core.Settings;

/// <summary>
/// Finds the setting that gives this vinyl on this blank under this press the bond its chart gives on the stack that charts
/// assume, and keeps its worst case inside what vinyl and blank bear. Room beyond half as much time again counts as plenty; among
/// settings with plenty, the one nearest the chart is taken, because charts hold knowledge that the model lacks (how a foam
/// rises, when a foil ripples).
/// </summary>
public static class SettingSearch
{
    // Each second beyond what cloth is usually pressed weighs as much as this many kelvin off the chart, and beyond what anybody likes
    // to hold still more; what is hard is pressed longer as a matter of course.
    private const double UsualSeconds = 15;
    private const double LongerWeighs = 1.2;
    private const double ComfortableSeconds = 30;
    private const double LongWeighs = 0.5;
    private const double HardSeconds = 40;
    private const double HardWeighs = 1.5;

    // A setting without any room is worth going this far from the chart to avoid, K; one that is not safe in the worst case
    // this far.
    private const double RoomWorthK = 15;
    private const double SafetyWorthK = 45;
    private const double PlentyOfRoom = 1.5;

    // Charts span about this much either way, K; beyond, each kelvin counts so many times more.
    private const double ChartSpreadK = 10;
    private const double FarWeighs = 2;
    private const double SoakedUp = 0.6;

    // The dial stands where the chart has it when it is this near, K; so many seconds short of what is needed are let pass.
    private const double NearTheChartK = 1.5;
    private const double NobodyChanges = 1;
    private const double NotWorthASecond = 0.25;

    // A setting that cannot be sure weighs by this share at least of what it may; so much regret weighs in full.
    private const double LeastUnsafe = 2 / 3.0;
    private const double MuchRegret = 0.3;
    private const double HardlyMoreRegret = 0.02;

    // Of the time that an iron's sole may rest there by the middle of its band, this much is used at most (ours).
    private const double IronsRoomUsed = 0.7;

    // Worth going this far from the chart to keep the dye where it is, K.
    private const double StillDyeWorthK = 30;

    /// <summary>Searches the dial for a single layer.</summary>
    /// <param name="work">The piece of work.</param>
    /// <param name="chart">The vinyl's chart setting.</param>
    /// <param name="reference">What that chart setting does on the reference stack.</param>
    /// <param name="catalogue">The catalogue.</param>
    public static FoundSetting Find(Workpiece work, Chart chart, ReferenceDose reference, CatalogueSnapshot catalogue)
    {
        ArgumentNullException.ThrowIfNull(work);
        ArgumentNullException.ThrowIfNull(chart);
        return Find([LayerAim.Alone(work, chart, reference)], work.Source.Pressure.KPa[chart.Pressure.Value].Value, PreheatSeconds(work),
            catalogue);
    }

    /// <summary>Searches the dial for one setting that serves all layers.</summary>
    /// <param name="aims">What the layers ask; all on the same blank under the same press.</param>
    /// <param name="pressureKPa">Pressure, kPa.</param>
    /// <param name="preheatSeconds">Preheat, s.</param>
    /// <param name="catalogue">The catalogue.</param>
    public static FoundSetting Find(IReadOnlyList<LayerAim> aims, double pressureKPa, double preheatSeconds, CatalogueSnapshot catalogue)
    {
        ArgumentNullException.ThrowIfNull(aims);
        ArgumentNullException.ThrowIfNull(catalogue);
        var window = new SettingWindow(aims, pressureKPa, preheatSeconds, catalogue);
        var rows = window.Rows;
        var shortest = catalogue.Work.ShortestPressSeconds.Value;
        var longest = catalogue.Work.LongestPressSeconds.Value;

        FoundSetting Take(TemperatureRow row, double seconds, SettingOutcome outcome) =>
            new(row.Dial, seconds, row, rows, outcome, window.WorstOf(row.Dial, seconds), window);
        // The rows are read between computed temperatures: what they promise is tried outright, and a second more given where it is not
        // kept.
        FoundSetting TakeSafe(TemperatureRow row)
        {
            var taken = Take(row, ChartsOwn(row) ?? Math.Ceiling(row.NeedsSeconds!.Value - NotWorthASecond), SettingOutcome.Safe);
            while (taken.Worst.LetsGo && taken.Seconds + 1 <= row.SafeToSeconds)
                taken = Take(row, taken.Seconds + 1, SettingOutcome.Safe);
            return taken.Worst.LetsGo ? taken with { Outcome = SettingOutcome.Narrow } : taken;
        }

        // A chart's time that does as well is kept: nobody changes 15 s to 16 (common practice).
        double? ChartsOwn(TemperatureRow row) =>
            aims is [{ TargetShare: 1, Chart: { Celsius.Value: var celsius, Seconds.Value: var chart } }]
            && Math.Abs(row.Dial.Celsius - celsius) <= NearTheChartK && chart >= shortest && chart <= row.SafeToSeconds
            && chart + NobodyChanges >= row.NeedsSeconds ? chart : null;

        double OffChart(TemperatureRow row, LayerAim aim)
        {
            var above = row.Dial.SurfaceCelsius - aim.Chart.Celsius.Value;
            // Hard goods soak heat up: their plate has to be hotter than the chart for the vinyl to be as hot.
            return above > 0 && aim.Work.Material.Kind == MaterialKind.Hard
                ? above * SoakedUp : Math.Abs(above) + FarWeighs * Math.Max(0, Math.Abs(above) - ChartSpreadK);
        }

        // An iron's marks lie far apart: there more seconds come before another mark.
        double TooLong(TemperatureRow row, double seconds) => row.Dial.Mark is not null
            ? HardWeighs * Math.Max(0, seconds - ComfortableSeconds)
            : aims[0].Work.Material.Kind == MaterialKind.Hard
            ? HardWeighs * Math.Max(0, seconds - HardSeconds)
            : LongerWeighs * Math.Max(0, seconds - UsualSeconds) + LongWeighs * Math.Max(0, seconds - ComfortableSeconds);

        double FromChart(TemperatureRow row, double seconds) =>
            aims.Average(aim => OffChart(row, aim)) + TooLong(row, seconds)
            + (row.DyeMovesFromSeconds < seconds ? StillDyeWorthK : 0);

        // Patience is not harm: where nothing else ends the press there is plenty of room.
        double Room(TemperatureRow row) =>
            row.SafeToSeconds >= longest
            ? 1 : Math.Clamp(Math.Log(row.SafeToSeconds / row.NeedsSeconds!.Value) / Math.Log(PlentyOfRoom), 0, 1);

        double Cost(TemperatureRow row) => row.IsSafe
            ? FromChart(row, row.NeedsSeconds!.Value) + RoomWorthK * (1 - Room(row))
            : FromChart(row, row.TargetSeconds!.Value) + SafetyWorthK * Unsafe(row);

        double Unsafe(TemperatureRow row) => row.Dial.Mark is not null
            ? 1 : LeastUnsafe + (1 - LeastUnsafe) * Math.Min(1, window.OutlookOf(row.Dial, BestOfBoth(row)).Regret / MuchRegret);

        // Where chances cannot all be small: the shortest whole second that leaves hardly more to regret than any.
        double BestOfBoth(TemperatureRow row)
        {
            // An iron wanders as a matter of course: as much of what its cool side needs as the vinyl takes.
            if (row.Dial.Mark is not null)
                return WholeSeconds(
                    Math.Max(row.TargetSeconds!.Value, Math.Min(row.SafeFromSeconds ?? longest, row.MostSeconds * IronsRoomUsed)),
                    row.MostSeconds);
            var from = Math.Max(shortest, Math.Floor(row.HoldsFromSeconds ?? shortest));
            var tried = Enumerable.Range(0, (int)(Math.Max(from, row.MostSeconds) - from) + 1)
                .Select(i => (Seconds: from + i, window.OutlookOf(row.Dial, from + i).Regret)).ToList();
            var least = tried.Min(t => t.Regret);
            return tried.First(t => t.Regret <= least + HardlyMoreRegret).Seconds;
        }

        var reaching = rows.Where(r => r.ReachesTarget && r.TargetSeconds >= shortest).ToList();
        if (reaching.Count > 0)
        {
            var best = reaching.MinBy(Cost)!;
            return best.IsSafe ? TakeSafe(best) : Take(best, BestOfBoth(best), SettingOutcome.Narrow);
        }

        // Short of the target: as near the chart as it still holds. Not even that: where the bond comes furthest.
        var holding = rows.Where(r => r.Holds).ToList();
        var fallback = holding.Count > 0
            ? holding.MinBy(r => aims.Average(a => Math.Abs(r.Dial.SurfaceCelsius - a.Chart.Celsius.Value)))!
            : rows.MaxBy(r => r.BondAtMost)!;
        return Take(fallback, Math.Max(1, Math.Floor(fallback.MostSeconds)), holding.Count > 0
            ? SettingOutcome.Short : SettingOutcome.None);
    }

    /// <summary>
    /// The same place of the dial with a press from the back after the one from the front: the shortest front press that holds by
    /// itself and with the back reaches the wanted bond, as often as it has to.
    /// </summary>
    /// <param name="found">The setting from the front alone.</param>
    /// <param name="aims">What it was found for.</param>
    /// <param name="backSeconds">How long from the back, s.</param>
    /// <param name="figures">For the shortest press.</param>
    /// <returns>Null where vinyl or blank would not bear the press from the back.</returns>
    public static FoundSetting? WithBack(FoundSetting found, IReadOnlyList<LayerAim> aims, double backSeconds, WorkFigures figures)
    {
        ArgumentNullException.ThrowIfNull(found);
        ArgumentNullException.ThrowIfNull(aims);
        ArgumentNullException.ThrowIfNull(figures);
        var (window, dial) = (found.Window, found.Dial);
        var target = aims.Max(a => a.Work.Vinyl.Bond.Target.Value * a.TargetShare);
        var limit = aims.Min(a => a.Work.Material.Limit.Celsius.Value);
        // An iron's cool side can mostly not be met; then as much as the vinyl takes with room to spare.
        var careful = dial.Mark is not null && window.WorstOf(dial, found.Seconds, backSeconds).LetsGo;
        bool Enough(double seconds)
        {
            var nominal = window.NominalOf(dial, seconds, backSeconds);
            return nominal.Bond >= target
                && (careful ? nominal.HeatOfMost >= IronsRoomUsed : !window.WorstOf(dial, seconds, backSeconds).LetsGo);
        }

        var (low, high) =
            (Math.Max(figures.ShortestPressSeconds.Value, careful ? 0 : Math.Ceiling(found.Chosen.HoldsFromSeconds ?? found.Seconds)),
                found.Seconds);
        while (low < high && Enough(high - 1))
        {
            var middle = Math.Floor((low + high) / 2);
            (low, high) = Enough(middle) ? (low, middle) : (middle + 1, high);
        }

        var least = window.NominalOf(dial, high, backSeconds);
        if (least.HeatOfMost > 1 || least.HottestBareCelsius > limit)
            return null;
        var worst = window.WorstOf(dial, high, backSeconds);
        var safe = !worst.LetsGo && worst.MostHeatDose <= aims.Min(a => a.MostHeatDose) && worst.HottestBareCelsius <= limit;
        var behind = window.BeforeTheBack(found.Seconds - high, 1 - (least.HeatOfMost - window.NominalOf(dial, high).HeatOfMost));
        return found
            with
        {
            Chosen = behind.At(dial),
            Rows = behind.Rows,
            Window = behind,
            Seconds = high,
            BackSeconds = backSeconds,
            Worst = worst,
            Outcome = safe ? SettingOutcome.Safe : found.Outcome == SettingOutcome.Safe ? SettingOutcome.Narrow : found.Outcome
        };
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
        return own == 0 || work.Source.HotAirWm2K is not null ? 0 : Math.Max(own, work.Source.Usual.LongerPreheatSeconds?.Value ?? 0);
    }

    private static double? Finite(double seconds) => double.IsInfinity(seconds) ? null : seconds;

    /// <summary>Rounds up to what a kitchen timer shows, unless that would overstep the limit.</summary>
    private static double WholeSeconds(double seconds, double most)
    {
        var up = Math.Ceiling(seconds);
        return up <= most ? up : Math.Max(1, Math.Floor(most));
    }
}
