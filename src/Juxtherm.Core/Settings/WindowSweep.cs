using System.Collections.Concurrent;
using Juxtherm.Core.Catalogue;
using Juxtherm.Core.Heat;

namespace Juxtherm.Core.Settings;

/// <summary>What a press at one plate temperature reaches, and when.</summary>
/// <param name="PlateCelsius">Plate temperature, °C.</param>
/// <param name="Holds">It holds from here, s; infinite when not within the longest press.</param>
/// <param name="Target">The bond is as wanted, s; infinite when not.</param>
/// <param name="VinylEnds">The vinyl has had all the heat it takes, s; infinite when not.</param>
/// <param name="BlankEnds">The bare blank reaches its limit, s; infinite when not, 0 when the preheat already passes it.</param>
/// <param name="DyeMoves">The bare blank reaches where its dye moves, s; infinite when not, or when it has none that moves.</param>
/// <param name="BondAtEnd">Share of the wanted bond when the first of the limits, or patience, ends it.</param>
internal sealed record SweepRow(double PlateCelsius, double Holds, double Target, double VinylEnds, double BlankEnds, double DyeMoves,
    double BondAtEnd);

/// <summary>A reach computed outright, with what had come of it after each step of the press.</summary>
/// <param name="Reach">What is reached, and when.</param>
/// <param name="Times">Ends of the steps, s.</param>
/// <param name="Bare">Hottest bare face by then, °C.</param>
/// <param name="LnBond">ln of the bond by then over that from which it holds.</param>
/// <param name="LnHeatDose">ln of the heat by then over what the vinyl takes.</param>
internal sealed record ComputedReach(SweepRow Reach, double[] Times, double[] Bare, double[] LnBond, double[] LnHeatDose);

/// <summary>What a plate has given by a moment.</summary>
/// <param name="LnBond">ln of the bond over that from which it holds.</param>
/// <param name="LnHeatDose">ln of the heat over what the vinyl takes.</param>
/// <param name="Bare">Hottest bare face, °C.</param>
internal readonly record struct GivenBy(double LnBond, double LnHeatDose, double Bare);

/// <summary>What a sweep is asked for.</summary>
internal enum SweptFor
{
    /// <summary>All of it.</summary>
    All,

    /// <summary>How well it holds.</summary>
    Bond,

    /// <summary>What it harms.</summary>
    Harm,
}

/// <summary>One stack, pressure and dampness to be computed over the plates.</summary>
/// <param name="Aim">What a layer asks.</param>
/// <param name="PressureKPa">Pressure, kPa.</param>
/// <param name="PreheatSeconds">Preheat, s.</param>
/// <param name="Moisture">How damp the blank is: 0 bone dry, 1 as usual.</param>
/// <param name="For">What is asked of it.</param>
internal sealed record Sweep(LayerAim Aim, double PressureKPa, double PreheatSeconds, double Moisture, SweptFor For = SweptFor.All);

/// <summary>
/// Times over temperature for one stack, pressure and dampness: computed every few kelvin, four plates at a time, and read in
/// between. Times of bond and heat dose bend so little over a step that a straight line is right to a hundredth. When the bare
/// blank reaches a limit is another matter, because a few kelvin decide whether it ever does; there the temperatures are
/// read in between, which conduction makes as good as straight, and the time is found from them.
/// </summary>
internal sealed class WindowSweep
{
    private const double StepK = 4;

    // A pressure that is off is asked only how much it is off by, which a step twice as long tells as well.
    private const double SideStepK = 8;

    private readonly ComputedReach[] _reaches;
    private readonly double _from;
    private readonly double _to;
    private readonly double _longest;
    private readonly double _limitCelsius;
    private readonly double _dyeCelsius;

    private WindowSweep(Sweep sweep, double longest, IEnumerable<ComputedReach> reaches)
    {
        _longest = longest;
        var material = sweep.Aim.Work.Material;
        _limitCelsius = material.Limit.Celsius.Value;
        _dyeCelsius = material.Limit.DyeMigrationCelsius?.Value ?? double.PositiveInfinity;
        _reaches = [.. reaches];
        (_from, _to) = (_reaches[0].Reach.PlateCelsius, _reaches[^1].Reach.PlateCelsius);
    }

