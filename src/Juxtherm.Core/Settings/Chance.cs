namespace Juxtherm.Core.Settings;

/// <summary>Chances of the normal distribution.</summary>
public static class Chance
{
    // Beyond so many standard deviations the chance is none or certain.
    private const double Reach = 8;
    private const int StepsPerOne = 256;
    private static readonly double[] Table = [.. Enumerable.Range(0, (int)(2 * Reach * StepsPerOne) + 2)
        .Select(i => Exactly(i / (double)StepsPerOne - Reach))];

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

    /// <summary>The same from a polynomial.</summary>
    /// <remarks>Abramowitz and Stegun, Handbook of Mathematical Functions, 26.2.17: off by less than 7.5e-8.</remarks>
    private static double Exactly(double x)
    {
        if (x < 0)
            return 1 - Exactly(-x);
        var t = 1 / (1 + 0.2316419 * x);
        var tail = t * (0.319381530 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
        return 1 - Math.Exp(-x * x / 2) / Math.Sqrt(2 * Math.PI) * tail;
    }
}
