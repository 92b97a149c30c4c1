using Juxtherm.Core.Settings;

namespace Juxtherm.Core.Plans.Patches;

/// <summary>
/// What is believed of the bond that a face wants, as a multiple of what the plan takes it to want: chances over a grid of its logarithm. A
/// patch
/// shifts them and never rules anything out: a hand slips, a corner catches, a patch is pressed on the one thick thread.
/// </summary>
public sealed class PatchBelief
{
    private const double MostLn = 2.5;
    private const double StepLn = 0.05;

    // Spread of ln of the bond from one patch to the next, and the share of patches that say nothing (from memory, tried in simulation).
    private const double PatchSpread = 0.2;
    private const double SaysNothing = 0.04;

    // One face in ten is further off than its kind; for those the spread is so many times as wide (from memory).
    private const double StrangeShare = 0.1;
    private const double StrangeFactor = 2.5;

    private static readonly double[] Grid = [.. Enumerable.Range(0, (int)Math.Round(2 * MostLn / StepLn) + 1)
        .Select(i => -MostLn + i * StepLn)];
    private readonly double[] _chances;

    private PatchBelief(double[] chances)
    {
        var sum = chances.Sum();
        _chances = [.. chances.Select(c => c / sum)];
    }

    /// <summary>The mean of the logarithm.</summary>
    public double Mean => Grid.Zip(_chances, (x, c) => x * c).Sum();

    /// <summary>The standard deviation of the logarithm.</summary>
    public double Spread => Mean is var mean ? Math.Sqrt(Grid.Zip(_chances, (x, c) => (x - mean) * (x - mean) * c).Sum()) : 0;

    /// <summary>What is believed before any patch.</summary>
    /// <param name="spread">Standard deviation of the logarithm.</param>
    public static PatchBelief Before(double spread) =>
        new([.. Grid.Select(x => (1 - StrangeShare) * Normal(x, spread) + StrangeShare * Normal(x, spread * StrangeFactor))]);

    private static double Normal(double x, double spread) => Math.Exp(-x * x / (2 * spread * spread)) / spread;

    /// <summary>What is believed after a patch that held or lifted.</summary>
    /// <param name="lnMargin">ln of the bond that it had over the bond that is taken to hold.</param>
    /// <param name="held">It held.</param>
    public PatchBelief After(double lnMargin, bool held) => new([.. Grid.Zip(_chances, (x, c) =>
        c * (SaysNothing / 2 + (1 - SaysNothing) * Chance.Below((held ? 1 : -1) * (lnMargin - x) / PatchSpread)))]);

    /// <summary>The multiple below which it lies with such a chance.</summary>
    /// <param name="share">0 to 1.</param>
    public double Quantile(double share)
    {
        var sum = 0.0;
        for (var i = 0; i < Grid.Length; i++)
        {
            if (sum + _chances[i] >= share)
                return Math.Exp(Grid[i] + ((share - sum) / _chances[i] - 0.5) * StepLn);
            sum += _chances[i];
        }

        return Math.Exp(MostLn);
    }
}
