namespace Juxtherm.Core.Certainty;

/// <summary>
/// What is believed of the bond that a face wants, as a multiple of what the plan takes it to want: chances over a grid of its logarithm. A
/// patch
/// shifts them and never rules anything out: a hand slips, a corner catches, a patch is pressed on the one thick thread.
/// </summary>
public sealed class PatchBelief
{
    private const double MostLn = 2.5;
    private const double StepLn = 0.05;

    // Nobody is surer than this: pieces differ.
    private const double LeastSpread = 0.08;

    // Spread of ln of the bond from one patch to the next, and the share of patches that say nothing (from memory, tried in simulation).
    private const double PatchSpread = 0.2;
    private const double SaysNothing = 0.04;

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

    /// <summary>The multiple that it is as likely below as above.</summary>
    public double Middle => Quantile(0.5);

    /// <summary>The spread of a law of the usual shape round a multiple that leaves as much above what has to be met as this
    /// does.</summary>
    /// <param name="middle">The multiple, above 0.</param>
    public double SpreadAbove(double middle) =>
        Math.Max(LeastSpread, (Math.Log(Quantile(1 - Odds.MostShort)) - Math.Log(middle)) / Odds.SpreadsUntilSure);

    /// <summary>What is believed before any patch.</summary>
    /// <param name="spread">Standard deviation of the logarithm.</param>
    public static PatchBelief Before(double spread) =>
        new([.. Grid.Select(x => Odds.Weight(x, spread))]);

    /// <summary>What is believed after a patch that held or lifted.</summary>
    /// <param name="lnMargin">ln of the bond that it had over the bond that is taken to hold.</param>
    /// <param name="held">It held.</param>
    public PatchBelief After(double lnMargin, bool held) => new([.. Grid.Zip(_chances, (x, c) =>
        c * (SaysNothing / 2 + (1 - SaysNothing) * Odds.Below((held ? 1 : -1) * (lnMargin - x) / PatchSpread)))]);

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
