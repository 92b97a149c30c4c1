using System.Runtime.Intrinsics;

namespace Juxtherm.Core.Heat;

/// <summary>
/// Heat counted the way thermal processing counts it (the z-value method behind F₀ of sterilisation): seconds at a reference
/// temperature that would do as much, ∫ 10^((T − T_ref)/z) dt.
/// </summary>
/// <param name="ReferenceCelsius">The temperature at which one second counts one, °C.</param>
/// <param name="ZKelvin">The rise that makes a second count ten times, K, above zero.</param>
/// <param name="ThresholdCelsius">Below this nothing counts, °C.</param>
public sealed record DoseScale(double ReferenceCelsius, double ZKelvin, double ThresholdCelsius = double.NegativeInfinity)
{
    private const double FlatExponent = 1e-4;

    /// <summary>How many reference seconds one second at this temperature is worth.</summary>
    public double Rate(double celsius) => celsius < ThresholdCelsius ? 0 : Math.Exp(Math.Log(10) / ZKelvin * (celsius - ReferenceCelsius));

    /// <summary>
    /// Reference seconds gathered while the temperature runs in a straight line between two values: exact for that line, the
    /// crossing of the threshold included.
    /// </summary>
    /// <param name="fromCelsius">At the start, °C.</param>
    /// <param name="toCelsius">At the end, °C.</param>
    /// <param name="seconds">Duration, s.</param>
    public double Gathered(double fromCelsius, double toCelsius, double seconds)
    {
        if (fromCelsius < ThresholdCelsius && toCelsius < ThresholdCelsius)
            return 0;
        if (fromCelsius < ThresholdCelsius)
            return Gathered(ThresholdCelsius, toCelsius, seconds * (toCelsius - ThresholdCelsius) / (toCelsius - fromCelsius));
        if (toCelsius < ThresholdCelsius)
            return Gathered(fromCelsius, ThresholdCelsius, seconds * (fromCelsius - ThresholdCelsius) / (fromCelsius - toCelsius));
        var exponent = Math.Log(10) / ZKelvin * (toCelsius - fromCelsius);
        var start = Rate(fromCelsius);
        // (e^x − 1)/x, by its series where the difference would cancel.
        var mean = Math.Abs(exponent) < FlatExponent ? 1 + exponent / 2 + exponent * exponent / 6 : (Math.Exp(exponent) - 1) / exponent;
        return start * mean * seconds;
    }

    /// <summary>How many reference seconds one second is worth, as if there were no threshold, in each lane.</summary>
    /// <param name="celsius">°C.</param>
    internal Lanes Rate(Lanes celsius) =>
        Vector256.Exp((celsius - LaneMath.All(ReferenceCelsius)) * (Math.Log(10) / ZKelvin));

    /// <summary>The same as <see cref="Gathered(double, double, double)"/> in four lanes, where the rates at both ends are known.</summary>
    internal Lanes Gathered(Lanes fromCelsius, Lanes fromRate, Lanes toCelsius, Lanes toRate, double seconds)
    {
        var threshold = LaneMath.All(ThresholdCelsius);
        var (startsBelow, endsBelow) = (Vector256.LessThan(fromCelsius, threshold), Vector256.LessThan(toCelsius, threshold));
        if (Vector256.EqualsAll(startsBelow & endsBelow, Lanes.AllBitsSet))
            return Lanes.Zero;
        var exponent = (toCelsius - fromCelsius) * (Math.Log(10) / ZKelvin);
        // A straight line's mean rate; where it hardly rises, the mean of both ends is as good and does not cancel.
        var flat = Vector256.LessThan(Vector256.Abs(exponent), LaneMath.All(FlatExponent));
        var mean = Vector256.ConditionalSelect(flat, (fromRate + toRate) / 2, (toRate - fromRate) / exponent);
        if ((startsBelow | endsBelow) == Lanes.Zero)
            return mean * seconds;
        Span<double> gathered = stackalloc double[LaneMath.Count];
        for (var lane = 0; lane < LaneMath.Count; lane++)
            gathered[lane] = Gathered(fromCelsius[lane], toCelsius[lane], seconds);
        return LaneMath.From(gathered);
    }
}

/// <summary>A running total of a dose in each lane.</summary>
/// <param name="scale">How seconds are counted.</param>
/// <param name="startCelsius">Temperature at the start, °C.</param>
public sealed class DoseMeter(DoseScale scale, Lanes startCelsius)
{
    private Lanes _total;
    private Lanes _last = startCelsius;
    private Lanes _lastRate = scale.Rate(startCelsius);

    /// <summary>A meter that stands where this one does.</summary>
    public DoseMeter Copy() => new(scale, _last) { _total = _total };

    /// <summary>Reference seconds so far in a lane.</summary>
    /// <param name="lane">0 to 3.</param>
    public double Total(int lane) => _total[lane];

    /// <summary>Advances over one step.</summary>
    /// <param name="nowCelsius">Temperature at the step's end, °C.</param>
    /// <param name="seconds">Length of the step, s.</param>
    /// <param name="weight">What a second counts for in each lane.</param>
    public void Advance(Lanes nowCelsius, double seconds, Lanes weight)
    {
        var rate = scale.Rate(nowCelsius);
        _total += weight * scale.Gathered(_last, _lastRate, nowCelsius, rate, seconds);
        (_last, _lastRate) = (nowCelsius, rate);
    }

    /// <summary>Forgets the last temperature, as when the stack was rearranged; the total stays.</summary>
    public void Restart(Lanes nowCelsius) => (_last, _lastRate) = (nowCelsius, scale.Rate(nowCelsius));
}