    /// <summary>Computes sweeps over the same plates: every four plates of every sweep by themselves, as processors are free.</summary>
    /// <param name="sweeps">What is asked.</param>
    /// <param name="catalogue">The catalogue.</param>
    /// <param name="fromCelsius">The coolest plate, °C.</param>
    /// <param name="toCelsius">The hottest, °C.</param>
    /// <returns>In the order asked.</returns>
    public static WindowSweep[] Of(IReadOnlyList<Sweep> sweeps, CatalogueSnapshot catalogue, double fromCelsius, double toCelsius)
    {
        var to = Math.Max(toCelsius, fromCelsius + 1);
        var fours = sweeps.Select(s => Plates(fromCelsius, to, s.For).Chunk(LaneMath.Count).ToList()).ToList();
        var computed = fours.ConvertAll(f => new IReadOnlyList<ComputedReach>[f.Count]);
        // The coolest plates take longest: they come first, and nobody takes more than one at a time.
        var oneByOne = Partitioner.Create(
            fours.SelectMany((f, sweep) => f.Select((_, four) => (sweep, four))).OrderBy(at => at.four),
            EnumerablePartitionerOptions.NoBuffering);
        Parallel.ForEach(oneByOne, at => computed[at.sweep][at.four] = Run(sweeps[at.sweep], catalogue, fours[at.sweep][at.four]));
        return [.. computed.Zip(sweeps, (reaches, sweep) =>
            new WindowSweep(sweep, catalogue.Work.LongestPressSeconds.Value, reaches.SelectMany(r => r)))];
    }

    private static IEnumerable<double> Plates(double from, double to, SweptFor asked)
    {
        var steps = Math.Max(1, (int)Math.Ceiling((to - from) / (asked == SweptFor.All ? StepK : SideStepK)));
        return Enumerable.Range(0, steps + 1).Select(i => from + (to - from) * i / steps);
    }

    /// <summary>What a plate temperature reaches; outside the sweep its nearest end.</summary>
    public SweepRow At(double celsius)
    {
        var above = Array.FindIndex(_reaches, r => r.Reach.PlateCelsius >= celsius);
        if (above == 0)
            return _reaches[0].Reach;
        if (above < 0)
            return _reaches[^1].Reach;
        var (low, high) = (_reaches[above - 1].Reach, _reaches[above].Reach);
        var share = (celsius - low.PlateCelsius) / (high.PlateCelsius - low.PlateCelsius);
        double Between(double a, double b) => a + (b - a) * share;
        // Not reached at one end: unsure in between, so not reached. A limit not met there stands at the longest press.
        double Reached(double a, double b) =>
            share >= 1 ? b : double.IsInfinity(a) || double.IsInfinity(b) ? double.PositiveInfinity : Between(a, b);
        double Limit(double a, double b) =>
            double.IsInfinity(a) && double.IsInfinity(b) ? a : Between(Math.Min(a, _longest), Math.Min(b, _longest));
        return new SweepRow(celsius, Reached(low.Holds, high.Holds), Reached(low.Target, high.Target), Limit(low.VinylEnds, high.VinylEnds),
            BareReaches(_reaches[above - 1], _reaches[above], share, _limitCelsius),
            BareReaches(_reaches[above - 1], _reaches[above], share, _dyeCelsius), Between(low.BondAtEnd, high.BondAtEnd));
    }

    /// <summary>What a plate has given after so long; outside the sweep its nearest end.</summary>
    /// <param name="celsius">Plate temperature, °C.</param>
    /// <param name="seconds">Time closed, s, above 0.</param>
    public GivenBy By(double celsius, double seconds)
    {
        var plates = _reaches.Length - 1;
        var at = Math.Clamp((celsius - _from) / (_to - _from) * plates, 0, plates);
        var low = Math.Min((int)at, plates - 1);
        var (a, b, share) = (By(_reaches[low], seconds), By(_reaches[low + 1], seconds), at - low);
        double Between(double from, double to) => from + (to - from) * share;
        return new GivenBy(Between(a.LnBond, b.LnBond), Between(a.LnHeatDose, b.LnHeatDose), Between(a.Bare, b.Bare));
    }

