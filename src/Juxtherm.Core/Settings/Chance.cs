using MathNet.Numerics.Distributions;

namespace Juxtherm.Core.Settings;

/// <summary>Chances of the normal distribution.</summary>
public static class Chance
{
    // Beyond so many standard deviations the chance is none or certain.
    private const double Reach = 8;
    private const int StepsPerOne = 256;
    private static readonly double[] Table = [.. Enumerable.Range(0, (int)(2 * Reach * StepsPerOne) + 2)
        .Select(i => Normal.CDF(0, 1, i / (double)StepsPerOne - Reach))];

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
}
