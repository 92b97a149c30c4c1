namespace Juxtherm.Core.Certainty;

/// <summary>How a test patch came out, as far as the bond goes.</summary>
public enum Pulled
{
    /// <summary>It holds.</summary>
    Holds,

    /// <summary>An edge or a corner lifts.</summary>
    LiftsALittle,

    /// <summary>It comes off.</summary>
    ComesOff,
}

/// <summary>
/// What is believed of the bond that a face wants, as a multiple of what the plan takes it to want, and of how much more than modeled the
/// bond grows with pressure: chances over a grid of both. A patch shifts them and never rules anything out: a hand slips, a corner catches,
/// a patch is pressed on the one thick thread.
/// </summary>
public sealed class PatchBelief
{
    private const double MostLn = 2.5;
    private const double StepLn = 0.05;
    private const double MostPower = 0.4;
    private const double StepPower = 0.08;

    // How far the power of pressure may be off (from memory: literature on contact has powers from a third to one).
    private const double PowerSpread = 0.15;

    // Nobody is surer than this: pieces differ.
    private const double LeastSpread = 0.08;

    // Spread of ln of the bond from one patch to the next, how far below what is wanted a bond lifts but a little, and the share of patches
    // that say nothing (from memory, tried in simulation).
    private const double PatchSpread = 0.2;
    private const double LittleBelow = 0.35;
    private const double SaysNothing = 0.04;
    private const double Kinds = 3;

    private static readonly double[] Grid = [.. Enumerable.Range(0, (int)Math.Round(2 * MostLn / StepLn) + 1)
        .Select(i => -MostLn + i * StepLn)];
    private static readonly double[] Powers = [.. Enumerable.Range(0, (int)Math.Round(2 * MostPower / StepPower) + 1)
        .Select(i => -MostPower + i * StepPower)];

    // By power, then by bond wanted.
    private readonly double[][] _chances;
    private readonly double[] _wanted;

    private PatchBelief(double[][] chances)
    {
        var sum = chances.Sum(c => c.Sum());
        _chances = Array.ConvertAll(chances, row => Array.ConvertAll(row, c => c / sum));
        _wanted = [.. Grid.Select((_, i) => _chances.Sum(row => row[i]))];
    }

    /// <summary>The mean of the logarithm of the bond wanted.</summary>
    public double Mean => Grid.Zip(_wanted, (x, c) => x * c).Sum();

    /// <summary>The standard deviation of that logarithm.</summary>
    public double Spread => SpreadOf(Grid, _wanted);

    /// <summary>The standard deviation of the power of pressure.</summary>
    public double SpreadOfPower => SpreadOf(Powers, [.. _chances.Select(row => row.Sum())]);

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
        new([.. Powers.Select(p => Math.Exp(-p * p / (2 * PowerSpread * PowerSpread)))
            .Select(power => Grid.Select(x => Odds.Weight(x, spread) * power).ToArray())]);

    /// <summary>What is believed after a patch.</summary>
    /// <param name="lnMargin">ln of the bond that it had by the model over the bond that is taken to hold.</param>
    /// <param name="pulled">How it came out.</param>
    /// <param name="lnPressure">ln of its pressure over the plan's.</param>
    public PatchBelief After(double lnMargin, Pulled pulled, double lnPressure = 0) =>
        new([.. _chances.Select((row, p) => row.Select((c, i) =>
        {
            var off = lnMargin + Powers[p] * lnPressure - Grid[i];
            return c * (SaysNothing / Kinds + (1 - SaysNothing) * Chance(pulled, off));
        }).ToArray())]);

    /// <summary>The multiple below which it lies with such a chance.</summary>
    /// <param name="share">0 to 1.</param>
    public double Quantile(double share) => Quantile(share, _wanted);

    /// <summary>The multiple of what the model gives at another pressure that is wanted there: with such a chance it is
    /// less.</summary>
    /// <param name="share">0 to 1.</param>
    /// <param name="lnPressure">ln of that pressure over the plan's.</param>
    public double QuantileAt(double share, double lnPressure)
    {
        var there = new double[Grid.Length];
        for (var p = 0; p < Powers.Length; p++)
        {
            // What the power moves it by, shared out between the two places next to it.
            var moved = Powers[p] * lnPressure / StepLn;
            var (whole, part) = ((int)Math.Floor(moved), moved - Math.Floor(moved));
            for (var i = 0; i < Grid.Length; i++)
            {
                there[Math.Clamp(i - whole, 0, Grid.Length - 1)] += _chances[p][i] * (1 - part);
                there[Math.Clamp(i - whole - 1, 0, Grid.Length - 1)] += _chances[p][i] * part;
            }
        }

        return Quantile(share, there);
    }

    /// <summary>How much of the spread one more patch would leave on the whole, 0 to 1.</summary>
    /// <param name="lnMargin">ln of the bond that it would have over the bond that is taken to hold.</param>
    public double LeftAfter(double lnMargin)
    {
        var left = 0.0;
        foreach (var pulled in Enum.GetValues<Pulled>())
        {
            var chance = Grid.Zip(_wanted, (x, c) => c * (SaysNothing / Kinds + (1 - SaysNothing) * Chance(pulled, lnMargin - x))).Sum();
            var then = After(lnMargin, pulled).Spread;
            left += chance * then * then;
        }

        return Math.Sqrt(left) / Spread;
    }

    /// <summary>How likely a patch comes out so.</summary>
    /// <param name="pulled">How.</param>
    /// <param name="off">ln of its bond over what is wanted.</param>
    private static double Chance(Pulled pulled, double off)
    {
        var (holds, hangs) = (Odds.Below(off / PatchSpread), Odds.Below((off + LittleBelow) / PatchSpread));
        return pulled switch { Pulled.Holds => holds, Pulled.LiftsALittle => hangs - holds, _ => 1 - hangs };
    }

    private static double SpreadOf(double[] at, double[] chances)
    {
        var mean = at.Zip(chances, (x, c) => x * c).Sum();
        return Math.Sqrt(at.Zip(chances, (x, c) => (x - mean) * (x - mean) * c).Sum());
    }

    private static double Quantile(double share, double[] chances)
    {
        var sum = 0.0;
        for (var i = 0; i < Grid.Length; i++)
        {
            if (sum + chances[i] >= share)
                return Math.Exp(Grid[i] + ((share - sum) / chances[i] - 0.5) * StepLn);
            sum += chances[i];
        }

        return Math.Exp(MostLn);
    }
}
