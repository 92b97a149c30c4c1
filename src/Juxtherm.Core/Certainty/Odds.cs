using MathNet.Numerics.Distributions;

namespace Juxtherm.Core.Certainty;

/// <summary>Chances, read from tables, and how small they have to be.</summary>
public static class Odds
{
    /// <summary>A setting may come out short as often as this: 3 in 100.</summary>
    public const double MostShort = 0.03;

    /// <summary>What is still called 3 in 100.</summary>
    public const double StillMostShort = 0.035;

    /// <summary>A setting may harm as often as this: 1 in 100.</summary>
    public const double MostHarm = 0.01;

    /// <summary>A stated error is read as the span of nine in ten: so many standard deviations.</summary>
    public const double SpreadsInError = 1.645;

    // One thing in ten is further off than its kind; for those the spread is so many times as wide (from memory).
    private const double StrangeShare = 0.1;
    private const double StrangeFactor = 2.5;

    // Beyond so many standard deviations the chance is none or certain.
    private const double Reach = 8;
    private const int StepsPerOne = 256;
    private static readonly double[] Table = [.. Enumerable.Range(0, (int)(2 * Reach * StepsPerOne) + 2)
        .Select(i => Normal.CDF(0, 1, i / (double)StepsPerOne - Reach))];

    /// <summary>So many spreads beyond what is expected leave <see cref="MostShort"/>.</summary>
    public static double SpreadsUntilSure { get; } = Spreads(MostShort);

    /// <summary>So many standard deviations of a normal law leave <see cref="MostHarm"/>.</summary>
    public static double SpreadsUntilHarm { get; } = -Normal.InvCDF(0, 1, MostHarm);

    /// <summary>The chance of a standard normal draw below x, off by less than 2e-6: read between the lines of a table.</summary>
    /// <param name="x">In standard deviations.</param>
    public static double Below(double x)
    {
        var at = (x + Reach) * StepsPerOne;
        if (at <= 0)
            return 0;
        if (at >= 2 * Reach * StepsPerOne)
            return 1;
        var line = (int)at;
        return Table[line] + (at - line) * (Table[line + 1] - Table[line]);
    }

    /// <summary>The chance that what a face wants lies beyond so much: normal, but one in ten stranger than its kind.</summary>
    /// <param name="spreads">In standard deviations of its kind.</param>
    public static double Beyond(double spreads) =>
        (1 - StrangeShare) * Below(-spreads) + StrangeShare * Below(-spreads / StrangeFactor);

    /// <summary>How many spreads beyond what is expected leave such a chance.</summary>
    /// <param name="chance">Above 0, below 1.</param>
    public static double Spreads(double chance)
    {
        var (low, high) = (-Reach * StrangeFactor, Reach * StrangeFactor);
        while (high - low > 1e-6)
        {
            var middle = (low + high) / 2;
            (low, high) = Beyond(middle) > chance ? (middle, high) : (low, middle);
        }

        return (low + high) / 2;
    }

    /// <summary>The weight of a value under that law, up to a factor.</summary>
    /// <param name="x">How far it is off, in the same unit as the spread.</param>
    /// <param name="spread">Standard deviation of its kind, above 0.</param>
    internal static double Weight(double x, double spread)
    {
        double Bell(double s) => Math.Exp(-x * x / (2 * s * s)) / s;
        return (1 - StrangeShare) * Bell(spread) + StrangeShare * Bell(spread * StrangeFactor);
    }
}