    private static GivenBy By(ComputedReach reach, double seconds)
    {
        var times = reach.Times;
        var (low, high) = (0, reach.Bare.Length - 1);
        if (seconds >= times[high])
        {
            // A run ends when nothing more is asked of it. What it gave by the second it would have gone on to give.
            var steps = high == 0 ? 0 : (seconds - times[high]) / (times[high] - times[high - 1]);
            double GoesOn(double[] ln) =>
                steps == 0 ? ln[high] : Math.Log(Math.Exp(ln[high]) * (1 + steps) - Math.Exp(ln[high - 1]) * steps);
            return new GivenBy(GoesOn(reach.LnBond), GoesOn(reach.LnHeatDose), reach.Bare[high]);
        }

        while (high - low > 1)
        {
            var middle = (low + high) / 2;
            (low, high) = times[middle] <= seconds ? (middle, high) : (low, middle);
        }

        var share = (seconds - times[low]) / (times[high] - times[low]);
        double Between(double[] of) => of[low] + (of[high] - of[low]) * share;
        return new GivenBy(Between(reach.LnBond), Between(reach.LnHeatDose), Between(reach.Bare));
    }

    /// <summary>When the bare blank, between two computed plates, has been as hot as that.</summary>
    private static double BareReaches(ComputedReach low, ComputedReach high, double share, double celsius)
    {
        if (double.IsInfinity(celsius))
            return celsius;
        // The steps are the same; a run that ended early had met a limit by then, and its blank grew no cooler.
        var last = Math.Max(low.Bare.Length, high.Bare.Length) - 1;
        var times = low.Bare.Length > high.Bare.Length ? low.Times : high.Times;
        double At(int i) => low.Bare[Math.Min(i, low.Bare.Length - 1)] * (1 - share) + high.Bare[Math.Min(i, high.Bare.Length - 1)] * share;
        for (var i = 0; i <= last; i++)
        {
            var now = At(i);
            if (now < celsius)
                continue;
            if (i == 0)
                return 0;
            var before = At(i - 1);
            return times[i - 1] + (times[i] - times[i - 1]) * Math.Clamp((celsius - before) / (now - before), 0, 1);
        }

        return double.PositiveInfinity;
    }

    private static IReadOnlyList<ComputedReach> Run(Sweep sweep, CatalogueSnapshot catalogue, double[] plates)
    {
        var (aim, work) = (sweep.Aim, sweep.Aim.Work);
        var setting = new PressSetting(LaneMath.From(plates), LaneMath.All(sweep.PressureKPa), catalogue.Work.LongestPressSeconds.Value);
        var session = new PressSession(work, catalogue, sweep.Moisture);
        session.PreheatAndLay(setting with { Seconds = sweep.PreheatSeconds }, catalogue.Work);
        var target = aim.WantedBond * work.Vinyl.Bond.Target.Value * aim.TargetShare;
        var watch = new Crossings(session, plates.Length, aim.WantedBond * work.Vinyl.Bond.HoldsFrom.Value, target,
            aim.MostHeatDose * aim.Reference.HeatDoseSeconds, work.Material.Limit.Celsius.Value,
            work.Material.Limit.DyeMigrationCelsius?.Value
            ?? double.PositiveInfinity)
        { Asked = sweep.For };
        session.Press(setting, observer: watch);
        var times = watch.Times;
        return [.. plates.Select((plate, lane) => new ComputedReach(
            new SweepRow(plate, watch.Holds(lane), watch.Target(lane), watch.VinylEnds(lane), watch.BlankEnds(lane), watch.DyeMoves(lane),
                watch.BondWithinLimits(lane) / target), times, watch.Bare(lane), watch.LnBond(lane), watch.LnHeatDose(lane)))];
    }
}
