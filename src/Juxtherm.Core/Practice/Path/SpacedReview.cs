namespace Juxtherm.Core.Practice.Path;

/// <summary>When a case comes again: SM-2, the formula of P. A. Woźniak ("Optimization of repetition spacing in the practice of learning",
/// 1990), which asks at growing intervals what went well, and tomorrow what did not.</summary>
/// <param name="Repetitions">How often in a row it went well.</param>
/// <param name="Ease">How much longer each interval is than the one before, at least 1.3.</param>
/// <param name="IntervalDays">Days until it comes again.</param>
public sealed record SpacedReview(int Repetitions, double Ease, int IntervalDays)
{
    private const double LeastEase = 1.3;
    private const int FirstDays = 1;
    private const int SecondDays = 6;

    /// <summary>Below this it did not go well.</summary>
    public const int Passed = 3;

    /// <summary>Before the first time.</summary>
    public static SpacedReview New { get; } = new(0, 2.5, 0);

    /// <summary>After it was done once more.</summary>
    /// <param name="quality">How well it went: 5 without a slip, 3 just so, below that not; 0 to 5.</param>
    public SpacedReview After(int quality)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(quality);
        ArgumentOutOfRangeException.ThrowIfGreaterThan(quality, 5);
        var off = 5 - quality;
        var ease = Math.Max(LeastEase, Ease + 0.1 - off * (0.08 + off * 0.02));
        if (quality < Passed)
            return new SpacedReview(0, ease, FirstDays);
        var days = Repetitions switch
        {
            0 => FirstDays,
            1 => SecondDays,
            // Twelve days are twelve, whatever binary fractions make of them.
            _ => (int)Math.Ceiling(Math.Round(IntervalDays * ease, 6)),
        };
        return new SpacedReview(Repetitions + 1, ease, days);
    }
}
