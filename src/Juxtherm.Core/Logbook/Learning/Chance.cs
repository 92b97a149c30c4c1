namespace Juxtherm.Core.Logbook.Learning;

/// <summary>Chances of the normal distribution.</summary>
public static class Chance
{
    /// <summary>The chance of a standard normal draw below x.</summary>
    /// <param name="x">In standard deviations.</param>
    /// <remarks>Abramowitz and Stegun, Handbook of Mathematical Functions, 26.2.17: off by less than 7.5e-8.</remarks>
    public static double Below(double x)
    {
        if (x < 0)
            return 1 - Below(-x);
        var t = 1 / (1 + 0.2316419 * x);
        var tail = t * (0.319381530 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
        return 1 - Math.Exp(-x * x / 2) / Math.Sqrt(2 * Math.PI) * tail;
    }
}
